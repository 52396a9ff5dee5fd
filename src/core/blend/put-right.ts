import { type Catalogue, findIngredient, type Ingredient } from '@/core/material';
import { atPath, fail, ok, parseMass, type Reads, type Result } from '@/core/quantity';
import { correct } from './correct';
import { waxEquivalentAt } from './feel';
import { addForFeel, PURPOSE_FEEL, PURPOSES } from './purpose';

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

const isSolvent = (lot: RightLot, catalogue: Catalogue): boolean => {
  const [only, ...more] = Object.keys(lot.composition);
  return more.length === 0 && findIngredient(only ?? '', catalogue)?.volatileFraction === 1;
};

/** What is in it, all of it known; nothing where something is not declared. */
const linesOf = ({ composition }: RightLot, catalogue: Catalogue): readonly Ingredient[] | null => {
  const found = Object.keys(composition).map((id) => findIngredient(id, catalogue));
  return found.every((one) => one !== undefined) ? found : null;
};
/** Whether it may be melted: everything in it is known, and nothing of it is never heated. */
const mayMelt = (lot: RightLot, catalogue: Catalogue): boolean =>
  linesOf(lot, catalogue)?.every((one) => !one.neverHeat) ?? false;
const holdsVolatile = (lot: RightLot, catalogue: Catalogue): boolean =>
  linesOf(lot, catalogue)?.some((one) => one.volatileFraction === 1) ?? false;

/** The ways a lot may be put right: what must not be heated is never melted again for its feel. */
export const rightsOf = (lot: RightLot, catalogue: Catalogue): readonly Right[] =>
  RIGHTS.filter((mode) =>
    mode === 'feel' || mode === 'marry'
      ? mayMelt(lot, catalogue)
      : mode === 'top-up'
        ? holdsVolatile(lot, catalogue)
        : linesOf(lot, catalogue) !== null,
  );

/** Lots that a way of putting right may take: a blend to marry or wax and oil for the feel, all of which may be melted; a solvent to top up or let down with that mixes with what is there. */
export const rightChoices = <L extends RightLot>(
  mode: Right,
  lot: RightLot,
  others: readonly L[],
  catalogue: Catalogue,
): readonly L[] =>
  others.filter((one) => {
    if (mode === 'feel') return !isSolvent(one, catalogue) && mayMelt(one, catalogue);
    if (mode === 'marry') return Object.keys(one.composition).length > 1 && mayMelt(one, catalogue);
    const kinds = new Set([...(linesOf(lot, catalogue) ?? []), ...(linesOf(one, catalogue) ?? [])].map(({ mixes }) => mixes));
    return isSolvent(one, catalogue) && kinds.size === 1;
  });

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

function marry(lot: RightLot, other: RightLot, wanted: number, catalogue: Catalogue): Result<Righted> {
  const part = (one: RightLot) => ({ massG: one.leftG, fraction: one.waxEquivalent / E_SCALE });
  const wed = correct({ mode: 'marry', a: part(lot), b: part(other), target: wanted / E_SCALE }, catalogue);
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
function volatileOf(lot: RightLot, catalogue: Catalogue): { readonly id: string; readonly fraction: number } | null {
  const found = Object.entries(lot.composition).filter(([id]) => findIngredient(id, catalogue)?.volatileFraction === 1);
  return found.length === 1 && found[0] ? { id: found[0][0], fraction: found[0][1] } : null;
}

function topUp(lot: RightLot, other: RightLot, gross: string, tare: string, reads: Reads, catalogue: Catalogue): Result<Righted> {
  const volatile = volatileOf(lot, catalogue);
  if (!volatile || !(other.composition[volatile.id] === 1)) return fail('not-one-volatile', 'other', { missing: '' });
  const [grossG, tareG] = [parseMass(gross, reads), parseMass(tare, reads)];
  if (!grossG.ok) return atPath('gross', grossG);
  if (!tareG.ok) return atPath('tare', tareG);
  const usedG = lot.receivedG - lot.leftG;
  const lost = correct(
    { mode: 'topup', grossG: grossG.value, tareG: tareG.value, originalNetG: lot.receivedG, usedG, volatile },
    catalogue,
  );
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

function letDown(lot: RightLot, other: RightLot, target: string, catalogue: Catalogue): Result<Righted> {
  const id = Object.keys(other.composition)[0] ?? '';
  const share = Number(target.replace(',', '.').replace('%', '')) / 100;
  if (!(share > 0 && share < 1)) return fail('target-out-of-reach', 'target', { wanted: share, least: 0, most: 1 });
  const has = lot.composition[id] ?? 0;
  if (share <= has) return fail('thinner-already', 'target', { has, wanted: share });
  const thin = correct(
    { mode: 'retarget', massG: lot.leftG, fractions: lot.composition, target: { [id]: share }, add: id },
    catalogue,
  );
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
export function putRight(
  lot: RightLot,
  other: RightLot | undefined,
  input: RightInput,
  ambientC: number,
  reads: Reads,
  catalogue: Catalogue,
): Result<Righted> {
  if (!rightsOf(lot, catalogue).includes(input.mode)) return fail('never-melted', 'mode', { name: lot.number });
  if (!other) return fail('required', 'other');
  switch (input.mode) {
    case 'feel':
      return feel(lot, other, wantedFeel(input.purpose, ambientC));
    case 'marry':
      return marry(lot, other, wantedFeel(input.purpose, ambientC), catalogue);
    case 'top-up':
      return topUp(lot, other, input.gross, input.tare, reads, catalogue);
    case 'let-down':
      return letDown(lot, other, input.target, catalogue);
  }
}
