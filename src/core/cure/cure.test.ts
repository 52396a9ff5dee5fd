import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { ingredientOf, SHIPPED } from '@/core/material';
import { MS_PER_HOUR } from '@/core/quantity';
import { a0Of, ageClock, cure, estimate, fitness, milestones, quantile, readyShare } from '.';
import { A0, A0_SOURCES, COUNTS_FROM_SHARE, MILESTONE_IDS, SLOW_WOOD_FACTOR } from './a0';
import { NEVER_AFTER_MS } from './age';
import { CHECK_KINDS, CHECK_TRAITS } from './checks';
import { CURE_MODES, type CureMode } from './checks/check';
import { countingChecks, GRID_POINTS, LN_SCALE, NEVER, neededHours, priorFactor, TAIL_DF } from './cure';
import { CHECK_HOLDS_HOURS, FIT_FROM } from './fit';
import { cureRate, LIGHT_FACTOR, MODES, REFERENCE_C, SUN_HOURS } from './rate';

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
      MODES,
      REFERENCE_C,
      LIGHT_FACTOR,
      LN_SCALE,
      TAIL_DF,
      NEVER,
      GRID_POINTS,
      SUN_HOURS,
      NEVER_AFTER_MS,
      FIT_FROM,
      CHECK_HOLDS_HOURS,
      COUNTS_FROM_SHARE,
    }).toEqual({
      MODES: {
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
      },
      REFERENCE_C: 20,
      LIGHT_FACTOR: { dark: 0.8, indoor: 1, window: 1.4, sun: 2.5 },
      LN_SCALE: 0.35,
      TAIL_DF: 4,
      NEVER: 0.02,
      GRID_POINTS: 1201,
      SUN_HOURS: { from: '09:00', to: '17:00' },
      NEVER_AFTER_MS: 24 * 3653 * 3_600_000,
      FIT_FROM: 0.9,
      CHECK_HOLDS_HOURS: 48,
      COUNTS_FROM_SHARE: 0.1,
    });
    const errors = {
      towel: { fp: 0.1, fn: 0.05 },
      smell: { fp: 0.15, fn: 0.1 },
      touch: { fp: 0.2, fn: 0.05 },
      'water-bead': { fp: 0.6, fn: 0.15 },
    };
    const of = (mode: CureMode) => Object.fromEntries(CHECK_KINDS.map((kind) => [kind, CHECK_TRAITS[kind].errs[mode]]));
    expect(Object.fromEntries(CURE_MODES.map((mode) => [mode, of(mode)]))).toEqual({
      // A dry towel or hand shows that the surplus is off, not that the oil has cured.
      oxidise: { ...errors, towel: { fp: 0.5, fn: 0.05 }, touch: { fp: 0.4, fn: 0.05 } },
      settle: errors,
      evaporate: errors,
    });
    expect(Object.fromEntries(A0_SOURCES.map((source) => [source, A0[source].hours]))).toEqual({
      settle: 24,
      'milk-paint': 24,
      shellac: 48,
      friction: 168,
      'hard-wax': 168,
      'metallic-driers': 168,
      'tung-heat-bodied': 168,
      'tung-oil': 240,
      'linseed-heat-bodied': 240,
      'walnut-heat-treated': 240,
      'wiping-varnish': 240,
      'hemp-oil': 336,
      'walnut-oil-raw': 336,
      'raw-linseed': 504,
      bought: 240,
    });
    expect(SLOW_WOOD_FACTOR).toBe(1.5);
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
    for (const source of A0_SOURCES) {
      const found = milestones(source);
      expect(found.map((one) => one.id).sort()).toEqual([...MILESTONE_IDS].sort());
      expect(found.filter((one) => one.id === 'food' || one.id === 'sale').every((one) => one.share === 1)).toBe(true);
    }
  });
});

