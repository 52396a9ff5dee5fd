import type { WrittenRegimen } from '../schema';
import { coatStep, hours, lastCheck, sandStep, step, wait } from '../steps';

const thin = (n: number, rest = wait(30, 45, null)) =>
  coatStep(`coat-${n}`, 'Lay on a thin coat, one stroke, no going back', 'Laid on', rest, {
    slot: 'resin',
    coat: n,
    lies: 'thin',
    coatClass: 'film',
  });

/** Resin in spirit and nothing else. */
export const resinAlone: WrittenRegimen = {
  id: 'resin-alone',
  name: 'Resin alone',
  school: 'resin in spirit, a film',
  gains: 'Dry within the hour; pale wood stays pale; mended with one more coat.',
  costs: 'Spirit, alcohol and heat mark it. A film: not under a knife.',
  careClass: 'film',
  knifeSurface: false,
  slots: [
    {
      slot: 'resin',
      name: 'Resin in spirit',
      wants: ['drying'],
      feel: 'any',
      roles: ['resin-seal'],
      hint: 'dewaxed, thin, of this year',
      repeat: { from: 2, to: 4, until: 'even-sheen' },
    },
  ],
  steps: [
    sandStep(180),
    sandStep(320),
    thin(1),
    thin(2),
    step('scuff', 'scuff', 'Smooth with a fine pad', 'Smoothed', wait(0, 0, null), { place: 'bench' }),
    thin(3, wait(hours(48), hours(48), null)),
    lastCheck(),
  ],
};
