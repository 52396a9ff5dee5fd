import type { WrittenRegimen } from '../schema';
import { buffStep, coatStep, hours, lastCheck, raiseGrain, wait, wipeStep } from '../steps';

/** One generous coat of never-drying oil, left most of a day. */
export const longSoak: WrittenRegimen = {
  id: 'long-soak',
  name: 'Long soak',
  school: 'one generous coat',
  gains: 'One flood and one wipe; deep in thirsty wood.',
  costs: 'A day and more on the rack; much oil to wipe off.',
  careClass: 'oil-wax',
  knifeSurface: true,
  slots: [
    { slot: 'oil', name: 'Oil', wants: ['never'], feel: 'liquid', roles: ['neat-oil'], hint: 'neat, never-drying' },
    { slot: 'paste', name: 'Wax paste', wants: ['never'], feel: 'paste', roles: ['paste'], hint: 'soft to firm paste' },
  ],
  steps: [
    ...raiseGrain(120, 220),
    coatStep('flood', 'Flood generously', 'Flooded', wait(hours(4), hours(18), null), {
      slot: 'oil',
      coat: 1,
      lies: 'flooded',
      coatClass: 'flood-oil',
    }),
    wipeStep('wipe', wait(0, 0, null)),
    coatStep('wax', 'Rub in the wax paste', 'Waxed', wait(10, 15, null), {
      slot: 'paste',
      coat: 1,
      lies: 'thin',
      coatClass: 'wax-paste',
    }),
    buffStep('buff', wait(hours(24), hours(24), null), { note: 'It settles; it does not cure.' }),
    lastCheck(),
  ],
};
