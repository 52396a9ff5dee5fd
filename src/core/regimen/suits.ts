import type { Blend } from '@/core/blend';
import type { Role } from '@/core/material';
import { fail, ok, type Result } from '@/core/quantity';
import { PASTE_FROM, PASTE_UP_TO, POURED_BELOW, rolesFor } from './roles';
import type { RegimenStep, Slot } from './schema';

const feels = ({ feel }: Slot, waxEquivalent: number): boolean =>
  feel === 'any' ||
  (feel === 'liquid' ? waxEquivalent < POURED_BELOW : waxEquivalent >= PASTE_FROM && waxEquivalent < PASTE_UP_TO);

/** What a slot asks of a material: what it is, how it sets and feels, the hours it needs to be fit (null where it never is), a hold on it. */
export type Material = Pick<Blend, 'drying' | 'waxEquivalent'> & {
  readonly roles: readonly Role[];
  readonly a0Hours: number | null;
  /** Mixed with its hardener already: it sets within the hour. */
  readonly setsInTin: boolean;
};

/**
 * Whether a material suits a slot of a regimen: it is of a family the slot takes, dries or never dries as wanted, does not stay tacky, feels
 * as it must, and sets as quickly as the regimen counts on.
 */
export function suits(
  slot: Slot,
  { roles, drying, waxEquivalent, a0Hours, setsInTin }: Material,
  name: string,
  steps: readonly RegimenStep[],
): Result<void> {
  const path = `materials.${slot.slot}`;
  const takes = rolesFor(slot, steps);
  if (!roles.some((role) => takes.includes(role)))
    return fail('wrong-role', path, { name, takes: takes.join(' '), is: roles.join(' ') });
  if (setsInTin && slot.adds.length === 0) return fail('sets-in-tin', path, { name });
  if (drying === 'mixed') return fail('stays-tacky', path, { name });
  if (!slot.wants.includes(drying)) return fail('wrong-drying', path, { name, wants: slot.wants.join(' or ') });
  if (!feels(slot, waxEquivalent)) return fail('wrong-feel', path, { name, feel: slot.feel });
  if (slot.quickHours !== null && (a0Hours === null || a0Hours > slot.quickHours))
    return fail('too-slow', path, { name, most: slot.quickHours });
  return ok(undefined);
}

/** Why nothing in the stores suits a slot. */
export type WhyNone = 'none-in-stock' | 'all-held' | 'wrong-role' | 'wrong-kind';

type Shelved = Material & { readonly number: string; readonly held: boolean };

/** The lots that suit a slot, and, where none does, why: nothing of that family stands there, all of it is held, or it is of another kind. */
export function offerFor<L extends Shelved>(
  slot: Slot,
  lots: readonly L[],
  steps: readonly RegimenStep[],
): { readonly lots: readonly L[]; readonly why: WhyNone | null } {
  const judged = lots.map((lot) => ({ lot, fits: suits(slot, lot, lot.number, steps) }));
  const fitting = judged.filter(({ fits }) => fits.ok).map(({ lot }) => lot);
  const free = fitting.filter((lot) => !lot.held);
  if (free.length > 0) return { lots: free, why: null };
  if (fitting.length > 0) return { lots: [], why: 'all-held' };
  if (lots.length === 0) return { lots: [], why: 'none-in-stock' };
  const isRole = judged.some(({ fits }) => !fits.ok && fits.issues.some((issue) => issue.code !== 'wrong-role'));
  return { lots: [], why: isRole ? 'wrong-kind' : 'wrong-role' };
}
