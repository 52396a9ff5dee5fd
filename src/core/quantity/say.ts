import { MINUTES_PER_DAY } from './duration';
import { gramsPer } from './mass';
import { BASE_READS, type Reads } from './reads';
import { millilitresPer } from './volume';

/** How one kind of quantity is written: its sign, the digits it is known to, and the larger unit it moves to. */
type Writing = {
  readonly sign: string;
  /** Figures after the point, by size. */
  readonly digits: (size: number) => number;
  /** What it is held in, over what it is written in: a fraction is written in percent. */
  readonly per?: number;
  /** Added once it is in what it is written in: the freezing point of °F. */
  readonly offset?: number;
  readonly larger?: { readonly from: number; readonly per: number; readonly sign: string; readonly digits: number };
};

/** As many figures as a bench scale shows. */
const ofScale = (size: number): number => (size >= 100 ? 0 : 1);
const always = (digits: number) => (): number => digits;

const OZ = gramsPer('oz');
const US_FL_OZ = millilitresPer('us fl oz');
const IMP_FL_OZ = millilitresPer('imp fl oz');

/** By the unit a quantity is held in, as the house reads it. */
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
export type Written = keyof typeof WRITINGS;

/** What a shop that reads other units writes instead. */
const OTHERWISE: Readonly<Record<'oz' | 'us' | 'imperial' | 'F' | 'in', Partial<Record<Written, Writing>>>> = {
  oz: {
    g: { sign: 'oz', digits: (size) => (size >= 100 ? 1 : 2), per: OZ, larger: { from: 16, per: 16, sign: 'lb', digits: 2 } },
    'g/m²': { sign: 'oz/ft²', digits: always(2), per: OZ / 0.3048 ** 2 },
  },
  us: {
    ml: {
      sign: 'fl oz',
      digits: (size) => (size >= 100 ? 0 : 1),
      per: US_FL_OZ,
      larger: { from: 128, per: 128, sign: 'gal', digits: 2 },
    },
  },
  imperial: {
    ml: {
      sign: 'imp fl oz',
      digits: (size) => (size >= 100 ? 0 : 1),
      per: IMP_FL_OZ,
      larger: { from: 160, per: 160, sign: 'imp gal', digits: 2 },
    },
  },
  F: { '°C': { sign: '°F', digits: always(0), per: 5 / 9, offset: 32 }, K: { sign: '°F', digits: always(1), per: 5 / 9 } },
  in: {
    mm: { sign: 'in', digits: (size) => (size >= 100 ? 0 : 2), per: 25.4 },
    'mm²': { sign: 'sq in', digits: always(0), per: 25.4 ** 2 },
  },
};

/** How a quantity is written in the units that are read. */
function writingOf(heldIn: Written, reads: Reads): Writing {
  const { mass, volume, temperature, length } = reads;
  for (const one of [mass, volume, temperature, length]) {
    const other = one === 'g' || one === 'ml' || one === 'C' || one === 'mm' ? undefined : OTHERWISE[one][heldIn];
    if (other) return other;
  }
  return WRITINGS[heldIn];
}

/** The sign of what a quantity is read in, for a heading over figures: `g`, `oz`. */
export const signOf = (heldIn: Written, reads: Reads): string => writingOf(heldIn, reads).sign;

/** A length of time, minutes: `25 min`, `3 h 20 min`, `2 d 4 h`: the two largest units that say something. */
export function sayMinutes(length: number): string {
  const whole = Math.round(Math.abs(length));
  if (whole < 60) return `${whole} min`;
  const [days, hours, rest] = [Math.floor(whole / MINUTES_PER_DAY), Math.floor((whole % MINUTES_PER_DAY) / 60), whole % 60];
  if (days > 0) return hours > 0 ? `${days} d ${hours} h` : `${days} d`;
  return rest > 0 ? `${hours} h ${rest} min` : `${hours} h`;
}

/** The figures alone, never in a larger unit, for a box or a column that names its unit: `4.2`, `755`. */
export function figure(value: number, heldIn: Written, reads: Reads, digits?: number): string {
  const { per = 1, offset = 0, digits: usual, sign } = writingOf(heldIn, reads);
  const written = value / per + offset;
  // Digits that a place asks for are those of the house's own unit; another unit keeps what it is read to.
  const asked = sign === WRITINGS[heldIn].sign ? digits : undefined;
  return written.toFixed(asked ?? usual(Math.abs(written)));
}

/** The figures of a quantity as a bench scale shows them, rounded down: what is shown is there. */
export function figureDown(value: number, heldIn: Written, reads: Reads): string {
  const { per = 1, digits } = writingOf(heldIn, reads);
  const at = Math.max(1, digits(value / per));
  return (Math.floor((value / per) * 10 ** at + 1e-6) / 10 ** at).toFixed(at);
}

/** A quantity as it would be typed, to all its figures: what is typed back is what was kept (within 1e-9). */
export function typedAs(value: number, heldIn: Written, reads: Reads): string {
  const { per = 1, offset = 0, sign } = writingOf(heldIn, reads);
  return `${Number((value / per + offset).toPrecision(15))} ${sign}`;
}

/** The same in the other measure, small beside the first where a label or a scale shows both; none where nothing else is read. */
export const sayOther = (value: number, heldIn: 'g' | 'ml' | '°C' | 'mm', reads: Reads): string => {
  const isBase = writingOf(heldIn, reads).sign === WRITINGS[heldIn].sign;
  const swapped: Reads = isBase ? { mass: 'oz', volume: 'us', temperature: 'F', length: 'in' } : BASE_READS;
  return say(value, heldIn, swapped);
};

/**
 * A quantity as a maker reads it: `4.2 g`, `2.50 kg`, `68.0 °C`, `8 %`, `3 h 20 min`. Every text that is read says its
 * quantities by this.
 * @param digits figures after the point, where the place wants others than the usual; it is then left in its own unit
 */
export function say(value: number, heldIn: Written, reads: Reads, digits?: number): string {
  const { sign, larger, per = 1, offset = 0 } = writingOf(heldIn, reads);
  const written = value / per + offset;
  const isOther = sign !== WRITINGS[heldIn].sign;
  if (larger && (digits === undefined || isOther) && Math.abs(written) >= larger.from)
    return `${(written / larger.per).toFixed(larger.digits)} ${larger.sign}`;
  return `${figure(value, heldIn, reads, digits)} ${sign}`;
}

/** A mark on a bench scale, to its tenth of a gram: what stands on it and what is still to go add up to it. `468 g`, `154.2 g` */
export function sayMark(grams: number, reads: Reads): string {
  if (reads.mass === 'oz') return `${(grams / OZ).toFixed(2)} oz`;
  return say(grams, 'g', reads, Math.abs(grams - Math.round(grams)) < 0.05 ? 0 : 1);
}

/** Sizes of one thing, the unit once: `400 × 250 × 30 mm`. */
export const saySizes = (sizes: readonly number[], reads: Reads): string =>
  `${sizes.map((size) => figure(size, 'mm', reads)).join(' × ')} ${signOf('mm', reads)}`;
