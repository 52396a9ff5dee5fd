import { differenceCiede2000 } from 'culori/fn';
import { z } from 'zod';
import { check } from '@/core/contract';
import { fail, ok, type Result } from '@/core/quantity';

/** CIE L*a*b*, D65. */
export type Lab = readonly [number, number, number];

/** How much a grey card throws back. Source: calc.md, 19. */
export const GREY_CARD = 0.18;
const channel = z.number().min(0).max(255);
const Rgb = z.tuple([channel, channel, channel]);
const Sample = z.union([
  z.object({ lab: z.tuple([z.number().min(0).max(100), z.number().min(-200).max(200), z.number().min(-200).max(200)]) }),
  z.object({ rgb: Rgb, card: Rgb.optional() }),
]);
/** Two surfaces: as L*a*b*, or as sRGB 0–255 read from a picture, with the grey card that stood in it. */
export const ColourInput = z.object({ a: Sample, b: Sample, cardReflectance: z.number().gt(0).max(1).default(GREY_CARD) });
type Sample = z.output<typeof Sample>;

/** An sRGB channel 0–255 as linear light 0–1. Source: the standard of the colour space. */
export const linear = (value: number): number => {
  const part = value / 255;
  return part <= 0.04045 ? part / 12.92 : ((part + 0.055) / 1.055) ** 2.4;
};

/** Linear light 0–1 as an sRGB channel 0–255, not rounded: the other way. */
export const encoded = (light: number): number => 255 * (light <= 0.0031308 ? 12.92 * light : 1.055 * light ** (1 / 2.4) - 0.055);

const TO_XYZ = [
  [0.4124564, 0.3575761, 0.1804375],
  [0.2126729, 0.7151522, 0.072175],
  [0.0193339, 0.119192, 0.9503041],
] as const;
const WHITE = [0.95047, 1, 1.08883] as const;

/** Linear light as L*a*b*. */
export function labOf(rgb: readonly [number, number, number]): Lab {
  const f = (t: number): number => (t > (6 / 29) ** 3 ? Math.cbrt(t) : t / (3 * (6 / 29) ** 2) + 4 / 29);
  const [x, y, z3] = TO_XYZ.map((row, i) => f(row.reduce((sum, part, k) => sum + part * (rgb[k] ?? 0), 0) / (WHITE[i] ?? 1)));
  return [116 * (y ?? 0) - 16, 500 * ((x ?? 0) - (y ?? 0)), 200 * ((y ?? 0) - (z3 ?? 0))];
}

/** A sample as L*a*b*: each linear channel scaled so that the card beside it is neutral at its reflectance, clipped at 1. */
function read(sample: Sample, reflectance: number, path: string): Result<Lab> {
  if ('lab' in sample) return ok(sample.lab);
  const { rgb, card } = sample;
  const scale = (i: 0 | 1 | 2): number => (card ? reflectance / linear(card[i]) : 1);
  if (card?.some((value) => value === 0)) return fail('card-black', `${path}.card`);
  const lit = (i: 0 | 1 | 2): number => Math.min(1, linear(rgb[i]) * scale(i));
  return ok(labOf([lit(0), lit(1), lit(2)]));
}

const ciede2000 = differenceCiede2000();
const asLab = ([l, a, b]: Lab) => ({ mode: 'lab65' as const, l, a, b });
/** How far two colours are apart, by CIEDE2000: 1 is about the least an eye sees side by side. */
export const deltaE = (one: Lab, other: Lab): number => ciede2000(asLab(one), asLab(other));

/** How far apart two photographed surfaces are: both as L*a*b*, and their difference by CIEDE2000 (calc.md, 19). */
export function colour(input: unknown): Result<{ readonly a: Lab; readonly b: Lab; readonly deltaE: number }> {
  const checked = check(ColourInput, input);
  if (!checked.ok) return checked;
  const { a, b, cardReflectance } = checked.value;
  const [first, second] = [read(a, cardReflectance, 'a'), read(b, cardReflectance, 'b')];
  if (!first.ok) return first;
  if (!second.ok) return second;
  return ok({ a: first.value, b: second.value, deltaE: deltaE(first.value, second.value) });
}
