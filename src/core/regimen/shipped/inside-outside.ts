import type { RegimenStep, WrittenRegimen } from '../schema';
import { buffStep, coatStep, hours, lastCheck, sandStep, step, wait, wipeStep } from '../steps';

const OUT: RegimenStep['surfaces'] = ['underside', 'outside', 'foot'];
const IN: RegimenStep['surfaces'] = ['inside', 'rim'];

const build = (n: number, rest: RegimenStep['wait']) => [
  coatStep(
    `outside-${n}`,
    'Lay the varnish on the outside alone',
    'Laid on',
    wait(5, 8, 15),
    { slot: 'varnish', coat: n, lies: 'thin', coatClass: 'film' },
    { surfaces: OUT },
  ),
  wipeStep(`outside-wipe-${n}`, rest, { surfaces: OUT }),
];

const rub = (n: number, rest: RegimenStep['wait']) => [
  coatStep(
    `inside-${n}`,
    'Rub the oil-wax into the inside and over the rim',
    'Rubbed in',
    wait(20, 30, null),
    { slot: 'oilwax', coat: n, lies: 'thin', coatClass: 'oil-wax' },
    { surfaces: IN },
  ),
  buffStep(`inside-buff-${n}`, rest, { surfaces: IN }),
];

/** A built finish where hands are, oil and wax where food is. */
export const insideOutside: WrittenRegimen = {
  id: 'inside-outside',
  name: 'Inside oiled, outside built',
  school: 'two finishes on one piece, parted at the rim',
  gains: 'Wears outside like furniture; inside nothing but oil and wax.',
  costs: 'A line to keep clean at the rim; a film on the outside, so not for a mouth.',
  careClass: 'drying-oil-wax',
  knifeSurface: false,
  slots: [
    { slot: 'varnish', name: 'Varnish for the outside', wants: ['drying'], feel: 'any', roles: ['varnish'], hint: 'wiped on' },
    { slot: 'oilwax', name: 'Oil-wax for the inside', wants: ['drying'], feel: 'any', roles: ['oil-wax'], hint: 'fit for food' },
  ],
  steps: [
    sandStep(120),
    sandStep(220),
    step('turn', 'tape', 'Tape the rim', 'Taped', wait(0, 0, null), { perPieceMin: 1, place: 'bench' }),
    ...build(1, wait(hours(20), hours(24), null)),
    ...build(2, wait(hours(24), hours(48), null)),
    step('turn', 'untape', 'Take the tape off', 'Taken off', wait(0, 0, null), { place: 'bench' }),
    ...rub(1, wait(hours(24), hours(36), null)),
    ...rub(2, wait(hours(72), hours(120), null)),
    lastCheck(),
  ],
};
