import type { WrittenRegimen } from '../schema';
import { buffStep, coatStep, hours, lastCheck, raiseGrain, wait, wipeStep } from '../steps';

const rub = (n: number) =>
  coatStep(`coat-${n}`, 'Rub on a thin coat', 'Coated', wait(5, 10, null), {
    slot: 'oil',
    coat: n,
    lies: 'thin',
    coatClass: 'thin-oil',
  });

/** Pure drying oil, thin coats a day or more apart. */
export const thinDrying: WrittenRegimen = {
  id: 'thin-drying',
  name: 'Thin and patient',
  school: 'pure drying oil, patient',
  gains: 'Cures into the wood; lasts half a year of use.',
  costs: 'Days between coats and weeks to cure; rags can catch fire.',
  careClass: 'drying-oil',
  knifeSurface: true,
  slots: [
    {
      slot: 'oil',
      name: 'Drying oil',
      wants: ['drying'],
      feel: 'liquid',
      roles: ['neat-oil', 'thinned-oil'],
      hint: 'pure, or thinned with no more solvent than oil',
    },
  ],
  steps: [
    ...raiseGrain(120, 220),
    coatStep('soak', 'First soak, keep it wet', 'Soaked', wait(10, 20, null), {
      slot: 'oil',
      coat: 1,
      lies: 'flooded',
      coatClass: 'thin-oil',
    }),
    wipeStep('wipe-1', wait(hours(24), hours(24), null)),
    rub(2),
    wipeStep('wipe-2', wait(hours(24), hours(24), null)),
    rub(3),
    wipeStep('wipe-3', wait(hours(72), hours(120), null), { note: 'It cures; the estimate and the checks say when.' }),
    buffStep('buff', wait(0, 0, null)),
    lastCheck(),
  ],
};
