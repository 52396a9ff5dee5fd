import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { wallClock } from '@/core/quantity';
import { openingsOf, type PlanInput, plan } from '.';

const ZONE = 'Europe/Lisbon';
const weekdays = [1, 2, 3, 4, 5].map((day) => ({ day, open: '08:30', close: '17:30' }));
const base: PlanInput = {
  start: '2031-03-03T08:30',
  zone: ZONE,
  shopHours: weekdays,
  steps: [
    { id: 'flood', handsMin: 12, wait: { min: 20, ideal: 30, max: 40 } },
    { id: 'wipe', handsMin: 8, wait: { min: 60, ideal: 60, max: null } },
    { id: 'buff', handsMin: 10, wait: { min: 0, ideal: 0, max: null } },
  ],
};

function made(input: PlanInput) {
  const result = plan(input);
  if (!result.ok || !result.value.feasible) throw new Error(JSON.stringify(result));
  return result.value;
}

/** Every plan of tiny cases by trying each minute, with the same rule for equal plans. */
function bruteForce(
  input: Required<Pick<PlanInput, 'start' | 'shopHours' | 'steps'>>,
  prefer: 'soonest' | 'ideal',
  horizon: number,
) {
  const from = wallClock(input.start, ZONE);
  const openings = openingsOf({ zone: ZONE, shopHours: input.shopHours as never, closed: [] }, from, horizon);
  let best: { key: [number, number]; starts: number[] } | undefined;
  const better = (key: [number, number], than: [number, number]) => key[0] < than[0] || (key[0] === than[0] && key[1] < than[1]);
  const go = (i: number, starts: number[], deviation: number): void => {
    const step = input.steps[i];
    const before = input.steps[i - 1];
    if (!step) {
      const end = (starts.at(-1) as number) + (before?.handsMin ?? 0);
      const key: [number, number] = prefer === 'soonest' ? [end, deviation] : [deviation, end];
      if (!best || better(key, best.key)) best = { key, starts };
      return;
    }
    const ready = before ? (starts[i - 1] as number) + before.handsMin : 0;
    const low = before ? ready + before.wait.min : 0;
    const high = before ? ready + (before.wait.max ?? horizon) : horizon;
    for (let t = low; t <= Math.min(high, horizon); t++) {
      if (!openings.some(([open, close]) => t >= open && t + step.handsMin <= Math.min(close, horizon))) continue;
      go(i + 1, [...starts, t], deviation + (before ? Math.abs(t - ready - before.wait.ideal) : 0));
    }
  };
  go(0, [], 0);
  return best;
}

