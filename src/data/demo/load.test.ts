import { describe, expect, it } from 'vitest';
import { openRagLines } from '../rags/queries';
import { allLots } from '../stores/queries';
import { emptyDb } from '../testing';
import { loadBatch, openBatchIds } from '../work/batch';
import { standingOfBatch } from '../work/standing';
import { loadDemo } from './load';

describe('the demo shed', () => {
  // The hour the clock goes back; a summer noon and a new year's night on the long walks.
  const moments = ['2031-10-26T01:30:00Z', '2031-07-09T12:00:00Z', '2032-01-01T00:10:00Z'];
  it.each(process.env.RENDLE_WALKS ? moments : moments.slice(0, 1))('can be loaded on %s', (text) => {
    const nowMs = Date.parse(text);
    const db = emptyDb();
    loadDemo(db, nowMs);
    const batches = openBatchIds(db).map((id) => loadBatch(db, id, nowMs));
    // Twelve of the shop's own, and the two treatments of the trial that runs.
    expect(batches.filter((batch) => batch?.trial === null).length).toBe(12);
    expect(batches.length).toBe(14);
    const states = batches.map((batch) => batch && standingOfBatch(db, batch, nowMs).ring.state);
    expect(new Set(states)).toEqual(new Set(['curing', 'wet', 'resting', 'prep']));
    expect(openRagLines(db).some((line) => line.hazard === 'self-heating' && line.laidAt === null)).toBe(true);
    // Only last year’s lots are used up.
    expect(
      allLots(db)
        .filter((lot) => lot.leftG <= 0)
        .map((lot) => lot.at < nowMs - 300 * 86_400_000),
    ).toEqual([true, true, true, true]);
  });
});
