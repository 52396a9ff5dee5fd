import { uniformInt } from 'pure-rand/distribution/uniformInt';
import { xoroshiro128plus } from 'pure-rand/generator/xoroshiro128plus';
import { fail, ok, type Result } from '@/core/quantity';

type Random = ReturnType<typeof xoroshiro128plus>;

/** A list in a random order, the same for the same seed. */
function shuffled<T>(random: Random, list: readonly T[]): T[] {
  const mixed = [...list];
  for (let i = mixed.length - 1; i > 0; i--) {
    const k = uniformInt(random, 0, i);
    [mixed[i], mixed[k]] = [mixed[k] as T, mixed[i] as T];
  }
  return mixed;
}

/** No trial has more boards or treatments than this: a bench has room for no more. */
const MOST_OF = 40;

/**
 * Which treatment lies on which field of which board, from one end to the other: every treatment once a board, and over all boards each as
 * often at each place as the others, within one. A Latin order, turned by shifts that are all used before one comes again.
 * @returns one order of treatments for each board; the same for the same seed
 */
export function layFields(treatments: readonly string[], boards: number, seed: number): Result<readonly (readonly string[])[]> {
  if (treatments.length < 2 || treatments.length > MOST_OF) return fail('too-large', 'treatments', { least: 2, most: MOST_OF });
  if (new Set(treatments).size !== treatments.length) return fail('invalid', 'treatments', { detail: 'each treatment once' });
  if (!Number.isInteger(boards) || boards < 1 || boards > MOST_OF)
    return fail('too-large', 'boards', { least: 1, most: MOST_OF });
  const random = xoroshiro128plus(seed);
  const order = shuffled(random, treatments);
  const places = order.map((_, i) => i);
  const shifts: number[] = [];
  while (shifts.length < boards) shifts.push(...shuffled(random, places));
  return ok(shifts.slice(0, boards).map((shift) => places.map((place) => order[(place + shift) % order.length] as string)));
}

/** A field on a board: where it begins from one end, and how long it is, mm. */
export type Field = { readonly treatment: string; readonly fromMm: number; readonly lengthMm: number };

/** Tape of this width parts the fields, mm. */
export const TAPE_MM = 6;
/** A field shorter than this cannot be coated and scored apart, mm. */
export const LEAST_FIELD_MM = 25;

/** The fields of one board along its length, with tape between them; an issue where they become too small. */
export function fieldsOn(order: readonly string[], lengthMm: number): Result<readonly Field[]> {
  const each = (lengthMm - TAPE_MM * (order.length - 1)) / order.length;
  if (!(each >= LEAST_FIELD_MM)) return fail('fields-too-small', 'lengthMm', { least: LEAST_FIELD_MM, each });
  return ok(order.map((treatment, i) => ({ treatment, fromMm: i * (each + TAPE_MM), lengthMm: each })));
}
