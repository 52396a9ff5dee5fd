import type { WrittenRegimen } from '../schema';
import { coatStep, hours, lastCheck, QUICK_HOURS, raiseGrain, step, wait, wipeStep } from '../steps';

const rub = (n: number) =>
  coatStep(`coat-${n}`, 'Coat', 'Coated', wait(10, 10, 15), { slot: 'oil', coat: n, lies: 'flooded', coatClass: 'thin-oil' });

/** Four coats in a day or so. */
export const dayBuild: WrittenRegimen = {
  id: 'day-build',
  name: 'Built in a day',
  school: 'four coats in a day or so',
  gains: 'Four coats by the next morning.',
  costs: 'Someone must stay near: no window is longer than three hours at first.',
  careClass: 'drying-oil',
  knifeSurface: true,
  slots: [
    {
      slot: 'oil',
      name: 'Drying oil',
      wants: ['drying'],
      feel: 'liquid',
      roles: ['neat-oil', 'thinned-oil'],
      quickHours: QUICK_HOURS,
      hint: 'one that sets within hours',
    },
  ],
  steps: [
    ...raiseGrain(120, 220),
    coatStep('coat-1', 'Flood', 'Flooded', wait(5, 8, 15), { slot: 'oil', coat: 1, lies: 'flooded', coatClass: 'thin-oil' }),
    wipeStep('wipe-1', wait(0, 0, null)),
    step('scuff', 'scuff', 'Scuff with a fine pad', 'Scuffed', wait(60, 60, null), { place: 'rack' }),
    rub(2),
    wipeStep('wipe-2', wait(hours(4), 270, null)),
    rub(3),
    wipeStep('wipe-3', wait(hours(4), 270, null)),
    rub(4),
    wipeStep('wipe-4', wait(hours(48), hours(96), null), { note: 'It cures; the estimate and the checks say when.' }),
    lastCheck(),
  ],
};
