import { beforeEach, describe, expect, it } from 'vitest';
import { SHIPPED } from '@/core/material';
import { areaOf, areaTaking } from '@/core/piece';
import type { Result } from '@/core/quantity';
import { careOfBatch } from '../care/commands';
import { allDesigns, allRegimens } from '../catalogue/catalogue';
import { saveOwnWood } from '../catalogue/woods';
import type { Db } from '../db';
import { findAnything } from '../find/find';
import { gatesOfBatch, gatesOfKinds } from '../release/uses';
import { addPlace } from '../shop/commands';
import { receiveLot } from '../stores/commands';
import { allLots } from '../stores/queries';
import { demoDb } from '../testing';
import { againLike } from './again';
import { asPiece, findBatchId, loadBatch } from './batch';
import { addDesign, moveBatch, type NewBatch, startBatch } from './commands';
import { judgeWork, keepNote, notesOf, verdictsOf } from './notes';
import { estimatedGrams, recordEntry } from './record';
import { progressOfBatch } from './standing';

const NOW = Date.parse('2031-03-03T10:00:00Z');
const MIN = 60_000;
const by = { personId: 1, nowMs: NOW };
let db: Db;
beforeEach(() => {
  db = demoDb(NOW);
});

const lotNamed = (part: string): number => allLots(db).find((one) => `${one.number} ${one.title}`.includes(part))?.id ?? 0;
const regimenId = (id: string): number => allRegimens(db).find((one) => one.id === id)?.revisionId ?? 0;
const designNamed = (name: string) => allDesigns(db).find((one) => one.name === name)?.revisionId ?? 0;
function begin(regimen: string, materials: Record<string, number>, more: Partial<NewBatch> = {}) {
  const made = startBatch(
    db,
    {
      designRevisionId: designNamed('Lantern bowl'),
      speciesId: 'birch',
      origin: 'bought',
      pieces: 2,
      regimenRevisionId: regimenId(regimen),
      materials,
      startAt: NOW,
      dueAt: null,
      ...more,
    },
    by,
  );
  if (!made.ok) throw new Error(JSON.stringify(made.issues));
  const found = loadBatch(db, made.value.id, NOW);
  if (!found) throw new Error('no batch');
  return found;
}
const varnish = (): number => {
  const made = receiveLot(
    db,
    {
      ingredientId: 'wiping-varnish',
      grams: 500,
      supplier: '',
      supplierCode: '',
      openedOn: null,
      bestBefore: null,
      priceMinor: 1500,
      note: '',
    },
    by,
  );
  return made.ok ? made.value.id : 0;
};
const refusal = (result: Result<unknown>): string => (result.ok ? 'ok' : (result.issues[0]?.code ?? ''));
let sequence = 0;
const say = (batchId: number, task: string, minutes: number, grams: number | null = null) =>
  recordEntry(
    db,
    {
      clientId: `batches-${++sequence}-${task}`,
      batchId,
      kind: 'done',
      task,
      at: NOW + minutes * MIN,
      device: 'tablet-1',
      deviceSequence: sequence,
      clockOffsetMs: 0,
      queued: false,
      grams,
      tempC: null,
      rh: null,
      pass: null,
      seen: '',
      sure: true,
    },
    { personId: 1, nowMs: NOW + minutes * MIN },
  );

describe('two finishes on one piece', () => {
  it('are judged where food lies: a film outside forbids no dry food, and one inside does', () => {
    const parted = begin('inside-outside', { varnish: varnish(), oilwax: lotNamed('Heron') }, { uses: ['food-dry', 'hands'] });
    expect(gatesOfBatch(parted, SHIPPED).gates.every((gate) => gate.met)).toBe(true);
    expect(gatesOfBatch(parted, SHIPPED).notForFood).toBe(false);
    const all = begin('wiping-build', { varnish: varnish(), oil: varnish() }, { uses: ['food-dry', 'hands'] });
    expect(gatesOfBatch(all, SHIPPED).notForFood).toBe(true);
  });
  it('take by the surface they lie on, and a regimen whose surface a piece lacks is refused', () => {
    const parted = begin('inside-outside', { varnish: varnish(), oilwax: lotNamed('Heron') });
    const { tasks } = progressOfBatch(parted);
    const inside = tasks.find((task) => task.key === 'inside-1');
    const whole = {
      ...parted,
      regimen: { ...parted.regimen, steps: parted.regimen.steps.map((step) => ({ ...step, surfaces: [] })) },
    };
    if (!inside) throw new Error('no coat');
    const share = areaOf(parted.design.geometry, ['inside', 'rim']).areaMm2 / parted.design.area.areaMm2;
    const all = { ...inside, step: { ...inside.step, surfaces: [] } };
    expect(estimatedGrams(parted, inside) / estimatedGrams(whole, all)).toBeCloseTo(share, 6);
    const board = startBatch(
      db,
      {
        designRevisionId: designNamed('Bread board'),
        speciesId: 'birch',
        origin: 'bought',
        pieces: 1,
        regimenRevisionId: regimenId('handle-only'),
        materials: { oil: lotNamed('S31-03') },
        startAt: NOW,
        dueAt: null,
      },
      by,
    );
    expect(refusal(board)).toBe('no-such-surface');
  });
});

