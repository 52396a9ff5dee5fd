import type { WrittenRegimen } from '../schema';
import { buffStep, coatStep, hours, lastCheck, raiseGrain, wait, wipeStep } from '../steps';

const neat = (n: number) =>
  coatStep(`neat-${n}`, 'Rub on a thin coat, neat', 'Coated', wait(10, 20, null), {
    slot: 'oil',
    coat: n + 1,
    lies: 'thin',
    coatClass: 'thin-oil',
  });

/** One oil, its first coat let down with as much solvent. */
export const thinThenNeat: WrittenRegimen = {
  id: 'thin-then-neat',
  name: 'Thin, then neat',
  school: 'one oil, first coat let down',
  gains: 'The first coat runs deep into tight wood; the neat ones bind it.',
  costs: 'Solvent on the first day: air, gloves, no flame. Half of the first coat flies off.',
  careClass: 'drying-oil',
  knifeSurface: true,
  slots: [
    {
      slot: 'thinned',
      name: 'The oil, let down by half',
      wants: ['drying'],
      feel: 'liquid',
      roles: ['thinned-oil'],
      hint: 'as much solvent as oil, no more',
    },
    { slot: 'oil', name: 'The same oil, neat', wants: ['drying'], feel: 'liquid', roles: ['neat-oil'], hint: 'pure' },
  ],
  steps: [
    ...raiseGrain(120, 220),
    coatStep('thinned', 'Lay on the thinned coat, keep it wet', 'Laid on', wait(10, 15, 20), {
      slot: 'thinned',
      coat: 1,
      lies: 'flooded',
      coatClass: 'thin-oil',
    }),
    wipeStep('wipe-1', wait(hours(24), hours(24), null)),
    neat(1),
    wipeStep('wipe-2', wait(hours(24), hours(24), null)),
    neat(2),
    wipeStep('wipe-3', wait(hours(72), hours(120), null), { note: 'It cures; the estimate and the checks say when.' }),
    buffStep('buff', wait(0, 0, null)),
    lastCheck(),
  ],
};
