import { describe, expect, it } from 'vitest';
import { MS_PER_MINUTE } from '@/core/quantity';
import { plan } from '../plan';
import { handsMin, handsScale, REGIMENS } from '../regimen';
import { HANDS_AREA } from '../regimen/steps';
import { type DwellBound, type Fact, leastUntil, progressOf, scheduleOf, settingFrom, withScuffs } from '.';
import { planSteps } from './schedule';
import { SCUFF_AFTER_DAYS } from './scuffs';
import { setsAfter } from './setting';

const HOUR = 60;
const at = (minutes: number): number => minutes * MS_PER_MINUTE;
const done = (key: string, minutes: number): Fact => ({ id: key, key, atMs: at(minutes), kind: 'done' });
const tasksOf = (id: string, scale = 1, pieces = 1) => {
  const made = scheduleOf(REGIMENS.find((one) => one.id === id)?.steps ?? [], pieces, () => ({ flooded: null, thin: null }), {
    scale,
  });
  if (!made.ok) throw new Error(JSON.stringify(made.issues));
  return made.value;
};
/** A batch that has done its steps up to one of them, an hour apart. */
const upTo = (id: string, last: string) => {
  const tasks = tasksOf(id);
  const until = tasks.findIndex((task) => task.key === last);
  return progressOf(
    tasks,
    tasks.slice(0, until + 1).map((task, i) => done(task.key, (i + 1) * HOUR)),
  );
};

describe('setting', () => {
  it('begins at the wipe of the last coat, not at the buff long after', () => {
    const wiped = upTo('thin-drying', 'wipe-3');
    const from = settingFrom(wiped);
    expect(from).toBe(wiped.done.at(-1)?.fact.atMs);
    expect(settingFrom(upTo('thin-drying', 'buff'))).toBe(from);
    expect(settingFrom(upTo('thin-drying', 'wipe-2'))).toBeNull();
  });
  it('has not begun in the bath, nor while the last coat lies wet', () => {
    expect(settingFrom(upTo('bath', 'submerge'))).toBeNull();
    expect(settingFrom(upTo('bath', 'drain'))).not.toBeNull();
    expect(settingFrom(upTo('thin-drying', 'coat-3'))).toBeNull();
  });
  it('begins with the coat itself where nothing wipes it', () => {
    const polished = upTo('friction', 'polish-3');
    expect(settingFrom(polished)).toBe(polished.done.at(-1)?.fact.atMs);
    expect(tasksOf('friction')[setsAfter(tasksOf('friction'))]?.key).toBe('polish-3');
    expect(tasksOf('thin-drying')[setsAfter(tasksOf('thin-drying'))]?.key).toBe('wipe-3');
    expect(setsAfter(tasksOf('bare'))).toBe(-1);
  });
  it('takes as its least time the longest-reaching of the waits since the last coat', () => {
    const wiped = upTo('thin-drying', 'wipe-3');
    const ends = (wiped.done.at(-1)?.fact.atMs ?? 0) + at(72 * HOUR);
    expect(leastUntil(wiped)).toBe(ends);
    // A buff that waits for nothing does not shorten it.
    expect(leastUntil(upTo('thin-drying', 'buff'))).toBe(ends);
    expect(leastUntil(upTo('bare', 'check'))).toBe(0);
  });
});

describe('between dried coats', () => {
  const varnish = () => ({ flooded: 15, thin: 15, scuffAfterDays: SCUFF_AFTER_DAYS.varnish });
  const oil = () => ({ flooded: 20, thin: 60, scuffAfterDays: SCUFF_AFTER_DAYS.oil });
  const keys = (facts: readonly Fact[], days: number, bound: DwellBound) =>
    withScuffs(tasksOf('thin-drying'), facts, bound, at(4 * HOUR + days * 24 * HOUR)).map((task) => task.key);
  const facts = ['sand-120', 'wet', 'knock-back-220', 'soak', 'wipe-1'].map((key, i) => done(key, i * HOUR));
  it('is a scuff past seven days, and none before, however long the regimen lets it rest', () => {
    expect(SCUFF_AFTER_DAYS).toEqual({ oil: 7, varnish: 3 });
    expect(keys(facts, 6.9, oil).filter((key) => key.includes('scuff'))).toEqual([]);
    expect(keys(facts, 7.1, oil).filter((key) => key.includes('scuff'))).toEqual(['scuff^coat-2']);
    expect(keys(facts, 3.1, varnish).filter((key) => key.includes('scuff'))).toEqual(['scuff^coat-2']);
    expect(keys(facts, 60, () => ({ flooded: null, thin: null })).some((key) => key.includes('scuff'))).toBe(false);
  });
  it('stays where it was done, and is not asked for once the coat is on', () => {
    const coated = [...facts, done('coat-2', 10 * 24 * HOUR)];
    expect(keys(coated, 12, oil).filter((key) => key === 'scuff^coat-2')).toEqual([]);
    const scuffed = [...facts, done('scuff^coat-2', 9 * 24 * HOUR), done('coat-2', 10 * 24 * HOUR)];
    expect(keys(scuffed, 12, oil)).toContain('scuff^coat-2');
    expect(progressOf(withScuffs(tasksOf('thin-drying'), scuffed, oil, at(20 * 24 * HOUR)), scuffed).next?.task.key).toBe(
      'wipe-2',
    );
  });
  it('may be left out: nobody is made to write down what was not done', () => {
    expect(
      withScuffs(tasksOf('thin-drying'), facts, oil, at(30 * 24 * HOUR)).find((task) => task.key.includes('^'))?.step.optional,
    ).toBe(true);
  });
});

