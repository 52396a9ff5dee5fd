import { describe, expect, it } from 'vitest';
import { ingredientOf, SHIPPED } from '@/core/material';
import { blend, correct, fill, gather, running } from '.';
import { sameBlend } from './file';
import { maxDwell } from './nature';

const shares = (parts: Readonly<Record<string, number>>) =>
  Object.entries(parts).map(([id, w]) => ({ ingredient: ingredientOf(id, SHIPPED), w, parts: w }));
const dwell = (id: string) => ingredientOf(id, SHIPPED).dwellMin;

describe('the longest a coat may lie', () => {
  it('is that of the quickest line which is a tenth of the whole', () => {
    const [driers, tung] = [dwell('linseed-boiled-driers'), dwell('tung-oil')];
    if (!driers || !tung) throw new Error('no dwell');
    expect(driers.flooded).not.toBe(tung.flooded);
    const [quick, slow] = [Math.min(driers.flooded, tung.flooded), tung.flooded];
    expect(maxDwell(shares({ 'tung-oil': 0.9, 'linseed-boiled-driers': 0.1 }), 'drying').flooded).toBe(quick);
    expect(maxDwell(shares({ 'tung-oil': 0.91, 'linseed-boiled-driers': 0.09 }), 'drying').flooded).toBe(slow);
  });
  it('counts what is there where no line is a tenth, and nothing where nothing dries', () => {
    const little = shares({ 'mineral-oil': 0.95, 'tung-oil': 0.05 });
    expect(maxDwell(little, 'drying')).toEqual(dwell('tung-oil'));
    expect(maxDwell(little, 'never')).toEqual({ flooded: null, thin: null });
    expect(maxDwell(shares({ 'mineral-oil': 1 }), 'drying')).toEqual({ flooded: null, thin: null });
  });
  it('is shorter from the share on at which it counts as thinned', () => {
    const plain = maxDwell(shares({ 'tung-oil': 0.76, 'citrus-solvent': 0.24 }), 'drying').flooded ?? 0;
    const thinned = maxDwell(shares({ 'tung-oil': 0.75, 'citrus-solvent': 0.25 }), 'drying').flooded ?? 0;
    expect(plain).toBe(dwell('tung-oil')?.flooded);
    expect(thinned).toBeLessThan(plain);
  });
});

describe('the same blend', () => {
  const lines = (parts: Readonly<Record<string, number>>) =>
    Object.entries(parts).map(([ingredient, n]) => ({ ingredient, parts: n }));
  const of = (parts: Readonly<Record<string, number>>, basis: 'mass' | 'volume' = 'mass') => ({
    name: 'some',
    lines: lines(parts),
    basis,
  });
  const paste = of({ beeswax: 1, 'mineral-oil': 4 });
  it('is known by its shares, in any order and any size', () => {
    expect(sameBlend(paste, of({ 'mineral-oil': 8, beeswax: 2 }), SHIPPED)).toBe(true);
    expect(sameBlend(paste, of({ beeswax: 1, 'mineral-oil': 4.1 }), SHIPPED)).toBe(false);
    expect(sameBlend(paste, of({ beeswax: 1, 'mct-oil': 4 }), SHIPPED)).toBe(false);
    expect(sameBlend(paste, of({ beeswax: 1, 'mineral-oil': 4, 'vitamin-e': 0.1 }), SHIPPED)).toBe(false);
    expect(sameBlend(paste, of({ beeswax: 1, 'mineral-oil': 4 }, 'volume'), SHIPPED)).toBe(false);
  });
  it('is not what cannot be reckoned', () => {
    const none = of({ beeswax: 1, gold: 4 });
    expect([sameBlend(paste, none, SHIPPED), sameBlend(none, paste, SHIPPED), sameBlend(none, none, SHIPPED)]).toEqual([
      false,
      false,
      false,
    ]);
  });
});

