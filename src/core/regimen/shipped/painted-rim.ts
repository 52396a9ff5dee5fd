import type { WrittenRegimen } from '../schema';
import { coatStep, hours, lastCheck, sandStep, step, wait, wipeStep } from '../steps';

/** Powder paint off the food face, sealed. */
export const paintedRim: WrittenRegimen = {
  id: 'painted-rim',
  name: 'Painted rim',
  school: 'powder paint off the food face, sealed',
  gains: 'Colour that is part of the wood.',
  costs: 'Keep it off food faces. Oil mutes it and can lift it: a test piece first.',
  careClass: 'drying-oil',
  knifeSurface: false,
  slots: [
    { slot: 'paint', name: 'Powder paint', wants: ['drying'], feel: 'any', roles: ['paint'], hint: 'mixed the same day, shaken' },
    { slot: 'oil', name: 'Drying oil', wants: ['drying'], feel: 'liquid', roles: ['neat-oil', 'thinned-oil'], hint: 'to seal' },
  ],
  steps: [
    sandStep(120),
    sandStep(220),
    coatStep('paint', 'Shake; brush on thin, 20 mm below the lip', 'Painted', wait(hours(4), hours(4), null), {
      slot: 'paint',
      coat: 1,
      lies: 'thin',
      coatClass: 'wax-paste',
    }),
    step('scuff', 'scuff', 'Smooth with a fine pad', 'Smoothed', wait(0, 0, null), { place: 'bench' }),
    coatStep('seal', 'Oil thinly, after a test piece', 'Oiled', wait(5, 10, null), {
      slot: 'oil',
      coat: 1,
      lies: 'thin',
      coatClass: 'thin-oil',
    }),
    wipeStep('wipe', wait(hours(72), hours(120), null)),
    lastCheck(),
  ],
};
