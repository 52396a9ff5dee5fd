import { describe, expect, it } from 'vitest';
import { weighCurve } from '@/core/cure';
import { recordCheck } from '@/data/cure/commands';
import type { Db } from '@/data/db';
import { demoDb } from '@/data/testing';
import { findBatchId, loadBatch } from '@/data/work/batch';
import { standingOfBatch } from '@/data/work/standing';
import { openBatches } from '@/trade/hands/open-batches';
import { adviceFor, scenesFor } from './elsewhere';
import { weighWords } from './weigh-in';
import { milestoneWords, missing, reachedWords, spanWords, weepWords } from './words';

const NOW = Date.parse('2031-03-05T14:20:00Z');
const HOUR = 3_600_000;

function spoons(db: Db, nowMs = NOW) {
  const batch = loadBatch(db, findBatchId(db, '31-003') ?? 0, nowMs);
  if (!batch) throw new Error('no spoons');
  return { batch, standing: standingOfBatch(db, batch, nowMs) };
}
const check = (db: Db, pass: boolean, at: number) =>
  recordCheck(
    db,
    { clientId: `paper-${at}`, batchId: findBatchId(db, '31-003') ?? 0, kind: 'towel', pass, note: '', at },
    { personId: 1, nowMs: at },
  );

describe('words of what never dries', () => {
  it('never say cured, and tell when to wipe it again', () => {
    const db = demoDb(NOW);
    const { batch, standing } = spoons(db);
    expect(weepWords(batch, standing, NOW, 'UTC')).toBe('It may weep: wipe it in the warm until clean paper stays clean.');
    check(db, false, NOW);
    const after = spoons(db);
    expect(weepWords(after.batch, after.standing, NOW, 'UTC')).toMatch(
      /^It weeps: paper took oil 14:20\. Wipe it again by Thu 14:20\.$/,
    );
    expect(weepWords(after.batch, after.standing, NOW + 30 * HOUR, 'UTC')).toMatch(/Wipe it again now\.$/);
    check(db, true, NOW + 2 * HOUR);
    const clean = spoons(db, NOW + 3 * HOUR);
    expect(weepWords(clean.batch, clean.standing, NOW + 3 * HOUR, 'UTC')).toBe('Clean paper stayed clean 16:20.');
    const said = [milestoneWords('food', { settles: true }), milestoneWords('touch', { settles: true })].join();
    expect(said).not.toMatch(/cure/i);
    expect(said).toContain('Settled');
  });
  it('say from the bath that it leaches', () => {
    const db = demoDb(NOW);
    const batch = loadBatch(db, findBatchId(db, '31-008') ?? 0, NOW);
    expect(batch && weepWords(batch, standingOfBatch(db, batch, NOW), NOW, 'UTC')).toContain('From the bath it leaches');
  });
  it('name what is missing before a batch is fit', () => {
    expect(missing(spoons(demoDb(NOW)).standing)).toBe(
      'Still wants its last step, the estimate at nine in ten, a check that opens it, passed in the last 48 h, and none of another kind failed since.',
    );
  });
});

describe('words of a milestone', () => {
  it('say now only of what is almost sure: eight in ten is not yet fit for food', () => {
    const at = (likely: number, surely: number) =>
      reachedWords({ likelyMs: NOW + likely * HOUR, surelyMs: NOW + surely * HOUR }, NOW, 'UTC');
    expect(at(-5, -1)).toBe('now');
    expect(at(-5, 20)).toBe('likely; surely Thu 10:20');
    expect(at(4, 20)).toBe('likely 18:20, surely Thu 10:20');
  });
});

describe('words of a span', () => {
  it('say the hour only where it is known so finely', () => {
    const span = (hours: number) => spanWords({ p10: NOW, p50: NOW + (hours * HOUR) / 2, p90: NOW + hours * HOUR }, 'UTC', NOW);
    expect(span(20)).toBe('Thu 00:20 (14:20 to Thu 10:20)');
    expect(span(100)).toBe('Fri 7 Mar (Wed 5 Mar to Sun 9 Mar)');
  });
});

describe('words of a weigh-in', () => {
  const weigh = (grams: readonly number[]) => weighCurve(grams.map((value, i) => ({ hours: i * 20, grams: value })));
  it('say what left, what came, and whether it rests', () => {
    expect(weighWords(null, 2)).toContain('2 of at least 4');
    expect(weighWords(weigh([412.9, 411.8, 411.4, 411.6, 411.9, 412.1, 412.2, 412.2, 412.2, 412.2]), 10)).toMatch(
      /g left it until .* g came from the air as the oil set\. Since about .* it changes no more \(nine in ten: /,
    );
    expect(weighWords(weigh([400, 400.4, 400.8, 401.2, 401.6]), 5)).toContain('It still changes');
    expect(weighWords(weigh([400, 400, 400, 400]), 4)).toContain('never changed');
  });
});

describe('where to carry which batch', () => {
  const db = demoDb(NOW);
  const open = openBatches(db, NOW);
  it('is advised by the coming week of each place, for their own dates or for one day', () => {
    const { moves } = adviceFor(db, open, NOW, null);
    expect(moves.some((move) => move.number === '31-002' && move.place === 'warm cabinet' && move.gainMs > 0)).toBe(true);
    expect(moves.every((move) => move.place !== 'bath' && move.place !== 'lathe')).toBe(true);
    const soon = adviceFor(db, open, NOW, NOW + 5 * 24 * HOUR).together;
    expect(soon.moves.map((move) => move.number)).toEqual(['31-002']);
    expect(soon.late).toEqual([]);
    expect(adviceFor(db, open, NOW, NOW + HOUR).together.late).toEqual(['31-002']);
  });
  it('knows the places that are read, a sill in May, and a shop that is cold at night', () => {
    const bowls = open.find((one) => one.batch.number === '31-002');
    const scenes = bowls ? scenesFor(db, bowls.batch, bowls.standing, NOW) : [];
    const rate = (id: string) => scenes.find((scene) => scene.id === id)?.rate ?? 0;
    const at = (name: string) => scenes.find((scene) => scene.name === name)?.rate ?? 0;
    expect(at('at the warm cabinet')).toBeGreaterThan(at('at the rack'));
    expect(rate('nights')).toBeLessThan(at('at the rack'));
    expect(rate('may')).toBeGreaterThan(at('at the rack'));
  });
});
