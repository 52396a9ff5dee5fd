import { describe, expect, it } from 'vitest';
import { area } from '.';
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
};
const faults = (change: Partial<DesignDraft>) => {
  const made = geometryOf({ ...draft, ...change });
  return made.ok ? [] : made.issues.map((issue) => `${issue.path} ${issue.code}`);
};

describe('a design as it is typed', () => {
  it('is a board, a spoon or a turned form, each with its surface', () => {
    const measure = (shape: DesignDraft['shape']) => {
      const made = geometryOf({ ...draft, shape });
      const measured = made.ok ? area(made.value) : null;
      return measured?.ok ? Math.round(measured.value.areaMm2) : 0;
    };
    expect(measure('board')).toBe(251040);
    expect(measure('spoon')).toBeGreaterThan(12000);
    const turned = geometryOf({ ...draft, shape: 'turned' });
    expect(turned.ok && turned.value.shape === 'turned' && turned.value.outer.at(-1)).toEqual([101.6, 70]);
    expect(measure('turned')).toBeGreaterThan(60000);
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
    const mm = readProfile([
      ['40', '0'],
      ['85', '35'],
      ['100', '70'],
    ]);
    expect(mm.ok && mm.value.map(({ r, z }) => [r, z])).toEqual([
      ['40', '0'],
      ['85', '35'],
      ['100', '70'],
    ]);
    const inches = readProfile([
      ['r (in)', 'z (in)'],
      ['0', '0'],
      ['1.5', '0.5'],
      ['', ''],
    ]);
    expect(
      inches.ok &&
        geometryOf({
          ...draft,
          shape: 'turned',
          wall: '2',
          floor: '2',
          points: [...inches.value].map((point, i) => (i === 0 ? { ...point, r: '30' } : point)),
        }).ok,
    ).toBe(true);
    expect(inches.ok && inches.value[1]).toMatchObject({ r: '1.5 in', z: '0.5 in' });
    expect(
      readProfile([
        ['r', 'z'],
        ['a', 'b'],
      ]),
    ).toMatchObject({ ok: false, issues: [{ path: 'file' }, { path: 'file' }] });
    expect(readProfile([['40', '0']])).toMatchObject({ issues: [{ code: 'profile-short' }] });
  });
});
