import { buffStep, coatStep, hours, type RegimenStep, sandStep, step, wait, wipeStep } from '../regimen';

/** The ways back. */
export const WAYS = [
  'rewet',
  'pad-off',
  'rewet-spots',
  'smooth-and-oil',
  'recoat-face',
  'harden-and-recoat',
  'wipe-daily',
  'sand-again',
  'sand-out',
  'level-and-recoat',
  'clear-bloom',
  'sand-off',
] as const;
export type Way = (typeof WAYS)[number];

/** What the way back needs of the batch: the slot and class of the coat it mends, and how that lies. */
export type Mended = {
  readonly slot: string;
  readonly coatClass: NonNullable<RegimenStep['coatClass']>;
  readonly coat: number;
  /** The last grit before the first coat; what is smoothed is smoothed as fine. */
  readonly grit: number;
};

const again = (
  id: string,
  action: string,
  done: string,
  dwell: RegimenStep['wait'],
  { slot, coatClass, coat: n }: Mended,
): RegimenStep => coatStep(id, action, done, dwell, { slot, coatClass, coat: n + 1, lies: 'thin' });
const REST = wait(hours(12), hours(24), null);

const smooth = (grit: number, id: string): RegimenStep => ({
  ...sandStep(grit),
  id,
  action: `Sand with ${grit} along the grain, dust off`,
  done: 'Sanded',
});

/** The steps of each way back (practice.md, what goes wrong), each with its own windows. Waits are working estimates, minutes. */
export const WAY_STEPS: Readonly<Record<Way, (of: Mended) => readonly RegimenStep[]>> = {
  rewet: (of) => [
    again('rewet', 'Re-wet with the same oil and scrub', 'Re-wetted', wait(5, 10, 15), of),
    wipeStep('rewet-wipe', REST),
  ],
  'pad-off': (of) => [
    again('pad', 'Rub off with a fine pad and solvent-free oil', 'Rubbed off', wait(5, 10, 15), of),
    wipeStep('pad-wipe', REST),
  ],
  'rewet-spots': (of) => [again('spots', 'Re-wet the dry spots', 'Re-wetted', wait(5, 10, 20), of), wipeStep('spots-wipe', REST)],
  'smooth-and-oil': (of) => [
    { ...sandStep(of.grit), id: 'smooth', action: `Smooth with ${of.grit}, dust off`, done: 'Smoothed' },
    again('re-oil', 'Rub on a thin coat where it was smoothed', 'Re-oiled', wait(5, 10, 20), of),
    wipeStep('re-oil-wipe', REST),
  ],
  'recoat-face': (of) => [again('recoat', 'Recoat that face', 'Recoated', wait(5, 10, 20), of), wipeStep('recoat-wipe', REST)],
  'harden-and-recoat': (of) => [
    step('turn', 'harden', 'Set aside to harden', 'Set aside', wait(hours(24), hours(24), null), {
      perPieceMin: 0,
      place: 'rack',
    }),
    again('recoat', 'Rub on a thin coat', 'Recoated', wait(5, 10, 20), of),
    buffStep('recoat-buff', REST),
  ],
  'wipe-daily': () => [
    wipeStep('weep', wait(hours(12), hours(24), null), {
      action: 'Wipe in the warm; press clean paper on',
      done: 'Wiped',
      until: 'towel',
      expect: 2,
      againMin: hours(24),
      note: 'Daily until the paper stays clean.',
    }),
  ],
  'sand-again': (of) => [smooth(of.grit, 'again')],
  'sand-out': (of) => [
    smooth(120, 'coarse'),
    smooth(of.grit, 'fine'),
    again('re-oil', 'Rub on a thin coat where it was sanded', 'Re-oiled', wait(5, 10, 20), of),
    wipeStep('re-oil-wipe', REST),
  ],
  'level-and-recoat': (of) => [
    step('turn', 'harden', 'Set aside to harden', 'Set aside', wait(hours(24), hours(24), null), {
      perPieceMin: 0,
      place: 'rack',
    }),
    { ...smooth(320, 'level'), action: 'Level with 320 or a fine pad, dust off', done: 'Levelled' },
    again('recoat', 'Lay on one thin coat', 'Recoated', wait(5, 10, 20), of),
    wipeStep('recoat-wipe', REST),
  ],
  'clear-bloom': () => [
    step('turn', 'clear', 'Draw a pad with a few drops of spirit over it, once', 'Drawn over', wait(hours(2), hours(12), null), {
      place: 'rack',
      note: 'In dry, warm air. Moving air, no flame; it softens the film, so never go over it twice.',
    }),
  ],
  'sand-off': (of) => [
    step('turn', 'harden', 'Set aside until it can be sanded', 'Set aside', wait(hours(24), hours(48), null), {
      perPieceMin: 0,
      place: 'rack',
    }),
    { ...smooth(120, 'off'), action: 'Sand that face off to the wood with 120, dust off' },
    smooth(of.grit, 'fine'),
    again('anew', 'Lay on a thin coat', 'Recoated', wait(5, 10, 20), of),
    wipeStep('anew-wipe', REST),
  ],
};
