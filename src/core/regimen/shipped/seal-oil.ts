import type { WrittenRegimen } from '../schema';
import { coatStep, hours, lastCheck, sandStep, step, wait, wipeStep } from '../steps';

const seal = (n: number, rest = wait(30, 45, null)) =>
  coatStep(`seal-${n}`, 'Seal thinly', 'Sealed', rest, { slot: 'sealer', coat: n, lies: 'thin', coatClass: 'film' });

const oil = (n: number) =>
  coatStep(`oil-${n}`, 'Lay on the oil-wax wet', 'Oiled', wait(20, 30, 60), {
    slot: 'oilwax',
    coat: n,
    lies: 'thin',
    coatClass: 'oil-wax',
  });

/** Resin seal, then oil and wax; one side, then the other. */
export const sealOil: WrittenRegimen = {
  id: 'seal-oil',
  name: 'Seal, then oil',
  school: 'resin seal, then oil and wax',
  gains: 'Even on patchy wood; less oil.',
  costs: 'The seal is a film: not under a knife. An oil from a nut is declared.',
  careClass: 'drying-oil-wax',
  knifeSurface: false,
  slots: [
    { slot: 'sealer', name: 'Resin seal', wants: ['drying'], feel: 'any', roles: ['resin-seal'], hint: 'dewaxed, thin' },
    {
      slot: 'oilwax',
      name: 'Oil-wax',
      wants: ['drying'],
      feel: 'any',
      roles: ['oil-wax'],
      hint: 'tung or heat-bodied linseed, and wax',
    },
  ],
  steps: [
    sandStep(120),
    sandStep(220),
    seal(1),
    seal(2),
    oil(1),
    wipeStep('wipe-1', wait(0, 60, null)),
    oil(2),
    wipeStep('wipe-2', wait(hours(8), hours(12), null), { note: 'Overnight.' }),
    step('turn', 'turn', 'Turn over', 'Turned over', wait(0, 0, null), { place: 'bench' }),
    oil(3),
    wipeStep('wipe-3', wait(hours(48), hours(96), null)),
    lastCheck(),
  ],
};
