import { GAS_CONSTANT, toKelvin } from '@/core/quantity';
import type { CureMode } from './checks/check';
import type { Climate, Light } from './schema';

/** Reference climate of the rate: 20 °C. */
export const REFERENCE_C = 20;

/** Humidity slows from `from` to `least` at `to`; at lower and higher it stays. */
type Humidity = { readonly from: number; readonly to: number; readonly least: number };

/** What hurries and hinders one way of setting. */
type Mode = {
  readonly activationJPerMol: number;
  readonly humidity: Humidity | null;
  /** Whether light helps. */
  readonly light: boolean;
  /** The rate past which nothing adds more. */
  readonly cap: number;
  /** Hotter counts as this, °C: what heat does past it is damage. Null: no such bound. */
  readonly hottestC: number | null;
  /** From this warmth, °C, down to freezing it slows to nothing. Null: it does not. */
  readonly coldFromC: number | null;
};

/** Oxidation of a drying oil; settling of what never dries, by warmth alone; evaporation from a resin. Source: calc.md, 8; working estimates. */
export const MODES: Readonly<Record<CureMode, Mode>> = {
  oxidise: {
    activationJPerMol: 62_000,
    humidity: { from: 0.6, to: 0.9, least: 0.5 },
    light: true,
    cap: 6,
    hottestC: 40,
    coldFromC: 5,
  },
  settle: { activationJPerMol: 30_000, humidity: null, light: false, cap: 4, hottestC: null, coldFromC: null },
  evaporate: {
    activationJPerMol: 40_000,
    humidity: { from: 0.75, to: 0.95, least: 0.6 },
    light: false,
    cap: 4,
    hottestC: null,
    coldFromC: null,
  },
};
/** Light's share. Source: working estimates. */
export const LIGHT_FACTOR: Readonly<Record<Light, number>> = { dark: 0.8, indoor: 1, window: 1.4, sun: 2.5 };
/** The hours of real sun, on the wall clock of the place; the rest of a day in the sun is dark. Source: working estimate. */
export const SUN_HOURS = { from: '09:00', to: '17:00' } as const;
export const SUN_LASTS_HOURS = 8;

function humidityFactor(humidity: Humidity | null, rh: number): number {
  if (!humidity || rh <= humidity.from) return 1;
  if (rh >= humidity.to) return humidity.least;
  return 1 - ((1 - humidity.least) * (rh - humidity.from)) / (humidity.to - humidity.from);
}

/** Arrhenius relative to 20 °C: `exp(−Ea/R·(1/T − 1/T0))`. @param activationJPerMol J/mol @param tempC °C */
export const arrhenius = (activationJPerMol: number, tempC: number): number =>
  Math.exp((-activationJPerMol / GAS_CONSTANT) * (1 / toKelvin(tempC) - 1 / toKelvin(REFERENCE_C)));

/** Rate of setting relative to 20 °C, 50 % rh, indoor light: Arrhenius·H·L up to the mode's cap, and nothing at freezing. Sun is an hour of real sun. */
export function cureRate({ tempC, rh, light }: Climate, mode: CureMode = 'oxidise'): number {
  const { activationJPerMol, humidity, light: isLit, cap, hottestC, coldFromC } = MODES[mode];
  const warmth = arrhenius(activationJPerMol, hottestC === null ? tempC : Math.min(tempC, hottestC));
  const cold = coldFromC === null ? 1 : Math.min(1, Math.max(0, tempC / coldFromC));
  return Math.min(cap, warmth * humidityFactor(humidity, rh) * (isLit ? LIGHT_FACTOR[light] : 1)) * cold;
}
