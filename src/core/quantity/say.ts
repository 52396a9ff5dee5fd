import { MINUTES_PER_DAY } from './duration';

/** How one kind of quantity is written: its sign, the digits it is known to, and the larger unit it moves to. */
type Writing = {
  readonly sign: string;
  /** Figures after the point, by size. */
  readonly digits: (size: number) => number;
  /** What it is held in, over what it is written in: a fraction is written in percent. */
  readonly per?: number;
  readonly larger?: { readonly from: number; readonly per: number; readonly sign: string; readonly digits: number };
};

/** As many figures as a bench scale shows. */
const ofScale = (size: number): number => (size >= 100 ? 0 : 1);
const always = (digits: number) => (): number => digits;

/** By the unit a quantity is held in. A shop that writes other units changes this table and nothing else. */
const WRITINGS = {
  g: { sign: 'g', digits: ofScale, larger: { from: 1000, per: 1000, sign: 'kg', digits: 2 } },
  ml: { sign: 'ml', digits: ofScale, larger: { from: 1000, per: 1000, sign: 'l', digits: 2 } },
  'g/ml': { sign: 'g/ml', digits: always(3) },
  'g/m²': { sign: 'g/m²', digits: always(0) },
  '°C': { sign: '°C', digits: always(1) },
  /** A difference of temperatures. */
  K: { sign: '°C', digits: always(1) },
  /** A fraction, 0 to 1. */
  fraction: { sign: '%', digits: always(0), per: 0.01 },
  mm: { sign: 'mm', digits: always(0) },
  'mm²': { sign: 'cm²', digits: always(0), per: 100 },
  h: { sign: 'h', digits: always(0) },
  W: { sign: 'W', digits: always(0) },
  'W/K': { sign: 'W/K', digits: always(1) },
} as const satisfies Readonly<Record<string, Writing>>;

/** The unit in which a quantity is held and reckoned with. */
export type HeldIn = keyof typeof WRITINGS | 'min';

/** `25 min`, `3 h 20 min`, `2 d 4 h`: the two largest units that say something. */
function duration(length: number): string {
  const whole = Math.round(Math.abs(length));
  if (whole < 60) return `${whole} min`;
  const [days, hours, rest] = [Math.floor(whole / MINUTES_PER_DAY), Math.floor((whole % MINUTES_PER_DAY) / 60), whole % 60];
  if (days > 0) return hours > 0 ? `${days} d ${hours} h` : `${days} d`;
  return rest > 0 ? `${hours} h ${rest} min` : `${hours} h`;
}

/** The figures alone, never in a larger unit, for a box or a column that names its unit: `4.2`, `755`. */
export function figure(value: number, heldIn: keyof typeof WRITINGS, digits?: number): string {
  const { per = 1, digits: usual }: Writing = WRITINGS[heldIn];
  const written = value / per;
  return written.toFixed(digits ?? usual(Math.abs(written)));
}

/**
 * A quantity as a maker reads it: `4.2 g`, `2.50 kg`, `68.0 °C`, `8 %`, `3 h 20 min`. Every text that is read says its
 * quantities by this.
 * @param digits figures after the point, where the place wants others than the usual; it is then left in its own unit
 */
export function say(value: number, heldIn: HeldIn, digits?: number): string {
  if (heldIn === 'min') return duration(value);
  const { sign, larger }: Writing = WRITINGS[heldIn];
  if (larger && digits === undefined && Math.abs(value) >= larger.from)
    return `${(value / larger.per).toFixed(larger.digits)} ${larger.sign}`;
  return `${figure(value, heldIn, digits)} ${sign}`;
}

/** A mark on a bench scale, to its tenth of a gram: what stands on it and what is still to go add up to it. `468 g`, `154.2 g` */
export const sayMark = (grams: number): string => say(grams, 'g', Math.abs(grams - Math.round(grams)) < 0.05 ? 0 : 1);

/** Sizes of one thing, the unit once: `400 × 250 × 30 mm`. */
export const saySizes = (sizes: readonly number[]): string =>
  `${sizes.map((size) => figure(size, 'mm')).join(' × ')} ${WRITINGS.mm.sign}`;
