import type { WrittenRegimen } from '../schema';
import { buffStep, coatStep, hours, lastCheck, raiseGrain, step, wait } from '../steps';

const rub = (n: number) =>
  coatStep(`rub-${n}`, 'Rub on thin', 'Rubbed on', wait(30, 45, 60), {
    slot: 'oilwax',
    coat: n,
    lies: 'thin',
    coatClass: 'oil-wax',
  });

/** Heat-bodied oil with wax, out of one tin. */
export const oneCan: WrittenRegimen = {
  id: 'one-can',
  name: 'One tin',
  school: 'heat-bodied oil with wax',
  gains: 'One tin does all; soft sheen.',
  costs: 'Sticks if rubbed on thick or left past the hour.',
  careClass: 'drying-oil-wax',
  knifeSurface: true,
  slots: [
    { slot: 'oilwax', name: 'Oil with wax', wants: ['drying'], feel: 'any', roles: ['oil-wax'], hint: 'heat-bodied oil and wax' },
  ],
  steps: [
    ...raiseGrain(120, 220),
    step('warm', 'warm', 'Stand the tin in warm water', 'Warmed', wait(0, 0, null), {
      optional: true,
      whenBelowC: 15,
      place: 'bench',
    }),
    rub(1),
    buffStep('buff-1', wait(hours(24), hours(36), null)),
    rub(2),
    buffStep('buff-2', wait(hours(24), hours(48), null)),
    lastCheck(),
  ],
};
