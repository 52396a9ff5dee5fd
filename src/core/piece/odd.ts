import type { Geometry } from './schema';

/** Sizes past these are asked about once: a metre, and a millimetre. Source: what is made at a bench and a lathe. */
export const ODD_MM = { over: 1000, under: 1 } as const;

/** Sizes of a piece that are larger or smaller than what is usually made, mm: a slip of a unit, or meant so. */
export function oddSizes(geometry: Geometry): readonly number[] {
  const isOdd = (name: string, mm: number): boolean =>
    // Near its axis a turned form is as thin as one likes.
    mm > ODD_MM.over ? /Mm$|^(?:outer|inner)$/.test(name) : mm > 0 && mm < ODD_MM.under && /Mm$/.test(name);
  const sizes = (of: unknown, name = ''): number[] => {
    if (typeof of === 'number') return isOdd(name, of) ? [of] : [];
    if (typeof of !== 'object' || of === null) return [];
    return Object.entries(of).flatMap(([key, value]) => sizes(value, Array.isArray(of) ? name : key));
  };
  return sizes(geometry);
}
