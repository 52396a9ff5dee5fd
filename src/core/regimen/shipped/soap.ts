import type { WrittenRegimen } from '../schema';
import { hours, lastCheck, raiseGrain, step, wait } from '../steps';

const wash = (n: number) => [
  step('turn', `soap-${n}`, 'Wash on warm soap water, along the grain', 'Washed on', wait(5, 10, null), {
    setupMin: 5,
    perPieceMin: 3,
    place: 'bench',
    note: 'Natural soap without scent, a spoon of flakes to a litre of hot water. It is no stock of this shop and meets no gate of its own.',
  }),
  step('turn', `dry-${n}`, 'Wipe off the surplus, stand on edge to dry', 'Wiped off', wait(hours(12), hours(24), null), {
    setupMin: 1,
    perPieceMin: 1,
    place: 'rack',
    governs: { min: 'water', max: 'none' },
  }),
];

/** Natural soap on scoured wood; as bare wood in every gate. */
export const soap: WrittenRegimen = {
  id: 'soap',
  name: 'Soap',
  school: 'natural soap, scoured woods',
  gains: 'Pale and matt as scoured wood; its owner renews it with what is in the house.',
  costs: 'Keeps no water out; wants washing with soap again and again. Oak and other woods with tannin darken.',
  careClass: 'bare',
  ownCare: {
    days: 30,
    words:
      'Wash it with natural soap and warm water along the grain, wipe off the surplus, dry it on edge. Do so whenever it looks dry.',
  },
  knifeSurface: true,
  slots: [],
  steps: [
    ...raiseGrain(120, 220),
    ...wash(1),
    ...wash(2),
    ...wash(3),
    step('scuff', 'smooth', 'Smooth with a fine pad', 'Smoothed', wait(0, 0, null), { place: 'bench' }),
    lastCheck(),
  ],
};
