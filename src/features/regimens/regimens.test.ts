import { beforeEach, describe, expect, it } from 'vitest';
import { BASE_READS } from '@/core/quantity';
import { draftOf, REGIMENS, RESTORATIONS, readRegimen } from '@/core/regimen';
import { allRegimens } from '@/data/catalogue/catalogue';
import { revisionsOf, saveRegimen } from '@/data/catalogue/regimens';
import type { Db } from '@/data/db';
import { demoDb } from '@/data/testing';
import { findBatchId, loadBatch } from '@/data/work/batch';

const NOW = Date.parse('2031-03-03T10:00:00Z');
const by = { personId: 1, nowMs: NOW };

describe('a typed regimen', () => {
  it.each([...REGIMENS, ...RESTORATIONS].map((regimen) => [regimen.id, regimen] as const))(
    '%s comes back as it was',
    (_, regimen) => {
      expect(readRegimen(draftOf(regimen), BASE_READS)).toEqual({ ok: true, value: regimen });
    },
  );
  it('says every fault at its step', () => {
    const [first] = REGIMENS;
    if (!first) throw new Error('no regimen');
    const draft = draftOf(first);
    const steps = draft.steps.map((step, i) =>
      i === 0 ? { ...step, min: 'soon', action: ' ' } : i === 1 ? { ...step, ideal: '1 min', setup: '-3' } : step,
    );
    const read = readRegimen({ ...draft, steps }, BASE_READS);
    expect(read.ok ? [] : read.issues.map(({ code, path }) => `${path} ${code}`).sort()).toEqual([
      'steps.0.action required',
      'steps.0.min not-a-duration',
      'steps.1.ideal wait-order',
      'steps.1.setup must-not-be-negative',
    ]);
    expect(readRegimen({ ...draft, steps: [] }, BASE_READS)).toMatchObject({ ok: false });
    const reversed = readRegimen({ ...draft, steps: [...draft.steps].reverse() }, BASE_READS);
    expect(reversed.ok ? [] : reversed.issues.map((issue) => issue.code)).toContain('grit-backwards');
  });
});

describe('keeping a regimen', () => {
  let db: Db;
  const thin = () => {
    const found = allRegimens(db).find((one) => one.id === 'thin-drying');
    if (!found) throw new Error('no regimen');
    return found;
  };
  beforeEach(() => {
    db = demoDb(NOW);
  });
  it('writes the next revision, and a batch keeps the one it began with', () => {
    const { revisionId, ...of } = thin();
    const began = () => loadBatch(db, findBatchId(db, '31-010') ?? 0, NOW)?.regimen.steps.length;
    const steps = of.steps.filter((step) => step.id !== 'buff');
    expect(
      saveRegimen(db, { regimen: { ...of, steps }, base: revisionId, why: 'no buff needed', asOwn: false }, by),
    ).toMatchObject({ ok: true });
    expect(thin().steps).toHaveLength(of.steps.length - 1);
    expect(began()).toBe(of.steps.length);
    expect(revisionsOf(db, 'thin-drying').map((one) => [one.number, one.why, one.batches.includes('31-010')])).toEqual([
      [2, 'no buff needed', false],
      [1, '', true],
    ]);
  });
  it('refuses a stale base, no reason, a name that is taken and an order that breaks a rule', () => {
    const { revisionId, ...of } = thin();
    const save = (change: Partial<Parameters<typeof saveRegimen>[1]>) => {
      const result = saveRegimen(db, { regimen: of, base: revisionId, why: 'x', asOwn: false, ...change }, by);
      return result.ok ? 'ok' : result.issues[0]?.code;
    };
    expect(save({ why: ' ' })).toBe('reason-needed');
    expect(save({ base: revisionId + 99 })).toBe('stale');
    expect(save({ asOwn: true })).toBe('name-taken');
    expect(save({ asOwn: true, regimen: { ...of, name: '…' } })).toBe('name-needed');
    expect(save({ regimen: { ...of, steps: of.steps.filter((step) => step.kind !== 'wipe' && step.kind !== 'buff') } })).toBe(
      'wipe-missing',
    );
    expect(save({ asOwn: true, regimen: { ...of, name: 'Tideline’s own' } })).toBe('ok');
    expect(allRegimens(db).map((one) => one.name)).toContain('Tideline’s own');
  });
});
