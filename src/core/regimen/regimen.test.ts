import { describe, expect, it } from 'vitest';
import { milestones } from '@/core/cure';
import { plan } from '@/core/plan';
import { MS_PER_MINUTE } from '@/core/quantity';
import {
  type BookEntry,
  type Fact,
  missOf,
  pressIn,
  progressOf,
  readBook,
  ringOf,
  scheduleOf,
  type Task,
  turnsOf,
  withinReach,
} from '../batch';
import { planSteps } from '../batch/schedule';
import { REGIMENS } from '.';

const free = () => ({ flooded: null, thin: null });
const drying = () => ({ flooded: 20, thin: 60 });
const regimen = (id: string) => REGIMENS.find((one) => one.id === id) ?? REGIMENS[0];
function tasksOf(id: string, pieces: number, turns = {}): readonly Task[] {
  const isNever = (slot: string) =>
    regimen(id)
      ?.slots.find((one) => one.slot === slot)
      ?.wants.includes('never');
  const result = scheduleOf(regimen(id)?.steps ?? [], pieces, (slot) => (isNever(slot) ? free() : drying()), {
    turns,
  });
  if (!result.ok) throw new Error(JSON.stringify(result.issues));
  return result.value;
}

describe('the shipped regimens', () => {
  it('are all there', () => {
    expect(REGIMENS.map((one) => one.id).sort()).toEqual([
      'bare',
      'bath',
      'day-build',
      'friction',
      'handle-only',
      'inside-outside',
      'long-soak',
      'one-can',
      'painted-rim',
      'paste-only',
      'resin-alone',
      'saturate',
      'seal-oil',
      'soak-wax',
      'soap',
      'sparing',
      'thin-drying',
      'thin-then-neat',
      'two-part',
      'warm-cure',
      'wax-stick',
      'week-month',
      'weep-through',
      'wiping-build',
    ]);
  });
  it.each(REGIMENS.map((one) => [one.id, one] as const))(
    '%s: ids once, grits finer, every slot used, no dwell past its chemistry',
    (_, { steps, slots }) => {
      expect(new Set(steps.map((step) => step.id)).size).toBe(steps.length);
      const grits = steps.flatMap((step) => (step.kind === 'sand' && step.grit !== undefined ? [step.grit] : []));
      grits.slice(1).forEach((grit, i) => {
        expect(grit).toBeGreaterThan(grits[i] as number);
        expect(grit).toBeLessThanOrEqual(2 * (grits[i] as number));
      });
      const used = new Set(steps.flatMap((step) => (step.slot ? [step.slot] : [])));
      expect([...used].sort()).toEqual(slots.map((slot) => slot.slot).sort());
      for (const step of steps) {
        expect(step.slot === null, step.id).toBe(step.coatClass === null);
        const slot = slots.find((one) => one.slot === step.slot);
        const next = steps[steps.indexOf(step) + 1];
        if (slot && !slot.wants.includes('never') && (next?.kind === 'wipe' || next?.kind === 'buff')) {
          // Without a bound of its own a dwell goes by its oil's; with one it is never past any oil's.
          expect(step.wait.max ?? 0, step.id).toBeLessThanOrEqual(240);
          expect(step.wait.ideal, step.id).toBeLessThanOrEqual(step.lies === 'flooded' ? 20 : 60);
        }
      }
      expect(steps.at(-1)?.kind).toBe('check');
    },
  );
  it.each(REGIMENS.map((one) => [one.id] as const))('%s can be planned for six pieces in a working week', (id) => {
    const hours = [1, 2, 3, 4, 5, 6].map((day) => ({ day, open: '07:00', close: '21:00' }));
    const result = plan({
      start: '2031-03-03T08:00',
      zone: 'Europe/Lisbon',
      shopHours: hours,
      steps: planSteps(withinReach(tasksOf(id, 6), 30).near),
    });
    expect(result).toMatchObject({ ok: true, value: { feasible: true } });
  });
});

