import { beforeEach, describe, expect, it } from 'vitest';
import { openDay } from '@/core/plan';
import type { Db } from '../db';
import { changeRooms } from '../shop/commands';
import { places, shopHours } from '../shop/queries';
import { demoDb } from '../testing';
import { findBatchId, loadBatch, openBatchIds } from '../work/batch';
import { progressOfBatch } from '../work/standing';
import { handsOf, setHandHours } from './hands';
import { allPins, pinStep } from './pins';
import { type PlanMaker, planVersion, shopPlan } from './shop-plan';

const NOW = Date.parse('2031-03-05T14:20:00Z');
const MIN = 60_000;
let db: Db;
const by = { personId: 1, nowMs: NOW };
const idOf = (number: string): number => findBatchId(db, number) ?? 0;
const made = (nowMs = NOW, beside: PlanMaker | null = null) =>
  shopPlan(
    db,
    openBatchIds(db).flatMap((id) => {
      const batch = loadBatch(db, id, nowMs);
      return batch ? [{ batch, progress: progressOfBatch(batch).progress }] : [];
    }),
    nowMs,
    shopHours(db),
    beside,
  );
const startOf = (number: string, task: string, nowMs = NOW): number => {
  const plan = made(nowMs).batches.get(idOf(number));
  return plan?.feasible ? (plan.steps.find((step) => step.id === task)?.startMs ?? Number.NaN) : Number.NaN;
};
const code = (result: { ok: boolean; issues?: readonly { code: string }[] }) => (result.ok ? 'ok' : result.issues?.[0]?.code);

beforeEach(() => {
  db = demoDb(NOW);
});

describe('the shop’s plan', () => {
  it('is the same for the same records, and stands for minutes so that it does not jitter', () => {
    const [first, again] = [made(), made(NOW + 2 * MIN)];
    expect(again).toBe(first);
    const fresh = demoDb(NOW);
    const other = db;
    db = fresh;
    expect(made().found).toEqual(first.found);
    db = other;
  });
  it('goes round a step that is held, says what it moved, and lets it go again', () => {
    made();
    const held = Date.parse('2031-03-06T14:05:00Z');
    expect(code(pinStep(db, { batchId: idOf('31-007'), task: 'sand-120' }, held, by))).toBe('ok');
    expect(startOf('31-007', 'sand-120')).toBe(held);
    expect(made().moved.some((move) => move.batch === String(idOf('31-007')))).toBe(true);
    expect(code(pinStep(db, { batchId: idOf('31-007'), task: 'sand-120' }, null, by))).toBe('ok');
    expect(allPins(db)).toEqual([]);
    expect(startOf('31-007', 'sand-120')).not.toBe(held);
  });
  it('refuses a hold outside the window, in the past, or on what is done; and goes on without one that cannot be', () => {
    const bath = { batchId: idOf('31-008'), task: 'drain' };
    // Wet oil that dries has a latest moment; what never dries in a bath has none.
    expect(code(pinStep(db, { batchId: idOf('31-010'), task: 'wipe-2' }, NOW + 60 * MIN, by))).toBe('outside-window');
    expect(code(pinStep(db, bath, NOW + 40 * 60 * MIN, by))).toBe('ok');
    expect(code(pinStep(db, bath, null, by))).toBe('ok');
    expect(code(pinStep(db, bath, NOW - 60 * MIN, by))).toBe('in-the-past');
    expect(code(pinStep(db, { ...bath, task: 'submerge' }, NOW + MIN, by))).toBe('already-decided');
    expect(code(pinStep(db, { ...bath, task: 'nothing' }, NOW + MIN, by))).toBe('not-found');
    // Three in the morning is in nobody's hours.
    expect(code(pinStep(db, { batchId: idOf('31-007'), task: 'sand-120' }, Date.parse('2031-03-06T03:00:00Z'), by))).toBe('ok');
    expect(made().unheld.map((pin) => pin.task)).toEqual(['sand-120']);
    expect(made().batches.get(idOf('31-007'))).toMatchObject({ feasible: true });
  });
  it('gives work to hands in their own hours only, and says when a batch does not fit', () => {
    const hours = [1, 2, 3, 4, 5].map((day) => ({ day, open: '08:30', close: '08:40' }));
    for (const personId of [1, 2]) setHandHours(db, { personId, hours, away: [] });
    const plan = made();
    expect(plan.batches.get(idOf('31-004'))).toMatchObject({ feasible: false, blocking: { why: 'no-opening-long-enough' } });
    setHandHours(db, { personId: 1, hours: [], away: ['2031-03-06'] });
    const [wren, ines] = handsOf(db, shopHours(db));
    expect(wren).toMatchObject({ id: '1', closed: ['2031-03-06'] });
    expect(wren?.hours.length).toBeGreaterThan(5);
    expect(ines?.hours).toHaveLength(5);
  });
  it('stands, marked as old, while the next is made beside the requests', async () => {
    const first = made();
    let done = (): void => undefined;
    let asked = 0;
    const beside: PlanMaker = (input) => {
      asked++;
      return new Promise((resolve) => {
        done = () => resolve(openDay(input));
      });
    };
    expect(made(NOW, beside)).toBe(first);
    const held = Date.parse('2031-03-06T14:05:00Z');
    pinStep(db, { batchId: idOf('31-007'), task: 'sand-120' }, held, by);
    const version = planVersion(db);
    const [old, still] = [made(NOW, beside), made(NOW, beside)];
    expect([asked, old.isOld, still.isOld, first.isOld]).toEqual([1, true, true, false]);
    expect(old.batches.get(idOf('31-007'))).toEqual(first.batches.get(idOf('31-007')));
    done();
    await Promise.resolve();
    await new Promise((resolve) => setImmediate(resolve));
    expect(planVersion(db)).toBeGreaterThan(version);
    const fresh = made(NOW, beside);
    expect([fresh.isOld, asked]).toEqual([false, 1]);
    expect(startOf('31-007', 'sand-120')).toBe(held);
  });
  it('is made in place where the thread fails', async () => {
    made();
    pinStep(db, { batchId: idOf('31-007'), task: 'sand-120' }, Date.parse('2031-03-06T14:05:00Z'), by);
    expect(made(NOW, () => Promise.reject(new Error('the thread ended'))).isOld).toBe(true);
    await new Promise((resolve) => setImmediate(resolve));
    expect(made(NOW, () => Promise.reject(new Error('the thread ended'))).isOld).toBe(false);
  });
  it('keeps to what fits in a place', () => {
    const rack = places(db).find((place) => place.kind === 'rack');
    expect(made().input.spots?.find((spot) => spot.id === 'rack')?.capacity).toBe(6);
    changeRooms(db, [{ id: rack?.id ?? 0, capacity: null }]);
    expect(made().input.spots?.some((spot) => spot.id === 'rack')).toBe(false);
  });
});
