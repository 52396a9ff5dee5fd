import type { WrittenRegimen } from '../schema';
import { buffStep, coatStep, hours, lastCheck, raiseGrain, wait, wipeStep } from '../steps';

const flood = (n: number) =>
  coatStep(`flood-${n}`, n === 1 ? 'Flood, underside first' : 'Flood again', 'Flooded', wait(20, 30, null), {
    slot: 'oil',
    coat: n,
    lies: 'flooded',
    coatClass: 'flood-oil',
  });

/** Never-drying oil, then wax paste. */
export const soakWax: WrittenRegimen = {
  id: 'soak-wax',
  name: 'Soak and wax',
  school: 'never-drying oil, then wax paste',
  gains: 'Forgiving, quickly ready, renewed by anyone with a cloth.',
  costs: 'Washes out: wants oil again every few weeks.',
  careClass: 'oil-wax',
  knifeSurface: true,
  slots: [
    { slot: 'oil', name: 'Oil', wants: ['never'], feel: 'liquid', roles: ['neat-oil'], hint: 'neat, never-drying' },
    { slot: 'paste', name: 'Wax paste', wants: ['never'], feel: 'paste', roles: ['paste'], hint: 'soft to firm paste' },
  ],
  steps: [
    ...raiseGrain(120, 220),
    flood(1),
    wipeStep('wipe-1', wait(30, 60, null)),
    flood(2),
    wipeStep('wipe-2', wait(30, 60, null)),
    flood(3),
    wipeStep('wipe-3', wait(hours(8), hours(12), null), { note: 'Overnight.' }),
    coatStep('wax', 'Rub in the wax paste', 'Waxed', wait(15, 25, null), {
      slot: 'paste',
      coat: 1,
      lies: 'thin',
      coatClass: 'wax-paste',
    }),
    buffStep('buff', wait(hours(24), hours(24), null), { note: 'It settles; it does not cure.' }),
    lastCheck(),
  ],
};
