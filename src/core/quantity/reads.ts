/** The units a shop's scale, jug, thermometer and rule are read in, and that a bare number is typed in. */
export const READS = {
  mass: ['g', 'oz'],
  volume: ['ml', 'us', 'imperial'],
  temperature: ['C', 'F'],
  length: ['mm', 'in'],
} as const;

export type Reads = { readonly [K in keyof typeof READS]: (typeof READS)[K][number] };

/** What is kept, exchanged and reckoned with, whatever is read. */
export const BASE_READS: Reads = { mass: 'g', volume: 'ml', temperature: 'C', length: 'mm' };
