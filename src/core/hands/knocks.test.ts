import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { KNOCK, knockReader, TUNE, tuneOf } from './knocks';

const STEP = 5;
/** Levels of a bench over so many ms: its noise, and knocks that fall off as wood does. */
function bench(ms: number, knocks: readonly (readonly [atMs: number, peak: number])[], noise = 0.004, lasts = 12) {
  return Array.from({ length: Math.ceil(ms / STEP) }, (_, i) => {
    const atMs = i * STEP;
    const heard = knocks.map(([at, peak]) => (atMs < at ? 0 : peak * Math.exp(-(atMs - at) / lasts)));
    return { atMs, peak: Math.max(noise, ...heard) };
  });
}
const tune = tuneOf([0.3, 0.32, 0.28]);
const calls = (levels: ReturnType<typeof bench>, by = tune) => {
  const reader = knockReader(by);
  return levels.flatMap((level) => reader.push(level).call ?? []);
};

describe('knocks on the bench', () => {
  it('rest on these figures', () => {
    expect([KNOCK.gapMs, TUNE]).toEqual([
      { least: 130, most: 650 },
      { knocks: 3, least: 0.4, most: 2.5, spread: 5 },
    ]);
    expect(tune).toEqual({ least: 0.12, most: 0.75 });
  });
  it('are two to record, three to take back, and neither one, four nor hammering', () => {
    const at = (n: number) => Array.from({ length: n }, (_, i) => [500 + i * 300, 0.3] as const);
    expect([1, 2, 3, 4, 7].map((n) => calls(bench(5000, at(n))))).toEqual([[], ['two'], ['three'], [], []]);
  });
  it('are read one call after another, and not across a pause', () => {
    expect(
      calls(
        bench(6000, [
          [500, 0.3],
          [800, 0.3],
          [2500, 0.3],
          [2800, 0.3],
          [3100, 0.3],
        ]),
      ),
    ).toEqual(['two', 'three']);
    expect(
      calls(
        bench(4000, [
          [500, 0.3],
          [1400, 0.3],
        ]),
      ),
    ).toEqual([]);
  });
  it('are no talk, no machine, no hammer and no falling chip', () => {
    const talk = bench(
      4000,
      [
        [500, 0.3],
        [800, 0.3],
      ],
      0.004,
      400,
    );
    expect(calls(talk)).toEqual([]);
    expect(
      calls(
        bench(
          4000,
          [
            [500, 0.3],
            [800, 0.3],
          ],
          0.2,
        ),
      ),
    ).toEqual([]);
    expect(
      calls(
        bench(4000, [
          [500, 0.95],
          [800, 0.98],
        ]),
      ),
    ).toEqual([]);
    expect(
      calls(
        bench(4000, [
          [500, 0.05],
          [800, 0.05],
        ]),
      ),
    ).toEqual([]);
  });
  it('tune to a hand, and not to three that are unlike', () => {
    expect(tuneOf([0.3, 0.3])).toBeNull();
    expect(tuneOf([0.05, 0.3, 0.9])).toBeNull();
    const reader = knockReader(null);
    const heard = bench(4000, [
      [500, 0.2],
      [1500, 0.25],
      [2500, 0.22],
    ]).flatMap((level) => reader.push(level).knock ?? []);
    expect(heard).toHaveLength(3);
    expect(tuneOf(heard)).not.toBeNull();
  });
  it('never call out of noise alone', () => {
    fc.assert(
      fc.property(fc.array(fc.double({ min: 0, max: 0.05, noNaN: true }), { maxLength: 600 }), (peaks) => {
        const reader = knockReader(tune);
        expect(peaks.flatMap((peak, i) => reader.push({ atMs: i * STEP, peak }).call ?? [])).toEqual([]);
      }),
      { seed: 3 },
    );
  });
});
