import { beforeEach, describe, expect, it } from 'vitest';
import type { Db } from '../db';
import { houseRule } from '../schema';
import { demoDb, refusal } from '../testing';
import { ownRules, rulesOf, seenHere, takeSide } from './rules';

const NOW = Date.parse('2031-03-05T14:20:00Z');
const by = { personId: 1, nowMs: NOW };
let db: Db;
beforeEach(() => {
  db = demoDb(NOW);
});

describe('rules of the shop’s own', () => {
  it('stand with their reason until another is made, or the house’s is taken back; what was is kept', () => {
    expect(ownRules(db)).toHaveLength(6);
    const side = (school: string, reason = 'we saw it') => takeSide(db, { question: 'gap', school, reason }, by);
    expect(side('day', ' ')).toMatchObject({ ok: false, issues: [{ code: 'reason-needed', path: 'reason' }] });
    expect(side('no-such')).toMatchObject({ ok: false, issues: [{ code: 'not-found' }] });
    expect(takeSide(db, { question: 'no-such', school: '', reason: 'x' }, by).ok).toBe(false);
    expect(side('day').ok && side('two-days').ok).toBe(true);
    expect(ownRules(db).find((one) => one.question === 'gap')?.school).toBe('two-days');
    expect(side('').ok).toBe(true);
    expect(ownRules(db).some((one) => one.question === 'gap')).toBe(false);
    expect(rulesOf(db, 'gap').map((one) => one.school)).toEqual(['', 'two-days', 'day']);
    expect(refusal(() => db.delete(houseRule).run())).toContain('append-only');
  });
  it('are laid beside what was made by each side and what came of it', () => {
    const seen = seenHere(db, 'drying-on-boards');
    const of = (school: string) => seen.find((one) => one.school === school);
    expect((of('drying')?.batches ?? 0) + (of('never')?.batches ?? 0)).toBeGreaterThan(5);
    for (const { sold, wrong, batches } of seen) {
      expect(wrong).toBeLessThanOrEqual(sold);
      expect(batches).toBeGreaterThan(0);
    }
    expect(seen.some((one) => one.sold > 0)).toBe(true);
    expect(seenHere(db, 'food-safe-words')).toEqual([]);
    expect(seenHere(db, 'no-such')).toEqual([]);
  });
});