describe('plan', () => {
  it('does one step after another at their ideal times in an empty day', () => {
    const { steps, deviationMin, endsAt } = made({ ...base, prefer: 'ideal' });
    expect(steps.map((step) => step.startAt.slice(11, 16))).toEqual(['08:30', '09:12', '10:20']);
    expect(deviationMin).toBe(0);
    expect(endsAt).toBe('2031-03-03T10:30:00+00:00');
  });

  it('hurries inside the windows when it should end soonest', () => {
    const { steps, deviationMin } = made(base);
    expect(steps.map((step) => step.startAt.slice(11, 16))).toEqual(['08:30', '09:02', '10:10']);
    expect(deviationMin).toBe(10);
  });

  it('keeps the chemistry’s window and the plan’s slack apart', () => {
    const steps = made({ ...base, prefer: 'ideal' }).steps;
    expect(steps[1]?.window).toEqual({ earliest: '2031-03-03T09:02:00+00:00', latest: '2031-03-03T09:22:00+00:00' });
    expect(steps[1]?.slackUntil.slice(11, 16)).toBe('09:12');
    expect(steps[0]?.window).toEqual({ earliest: null, latest: null });
    expect(steps[2]?.window.latest).toBeNull();
  });

  it('agrees with trying every minute', () => {
    const step = fc.record({
      handsMin: fc.integer({ min: 1, max: 9 }),
      min: fc.integer({ min: 0, max: 12 }),
      more: fc.integer({ min: 0, max: 6 }),
      slack: fc.option(fc.integer({ min: 0, max: 9 }), { nil: null }),
    });
    const opening = fc.tuple(fc.integer({ min: 0, max: 25 }), fc.integer({ min: 5, max: 20 }));
    fc.assert(
      fc.property(
        fc.array(step, { minLength: 1, maxLength: 3 }),
        fc.array(opening, { minLength: 1, maxLength: 2 }),
        fc.constantFrom('soonest' as const, 'ideal' as const),
        (rows, openings, prefer) => {
          const steps = rows.map(({ handsMin, min, more, slack }, i) => ({
            id: `s${i}`,
            handsMin,
            wait: { min, ideal: min + more, max: slack === null ? null : min + more + slack },
          }));
          const minute = (n: number) => `08:${String(n).padStart(2, '0')}`;
          const shopHours = openings.map(([open, length]) => ({ day: 1, open: minute(open), close: minute(open + length) }));
          const input = { start: '2031-03-03T08:00', shopHours, steps };
          const slow = bruteForce(input, prefer, 60);
          // The horizon of the plan is days; only plans that end on the first Monday can be compared.
          const fast = plan({ ...input, zone: ZONE, prefer, horizonDays: 1 });
          expect(fast.ok).toBe(true);
          if (!fast.ok) return;
          expect(fast.value.feasible).toBe(slow !== undefined);
          if (!fast.value.feasible || !slow) return;
          const from = wallClock(input.start, ZONE);
          expect(fast.value.steps.map((one) => (Date.parse(one.startAt) - from) / 60_000)).toEqual(slow.starts);
        },
      ),
      { numRuns: 300, seed: 7 },
    );
  });

  it('lets a clock change inside a wait not bend it', () => {
    // Lisbon goes from 01:00 to 02:00 on 2031-03-30.
    const night = {
      ...base,
      start: '2031-03-29T12:00',
      shopHours: [
        { day: 6, open: '08:00', close: '18:00' },
        { day: 7, open: '08:00', close: '18:00' },
      ],
    };
    const { steps } = made({
      ...night,
      steps: [
        { id: 'wipe', handsMin: 10, wait: { min: 1440, ideal: 1440, max: 1440 } },
        { id: 'coat', handsMin: 10, wait: { min: 0, ideal: 0, max: null } },
      ],
    });
    expect(steps[1]?.startAt).toBe('2031-03-30T13:10:00+01:00');
    expect(Date.parse(steps[1]?.startAt ?? '') - Date.parse(steps[0]?.endAt ?? '')).toBe(24 * 3_600_000);
  });

  it('joins adjoining openings, over midnight too', () => {
    const shopHours = [
      { day: 1, open: '20:00', close: '24:00' },
      { day: 2, open: '00:00', close: '02:00' },
    ];
    const { steps } = made({ ...base, shopHours, steps: [{ id: 'long', handsMin: 300, wait: { min: 0, ideal: 0, max: null } }] });
    expect(steps[0]?.startAt.slice(0, 16)).toBe('2031-03-03T20:00');
  });

  it('skips closed days', () => {
    expect(made({ ...base, closed: ['2031-03-03', '2031-03-04'] }).steps[0]?.startAt.slice(0, 16)).toBe('2031-03-05T08:30');
  });

  it.each([
    ['no-opening', { shopHours: [] }],
    ['no-opening-long-enough', { shopHours: [{ day: 1, open: '08:00', close: '08:10' }] }],
    ['no-opening-in-window', { shopHours: [{ day: 1, open: '08:00', close: '08:25' }] }],
    [
      'past-horizon',
      {
        horizonDays: 1,
        steps: [
          { id: 'a', handsMin: 5, wait: { min: 3000, ideal: 3000, max: null } },
          { id: 'b', handsMin: 5, wait: { min: 0, ideal: 0, max: null } },
        ],
      },
    ],
  ])('names what blocks: %s', (why, change) => {
    const result = plan({ ...base, ...change });
    expect(result).toMatchObject({ ok: true, value: { feasible: false, blocking: { why } } });
  });

  it('goes on from what was done', () => {
    const steps = made({
      ...base,
      now: '2031-03-03T09:25',
      actual: [{ id: 'flood', startAt: '2031-03-03T08:45', endAt: '2031-03-03T09:00' }],
    }).steps;
    expect(steps[0]?.startAt.slice(11, 16)).toBe('08:45');
    expect(steps[1]?.startAt.slice(11, 16)).toBe('09:25');
    expect(steps[1]?.window.latest?.slice(11, 16)).toBe('09:40');
  });

  it('says by how much a window was missed and plans on from now', () => {
    const result = made({
      ...base,
      now: '2031-03-03T10:00',
      actual: [{ id: 'flood', startAt: '2031-03-03T08:45', endAt: '2031-03-03T09:00' }],
    });
    expect(result.missed).toEqual([{ id: 'wipe', byMin: 20 }]);
    expect(result.steps[1]?.startAt.slice(11, 16)).toBe('10:00');
  });

  it('ends where the last step ended when all is done', () => {
    const at = (m: number) => `2031-03-03T09:${String(m).padStart(2, '0')}`;
    const result = made({
      ...base,
      actual: [
        { id: 'flood', startAt: at(0), endAt: at(5) },
        { id: 'wipe', startAt: at(30), endAt: at(35) },
        { id: 'buff', startAt: at(50), endAt: at(55) },
      ],
    });
    expect(result.endsAt.slice(11, 16)).toBe('09:55');
  });

  it('with a time to be finished by begins as late as it can: one minute later and it would not be done', () => {
    const by = '2031-03-06T16:00';
    const { start: _, ...rest } = base;
    fc.assert(
      fc.property(
        fc.array(
          fc.record({
            handsMin: fc.integer({ min: 1, max: 120 }),
            min: fc.integer({ min: 0, max: 900 }),
            over: fc.integer({ min: 0, max: 400 }),
          }),
          { minLength: 1, maxLength: 4 },
        ),
        (rows) => {
          const steps = rows.map(({ handsMin, min, over }, i) => ({
            id: `s${i}`,
            handsMin,
            wait: { min, ideal: min, max: min + over },
          }));
          const found = plan({ ...rest, steps, finishBy: by, now: '2031-03-03T07:00' });
          if (!found.ok) throw new Error(JSON.stringify(found));
          const soonest = plan({ ...rest, steps, start: '2031-03-03T07:00' });
          const limit = wallClock(by, ZONE);
          if (!found.value.feasible) {
            const ends = soonest.ok && soonest.value.feasible ? Date.parse(soonest.value.endsAt) : limit + 1;
            expect(ends).toBeGreaterThan(limit);
            return;
          }
          expect(Date.parse(found.value.endsAt)).toBeLessThanOrEqual(limit);
          const first = Date.parse(found.value.steps[0]?.startAt ?? '');
          const later = plan({ ...rest, steps, start: new Date(first + 60_000).toISOString() });
          if (later.ok && later.value.feasible) expect(Date.parse(later.value.endsAt)).toBeGreaterThan(limit);
        },
      ),
      { numRuns: 60 },
    );
  });
  it('says what cannot be done by then', () => {
    const { start: _, ...rest } = base;
    const found = plan({ ...rest, finishBy: '2031-03-03T09:00', now: '2031-03-03T08:30' });
    expect(found).toMatchObject({ ok: true, value: { feasible: false, blocking: { why: 'not-by-then' } } });
  });

  it.each([
    ['wait-order', { steps: [{ id: 'a', handsMin: 5, wait: { min: 9, ideal: 3, max: null } }] }],
    ['duplicate-id', { steps: [base.steps[0], base.steps[0]] }],
    ['unknown-zone', { zone: 'Mars/Olympus' }],
    ['bad-time', { start: 'tomorrow' }],
    ['opening-order', { shopHours: [{ day: 1, open: '17:00', close: '08:00' }] }],
    ['step-out-of-order', { actual: [{ id: 'wipe', startAt: '2031-03-03T09:00', endAt: '2031-03-03T09:05' }] }],
    ['actual-backwards', { actual: [{ id: 'flood', startAt: '2031-03-03T09:00', endAt: '2031-03-03T08:05' }] }],
    ['must-not-be-negative', { steps: [{ id: 'a', handsMin: -5, wait: { min: 0, ideal: 0, max: null } }] }],
    ['finish-by-or-start', { finishBy: '2031-03-05T08:00' }],
    ['required', { start: undefined }],
  ])('refuses %s', (code, change) => {
    const result = plan({ ...base, ...change });
    expect(result).toMatchObject({ ok: false, issues: [{ code }] });
  });
});
