import type { WrittenRegimen } from '../schema';
import { buffStep, coatStep, hours, lastCheck, raiseGrain, wait } from '../steps';

const rub = (n: number) =>
  coatStep(`paste-${n}`, 'Rub in the wax paste', 'Waxed', wait(15, 25, null), {
    slot: 'paste',
    coat: n,
    lies: 'thin',
    coatClass: 'wax-paste',
  });

/** Wax paste with nothing under it. */
export const pasteOnly: WrittenRegimen = {
  id: 'paste-only',
  name: 'Paste alone',
  school: 'wax paste, nothing under it',
  gains: 'One tin, no oil to cure; pale woods stay pale.',
  costs: 'Wears off soonest where it is washed; no depth of colour.',
  careClass: 'oil-wax',
  knifeSurface: true,
  slots: [
    {
      slot: 'paste',
      name: 'Wax paste',
      wants: ['never'],
      feel: 'paste',
      roles: ['paste'],
      hint: 'of never-drying oil and wax',
      repeat: { from: 2, to: 4, until: 'no-dry-spots' },
    },
  ],
  steps: [
    ...raiseGrain(120, 220),
    rub(1),
    buffStep('buff-1', wait(hours(2), hours(12), null)),
    rub(2),
    buffStep('buff-2', wait(hours(24), hours(24), null)),
    lastCheck(),
  ],
};
