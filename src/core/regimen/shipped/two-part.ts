import type { WrittenRegimen } from '../schema';
import { buffStep, coatStep, hours, lastCheck, sandStep, step, wait } from '../steps';

/** Hard-wax oil with its hardener, one coat. */
export const twoPart: WrittenRegimen = {
  id: 'two-part',
  name: 'Two-part hard wax',
  school: 'hard-wax oil with a hardener, one coat',
  gains: 'One coat, hard in a week, stands wear best of all.',
  costs:
    'Its hardener makes lungs and skin allergic for life: gloves, goggles, moving air. What is mixed sets in the tin. Not for food until its maker says so on paper.',
  careClass: 'hard-wax',
  knifeSurface: false,
  ownCare: {
    days: 365,
    words:
      'When it looks dull or dry: wipe it with a damp cloth and send it to the workshop, or rub on a little plain hard-wax oil and buff it off within a quarter of an hour. The hardener is for the workshop alone.',
  },
  slots: [
    {
      slot: 'mixed',
      name: 'Hard-wax oil, mixed with its hardener',
      wants: ['drying'],
      feel: 'any',
      roles: ['hard-wax-oil'],
      adds: ['isocyanate-hardener'],
      hint: 'mixed by weight as its label says, minutes before use',
    },
  ],
  steps: [
    sandStep(120),
    sandStep(180),
    step('turn', 'air', 'Open doors, gloves and goggles on; weigh in the hardener and stir', 'Mixed', wait(0, 0, 60), {
      setupMin: 10,
      perPieceMin: 0,
      place: 'bench',
      note: 'Never in a closed room, never with bare hands. Mix no more than an hour takes; what is left sets in the tin, warm: lid off, outdoors.',
    }),
    coatStep('pad', 'Work in with a fine pad, all of it the same', 'Worked in', wait(5, 10, 15), {
      slot: 'mixed',
      coat: 1,
      lies: 'thin',
      coatClass: 'hard-wax',
    }),
    buffStep('buff', wait(hours(48), hours(168), null), { action: 'Wipe and buff it all off' }),
    lastCheck(),
  ],
};
