import fc from 'fast-check';
import { beforeEach, describe, expect, it } from 'vitest';
import { SHIPPED } from '@/core/material';
import type { Db } from '../db';
import { finishFor } from '../release/uses';
import { receiveLot } from '../stores/commands';
import { holdLot } from '../stores/holds';
import { allLots, leftOf } from '../stores/queries';
import { demoDb, lastEntryOf, reportOf } from '../testing';
import { traceOf } from '../trace/queries';
import { findBatchId, loadBatch } from './batch';
import { anotherCoat, changeLot, takeChangeBack, thatWasTheLast } from './changes';
import { startBatch } from './commands';
import { type Report, recordEntry } from './record';
import { takeWay } from './recover';
import { splitBatch } from './split';
import { progressOfBatch, standingOfBatch } from './standing';
import { correctEntry, undoLast } from './strike';

const NOW = Date.parse('2031-03-03T10:00:00Z');
const MIN = 60_000;
const HOUR = 60;
let db: Db;
let batchId: number;
let nextOil: number;
let clock = 0;

const at = (minutes: number) => NOW + minutes * MIN;
const byAt = (minutes: number) => ({ personId: 1, nowMs: at(minutes) });
const batch = (minutes = clock, id = batchId) => {
  const found = loadBatch(db, id, at(minutes));
  if (!found) throw new Error('no batch');
  return found;
};
const say = (task: string, minutes: number, more: Partial<Report> = {}) => {
  clock = minutes;
  const sent = recordEntry(
    db,
    reportOf(batchId, task, at(minutes), { clientId: `client-${task}-${minutes}`, ...more }),
    byAt(minutes),
  );
  if (!sent.ok) throw new Error(JSON.stringify(sent.issues));
};
const said = (result: { readonly ok: boolean; readonly issues?: readonly { readonly code: string }[] }): string =>
  result.ok ? 'ok' : (result.issues?.[0]?.code ?? '');
const takenBack = (clientId: string, deviceSequence: number) =>
  undoLast(
    db,
    { clientId, batchId, device: 'tablet-1', deviceSequence, entry: lastEntryOf(db, batchId, at(clock)) },
    byAt(clock),
  );
const todo = () => progressOfBatch(batch()).progress.rest.map((task) => task.key);
const oil = () => batch().materials.oil?.id ?? 0;
const last = (slot: string, more: Partial<Parameters<typeof thatWasTheLast>[1]> = {}) =>
  thatWasTheLast(db, { clientId: `last-${slot}-${clock}`, batchId, slot, reason: 'full', note: '', ...more }, byAt(clock));
const more = (slot: string, lotId: number | null = null) =>
  anotherCoat(db, { clientId: `more-${slot}-${clock}-${lotId}`, batchId, slot, lotId, note: '' }, byAt(clock));
const back = (id: number) => takeChangeBack(db, { clientId: `back-${id}-${clock}`, batchId, id }, byAt(clock));

/** A batch that soaks and waxes, up to the wipe of its first coat. */
function soaked(): void {
  say('sand-120', 10);
  say('wet', 12);
  say('knock-back-220', 140);
  say('flood-1', 150);
  say('wipe-1', 185);
}

beforeEach(() => {
  db = demoDb(NOW);
  batchId = findBatchId(db, '31-007') ?? 0;
  clock = 0;
  const ingredientId = allLots(db).find((lot) => lot.id === oil())?.ingredientId ?? null;
  const came = receiveLot(
    db,
    { ingredientId, grams: 400, supplier: '', supplierCode: '', openedOn: null, bestBefore: null, priceMinor: 1000, note: '' },
    byAt(0),
  );
  nextOil = came.ok ? came.value.id : 0;
});

