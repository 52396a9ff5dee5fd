import type { WrittenRegimen } from '../schema';
import { buffStep, coatStep, hours, lastCheck, raiseGrain, step, wait, wipeStep } from '../steps';

/** End-grain board flooded until its underside shows the oil. */
export const weepThrough: WrittenRegimen = {
  id: 'weep-through',
  name: 'Weep through',
  school: 'end-grain board, never-drying oil',
  gains: 'The whole thickness is filled: water has nowhere to go.',
  costs: 'Takes a litre where others take a cup; weeps for days.',
  careClass: 'oil-wax',
  knifeSurface: true,
  slots: [
    { slot: 'oil', name: 'Never-drying oil', wants: ['never'], feel: 'liquid', roles: ['neat-oil'], hint: 'plenty of it' },
    { slot: 'paste', name: 'Wax paste', wants: ['never'], feel: 'paste', roles: ['paste'], hint: 'of the same oil' },
  ],
  steps: [
    ...raiseGrain(120, 220),
    coatStep(
      'flood',
      'Flood the top, keep it wet until the underside shows it',
      'Shows below',
      wait(hours(2), hours(8), null),
      { slot: 'oil', coat: 1, lies: 'flooded', coatClass: 'bath' },
      { note: 'On bars over a tray. It is done when the underside darkens, not when the hours are over.' },
    ),
    wipeStep('turn', wait(0, 0, null), { action: 'Turn it over and wipe both faces', done: 'Turned and wiped' }),
    step('turn', 'stand', 'Stand it on edge on paper to settle', 'Stood up', wait(hours(48), hours(48), null), {
      place: 'rack',
    }),
    coatStep('paste', 'Rub in the wax paste', 'Waxed', wait(15, 25, null), {
      slot: 'paste',
      coat: 1,
      lies: 'thin',
      coatClass: 'wax-paste',
    }),
    buffStep('buff', wait(hours(24), hours(24), null)),
    lastCheck(),
  ],
};
