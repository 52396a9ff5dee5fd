import { beforeEach, describe, expect, it } from 'vitest';
import { aheadOf, callsOf, projected } from '@/core/hands';
import { demoDb, reportOf } from '@/data/testing';
import { recordEntry } from '@/data/work/record';
import { openBatches } from '@/trade/hands/open-batches';

const NOW = Date.parse('2031-03-05T14:20:00Z');
const MIN = 60_000;
let db = demoDb(NOW);
const six = (nowMs = NOW) => {
  const found = openBatches(db, nowMs).find((one) => one.batch.number === '31-006');
  if (!found?.action) throw new Error('no action');
  return { action: found.action, ahead: aheadOf(found.standing.progress.rest), id: found.batch.id };
};

beforeEach(() => {
  db = demoDb(NOW);
});

describe('what a device knows without the shop', () => {
  it('is the same next step, with the same window, that the shop reckons once it has the records', () => {
    const { action, ahead, id } = six();
    const written = [
      { batchId: id, task: 'wipe-2', at: NOW + 5 * MIN },
      { batchId: id, task: 'flood-3', at: NOW + 40 * MIN },
    ];
    const here = projected(action, ahead, written);
    written.forEach(({ task, at }, i) => {
      recordEntry(db, reportOf(id, task, at, { deviceSequence: i, queued: true }), { personId: 1, nowMs: NOW + 60 * MIN });
    });
    const there = six(NOW + 60 * MIN).action;
    const say = (one: typeof there | null) => one && [one.task, one.done, one.earliestMs, one.idealMs, one.latestMs, one.fromMs];
    expect(say(here)).toEqual(say(there));
  });
  it('stays where it is for another batch, a step out of turn, and a check that did not pass', () => {
    const { action, ahead, id } = six();
    for (const record of [
      { batchId: id + 1, task: 'wipe-2', at: NOW },
      { batchId: id, task: 'flood-3', at: NOW },
      { batchId: id, task: 'wipe-2', at: NOW, pass: false },
    ])
      expect(projected(action, ahead, [record])?.task).toBe('wipe-2');
  });
  it('is nothing once the last step is written down', () => {
    const { action, ahead, id } = six();
    const last = ahead.slice(-1);
    const only = { ...action, ...last[0], task: last[0]?.task ?? '' };
    expect(projected(only, last, [{ batchId: id, task: only.task, at: NOW, pass: true }])).toBeNull();
  });
});

describe('what is called aloud', () => {
  const window = { fromMs: NOW, earliestMs: NOW + 10 * MIN, idealMs: NOW + 15 * MIN, latestMs: NOW + 30 * MIN };
  it('is the opening, the best moment, five minutes before harm, and harm', () => {
    const { action } = six();
    expect(callsOf({ ...action, ...window }).map(({ what, at }) => [what, (at - NOW) / MIN])).toEqual([
      ['opens', 10],
      ['ideal', 15],
      ['soon', 25],
      ['risk', 30],
    ]);
    expect(callsOf({ ...action, ...window, latestMs: null }).map(({ what }) => what)).toEqual(['opens', 'ideal']);
    expect(
      callsOf({ ...action, ...window, earliestMs: NOW + 27 * MIN, idealMs: NOW + 27 * MIN }).map(({ what }) => what),
    ).toEqual(['opens', 'risk']);
    expect(callsOf({ ...action, fromMs: null })).toEqual([]);
  });
});
