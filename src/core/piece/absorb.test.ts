import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import {
  area,
  emc,
  factorFor,
  moistureSwing,
  poresMl,
  roomTaken,
  surfacesOf,
  thirstOf,
  uptakeFactors,
  volumeMl,
  type WeighedPiece,
} from '.';
import { FULL_BELOW, PRIOR_RECORDS, SLIP_FACTOR, SLOWING_BELOW } from './absorb';
import { FILLS_SHARE, WALLS_KG_PER_M3 } from './pores';
import { shelfMm } from './room';
import { CUT_END_SHARE, ENGRAVED_MORE } from './shapes/board';
import { BOX_END_SHARE } from './shapes/box';
import { SCOOP_END_SHARE } from './shapes/scoop';

const weighed = (ratio: number, species = 'pear'): WeighedPiece => ({
  species,
  finishClass: 'thin-oil',
  estimatedG: 10,
  measuredG: 10 * ratio,
});

describe('the shop’s own uptake', () => {
  it('rests on these figures', () => {
    expect([PRIOR_RECORDS, SLIP_FACTOR, SLOWING_BELOW, FULL_BELOW]).toEqual([4, 8, 0.35, 0.15]);
  });
  it('moves little by one weighing, and to what is measured by many', () => {
    const [one] = uptakeFactors([weighed(2)]);
    expect(one?.factor).toBeGreaterThan(1.1);
    expect(one?.factor).toBeLessThan(1.4);
    const [many] = uptakeFactors(Array.from({ length: 400 }, () => weighed(2)));
    expect(many?.factor).toBeCloseTo(2, 1);
    expect(many?.records).toBe(400);
  });
  it('lets woods of one class lend to each other, and classes not', () => {
    const factors = uptakeFactors([...Array.from({ length: 30 }, () => weighed(1.8, 'oak')), weighed(1, 'pear')]);
    expect(factorFor(factors, 'pear', 'thin-oil')?.factor).toBeGreaterThan(1.3);
    expect(factorFor(factors, 'pear', 'oil-wax')).toBeNull();
    // Each by its own weighings: thirty that drink more, and one as shipped.
    expect(factorFor(factors, 'oak', 'thin-oil')?.factor ?? 0).toBeGreaterThan(
      factorFor(factors, 'pear', 'thin-oil')?.factor ?? 9,
    );
    expect([factorFor(factors, 'oak', 'thin-oil')?.records, factorFor(factors, 'pear', 'thin-oil')?.records]).toEqual([30, 1]);
  });
  it('lies between the shipped figure and the weighings, and a slip of the hand does not count', () => {
    fc.assert(
      fc.property(fc.array(fc.double({ min: 0.3, max: 3, noNaN: true }), { minLength: 1, maxLength: 20 }), (ratios) => {
        const [found] = uptakeFactors(ratios.map((ratio) => weighed(ratio)));
        const [low, high] = [Math.min(1, ...ratios), Math.max(1, ...ratios)];
        expect(found?.factor).toBeGreaterThanOrEqual(low - 1e-9);
        expect(found?.factor).toBeLessThanOrEqual(high + 1e-9);
      }),
    );
    expect(uptakeFactors([weighed(100), { ...weighed(1), measuredG: 0 }])).toEqual([]);
  });
});

describe('whether a piece still drinks', () => {
  it('is told by each coat against the first', () => {
    expect(thirstOf([20], 250_000)).toEqual({ perM2: [80], thirst: null });
    expect(thirstOf([20, 12], 250_000).thirst).toBe('drinking');
    expect(thirstOf([20, 5], 250_000).thirst).toBe('slowing');
    expect(thirstOf([20, 12, 1], 250_000).thirst).toBe('full');
    expect(thirstOf([], 250_000)).toEqual({ perM2: [], thirst: null });
    expect([thirstOf([0, 0], 250_000).thirst, thirstOf([0, 5], 250_000).thirst]).toEqual([null, 'drinking']);
    // On the bound itself it still drinks, or slows.
    expect([thirstOf([100, 35], 1e6).thirst, thirstOf([100, 15], 1e6).thirst]).toEqual(['drinking', 'slowing']);
  });
});

