import { readFileSync } from 'node:fs';
import sharp from 'sharp';
import { beforeEach, describe, expect, it } from 'vitest';
import { colour, deltaE, readBoard } from '@/core/colour';
import { encoded } from '@/core/colour/colour';
import { allDesigns, allRegimens } from '../catalogue/catalogue';
import type { Db } from '../db';
import { SHOTS, shotFile, shotOf } from '../demo/trial-scene';
import { hashOf } from '../files';
import { decideRelease } from '../release/commands';
import { trialCycle } from '../schema';
import { allLots } from '../stores/queries';
import { demoDb, refusal, reportOf } from '../testing';
import { loadBatch, openBatchIds, piecesIn } from '../work/batch';
import { recordEntry } from '../work/record';
import { progressOfBatch } from '../work/standing';
import { trialOfBatch } from '../work/trial-of';
import { shopUptake } from '../work/uptake';
import { closeTrial, countCycle, keepPicture, type NewTrial, score, startTrial, takeCycleBack } from './commands';
import { allTrials, answerTo, findTrial, triedWith } from './queries';
import { taughtOf } from './teach';

const NOW = Date.parse('2031-03-05T14:20:00Z');
const by = { personId: 1, nowMs: NOW };
let db: Db;
beforeEach(() => {
  db = demoDb(NOW);
});

const regimenOf = (id: string) => allRegimens(db).find((one) => one.id === id);
const lotOf = (ingredient: string): number =>
  allLots(db).find((lot) => lot.ingredientId === ingredient && lot.leftG > 0)?.id ?? 0;
const PLAN = (): NewTrial => ({
  name: 'Tung or linseed',
  question: 'gloss',
  kinds: ['gloss', 'drop'],
  wear: 'wash',
  protocol: 'Hand-warm water, twenty strokes, dry on edge overnight.',
  threshold: 2,
  bearer: 'boards',
  speciesId: 'sycamore',
  boards: 4,
  lengthMm: 360,
  widthMm: 120,
  seed: 7,
  startAt: NOW,
  treatments: [
    { name: 'Tung, thin', regimenRevisionId: regimenOf('thin-drying')?.revisionId ?? 0, materials: { oil: lotOf('tung-oil') } },
    { name: 'Paste', regimenRevisionId: regimenOf('paste-only')?.revisionId ?? 0, materials: pasteOf() },
  ],
});
/** Any lot a paste may be taken from. */
function pasteOf(): Record<string, number> {
  const slot = regimenOf('paste-only')?.slots[0]?.slot ?? '';
  const lot = allLots(db).find((one) => one.roles.includes('paste') && one.leftG > 0 && !one.held);
  return { [slot]: lot?.id ?? 0 };
}
function begun(more: Partial<NewTrial> = {}) {
  const made = startTrial(db, { ...PLAN(), ...more }, by);
  if (!made.ok) throw new Error(JSON.stringify(made.issues));
  const trial = findTrial(db, made.value.number);
  if (!trial) throw new Error('no trial');
  return trial;
}

