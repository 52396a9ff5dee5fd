import fc from 'fast-check';
import { afterEach, describe, expect, it } from 'vitest';
import {
  BASE_READS,
  figure,
  inBaseUnits,
  parseAmount,
  parseLength,
  parseMass,
  parseMeasured,
  parseTemperature,
  parseVolume,
  READS,
  type Reads,
  readIn,
  reads,
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
afterEach(() => readIn(BASE_READS));
const read = <T>(result: { ok: true; value: T } | { ok: false; issues: readonly { code: string }[] }): T | string =>
  result.ok ? result.value : (result.issues[0]?.code ?? '');

describe('a shop that reads ounces, inches and °F', () => {
  it('says every quantity in them, the larger ones in the larger unit', () => {
    readIn(US);
    expect([say(28.349523125, 'g'), say(900, 'g'), say(453.59237, 'g'), sayMark(900)]).toEqual([
      '1.00 oz',
      '1.98 lb',
      '1.00 lb',
      '31.75 oz',
    ]);
    expect([say(29.5735295625, 'ml'), say(3785.411784, 'ml'), say(68, '°C'), say(5, 'K'), say(25.4, 'mm')]).toEqual([
      '1.0 fl oz',
      '1.00 gal',
      '154 °F',
      '9.0 °F',
      '1.00 in',
    ]);
    expect([saySizes([254, 127]), say(64516, 'mm²'), figure(100, '°C'), signOf('g'), say(0.5, 'fraction')]).toEqual([
      '10.00 × 5.00 in',
      '100 sq in',
      '212',
      'oz',
      '50 %',
    ]);
  });
  it('understands a bare number in them, and a typed unit as it is typed', () => {
    readIn(US);
    expect(read(parseMass('2'))).toBeCloseTo(56.69904625, 9);
    expect([
      read(parseMass('2 g')),
      read(parseTemperature('212')),
      read(parseTemperature('68 C')),
      read(parseLength('2')),
    ]).toEqual([2, 100, 68, 50.8]);
    expect(read(parseVolume('1'))).toBe(29.5735295625);
    expect(read(parseVolume('1 fl oz'))).toBe(29.5735295625);
  });
  it('shows a preset length so that it reads back as that length, not as so many inches', () => {
    expect([typedLength(40), read(parseLength(typedLength(40)))]).toEqual(['40', 40]);
    readIn(US);
    expect(typedLength(40)).toBe('1.57 in');
    expect(read(parseLength(typedLength(200)))).toBeCloseTo(200, 0);
  });
  it('asks whose fluid ounce it is where imperial measures are read', () => {
    readIn(IMPERIAL);
    expect([
      read(parseVolume('1 fl oz')),
      read(parseVolume('2 pints')),
      read(parseMeasured('4 x 16 fl oz', { asks: true })),
    ]).toEqual(['country-ambiguous', 'country-ambiguous', 'country-ambiguous']);
    expect(read(parseVolume('1 imp fl oz'))).toBe(28.4130625);
    expect(read(parseVolume('1 US fl oz'))).toBe(29.5735295625);
    expect(read(parseVolume('1'))).toBe(28.4130625);
    expect(read(parseAmount('1 fl oz', { densityGPerMl: 0.86, liquid: true }))).toBe('country-ambiguous');
    expect(inBaseUnits(() => read(parseVolume('1 fl oz')))).toBe(29.5735295625);
    expect(reads()).toEqual(IMPERIAL);
  });
  it('puts the other measure beside, and leaves what is read as it was, also when reading fails', () => {
    expect(sayOther(28.349523125, 'g')).toBe('1.00 oz');
    readIn(US);
    expect([sayOther(28.349523125, 'g'), sayOther(68, '°C')]).toEqual(['28.3 g', '68.0 °C']);
    expect(() =>
      inBaseUnits(() => {
        throw new Error('no');
      }),
    ).toThrow('no');
    expect(reads()).toEqual(US);
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
        readIn(shop);
        const near = (found: unknown, kept: number): void =>
          expect(Math.abs((found as number) - kept) / Math.max(1, Math.abs(kept)), `${found} for ${kept}`).toBeLessThanOrEqual(
            1e-9,
          );
        near(read(parseMass(typedAs(value, 'g'))), value);
        near(read(parseVolume(typedAs(value, 'ml').replace(/^(\S+) fl oz$/, '$1 US fl oz'))), value);
        near(read(parseLength(typedAs(value, 'mm'))), value);
        near(read(parseTemperature(typedAs(value % 250, '°C'))), value % 250);
      }),
      { numRuns: 500 },
    );
  });
});