describe('what is cut, hollowed and put on a shelf', () => {
  const board = { shape: 'board', lengthMm: 400, widthMm: 250, thickMm: 20, grain: 'long' } as const;
  const surface = (piece: unknown) => {
    const found = area(piece);
    if (!found.ok) throw new Error(found.issues[0]?.code);
    return found.value;
  };
  it('rests on these figures', () => {
    expect([SCOOP_END_SHARE, BOX_END_SHARE, ENGRAVED_MORE, CUT_END_SHARE]).toEqual([0.25, 0.12, 0.3, 0.5]);
  });
  it('a hole takes its two openings and gives its wall; engraving and a groove give surface', () => {
    const plain = surface(board).areaMm2;
    const hole = surface({ ...board, hole: { lengthMm: 100, widthMm: 30 } });
    expect(hole.areaMm2 - plain).toBeCloseTo((2 * 70 + Math.PI * 30) * 20 - 2 * (70 * 30 + Math.PI * 225), 6);
    expect(hole.endGrainMm2).toBeGreaterThan(surface(board).endGrainMm2);
    expect(surface({ ...board, engravedShare: 0.1 }).areaMm2 - plain).toBeCloseTo(0.3 * 0.1 * 400 * 250, 6);
    // A groove as deep as half its width is half a circle: π/2 in place of 1.
    const groove = surface({ ...board, groove: { widthMm: 10, depthMm: 5, insetMm: 20 } });
    expect(groove.areaMm2 - plain).toBeCloseTo(2 * (400 + 250 - 80) * (5 * Math.PI - 10), 4);
  });
  it('a scoop of no wall to speak of is two half skins, and a box is its faces', () => {
    const scoop = {
      shape: 'scoop',
      bowlLengthMm: 80,
      bowlWidthMm: 80,
      bowlDepthMm: 40,
      wallMm: 1e-6,
      handleLengthMm: 1e-6,
      handleWidthMm: 20,
      handleThickMm: 10,
    };
    expect(surface(scoop).areaMm2).toBeCloseTo(4 * Math.PI * 40 ** 2, 0);
    const box = { shape: 'box', lengthMm: 100, widthMm: 80, heightMm: 50, wallMm: 10, lid: false };
    expect(surface(box).areaMm2).toBeCloseTo(100 * 80 + 2 * 180 * 50 + 80 * 60 + 2 * 140 * 40 + (8000 - 4800), 6);
    expect(surface({ ...box, lid: true }).areaMm2 - surface(box).areaMm2).toBeCloseTo(2 * 8000 + 2 * 180 * 10, 6);
  });
  it('refuses a cut that goes through or past the edge', () => {
    for (const piece of [
      { ...board, groove: { widthMm: 10, depthMm: 20, insetMm: 20 } },
      { ...board, groove: { widthMm: 10, depthMm: 5, insetMm: 130 } },
      { ...board, hole: { lengthMm: 30, widthMm: 100 } },
      { shape: 'box', lengthMm: 100, widthMm: 80, heightMm: 50, wallMm: 40, lid: true },
    ])
      expect(area(piece)).toMatchObject({ ok: false, issues: [{ code: 'cut-too-large' }] });
  });
  it('displaces its wood, and stands beside others with air between', () => {
    expect(volumeMl(board)).toBeCloseTo(2000, 9);
    const cylinder = {
      shape: 'turned',
      outer: [
        [50, 0],
        [50, 80],
      ],
      inner: [
        [40, 10],
        [40, 80],
      ],
    } as const;
    const turned = {
      ...cylinder,
      outer: [...cylinder.outer.map(([r, z]): [number, number] => [r, z])],
      inner: [...cylinder.inner.map(([r, z]): [number, number] => [r, z])],
    };
    expect(volumeMl(turned)).toBeCloseTo((Math.PI * (2500 * 80 - 1600 * 70)) / 1000, 6);
    expect(shelfMm(board)).toBe(50);
    expect([roomTaken(board, 6, 'litres'), roomTaken(board, 6, 'metres'), roomTaken(board, 6, 'batches')]).toEqual([12, 0.3, 1]);
  });
  it('has its surfaces in the order they are coated, what is cut among them', () => {
    expect(surfacesOf(board)).toEqual(['underside', 'edges', 'end-grain', 'top']);
    expect(surfacesOf({ ...board, groove: { widthMm: 10, depthMm: 5, insetMm: 20 }, engravedShare: 0.1 })).toContain('groove');
    expect(surfacesOf({ shape: 'box', lengthMm: 100, widthMm: 80, heightMm: 50, wallMm: 10, lid: true })).toContain('lid');
  });
});

describe('what the wood can hold', () => {
  it('is its hollows, but for a tenth, and nothing in a wood as dense as its own walls', () => {
    expect([WALLS_KG_PER_M3, FILLS_SHARE]).toEqual([1500, 0.9]);
    expect(poresMl(1000, 750)).toBeCloseTo(450, 9);
    expect(poresMl(1000, 1500)).toBe(0);
    expect(poresMl(1000, 1600)).toBe(0);
  });
});

describe('what moisture alone may have done', () => {
  it('follows the wood’s equilibrium from the air at the start', () => {
    const swing = moistureSwing(500, [
      { tempC: 20, rh: 0.5 },
      { tempC: 20, rh: 0.35 },
      { tempC: 20, rh: 0.65 },
    ]);
    const at = (rh: number): number => {
      const found = emc({ tempC: 20, rh });
      return found.ok ? found.value.emcPercent : Number.NaN;
    };
    expect(swing?.lowG).toBeCloseTo((500 * (at(0.35) - at(0.5))) / (100 + at(0.5)), 9);
    expect(swing?.highG).toBeCloseTo((500 * (at(0.65) - at(0.5))) / (100 + at(0.5)), 9);
    expect(moistureSwing(500, [{ tempC: 20, rh: 0.5 }])).toEqual({ lowG: 0, highG: 0 });
    expect(moistureSwing(500, [])).toBeNull();
  });
});
