import { describe, expect, it } from 'vitest';
import { demoDb } from '@/data/testing';
import { findBatchId, loadBatch } from '@/data/work/batch';
import { standingOfBatch } from '@/data/work/standing';
import { fanPoints, milestonesOf } from './fan';

const NOW = Date.parse('2031-03-05T14:20:00Z');

describe('the cure fan', () => {
  const db = demoDb(NOW);
  const batch = loadBatch(db, findBatchId(db, '31-002') ?? 0, NOW);
  const cure = batch && standingOfBatch(db, batch, NOW).cure;
  if (!cure) throw new Error('nothing cures');
  const points = fanPoints(cure, NOW);
  it('rises from the last coat to past the late date, and never falls', () => {
    expect(points[0]).toMatchObject({ atMs: cure.startMs });
    expect(points[0]?.ready).toBeLessThan(0.01);
    expect(points.at(-1)?.atMs).toBeGreaterThan(cure.readyAtMs.p90 ?? Number.POSITIVE_INFINITY);
    expect(points.every((point, i) => i === 0 || point.ready >= (points[i - 1]?.ready ?? 0))).toBe(true);
  });
  it('draws air only where it was measured', () => {
    expect(points.filter((point) => point.atMs > NOW).every((point) => point.tempC === null)).toBe(true);
    expect(points.filter((point) => point.tempC !== null).length).toBeGreaterThan(20);
  });
  it('shows how the checks bent it: two that failed and one that passed moved the line', () => {
    expect(cure.seen.map((one) => one.pass)).toEqual([false, false, true]);
    expect(points.some((point) => Math.abs((point.unchecked ?? 0) - point.ready) > 0.1)).toBe(true);
    expect(fanPoints({ ...cure, seen: [] }, NOW).every((point) => point.unchecked === null)).toBe(true);
  });
  it('reaches its milestones in their order', () => {
    const reached = milestonesOf(cure);
    for (const times of [reached.map((one) => one.likelyMs), reached.map((one) => one.surelyMs)])
      expect([...times].sort((a, b) => (a ?? 0) - (b ?? 0))).toEqual(times);
    expect(reached.every((one) => one.likelyMs !== null && one.surelyMs !== null && one.likelyMs <= one.surelyMs)).toBe(true);
    expect(reached.at(-1)).toEqual({ id: 'sale', likelyMs: cure.readyAtMs.p50, surelyMs: cure.readyAtMs.p90 });
    const { p10, p50, p90 } = cure.readyAtMs;
    expect([p10, p50, p90].map((at) => at ?? 0)).toEqual([p10, p50, p90].map((at) => at ?? 0).sort((a, b) => a - b));
    expect([p10, p50, p90]).not.toContain(null);
  });
});
