import { z } from 'zod';
import { check } from '@/core/contract';
import { Wait } from '@/core/plan';
import { ok, type Result } from '@/core/quantity';
import type { TimedClimate } from './age';
import type { CureMode } from './checks/check';
import { arrhenius, cureRate, MODES } from './rate';
import { Climate } from './schema';

/** What a wait's bound goes by: nothing in the room, how a finish sets (as its cure does), how surplus gels, or how wetted wood dries. */
export const GOVERNS = ['none', 'oxidation', 'evaporation', 'soak', 'gel', 'water'] as const;
export type Governs = (typeof GOVERNS)[number];
/** What governs a wait's least and its longest. */
export type Governed = { readonly min: Governs; readonly max: Governs };

export const WindowsInput = z.object({
  step: Wait,
  governs: z
    .object({ min: z.enum(GOVERNS), max: z.enum(GOVERNS) })
    // Drying wood spoils nothing: water bounds no wait from above.
    .refine(({ max }) => max !== 'water', {
      params: { code: 'invalid', with: { detail: 'water as an upper bound' } },
      path: ['max'],
    }),
  climate: Climate,
});

/** A room hurries a wait to no less than half and slows it to no more than three times. Source: calc.md, 16. */
export const RATE_CLAMP = { least: 1 / 3, most: 2 } as const;
/** Warmth gums fast: it shortens a longest dwell to a tenth, and cold lengthens it to no more than twice. Source: calc.md, 16. */
export const GEL_CLAMP = { least: 1 / 2, most: 10 } as const;
/** Above this humidity what dries by evaporation turns white: shellac blushes. Source: practice of the trade. */
export const BLUSHES_FROM_RH = 0.65;
/** Activation energy of water leaving wood, J/mol, and the humidity of the reference. Source: working estimates. */
export const WATER = { activationJPerMol: 45_000, rh: 0.5 } as const;

const BY_CURE: Partial<Record<Governs, CureMode>> = { oxidation: 'oxidise', evaporation: 'evaporate', soak: 'settle' };

/** How fast a room lets a bound come, against 20 °C and 50 % (calc.md, 16); 1 where nothing governs it. */
export function governedRate(governs: Governs, climate: Climate): number {
  const mode = BY_CURE[governs];
  if (mode) return cureRate(climate, mode);
  if (governs === 'gel') return Math.min(GEL_CLAMP.most, arrhenius(MODES.oxidise.activationJPerMol, climate.tempC));
  return governs === 'water' ? (arrhenius(WATER.activationJPerMol, climate.tempC) * (1 - climate.rh)) / (1 - WATER.rh) : 1;
}

const clamp = (k: number, to: { readonly least: number; readonly most: number }): number =>
  Math.min(to.most, Math.max(to.least, k));

/** A wait as a room makes it, minutes; `factor` before the clamp; `advise` where the room is no place for it. */
export type RoomWait = {
  readonly min: number;
  readonly ideal: number;
  readonly max: number | null;
  readonly factorMin: number;
  readonly factorMax: number;
  readonly advise: 'too-slow' | 'too-fast' | 'too-damp' | null;
};

/** A hair is taken off before rounding up, and put on before rounding down: 24 h / 1.0000000001 is 24 h. */
const HAIR = 1e-9;

/** A wait in a climate: `min' = ⌈min/k₁⌉`, `max' = ⌊max/k₂⌋`, the ideal with the least, never past the longest. */
export function inRoom(
  step: { readonly min: number; readonly ideal: number; readonly max: number | null },
  governs: Governed,
  climate: Climate,
): RoomWait {
  const [factorMin, factorMax] = [governedRate(governs.min, climate), governedRate(governs.max, climate)];
  const [k1, k2] = [clamp(factorMin, RATE_CLAMP), clamp(factorMax, governs.max === 'gel' ? GEL_CLAMP : RATE_CLAMP)];
  const least = Math.ceil(step.min / k1 - HAIR);
  const max = step.max === null ? null : Math.floor(step.max / k2 + HAIR);
  const isDamp = (governs.min === 'evaporation' || governs.max === 'evaporation') && climate.rh > BLUSHES_FROM_RH;
  const advise = factorMin < RATE_CLAMP.least ? 'too-slow' : isDamp ? 'too-damp' : null;
  if (max !== null && max < least) return { min: max, ideal: max, max, factorMin, factorMax, advise: 'too-fast' };
  const ideal = Math.max(least, Math.floor(step.ideal / k1 + 0.5));
  return { min: least, ideal: max === null ? ideal : Math.min(ideal, max), max, factorMin, factorMax, advise };
}

/**
 * A wait that follows the room (calc.md, 16).
 * @param input `{step: {min, ideal, max}, governs: {min, max}, climate: {tempC, rh, light}}`, minutes
 * @example windows({ step: { min: 1440, ideal: 1440, max: null }, governs: { min: 'oxidation', max: 'none' }, climate: { tempC: 12, rh: 0.5 } })
 */
export function windows(input: unknown): Result<RoomWait> {
  const checked = check(WindowsInput, input);
  if (!checked.ok) return checked;
  const { step, governs, climate } = checked.value;
  return ok(inRoom(step, governs, climate));
}

/** The mean of a place's air between two moments, weighed by time: each row holds until the next. Null without a row. */
export function meanAir(rows: readonly TimedClimate[], fromMs: number, untilMs: number): Climate | null {
  const first = rows[0];
  if (!first) return null;
  const end = Math.max(untilMs, fromMs + 1);
  let [temp, rh, total] = [0, 0, 0];
  for (let i = 0; i < rows.length; i++) {
    const row = rows[i] as TimedClimate;
    const from = Math.max(fromMs, i === 0 ? Number.NEGATIVE_INFINITY : row.atMs);
    const share = Math.min(end, rows[i + 1]?.atMs ?? Number.POSITIVE_INFINITY) - from;
    if (share <= 0) continue;
    temp += row.tempC * share;
    rh += row.rh * share;
    total += share;
  }
  const light = (rows.findLast((row) => row.atMs <= fromMs) ?? first).light;
  return total > 0 ? { tempC: temp / total, rh: rh / total, light } : null;
}
