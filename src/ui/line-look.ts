/** What things that are compared are called, in their order. */
export const LINE_LETTERS = 'ABCDEFGHIJKLMNOPQRSTUVWXYZ';

const TONES = ['var(--plain)', 'var(--moss)', 'var(--never)', 'var(--wax)', 'var(--resin)', 'var(--solvent)'] as const;
const DASHES = ['0', '8 3', '3 3', '12 3 3 3', '6 2', '2 5'] as const;

/** A colour for the one that stands at a place; never told by it alone. */
export const toneOf = (at: number): string => TONES[at % TONES.length] ?? 'var(--ink)';
/** How its line is broken. */
export const dashOf = (at: number): string => DASHES[at % DASHES.length] ?? '0';