describe('the schedule', () => {
  it('is one round where nothing spoils, and several where the dwell is short', () => {
    expect(
      tasksOf('soak-wax', 24).every((task) => task.rounds === 1 || task.step.kind !== 'coat' || task.step.lies === 'thin'),
    ).toBe(true);
    const rounds = tasksOf('thin-drying', 24).filter((task) => task.step.id === 'soak');
    expect(rounds.length).toBeGreaterThan(1);
    expect(rounds.reduce((sum, task) => sum + task.pieces, 0)).toBe(24);
    expect(rounds.map((task) => task.key)).toEqual(['soak', ...rounds.slice(1).map((_, i) => `soak#${i + 2}`)]);
  });
  it('cuts a dwell at what the chemistry bears, and refuses what it cannot bear', () => {
    const steps = regimen('soak-wax')?.steps ?? [];
    const cut = scheduleOf(steps, 1, drying);
    expect(cut.ok && cut.value.find((task) => task.key === 'flood-1')?.wait.max).toBe(18);
    expect(scheduleOf(regimen('long-soak')?.steps ?? [], 1, drying)).toMatchObject({
      ok: false,
      issues: [{ code: 'dwell-past-chemistry', path: 'flood', with: { most: 20 } }],
    });
  });
  it('repeats a step as often as its check failed', () => {
    const facts: Fact[] = [
      { id: 'a', key: 'leach-daily', atMs: 1, kind: 'done', pass: false },
      { id: 'b', key: 'leach-daily+2', atMs: 2, kind: 'done', pass: false },
    ];
    expect(turnsOf(facts)).toEqual({ 'leach-daily': 3 });
    const repeated = [{ id: 'leach-daily', until: 'towel', expect: 2 }];
    // Reckoned with twice before anything is known; a pass at the first ends it.
    expect(turnsOf([], repeated)).toEqual({ 'leach-daily': 2 });
    expect(turnsOf([{ id: 'a', key: 'leach-daily', atMs: 1, kind: 'done', pass: true }], repeated)).toEqual({});
    expect(turnsOf(facts, repeated)).toEqual({ 'leach-daily': 3 });
    expect(
      tasksOf('bath', 2, turnsOf(facts))
        .filter((task) => task.step.id === 'leach-daily')
        .map((task) => task.key),
    ).toEqual(['leach-daily', 'leach-daily+2', 'leach-daily+3']);
  });
});

const at = (minutes: number): number => minutes * MS_PER_MINUTE;
const done = (key: string, minutes: number): Fact => ({ id: key, key, atMs: at(minutes), kind: 'done' });

describe('progress', () => {
  const tasks = tasksOf('soak-wax', 6);
  it('lays facts in their own time, whatever order they came in', () => {
    const facts = [done('knock-back-220', 160), done('sand-120', 20), done('flood-1', 180), done('wet', 30)];
    const { done: laid, next, waiting } = progressOf(tasks, facts);
    expect(laid.map((one) => one.task.key)).toEqual(['sand-120', 'wet', 'knock-back-220', 'flood-1']);
    expect(next?.task.key).toBe('wipe-1');
    expect(next?.window.earliestMs).toBe(at(193));
    expect(waiting).toEqual([]);
  });
  it('lets a fact wait whose forerunner is not there yet', () => {
    const { done: laid, next, waiting } = progressOf(tasks, [done('sand-120', 20), done('knock-back-220', 160)]);
    expect([laid.length, next?.task.key, waiting.map((fact) => fact.key)]).toEqual([1, 'wet', ['knock-back-220']]);
  });
  it('tells late from at risk, and measures a miss', () => {
    const window = { earliestMs: at(10), idealMs: at(15), latestMs: at(30) };
    expect([5, 12, 20, 31].map((m) => pressIn(window, at(18), at(m)))).toEqual([
      'too-early',
      'ready',
      'later-than-planned',
      'at-risk',
    ]);
    expect(pressIn({ ...window, latestMs: null }, null, at(999))).toBe('ready');
    expect([4, 10, 30, 45].map((m) => missOf(window, at(m)))).toEqual([-6, 0, 0, 15]);
  });
  it('leaves no wait behind a step left out', () => {
    const one = tasksOf('one-can', 3);
    const facts = [
      done('sand-120', 10),
      done('wet', 20),
      done('knock-back-220', 200),
      { ...done('warm', 205), kind: 'left-out' as const },
    ];
    expect(progressOf(one, facts).next).toMatchObject({
      task: { key: 'rub-1' },
      window: { earliestMs: at(205), latestMs: null },
    });
  });
});

