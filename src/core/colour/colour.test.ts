import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { colour } from '.';
import { encoded } from './colour';

const differs = (input: unknown): number => {
  const answer = colour(input);
  if (!answer.ok) throw new Error(JSON.stringify(answer.issues));
  return answer.value.deltaE;
};
describe('two photographed surfaces', () => {
  it('are alike under any lamp, as far as the card was in the picture', () => {
    const light = fc.double({ min: 0.4, max: 1, noNaN: true });
    const part = fc.double({ min: 0.02, max: 0.45, noNaN: true });
    fc.assert(
      fc.property(fc.tuple(light, light, light), fc.tuple(part, part, part), (lamp, surface) => {
        const under = (of: readonly number[]): number[] => of.map((one, i) => encoded(one * (lamp[i] ?? 1)));
        const seen = { rgb: under(surface), card: under([0.18, 0.18, 0.18]) };
        const plain = { rgb: surface.map(encoded), card: [0.18, 0.18, 0.18].map(encoded) };
        expect(differs({ a: seen, b: plain })).toBeLessThan(1e-6);
      }),
      { numRuns: 200 },
    );
  });
  it('differ as much the one way as the other, and not from themselves', () => {
    const [a, b] = [{ lab: [50, 10, -20] }, { lab: [61, -5, 29] }];
    expect(differs({ a, b })).toBeCloseTo(differs({ a: b, b: a }), 9);
    expect(differs({ a, b: a })).toBe(0);
  });
  it('are not read from a card that is black', () => {
    const a = { rgb: [10, 20, 30], card: [0, 90, 90] };
    expect(colour({ a, b: a })).toMatchObject({ ok: false, issues: [{ code: 'card-black', path: 'a.card' }] });
    expect(colour({ a: { rgb: [10, 20, 300] }, b: a }).ok).toBe(false);
  });
});
