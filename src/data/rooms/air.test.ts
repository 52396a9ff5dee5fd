import { describe, expect, it } from 'vitest';
import { cureRate } from '@/core/cure';
import { recordWeighing, weighingsOf } from '../cure/commands';
import { recordReadings } from '../shop/commands';
import { places } from '../shop/queries';
import { demoDb } from '../testing';
import { findBatchId, loadBatch } from '../work/batch';
import { moveBatch } from '../work/commands';
import { standingOfBatch } from '../work/standing';
import { forecastFor } from './air';

const NOW = Date.parse('2031-03-05T14:20:00Z');
const HOUR = 3_600_000;
const by = { personId: 1, nowMs: NOW };
const code = (result: { ok: boolean; issues?: readonly { code: string }[] }) => (result.ok ? 'ok' : result.issues?.[0]?.code);

describe('the air a batch stood in', () => {
  it('is that of each place while it stood there, and of the last one for what is to come', () => {
    const db = demoDb(NOW);
    const id = findBatchId(db, '31-002') ?? 0;
    const batch = loadBatch(db, id, NOW);
    const cure = batch && standingOfBatch(db, batch, NOW).cure;
    if (!cure) throw new Error('nothing cures');
    // Two days on the rack, then the sill in its window.
    expect(new Set(cure.air.readings.map((one) => one.light))).toEqual(new Set(['indoor', 'window']));
    expect([cure.air.readings.at(-1)?.light, cure.air.forecast.light]).toEqual(['window', 'window']);
    const times = cure.air.reckoned.map((one) => one.atMs);
    expect(times.every((at, i) => i === 0 || at >= (times[i - 1] ?? 0) - HOUR)).toBe(true);
    expect(Math.max(...times)).toBeGreaterThan(NOW + 50 * 24 * HOUR);
  });
  it('shows the day on which nothing was read, and bridges it', () => {
    const db = demoDb(NOW);
    const batch = loadBatch(db, findBatchId(db, '31-002') ?? 0, NOW);
    const cure = batch && standingOfBatch(db, batch, NOW).cure;
    expect(cure?.air.gaps).toHaveLength(1);
    const gap = cure?.air.gaps[0];
    expect(((gap?.toMs ?? 0) - (gap?.fromMs ?? 0)) / HOUR).toBeGreaterThan(18);
    const inside = (list: readonly { readonly atMs: number }[] = []) =>
      list.filter((one) => one.atMs > (gap?.fromMs ?? 0) && one.atMs < (gap?.toMs ?? 0));
    expect(inside(cure?.air.readings)).toEqual([]);
    expect(inside(cure?.air.reckoned).length).toBeGreaterThan(4);
  });
  it('hurries from the moment it is carried to the warm', () => {
    const db = demoDb(NOW);
    const id = findBatchId(db, '31-002') ?? 0;
    const needs = () => {
      const batch = loadBatch(db, id, NOW);
      return (batch && standingOfBatch(db, batch, NOW).cure) ?? null;
    };
    const here = needs();
    const warm = places(db).find((one) => one.kind === 'warm cabinet')?.id ?? 0;
    moveBatch(db, id, warm, by);
    const there = needs();
    expect(there?.ageHours).toBeCloseTo(here?.ageHours ?? 0, 3);
    const gain = (cure: typeof here) => (cure?.clock.ageAt(NOW + 10 * HOUR) ?? 0) - (cure?.ageHours ?? 0);
    expect(gain(there)).toBeGreaterThan(gain(here));
  });
  it('is forecast by the shop’s own year: warmer at its own July than now', () => {
    const db = demoDb(NOW);
    const rack = places(db).find((one) => one.kind === 'rack');
    const forecast = rack && forecastFor(db, rack, NOW);
    expect(
      (forecast?.(Date.parse('2031-07-20T14:00:00Z')).tempC ?? 0) - (forecast?.(Date.parse('2031-03-20T14:00:00Z')).tempC ?? 99),
    ).toBeGreaterThan(2);
    const noon = forecast?.(Date.parse('2031-03-09T15:00:00Z')).tempC ?? 0;
    expect(noon - (forecast?.(Date.parse('2031-03-09T03:00:00Z')).tempC ?? 99)).toBeGreaterThan(1);
    expect(forecastFor(db, places(db).find((one) => one.kind === 'bath') as NonNullable<typeof rack>, NOW)).toBeNull();
  });
  it('is never moved by a second file of the same readings', () => {
    const db = demoDb(NOW);
    const rack = places(db).find((one) => one.kind === 'rack');
    if (!rack) throw new Error('no rack');
    const readings = Array.from({ length: 6 }, (_, i) => ({ atMs: NOW - 3 * HOUR + i * 600_000, tempC: 25, rh: 0.4 }));
    expect(recordReadings(db, rack.id, readings, by)).toMatchObject({ value: 6 });
    const once = forecastFor(db, rack, NOW)?.(NOW + HOUR);
    expect(recordReadings(db, rack.id, readings, by)).toMatchObject({ value: 0 });
    expect(forecastFor(db, rack, NOW)?.(NOW + HOUR)).toEqual(once);
    expect(cureRate({ tempC: 25, rh: 0.4, light: 'indoor' })).toBeGreaterThan(1);
  });
});

describe('weighings of a test piece', () => {
  it('are kept once, in order, and refused without weight or from the future', () => {
    const db = demoDb(NOW);
    const id = findBatchId(db, '31-002') ?? 0;
    const before = weighingsOf(db, id, 0).length;
    const weigh = (clientId: string, grams: number, at: number) =>
      code(recordWeighing(db, { clientId, batchId: id, grams, at }, by));
    expect([weigh('weigh-aaa', 400, NOW), weigh('weigh-aaa', 400, NOW)]).toEqual(['ok', 'ok']);
    expect([weigh('weigh-bbb', 0, NOW), weigh('weigh-ccc', 400, NOW + 9 * HOUR)]).toEqual(['must-be-positive', 'in-the-future']);
    expect(code(recordWeighing(db, { clientId: 'weigh-ddd', batchId: 999, grams: 1, at: NOW }, by))).toBe('not-found');
    const rows = weighingsOf(db, id, 0);
    expect(rows).toHaveLength(before + 1);
    expect(rows.map((row) => row.at)).toEqual([...rows.map((row) => row.at)].sort((a, b) => a - b));
  });
});
