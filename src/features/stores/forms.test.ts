import { describe, expect, it } from 'vitest';
import { check } from '@/core/contract';
import { StockFields } from './forms';

describe('a stock-take', () => {
  it('reads what was found of each lot, and leaves what was not weighed', () => {
    expect(check(StockFields, { found: { 7: '1,2 kg', 12: '', 3: '0' } })).toEqual({
      ok: true,
      value: { found: { 3: 0, 7: 1200, 12: null } },
    });
  });
  it('takes rows of lots and no more of them than a shelf holds; a bad mass has its fault at its lot', () => {
    const bad = check(StockFields, { found: { 7: 'some' } });
    expect(bad.ok ? [] : bad.issues.map((issue) => issue.path)).toEqual(['found.7']);
    for (const row of ['x', '0', '-1', '1e9']) expect(check(StockFields, { found: { [row]: '1 g' } }).ok).toBe(false);
    const many = Object.fromEntries(Array.from({ length: 501 }, (_, i) => [i + 1, '1 g']));
    expect(check(StockFields, { found: many })).toMatchObject({ ok: false, issues: [{ path: 'found', code: 'too-many' }] });
  });
});
