import { correct } from './correct';
import { waxEquivalentAt } from './feel';
import { addForFeel, PURPOSE_FEEL, PURPOSES } from './purpose';
import { findIngredient } from '@/core/material';
import { fail, ok, parseMass, type Result, atPath } from '@/core/quantity';

/** A lot as far as putting right goes. */
export type RightLot = {
  readonly id: number;
  readonly number: string;
  readonly title: string;
  readonly leftG: number;
  readonly receivedG: number;
  readonly waxEquivalent: number;
  readonly composition: Readonly<Record<string, number>>;
};
export const RIGHTS = ['feel', 'marry', 'top-up', 'let-down'] as const;
export type Right = (typeof RIGHTS)[number];
export type RightInput = {
  readonly mode: Right;
  readonly other: number;
  readonly purpose: string;
  readonly gross: string;
  readonly tare: string;
  readonly target: string;
};

/** What goes together, grams of each lot, how much it makes, and what went into the air. */
export type Righted = {
  readonly mode: Right;
  readonly parts: readonly { readonly lotId: number; readonly grams: number }[];
  readonly totalG: number;
  readonly lostG: number;
};

const isSolvent = (lot: RightLot): boolean => {
  const [only, ...more] = Object.keys(lot.composition);
  return more.length === 0 && findIngredient(only ?? '')?.volatileFraction === 1;
};

/** Lots that a way of putting right may take: a blend to marry, a solvent to top up or let down with, anything else for the feel. */
export const rightChoices = <L extends RightLot>(mode: Right, others: readonly L[]): readonly L[] =>
  others.filter((one) =>
    mode === 'feel' ? !isSolvent(one) : mode === 'marry' ? Object.keys(one.composition).length > 1 : isSolvent(one),
  );

/** A marriage is reckoned in shares of 1; wax equivalents go higher, so both are measured by this. */
const E_SCALE = 4;

/** The wax equivalent wanted, counted at 20 °C, so that it feels so in this shop. */
const wantedFeel = (purpose: string, ambientC: number): number =>
  PURPOSE_FEEL[PURPOSES.find((one) => one === purpose) ?? 'board-paste'] / waxEquivalentAt(1, ambientC);

function feel(lot: RightLot, other: RightLot, wanted: number): Result<Righted> {
  const add = addForFeel(lot.leftG, lot.waxEquivalent, wanted, { id: other.number, hardening: other.waxEquivalent });
  if (!add.ok) return atPath('other', add);
  if (add.value.addG > other.leftG)
    return fail('overdrawn', 'other', { number: other.number, left: other.leftG, wanted: add.value.addG });
  const parts = [
    { lotId: lot.id, grams: lot.leftG },
    { lotId: other.id, grams: add.value.addG },
  ];
  return ok({
    mode: 'feel',
    parts,
    totalG: add.value.totalG,
    lostG: 0,
  });
}

function marry(lot: RightLot, other: RightLot, wanted: number): Result<Righted> {
  const part = (one: RightLot) => ({ massG: one.leftG, fraction: one.waxEquivalent / E_SCALE });
  const wed = correct({ mode: 'marry', a: part(lot), b: part(other), target: wanted / E_SCALE });
  if (!wed.ok) return atPath('other', wed);
  if (!('fromAG' in wed.value)) return fail('not-found', 'other');
  const { fromAG, fromBG, totalG } = wed.value;
  return ok({
    mode: 'marry',
    totalG,
    parts: [
      { lotId: lot.id, grams: fromAG },
      { lotId: other.id, grams: fromBG },
    ],
    lostG: 0,
  });
}

/** The one volatile of a lot and its share. */
function volatileOf(lot: RightLot): { readonly id: string; readonly fraction: number } | null {
  const found = Object.entries(lot.composition).filter(([id]) => findIngredient(id)?.volatileFraction === 1);
  return found.length === 1 && found[0] ? { id: found[0][0], fraction: found[0][1] } : null;
}

function topUp(lot: RightLot, other: RightLot, gross: string, tare: string): Result<Righted> {
  const volatile = volatileOf(lot);
  if (!volatile || !(other.composition[volatile.id] === 1)) return fail('not-one-volatile', 'other', { missing: '' });
  const [grossG, tareG] = [parseMass(gross), parseMass(tare)];
  if (!grossG.ok) return atPath('gross', grossG);
  if (!tareG.ok) return atPath('tare', tareG);
  const usedG = lot.receivedG - lot.leftG;
  const lost = correct({ mode: 'topup', grossG: grossG.value, tareG: tareG.value, originalNetG: lot.receivedG, usedG, volatile });
  if (!lost.ok) return atPath('gross', lost);
  if (!('lostG' in lost.value)) return fail('not-found', 'other');
  const lostG = Number(lost.value.lostG);
  return ok({
    mode: 'top-up',
    parts: [{ lotId: other.id, grams: lostG }],
    totalG: lot.leftG + lostG,
    lostG,
  });
}

function letDown(lot: RightLot, other: RightLot, target: string): Result<Righted> {
  const id = Object.keys(other.composition)[0] ?? '';
  const share = Number(target.replace(',', '.').replace('%', '')) / 100;
  if (!(share > 0 && share < 1)) return fail('target-out-of-reach', 'target', { wanted: share, least: 0, most: 1 });
  const rest = Object.fromEntries(Object.entries(lot.composition).map(([one, w]) => [one, w * (1 - share)]));
  const thin = correct({
    mode: 'let-down',
    concentrateG: lot.leftG,
    fractions: lot.composition,
    target: { ...rest, [id]: share },
  });
  if (!thin.ok) return atPath('other', thin);
  const addG = 'addG' in thin.value ? thin.value.addG : 0;
  return ok({
    parts: [
      { lotId: lot.id, grams: lot.leftG },
      { lotId: other.id, grams: addG },
    ],
    mode: 'let-down',
    totalG: lot.leftG + addG,
    lostG: 0,
  });
}

/** Reckons how a lot is put right; the bench shows it, the server reckons it again. `ambientC` is the shop's temperature. */
export function putRight(lot: RightLot, other: RightLot | undefined, input: RightInput, ambientC: number): Result<Righted> {
  if (!other) return fail('required', 'other');
  switch (input.mode) {
    case 'feel':
      return feel(lot, other, wantedFeel(input.purpose, ambientC));
    case 'marry':
      return marry(lot, other, wantedFeel(input.purpose, ambientC));
    case 'top-up':
      return topUp(lot, other, input.gross, input.tare);
    case 'let-down':
      return letDown(lot, other, input.target);
  }
}