describe('that was the last', () => {
  it('strikes what is left of a material, once, and what was given stays', () => {
    soaked();
    const before = leftOf(db, oil());
    expect(said(last('oil'))).toBe('ok');
    expect(said(last('oil'))).toBe('ok');
    expect(todo()).toEqual(['wax', 'buff', 'check']);
    expect(leftOf(db, oil())).toBe(before);
    expect(batch().changes).toMatchObject([{ kind: 'last', slot: 'oil', after: 'flood-1', reason: 'full' }]);
    // The wax comes as long after the last wipe as it would have after the third.
    const wait = progressOfBatch(batch()).progress.done.at(-1)?.task.room?.base;
    expect(wait?.min).toBe(8 * HOUR);
  });
  it('lets setting begin with what was given, and counts in the gates only that', () => {
    soaked();
    expect(standingOfBatch(db, batch(), at(clock)).cure).toBeNull();
    last('oil');
    last('paste', { reason: 'other', note: 'no wax wanted' });
    expect(todo()).toEqual(['check']);
    expect(standingOfBatch(db, batch(), at(clock)).cure?.startMs).toBe(at(185));
    expect(batch().on.map((lot) => lot.id)).toEqual([oil()]);
    expect(finishFor(batch(), SHIPPED).waxEquivalent).toBe(0);
    expect(batch().regimen.careClass).toBe('never-dry');
  });
  it('may be said while a coat still lies wet: its wipe stays', () => {
    say('sand-120', 10);
    say('wet', 12);
    say('knock-back-220', 140);
    say('flood-1', 150);
    last('oil');
    expect(todo()).toEqual(['wipe-1', 'wax', 'buff', 'check']);
  });
  it('is taken back as long as nothing rests on it', () => {
    soaked();
    const before = todo();
    last('oil');
    const id = batch().changes[0]?.id ?? 0;
    expect(said(back(id))).toBe('ok');
    expect(todo()).toEqual(before);
    clock = 186;
    last('oil');
    say('wax', 185 + 9 * HOUR);
    expect(said(back(batch().changes[0]?.id ?? 0))).toBe('change-begun');
    expect(batch().changes).toHaveLength(1);
  });
  it('wants a reason of its own in words, and something left to strike', () => {
    soaked();
    expect(said(last('oil', { reason: 'other', note: ' ' }))).toBe('reason-needed');
    last('oil');
    expect(said(last('oil', { clientId: 'once-more' }))).toBe('no-coats-left');
    expect(said(last('varnish', { clientId: 'unknown-slot' }))).toBe('no-coats-left');
  });
});

describe('another coat', () => {
  it('comes after the last one with its waits, is reckoned with, and is drawn like any', () => {
    soaked();
    more('oil');
    const [added] = batch().changes;
    expect(todo()).toContain(`flood-3*${added?.id}`);
    for (const [task, minutes] of [
      ['flood-2', 250],
      ['wipe-2', 285],
      ['flood-3', 350],
      ['wipe-3', 385],
    ] as const)
      say(task, minutes);
    const before = leftOf(db, oil());
    say(`flood-3*${added?.id}`, 450);
    expect(before - leftOf(db, oil())).toBeGreaterThan(0);
    expect(said(back(added?.id ?? 0))).toBe('change-begun');
    expect(todo()[0]).toBe(`wipe-3*${added?.id}`);
  });
  it('may come once everything is done, before the look that was next', () => {
    soaked();
    last('oil');
    last('paste', { reason: 'sheen' });
    more('oil');
    const id = batch().changes.at(-1)?.id;
    expect(todo()).toEqual([`flood-1*${id}`, `wipe-1*${id}`, 'check']);
    expect(standingOfBatch(db, batch(), at(clock)).cure).toBeNull();
  });
  it('may be taken from another lot', () => {
    soaked();
    expect(said(more('oil', nextOil))).toBe('ok');
    expect(oil()).toBe(nextOil);
  });
});

describe('a way back', () => {
  it('that was taken up keeps its place, whatever coats are added or struck after it', () => {
    soaked();
    clock = 190;
    expect(said(takeWay(db, { clientId: 'way-1-way-1', batchId, way: 'rewet-spots' }, byAt(190)))).toBe('ok');
    const [spots, wiped] = todo();
    say(spots ?? '', 200);
    say(wiped ?? '', 215);
    const before = progressOfBatch(batch()).progress.done.length;
    last('oil');
    // What was given last is the coat of the regimen; the way back after it stands.
    expect(todo()).toEqual(['wax', 'buff', 'check']);
    expect(progressOfBatch(batch()).progress).toMatchObject({ waiting: [], done: { length: before } });
    more('oil');
    expect(todo().slice(0, 2)).toEqual([`flood-1*${batch().changes.at(-1)?.id}`, `wipe-1*${batch().changes.at(-1)?.id}`]);
    expect(progressOfBatch(batch()).progress).toMatchObject({ waiting: [], done: { length: before } });
  });
});

