import { describe, expect, it } from 'vitest';
import { governedRate, meanAir, RATE_CLAMP, WATER, windows } from './windows';

const day = { min: 1440, ideal: 1440, max: null };
const at = (tempC: number, rh = 0.5) => ({ tempC, rh, light: 'indoor' as const });
const of = (input: unknown) => {
  const found = windows(input);
  return found.ok ? found.value : found.issues.map((issue) => issue.code);
};

describe('a wait in a room', () => {
  it('rests on these figures', () => {
    expect([RATE_CLAMP, WATER]).toEqual([
      { least: 1 / 3, most: 2 },
      { activationJPerMol: 45_000, rh: 0.5 },
    ]);
  });
  it('is as it is written at 20 °C and 50 %, whatever governs it', () => {
    for (const governs of ['oxidation', 'evaporation', 'soak', 'gel', 'water', 'none'] as const)
      expect(governedRate(governs, at(20))).toBeCloseTo(1, 12);
  });
  it('is longer in the cold, at most three times, and says where it is too cold', () => {
    const cold = of({ step: day, governs: { min: 'oxidation', max: 'none' }, climate: at(5) });
    expect(cold).toMatchObject({ min: 4320, advise: 'too-slow' });
    expect(of({ step: day, governs: { min: 'oxidation', max: 'none' }, climate: at(14) })).toMatchObject({ advise: null });
  });
  it('is the longest that hands have where warmth closes it', () => {
    const step = { min: 15, ideal: 15, max: 16 };
    expect(of({ step, governs: { min: 'soak', max: 'gel' }, climate: at(32) })).toMatchObject({
      min: 5,
      ideal: 5,
      max: 5,
      advise: 'too-fast',
    });
  });
  it('knows no upper bound that water sets, and no wait that is upside down', () => {
    expect(of({ step: day, governs: { min: 'none', max: 'water' }, climate: at(20) })).toEqual(['invalid']);
    expect(of({ step: { min: 5, ideal: 4, max: null }, governs: { min: 'none', max: 'none' }, climate: at(20) })).toEqual([
      'wait-order',
    ]);
  });
});

describe('the mean air of a stretch', () => {
  const rows = [
    { atMs: 0, ...at(10) },
    { atMs: 100, ...at(20) },
    { atMs: 200, ...at(40) },
  ];
  it('weighs each row by how long it held, the last one on and on', () => {
    expect(meanAir(rows, 50, 150)?.tempC).toBeCloseTo(15, 9);
    expect(meanAir(rows, 150, 450)?.tempC).toBeCloseTo((20 * 50 + 40 * 250) / 300, 9);
    expect(meanAir(rows, -100, 0)?.tempC).toBe(10);
    expect(meanAir(rows, 120, 120)?.tempC).toBe(20);
    expect(meanAir([], 0, 1)).toBeNull();
  });
});