describe('unlike pieces in one batch', () => {
  const kinds = [
    {
      count: 3,
      name: 'spoon',
      designRevisionId: null,
      geometry: { shape: 'unknown' as const },
      speciesId: 'birch',
      uses: ['food-wet' as const],
    },
    {
      count: 1,
      name: 'Bowl of yew',
      designRevisionId: null,
      geometry: { shape: 'unknown' as const },
      speciesId: 'yew',
      uses: ['food-wet' as const],
    },
  ];
  it('have their own wood, use and gates, and the batch passes where all of them do', () => {
    const mixed = begin('paste-only', { paste: lotNamed('B31-01') }, { mixed: kinds });
    expect(mixed.pieces).toHaveLength(4);
    expect(gatesOfKinds(mixed, SHIPPED).map((one) => [one.kind.species.id, one.gates.every((gate) => gate.met)])).toEqual([
      ['birch', true],
      ['yew', false],
    ]);
    expect(gatesOfBatch(mixed, SHIPPED).gates.find((gate) => gate.id === 'wood')).toEqual({
      id: 'wood',
      met: false,
      maySign: false,
    });
    const spoon = asPiece(mixed, { id: mixed.pieces[0]?.id ?? 0 });
    expect([spoon.species.id, gatesOfBatch(spoon, SHIPPED).notForFood]).toEqual(['birch', false]);
    // A design that was made for the list is there for the next one, once.
    begin('paste-only', { paste: lotNamed('B31-01') }, { mixed: kinds });
    expect(allDesigns(db).filter((one) => one.name.startsWith('Spoon'))).toHaveLength(1);
  });
  it('refuse a line of none, and a wood nobody knows', () => {
    const start = (part: object) => {
      try {
        begin('paste-only', { paste: lotNamed('B31-01') }, { mixed: [{ ...kinds[0], ...part } as (typeof kinds)[0]] });
        return 'ok';
      } catch (error) {
        return JSON.parse((error as Error).message)[0].code;
      }
    };
    expect([start({ count: 0 }), start({ speciesId: 'petrified' }), start({})]).toEqual(['must-be-positive', 'not-found', 'ok']);
  });
});

describe('what has no shape', () => {
  it('is measured by its first weighed coat, and takes no gram before', () => {
    const made = addDesign(db, { name: 'Thing', geometry: { shape: 'unknown' }, uses: ['display'] }, NOW);
    const of = begin('paste-only', { paste: lotNamed('B31-01') }, { designRevisionId: made.ok ? made.value.revisionId : 0 });
    const coat = progressOfBatch(of).tasks.find((task) => task.key === 'paste-1');
    expect(coat && estimatedGrams(of, coat)).toBe(0);
    for (const [task, minutes] of [
      ['sand-120', 5],
      ['wet', 8],
      ['knock-back-220', 300],
    ] as const)
      say(of.id, task, minutes);
    expect(say(of.id, 'paste-1', 320, 8).ok).toBe(true);
    const known = loadBatch(db, of.id, NOW + 330 * MIN);
    expect(known?.design.area.areaMm2).toBeCloseTo(areaTaking(4, 'wax-paste', 'closed'), 6);
    const next = progressOfBatch(known ?? of).tasks.find((task) => task.key === 'paste-2');
    expect(next && known && estimatedGrams(known, next)).toBeGreaterThan(2);
  });
});

describe('several woods, a glue, a wood of one’s own', () => {
  it('count by the strictest, and a glue nobody asked about is undeclared', () => {
    const oil = { oil: lotNamed('S31-03') };
    const gate = (of: ReturnType<typeof begin>, id: string) => gatesOfBatch(of, SHIPPED).gates.find((one) => one.id === id)?.met;
    const plain = begin('thin-drying', oil);
    expect([gate(plain, 'wood'), gate(plain, 'declared'), gate(plain, 'contact')]).toEqual([true, true, true]);
    expect(gate(begin('thin-drying', oil, { alsoWoods: ['yew'] }), 'wood')).toBe(false);
    expect(gate(begin('thin-drying', oil, { glue: { name: 'White glue', food: 'unknown', with: [] } }), 'declared')).toBe(false);
    expect(gate(begin('thin-drying', oil, { glue: { name: 'Old glue', food: 'no', with: [] } }), 'contact')).toBe(false);
    expect(gate(begin('thin-drying', oil, { glue: { name: 'Fish glue', food: 'yes', with: [] } }), 'declared')).toBe(true);
  });
  it('a wood is copied from one like it with its reason, changed as a row more, and named once', () => {
    const facts = {
      name: 'Medlar',
      botanical: 'Mespilus germanica',
      food: 'good' as const,
      keepOff: [],
      note: 'From the lane.',
      ask: '',
      names: { de: 'Mispel' },
    };
    expect(refusal(saveOwnWood(db, { likeId: 'pear', facts, why: ' ', base: null }, by))).toBe('reason-needed');
    expect(refusal(saveOwnWood(db, { likeId: 'pear', facts: { ...facts, name: 'Plum' }, why: 'x', base: null }, by))).toBe(
      'name-taken',
    );
    const made = saveOwnWood(db, { likeId: 'pear', facts, why: 'eaten from for ages', base: null }, by);
    expect(made).toMatchObject({ ok: true, value: { id: 'pear~medlar' } });
    const of = begin('thin-drying', { oil: lotNamed('S31-03') }, { speciesId: 'pear~medlar' });
    expect([of.species.name, of.species.porosity, gatesOfBatch(of, SHIPPED).notForFood]).toEqual(['Medlar', 'closed', false]);
    saveOwnWood(db, { likeId: 'pear', facts: { ...facts, food: 'avoid' }, why: 'a table says so', base: 'pear~medlar' }, by);
    expect(gatesOfBatch(loadBatch(db, of.id, NOW) ?? of, SHIPPED).gates.find((one) => one.id === 'wood')?.met).toBe(false);
  });
});

