import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import {
  BASE_READS,
  figure,
  parseAmount,
  parseLength,
  parseMass,
  parseMeasured,
  parseTemperature,
  parseVolume,
  READS,
  type Reads,
  say,
  sayMark,
  sayOther,
  saySizes,
  signOf,
  typedAs,
  typedLength,
} from '.';

const US: Reads = { mass: 'oz', volume: 'us', temperature: 'F', length: 'in' };
const IMPERIAL: Reads = { ...US, volume: 'imperial' };
const read = <T>(result: { ok: true; value: T } | { ok: false; issues: readonly { code: string }[] }): T | string =>
  result.ok ? result.value : (result.issues[0]?.code ?? '');

describe('a shop that reads ounces, inches and °F', () => {
  it('says every quantity in them, the larger ones in the larger unit', () => {
    expect([say(28.349523125, 'g', US), say(900, 'g', US), say(453.59237, 'g', US), sayMark(900, US)]).toEqual([
      '1.00 oz',
      '1.98 lb',
      '1.00 lb',
      '31.75 oz',
    ]);
    expect([
      say(29.5735295625, 'ml', US),
      say(3785.411784, 'ml', US),
      say(68, '°C', US),
      say(5, 'K', US),
      say(25.4, 'mm', US),
    ]).toEqual(['1.0 fl oz', '1.00 gal', '154 °F', '9.0 °F', '1.00 in']);
    expect([
      saySizes([254, 127], US),
      say(64516, 'mm²', US),
      figure(100, '°C', US),
      signOf('g', US),
      say(0.5, 'fraction', US),
    ]).toEqual(['10.00 × 5.00 in', '100 sq in', '212', 'oz', '50 %']);
  });
  it('understands a bare number in them, and a typed unit as it is typed', () => {
    expect(read(parseMass('2', US))).toBeCloseTo(56.69904625, 9);
    expect([
      read(parseMass('2 g', US)),
      read(parseTemperature('212', US)),
      read(parseTemperature('68 C', US)),
      read(parseLength('2', US)),
    ]).toEqual([2, 100, 68, 50.8]);
    expect(read(parseVolume('1', US))).toBe(29.5735295625);
    expect(read(parseVolume('1 fl oz', US))).toBe(29.5735295625);
  });
  it('shows a preset length so that it reads back as that length, not as so many inches', () => {
    expect([typedLength(40, BASE_READS), read(parseLength(typedLength(40, BASE_READS), BASE_READS))]).toEqual(['40', 40]);
    expect(typedLength(40, US)).toBe('1.57 in');
    expect(read(parseLength(typedLength(200, US), US))).toBeCloseTo(200, 0);
  });
  it('asks whose fluid ounce it is where imperial measures are read', () => {
    expect([
      read(parseVolume('1 fl oz', IMPERIAL)),
      read(parseVolume('2 pints', IMPERIAL)),
      read(parseMeasured('4 x 16 fl oz', { asks: true }, IMPERIAL)),
    ]).toEqual(['country-ambiguous', 'country-ambiguous', 'country-ambiguous']);
    expect(read(parseVolume('1 imp fl oz', IMPERIAL))).toBe(28.4130625);
    expect(read(parseVolume('1 US fl oz', IMPERIAL))).toBe(29.5735295625);
    expect(read(parseVolume('1', IMPERIAL))).toBe(28.4130625);
    expect(read(parseAmount('1 fl oz', { densityGPerMl: 0.86, liquid: true }, IMPERIAL))).toBe('country-ambiguous');
    expect(read(parseVolume('1 fl oz', BASE_READS))).toBe(29.5735295625);
  });
  it('puts the other measure beside', () => {
    expect(sayOther(28.349523125, 'g', BASE_READS)).toBe('1.00 oz');
    expect([sayOther(28.349523125, 'g', US), sayOther(68, '°C', US)]).toEqual(['28.3 g', '68.0 °C']);
  });
});

describe('what is typed, kept, shown and typed again', () => {
  const units = fc.record({
    mass: fc.constantFrom(...READS.mass),
    volume: fc.constantFrom(...READS.volume),
    temperature: fc.constantFrom(...READS.temperature),
    length: fc.constantFrom(...READS.length),
  });
  it('is the same to 1e-9 in every unit', () => {
    fc.assert(
      fc.property(units, fc.double({ min: 0.01, max: 99_999, noNaN: true }), (shop, value) => {
        const near = (found: unknown, kept: number): void =>
          expect(Math.abs((found as number) - kept) / Math.max(1, Math.abs(kept)), `${found} for ${kept}`).toBeLessThanOrEqual(
            1e-9,
          );
        near(read(parseMass(typedAs(value, 'g', shop), shop)), value);
        near(read(parseVolume(typedAs(value, 'ml', shop).replace(/^(\S+) fl oz$/, '$1 US fl oz'), shop)), value);
        near(read(parseLength(typedAs(value, 'mm', shop), shop)), value);
        near(read(parseTemperature(typedAs(value % 250, '°C', shop), shop)), value % 250);
      }),
      { numRuns: 500 },
    );
  });
});
