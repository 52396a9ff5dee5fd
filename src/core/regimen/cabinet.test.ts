import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { scheduleOf } from '../batch';
import { outOfTheWarm } from '../batch/schedule';
import { asNowKnown, CABINET, cabinetFault, isAsShipped, REGIMENS, type RegimenStep } from '.';
import { coatStep, step, wait, wipeStep } from './steps';

const HOUR = 3_600_000;
const vapour = () => ({ flooded: 20, thin: 60, vapour: true });
const plain = () => ({ flooded: 120, thin: 120, vapour: false });
const warm = REGIMENS.find((one) => one.id === 'warm-cure');
if (!warm) throw new Error('no regimen');
const rub = (id: string) =>
  coatStep(id, 'Rub', 'Rubbed', wait(5, 10, null), { slot: 'oil', coat: 1, lies: 'thin', coatClass: 'thin-oil' });
const carry = (id: string) => step('turn', id, 'Carry in', 'Carried', wait(1440, 1440, null), { place: 'warm cabinet' });

/** Least minutes from the last wet step to what goes into the cabinet, by the steps as they are planned. */
function leastDry(steps: readonly RegimenStep[]): number {
  let [least, since] = [Number.POSITIVE_INFINITY, Number.POSITIVE_INFINITY];
  for (const one of steps) {
    if (['coat', 'wipe', 'buff'].includes(one.kind)) {
      if (one.place === 'warm cabinet') return 0;
      since = 0;
    }
    if (one.place === 'warm cabinet') least = Math.min(least, since);
    since += one.wait.min;
  }
  return least;
}

describe('the warm cabinet', () => {
  it('takes nothing with vapour within a day of its last wet step, and is never past forty degrees', () => {
    expect(CABINET).toEqual({ afterWetHours: 24, atMostC: 40 });
    expect(cabinetFault(0, 24 * HOUR - 1, 35)).toBe('vapour');
    expect(cabinetFault(0, 24 * HOUR, 35)).toBeNull();
    expect(cabinetFault(null, 0, 35)).toBeNull();
    expect([cabinetFault(null, 0, 40), cabinetFault(null, 0, 40.1), cabinetFault(null, 0, null)]).toEqual([
      null,
      'too-hot',
      null,
    ]);
  });
  it('is planned for only after that day, whatever the regimen says', () => {
    fc.assert(
      fc.property(fc.array(fc.constantFrom('coat', 'wipe-in', 'wipe-out', 'carry'), { minLength: 1, maxLength: 10 }), (kinds) => {
        const steps = kinds.map((kind, i): RegimenStep => {
          if (kind === 'coat') return rub(`s${i}`);
          if (kind === 'carry') return carry(`s${i}`);
          return wipeStep(`s${i}`, wait(60, 120, null), kind === 'wipe-in' ? { place: 'warm cabinet' } : {});
        });
        const begun = [rub('first'), ...steps];
        const kept = outOfTheWarm(begun, vapour);
        expect(leastDry(kept)).toBeGreaterThanOrEqual(CABINET.afterWetHours * 60);
        expect(kept.map((one) => one.id)).toEqual(begun.map((one) => one.id));
        expect(outOfTheWarm(begun, plain)).toEqual(begun);
      }),
      { seed: 4 },
    );
  });
  it('holds for the regimen that ships: the first night in the room, with solvent a whole day', () => {
    expect(leastDry(warm.steps)).toBe(12 * 60);
    const planned = scheduleOf(warm.steps, 4, vapour);
    expect(planned.ok && leastDry(planned.value.map((task) => ({ ...task.step, wait: task.wait })))).toBeGreaterThanOrEqual(1440);
  });
});

describe('a running batch of a shipped regimen', () => {
  it('loses bounds that no harm stood behind, and keeps the first night in the room', () => {
    const began = warm.steps.map((one) =>
      one.id === 'wipe-1' ? { ...one, place: 'warm cabinet' as const, wait: wait(720, 1440, 2880) } : one,
    );
    const now = asNowKnown('warm-cure', began);
    expect(now.find((one) => one.id === 'wipe-1')).toMatchObject({ place: 'rack', wait: { min: 720, ideal: 1440, max: null } });
    expect(now.filter((one) => one.id !== 'wipe-1')).toEqual(began.filter((one) => one.id !== 'wipe-1'));
    expect(asNowKnown('our-own', began)).toEqual(began);
  });
  it('is known from one that the shop changed', () => {
    for (const one of REGIMENS) expect(isAsShipped(one)).toBe(true);
    expect(isAsShipped({ ...warm, steps: warm.steps.slice(1) })).toBe(false);
    expect(isAsShipped({ ...warm, id: 'our-own', steps: [] })).toBe(true);
  });
});
