import type { WrittenRegimen } from '../schema';
import { buffStep, coatStep, hours, lastCheck, raiseGrain, step, wait, wipeStep } from '../steps';

const rub = (n: number) =>
  coatStep(
    `coat-${n}`,
    'Rub a thin coat on the handle alone',
    'Coated',
    wait(5, 10, null),
    { slot: 'oil', coat: n, lies: 'thin', coatClass: 'thin-oil' },
    { surfaces: ['handle'] },
  );

/** A finish for the hand, nothing where food is. */
export const handleOnly: WrittenRegimen = {
  id: 'handle-only',
  name: 'Handle alone',
  school: 'drying oil on the handle, the bowl left bare',
  gains: 'A dry, warm grip; nothing at all where food and mouth are.',
  costs: 'The bare end stains and its fibre rises with the first washing.',
  careClass: 'drying-oil',
  knifeSurface: true,
  slots: [
    { slot: 'oil', name: 'Drying oil', wants: ['drying'], feel: 'liquid', roles: ['neat-oil', 'thinned-oil'], hint: 'pure' },
  ],
  steps: [
    ...raiseGrain(120, 220),
    step('turn', 'mark', 'Mark where the handle ends, tape it', 'Taped', wait(0, 0, null), { perPieceMin: 1, place: 'bench' }),
    rub(1),
    wipeStep('wipe-1', wait(hours(24), hours(24), null), { surfaces: ['handle'] }),
    rub(2),
    wipeStep('wipe-2', wait(hours(72), hours(120), null), { surfaces: ['handle'] }),
    buffStep('buff', wait(0, 0, null), { surfaces: ['handle'] }),
    lastCheck(),
  ],
};