describe('jars for a pot', () => {
  const size = (id: string, capacityMl: number, have: number) => ({ id, capacityMl, fill: 1, have });
  const counts = (massG: number, sizes: ReturnType<typeof size>[]) => {
    const made = fill({ massG, lossG: 0, densityGPerMl: 1, sizes, waxFraction: 0 });
    return made.ok ? { ...made.value.counts, left: made.value.leftG } : made.issues[0];
  };
  it('are filled to the last gram that fits', () => {
    expect(counts(200, [size('a', 50, 9), size('b', 100, 9)])).toEqual({ a: 0, b: 2, left: 0 });
    expect(counts(150, [size('a', 50, 9), size('b', 100, 9)])).toEqual({ a: 1, b: 1, left: 0 });
    expect(counts(199.9, [size('b', 100, 9)])).toEqual({ b: 1, left: expect.closeTo(99.9, 9) });
    expect(counts(400, [size('b', 100, 3)])).toEqual({ b: 3, left: 100 });
    expect(counts(90, [size('b', 100, 3)])).toEqual({ b: 0, left: 90 });
  });
  it('are each named once', () => {
    expect(counts(200, [size('a', 50, 9), size('a', 100, 9)])).toEqual({
      code: 'duplicate-id',
      path: 'sizes.1.id',
      with: { id: 'a' },
    });
  });
  it('are the same whichever halves they are sought in', () => {
    const sizes = [size('a', 30, 3), size('b', 47, 2), size('c', 71, 2), size('d', 103, 1), size('e', 11, 4)];
    for (const massG of [60, 155, 262, 391]) {
      const made = counts(massG, sizes) as Record<string, number>;
      const sum = sizes.reduce((all, one) => all + (made[one.id] ?? 0) * one.capacityMl, 0);
      expect(sum + (made.left ?? 0)).toBeCloseTo(massG, 9);
      // No other choice leaves less: every one of them is looked at.
      let best = massG;
      for (let a = 0; a <= 3; a++)
        for (let b = 0; b <= 2; b++)
          for (let c = 0; c <= 2; c++)
            for (let d = 0; d <= 1; d++)
              for (let e = 0; e <= 4; e++) {
                const left = massG - (30 * a + 47 * b + 71 * c + 103 * d + 11 * e);
                if (left >= 0) best = Math.min(best, left);
              }
      expect(made.left).toBeCloseTo(best, 9);
    }
  });
});

describe('a line of a pot', () => {
  const lines = [
    { ingredient: 'beeswax', parts: 1 },
    { ingredient: 'mineral-oil', parts: 4 },
  ];
  const at = (wax: number) => {
    const found = running(lines, 'mass', 500, { beeswax: wax }, SHIPPED);
    return found.ok ? found.value.lines[0] : undefined;
  };
  it('is on its mark within half a gram, and over beyond it', () => {
    expect([at(99.5)?.isDone, at(99.49)?.isDone]).toEqual([true, false]);
    expect([at(100.5)?.overG, at(100.51)?.overG]).toEqual([0, expect.closeTo(0.51, 9)]);
    expect(at(0)?.isDone).toBe(false);
    // Of a large line a five-hundredth counts.
    const large = running(lines, 'mass', 5000, { beeswax: 1001.9 }, SHIPPED);
    expect(large.ok && large.value.lines[0]?.overG).toBe(0);
  });
});

describe('the heat of a blend', () => {
  it('lets solvent in only where nothing but oil solvent must stay cold', () => {
    const heat = (parts: Readonly<Record<string, number>>) => {
      const made = blend(
        {
          lines: Object.entries(parts).map(([ingredient, n]) => ({ ingredient, parts: n })),
          basis: 'mass',
          make: { massG: 100 },
        },
        SHIPPED,
      );
      return made.ok ? made.value.heat : made.issues[0]?.code;
    };
    expect(heat({ beeswax: 1, 'mineral-oil': 4, 'citrus-solvent': 1 })).toBe('two-stage');
    expect(heat({ beeswax: 1, 'mineral-oil': 4, 'shellac-solution': 1, 'citrus-solvent': 1 })).not.toBe('two-stage');
  });
});

