import { describe, expect, it } from 'vitest';
import { BASE_READS } from '@/core/quantity';
import { area, areaOf } from '.';
import { type DesignDraft, geometryOf, readProfile } from './draft';

const draft: DesignDraft = {
  name: 'x',
  uses: ['food-wet', 'knife'] as const,
  tableware: true,
  groove: '',
  hole: '',
  engraved: '',
  lid: true,
  shape: 'board',
  sizes: '420 x 260 x 24',
  grain: 'long',
  bowl: '70 x 50 x 14',
  handle: '200 x 18 x 10',
  points: [
    { key: 'a', r: '40', z: '0' },
    { key: 'b', r: '8,5 cm', z: '35' },
    { key: 'c', r: '4 in', z: '70' },
  ],
  curved: false,
  wall: '8',
  floor: '1 cm',
  solid: false,
  recess: '200 x 100 x 10',
  surface: '1200 cm²',
  endShare: '10 %',
  parts: [
    { key: 'ring', count: '1', shape: 'ring', sizes: '70 x 12' },
    { key: 'beads', count: '4', shape: 'disc', sizes: '20 x 18' },
  ],
  likeOf: { shape: 'board', lengthMm: 420, widthMm: 260, thickMm: 24, grain: 'long' },
  times: '1/2',
};
const faults = (change: Partial<DesignDraft>) => {
  const made = geometryOf({ ...draft, ...change }, BASE_READS);
  return made.ok ? [] : made.issues.map((issue) => `${issue.path} ${issue.code}`);
};

describe('a design as it is typed', () => {
  it('is a board, a spoon or a turned form, each with its surface', () => {
    const measure = (shape: DesignDraft['shape']) => {
      const made = geometryOf({ ...draft, shape }, BASE_READS);
      const measured = made.ok ? area(made.value) : null;
      return measured?.ok ? Math.round(measured.value.areaMm2) : 0;
    };
    expect(measure('board')).toBe(251040);
    expect(measure('spoon')).toBeGreaterThan(12000);
    const turned = geometryOf({ ...draft, shape: 'turned' }, BASE_READS);
    expect(turned.ok && turned.value.shape === 'turned' && turned.value.outer.at(-1)).toEqual([101.6, 70]);
    expect(measure('turned')).toBeGreaterThan(60000);
  });
  it('is any other shape, several parts, about the size of something, or nothing yet', () => {
    const made = (shape: DesignDraft['shape'], change: Partial<DesignDraft> = {}) => {
      const found = geometryOf({ ...draft, shape, ...change }, BASE_READS);
      if (!found.ok) throw new Error(JSON.stringify(found.issues));
      return areaOf(found.value);
    };
    expect(made('disc', { sizes: '300 x 22' }).areaMm2).toBeCloseTo(Math.PI * (2 * 150 ** 2 + 300 * 22), 6);
    expect(made('tray', { sizes: '400 x 250 x 30' }).areaMm2).toBe(2 * (400 * 250 + 400 * 30 + 250 * 30) + 2 * 300 * 10);
    expect(made('plain')).toEqual({ areaMm2: 120_000, endGrainMm2: 12_000 });
    expect(made('parts').areaMm2).toBeCloseTo(Math.PI ** 2 * 12 * 58 + 4 * Math.PI * (2 * 100 + 20 * 18), 6);
    expect(made('like').areaMm2).toBe(251040 / 2);
    expect(made('unknown').areaMm2).toBe(0);
    expect(made('turned', { solid: true, wall: '', floor: '' }).areaMm2).toBeGreaterThan(30_000);
    expect(made('round-box', { sizes: '90 x 70' }).areaMm2).toBeCloseTo(
      (Math.PI / 4) * (90 ** 2 + 74 ** 2 + (90 ** 2 - 74 ** 2) + 2 * 90 ** 2) + Math.PI * (90 * 70 + 74 * 62 + 90 * 8),
      6,
    );
  });
  it('refuses what cannot be, where it was typed', () => {
    expect(faults({ shape: 'plain', surface: '1200' })).toEqual(['surface unit-missing']);
    expect(faults({ shape: 'plain', surface: '1200 kg', endShare: '120' })).toEqual(['surface wrong-unit', 'endShare too-large']);
    expect(faults({ shape: 'tray', sizes: '190 x 90 x 30' })).toEqual(['recess cut-too-large']);
    expect(faults({ shape: 'ring', sizes: '70 x 40' })).toEqual(['barMm cut-too-large']);
    expect(faults({ shape: 'parts', parts: [{ key: 'a', count: '1.5', shape: 'disc', sizes: '2' }] })).toEqual([
      'parts.0 invalid',
    ]);
    expect(faults({ shape: 'parts', parts: [] })).toEqual(['parts required']);
    expect(faults({ shape: 'like', likeOf: null })).toEqual(['likeOf required']);
    expect(faults({ shape: 'like', times: '0' })).toEqual(['times must-be-positive']);
  });
  it('says what is wrong at its field, all at once', () => {
    expect(faults({ sizes: '420 x 260' })).toEqual(['sizes invalid']);
    expect(faults({ shape: 'spoon', bowl: 'wide', handle: '1 x 2' })).toEqual(['bowl not-a-number', 'handle invalid']);
    expect(
      faults({
        shape: 'turned',
        points: [
          { key: 'a', r: 'x', z: '0' },
          { key: 'b', r: '5', z: '' },
        ],
      }),
    ).toEqual(['points.0 not-a-number', 'points.1 required']);
    expect(
      faults({
        shape: 'turned',
        points: [
          { key: 'a', r: '40', z: '10' },
          { key: 'b', r: '50', z: '5' },
        ],
      }),
    ).toEqual(['points.1 profile-backwards']);
    expect(faults({ shape: 'turned', wall: '80', floor: '' })).toEqual(['floor required']);
    expect(faults({ shape: 'turned', wall: '80' })).toEqual(['wall profile-thick']);
  });
  it('takes a profile from a file, in millimetres or inches', () => {
    const mm = readProfile(
      [
        ['40', '0'],
        ['85', '35'],
        ['100', '70'],
      ],
      BASE_READS,
    );
    expect(mm.ok && mm.value.map(({ r, z }) => [r, z])).toEqual([
      ['40', '0'],
      ['85', '35'],
      ['100', '70'],
    ]);
    const inches = readProfile(
      [
        ['r (in)', 'z (in)'],
        ['0', '0'],
        ['1.5', '0.5'],
        ['', ''],
      ],
      BASE_READS,
    );
    expect(
      inches.ok &&
        geometryOf(
          {
            ...draft,
            shape: 'turned',
            wall: '2',
            floor: '2',
            points: [...inches.value].map((point, i) => (i === 0 ? { ...point, r: '30' } : point)),
          },
          BASE_READS,
        ).ok,
    ).toBe(true);
    expect(inches.ok && inches.value[1]).toMatchObject({ r: '1.5 in', z: '0.5 in' });
    expect(
      readProfile(
        [
          ['r', 'z'],
          ['a', 'b'],
        ],
        BASE_READS,
      ),
    ).toMatchObject({ ok: false, issues: [{ path: 'file' }, { path: 'file' }] });
    expect(readProfile([['40', '0']], BASE_READS)).toMatchObject({ issues: [{ code: 'profile-short' }] });
  });
});
