import type { RegimenStep, WrittenRegimen } from '../schema';
import { buffStep, coatStep, hours, lastCheck, raiseGrain, wait, wipeStep } from '../steps';

const DAY = hours(24);
/** Days from each coat to the next: once a day for a week, once a week for a month, once a month for a quarter. */
const GAPS_DAYS = [1, 1, 1, 1, 1, 1, 7, 7, 7, 7, 30, 30, 30] as const;

const coats = GAPS_DAYS.flatMap((days, i): RegimenStep[] => [
  coatStep(`coat-${i + 1}`, 'Rub on a thin coat, neat', 'Coated', wait(5, 10, null), {
    slot: 'oil',
    coat: i + 1,
    lies: 'thin',
    coatClass: 'thin-oil',
  }),
  // The long gaps are the school's own patience; no cold shop doubles them.
  wipeStep(
    `wipe-${i + 1}`,
    wait(Math.min(days, 7) * DAY, days * DAY, null),
    days > 1 ? { governs: { min: 'none', max: 'none' } } : {},
  ),
]);

/** Raw oil and long patience. */
export const weekMonth: WrittenRegimen = {
  id: 'week-month',
  name: 'Week, month, quarter',
  school: 'raw oil, long patience',
  gains: 'No driers, no solvent; a depth that nothing quick gives.',
  costs: 'Four months, thirteen coats, cloths that can catch fire after each.',
  careClass: 'drying-oil',
  knifeSurface: true,
  slots: [
    {
      slot: 'oil',
      name: 'Raw drying oil',
      wants: ['drying'],
      feel: 'liquid',
      roles: ['neat-oil'],
      hint: 'raw and neat',
      repeat: { from: 7, to: 13, until: 'even-sheen' },
    },
  ],
  steps: [...raiseGrain(120, 220), ...coats, buffStep('buff', wait(0, 0, null)), lastCheck()],
};
