import { fail, ok, type Result } from './issue';
import { parseNumber } from './number';
import type { Reads } from './reads';
import { typedText } from './typed';
import type { Quantity } from './unit';

/** Temperature in degrees Celsius. */
export type Celsius = Quantity<'°C'>;
/** Absolute temperature in kelvin. */
export type Kelvin = Quantity<'K'>;

/** 0 °C in kelvin. Source: definition of the Celsius scale. */
export const ZERO_CELSIUS_K = 273.15;
/** Molar gas constant, J/(mol·K). Source: SI 2019 (exact to the digits given). */
export const GAS_CONSTANT = 8.314462618;
/** The span of readings a workshop or a pot can show, °C; outside it a digit or a unit slipped. */
export const READING_RANGE_C = { least: -40, most: 300 } as const;

export const celsius = (value: number): Celsius => value as Celsius;
export const toKelvin = (t: number): Kelvin => (t + ZERO_CELSIUS_K) as Kelvin;
export const toCelsius = (t: number): Celsius => (t - ZERO_CELSIUS_K) as Celsius;

/**
 * A typed temperature: `68`, `68 C`, `150F`, `21,5 °C`; a bare number is in what the shop's thermometer shows.
 * @example parseTemperature('150F') // → { ok: true, value: 65.55… }
 */
export function parseTemperature(text: string, reads: Reads): Result<Celsius> {
  const typed = typedText(text);
  if (!typed.ok) return typed;
  const unit = /[cf]$/i.exec(typed.value)?.[0].toLowerCase();
  const number = parseNumber(typed.value.slice(0, unit ? -1 : undefined).replace(/ ?° ?$/, ''));
  if (!number.ok) return number;
  const value = (unit ?? reads.temperature.toLowerCase()) === 'f' ? ((number.value - 32) * 5) / 9 : number.value;
  if (value < READING_RANGE_C.least || value > READING_RANGE_C.most) {
    return fail('too-large', '', { value, least: READING_RANGE_C.least, most: READING_RANGE_C.most });
  }
  return ok(celsius(value));
}

/** Relative humidity as typed, in percent (`55`, `55 %`) or as a fraction (`0.55`); returns 0–1. */
export function parseHumidity(text: string): Result<number> {
  const typed = typedText(text);
  if (!typed.ok) return typed;
  const number = parseNumber(typed.value.replace('%', ''));
  if (!number.ok) return number;
  const fraction = typed.value.includes('%') || number.value > 1 ? number.value / 100 : number.value;
  return fraction >= 0 && fraction <= 1 ? ok(fraction) : fail('too-large', '', { value: number.value, least: 0, most: 100 });
}
