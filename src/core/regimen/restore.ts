import type { Surface } from '@/core/piece';
import { Regimen, type WrittenRegimen } from './schema';
import { buffStep, coatStep, hours, lastCheck, sandStep, step, wait, wipeStep } from './steps';

/** What a piece that comes home can have on a surface. */
export const MARKS = [
  'dull',
  'stain',
  'scar',
  'burn',
  'crack',
  'mould',
  'warp',
  'smell',
  'sticky',
  'open-joint',
  'film-worn',
  'old-paint',
] as const;
export type Mark = (typeof MARKS)[number];
export type Marked = { readonly surface: Surface; readonly mark: Mark };

/**
 * The grit a mark is taken out from. A crack, a warp, a smell, an open joint and what is still sticky are not sanded; old paint never is, dry: it may hold lead. Source: practice.md, 8
 * (sand 240 or finer for scars) and working estimates for deeper ones.
 */
const FROM_GRIT: Readonly<Record<Mark, number | null>> = {
  dull: 240,
  stain: 180,
  scar: 120,
  burn: 120,
  crack: null,
  mould: 180,
  warp: null,
  smell: null,
  sticky: null,
  'open-joint': null,
  'film-worn': 240,
  'old-paint': null,
};
const GRITS = [120, 180, 240, 320, 400] as const;
/** Where a sanding ends of which nobody knows how it was sanded before. Source: practice.md, 8. */
const USUAL_LAST = 240;

/** How a piece that comes home is sanded: the last grit it had, null where nobody knows; and whether it is sanded at all. */
export type Sanding = { readonly last: number | null; readonly sands: boolean };
const UNKNOWN: Sanding = { last: null, sands: true };

/** The grits of the sanding plan, coarse to fine: from what the deepest mark wants to how it was sanded last, none left out between; none where it is only washed. */
export function sandingPlan(marks: readonly Marked[], { last, sands }: Sanding = UNKNOWN): readonly number[] {
  if (!sands) return [];
  const until = GRITS.find((grit) => grit >= (last ?? USUAL_LAST)) ?? 400;
  const from = Math.min(until, ...marks.flatMap(({ mark }) => FROM_GRIT[mark] ?? []));
  return GRITS.filter((grit) => grit >= from && grit <= until);
}

/** Steps of a restoration that this piece does not need, by id: sandings coarser than its marks ask for, or finer than it had. */
export const notNeeded = (marks: readonly Marked[], sanding: Sanding = UNKNOWN): readonly string[] =>
  GRITS.filter((grit) => !sandingPlan(marks, sanding).includes(grit)).map((grit) => `sand-${grit}`);

/** The grits that are left of a restoration's sandings. */
export const gritsOf = (
  steps: readonly { readonly id: string; readonly grit?: number | undefined }[],
  leftOut: readonly string[],
): readonly number[] => GRITS.filter((grit) => steps.some((step) => step.grit === grit && !leftOut.includes(step.id)));

const NOW = wait(0, 0, null);
const sanding = [
  sandStep(120, NOW, { optional: true, note: 'Where it was scarred or burnt. By hand only over engraving.' }),
  sandStep(180, NOW, { optional: true }),
  sandStep(240, NOW, {
    optional: true,
    action: 'Sand to 240 with the grain, dust off',
    note: 'Keep the marks that are character.',
  }),
  sandStep(320, NOW, { optional: true, note: 'It was sanded as fine before.' }),
  sandStep(400, NOW, { optional: true, note: 'It was sanded as fine before.' }),
];

/** A piece that comes home and whose finish never dries. */
const restoreNever: WrittenRegimen = {
  id: 'restore-never',
  name: 'Restoration, never-drying oil',
  school: 'sand out, re-oil, settle',
  gains: 'Ready in days; the owner goes on as before.',
  costs: 'Scars deeper than a millimetre stay.',
  careClass: 'never-dry',
  knifeSurface: true,
  slots: [
    {
      slot: 'oil',
      name: 'Never-drying oil',
      wants: ['never'],
      feel: 'any',
      roles: ['neat-oil', 'oil-wax', 'paste'],
      hint: 'as it was finished with before',
    },
  ],
  steps: [
    ...sanding,
    coatStep('flood-1', 'Flood, keep it wet', 'Flooded', wait(20, 30, null), {
      slot: 'oil',
      coat: 1,
      lies: 'flooded',
      coatClass: 'flood-oil',
    }),
    wipeStep('wipe-1', wait(30, 60, null)),
    coatStep('flood-2', 'Flood again', 'Flooded', wait(20, 30, null), {
      slot: 'oil',
      coat: 2,
      lies: 'flooded',
      coatClass: 'flood-oil',
    }),
    wipeStep('wipe-2', wait(hours(24), hours(24), null)),
    lastCheck(),
  ],
};

