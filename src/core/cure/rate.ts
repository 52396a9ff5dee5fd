import { GAS_CONSTANT, toKelvin } from '@/core/quantity';
import type { Climate, Light } from './schema';

/** Activation energy of oil oxidation, J/mol. Source: working estimate from drying studies. */
export const ACTIVATION_J_PER_MOL = 62_000;
/** Reference climate of the rate: 20 °C. */
export const REFERENCE_C = 20;
/** Rate past which a warm cabinet or the sun adds nothing more. Source: working cap. */
export const RATE_CAP = 4;
/** Humidity slows from `from` to half at `to`. Source: working estimate. */
export const HUMIDITY = { from: 0.6, to: 0.9, least: 0.5 } as const;
/** Light's share. Source: working estimates. */
export const LIGHT_FACTOR: Readonly<Record<Light, number>> = { dark: 0.8, indoor: 1, window: 1.4, sun: 2.5 };

/** `H = 1` to rh 0.60, falling linearly to 0.5 at 0.90. */
function humidityFactor(rh: number): number {
  if (rh <= HUMIDITY.from) return 1;
  if (rh >= HUMIDITY.to) return HUMIDITY.least;
  return 1 - ((1 - HUMIDITY.least) * (rh - HUMIDITY.from)) / (HUMIDITY.to - HUMIDITY.from);
}

/** Rate of cure relative to 20 °C, 50 % rh, indoor light: `k = exp(−Ea/R·(1/T − 1/T0))·H·L`, at most 4. */
export function cureRate({ tempC, rh, light }: Climate): number {
  const arrhenius = Math.exp((-ACTIVATION_J_PER_MOL / GAS_CONSTANT) * (1 / toKelvin(tempC) - 1 / toKelvin(REFERENCE_C)));
  return Math.min(RATE_CAP, arrhenius * humidityFactor(rh) * LIGHT_FACTOR[light]);
}