describe('a trial', () => {
  it('lies on its boards in a fair order, a marked batch for each treatment, the bare field always among them', () => {
    const [before, designs] = [openBatchIds(db).length, allDesigns(db).length];
    const trial = begun();
    expect(trial.treatments.map((one) => [one.name, one.isBare])).toEqual([
      ['Bare', true],
      ['Tung, thin', false],
      ['Paste', false],
    ]);
    expect(trial.fields).toHaveLength(12);
    for (let board = 1; board <= 4; board++)
      expect(new Set(trial.fields.filter((one) => one.board === board).map((one) => one.treatment)).size).toBe(3);
    expect(trial.fields[0]?.lengthMm).toBeCloseTo((360 - 12) / 3, 9);
    expect(openBatchIds(db)).toHaveLength(before + 3);
    // The size of a field is no design of the shop.
    expect(allDesigns(db)).toHaveLength(designs);
    const tung = loadBatch(db, trial.treatments[1]?.batchId ?? 0, NOW);
    expect(tung && piecesIn(tung)).toHaveLength(4);
    expect(tung?.design.uses).toEqual(['display']);
    expect(trialOfBatch(db, tung?.id ?? 0)).toMatchObject({ number: trial.number, treatment: 'Tung, thin', closed: false });
    // Its board is prepared with the bare field: what is next is a coat.
    const next = tung && progressOfBatch(tung).progress.next;
    expect(next?.task.step.kind).toBe('coat');
    expect(tung?.startAt).toBeGreaterThan(NOW);
    expect(triedWith(db, { regimenId: 'thin-drying' }).map((one) => one.treatment.name)).toContain('Tung, thin');
    expect(triedWith(db, { lotIds: [lotOf('tung-oil')] })).not.toHaveLength(0);
    expect(triedWith(db, {})).toEqual([]);
  });
  it('is refused without treatments, on boards too short, and where a lot does not suit; then nothing is kept', () => {
    const count = allTrials(db).length;
    const refusals = [
      [{ treatments: [] }, 'required'],
      [{ lengthMm: 60 }, 'fields-too-small'],
      [{ bearer: 'halves' }, 'invalid'],
      [{ boards: 0 }, 'too-large'],
      [{ treatments: [{ name: '', regimenRevisionId: regimenOf('thin-drying')?.revisionId ?? 0, materials: {} }] }, 'slot-empty'],
    ] as const;
    for (const [more, code] of refusals)
      expect(startTrial(db, { ...PLAN(), ...more }, by)).toMatchObject({ ok: false, issues: [{ code }] });
    expect(allTrials(db)).toHaveLength(count);
  });
  it('draws on its lots by ordinary records, is never released, and teaches nothing of uptake', () => {
    const trial = begun();
    const id = trial.treatments[1]?.batchId ?? 0;
    const batch = loadBatch(db, id, NOW);
    const next = (batch && progressOfBatch(batch).progress.next?.task.key) ?? '';
    const lot = lotOf('tung-oil');
    const left = (): number => allLots(db).find((one) => one.id === lot)?.leftG ?? 0;
    const [before, learned] = [left(), JSON.stringify(shopUptake(db))];
    const at = (batch?.startAt ?? NOW) + 60_000;
    expect(recordEntry(db, reportOf(id, next, at, { grams: 6 }), { ...by, nowMs: at + 1000 })).toMatchObject({ ok: true });
    expect(left()).toBeCloseTo(before - 6, 6);
    expect(JSON.stringify(shopUptake(db))).toBe(learned);
    const decision = { batchId: id, outcome: 'released', reason: 'x', signed: [] } as const;
    expect(decideRelease(db, decision, by)).toMatchObject({ ok: false, issues: [{ code: 'trial-batch' }] });
  });
  it('counts cycles once each, and takes the last one back', () => {
    const trial = begun();
    const wash = (clientId: string) => countCycle(db, { clientId, trialId: trial.id, wear: 'wash', note: '' }, by);
    const back = (clientId: string) => takeCycleBack(db, { clientId, trialId: trial.id, wear: 'wash' }, by);
    expect(back('back-one')).toMatchObject({ ok: false, issues: [{ code: 'no-cycle' }] });
    for (const id of ['wash-one', 'wash-one', 'wash-two']) expect(wash(id).ok).toBe(true);
    countCycle(db, { clientId: 'sun-one', trialId: trial.id, wear: 'sun', note: 'south sill' }, by);
    expect(findTrial(db, trial.number)).toMatchObject({ cycle: 2, cycles: { wash: 2, sun: 1, heat: 0, knife: 0 } });
    back('back-two');
    back('back-two');
    expect(findTrial(db, trial.number)?.cycle).toBe(1);
    back('back-three');
    expect(findTrial(db, trial.number)?.cycle).toBe(0);
    expect(back('back-four').ok).toBe(false);
    expect(refusal(() => db.update(trialCycle).set({ wear: 'heat' }).run())).toContain('append-only');
  });
  it('is answered by scores and by pictures, and says which are too few', () => {
    const trial = begun();
    const bare = trial.facts.bare;
    const all = trial.fields.map(({ board, place, treatment }) => ({
      clientId: `score-${board}-${place}`,
      board,
      place,
      kind: 'gloss' as const,
      value: treatment === bare ? 1 : treatment === trial.treatments[1]?.key ? 4 : 3,
    }));
    const give = (scores: typeof all) => score(db, { trialId: trial.id, blind: true, scorer: 'Tamsin', scores }, by);
    expect(give([{ ...(all[0] as (typeof all)[number]), value: 6 }])).toMatchObject({
      ok: false,
      issues: [{ code: 'not-a-score', path: 'scores.0.value' }],
    });
    expect(give([{ ...(all[0] as (typeof all)[number]), place: 9 }])).toMatchObject({ ok: false });
    expect(give(all).ok && give(all).ok).toBe(true);
    const now = findTrial(db, trial.number);
    expect(now?.scores).toHaveLength(12);
    const answer = now && answerTo(now, 'gloss');
    expect(answer).toMatchObject({ ok: true, value: { blocks: 4, atCycle: 0, treatments: [{ verdict: 'reference' }, {}, {}] } });
    expect(answer?.ok && answer.value.treatments.map((one) => one.verdict)).toEqual(['reference', 'better', 'better']);
    const reading = [1, 2, 3].map((place) => ({ place, lab: [60 - place, 8, 20] as const, bright: 0.1 * place }));
    const picture = {
      trialId: trial.id,
      lamp: 'low' as const,
      photo: 'x',
      corners: [
        [0, 0],
        [1, 0],
        [1, 1],
        [0, 1],
      ] as [number, number][],
      reading,
    };
    expect(keepPicture(db, { ...picture, clientId: 'picture-1', board: 1 }, by).ok).toBe(true);
    expect(keepPicture(db, { ...picture, clientId: 'picture-9', board: 9 }, by).ok).toBe(false);
    const seen = findTrial(db, trial.number);
    expect(seen?.values.filter((one) => one.kind === 'shine')).toHaveLength(3);
  });
  it('is closed with a reason, is off the bench then, and takes nothing more until it is opened again', () => {
    const trial = begun();
    const open = openBatchIds(db).length;
    const close = (why: string | null, base: number) => closeTrial(db, { trialId: trial.id, base, why }, by);
    expect(close('', 1)).toMatchObject({ ok: false, issues: [{ code: 'reason-needed' }] });
    expect(close('It said enough', 7)).toMatchObject({ ok: false, issues: [{ code: 'stale' }] });
    expect(close('It said enough', 1).ok).toBe(true);
    expect(openBatchIds(db)).toHaveLength(open - 3);
    const count = countCycle(db, { clientId: 'late-wash', trialId: trial.id, wear: 'wash', note: '' }, by);
    expect(count).toMatchObject({ ok: false, issues: [{ code: 'trial-closed' }] });
    expect(close(null, 2).ok).toBe(true);
    expect(openBatchIds(db)).toHaveLength(open);
  });
});

