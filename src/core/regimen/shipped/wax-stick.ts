import type { WrittenRegimen } from '../schema';
import { hours, lastCheck, sandStep, step, wait } from '../steps';

/** Hard wax pressed on at the lathe and melted by friction. */
export const waxStick: WrittenRegimen = {
  id: 'wax-stick',
  name: 'Wax stick',
  school: 'hard wax on the lathe',
  gains: 'Done before the piece leaves the lathe; smooth and dry to the hand.',
  costs: 'Skin-deep: water and warmth mark it. Heavy pressure leaves rings.',
  careClass: 'oil-wax',
  knifeSurface: true,
  slots: [
    { slot: 'stick', name: 'Wax stick', wants: ['never'], feel: 'any', roles: ['hard-wax'], hint: 'hard, without solvent' },
  ],
  steps: [
    sandStep(240, wait(0, 0, null), { place: 'lathe' }),
    sandStep(400, wait(0, 0, null), { place: 'lathe' }),
    step('press', 'press', 'Press the stick on the turning piece, melt it in with paper', 'Waxed', wait(0, 0, null), {
      slot: 'stick',
      coat: 1,
      coatClass: 'wax-paste',
      lies: 'thin',
      place: 'lathe',
      note: 'Paper, never cloth. No heavier than melts it.',
    }),
    step('buff', 'buff', 'Buff at once with clean paper', 'Buffed', wait(hours(24), hours(24), null), { place: 'lathe' }),
    lastCheck(),
  ],
};
