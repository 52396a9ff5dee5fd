import { describe, expect, it } from 'vitest';
import { notNeeded, sandingPlan } from '@/core/regimen';
import { bathState } from '../bath/bath';
import { allLots } from '../stores/queries';
import { demoDb } from '../testing';
import { findBatchId, loadBatch } from '../work/batch';
import { progressOfBatch } from '../work/standing';
import { restorationOf, startRestoration, wentBack } from './restore';

const NOW = Date.parse('2031-03-05T14:20:00Z');
const by = { personId: 1, nowMs: NOW };
const db = demoDb(NOW);

describe('a piece that comes home', () => {
  it('is sanded from what its deepest mark wants, and no coarser', () => {
    expect(sandingPlan([])).toEqual([240]);
    expect(sandingPlan([{ surface: 'top', mark: 'stain' }])).toEqual([180, 240]);
    expect(
      sandingPlan([
        { surface: 'top', mark: 'dull' },
        { surface: 'rim', mark: 'burn' },
      ]),
    ).toEqual([120, 180, 240]);
    expect(sandingPlan([{ surface: 'top', mark: 'crack' }])).toEqual([240]);
    expect(notNeeded([{ surface: 'top', mark: 'stain' }])).toEqual(['sand-120', 'sand-320', 'sand-400']);
    // As fine as it was, and not at all where it is only washed.
    expect(sandingPlan([{ surface: 'top', mark: 'stain' }], { last: 400, sands: true })).toEqual([180, 240, 320, 400]);
    expect(sandingPlan([], { last: 180, sands: true })).toEqual([180]);
    expect(sandingPlan([], { last: 220, sands: true })).toEqual([240]);
    expect(sandingPlan([{ surface: 'top', mark: 'burn' }], { last: 400, sands: false })).toEqual([]);
    expect(notNeeded([], { last: null, sands: false })).toHaveLength(5);
  });
  it('begins with what its marks want, under its own code, and goes back with its bill', () => {
    const id = findBatchId(db, '31-013') ?? 0;
    const job = restorationOf(db, id);
    expect(job).toMatchObject({ owner: 'The Upper Ferry House', billMinor: 2800, backAt: null });
    expect(job?.code).toMatch(/^[A-Z0-9]{13}$/);
    const batch = loadBatch(db, id, NOW);
    expect(batch && progressOfBatch(batch).progress.next?.task.key).toBe('sand-120');
    expect(wentBack(db, { batchId: id, billMinor: 3100 }, by).ok).toBe(true);
    expect(restorationOf(db, id)).toMatchObject({ billMinor: 3100, backAt: NOW });
    expect(wentBack(db, { batchId: id, billMinor: null }, by)).toMatchObject({
      ok: false,
      issues: [{ code: 'already-decided' }],
    });
  });
  it('leaves out the sandings a lighter mark does not want, and refuses a code nobody has', () => {
    const six = loadBatch(db, findBatchId(db, '31-013') ?? 0, NOW);
    const start = {
      designRevisionId: six?.designRevisionId ?? 0,
      speciesId: 'pear',
      origin: 'bought' as const,
      pieces: 1,
      regimenRevisionId: six?.regimenRevisionId ?? 0,
      materials: { oil: six?.materials.oil?.id ?? 0 },
      startAt: NOW,
      dueAt: null,
    };
    const job = {
      code: '',
      owner: 'A stranger',
      wasFinishedWith: '',
      marks: [{ surface: 'top' as const, mark: 'stain' as const }],
      billMinor: null,
      sands: true,
    };
    const made = startRestoration(db, job, start, by);
    const batch = made.ok ? loadBatch(db, made.value.id, NOW + 1000) : null;
    expect(batch && progressOfBatch(batch).progress.next?.task.key).toBe('sand-180');
    expect(startRestoration(db, { ...job, code: 'NOSUCHCODE' }, start, by)).toMatchObject({
      ok: false,
      issues: [{ code: 'no-such-piece' }],
    });
    expect(startRestoration(db, { ...job, owner: ' ' }, start, by)).toMatchObject({ ok: false, issues: [{ code: 'required' }] });
  });
});

describe('a bath', () => {
  it('stands higher by what is under in it, and knows what it will carry out', () => {
    const lots = allLots(db);
    const bath = lots.find((lot) => lot.kind === 'bath');
    if (!bath) throw new Error('no bath');
    const state = bathState(db, bath, NOW);
    expect(state.inIt).toMatchObject([{ number: '31-008', pieces: 12 }]);
    expect(state.displacedMl).toBeGreaterThan(0);
    expect(state.oilMl).toBeCloseTo(bath.leftG / (bath.nature?.densityGPerMl ?? 1), 6);
    expect(state.leftMl).toBeLessThan(state.oilMl);
    expect(state.filledG - bath.leftG).toBeCloseTo(state.topUpG, 6);
  });
});
