/** Where what is missing of a vessel with solvent in it went; nothing while nobody said. */
export const WENT = ['', 'used', 'air'] as const;
export type Went = (typeof WENT)[number];