describe('again like that one', () => {
  it('repeats the coats that were given, with the grams and gaps they took, and never undercuts a bound', () => {
    const id = findBatchId(db, '31-001') ?? 0;
    const old = loadBatch(db, id, NOW);
    const made = againLike(db, id, by);
    expect(made).toMatchObject({ ok: true, value: { regimenId: 'as-31-001' } });
    expect(againLike(db, id, by)).toEqual(made);
    const own = allRegimens(db).find((one) => one.id === 'as-31-001');
    const coats = (steps: readonly { readonly slot: string | null; readonly kind: string }[]) =>
      steps.filter((step) => step.kind === 'coat').length;
    const done = progressOfBatch(old as never).progress.done.filter(
      ({ task, fact }) => task.step.kind === 'coat' && fact.kind === 'done' && task.round === 1,
    );
    expect(coats(own?.steps ?? [])).toBe(done.length);
    for (const step of own?.steps ?? []) expect(step.wait.min).toBeLessThanOrEqual(step.wait.ideal);
    expect(refusal(againLike(db, begin('thin-drying', { oil: lotNamed('S31-03') }).id, by))).toBe('nothing-done');
  });
});

describe('what is said beside the book', () => {
  it('keeps each note once, the last verdict of a kind, and finds both by any word', () => {
    const id = findBatchId(db, '31-001') ?? 0;
    const note = { clientId: 'note-one-1', batchId: id, text: 'quillwort and marsh light' };
    expect(keepNote(db, note, by).ok && keepNote(db, note, by).ok).toBe(true);
    expect(notesOf(db, id)).toHaveLength(1);
    expect(refusal(keepNote(db, { ...note, clientId: 'note-two-1', text: ' ' }, by))).toBe('required');
    judgeWork(db, { clientId: 'v-one-123', batchId: id, kind: 'gloss', score: 2 }, by);
    judgeWork(db, { clientId: 'v-two-123', batchId: id, kind: 'gloss', score: 4 }, by);
    expect(verdictsOf(db, id).get('gloss')?.score).toBe(4);
    expect(refusal(judgeWork(db, { clientId: 'v-3-12345', batchId: id, kind: 'feel', score: 6 }, by))).toBe('too-large');
    expect(findAnything(db, 'what about the marsh light?', NOW).map((one) => [one.of.kind, one.of.id])).toEqual([
      ['note', '31-001'],
    ]);
    expect(findAnything(db, 'lantern paste', NOW).some((one) => one.of.kind === 'formula')).toBe(true);
  });
  it('keeps for whom it is made and how it is kept, from the start to the slip', () => {
    const of = begin(
      'soap',
      {},
      { customer: 'Aldo', wishes: 'round corners', upkeep: 'will-not', ownCare: { days: 60, words: 'Ask the sea.' } },
    );
    expect([of.customer, of.wishes, of.upkeep, careOfBatch(of)]).toEqual([
      'Aldo',
      'round corners',
      'will-not',
      { days: 60, words: 'Ask the sea.' },
    ]);
    // Without a word of the batch's own its regimen's stands.
    expect(careOfBatch(begin('soap', {}))?.days).toBe(30);
  });
});

describe('a place of one’s own', () => {
  it('has its own air, and waits there follow it', () => {
    const made = addPlace(db, { name: 'By the stove', light: 'indoor', hazards: ['heat'], usualTempC: 30, usualRhFraction: 0.3 });
    expect(
      refusal(addPlace(db, { name: 'by the STOVE', light: 'indoor', hazards: [], usualTempC: null, usualRhFraction: null })),
    ).toBe('name-taken');
    const of = begin('thin-drying', { oil: lotNamed('S31-03') });
    for (const [task, minutes] of [
      ['sand-120', 5],
      ['wet', 8],
    ] as const)
      say(of.id, task, minutes);
    const waits = (): number => progressOfBatch(loadBatch(db, of.id, NOW + 10 * MIN) ?? of).progress.next?.window.earliestMs ?? 0;
    const before = waits();
    moveBatch(db, of.id, made.ok ? made.value.id : 0, { personId: 1, nowMs: NOW + 9 * MIN });
    expect(waits()).toBeLessThan(before);
  });
});
