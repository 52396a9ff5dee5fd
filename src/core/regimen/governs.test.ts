import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { inRoom } from '@/core/cure';
import { type AirAhead, progressOf, roomAlong, type SlotBound, scheduleOf, soonestOf, withinReach } from '../batch';
import { meanOfRows } from '../batch/room';
import { planSteps } from '../batch/schedule';
import { plan } from '../plan';
import { REGIMENS } from '.';
import { governsOf } from './governs';
import { coatStep, step, wait, wipeStep } from './steps';

const NOW = Date.parse('2031-03-03T08:00:00Z');
const oil: SlotBound = { flooded: 20, thin: 60, sets: 'oxidise' };
const free: SlotBound = { flooded: null, thin: null, sets: 'settle' };
const boundOf = (id: string) => (slot: string) =>
  REGIMENS.find((one) => one.id === id)
    ?.slots.find((one) => one.slot === slot)
    ?.wants.includes('never')
    ? free
    : oil;
const still =
  (tempC: number, rh = 0.5): AirAhead =>
  () => ({ tempC, rh, light: 'indoor' });
const roomFor = (id: string, air: AirAhead, doneAt = new Map<string, number>()) =>
  roomAlong(REGIMENS.find((one) => one.id === id)?.steps ?? [], { air, nowMs: NOW, startMs: NOW, doneAt });
const tasksIn = (id: string, air: AirAhead, recorded = {}) => {
  const steps = REGIMENS.find((one) => one.id === id)?.steps ?? [];
  const found = scheduleOf(steps, 4, boundOf(id), { room: roomFor(id, air), recorded });
  if (!found.ok) throw new Error(JSON.stringify(found.issues));
  return found.value;
};
const waitOf = (id: string, key: string, air: AirAhead) => tasksIn(id, air).find((task) => task.key === key)?.wait;

describe('what governs a wait', () => {
  const rub = coatStep('c', 'Rub', 'Rubbed', wait(5, 10, null), { slot: 'oil', coat: 1, lies: 'thin', coatClass: 'thin-oil' });
  it('is its own word, or its kind’s and its material’s', () => {
    expect(governsOf(step('wet', 'w', 'Wet', 'Wetted', wait(120, 120, null)), undefined, undefined)).toEqual({
      min: 'water',
      max: 'none',
    });
    expect(governsOf(rub, wipeStep('w', wait(0, 0, null)), oil)).toEqual({ min: 'soak', max: 'gel' });
    expect(governsOf(rub, wipeStep('w', wait(0, 0, null)), free)).toEqual({ min: 'soak', max: 'none' });
    expect(governsOf(wipeStep('w', wait(60, 60, null)), undefined, oil)).toEqual({ min: 'oxidation', max: 'oxidation' });
    expect(governsOf({ ...rub, governs: { min: 'none', max: 'none' } }, undefined, oil)).toEqual({ min: 'none', max: 'none' });
    expect(governsOf(rub, undefined, undefined)).toEqual({ min: 'none', max: 'none' });
  });
});