describe('bounds', () => {
  const workday = [1, 2, 3, 4, 5].map((day) => ({ day, open: '08:30', close: '17:30' }));
  const planned = (id: string, start: string, from = 0, bound = () => ({ flooded: 20, thin: 60 })) => {
    const tasks = scheduleOf(REGIMENS.find((one) => one.id === id)?.steps ?? [], 4, bound);
    if (!tasks.ok) throw new Error(JSON.stringify(tasks.issues));
    const steps = planSteps(tasks.value).slice(from);
    const made = plan({ start, zone: 'Europe/Lisbon', shopHours: workday, steps });
    if (!made.ok || !made.value.feasible) throw new Error(`no plan for ${id}`);
    return made.value.steps;
  };
  it('let “built in a day” be done in two days of 08:30 to 17:30', () => {
    const steps = planned('day-build', '2031-03-03T08:30');
    const last = steps.find((one) => one.id === 'wipe-4');
    expect(last?.endAt.slice(0, 10)).toBe('2031-03-04');
  });
  it('let a polish rest overnight', () => {
    // Begun near closing time, the rest between two polishes runs over the night.
    const steps = planned('friction', '2031-03-03T16:40');
    expect(new Set(steps.map((one) => one.startAt.slice(0, 10))).size).toBeGreaterThan(1);
  });
  it('stand only where harm is known: none on a rest between dried coats, none on a never-drying dwell', () => {
    for (const { steps, slots } of REGIMENS)
      steps.forEach((step, i) => {
        const next = steps[i + 1];
        // What is mixed with a hardener sets in its tin.
        if (step.id !== 'air' && step.kind !== 'coat' && next?.kind === 'coat') expect(step.wait.max, step.id).toBeNull();
        const wants = slots.find((one) => one.slot === step.slot)?.wants;
        if (wants?.join() === 'never') expect(step.wait.max, step.id).toBeNull();
      });
  });
});

describe('hands', () => {
  it('take as long per piece as it is large, at least a third, and as long as ever to set up', () => {
    expect(HANDS_AREA).toEqual({ m2: 0.22, leastShare: 1 / 3 });
    expect([handsScale({ areaMm2: 220_000 }), handsScale({ areaMm2: 440_000 }), handsScale({ areaMm2: 10_000 })]).toEqual([
      1,
      2,
      1 / 3,
    ]);
    expect(handsMin({ setupMin: 3, perPieceMin: 1.5 }, 4, 1)).toBe(9);
    expect(handsMin({ setupMin: 3, perPieceMin: 1.5 }, 4, 2)).toBe(15);
    expect(handsMin({ setupMin: 3, perPieceMin: 1.5 }, 4, 1 / 3)).toBe(5);
    const sand = (scale: number) => tasksOf('soak-wax', scale, 6)[0]?.handsMin;
    expect([sand(1), sand(2), sand(1 / 3)]).toEqual([20, 38, 8]);
  });
  it('let a soak beyond its bound be planned, and call out at the bound all the same', () => {
    const steps = REGIMENS.find((one) => one.id === 'long-soak')?.steps ?? [];
    const bound = () => ({ flooded: 20, thin: 60 });
    expect(scheduleOf(steps, 1, bound).ok).toBe(false);
    const made = scheduleOf(steps, 1, bound, { beyond: true });
    if (!made.ok) throw new Error('not allowed');
    const facts = made.value.slice(0, 4).map((task, i) => done(task.key, i));
    const { next } = progressOf(made.value, facts);
    const flood = made.value.find((task) => task.step.id === 'flood');
    expect(flood).toMatchObject({ riskMin: 20, wait: { max: null } });
    expect(flood?.wait.ideal).toBeGreaterThan(17 * HOUR);
    expect(next?.task.key).toBe('wipe');
    expect(next?.window).toEqual({ earliestMs: at(3 + 20), idealMs: at(3 + 20), latestMs: at(3 + 20) });
  });
});
