import type { WrittenRegimen } from '../schema';
import { buffStep, coatStep, hours, lastCheck, raiseGrain, wait, wipeStep } from '../steps';

/** Submersion: the end of it is absorption, and the pieces leach for days. */
export const bath: WrittenRegimen = {
  id: 'bath',
  name: 'Bath',
  school: 'submersion',
  gains: 'Every face wet at once; many small pieces with little hand-work.',
  costs: 'A bath of oil to keep clean; it leaches for hours to days.',
  careClass: 'never-dry',
  knifeSurface: true,
  slots: [
    { slot: 'oil', name: 'Bath oil', wants: ['never'], feel: 'liquid', roles: ['neat-oil'], hint: 'never-drying, the bath lot' },
    { slot: 'paste', name: 'Wax paste', wants: ['never'], feel: 'paste', roles: ['paste'], hint: 'only if the wax is wanted' },
  ],
  steps: [
    ...raiseGrain(120, 220),
    coatStep(
      'submerge',
      'Put in the bath, all of it under',
      'Submerged',
      wait(hours(1), hours(8), null),
      { slot: 'oil', coat: 1, lies: 'flooded', coatClass: 'bath' },
      { perPieceMin: 0.5, place: 'bath' },
    ),
    wipeStep('drain', wait(30, 30, null), { action: 'Lift out to drain', done: 'Draining', perPieceMin: 0.5 }),
    wipeStep('wipe', wait(hours(2), hours(2), null)),
    wipeStep('leach-2h', wait(hours(4), hours(4), null), {
      action: 'Wipe what has leached',
      note: 'Two hours after the first wipe.',
    }),
    wipeStep('leach-6h', wait(hours(12), hours(18), null), { action: 'Wipe what has leached' }),
    wipeStep('leach-daily', wait(0, 0, null), {
      action: 'Wipe; press clean paper on',
      until: 'towel',
      expect: 2,
      againMin: hours(24),
      note: 'Daily until the paper stays clean.',
    }),
    coatStep(
      'wax',
      'Rub in the wax paste',
      'Waxed',
      wait(10, 15, null),
      { slot: 'paste', coat: 1, lies: 'thin', coatClass: 'wax-paste' },
      { optional: true },
    ),
    buffStep('buff', wait(hours(24), hours(24), null), { optional: true }),
    lastCheck(),
  ],
};
