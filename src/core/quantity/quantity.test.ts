import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import {
  addDays,
  addMonths,
  dateOf,
  dayOfWeek,
  daysBetween,
  figure,
  formatInstant,
  formatMoney,
  type Grams,
  gramsPer,
  instantOf,
  isZone,
  millilitresPer,
  parseAmount,
  parseHumidity,
  parseLength,
  parseMass,
  parseMassOrNone,
  parseMoney,
  parseNumber,
  parseSizes,
  parseTemperature,
  parseVolume,
  say,
  sayMark,
  sayMinutes,
  saySizes,
  wallClock,
} from '.';
import { BASE_READS } from './';
import { LENGTH_UNITS } from './length';
import { grams, MASS_UNITS } from './mass';
import { LARGEST_TYPED } from './number';
import { ZERO_CELSIUS_K } from './temperature';
import { plus } from './unit';
import { massOf, millilitres, VOLUME_UNITS, volumeOf } from './volume';

const oil = { densityGPerMl: 0.86, liquid: true };
const value = <T>(result: { ok: true; value: T } | { ok: false; issues: readonly { code: string }[] }): T | string =>
  result.ok ? result.value : (result.issues[0]?.code ?? '');

describe('units', () => {
  it('have the values of the standards', () => {
    const per = (table: readonly { names: readonly string[]; perUnit: number }[]) =>
      Object.fromEntries(table.map((row) => [row.names[0], row.perUnit]));
    expect(per(MASS_UNITS)).toEqual({ g: 1, kg: 1000, mg: 0.001, oz: 28.349523125, lb: 453.59237 });
    expect(per(VOLUME_UNITS)).toEqual({
      ml: 1,
      cl: 10,
      dl: 100,
      l: 1000,
      'us fl oz': 29.5735295625,
      'imp fl oz': 28.4130625,
      cup: 236.5882365,
      tbsp: 14.78676478125,
      tsp: 4.92892159375,
      pint: 473.176473,
      quart: 946.352946,
      gallon: 3785.411784,
      'imp pint': 568.26125,
      'imp gallon': 4546.09,
    });
    expect(per(LENGTH_UNITS)).toEqual({ mm: 1, cm: 10, m: 1000, in: 25.4, ft: 304.8 });
    expect([ZERO_CELSIUS_K, LARGEST_TYPED]).toEqual([273.15, 1e8]);
  });
  it('do not mix: adding grams to millilitres does not compile', () => {
    // @ts-expect-error millilitres are not grams
    plus(grams(1), millilitres(1));
    const sum: Grams = plus(grams(1), grams(2));
    expect(sum).toBe(3);
  });
  it('turn volume to mass and back', () => {
    fc.assert(
      fc.property(fc.double({ min: 1, max: 1e5, noNaN: true }), fc.double({ min: 0.5, max: 1.5, noNaN: true }), (ml, density) => {
        expect(volumeOf(massOf(millilitres(ml), density as never), density as never)).toBeCloseTo(ml, 6);
      }),
    );
  });
});