describe('the shed’s washing trial', () => {
  it('tells tung from paste by what was scored and what was photographed, and what it reads is true within ΔE 1', async () => {
    const trial = findTrial(db, 'T31-01');
    if (!trial) throw new Error('no trial');
    expect(trial).toMatchObject({ cycle: 16, boards: 4, closedWhy: expect.stringContaining('Tung') });
    expect(trial.pictures).toHaveLength(SHOTS.length);
    const verdicts = (kind: 'gloss' | 'drop' | 'darkened' | 'shine') => {
      const answer = answerTo(trial, kind);
      if (!answer.ok) throw new Error(JSON.stringify(answer.issues));
      return answer.value;
    };
    const gloss = verdicts('gloss');
    expect(gloss.treatments[1]?.verdict).toBe('better');
    const cycles = gloss.treatments.map((one) => one.cyclesTo ?? Number.POSITIVE_INFINITY);
    expect(cycles[3]).toBeLessThan(cycles[2] ?? 0);
    expect(cycles[2]).toBeLessThan(cycles[1] ?? 0);
    expect(verdicts('drop').treatments[1]?.verdict).toBe('better');
    expect(verdicts('darkened').treatments[1]?.verdict).toBe('worse');
    for (const shot of SHOTS.filter((one) => one.lamp === 'even')) {
      const kept = trial.pictures.find((one) => one.board === shot.board && one.cycle === shot.cycle && one.lamp === 'even');
      const jpeg = readFileSync(`assets/trial/${shotFile(shot)}`);
      expect(kept?.photo).toBe(hashOf(jpeg));
      const { data, info } = await sharp(jpeg).ensureAlpha().raw().toBuffer({ resolveWithObject: true });
      const of = shotOf(shot);
      const read = readBoard({ data, width: info.width, height: info.height }, of.corners, of.board);
      if (!read.ok) throw new Error(JSON.stringify(read.issues));
      for (const [i, { lab }] of read.value.fields.entries()) {
        const truth = colour({ a: { rgb: of.fields[i]?.reflects.map(encoded) }, b: { lab: [...lab] } });
        expect(truth.ok && truth.value.deltaE).toBeLessThan(1);
        expect(deltaE(lab, (kept?.reading[i]?.lab ?? [0, 0, 0]) as never)).toBeLessThan(0.05);
      }
    }
  });
  it('has another one beside it that runs', () => {
    const trial = findTrial(db, 'T31-02');
    expect(trial).toMatchObject({ cycle: 2, bearer: 'spoon', closedAt: null });
    expect(trial && openBatchIds(db).filter((id) => trial.treatments.some((one) => one.batchId === id))).toHaveLength(2);
  });
});

describe('what the shed’s washing teaches', () => {
  it('moves how often a finish on that wood is looked at, beside the finish it has sold most', () => {
    const all = allRegimens(db);
    const finish = (regimenId: string, ...ingredients: string[]) =>
      taughtOf(db, { regimenId, ingredients, speciesId: 'sycamore' });
    const trial = findTrial(db, 'T31-01');
    const [, tung, linseed, paste] = (trial?.treatments ?? []).map((one) => loadBatch(db, one.batchId, NOW));
    const of = (batch: typeof tung) => finish(batch?.regimen.id ?? '', ...(batch?.on ?? []).flatMap((lot) => lot.ingredients));
    const taught = [of(tung), of(linseed), of(paste)];
    // One of them is what the others are measured by: of it nothing is taught.
    expect(taught.filter((one) => one.trials === 1)).toHaveLength(2);
    expect(taught.every((one) => one.factor > 1 / 3 && one.factor < 3)).toBe(true);
    expect(of(tung).factor).toBeGreaterThan(of(linseed).factor);
    expect(taught.find((one) => one.trials === 1)?.boards).toBe(4);
    // Another wood, or another oil by the same regimen, learns nothing from it.
    expect(taughtOf(db, { regimenId: 'thin-drying', ingredients: ['tung-oil'], speciesId: 'pear' }).trials).toBe(0);
    expect(finish('thin-drying', 'walnut-oil-raw')).toEqual({ factor: 1, boards: 0, trials: 0 });
    expect(all.length).toBeGreaterThan(3);
  });
});
