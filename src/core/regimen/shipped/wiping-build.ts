import type { WrittenRegimen } from '../schema';
import { coatStep, hours, lastCheck, NONE, sandStep, step, wait, wipeStep } from '../steps';

const rub = (n: number) =>
  coatStep(`coat-${n}`, 'Wipe on', 'Wiped on', wait(5, 8, 15), { slot: 'varnish', coat: n, lies: 'flooded', coatClass: 'film' });

const scuff = (n: number) => step('scuff', `scuff-${n}`, 'Scuff with a fine pad', 'Scuffed', NONE, { place: 'bench' });

/** Oil and varnish wiped on; display and rims only. */
export const wipingBuild: WrittenRegimen = {
  id: 'wiping-build',
  name: 'Wiped-on build',
  school: 'oil and varnish, display and rims only',
  gains: 'Stands water rings and handling on show.',
  costs: 'A film: a knife chips it. Not for knife faces.',
  careClass: 'film',
  knifeSurface: false,
  slots: [
    { slot: 'varnish', name: 'Wiping finish', wants: ['drying'], feel: 'any', roles: ['varnish'], hint: 'oil and varnish' },
  ],
  steps: [
    sandStep(120),
    sandStep(220),
    rub(1),
    wipeStep('wipe-1', wait(hours(20), hours(24), null)),
    scuff(2),
    rub(2),
    wipeStep('wipe-2', wait(hours(20), hours(24), null)),
    scuff(3),
    rub(3),
    wipeStep('wipe-3', wait(hours(72), hours(168), null), { note: 'Until no smell is left.' }),
    lastCheck(),
  ],
};
