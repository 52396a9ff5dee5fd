import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { ingredientOf } from '@/core/material';
import { MS_PER_HOUR } from '@/core/quantity';
import {
  a0Of,
  ageClock,
  CHECK_HOLDS_HOURS,
  cure,
  estimate,
  FIT_FROM,
  fitness,
  MILESTONE_IDS,
  milestones,
  quantile,
  readyShare,
} from '.';
import { A0_HOURS, COUNTS_FROM_SHARE } from './a0';
import { CHECK_ERRORS, countingChecks, GRID_POINTS, LN_SPREAD, neededHours, REPEAT_HOURS } from './cure';
import { ACTIVATION_J_PER_MOL, cureRate, HUMIDITY, LIGHT_FACTOR, RATE_CAP, REFERENCE_C } from './rate';

const base = {
  startAt: '2031-03-01T08:00',
  zone: 'Europe/Lisbon',
  a0Hours: 100,
  readings: [],
  forecast: { tempC: 20, rh: 0.5, light: 'indoor' },
  tests: [],
  now: '2031-03-05T12:00',
};

describe('constants', () => {
  it('have the values of the design', () => {
    expect({
      ACTIVATION_J_PER_MOL,
      REFERENCE_C,
      RATE_CAP,
      HUMIDITY,
      LIGHT_FACTOR,
      LN_SPREAD,
      GRID_POINTS,
      REPEAT_HOURS,
      FIT_FROM,
      CHECK_HOLDS_HOURS,
      COUNTS_FROM_SHARE,
    }).toEqual({
      ACTIVATION_J_PER_MOL: 62000,
      REFERENCE_C: 20,
      RATE_CAP: 4,
      HUMIDITY: { from: 0.6, to: 0.9, least: 0.5 },
      LIGHT_FACTOR: { dark: 0.8, indoor: 1, window: 1.4, sun: 2.5 },
      LN_SPREAD: 0.35,
      GRID_POINTS: 801,
      REPEAT_HOURS: 12,
      FIT_FROM: 0.9,
      CHECK_HOLDS_HOURS: 48,
      COUNTS_FROM_SHARE: 0.1,
    });
    expect(CHECK_ERRORS).toEqual({
      towel: { fp: 0.1, fn: 0.05 },
      smell: { fp: 0.15, fn: 0.1 },
      touch: { fp: 0.2, fn: 0.05 },
      'water-bead': { fp: 0.25, fn: 0.15 },
    });
    expect(A0_HOURS).toEqual({
      settle: 24,
      shellac: 48,
      friction: 72,
      'linseed-heat-bodied': 96,
      'walnut-oil-heat-treated': 120,
      'metallic-driers': 168,
      'tung-in-citrus': 168,
      'tung-oil': 240,
      'wiping-varnish': 240,
      'hemp-oil': 336,
      'walnut-oil-raw': 336,
      'raw-linseed': 504,
    });
    expect(milestones('tung-oil').map(({ id, share }) => [id, share])).toEqual([
      ['touch', 0.05],
      ['recoat', 0.1],
      ['handle', 0.25],
      ['buff', 0.4],
      ['food', 1],
      ['sale', 1],
    ]);
  });
  it('puts food and sale last for every finish', () => {
    for (const source of Object.keys(A0_HOURS) as (keyof typeof A0_HOURS)[]) {
      const found = milestones(source);
      expect(found.map((one) => one.id).sort()).toEqual([...MILESTONE_IDS].sort());
      expect(found.filter((one) => one.id === 'food' || one.id === 'sale').every((one) => one.share === 1)).toBe(true);
    }
  });
});

describe('the rate', () => {
  it('is 1 at the reference and never more than the cap', () => {
    expect(cureRate({ tempC: 20, rh: 0.5, light: 'indoor' })).toBeCloseTo(1, 12);
    expect(cureRate({ tempC: 60, rh: 0.2, light: 'sun' })).toBe(4);
    expect([0.6, 0.75, 0.9, 1].map((rh) => cureRate({ tempC: 20, rh, light: 'indoor' }))).toEqual([
      1,
      expect.closeTo(0.75, 12),
      0.5,
      0.5,
    ]);
  });
  it('grows with warmth and falls with damp', () => {
    fc.assert(
      fc.property(fc.double({ min: -10, max: 60, noNaN: true }), fc.double({ min: 0, max: 0.95, noNaN: true }), (tempC, rh) => {
        const rate = cureRate({ tempC, rh, light: 'dark' });
        expect(cureRate({ tempC: tempC + 1, rh, light: 'dark' })).toBeGreaterThanOrEqual(rate);
        expect(cureRate({ tempC, rh: rh + 0.05, light: 'dark' })).toBeLessThanOrEqual(rate);
      }),
      { seed: 2 },
    );
  });
});

