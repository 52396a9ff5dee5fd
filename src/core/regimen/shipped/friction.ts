import type { WrittenRegimen } from '../schema';
import { coatStep, hours, lastCheck, sandStep, step, wait } from '../steps';

const polish = (n: number, rest = wait(1, 3, null)) =>
  coatStep(
    `polish-${n}`,
    'Polish with paper at a slow lathe',
    'Polished',
    rest,
    { slot: 'polish', coat: n, lies: 'thin', coatClass: 'friction' },
    { place: 'lathe' },
  );

/** Resin polish on the lathe; paper, never cloth. */
export const friction: WrittenRegimen = {
  id: 'friction',
  name: 'Friction polish',
  school: 'resin polish on the lathe',
  gains: 'Bright within the hour, straight from the lathe.',
  costs: 'Skin-deep; water and heat mark it. Not under a knife.',
  careClass: 'friction',
  knifeSurface: false,
  slots: [
    { slot: 'sealer', name: 'Sealer', wants: ['drying'], feel: 'any', roles: ['resin-seal'], hint: 'resin, thin' },
    { slot: 'polish', name: 'Friction polish', wants: ['drying'], feel: 'any', roles: ['polish'], hint: 'let down freshly' },
  ],
  steps: [
    sandStep(180),
    sandStep(320),
    coatStep(
      'seal',
      'Seal',
      'Sealed',
      wait(30, 45, null),
      { slot: 'sealer', coat: 1, lies: 'thin', coatClass: 'friction' },
      { place: 'lathe' },
    ),
    step('scuff', 'scuff', 'Scuff with a fine pad', 'Scuffed', wait(0, 0, null), { place: 'lathe' }),
    polish(1),
    polish(2),
    polish(3, wait(hours(168), hours(168), null)),
    lastCheck(),
  ],
};