describe('a lot', () => {
  it('is changed from a coat on: what was drawn before stays where it was drawn', () => {
    soaked();
    const first = oil();
    const [before, other] = [leftOf(db, first), leftOf(db, nextOil)];
    clock = 200;
    expect(said(changeLot(db, { batchId, slot: 'oil', lotId: nextOil }, byAt(clock)))).toBe('ok');
    say('flood-2', 250);
    expect(leftOf(db, first)).toBe(before);
    expect(leftOf(db, nextOil)).toBeLessThan(other);
    expect(
      batch()
        .on.map((lot) => lot.id)
        .sort(),
    ).toEqual(expect.arrayContaining([first, nextOil].sort()));
    // A record that comes late is drawn from the lot that was in hand then.
    expect(
      batch()
        .lots.filter((one) => one.slot === 'oil')
        .map((one) => one.lot.id),
    ).toEqual([first, nextOil]);
  });
  it('that does not suit is refused in the words of its slot', () => {
    soaked();
    const wax = allLots(db).find((lot) => lot.ingredientId === 'beeswax' && lot.leftG > 0)?.id ?? 0;
    expect(said(changeLot(db, { batchId, slot: 'oil', lotId: wax }, byAt(200)))).toBe('wrong-role');
    holdLot(db, nextOil, 'smells', byAt(190));
    expect(said(changeLot(db, { batchId, slot: 'oil', lotId: nextOil }, byAt(200)))).toBe('lot-held');
  });
  it('that runs out within a coat gives what it held, and the next one the rest', () => {
    soaked();
    const first = oil();
    const [held, other] = [leftOf(db, first), leftOf(db, nextOil)];
    const grams = held + 50;
    say('flood-2', 250, { grams, nextLot: { lotId: nextOil, grams: null } });
    expect([leftOf(db, first), leftOf(db, nextOil)]).toEqual([expect.closeTo(0, 9), expect.closeTo(other - 50, 9)]);
    expect(oil()).toBe(nextOil);
    // Put right, each gives at most what it gave, the last one the rest.
    const entry = batch().book.find(({ entry: one }) => one.task === 'flood-2')?.entry.clientId ?? '';
    const fix = { clientId: 'fix-it-1', batchId, device: 'tablet-1', deviceSequence: 5, corrects: entry, at: at(250), seen: '' };
    expect(said(correctEntry(db, { ...fix, grams: held + 80 }, byAt(251)))).toBe('ok');
    expect([leftOf(db, first), leftOf(db, nextOil)]).toEqual([expect.closeTo(0, 9), expect.closeTo(other - 80, 9)]);
    // Taken back, both have it again, and the first one is in hand.
    clock = 252;
    expect(said(takenBack('undo-it-1', 6))).toBe('ok');
    expect([leftOf(db, first), leftOf(db, nextOil)]).toEqual([expect.closeTo(held, 9), expect.closeTo(other, 9)]);
  });
  it('from before it was there, or a batch from before it began, is asked about once', () => {
    soaked();
    changeLot(db, { batchId, slot: 'oil', lotId: nextOil }, byAt(0));
    const report = (task: string, minutes: number, sure: boolean) =>
      recordEntry(db, reportOf(batchId, task, at(minutes), { clientId: `asked-${task}-${minutes}`, sure }), byAt(2000));
    expect(said(report('flood-2', 240, false))).toBe('ok');
    const early = startBatch(
      db,
      {
        designRevisionId: batch().design.revisionId,
        speciesId: 'sycamore',
        origin: 'bought',
        pieces: 1,
        regimenRevisionId: batch().regimen.revisionId,
        materials: { oil: nextOil, paste: batch().materials.paste?.id ?? 0 },
        startAt: at(0),
        dueAt: null,
      },
      byAt(0),
    );
    if (!early.ok) throw new Error(JSON.stringify(early.issues));
    const on = (task: string, minutes: number, sure = false) =>
      said(
        recordEntry(
          db,
          reportOf(early.value.id, task, at(minutes), { clientId: `early-${task}-${minutes}-${sure}`, sure }),
          byAt(10),
        ),
      );
    expect([on('sand-120', -60), on('wet', -50), on('knock-back-220', -40)]).toEqual(['ok', 'ok', 'ok']);
    expect(on('flood-1', -30)).toBe('before-lot');
    expect(on('flood-1', -30, true)).toBe('ok');
  });
});

