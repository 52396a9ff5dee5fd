import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { FINGER, lanesOf } from './lanes';
import type { Peg } from './pegs';

const peg = (key: string, who: string, fromMs: number, toMs: number): Peg => ({
  key,
  batchId: 1,
  task: key,
  number: '31-001',
  title: '',
  action: key,
  who,
  fromMs,
  toMs,
  earliestMs: null,
  latestMs: null,
  slackUntilMs: fromMs,
  pinned: false,
});
/** A row of a hundred minutes: a minute is a hundredth of it. */
const at = (ms: number): number => ms;

describe('the hand-work of a day', () => {
  it('has a row for each person in the order of the crew, and one for whom nobody planned', () => {
    const lanes = lanesOf([peg('a', 'IT', 5, 10), peg('b', 'WA', 5, 9), peg('c', '', 50, 60)], ['WA', 'IT', 'OP'], at);
    expect(lanes.map(({ who }) => who)).toEqual(['WA', 'IT', '']);
  });
  it('puts together what a finger cannot part, and leaves apart what it can', () => {
    const [lane] = lanesOf([peg('a', 'WA', 10, 11), peg('b', 'WA', 10 + FINGER - 0.1, 14), peg('c', 'WA', 40, 45)], ['WA'], at);
    expect(lane?.clusters.map(({ pegs }) => pegs.map(({ key }) => key))).toEqual([['a', 'b'], ['c']]);
    expect(lane?.clusters[0]).toMatchObject({ left: 10, width: 4 });
  });
  it('loses no step, and nothing lies over anything, whatever the plan is', () => {
    const steps = fc.array(
      fc.record({
        from: fc.integer({ min: 0, max: 99 }),
        takes: fc.integer({ min: 0, max: 30 }),
        who: fc.constantFrom('WA', 'IT', ''),
      }),
      { maxLength: 60 },
    );
    fc.assert(
      fc.property(steps, (asked) => {
        const pegs = asked.map(({ from, takes, who }, i) => peg(String(i), who, from, Math.min(100, from + takes)));
        const lanes = lanesOf(pegs, ['WA', 'IT'], at);
        expect(lanes.flatMap(({ clusters }) => clusters.flatMap((one) => one.pegs)).length).toBe(pegs.length);
        for (const { clusters } of lanes)
          clusters.forEach(({ left, room, width }, i) => {
            const next = clusters[i + 1];
            expect(left + room).toBeLessThanOrEqual((next?.left ?? 100) + 1e-9);
            expect(width).toBeLessThanOrEqual(room + 1e-9);
            expect(room).toBeGreaterThanOrEqual(Math.min(FINGER, 100 - left) - 1e-9);
          });
      }),
    );
  });
});
