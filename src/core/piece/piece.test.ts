import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { area, emc, uptake } from '.';
import { FIT_MOISTURE } from './emc';
import { THOMSEN_P, TURNED_END_SHARE } from './shapes/shape';
import { SPOON_END_SHARE } from './shapes/spoon';
import { coatShare, END_GRAIN_THIRST, LATER_COATS, ON_TOP, THIRST, UPTAKE_G_PER_M2 } from './uptake';

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
      3.5,
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
  it('lie on the wood where they form a film: each later coat four fifths of the first', () => {
    expect(ON_TOP).toEqual({ classes: ['film', 'friction'], later: 0.8 });
    expect([1, 2, 5].map((coat) => coatShare('film', coat))).toEqual([1, 0.8, 0.8]);
    expect([1, 2].map((coat) => coatShare('thin-oil', coat))).toEqual([1, 0.45]);
  });
  it('measure what is reckoned and not drawn: disc, tray, ring, solid turned, parts', () => {
    const disc = value(area({ shape: 'disc', diameterMm: 100, thickMm: 20, grain: 'long' }));
    expect(disc.areaMm2).toBeCloseTo(2 * Math.PI * 2500 + Math.PI * 2000, 6);
    expect(disc.endGrainMm2).toBeCloseTo(Math.PI * 1000, 6);
    const rod = {
      shape: 'turned',
      outer: [
        [10, 0],
        [10, 100],
      ],
    };
    expect(value(area(rod)).areaMm2).toBeCloseTo(2 * Math.PI * 10 * 100 + 2 * Math.PI * 100, 6);
    const pair = value(
      area({
        shape: 'parts',
        parts: [
          { count: 2, of: rod },
          { count: 1, of: { shape: 'plain', areaMm2: 500, endGrainShare: 0.2 } },
        ],
      }),
    );
    expect(pair.areaMm2).toBeCloseTo(2 * value(area(rod)).areaMm2 + 500, 6);
    expect(area({ shape: 'ring', outerMm: 40, barMm: 20 })).toMatchObject({ ok: false, issues: [{ path: 'barMm' }] });
    expect(
      area({ shape: 'tray', lengthMm: 300, widthMm: 200, thickMm: 20, recessLengthMm: 300, recessWidthMm: 100, recessDepthMm: 5 })
        .ok,
    ).toBe(false);
    expect(area({ shape: 'cube', areaMm2: 1 })).toMatchObject({ ok: false, issues: [{ path: 'shape' }] });
    expect(area({ shape: 'board', lengthMm: -1, widthMm: 200, thickMm: 20, grain: 'long' })).toMatchObject({
      ok: false,
      issues: [{ path: 'lengthMm' }],
    });
    expect(
      area({ shape: 'parts', parts: [{ count: 1, of: { shape: 'disc', diameterMm: 0, thickMm: 1, grain: 'end' } }] }),
    ).toMatchObject({ ok: false });
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
