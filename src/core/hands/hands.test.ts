import { describe, expect, it } from 'vitest';
import type { FAULTS, Progress } from '@/core/batch';
import { amissNow, byUrgency, countdownOf, doingIn, type HandAction, isDoneThere, isForHandsNow, pressOf, riskOf } from '.';
import { OFFERED_HOURS } from './troubles';
import { PRESSING_MS } from './urgency';

const NOW = Date.parse('2031-03-03T10:00:00Z');
const MIN = 60_000;
const HOUR = 60 * MIN;
const act = (change: Partial<HandAction> = {}): HandAction => ({
  task: 'wipe-1',
  action: 'Wipe until dry',
  done: 'Wiped',
  kind: 'wipe',
  pieces: 6,
  round: '',
  outcome: null,
  optional: false,
  batchId: 1,
  number: '31-001',
  title: '6 boards',
  place: 'Rack',
  ring: { coats: 1, coatsPlanned: 3, state: 'resting', travel: null, overdue: false, cured: 0 },
  lot: null,
  note: '',
  room: '',
  house: '',
  labelRule: '',
  estimatedG: null,
  fromMs: NOW - HOUR,
  earliestMs: NOW - 10 * MIN,
  idealMs: NOW,
  latestMs: NOW + 10 * MIN,
  plannedMs: null,
  slackUntilMs: null,
  by: null,
  blocked: null,
  tempC: null,
  rh: null,
  ...change,
});
const wet = { ...act().ring, state: 'wet' as const };
const order = (...some: (HandAction | null)[]) => some.toSorted(byUrgency(NOW)).map((one) => one?.number ?? 'none');

describe('what presses most', () => {
  it('is what is past its window, then what can spoil within the hour, then what is planned soonest, and a batch without an act last', () => {
    const late = act({ number: 'late', latestMs: NOW - MIN, plannedMs: NOW + 9 * HOUR });
    const soon = act({ number: 'soon', plannedMs: NOW + 2 * HOUR });
    const planned = act({ number: 'planned', latestMs: null, plannedMs: NOW + HOUR });
    expect(order(null, planned, soon, late)).toEqual(['late', 'soon', 'planned', 'none']);
  });
  it('counts what lies wet, or closes, from an hour before its window opens and no earlier', () => {
    const opens = (number: string, inMs: number) => act({ number, earliestMs: NOW + inMs, latestMs: NOW + inMs + HOUR });
    const waits = act({ number: 'waits', latestMs: null, earliestMs: NOW + 30 * MIN });
    expect(order(waits, opens('at the hour', PRESSING_MS))).toEqual(['at the hour', 'waits']);
    expect(order(opens('past it', PRESSING_MS + 1), waits)).toEqual(['waits', 'past it']);
    expect(order(waits, act({ number: 'wet', latestMs: null, earliestMs: NOW + HOUR, ring: wet }))).toEqual(['wet', 'waits']);
  });
  it('goes by what spoils soonest, lies wet, and has waited longest where all else is alike', () => {
    const spoils = act({ number: 'spoils', latestMs: NOW + 5 * MIN });
    const lies = act({ number: 'lies', ring: wet });
    const waited = act({ number: 'waited', idealMs: NOW - HOUR });
    expect(order(act({ number: 'plain' }), waited, lies, spoils)).toEqual(['spoils', 'lies', 'waited', 'plain']);
  });
});

describe('an act', () => {
  it('is for hands now once its window is open and its plan has come', () => {
    expect(isForHandsNow(act(), NOW)).toBe(true);
    expect(isForHandsNow(act({ earliestMs: NOW + 1 }), NOW)).toBe(false);
    expect(isForHandsNow(act({ plannedMs: NOW + 1 }), NOW)).toBe(false);
    expect(isForHandsNow(act({ earliestMs: null, plannedMs: NOW }), NOW)).toBe(true);
  });
  it.each([
    ['wipe', 'at-risk', null],
    ['buff', 'at-risk', null],
    ['coat', 'at-risk', 'past-window'],
    ['coat', 'too-early', 'coat-not-ready'],
    ['wipe', 'too-early', 'not-drunk'],
    ['sand', 'ready', null],
  ] as const)('a %s that is %s risks %s', (kind, press, risk) => expect(riskOf({ kind }, press)).toBe(risk));
  it('presses by its window, and by its slack only inside it', () => {
    expect(pressOf(act({ earliestMs: NOW + 1, idealMs: NOW + 2 }), NOW)).toBe('too-early');
    expect(pressOf(act({ latestMs: NOW - 1 }), NOW)).toBe('at-risk');
    expect(pressOf(act({ latestMs: null, slackUntilMs: NOW - 1 }), NOW)).toBe('later-than-planned');
  });
  it('is counted down to its opening, its best moment, its end, and past it', () => {
    const at = (ms: number) => countdownOf(act(), NOW + ms);
    expect(at(-11 * MIN)).toEqual({ to: 'may-be-done', minutes: 1 });
    expect(at(-30_500)).toEqual({ to: 'best', minutes: 1 });
    expect(at(0)).toEqual({ to: 'left', minutes: 10 });
    expect(at(10 * MIN)).toEqual({ to: 'left', minutes: 0 });
    expect(at(12 * MIN)).toEqual({ to: 'past', minutes: 2 });
    expect(countdownOf(act({ latestMs: null }), NOW + 1)).toEqual({ to: 'open', minutes: 0 });
  });
});

