import { z } from 'zod';

/**
 * The most that any number of a calculation may be. Past it a digit or a unit slipped, and what comes out would be no number at all.
 * Source: far beyond what a small workshop makes; house rule.
 */
export const MOST = {
  grams: 1e8,
  millilitres: 1e8,
  millimetres: 1e5,
  squareMillimetres: 1e11,
  count: 1e6,
  parts: 1e6,
  price: 1e7,
  gramsPerMl: 25,
  letters: 200,
  lines: 60,
  rows: 200_000,
} as const;

/** A name, an id, a moment: text that is looked at, never longer than this. */
export const shortText = z.string().max(MOST.letters);
/** A number above zero, and one that may be nothing, each with its bound. */
export const above = (most: number) => z.number().positive().max(most);
export const atLeastNone = (most: number) => z.number().min(0).max(most);
/** Something for each of a number of names; no more of them than a list may have lines. How many may come is said in the schema itself. */
export const byName = <T extends z.ZodType>(value: T) =>
  z
    .record(shortText, value)
    .refine((record) => Object.keys(record).length <= MOST.lines * 10, {
      params: { code: 'too-many', with: { most: MOST.lines * 10 } },
    })
    .meta({ most: MOST.lines * 10 });
