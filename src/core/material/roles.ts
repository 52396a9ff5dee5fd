/**
 * What a material is in the work. `hard-wax` is a bare wax or a blend of it that is rubbed on from the lump; `hard-wax-oil` is the bought
 * finish of that name. Source: practice.md, "The work as it comes".
 */
export const ROLES = [
  'neat-oil',
  'thinned-oil',
  'oil-wax',
  'hard-wax-oil',
  'paste',
  'hard-wax',
  'resin-seal',
  'polish',
  'varnish',
  'paint',
  'colour',
  'filler',
] as const;
export type Role = (typeof ROLES)[number];