describe('the rate', () => {
  it('is 1 at the reference and never more than the cap', () => {
    expect(cureRate({ tempC: 20, rh: 0.5, light: 'indoor' })).toBeCloseTo(1, 12);
    expect(cureRate({ tempC: 80, rh: 0.2, light: 'sun' })).toBe(6);
    expect(cureRate({ tempC: 90, rh: 0.2, light: 'sun' }, 'settle')).toBe(4);
    expect([0.6, 0.75, 0.9, 1].map((rh) => cureRate({ tempC: 20, rh, light: 'indoor' }))).toEqual([
      1,
      expect.closeTo(0.75, 12),
      0.5,
      0.5,
    ]);
  });
  it('is nothing at freezing, and no more above 40 °C than at it', () => {
    const at = (tempC: number, mode?: 'settle') => cureRate({ tempC, rh: 0.5, light: 'dark' }, mode);
    expect([at(0), at(-40)]).toEqual([0, 0]);
    expect(at(2.5)).toBeCloseTo((at(5) / 2) * Math.exp((-62_000 / 8.314462618) * (1 / 275.65 - 1 / 278.15)), 12);
    expect(at(60)).toBe(at(40));
    expect(at(0, 'settle')).toBeGreaterThan(0);
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

describe('each way of setting', () => {
  it('settles by warmth alone: neither light nor damp', () => {
    const at = (rh: number, light: 'dark' | 'sun') => cureRate({ tempC: 26, rh, light }, 'settle');
    expect([at(0.3, 'dark'), at(0.95, 'sun')]).toEqual([at(0.5, 'dark'), at(0.5, 'dark')]);
    expect(cureRate({ tempC: 26, rh: 0.5, light: 'dark' }, 'settle')).toBeGreaterThan(1);
  });
  it('evaporates without light, and slows in damp air only', () => {
    const at = (rh: number) => cureRate({ tempC: 20, rh, light: 'sun' }, 'evaporate');
    expect([at(0.75), at(0.85), at(0.99)]).toEqual([1, expect.closeTo(0.8, 12), 0.6]);
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
      'oxidise',
      'UTC',
    );
    expect([1, 4, 6].map((h) => clock.ageAt(h * MS_PER_HOUR))).toEqual([0.5, 2, 4]);
    expect(clock.timeOf(2)).toBe(4 * MS_PER_HOUR);
    expect(clock.ageAt(-5)).toBe(0);
  });
  it('counts in the sun only the hours of real sun, on the clock of the place, and by day and night for ever', () => {
    const sun = { tempC: 20, rh: 0.5, light: 'sun' } as const;
    const startMs = Date.parse('2031-06-02T00:00:00+01:00');
    const clock = ageClock(startMs, [{ ...sun, atMs: startMs }], sun, 'oxidise', 'Europe/Lisbon');
    const day = 8 * 2.5 + 16 * 0.8;
    const at = (hours: number) => clock.ageAt(startMs + hours * MS_PER_HOUR);
    expect([at(9), at(10), at(17), at(24)]).toEqual([7.2, 9.7, 27.2, day].map((age) => expect.closeTo(age, 9)));
    expect(at(24 * 40)).toBeCloseTo(40 * day, 6);
    expect(clock.timeOf(10 * day)).toBe(startMs + 240 * MS_PER_HOUR);
    // The night the clock goes forward is an hour shorter.
    const spring = Date.parse('2031-03-30T00:00:00+00:00');
    const short = ageClock(spring, [], sun, 'oxidise', 'Europe/Lisbon');
    expect(short.ageAt(spring + 23 * MS_PER_HOUR)).toBeCloseTo(day - 0.8, 9);
    // What settles asks neither sun nor dark.
    expect(ageClock(startMs, [], sun, 'settle', 'Europe/Lisbon').ageAt(startMs + 24 * MS_PER_HOUR)).toBeCloseTo(24, 9);
  });
  it('never comes where it freezes', () => {
    const ice = { tempC: -5, rh: 0.5, light: 'sun' } as const;
    const clock = ageClock(0, [{ ...ice, atMs: 0 }], ice, 'oxidise', 'UTC');
    expect([clock.ageAt(1e12), clock.timeOf(1)]).toEqual([0, Number.POSITIVE_INFINITY]);
    const said = cure({ ...base, forecast: ice });
    expect(said.ok && said.value.readyAt).toEqual({ p10: null, p50: null, p90: null });
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
        const clock = ageClock(0, readings, forecast, 'oxidise', 'Europe/Lisbon');
        expect(clock.ageAt(clock.timeOf(age))).toBeCloseTo(age, 6);
      }),
      { seed: 4 },
    );
  });
});

