import { GAS_CONSTANT, toKelvin } from '@/core/quantity';
import type { Climate, CureMode, Light } from './schema';

/** Reference climate of the rate: 20 °C. */
export const REFERENCE_C = 20;

/** Humidity slows from `from` to `least` at `to`; at lower and higher it stays. */
type Humidity = { readonly from: number; readonly to: number; readonly least: number };

/**
 * What hurries and hinders each way of setting: activation energy J/mol, humidity, whether light helps, and the rate past which nothing
 * adds more. Oxidation of a drying oil; settling of what never dries, by warmth alone; evaporation from a resin. Working estimates.
 */
export const MODES: Readonly<
  Record<
    CureMode,
    { readonly activationJPerMol: number; readonly humidity: Humidity | null; readonly light: boolean; readonly cap: number }
  >
> = {
  oxidise: { activationJPerMol: 62_000, humidity: { from: 0.6, to: 0.9, least: 0.5 }, light: true, cap: 10 },
  settle: { activationJPerMol: 30_000, humidity: null, light: false, cap: 4 },
  evaporate: { activationJPerMol: 40_000, humidity: { from: 0.75, to: 0.95, least: 0.6 }, light: false, cap: 4 },
};
/** Light's share. Source: working estimates. */
export const LIGHT_FACTOR: Readonly<Record<Light, number>> = { dark: 0.8, indoor: 1, window: 1.4, sun: 2.5 };

function humidityFactor(humidity: Humidity | null, rh: number): number {
  if (!humidity || rh <= humidity.from) return 1;
  if (rh >= humidity.to) return humidity.least;
  return 1 - ((1 - humidity.least) * (rh - humidity.from)) / (humidity.to - humidity.from);
}

/** Rate of setting relative to 20 °C, 50 % rh, indoor light: `k = exp(−Ea/R·(1/T − 1/T0))·H·L`, up to the mode's cap. */
export function cureRate({ tempC, rh, light }: Climate, mode: CureMode = 'oxidise'): number {
  const { activationJPerMol, humidity, light: isLit, cap } = MODES[mode];
  const arrhenius = Math.exp((-activationJPerMol / GAS_CONSTANT) * (1 / toKelvin(tempC) - 1 / toKelvin(REFERENCE_C)));
  return Math.min(cap, arrhenius * humidityFactor(humidity, rh) * (isLit ? LIGHT_FACTOR[light] : 1));
}
