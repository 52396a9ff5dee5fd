import type { RegimenStep, WrittenRegimen } from '../schema';
import { buffStep, coatStep, hours, lastCheck, raiseGrain, step, wait, wipeStep } from '../steps';

const carry = (id: string, rest: RegimenStep['wait']) =>
  step('turn', id, 'Carry into the sun or the warm cabinet, 35 °C; turn it once', 'Carried in', rest, { place: 'warm cabinet' });

/** Thin drying coats hurried by sun or a warm cabinet. */
export const warmCure: WrittenRegimen = {
  id: 'warm-cure',
  name: 'Warm cure',
  school: 'thin drying oil hurried by sun or a warm cabinet',
  gains: 'Weeks become days.',
  costs: 'Must be turned, and at most 40 °C; nothing with solvent in it within a day, and no rag, goes in the cabinet.',
  careClass: 'drying-oil',
  knifeSurface: true,
  slots: [
    {
      slot: 'oil',
      name: 'Drying oil',
      wants: ['drying'],
      feel: 'liquid',
      roles: ['neat-oil'],
      hint: 'pure, no solvent: vapour in a warm cabinet catches fire',
    },
  ],
  steps: [
    ...raiseGrain(120, 220),
    coatStep('coat-1', 'Rub on a thin coat', 'Coated', wait(5, 10, null), {
      slot: 'oil',
      coat: 1,
      lies: 'thin',
      coatClass: 'thin-oil',
    }),
    wipeStep('wipe-1', wait(hours(12), hours(14), null), { note: 'The first night it lies in the room.' }),
    carry('turn', wait(hours(24), hours(36), null)),
    coatStep('coat-2', 'Rub on a thin coat', 'Coated', wait(5, 10, null), {
      slot: 'oil',
      coat: 2,
      lies: 'thin',
      coatClass: 'thin-oil',
    }),
    wipeStep('wipe-2', wait(hours(12), hours(14), null), { note: 'The first night it lies in the room.' }),
    carry('turn-2', wait(hours(48), hours(72), null)),
    buffStep('buff', wait(0, 0, null)),
    lastCheck(),
  ],
};