describe('typed amounts', () => {
  it.each([
    ['8 oz', 226.796185],
    ['1 lb 2 oz', 510.29141625],
    ['7.5oz', 212.6214234375],
    ['0,5 kg', 500],
    ['0,250 kg', 250],
    ['1.250 kg', 1250],
    ['1,2500 kg', 1250],
    ['250', 250],
    ['1 250 g', 1250],
    ['1½ kg', 1500],
    ['1/2 kg', 500],
    ['1.250,5 g', 1250.5],
    ['1,250.5 g', 1250.5],
  ])('reads %s', (text, mass) => expect(value(parseMass(text, BASE_READS))).toBeCloseTo(mass as number, 9));
  it.each([
    ['', 'required'],
    ['lots', 'not-a-number'],
    ['3 furlongs', 'unknown-unit'],
    ['-2 kg', 'must-be-positive'],
    ['0', 'must-be-positive'],
    ['1e9', 'unknown-unit'],
    ['1000000000', 'too-large'],
    ['NaN', 'not-a-number'],
    ['1/0', 'not-a-number'],
    ['12,5,5 g', 'not-a-number'],
    // Thousands to some, a decimal comma to others: asked, never guessed.
    ['1,000', 'thousand-or-one'],
    ['2,500 g', 'thousand-or-one'],
    ['12,345 kg', 'thousand-or-one'],
  ])('refuses %s', (text, code) => expect(value(parseMass(text, BASE_READS))).toBe(code));
  it('asks what an ounce of a liquid is, and takes the answer', () => {
    expect(value(parseAmount('8 oz', oil, BASE_READS))).toBe('ounce-ambiguous');
    expect(value(parseAmount('8 oz', oil, BASE_READS, 'weight'))).toMatchObject({ massG: 226.796185, byVolume: false });
    expect(value(parseAmount('8 oz', oil, BASE_READS, 'us-fluid'))).toMatchObject({
      massG: 8 * 29.5735295625 * 0.86,
      byVolume: true,
    });
    expect(value(parseAmount('8 oz', oil, BASE_READS, 'imperial-fluid'))).toMatchObject({ massG: 8 * 28.4130625 * 0.86 });
    expect(value(parseAmount('1 lb 2 oz', oil, BASE_READS))).toMatchObject({ massG: 510.29141625 });
    expect(value(parseAmount('8 oz', { densityGPerMl: 0.96, liquid: false }, BASE_READS))).toMatchObject({ massG: 226.796185 });
    expect(value(parseAmount('0,75 l', oil, BASE_READS))).toMatchObject({ massG: 645, byVolume: true });
  });
  it('reads volumes, lengths, temperatures, humidity and money', () => {
    expect(value(parseVolume('1/2 cup', BASE_READS))).toBeCloseTo(118.29411825, 9);
    expect(value(parseLength('1½ in', BASE_READS))).toBeCloseTo(38.1, 9);
    expect(value(parseSizes('12 x 18 in', BASE_READS))).toEqual([304.79999999999995, 457.2]);
    expect(value(parseSizes('420 × 260 × 24', BASE_READS))).toEqual([420, 260, 24]);
    expect(value(parseTemperature('150F', BASE_READS))).toBeCloseTo(65.5556, 3);
    expect(value(parseTemperature('21,5 °C', BASE_READS))).toBe(21.5);
    expect(value(parseTemperature('700', BASE_READS))).toBe('too-large');
    expect([value(parseHumidity('55 %')), value(parseHumidity('0.55')), value(parseHumidity('140'))]).toEqual([
      0.55,
      0.55,
      'too-large',
    ]);
    expect([value(parseMoney('12,5', 'EUR')), value(parseMoney('1200', 'JPY')), value(parseMoney('-1', 'EUR'))]).toEqual([
      1250,
      1200,
      'must-not-be-negative',
    ]);
    expect(value(parseNumber('-3'))).toBe(-3);
  });
  it('are said as a bench scale says them', () => {
    expect([
      say(4.25, 'g', BASE_READS),
      say(755, 'g', BASE_READS),
      say(2500, 'g', BASE_READS),
      say(75, 'ml', BASE_READS),
      say(1250, 'ml', BASE_READS),
    ]).toEqual(['4.3 g', '755 g', '2.50 kg', '75.0 ml', '1.25 l']);
    expect([formatMoney(1250, 'EUR'), formatMoney(1200, 'JPY')]).toEqual(['12.50 EUR', '1200 JPY']);
    expect([
      say(0.083, 'fraction', BASE_READS),
      say(0.083, 'fraction', BASE_READS, 1),
      say(21.44, '°C', BASE_READS),
      say(68, '°C', BASE_READS, 0),
      say(3, 'K', BASE_READS),
    ]).toEqual(['8 %', '8.3 %', '21.4 °C', '68 °C', '3.0 °C']);
    expect([say(12_345, 'mm²', BASE_READS), saySizes([400.2, 250, 30], BASE_READS), say(35.2, 'g/m²', BASE_READS)]).toEqual([
      '123 cm²',
      '400 × 250 × 30 mm',
      '35 g/m²',
    ]);
    // Digits that are asked for hold it in its own unit: a scale's reading is not rounded to ten grams.
    expect([
      say(1234.56, 'g', BASE_READS, 1),
      figure(1234.56, 'g', BASE_READS),
      figure(0.125, 'fraction', BASE_READS, 1),
    ]).toEqual(['1234.6 g', '1235', '12.5']);
    expect([468, 154.2, 26.84, 99.97, 0.04].map((one) => sayMark(one, BASE_READS))).toEqual([
      '468 g',
      '154.2 g',
      '26.8 g',
      '100 g',
      '0 g',
    ]);
    expect([25, 60, 200, 3120, -90].map((one) => sayMinutes(one))).toEqual([
      '25 min',
      '1 h',
      '3 h 20 min',
      '2 d 4 h',
      '1 h 30 min',
    ]);
  });
});