describe('the ring', () => {
  const tasks = tasksOf('soak-wax', 1);
  const ring = (facts: Fact[], minutes: number, ready = 0, fit = false) =>
    ringOf(progressOf(tasks, facts), at(minutes), ready, fit, null);
  const prep = [done('sand-120', 10), done('wet', 20), done('knock-back-220', 150)];
  it('goes from preparation to wet to resting to curing', () => {
    expect(ring([], 0)).toMatchObject({ state: 'prep', coats: 0, coatsPlanned: 4, travel: null });
    expect(ring([...prep, done('flood-1', 160)], 165)).toMatchObject({ state: 'wet', coats: 1 });
    expect(ring([...prep, done('flood-1', 160), done('wipe-1', 200)], 210)).toMatchObject({ state: 'resting', coats: 1 });
  });
  it('travels to its first notch, between the notches, and past the second when overdue', () => {
    const facts = [
      ...prep,
      ...[1, 2, 3].flatMap((n) => [done(`flood-${n}`, 160 + n * 100), done(`wipe-${n}`, 200 + n * 100)]),
      done('wax', 2000),
    ];
    const travel = (minutes: number) => ring(facts, minutes).travel ?? Number.NaN;
    expect(travel(2005)).toBeLessThan(1);
    expect(travel(2040)).toBeGreaterThan(1);
    expect(travel(2040)).toBeLessThan(2);
    // Nothing bounds the paste: however long it lies, it is not overdue.
    expect(travel(2200)).toBe(2);
    expect(ring(facts, 9000).overdue).toBe(false);
    const dries = tasksOf('one-can', 1);
    const rubbed = progressOf(dries, [...prep, done('warm', 155), done('rub-1', 160)]);
    expect(ringOf(rubbed, at(160 + 70), 0, false, null)).toMatchObject({ overdue: true });
    expect(ringOf(rubbed, at(160 + 70), 0, false, null).travel).toBeGreaterThan(2);
  });
});

describe('the coat book', () => {
  const entry = (clientId: string, more: Partial<BookEntry> = {}): BookEntry => ({
    clientId,
    kind: 'done',
    at: 1,
    recordedAt: 1,
    corrects: null,
    ...more,
  });
  it('keeps what stood, and lets the last word count', () => {
    const book = readBook([
      entry('a'),
      entry('b', { at: 5, recordedAt: 2 }),
      entry('a2', { kind: 'correction', corrects: 'a', at: 9, recordedAt: 3 }),
      entry('u', { kind: 'undo', corrects: 'b', recordedAt: 4 }),
    ]);
    expect(book.map((row) => [row.entry.clientId, row.stands?.clientId ?? null])).toEqual([
      ['b', null],
      ['a', 'a2'],
    ]);
  });
  it('takes a correction back with its entry', () => {
    const book = readBook([
      entry('a'),
      entry('a2', { kind: 'correction', corrects: 'a', recordedAt: 2 }),
      entry('u', { kind: 'undo', corrects: 'a2', recordedAt: 3 }),
    ]);
    expect(book[0]?.stands).toBeNull();
  });
});

describe('milestones of a finish', () => {
  it('lets a finish be recoated when the regimen that ships for it does', () => {
    const rests = [
      ['settle', 24, 'soak-wax'],
      ['friction', 72, 'friction'],
      ['linseed-heat-bodied', 96, 'one-can'],
      ['tung-oil', 240, 'thin-drying'],
      ['wiping-varnish', 240, 'wiping-build'],
    ] as const;
    for (const [source, hours, id] of rests) {
      const share = milestones(source).find((one) => one.id === 'recoat')?.share ?? 0;
      const min = share * hours * 60;
      const steps = REGIMENS.find((regimen) => regimen.id === id)?.steps ?? [];
      const fits = steps.some(
        (step) => step.wait.min <= min && (step.wait.max === null || min <= step.wait.max) && step.wait.max !== 0,
      );
      expect([source, fits]).toEqual([source, true]);
    }
  });
});
