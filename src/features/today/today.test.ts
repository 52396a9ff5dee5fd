import { describe, expect, it } from 'vitest';
import { shopHours } from '@/data/shop/queries';
import { demoDb, reportOf } from '@/data/testing';
import { recordEntry } from '@/data/work/record';
import { openBatches, titleOf } from '@/trade/hands/open-batches';
import { clockTime, longDate } from '@/ui/when';
import { week } from './week';

const NOON = Date.parse('2031-03-05T14:20:00Z');

describe('the hand strip', () => {
  const db = demoDb(NOON);
  it('puts what can spoil within the hour first, then what is planned soonest', () => {
    const open = openBatches(db, NOON);
    expect(open.map((one) => one.batch.number).slice(0, 3)).toEqual(expect.arrayContaining(['31-004', '31-006']));
    expect(open[0]?.action).toMatchObject({ action: 'Wipe until dry, turn the cloth', done: 'Wiped', place: 'Bench', lot: null });
  });
  it('gives what a coat will take, from which lot, and the room’s last air', () => {
    const coat = openBatches(db, NOON).find((one) => one.action?.kind === 'coat')?.action;
    expect(coat?.estimatedG).toBeGreaterThan(1);
    expect(coat?.lot).toMatch(/^[SB]31-\d\d$/);
    expect(coat?.tempC).toBeGreaterThan(10);
  });
  it('says a batch in plain words', () => {
    expect(openBatches(db, NOON).map((one) => titleOf(one.batch))).toContain('8 sycamore bread boards');
  });
  it('re-flows from what happened', () => {
    const before = openBatches(db, NOON).find((one) => one.batch.number === '31-006')?.action;
    recordEntry(db, reportOf(before?.batchId ?? 0, before?.task ?? '', NOON), { personId: 1, nowMs: NOON });
    const after = openBatches(db, NOON + 60_000).find((one) => one.batch.number === '31-006')?.action;
    expect([before?.task, after?.task]).toEqual(['wipe-2', 'flood-3']);
    // Half an hour at 20 °C, a little more in this shop.
    expect(after?.earliestMs).toBeGreaterThanOrEqual(NOON + 30 * 60_000);
    expect(after?.earliestMs).toBeLessThan(NOON + 36 * 60_000);
    expect(after?.ring.state).toBe('resting');
  });
});

describe('the plan of the whole shop', () => {
  const db = demoDb(NOON);
  it('can be made at any hour of the days after, whatever has been left lying', () => {
    for (let hour = 0; hour < 24 * 8; hour += process.env.RENDLE_WALKS ? 6.1 : 30.5) {
      const nowMs = NOON + Math.round(hour * 60) * 60_000;
      for (const { plan, action, standing } of openBatches(db, nowMs)) {
        // A treatment of a trial may wait with nothing left to do.
        if (standing.progress.rest.length === 0) continue;
        if (!plan?.feasible) expect(action?.blocked ?? '').toMatch(/\w/);
        else for (const step of plan.steps) expect(Number.isFinite(step.startMs) && step.slackUntilMs >= step.startMs).toBe(true);
      }
    }
  });
  it('gives a step that is past its window to the first hands that are free, before all else', () => {
    const late = openBatches(db, NOON).find((one) => one.batch.number === '31-010');
    expect(late?.action?.latestMs).toBeLessThan(NOON);
    expect(late?.action?.plannedMs).toBe(NOON);
    expect(openBatches(db, NOON)[0]?.batch.number).toBe('31-010');
  });
  it('never gives one pair of hands two things at once, nor work outside their hours', () => {
    const steps = openBatches(db, NOON).flatMap(({ plan, standing }) =>
      plan?.feasible ? plan.steps.filter((step) => standing.progress.rest.some((task) => task.key === step.id)) : [],
    );
    for (const by of ['1', '2']) {
      const own = steps.filter((step) => step.by === by).sort((a, b) => a.startMs - b.startMs);
      expect(own.length).toBeGreaterThan(5);
      own.slice(1).forEach((step, i) => {
        expect(step.startMs).toBeGreaterThanOrEqual(own[i]?.endMs ?? 0);
      });
    }
    const ines = steps.filter((step) => step.by === '2').map((step) => clockTime(step.startMs, 'Europe/Lisbon', step.startMs));
    expect(ines.every((time) => time >= '09:00' && time < '16:30')).toBe(true);
  });
});

describe('the week', () => {
  const db = demoDb(NOON);
  it('has seven days with their openings, one of them an hour shorter', () => {
    const days = week(shopHours(db), Date.parse('2031-03-28T12:00:00Z'));
    expect(days.map((day) => day.date)).toEqual([
      '2031-03-28',
      '2031-03-29',
      '2031-03-30',
      '2031-03-31',
      '2031-04-01',
      '2031-04-02',
      '2031-04-03',
    ]);
    expect(days.map((day) => (day.toMs - day.fromMs) / 3_600_000)).toEqual([24, 24, 23, 24, 24, 24, 24]);
    expect(days.map((day) => day.openings.length)).toEqual([1, 1, 0, 1, 1, 1, 1]);
  });
});

describe('times in words', () => {
  it('leave out the day when it is today, and say the date when it is far', () => {
    const zone = 'Europe/Lisbon';
    expect([
      clockTime(NOON, zone, NOON),
      clockTime(NOON + 86_400_000, zone, NOON),
      clockTime(NOON + 30 * 86_400_000, zone, NOON),
      longDate('2031-03-04'),
    ]).toEqual(['14:20', 'Thu 14:20', '4 Apr, 15:20', '4 Mar 2031']);
  });
});