describe('what was drawn', () => {
  it('is what a trace counts; a batch only planned stands apart', () => {
    const reached = (lotId: number) =>
      traceOf(db, lotId)
        ?.batches.filter((one) => one.id === batchId)
        .map((one) => one.planned) ?? [];
    expect(reached(oil())).toEqual([true]);
    soaked();
    expect(reached(oil())).toEqual([false]);
    expect(traceOf(db, oil())?.pieces.some((piece) => piece.batchId === batchId)).toBe(true);
    const paste = batch().materials.paste?.id ?? 0;
    expect(reached(paste)).toEqual([true]);
    clock = 190;
    last('paste', { reason: 'sheen' });
    changeLot(db, { batchId, slot: 'oil', lotId: nextOil }, byAt(190));
    expect([reached(nextOil), reached(oil())]).toEqual([[true], [true]]);
  });
  it('goes with pieces that are split off, with the coats that were added and the ways back', () => {
    soaked();
    more('oil');
    const split = splitBatch(db, { batchId, pieces: '1', why: 'a knot' }, byAt(190));
    const id = split.ok ? (findBatchId(db, split.value.number) ?? 0) : 0;
    const [parent, child] = [progressOfBatch(batch(200)), progressOfBatch(batch(200, id))];
    expect(child.progress.rest.map((task) => task.key)).toEqual(parent.progress.rest.map((task) => task.key));
    expect(traceOf(db, oil())?.batches.find((one) => one.id === id)?.planned).toBe(false);
  });
});

describe('any run of coats, strikes, additions and lots', () => {
  it('loses and invents no gram in the book, and leaves a batch that can go on', () => {
    const acts = fc.array(fc.tuple(fc.nat(6), fc.nat(200)), { minLength: 8, maxLength: 24 });
    fc.assert(
      fc.property(acts, (run) => {
        db = demoDb(NOW);
        const oils = allLots(db).filter((lot) => lot.ingredientId === 'mineral-oil' && !lot.held);
        const came = receiveLot(
          db,
          {
            ingredientId: 'mineral-oil',
            grams: 60,
            supplier: '',
            supplierCode: '',
            openedOn: null,
            bestBefore: null,
            priceMinor: null,
            note: '',
          },
          byAt(0),
        );
        const lots = [...oils.map((lot) => lot.id), came.ok ? came.value.id : 0];
        const before = lots.reduce((sum, id) => sum + leftOf(db, id), 0);
        clock = 0;
        for (const [i, [act, of]] of run.entries()) {
          clock += 24 * HOUR;
          const next = progressOfBatch(batch()).progress.next?.task;
          const lotId = lots[of % lots.length] as number;
          if (act <= 2 && next)
            recordEntry(
              db,
              reportOf(batchId, next.key, at(clock), {
                clientId: `run-record-${i}`,
                pass: next.step.until ? true : null,
                grams: next.step.slot === 'oil' ? of : null,
                sure: true,
                ...(act === 2 && next.step.slot === 'oil' && lotId !== oil() ? { nextLot: { lotId, grams: null } } : {}),
              }),
              byAt(clock),
            );
          if (act === 3) takenBack(`run-undo-${i}`, i);
          if (act === 4) more('oil', of % 2 ? lotId : null);
          if (act === 5) last('oil', { clientId: `run-last-${i}` });
          if (act === 6) takeWay(db, { clientId: `run-way-${i}`, batchId, way: 'rewet-spots' }, byAt(clock));
        }
        const found = batch();
        const { progress } = progressOfBatch(found);
        const given = found.book
          .filter(({ stands }) => stands !== null && lots.includes(stands.lotId ?? 0))
          .reduce((sum, { stands }) => sum + (stands?.grams ?? 0), 0);
        expect(lots.reduce((sum, id) => sum + leftOf(db, id), 0)).toBeCloseTo(before - given, 6);
        expect(progress.waiting).toEqual([]);
        expect(new Set(progressOfBatch(found).tasks.map((task) => task.key)).size).toBe(progressOfBatch(found).tasks.length);
      }),
      { seed: 3, numRuns: process.env.RENDLE_WALKS ? 40 : 6 },
    );
  });
});
