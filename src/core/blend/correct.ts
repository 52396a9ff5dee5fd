import type { z } from 'zod';
import { check } from '@/core/contract';
import { type Catalogue, findIngredient } from '@/core/material';
import { fail, ok, type Result } from '@/core/quantity';
import { sharesOf } from './lines';
import { CorrectInput } from './schema';

type Input<M extends string> = Extract<z.output<typeof CorrectInput>, { mode: M }>;

/** Fractions this close are the same, and a sum this close to 1 is whole. */
const SAME_FRACTION = 1e-6;
/** Grams this close are the same mass. */
const SAME_G = 1e-9;

const sumOf = (fractions: Readonly<Record<string, number>>): number => Object.values(fractions).reduce((a, b) => a + b, 0);

const isWhole = (fractions: Readonly<Record<string, number>>): boolean => Math.abs(sumOf(fractions) - 1) <= SAME_FRACTION;

export type Overpour = { readonly add: Readonly<Record<string, number>>; readonly totalG: number };

/** The smallest additions that restore the ratio: scale to the line with the largest poured/parts. */
function overpour({ lines, basis, poured }: Input<'overpour'>, catalogue: Catalogue): Result<Overpour> {
  const shares = sharesOf(lines, basis, catalogue);
  if (!shares.ok) return shares;
  const known = new Set(lines.map((line) => line.ingredient));
  const stray = Object.keys(poured).find((id) => !known.has(id));
  if (stray) return fail('unknown-line', `poured.${stray}`, { id: stray });
  const totalG = Math.max(...shares.value.map(({ ingredient, w }) => (poured[ingredient.id] ?? 0) / w));
  if (totalG <= 0) return fail('nothing-poured', 'poured');
  const add = shares.value.map(({ ingredient, w }) => [ingredient.id, Math.max(0, w * totalG - (poured[ingredient.id] ?? 0))]);
  return ok({ add: Object.fromEntries(add), totalG });
}

/** `x = M(w* − w)/(1 − w*)`: grams of one ingredient that bring its fraction to the target. */
function retarget(
  { massG, fractions, target, add }: Input<'retarget'>,
  catalogue: Catalogue,
): Result<{ addG: number; totalG: number }> {
  const wanted = target[add];
  if (wanted === undefined) return fail('required', `target.${add}`);
  if (sumOf(fractions) > 1 + SAME_FRACTION) return fail('fractions-sum', 'fractions', { sum: sumOf(fractions) });
  if (wanted >= 1) return fail('target-out-of-reach', `target.${add}`, { wanted });
  const addG = (massG * (wanted - (fractions[add] ?? 0))) / (1 - wanted);
  if (addG < 0) {
    const others = Object.entries(fractions).filter(([id]) => id !== add);
    const instead = others.sort((a, b) => b[1] - a[1])[0]?.[0] ?? '';
    return fail('add-other', 'add', { add, instead: findIngredient(instead, catalogue)?.name ?? instead });
  }
  return ok({ addG, totalG: massG + addG });
}

export type Marriage = { readonly fromAG: number; readonly fromBG: number; readonly totalG: number };

/** Masses from two lots so that the mix has the target fraction: shares `a = (t − f_b)/(f_a − f_b)` and `1 − a`. */
function marry({ a, b, target, wantG }: Input<'marry'>): Result<Marriage> {
  if (a.fraction === b.fraction) return fail('same-fractions', 'b.fraction', { fraction: a.fraction });
  const shareA = (target - b.fraction) / (a.fraction - b.fraction);
  const shareB = 1 - shareA;
  if (shareA < 0 || shareB < 0) {
    const [least, most] = [Math.min(a.fraction, b.fraction), Math.max(a.fraction, b.fraction)];
    return fail('target-out-of-reach', 'target', { wanted: target, least, most });
  }
  const most = Math.min(shareA > 0 ? a.massG / shareA : Infinity, shareB > 0 ? b.massG / shareB : Infinity);
  if (wantG !== undefined && wantG > most + SAME_G) return fail('want-too-much', 'wantG', { most });
  const totalG = Math.min(wantG ?? most, most);
  return ok({ fromAG: totalG * shareA, fromBG: totalG * shareB, totalG });
}

/** Solvent lost through the lid: what should be there less what is, by weighing the bottle. */
function topup({ grossG, tareG, originalNetG, usedG, volatile }: Input<'topup'>): Result<{ lostG: number; addG: number }> {
  if (grossG < tareG) return fail('bottle-gained', 'grossG', { grossG, tareG });
  const lostG = originalNetG - usedG - (grossG - tareG);
  const solventG = (originalNetG - usedG) * volatile.fraction;
  if (lostG < -SAME_G) return fail('bottle-gained', 'grossG', { gainedG: -lostG });
  if (lostG > solventG + SAME_G) return fail('lost-more-than-solvent', 'grossG', { lostG, solventG });
  return ok({ lostG, addG: lostG });
}

/** `addG = concentrateG·t/(1 − t)` of the one volatile ingredient the concentrate lacks. */
function letDown(
  { concentrateG, fractions, target }: Input<'let-down'>,
  catalogue: Catalogue,
): Result<{ add: string; addG: number; totalG: number }> {
  if (!isWhole(fractions)) return fail('fractions-sum', 'fractions', { sum: sumOf(fractions) });
  if (!isWhole(target)) return fail('fractions-sum', 'target', { sum: sumOf(target) });
  const missing = Object.keys(target).filter((id) => (target[id] ?? 0) > 0 && !((fractions[id] ?? 0) > 0));
  const [id] = missing;
  if (missing.length !== 1 || id === undefined || findIngredient(id, catalogue)?.volatileFraction !== 1) {
    return fail('not-one-volatile', 'target', { missing: missing.join(', ') });
  }
  const t = target[id] ?? 0;
  const skewed = Object.keys({ ...fractions, ...target }).find(
    (other) => other !== id && Math.abs((target[other] ?? 0) / (1 - t) - (fractions[other] ?? 0)) > SAME_FRACTION,
  );
  if (skewed || t >= 1) return fail('not-in-proportion', `target.${skewed ?? id}`);
  const addG = (concentrateG * t) / (1 - t);
  return ok({ add: id, addG, totalG: concentrateG + addG });
}

export type Correction = Overpour | { readonly addG: number } | Marriage;

/** Puts a slip right (calc.md, 4): overpour, retarget, marry, topup or let-down. Masses in g, fractions 0–1. */
export function correct(input: unknown, catalogue: Catalogue): Result<Correction> {
  const checked = check(CorrectInput, input);
  if (!checked.ok) return checked;
  const slip = checked.value;
  switch (slip.mode) {
    case 'overpour':
      return overpour(slip, catalogue);
    case 'retarget':
      return retarget(slip, catalogue);
    case 'marry':
      return marry(slip);
    case 'topup':
      return topup(slip);
    case 'let-down':
      return letDown(slip, catalogue);
  }
}
