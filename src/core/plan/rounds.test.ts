import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { rounds } from '.';

const job = (setupMin: number, perPieceMin: number) => ({ setupMin, perPieceMin });

describe('rounds', () => {
  it('wipes all in one round when nothing spoils', () => {
    const result = rounds({ pieces: 40, coat: job(3, 2), wipe: job(2, 1), dwell: { min: 20, ideal: 30, max: null } });
    expect(result).toMatchObject({ ok: true, value: { rounds: 1, pieces: [40], wait: { max: null }, coatMin: 83, wipeMin: 42 } });
  });

  it('refuses when even one piece cannot be wiped in time', () => {
    expect(rounds({ pieces: 1, coat: job(0, 1), wipe: job(30, 1), dwell: { min: 5, ideal: 10, max: 20 } })).toMatchObject({
      ok: false,
      issues: [{ code: 'dwell-shorter-than-setup' }],
    });
  });

  it('keeps every piece of every round inside the dwell, played through', () => {
    const minutes = fc.integer({ min: 0, max: 8 }).map((n) => n / 2);
    fc.assert(
      fc.property(
        fc.integer({ min: 1, max: 30 }),
        minutes,
        minutes,
        minutes,
        fc.integer({ min: 0, max: 15 }),
        fc.integer({ min: 0, max: 25 }),
        (pieces, c, setup, w, min, more) => {
          const dwell = { min, ideal: min, max: min + more };
          const result = rounds({ pieces, coat: job(1, c), wipe: job(setup, w), dwell });
          if (!result.ok) {
            expect(setup).toBeGreaterThan(dwell.max);
            return;
          }
          const { pieces: sizes, wait } = result.value;
          expect(sizes.reduce((a, b) => a + b, 0)).toBe(pieces);
          expect([...sizes].sort((a, b) => b - a)).toEqual(sizes);
          const m = sizes[0] as number;
          for (const pause of [wait.min, wait.ideal, wait.max as number]) {
            for (let i = 0; i < m; i++) {
              const coated = (i + 1) * c;
              const wiped = m * c + pause + setup + i * w;
              expect(wiped - coated).toBeGreaterThanOrEqual(min - 1e-9);
              expect(wiped - coated).toBeLessThanOrEqual(dwell.max + 1e-9);
            }
          }
        },
      ),
      { numRuns: 400, seed: 11 },
    );
  });
});