describe('the estimate', () => {
  const clock = ageClock(0, [], { tempC: 20, rh: 0.5, light: 'indoor' }, 'oxidise', 'UTC');
  it('sums to one with never beside it, has its median near A0, and rises over time', () => {
    const needed = neededHours(100, [], 'oxidise');
    expect(needed.weights.reduce((a, b) => a + b, 0) + needed.never).toBeCloseTo(1, 12);
    expect(needed.never).toBeCloseTo(0.02, 12);
    expect(quantile(needed, 0.49)).toBeCloseTo(100, 6);
    expect(readyShare(needed, 120)).toBeGreaterThan(readyShare(needed, 90));
    expect(readyShare(needed, 1e9)).toBeCloseTo(0.98, 12);
  });
  it('cannot say a date once too much speaks for never', () => {
    const failed = neededHours(
      100,
      [
        { ageHours: 900, kind: 'towel', pass: false },
        { ageHours: 950, kind: 'smell', pass: false },
      ],
      'settle',
    );
    expect(failed.never).toBeGreaterThan(0.4);
    expect([quantile(failed, 0.1), quantile(failed, 0.9)]).toEqual([expect.any(Number), null]);
    const said = cure({
      ...base,
      now: '2031-05-01T12:00',
      tests: [
        { at: '2031-04-28T08:00', kind: 'towel', pass: false },
        { at: '2031-04-29T08:00', kind: 'smell', pass: false },
      ],
    });
    expect(said.ok && said.value.readyAt.p90).toBeNull();
  });
  it('has tails so heavy that checks which all pass can overrule the figure', () => {
    const passed = (['towel', 'smell', 'touch'] as const).map((kind) => ({ ageHours: 40, kind, pass: true }));
    expect(readyShare(neededHours(100, passed, 'settle'), 40)).toBeGreaterThan(0.8);
    // Where oil cures by air a dry towel and hand weigh little.
    expect(readyShare(neededHours(100, passed, 'oxidise'), 40)).toBeLessThan(0.6);
    expect(priorFactor(0.9)).toBeGreaterThan(Math.exp(0.35 * 1.2815515655));
  });
  it('is raised by a check that passes and lowered by one that fails', () => {
    const ready = (pass?: boolean) =>
      readyShare(
        estimate(100, clock, pass === undefined ? [] : [{ atMs: 100 * MS_PER_HOUR, kind: 'towel', pass }], 'oxidise'),
        100,
      );
    expect(ready(true)).toBeGreaterThan(ready());
    expect(ready(false)).toBeLessThan(ready());
  });
  it('counts of one kind and outcome the latest alone: the same nose asked again is no second witness', () => {
    const seen = (hours: number, pass = true) => ({ atMs: hours * MS_PER_HOUR, kind: 'smell' as const, pass });
    expect(countingChecks([seen(300), seen(0), seen(100)])).toEqual([seen(300)]);
    // A fail is never wiped out by a pass that follows it.
    expect(countingChecks([seen(0, false), seen(50), seen(1)])).toEqual([seen(0, false), seen(50)]);
    const twice = estimate(240, clock, [seen(48), seen(72)], 'oxidise');
    expect(twice).toEqual(estimate(240, clock, [seen(72)], 'oxidise'));
  });
  it('never says ready before the start, and refuses nonsense', () => {
    const result = cure({ ...base, a0Hours: 0.0001 });
    expect(result.ok && Date.parse(result.value.readyAt.p10 ?? '')).toBeGreaterThanOrEqual(Date.parse('2031-03-01T08:00:00Z'));
    expect(cure({ ...base, zone: 'Mars/Base' })).toMatchObject({ ok: false, issues: [{ code: 'unknown-zone', path: 'zone' }] });
    expect(cure({ ...base, tests: [{ at: 'noon', kind: 'towel', pass: true }] })).toMatchObject({
      ok: false,
      issues: [{ path: 'tests.0.at' }],
    });
  });
});