describe('the clock of age', () => {
  const forecast = { tempC: 20, rh: 0.5, light: 'indoor' } as const;
  const cold = { tempC: 20, rh: 0.9, light: 'indoor' } as const;
  it('holds each reading until the next, and the first before itself', () => {
    const clock = ageClock(
      0,
      [
        { ...cold, atMs: 2 * MS_PER_HOUR },
        { ...forecast, atMs: 4 * MS_PER_HOUR },
      ],
      forecast,
    );
    expect([1, 4, 6].map((h) => clock.ageAt(h * MS_PER_HOUR))).toEqual([0.5, 2, 4]);
    expect(clock.timeOf(2)).toBe(4 * MS_PER_HOUR);
    expect(clock.ageAt(-5)).toBe(0);
  });
  it('is turned back by timeOf', () => {
    const reading = fc.record({
      atMs: fc.integer({ min: -50, max: 300 }).map((h) => h * MS_PER_HOUR),
      tempC: fc.integer({ min: 5, max: 35 }),
      rh: fc.constantFrom(0.3, 0.7),
      light: fc.constantFrom('dark' as const, 'sun' as const),
    });
    fc.assert(
      fc.property(fc.array(reading, { maxLength: 8 }), fc.double({ min: 0.1, max: 400, noNaN: true }), (readings, age) => {
        const clock = ageClock(0, readings, forecast);
        expect(clock.ageAt(clock.timeOf(age))).toBeCloseTo(age, 6);
      }),
      { seed: 4 },
    );
  });
});

describe('the estimate', () => {
  const clock = ageClock(0, [], { tempC: 20, rh: 0.5, light: 'indoor' });
  it('sums to one, has its median at A0, and rises over time', () => {
    const { weights, hours } = neededHours(100, []);
    expect(weights.reduce((a, b) => a + b, 0)).toBeCloseTo(1, 12);
    expect(quantile({ weights, hours }, 0.5)).toBeCloseTo(100, 6);
    expect(readyShare({ weights, hours }, 120)).toBeGreaterThan(readyShare({ weights, hours }, 90));
  });
  it('is raised by a check that passes and lowered by one that fails', () => {
    const ready = (pass?: boolean) =>
      readyShare(estimate(100, clock, pass === undefined ? [] : [{ atMs: 100 * MS_PER_HOUR, kind: 'towel', pass }]), 100);
    expect(ready(true)).toBeGreaterThan(ready());
    expect(ready(false)).toBeLessThan(ready());
  });
  it('drops a check followed by its kind within twelve hours, that hour included', () => {
    const seen = (hours: number) => ({ atMs: hours * MS_PER_HOUR, kind: 'smell' as const, pass: true });
    expect(countingChecks([seen(0), seen(12), seen(24.01)]).map((check) => check.atMs / MS_PER_HOUR)).toEqual([12, 24.01]);
  });
  it('never says ready before the start, and refuses nonsense', () => {
    const result = cure({ ...base, a0Hours: 0.0001 });
    expect(result.ok && Date.parse(result.value.readyAt.p10)).toBeGreaterThanOrEqual(Date.parse('2031-03-01T08:00:00Z'));
    expect(cure({ ...base, zone: 'Mars/Base' })).toMatchObject({ ok: false, issues: [{ code: 'unknown-zone', path: 'zone' }] });
    expect(cure({ ...base, tests: [{ at: 'noon', kind: 'towel', pass: true }] })).toMatchObject({
      ok: false,
      issues: [{ path: 'tests.0.at' }],
    });
  });
});

describe('fit', () => {
  const pass = { atMs: 0, kind: 'towel' as const, pass: true };
  const fit = (p: number, checks: { atMs: number; kind: 'towel'; pass: boolean }[], hours: number, least = 0) =>
    fitness(p, checks, hours * MS_PER_HOUR, least * MS_PER_HOUR);
  it('wants the estimate, a fresh check and the least time, all three', () => {
    expect(fit(0.9, [pass], 48).fit).toBe(true);
    expect(fit(0.89, [pass], 48)).toMatchObject({ estimate: false, fit: false });
    expect(fit(0.99, [pass], 48.1)).toMatchObject({ check: false, fit: false });
    expect(fit(0.99, [pass, { ...pass, atMs: MS_PER_HOUR, pass: false }], 2).check).toBe(false);
    expect(fit(0.99, [pass], 5, 6)).toMatchObject({ leastTime: false, fit: false });
    expect(fit(0.99, [], 5).check).toBe(false);
  });
});

describe('the hours a finish needs', () => {
  const of = (lines: Record<string, number>) =>
    a0Of(Object.entries(lines).map(([id, w]) => ({ ingredient: ingredientOf(id), w })));
  it.each([
    [{ 'mineral-oil': 0.8, beeswax: 0.2 }, 24, 'settle'],
    [{ 'tung-oil': 0.5, 'citrus-solvent': 0.5 }, 168, 'tung-in-citrus'],
    [{ 'tung-oil': 1 }, 240, 'tung-oil'],
    [{ 'linseed-heat-bodied': 0.8, beeswax: 0.2 }, 96, 'linseed-heat-bodied'],
    [{ 'flaxseed-oil': 0.09, 'mineral-oil': 0.91 }, 24, 'settle'],
    [{ 'shellac-solution': 1 }, 48, 'shellac'],
    [{ 'shellac-solution': 0.5, 'walnut-oil-heat-treated': 0.5 }, 120, 'walnut-oil-heat-treated'],
  ])('%j needs %d', (lines, hours, source) => expect(of(lines as unknown as Record<string, number>)).toEqual({ hours, source }));
});
