/** The surfaces a finish must reach, each looked at on its own (practice.md, 5). */
export const SURFACES = [
  'underside',
  'top',
  'edges',
  'end-grain',
  'groove',
  'hole',
  'engraving',
  'outside',
  'inside',
  'foot',
  'rim',
  'bowl-inside',
  'bowl-outside',
  'handle',
  'lid',
  'recess',
  'everywhere',
] as const;
export type Surface = (typeof SURFACES)[number];