describe('fit', () => {
  type Seen = { atMs: number; kind: 'towel' | 'smell' | 'touch' | 'water-bead'; pass: boolean };
  const seen = (kind: Seen['kind'], hours: number, pass = true): Seen => ({ atMs: hours * MS_PER_HOUR, kind, pass });
  const fit = (
    p: number,
    checks: Seen[],
    hours: number,
    least = 0,
    mode: 'oxidise' | 'settle' | 'evaporate' = 'oxidise',
    heldVolatile = false,
  ) => fitness(p, checks, hours * MS_PER_HOUR, least * MS_PER_HOUR, { mode, heldVolatile });
  it('wants the estimate, a fresh check and the least time, all three', () => {
    expect(fit(0.9, [seen('smell', 0)], 48).fit).toBe(true);
    expect(fit(0.89, [seen('smell', 0)], 48)).toMatchObject({ estimate: false, fit: false });
    expect(fit(0.99, [seen('smell', 0)], 48.1)).toMatchObject({ check: false, fit: false });
    expect(fit(0.99, [seen('smell', 0)], 5, 6)).toMatchObject({ leastTime: false, fit: false });
    expect(fit(0.99, [], 5).check).toBe(false);
  });
  it('wants the latest of every kind passed, however old', () => {
    expect(fit(0.99, [seen('smell', 0), seen('smell', 1, false)], 2).check).toBe(false);
    expect(fit(0.99, [seen('towel', 0, false), seen('smell', 400)], 401).check).toBe(false);
    expect(fit(0.99, [seen('towel', 0, false), seen('towel', 200), seen('smell', 400)], 401).check).toBe(true);
  });
  it('is opened by the checks that count for what sets, never by a water drop, nor by a dry towel where oil cures by air', () => {
    expect(fit(0.99, [seen('water-bead', 0)], 1).check).toBe(false);
    expect(fit(0.99, [seen('towel', 0), seen('touch', 0)], 1).check).toBe(false);
    expect(fit(0.99, [seen('touch', 0)], 1, 0, 'settle').check).toBe(true);
    expect(fit(0.99, [seen('smell', 0)], 1, 0, 'settle').check).toBe(false);
    expect(fit(0.99, [seen('towel', 0)], 1, 0, 'evaporate').check).toBe(false);
    expect(fit(0.99, [seen('touch', 0)], 1, 0, 'evaporate').check).toBe(true);
  });
  it('wants no smell besides where a coat held what evaporates, however it sets', () => {
    for (const mode of ['settle', 'evaporate'] as const) {
      expect(fit(0.99, [seen('touch', 0)], 1, 0, mode, true).check).toBe(false);
      expect(fit(0.99, [seen('touch', 0), seen('smell', 0)], 1, 0, mode, true).check).toBe(true);
      expect(fit(0.99, [seen('touch', 50), seen('smell', 0)], 51, 0, mode, true).check).toBe(false);
    }
  });
});

describe('the hours a finish needs', () => {
  const of = (lines: Record<string, number>, slow = false) =>
    a0Of(
      Object.entries(lines).map(([id, w]) => ({ ingredient: ingredientOf(id, SHIPPED), w })),
      SHIPPED,
      slow,
    );
  it.each([
    [{ 'mineral-oil': 0.8, beeswax: 0.2 }, 24, 'settle', 'settle'],
    [{ 'tung-oil': 0.5, 'citrus-solvent': 0.5 }, 240, 'tung-oil', 'oxidise'],
    [{ 'tung-oil-heat-bodied': 1 }, 168, 'tung-heat-bodied', 'oxidise'],
    [{ 'linseed-heat-bodied': 0.8, beeswax: 0.2 }, 240, 'linseed-heat-bodied', 'oxidise'],
    [{ 'flaxseed-oil': 0.09, 'mineral-oil': 0.91 }, 24, 'settle', 'settle'],
    [{ 'shellac-flake': 0.3, 'ethanol-pure': 0.7 }, 48, 'shellac', 'evaporate'],
    [{ 'shellac-solution': 0.5, 'linseed-boiled-driers': 0.5 }, 168, 'metallic-driers', 'oxidise'],
    [{ 'milk-paint-powder': 0.5, water: 0.5 }, 24, 'milk-paint', 'oxidise'],
  ])('%j needs %d', (lines, hours, source, mode) =>
    expect(of(lines as unknown as Record<string, number>)).toEqual({ hours, source, mode }),
  );
  it('are none for what stays tacky, and longer on woods that hold it back', () => {
    expect(of({ 'tung-oil': 0.5, 'mineral-oil': 0.5 })).toBeNull();
    expect(of({ 'sunflower-oil': 1 })).toBeNull();
    expect(of({ 'tung-oil': 1 }, true)?.hours).toBe(360);
    expect(of({ 'mineral-oil': 1 }, true)?.hours).toBe(24);
  });
});
