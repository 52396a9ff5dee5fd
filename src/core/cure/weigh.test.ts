import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { LEAST_WEIGHINGS, type Weighing, weighCurve } from '.';

/** A repeatable scatter about nought, uniform in ±1. */
function scatter(seed: number): () => number {
  let state = seed * 2654435761;
  return () => {
    state = (state * 1664525 + 1013904223) % 4294967296;
    return (state / 4294967296) * 2 - 1;
  };
}
const HOURS = [0, 6, 12, 20, 28, 40, 52, 70, 90, 110, 130, 150, 170, 190, 210];
/** 2 g of solvent leave by hour 24, 1.2 g of oxygen come by hour 120. */
const truth = (hours: number): number => 500 - 2 * Math.min(1, hours / 24) + 1.2 * Math.min(1, Math.max(0, (hours - 24) / 96));
const weigh = (of: (hours: number) => number, noise = 0, seed = 1, hours: readonly number[] = HOURS): Weighing[] => {
  const next = scatter(seed);
  return hours.map((at) => ({ hours: at, grams: of(at) + noise * next() }));
};

describe('a test piece on the scale', () => {
  it('shows solvent leaving, oxygen coming and a plateau', () => {
    const found = weighCurve(weigh(truth));
    expect(found?.lostG).toBeCloseTo(2, 0);
    expect(found?.gainedG).toBeCloseTo(1.2, 0);
    expect(Math.abs((found?.plateau?.fromHours ?? 0) - 120)).toBeLessThan(12);
    expect(found?.at(300)).toBeCloseTo(499.2, 1);
  });
  // Four hundred fits take long where every expression is watched.
  it.skipIf(process.env.MUTANTS)(
    'has the true plateau in its span about nine times in ten, and says no more than it knows',
    () => {
      for (const noise of [0.06, 0.15]) {
        const spans = Array.from({ length: 200 }, (_, seed) => weighCurve(weigh(truth, noise, seed + 1))?.plateau).flatMap(
          (one) => one ?? [],
        );
        const held = spans.filter(({ low, high }) => low <= 120 && 120 <= high).length / spans.length;
        expect(held).toBeGreaterThan(0.82);
        expect(held).toBeLessThan(0.99);
      }
    },
  );
  it('finds none while the piece still changes, and none in the wrong direction', () => {
    expect(weighCurve(weigh((hours) => 500 + hours / 100))?.plateau).toBeNull();
    const early = HOURS.filter((hours) => hours < 100);
    expect(weighCurve(weigh(truth, 0, 1, early))?.plateau).toBeNull();
    const falls = weighCurve(weigh((hours) => 500 - 3 * Math.min(1, hours / 30)));
    expect(falls).toMatchObject({ gainedG: 0 });
    expect(falls?.lostG).toBeCloseTo(3, 1);
  });
  it('says a piece that never changed rests from the start, and nothing from too few weighings', () => {
    expect(weighCurve(weigh(() => 500))).toMatchObject({ lostG: 0, gainedG: 0, plateau: { fromHours: 0 } });
    expect(weighCurve(weigh(truth).slice(0, LEAST_WEIGHINGS - 1))).toBeNull();
  });
  it('does not care for the order, and moves with the weight of the piece', () => {
    fc.assert(
      fc.property(fc.double({ min: 1, max: 3000, noNaN: true }), fc.integer({ min: 1, max: 50 }), (offset, seed) => {
        const some = weigh(truth, 0.05, seed);
        const moved = weighCurve([...some].reverse().map((one) => ({ ...one, grams: one.grams + offset })));
        const plain = weighCurve(some);
        expect(moved?.lostG).toBeCloseTo(plain?.lostG ?? 0, 5);
        expect(moved?.plateau?.fromHours).toBe(plain?.plateau?.fromHours);
      }),
      { numRuns: 20 },
    );
  });
  it('finds the joints between the weighings where nothing scatters', () => {
    const found = weighCurve(weigh(truth));
    expect(found?.lostG).toBeCloseTo(2, 2);
    expect(found?.lostUntil).toBeCloseTo(24, 0);
    expect(found?.gainedG).toBeCloseTo(1.2, 2);
    expect(found?.plateau?.fromHours).toBeCloseTo(120, 0);
    for (const at of [0, 10, 24, 60, 119, 130, 400]) expect(found?.at(at)).toBeCloseTo(truth(at), 2);
  });
  it('says how far weighings scatter about what it found, as their squares have it', () => {
    const swing = (hours: number): number => (HOURS.indexOf(hours) % 2 === 0 ? 0.1 : -0.1);
    const still = weighCurve(weigh((hours) => 500 + swing(hours)));
    expect(still).toMatchObject({ lostG: 0, gainedG: 0, lostUntil: null });
    // Fifteen points about their mean: 0.1² each, but for what one point more on one side moves it.
    expect(still?.spreadG).toBeCloseTo(Math.sqrt((15 * (0.01 - (0.1 / 15) ** 2)) / 14), 4);
    const moves = weighCurve(weigh((hours) => truth(hours) + swing(hours)));
    expect(moves?.spreadG).toBeGreaterThan(0.1);
    expect(moves?.spreadG).toBeLessThan(0.15);
    expect(moves?.plateau?.low).toBeLessThan(moves?.plateau?.fromHours ?? 0);
    expect(moves?.plateau?.high).toBeGreaterThan(moves?.plateau?.fromHours ?? 0);
  });
  it('believes a plateau from three weighings on it, and is surer the longer it is', () => {
    const plateauUntil = (last: number) =>
      weighCurve(
        weigh(
          truth,
          0.04,
          5,
          HOURS.filter((hours) => hours <= last),
        ),
      )?.plateau ?? null;
    expect(plateauUntil(130)).toBeNull();
    const [short, long] = [plateauUntil(170), plateauUntil(210)];
    expect(long).not.toBeNull();
    expect((long?.high ?? 0) - (long?.low ?? 0)).toBeLessThanOrEqual((short?.high ?? 999) - (short?.low ?? 0));
  });
});