describe('what hands do', () => {
  const step = (kind: 'sand' | 'wipe' | 'turn' | 'warm', place: 'bath' | 'lathe' | 'warm cabinet' | null = null) => ({
    kind,
    place,
  });
  it('is called as cautions call it, and the warm bites whatever the step is called', () => {
    expect(doingIn(step('sand'), null)).toBe('sanding');
    expect(doingIn(step('wipe', 'bath'), 'rack')).toBe('leaching');
    expect(doingIn(step('turn'), 'rack')).toBeNull();
    expect(doingIn(step('turn'), 'warm cabinet')).toBe('curing');
    expect(doingIn(step('warm', 'warm cabinet'), 'rack')).toBe('curing');
  });
  it('is done where the step is done, or where the batch stands', () => {
    expect(isDoneThere(step('wipe', 'lathe'), 'wiping')).toBe(true);
    expect(isDoneThere(step('sand'), 'sanding')).toBe(true);
    expect(isDoneThere(step('wipe'), 'wiping')).toBe(false);
  });
});

describe('what is amiss', () => {
  const wipeNext = (latestMs: number | null) =>
    ({
      done: [{ task: { step: { kind: 'coat' } }, fact: { kind: 'done' } }],
      next: { task: { key: 'wipe-1', step: { kind: 'wipe' } }, window: { earliestMs: 0, idealMs: 0, latestMs } },
    }) as unknown as Progress;
  const seen = (fault: (typeof FAULTS)[number], at = NOW - HOUR, recordedAt = at) => ({
    at,
    recordedAt,
    faults: [
      { fault, surface: 'top' },
      { fault, surface: 'top' },
    ] as never,
  });
  const keys = (...args: Parameters<typeof amissNow>) => amissNow(...args).map((one) => one.key);
  it('is a wipe past its window, once, and not where gum was seen already or its way back taken', () => {
    expect(keys([], [], wipeNext(NOW - MIN), true, NOW)).toEqual(['missed']);
    expect(keys([], [], wipeNext(NOW), true, NOW)).toEqual([]);
    expect(keys([seen('gummed')], [], wipeNext(NOW - MIN), true, NOW)).toEqual(['gummed']);
    expect(keys([], [{ at: NOW, beforeTask: 'wipe-1' }], wipeNext(NOW - MIN), true, NOW)).toEqual([]);
  });
  it('is never gum on what never dries', () => {
    expect(keys([seen('gummed')], [], wipeNext(NOW - MIN), false, NOW)).toEqual([]);
  });
  it('is a fault of the last three days that nothing was done about since, with its ways back and its surfaces once', () => {
    const [found] = amissNow([seen('dry-spots')], [], wipeNext(null), true, NOW);
    expect(found).toMatchObject({ key: 'dry-spots', surfaces: ['top'], ways: ['rewet-spots'] });
    const edge = NOW - OFFERED_HOURS * HOUR;
    expect(keys([seen('dry-spots', edge)], [], wipeNext(null), true, NOW)).toEqual([]);
    expect(keys([seen('dry-spots', edge + 1)], [], wipeNext(null), true, NOW)).toEqual(['dry-spots']);
    expect(keys([seen('dry-spots')], [{ at: NOW - MIN, beforeTask: 'x' }], wipeNext(null), true, NOW)).toEqual([]);
    expect(keys([seen('dry-spots', NOW - HOUR, NOW)], [{ at: NOW - MIN, beforeTask: 'x' }], wipeNext(null), true, NOW)).toEqual([
      'dry-spots',
    ]);
  });
});
