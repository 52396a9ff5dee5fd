import type { WrittenRegimen } from '../schema';
import { buffStep, coatStep, hours, lastCheck, raiseGrain, wait, wipeStep } from '../steps';

const soak = (n: number, dwell = wait(15, 15, 20)) =>
  coatStep(`soak-${n}`, n === 1 ? 'Flood' : 'Flood again, wet on wet', 'Flooded', dwell, {
    slot: 'oil',
    coat: n,
    lies: 'flooded',
    coatClass: 'flood-oil',
  });

/** Quarter-hour coats until it takes no more, then hard wax. */
export const saturate: WrittenRegimen = {
  id: 'saturate',
  name: 'Saturate',
  school: 'quarter-hour coats until it takes no more',
  gains: 'As full as the wood will go in one morning.',
  costs: 'Much oil; the last coat must all be wiped or it gums.',
  careClass: 'drying-oil-wax',
  knifeSurface: true,
  slots: [
    {
      slot: 'oil',
      name: 'Drying oil',
      wants: ['drying'],
      feel: 'liquid',
      roles: ['neat-oil', 'thinned-oil'],
      hint: 'thinned goes deeper',
    },
    {
      slot: 'paste',
      name: 'Hard wax',
      wants: ['drying', 'never'],
      feel: 'paste',
      roles: ['paste'],
      hint: 'firm paste or harder',
    },
  ],
  steps: [
    ...raiseGrain(120, 220),
    soak(1),
    soak(2),
    soak(3),
    wipeStep('wipe', wait(hours(120), hours(144), null), {
      action: 'Wipe it all off',
      note: 'Again if the wood stays dull anywhere. Then it cures five to seven days before the wax.',
    }),
    coatStep('wax', 'Rub in the hard wax', 'Waxed', wait(45, 60, null), {
      slot: 'paste',
      coat: 1,
      lies: 'thin',
      coatClass: 'wax-paste',
    }),
    buffStep('buff', wait(hours(24), hours(48), null)),
    lastCheck(),
  ],
};
