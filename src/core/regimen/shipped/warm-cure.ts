import type { Regimen } from '../schema';
import { buff, coat, hours, lastCheck, raiseGrain, step, wait, wipe } from '../steps';

/** Thin drying coats hurried by sun or a warm cabinet. */
export const warmCure: Regimen = {
  id: 'warm-cure',
  name: 'Warm cure',
  school: 'thin drying oil hurried by sun or a warm cabinet',
  gains: 'Weeks become days.',
  costs: 'Must be turned; nothing wet with solvent and no rag goes in the cabinet.',
  careClass: 'drying-oil',
  knifeSurface: true,
  slots: [{ slot: 'oil', name: 'Drying oil', wants: ['drying'], feel: 'liquid', hint: 'pure, no solvent' }],
  steps: [
    ...raiseGrain(120, 220),
    coat('coat-1', 'Rub on a thin coat', 'Coated', wait(5, 10, 20), {
      slot: 'oil',
      coat: 1,
      lies: 'thin',
      coatClass: 'thin-oil',
    }),
    wipe('wipe-1', wait(hours(12), hours(24), hours(48)), { place: 'warm cabinet' }),
    step('turn', 'turn', 'Turn in the warm', 'Turned', wait(hours(12), hours(24), hours(48)), { place: 'warm cabinet' }),
    coat('coat-2', 'Rub on a thin coat', 'Coated', wait(5, 10, 20), {
      slot: 'oil',
      coat: 2,
      lies: 'thin',
      coatClass: 'thin-oil',
    }),
    wipe('wipe-2', wait(hours(48), hours(72), null), { place: 'warm cabinet' }),
    buff('buff', wait(0, 0, null)),
    lastCheck(),
  ],
};