describe('moments', () => {
  it('say what the zone’s clock says, and are read back', () => {
    fc.assert(
      fc.property(
        fc.integer({ min: Date.UTC(1990, 0), max: Date.UTC(2060, 0) }),
        fc.constantFrom('Europe/Lisbon', 'America/St_Johns', 'Asia/Kolkata', 'Pacific/Auckland', 'UTC'),
        (ms, zone) => {
          const second = Math.floor(ms / 1000) * 1000;
          expect(value(instantOf(formatInstant(second, zone), zone))).toBe(second);
        },
      ),
      { seed: 3 },
    );
  });
  it('take an ambiguous hour as the earlier, a missing one as the later', () => {
    expect(formatInstant(wallClock('2031-10-26T01:30', 'Europe/Lisbon'), 'Europe/Lisbon')).toBe('2031-10-26T01:30:00+01:00');
    expect(formatInstant(wallClock('2031-03-30T01:30', 'Europe/Lisbon'), 'Europe/Lisbon')).toBe('2031-03-30T02:30:00+01:00');
    expect(dateOf(Date.parse('2031-03-30T23:30:00Z'), 'Europe/Lisbon')).toBe('2031-03-31');
  });
  it('count days as the calendar does', () => {
    expect([
      addDays('2032-02-28', 1),
      addDays('2031-03-01', -1),
      addMonths('2031-01-31', 1),
      daysBetween('2031-03-01', '2032-03-01'),
    ]).toEqual(['2032-02-29', '2031-02-28', '2031-02-28', 366]);
    expect(['2031-03-03', '2031-03-09', '1969-12-31'].map(dayOfWeek)).toEqual([1, 7, 3]);
  });
  it('know a zone from nonsense', () => {
    expect([isZone('Europe/Lisbon'), isZone('Mars/Olympus')]).toEqual([true, false]);
    expect(value(instantOf('2031-02-30T10:00', 'Europe/Lisbon'))).toBe('bad-time');
    expect(value(instantOf('2031-02-03T10:00', 'Mars/Olympus'))).toBe('unknown-zone');
  });
});

describe('units by name', () => {
  it('come from the one table, and nothing is a fair mass where it may be', () => {
    expect([gramsPer('oz'), gramsPer('lb'), millilitresPer('us fl oz'), millilitresPer('imp fl oz')]).toEqual([
      28.349523125, 453.59237, 29.5735295625, 28.4130625,
    ]);
    expect(() => gramsPer('furlong')).toThrow('no unit furlong');
    for (const text of ['0', '0 g', '0,0 kg', '00.']) expect(parseMassOrNone(text, BASE_READS)).toEqual({ ok: true, value: 0 });
    expect(parseMassOrNone('0.5 g', BASE_READS)).toEqual({ ok: true, value: 0.5 });
    expect(parseMassOrNone('', BASE_READS).ok).toBe(false);
  });
});