describe('a schedule in its room', () => {
  it('doubles the gaps of a drying oil in a cold week, and leaves what never dries nearly as it was', () => {
    expect(waitOf('thin-drying', 'wipe-1', still(20))?.min).toBe(1440);
    // exp(62000/R·(1/282.65 − 1/293.15)) is 2.57.
    expect(waitOf('thin-drying', 'wipe-1', still(9.5))?.min).toBeCloseTo(1440 * 2.57, -2);
    expect(waitOf('soak-wax', 'wipe-1', still(9.5))?.min).toBeLessThan(30 * 1.7);
  });
  it('says where it is too cold, and where it is too warm for hands', () => {
    const cold = tasksIn('thin-drying', still(4)).find((task) => task.key === 'wipe-1');
    expect(cold?.room).toMatchObject({ advise: 'too-slow', base: { min: 1440 }, air: { tempC: 4 } });
    const hot = tasksIn('thin-drying', still(45)).find((task) => task.key.startsWith('soak'));
    expect(hot?.wait.max ?? 99).toBeLessThanOrEqual(20);
  });
  it('brings the last coat nearer where it is warmer, and further where it is cold; nothing where no coat is to come', () => {
    const last = (tempC: number): number => {
      const tasks = tasksIn('thin-drying', still(tempC));
      return soonestOf(progressOf(tasks, []), NOW)?.lastCoatMs ?? 0;
    };
    expect(last(28)).toBeLessThan(last(20));
    expect(last(12) - NOW).toBeGreaterThan(1.5 * (last(20) - NOW));
    expect(soonestOf({ next: null, rest: [] }, NOW)).toBeNull();
  });
  it('stands as it is written where nothing was ever read', () => {
    expect(waitOf('thin-drying', 'wipe-1', () => null)).toEqual({ min: 1440, ideal: 1440, max: null });
  });
  it.each([7, 12])('is not too warm at %d °C where a label gives the dwell: the least follows soak, the longest gel', (tempC) => {
    const dwell = { min: 45, ideal: 50, max: 60 };
    const label = (slot: string): SlotBound => ({ ...boundOf('sparing')(slot), label: { dwell, gapMin: null } });
    const found = scheduleOf(REGIMENS.find((one) => one.id === 'sparing')?.steps ?? [], 2, label, {
      room: roomFor('sparing', still(tempC)),
    });
    if (!found.ok) throw new Error('not scheduled');
    const coat = found.value.find((task) => task.room?.base.min === 45)?.room;
    const asCalculated = inRoom(dwell, { min: 'soak', max: 'gel' }, { tempC, rh: 0.5, light: 'indoor' });
    expect(coat?.advise).not.toBe('too-fast');
    expect(coat?.wait.min).toBeGreaterThan(45);
    expect(coat?.wait.max).toBe(asCalculated.max);
    expect(coat?.wait.max).toBeGreaterThan(60);
  });
  it('never undercuts a label in the warm, and draws it out in the cold', () => {
    const label = (slot: string): SlotBound => ({ ...boundOf('sparing')(slot), label: { dwell: null, gapMin: 600 } });
    const gap = (tempC: number) => {
      const steps = REGIMENS.find((one) => one.id === 'sparing')?.steps ?? [];
      const found = scheduleOf(steps, 2, label, { room: roomFor('sparing', still(tempC)) });
      return found.ok ? found.value.find((task) => task.key === 'buff-1')?.wait.min : null;
    };
    expect([gap(30), gap(20)]).toEqual([600, 600]);
    expect(gap(12) ?? 0).toBeGreaterThan(900);
  });
  it('calls for warming in the cold alone, never after what came later, and keeps what was done', () => {
    const has = (tempC: number, recorded = {}) => tasksIn('one-can', still(tempC), recorded).some((task) => task.key === 'warm');
    expect([has(12), has(18), has(12, { 'rub-1': [4] }), has(18, { warm: [4] })]).toEqual([true, false, false, true]);
  });
  it('warms no tin that gives off vapour, unless it was warmed', () => {
    const steps = REGIMENS.find((one) => one.id === 'one-can')?.steps ?? [];
    const wet = (slot: string): SlotBound => ({ ...boundOf('one-can')(slot), vapour: true });
    const has = (recorded: Record<string, readonly number[]> = {}) => {
      const found = scheduleOf(steps, 2, wet, { room: roomFor('one-can', still(12)), recorded });
      return found.ok && found.value.some((task) => task.key === 'warm');
    };
    expect([has(), has({ warm: [2] })]).toEqual([false, true]);
  });
  it('has no air for a wait that is over', () => {
    const room = roomFor(
      'thin-drying',
      still(5),
      new Map([
        ['wet', NOW - 9e6],
        ['knock-back-220', NOW - 1e6],
      ]),
    );
    expect(room({ id: 'wet' }, wait(120, 120, null))).toBeNull();
    expect(room({ id: 'knock-back-220' }, wait(10, 10, null))?.tempC).toBe(5);
  });
  it('breaks no window of a plan in any climate', () => {
    const hours = [1, 2, 3, 4, 5, 6, 7].map((day) => ({ day, open: '06:00', close: '22:00' }));
    fc.assert(
      fc.property(
        fc.constantFrom(...REGIMENS.map((one) => one.id)),
        fc.double({ min: 2, max: 38, noNaN: true }),
        fc.double({ min: 0.2, max: 0.9, noNaN: true }),
        (id, tempC, rh) => {
          const tasks = tasksIn(id, still(tempC, rh));
          for (const { wait: at } of tasks) {
            expect(at.min).toBeLessThanOrEqual(at.ideal);
            if (at.max !== null) expect(at.ideal).toBeLessThanOrEqual(at.max);
          }
          const made = plan({
            start: '2031-03-03T08:00',
            zone: 'Europe/Lisbon',
            shopHours: hours,
            steps: planSteps(withinReach(tasks, 25).near),
          });
          if (!made.ok) throw new Error('no plan');
          // Nothing but a dwell that no opening can hold may stand in the way; what is planned keeps every window.
          if (!made.value.feasible) return;
          for (const { startAt, window } of made.value.steps) {
            if (window.earliest) expect(Date.parse(startAt)).toBeGreaterThanOrEqual(Date.parse(window.earliest));
            if (window.latest) expect(Date.parse(startAt)).toBeLessThanOrEqual(Date.parse(window.latest));
          }
        },
      ),
      { seed: 15, numRuns: process.env.RENDLE_WALKS ? 500 : 100 },
    );
  });
  it('crosses to a browser as even rows, the last holding on', () => {
    const rows = {
      fromMs: 0,
      stepMs: 10,
      light: 'dark',
      rows: [
        [10, 0.4],
        [20, 0.6],
      ],
    } as const;
    expect(meanOfRows(rows, 0, 15)).toEqual({ tempC: 15, rh: 0.5, light: 'dark' });
    expect(meanOfRows(rows, 100, 200)?.tempC).toBe(20);
    expect(meanOfRows({ ...rows, rows: [] }, 0, 1)).toBeNull();
  });
});

describe('a school longer than a plan reaches', () => {
  it('is planned by its next weeks, and reckoned on past them', () => {
    const tasks = tasksIn('week-month', () => null);
    const { near, restMs } = withinReach(tasks, 40);
    expect(near.length).toBeLessThan(tasks.length);
    const all = tasks.slice(0, -1).reduce((sum, task) => sum + task.wait.ideal, 0);
    const nearMin = near.slice(0, -1).reduce((sum, task) => sum + task.wait.ideal, 0);
    const farHands = tasks.slice(near.length).reduce((sum, task) => sum + task.handsMin, 0);
    expect(restMs / 60_000).toBeCloseTo(all - nearMin + farHands, 6);
    expect(withinReach(near.slice(0, 3)).restMs).toBe(0);
  });
});
