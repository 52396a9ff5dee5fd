import type { Surface } from '@/core/piece';
import { Regimen, type Written } from './schema';
import { buff, coat, hours, lastCheck, sand, wait, wipe } from './steps';

/** What a piece that comes home can have on a surface. */
export const MARKS = ['dull', 'stain', 'scar', 'burn', 'crack'] as const;
export type Mark = (typeof MARKS)[number];
export type Marked = { readonly surface: Surface; readonly mark: Mark };

/** The grit a mark is taken out from; a crack is not sanded. Source: practice.md, 8 (sand 240 or finer for scars) and working estimates for deeper ones. */
const FROM_GRIT: Readonly<Record<Mark, number | null>> = { dull: 240, stain: 180, scar: 120, burn: 120, crack: null };
const GRITS = [120, 180, 240] as const;

/** The grits of the sanding plan, coarse to fine: from what the deepest mark wants, none left out between. */
export function sandingPlan(marks: readonly Marked[]): readonly number[] {
  const from = Math.min(240, ...marks.flatMap(({ mark }) => FROM_GRIT[mark] ?? []));
  return GRITS.filter((grit) => grit >= from);
}

/** Steps of a restoration that this piece does not need, by id: coarser sandings than its marks ask for. */
export const notNeeded = (marks: readonly Marked[]): readonly string[] =>
  GRITS.filter((grit) => grit < 240 && !sandingPlan(marks).includes(grit)).map((grit) => `sand-${grit}`);

const sanding = [
  sand(120, wait(0, 0, null), { optional: true, note: 'Where it was scarred or burnt. By hand only over engraving.' }),
  sand(180, wait(0, 0, null), { optional: true }),
  sand(240, wait(0, 0, null), { action: 'Sand to 240 with the grain, dust off', note: 'Keep the marks that are character.' }),
];

/** A piece that comes home and whose finish never dries. */
const restoreNever: Written = {
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
    coat('flood-1', 'Flood, keep it wet', 'Flooded', wait(20, 30, null), {
      slot: 'oil',
      coat: 1,
      lies: 'flooded',
      coatClass: 'flood-oil',
    }),
    wipe('wipe-1', wait(30, 60, null)),
    coat('flood-2', 'Flood again', 'Flooded', wait(20, 30, null), {
      slot: 'oil',
      coat: 2,
      lies: 'flooded',
      coatClass: 'flood-oil',
    }),
    wipe('wipe-2', wait(hours(24), hours(24), null)),
    lastCheck(),
  ],
};

/** A piece that comes home and whose finish dries. */
const restoreDrying: Written = {
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
    coat('coat-1', 'Rub on a thin coat', 'Coated', wait(5, 10, null), {
      slot: 'oil',
      coat: 1,
      lies: 'thin',
      coatClass: 'thin-oil',
    }),
    wipe('wipe-1', wait(hours(24), hours(24), null)),
    coat('coat-2', 'Rub on a thin coat', 'Coated', wait(5, 10, null), {
      slot: 'oil',
      coat: 2,
      lies: 'thin',
      coatClass: 'thin-oil',
    }),
    wipe('wipe-2', wait(hours(72), hours(120), null)),
    buff('buff', wait(0, 0, null)),
    lastCheck(),
  ],
};

/** Regimens for pieces that come home; no schools of their own. */
export const RESTORATIONS: readonly Regimen[] = [restoreNever, restoreDrying].map((regimen) => Regimen.parse(regimen));
export const isRestoration = (id: string): boolean => RESTORATIONS.some((regimen) => regimen.id === id);
