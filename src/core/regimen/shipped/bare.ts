import type { WrittenRegimen } from '../schema';
import { NONE, raiseGrain, sandStep, step } from '../steps';

/** Nothing at all. */
export const bare: WrittenRegimen = {
  id: 'bare',
  name: 'Bare',
  school: 'nothing',
  gains: 'Nothing to wear off, declare or renew.',
  costs: 'Stains and greys; the owner must wash and dry it.',
  careClass: 'bare',
  knifeSurface: true,
  slots: [],
  steps: [
    sandStep(120),
    ...raiseGrain(150, 220).slice(1),
    step('check', 'check', 'Feel it over, dust off', 'Checked', NONE, { place: 'bench' }),
  ],
};
