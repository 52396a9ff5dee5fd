import type { FinishClass } from './schema';

/** One weighing: what was estimated and what it was, for a wood and a class of finish. */
export type WeighedPiece = {
  readonly species: string;
  readonly finishClass: FinishClass;
  readonly estimatedG: number;
  readonly measuredG: number;
};
/** How much more than the shipped figure a wood drinks in this shop, and on how many weighings that rests. */
export type UptakeFactor = {
  readonly species: string;
  readonly finishClass: FinishClass;
  readonly factor: number;
  readonly records: number;
};

/** Weighings that count as much as the shipped figure does. Source: working estimate. */
export const PRIOR_RECORDS = 4;
/** A weighing further than this factor from its estimate is a slip of the hand, and left out. */
export const SLIP_FACTOR = 8;

const logRatio = ({ estimatedG, measuredG }: WeighedPiece): number => Math.log(measuredG / estimatedG);
const isSound = (one: WeighedPiece): boolean =>
  one.estimatedG > 0 && one.measuredG > 0 && Math.abs(logRatio(one)) <= Math.log(SLIP_FACTOR);

/** `exp((κ·ln f0 + Σ ln(measured/estimated)) / (κ + n))`: the mean of the logs, drawn towards `f0` as by κ weighings. */
const shrunk = (of: readonly WeighedPiece[], towards: number): number =>
  Math.exp((PRIOR_RECORDS * Math.log(towards) + of.reduce((sum, one) => sum + logRatio(one), 0)) / (PRIOR_RECORDS + of.length));

/**
 * The shop's own uptake factors: each class of finish shrunk towards the shipped figure (1), each wood towards its class.
 * @param weighed estimates are the shipped ones, without any factor
 */
export function uptakeFactors(weighed: readonly WeighedPiece[]): UptakeFactor[] {
  const sound = weighed.filter(isSound);
  const classes = [...new Set(sound.map((one) => one.finishClass))];
  return classes.flatMap((finishClass) => {
    const ofClass = sound.filter((one) => one.finishClass === finishClass);
    const towards = shrunk(ofClass, 1);
    return [...new Set(ofClass.map((one) => one.species))].map((species): UptakeFactor => {
      const own = ofClass.filter((one) => one.species === species);
      return { species, finishClass, factor: shrunk(own, towards), records: own.length };
    });
  });
}

/** The factor for a wood and a class; 1 where nothing was weighed. */
export const factorFor = (factors: readonly UptakeFactor[], species: string, finishClass: FinishClass): UptakeFactor | null =>
  factors.find((one) => one.species === species && one.finishClass === finishClass) ?? null;

export type Thirst = 'drinking' | 'slowing' | 'full';
/** Below these shares of the first coat's uptake a piece slows, and is full. Source: working estimates. */
export const SLOWING_BELOW = 0.35;
export const FULL_BELOW = 0.15;

/** Grams per square metre of each coat a piece was weighed through, and whether it still drinks; null before there are two. */
export function thirstOf(
  uptakesG: readonly number[],
  areaMm2: number,
): { readonly perM2: readonly number[]; readonly thirst: Thirst | null } {
  const perM2 = uptakesG.map((g) => g / (areaMm2 * 1e-6));
  const [first, last] = [Math.max(0, ...perM2), perM2.at(-1)];
  if (last === undefined || perM2.length < 2 || first <= 0) return { perM2, thirst: null };
  return { perM2, thirst: last < FULL_BELOW * first ? 'full' : last < SLOWING_BELOW * first ? 'slowing' : 'drinking' };
}