/** A piece that comes home and whose finish dries. */
const restoreDrying: WrittenRegimen = {
  id: 'restore-drying',
  name: 'Restoration, drying oil',
  school: 'sand out, two thin coats, cure',
  gains: 'As lasting as new.',
  costs: 'A week or more away from its owner; rags can catch fire.',
  careClass: 'drying-oil',
  knifeSurface: true,
  slots: [
    {
      slot: 'oil',
      name: 'Drying oil',
      wants: ['drying'],
      feel: 'any',
      roles: ['neat-oil', 'thinned-oil', 'oil-wax', 'hard-wax-oil'],
      hint: 'as it was finished with before',
    },
  ],
  steps: [
    ...sanding,
    coatStep('coat-1', 'Rub on a thin coat', 'Coated', wait(5, 10, null), {
      slot: 'oil',
      coat: 1,
      lies: 'thin',
      coatClass: 'thin-oil',
    }),
    wipeStep('wipe-1', wait(hours(24), hours(24), null)),
    coatStep('coat-2', 'Rub on a thin coat', 'Coated', wait(5, 10, null), {
      slot: 'oil',
      coat: 2,
      lies: 'thin',
      coatClass: 'thin-oil',
    }),
    wipeStep('wipe-2', wait(hours(72), hours(120), null)),
    buffStep('buff', wait(0, 0, null)),
    lastCheck(),
  ],
};

/** A film that is past mending: off to the wood, and an oil in its place. */
const filmOff: WrittenRegimen = {
  ...restoreDrying,
  id: 'restore-film-off',
  name: 'Film off, then oil',
  school: 'sand the old film off to the wood, oil instead',
  gains: 'Nothing peels any more; its owner can renew it.',
  costs: 'Hours of sanding, dust of the old film; what it was is gone.',
  steps: [
    sandStep(120, wait(0, 0, null), {
      action: 'Sand the film off to the wood with 120',
      note: 'Mask and extraction. Not what may be old paint: that may hold lead, and is never sanded dry.',
    }),
    sandStep(180),
    sandStep(240, wait(0, 0, null), { action: 'Sand to 240 with the grain, dust off' }),
    ...(restoreDrying.steps ?? []).slice(sanding.length),
  ],
};

/** A film that still holds: dulled, and one or two thin coats of the same over it. */
const filmOver: WrittenRegimen = {
  id: 'restore-film-over',
  name: 'Scuff the film and recoat',
  school: 'the old film holds: dull it, recoat with the same',
  gains: 'An afternoon; it looks as new.',
  costs: 'Holds only on what it is like: try a hidden spot. A film: not under a knife.',
  careClass: 'film',
  knifeSurface: false,
  slots: [
    {
      slot: 'oil',
      name: 'The same resin or varnish',
      wants: ['drying'],
      feel: 'any',
      roles: ['resin-seal', 'varnish', 'polish'],
      hint: 'as it was finished with before',
    },
  ],
  steps: [
    step(
      'inspect',
      'hidden-spot',
      'Try a hidden spot: scuff, one coat, scratch it when dry',
      'Tried',
      wait(hours(12), hours(24), null),
      {
        place: 'bench',
        note: 'Where it peels or crawls it does not hold on what is there: take the film off instead.',
      },
    ),
    step('scuff', 'dull', 'Dull it all over with a fine pad, wipe the dust off', 'Dulled', wait(0, 0, null), { place: 'bench' }),
    coatStep('coat-1', 'Lay on a thin coat', 'Laid on', wait(45, 60, null), {
      slot: 'oil',
      coat: 1,
      lies: 'thin',
      coatClass: 'film',
    }),
    coatStep('coat-2', 'Lay on a thin coat', 'Laid on', wait(hours(48), hours(72), null), {
      slot: 'oil',
      coat: 2,
      lies: 'thin',
      coatClass: 'film',
    }),
    lastCheck(),
  ],
};

/** Regimens for pieces that come home; no schools of their own. */
export const RESTORATIONS: readonly Regimen[] = [restoreNever, restoreDrying, filmOff, filmOver].map((regimen) =>
  Regimen.parse(regimen),
);
export const isRestoration = (id: string): boolean => RESTORATIONS.some((regimen) => regimen.id === id);
