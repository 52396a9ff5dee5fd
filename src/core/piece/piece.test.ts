import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { area, emc, FIT_MOISTURE, uptake } from '.';
import { SPOON_END_SHARE, THOMSEN_P, TURNED_END_SHARE } from './area';
import { END_GRAIN_THIRST, LATER_COATS, THIRST, UPTAKE_G_PER_M2 } from './uptake';

const value = <T>(result: { ok: true; value: T } | { ok: false; issues: readonly { code: string }[] }): T => {
  if (!result.ok) throw new Error(result.issues[0]?.code);
  return result.value;
};

describe('pieces', () => {
  it('rest on the figures of the design', () => {
    expect(UPTAKE_G_PER_M2).toEqual({
      'flood-oil': 95,
      bath: 130,
      'thin-oil': 45,
      'oil-wax': 30,
      'hard-wax': 26,
      'wax-paste': 22,
      friction: 14,
      film: 40,
    });
    expect([THIRST, END_GRAIN_THIRST, LATER_COATS, THOMSEN_P, TURNED_END_SHARE, SPOON_END_SHARE, FIT_MOISTURE]).toEqual([
      { closed: 1, 'fine-open': 1.15, open: 1.4, soft: 1.6 },
      2.5,
      { ratio: 0.45, least: 0.12 },
      1.6075,
      1 / 3,
      0.1,
      { fit: 12, caution: 15 },
    ]);
  });
  it('measure a board by hand', () => {
    expect(value(area({ shape: 'board', lengthMm: 420, widthMm: 260, thickMm: 24, grain: 'long' }))).toEqual({
      areaMm2: 251040,
      endGrainMm2: 12480,
    });
    expect(value(area({ shape: 'board', lengthMm: 300, widthMm: 200, thickMm: 40, grain: 'end' })).endGrainMm2).toBe(120000);
  });
  it('measure a turned cylinder as a cylinder', () => {
    const { areaMm2 } = value(
      area({
        shape: 'turned',
        outer: [
          [50, 0],
          [50, 80],
        ],
        inner: [
          [50, 0],
          [50, 80],
        ],
      }),
    );
    expect(areaMm2).toBeCloseTo(2 * (2 * Math.PI * 50 * 80) + 2 * Math.PI * 2500, 6);
  });
  it('drink less with each coat, never less than an eighth or so, and twice as much for twice the pieces', () => {
    fc.assert(
      fc.property(fc.integer({ min: 1, max: 6 }), fc.integer({ min: 1, max: 40 }), (coats, pieces) => {
        const input = { areaMm2: 200_000, endGrainMm2: 10_000, finishClass: 'flood-oil', porosity: 'open', coats };
        const one = value(uptake({ ...input, pieces }));
        expect(one.perCoatG.every((grams, i) => i === 0 || grams <= (one.perCoatG[i - 1] ?? 0))).toBe(true);
        expect(Math.min(...one.perCoatG)).toBeGreaterThanOrEqual(0.12 * (one.perCoatG[0] ?? 0) - 1e-12);
        expect(value(uptake({ ...input, pieces: 2 * pieces })).totalG).toBeCloseTo(2 * one.totalG, 9);
      }),
    );
  });
  it('refuse more end grain than surface', () => {
    expect(uptake({ areaMm2: 10, endGrainMm2: 11, finishClass: 'bath', porosity: 'closed', coats: 1, pieces: 1 })).toMatchObject({
      ok: false,
      issues: [{ code: 'too-large', path: 'endGrainMm2' }],
    });
  });
  it('come to more moisture in damper air', () => {
    const moisture = [0.2, 0.4, 0.6, 0.8].map((rh) => value(emc({ tempC: 20, rh })).emcPercent);
    expect([...moisture].sort((a, b) => a - b)).toEqual(moisture);
    expect(emc({ tempC: 20, rh: 1.2 }).ok).toBe(false);
  });
});
