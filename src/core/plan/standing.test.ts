import { describe, expect, it } from 'vitest';
import { type DayInput, type DayPlan, movedBetween, type ShopStep, slackOf } from '.';

type Feasible = Extract<DayPlan, { feasible: true }>;
const at = (time: string): string => `2031-03-03T${time}:00+00:00`;
const ms = (time: string): number => Date.parse(at(time));
const step = (id: string, from: string, to: string, by: string) => ({ id, startAt: at(from), endAt: at(to), by });
const wait = (min: number, max: number | null = null) => ({ min, ideal: min, max });

const INPUT: DayInput = {
  start: '2031-03-03T08:00',
  zone: 'UTC',
  hands: [
    { id: 'wren', hours: [{ day: 1, open: '08:00', close: '16:00' }] },
    { id: 'ines', hours: [{ day: 1, open: '09:00', close: '13:00' }] },
  ],
  batches: [
    {
      id: 'boards',
      release: '2031-03-03T08:00',
      steps: [
        { id: 'coat', handsMin: 30, wait: wait(60, 120) },
        { id: 'wipe', handsMin: 15, wait: wait(0) },
      ],
    },
    { id: 'spoons', release: '2031-03-03T08:00', steps: [{ id: 'coat', handsMin: 30, wait: wait(0) }] },
    { id: 'bowls', release: '2031-03-03T08:00', steps: [{ id: 'sand', handsMin: 30, wait: wait(0) }] },
  ],
};
const PLAN = {
  feasible: true,
  batches: [
    { id: 'boards', steps: [step('coat', '08:30', '09:00', 'wren'), step('wipe', '10:15', '10:30', 'wren')] },
    { id: 'spoons', steps: [step('coat', '09:30', '10:00', 'wren')] },
    { id: 'bowls', steps: [step('sand', '12:00', '12:30', 'ines')] },
  ],
} as unknown as Feasible;

/** How late each step may begin, `08:45`. */
const slack = (input: DayInput = INPUT, plan: Feasible = PLAN): Record<string, string> =>
  Object.fromEntries(
    slackOf(input, plan).map((one) => [`${one.batch} ${one.id}`, new Date(one.slackUntilMs).toISOString().slice(11, 16)]),
  );

describe('the slack of a step', () => {
  it('ends where the next step of its batch, its hands’ next job, its own window or their day would have to move', () => {
    expect(slack()).toEqual({
      // An hour must lie before the wipe at 10:15.
      'boards coat': '08:45',
      // Two hours after the coat harm begins; nothing of the same hands comes after.
      'boards wipe': '11:00',
      // The same hands wipe at 10:15.
      'spoons coat': '09:45',
      // They go home at one.
      'bowls sand': '12:30',
    });
  });
  it('of a coat whose wipe has no window is bounded by the hands’ day alone', () => {
    const [boards, ...others] = INPUT.batches;
    const [coat, wipe] = boards?.steps ?? [];
    if (!boards || !coat || !wipe) throw new Error('no boards');
    const open = { ...INPUT, batches: [{ ...boards, steps: [{ ...coat, wait: wait(60) }, wipe] }, ...others] };
    expect(slack(open)['boards wipe']).toBe('15:45');
  });
  it('is none where a person holds the step, or it stands outside the hours', () => {
    const held = slack({ ...INPUT, pins: [{ batch: 'spoons', step: 'coat', startAt: '2031-03-03T09:30' }] });
    expect([held['spoons coat'], held['boards coat']]).toEqual(['09:30', '08:45']);
    const wipe = slack({ ...INPUT, pins: [{ batch: 'boards', step: 'wipe', startAt: '2031-03-03T10:15' }] });
    expect([wipe['boards wipe'], wipe['boards coat']]).toEqual(['10:15', '08:45']);
    const fixed = [{ batch: 'boards', step: 'coat', startAt: '2031-03-03T08:30', endAt: '2031-03-03T09:00', by: 'wren' }];
    expect(slack({ ...INPUT, fixed })).toMatchObject({ 'boards coat': '08:30', 'boards wipe': '11:00', 'spoons coat': '09:45' });
    const late = { ...PLAN, batches: [{ id: 'bowls', steps: [step('sand', '12:45', '13:15', 'ines')] }] } as unknown as Feasible;
    expect(slack(INPUT, late)['bowls sand']).toBe('12:45');
  });
  it('counts the hands’ next job by the clock, however the batches are listed, and one that begins as it ends', () => {
    const [boards, spoons, bowls] = PLAN.batches;
    const later = { id: 'bowls', steps: [step('sand', '15:00', '15:30', 'wren')] };
    expect(slack(INPUT, { ...PLAN, batches: [later, spoons, boards] } as unknown as Feasible)['spoons coat']).toBe('09:45');
    const close = { id: 'bowls', steps: [step('sand', '10:00', '10:10', 'wren')] };
    expect(slack(INPUT, { ...PLAN, batches: [spoons, close] } as unknown as Feasible)['spoons coat']).toBe('09:30');
    expect(slack(INPUT, { ...PLAN, batches: [bowls, spoons] } as unknown as Feasible)['spoons coat']).toBe('15:30');
  });
  it('does not count a job that takes no time as one', () => {
    const touch = {
      ...PLAN,
      batches: [...PLAN.batches, { id: 'bowls', steps: [step('sand', '09:00', '09:00', 'wren')] }],
    } as unknown as Feasible;
    expect(slack(INPUT, touch)['boards coat']).toBe('08:45');
  });
});

describe('what a new plan moved', () => {
  const stood = (id: string, time: string): ShopStep => ({
    batch: 'boards',
    id,
    startMs: ms(time),
    endMs: ms(time) + 60_000,
    by: 'wren',
    slackUntilMs: ms(time),
  });
  it('is told from ten minutes on, the most first; what is new or gone has not moved', () => {
    const before = [
      stood('coat', '08:30'),
      stood('wipe', '10:00'),
      stood('buff', '11:00'),
      stood('gone', '12:00'),
      stood('wax', '13:00'),
    ];
    const after = [
      stood('coat', '08:40'),
      stood('wipe', '10:09'),
      stood('buff', '10:30'),
      stood('new', '12:00'),
      stood('wax', '13:00'),
    ];
    expect(movedBetween(before, after)).toEqual([
      { batch: 'boards', id: 'buff', fromMs: ms('11:00'), toMs: ms('10:30') },
      { batch: 'boards', id: 'coat', fromMs: ms('08:30'), toMs: ms('08:40') },
    ]);
    expect(
      movedBetween(
        before,
        after.map((one) => ({ ...one, batch: 'spoons' })),
      ),
    ).toEqual([]);
  });
});