describe('lots for a pot', () => {
  const lot = (id: number, leftG: number, bestBefore: string | null = null, ingredient = 'beeswax') => ({
    id,
    ingredient,
    leftG,
    bestBefore,
  });
  const takes = (needG: number, ...lots: ReturnType<typeof lot>[]) => {
    const [found] = gather({ beeswax: needG }, lots);
    return [...(found?.takes ?? []).map((one) => [one.lotId, one.grams]), found?.shortG];
  };
  it('are drawn the earliest best-before first, split where one is not enough, undated ones last', () => {
    expect(takes(100, lot(1, 60), lot(2, 80, '2031-09-01'), lot(3, 30, '2031-05-01'))).toEqual([[3, 30], [2, 70], 0]);
    expect(takes(150, lot(1, 60), lot(2, 80, '2031-09-01'), lot(3, 30, '2031-05-01'))).toEqual([[3, 30], [2, 80], [1, 40], 0]);
    expect(takes(50, lot(7, 60), lot(2, 80))).toEqual([[2, 50], 0]);
  });
  it('are of that ingredient, hold something, and say what is short', () => {
    expect(takes(100, lot(1, 0), lot(2, 70), lot(3, 500, null, 'mineral-oil'))).toEqual([[2, 70], 30]);
    expect(takes(100)).toEqual([100]);
    expect(takes(70, lot(2, 70), lot(3, 70))).toEqual([[2, 70], 0]);
    expect(takes(0, lot(2, 70))).toEqual([0]);
  });
});

describe('a pot that must be poured hotter than a line can take', () => {
  const of = (parts: Readonly<Record<string, number>>) => {
    const made = blend(
      {
        lines: Object.entries(parts).map(([ingredient, n]) => ({ ingredient, parts: n })),
        basis: 'mass',
        make: { massG: 100 },
      },
      SHIPPED,
    );
    if (!made.ok) throw new Error(made.issues[0]?.code);
    return made.value;
  };
  it('is in conflict only where it is heated, and its pour lies above the ceiling', () => {
    const soft = of({ beeswax: 1, 'mineral-oil': 4 });
    expect([soft.heat, soft.heatConflict, (soft.pourC ?? 0) < (soft.holdMaxC ?? 0)]).toEqual(['water-bath', false, true]);
    const hard = of({ 'carnauba-wax': 6, beeswax: 1, 'mineral-oil': 1 });
    expect(hard.heatConflict).toBe((hard.pourC ?? 0) > (hard.holdMaxC ?? 999));
    expect(hard.heatConflict).toBe(true);
    // Nothing is warmed: nothing can be too hot.
    expect([of({ 'tung-oil': 1, 'citrus-solvent': 1 }).heatConflict, of({ 'mineral-oil': 1 }).heatConflict]).toEqual([
      false,
      false,
    ]);
  });
});

describe('a concentrate let down', () => {
  const code = (
    target: Readonly<Record<string, number>>,
    fractions: Readonly<Record<string, number>> = { 'tung-oil': 0.8, beeswax: 0.2 },
  ) => {
    const found = correct({ mode: 'let-down', concentrateG: 400, fractions, target }, SHIPPED);
    return found.ok
      ? Object.values(found.value).map((one) => (typeof one === 'number' ? Number(one.toFixed(6)) : one))
      : found.issues[0]?.code;
  };
  it('takes the one solvent it lacks, and keeps the rest in proportion', () => {
    expect(code({ 'tung-oil': 0.6, beeswax: 0.15, 'citrus-solvent': 0.25 })).toEqual(['citrus-solvent', 133.333333, 533.333333]);
    expect(code({ 'tung-oil': 0.55, beeswax: 0.2, 'citrus-solvent': 0.25 })).toBe('not-in-proportion');
    expect(code({ 'citrus-solvent': 1 })).toBe('not-in-proportion');
  });
  it('is no other blend: nothing that stays, nothing that is in it, not two at once', () => {
    expect(code({ 'tung-oil': 0.6, beeswax: 0.15, 'mineral-oil': 0.25 })).toBe('not-one-volatile');
    expect(code({ 'tung-oil': 0.8, beeswax: 0.2 })).toBe('not-one-volatile');
    expect(code({ 'tung-oil': 0.6, beeswax: 0.15, 'citrus-solvent': 0.15, turpentine: 0.1 })).toBe('not-one-volatile');
    expect([code({ 'tung-oil': 0.6, 'citrus-solvent': 0.25 }), code({ 'tung-oil': 1 }, { 'tung-oil': 0.9 })]).toEqual([
      'fractions-sum',
      'fractions-sum',
    ]);
  });
});
