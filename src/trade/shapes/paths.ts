/** What a small drawing is made of: paths in a box of its own. */
export type Drawn = {
  readonly width: number;
  readonly height: number;
  /** The piece itself. */
  readonly body: string;
  /** What lies deeper or in shade: an edge, a hollow, a groove. */
  readonly shade: string;
  /** The lines of its grain. */
  readonly grain: string;
  /** Cut right through. */
  readonly hole: string;
};

/** How high a look is drawn at most, and how wide. */
export const HIGH = 40;
export const WIDE = 76;

export const n = (value: number): string => String(Math.round(value * 10) / 10);
export const rounded = (x: number, y: number, w: number, h: number, r: number): string =>
  `M${n(x + r)} ${n(y)}h${n(w - 2 * r)}a${n(r)} ${n(r)} 0 0 1 ${n(r)} ${n(r)}v${n(h - 2 * r)}a${n(r)} ${n(r)} 0 0 1 ${n(-r)} ${n(r)}h${n(2 * r - w)}a${n(r)} ${n(r)} 0 0 1 ${n(-r)} ${n(-r)}v${n(2 * r - h)}a${n(r)} ${n(r)} 0 0 1 ${n(r)} ${n(-r)}Z`;
export const oval = (x: number, y: number, rx: number, ry: number): string =>
  `M${n(x - rx)} ${n(y)}a${n(rx)} ${n(ry)} 0 1 0 ${n(2 * rx)} 0a${n(rx)} ${n(ry)} 0 1 0 ${n(-2 * rx)} 0Z`;
/** Even steps between two ends, neither of them included. */
export const between = (count: number, from: number, to: number): number[] =>
  Array.from({ length: count }, (_, i) => from + ((to - from) * (i + 1)) / (count + 1));

/** Into the box a look is drawn in: millimetres to its units. */
export const scaleTo = (wide: number, high: number): number => Math.min(WIDE / wide, HIGH / high);
