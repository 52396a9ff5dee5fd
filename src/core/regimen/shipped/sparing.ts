import type { WrittenRegimen } from '../schema';
import { buffStep, coatStep, hours, lastCheck, sandStep, wait } from '../steps';

const pad = (n: number) =>
  coatStep(`pad-${n}`, 'Stir, work in with a fine pad', 'Worked in', wait(10, 30, 45), {
    slot: 'hardwax',
    coat: n,
    lies: 'thin',
    coatClass: 'hard-wax',
  });

/** Hard-wax oil, a spoonful goes far. */
export const sparing: WrittenRegimen = {
  id: 'sparing',
  name: 'Sparing',
  school: 'hard-wax oil, a spoonful goes far',
  gains: 'Hard-wearing; a year between looks.',
  costs: 'Two days between coats; hard to mend in one spot.',
  careClass: 'hard-wax',
  knifeSurface: true,
  slots: [
    {
      slot: 'hardwax',
      name: 'Hard-wax oil',
      wants: ['drying'],
      feel: 'any',
      roles: ['hard-wax-oil', 'oil-wax'],
      hint: 'stirred well',
    },
  ],
  steps: [
    sandStep(120),
    sandStep(180),
    pad(1),
    buffStep('buff-1', wait(hours(24), hours(48), null), { action: 'Buff it all off' }),
    pad(2),
    buffStep('buff-2', wait(hours(48), hours(48), null), { action: 'Buff it all off' }),
    lastCheck(),
  ],
};
