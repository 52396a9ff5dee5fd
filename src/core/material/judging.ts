import type { Contact } from './kinds';
import type { Ingredient } from './schema';

/** Wax is judged by the thumbnail in this warmth alone, °C: colder it crumbles whatever is in it, warmer it dents. Source: practice of the trade. */
export const THUMBNAIL_C = { least: 18, most: 24 } as const;

/** Whether a check of a lot says anything at the warmth it was made in; null where nobody said how warm. Only the thumbnail asks. */
export function saysAnything(kind: string, tempC: number | null): boolean | null {
  if (kind !== 'thumbnail') return true;
  return tempC === null ? null : tempC >= THUMBNAIL_C.least && tempC <= THUMBNAIL_C.most;
}

/** Checks of a lot that, failed, make it doubtful wherever it stands. */
export const DOUBTS = ['smell', 'thumbnail'] as const;
export type Doubt = (typeof DOUBTS)[number];

type Judged = { readonly kind: string; readonly pass: boolean; readonly tempC: number | null };
/** What speaks against a lot: the gravest of its checks whose latest one failed, leaving out what was judged where it says nothing. */
export function doubtOf(checks: readonly Judged[]): Doubt | null {
  const telling = checks.filter((one) => saysAnything(one.kind, one.tempC) !== false);
  return DOUBTS.find((kind) => telling.findLast((one) => one.kind === kind)?.pass === false) ?? null;
}

/** A bought lot that meets food is asked for its supplier's word, as long as no paper on file states it and some is left. */
export const asksPaper = (lot: {
  readonly kind: string;
  readonly contact: Contact | null;
  readonly statements: readonly string[];
  readonly leftG: number;
}): boolean =>
  (lot.kind === 'bought' || lot.kind === 'ready') &&
  lot.leftG > 0 &&
  (lot.contact === 'food-grade' || lot.contact === 'once-cured') &&
  !lot.statements.includes('food');

/** Which materials a known piece is worth keeping of: what is judged by eye, nose and nail when it comes in. */
export const worthKeeping = ({ family }: Pick<Ingredient, 'family'>): boolean =>
  family === 'wax' || family === 'resin' || family.endsWith('oil');
