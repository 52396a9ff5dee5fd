import type { Blend } from '@/core/blend';
import { fail, ok, type Result } from '@/core/quantity';
import type { Slot } from './schema';

/** Wax equivalent up to which a material is poured, and past which it is no paste any more. Source: the bands of feel (blend/feel). */
export const POURED_BELOW = 0.14;
export const PASTE_UP_TO = 0.85;

const feels = ({ feel }: Slot, waxEquivalent: number): boolean =>
  feel === 'any' || (feel === 'liquid' ? waxEquivalent < POURED_BELOW : waxEquivalent >= 0.06 && waxEquivalent < PASTE_UP_TO);

/** Whether a material suits a slot of a regimen: it dries or never dries as wanted, does not stay tacky, and feels as it must. */
export function suits(slot: Slot, nature: Pick<Blend, 'drying' | 'waxEquivalent'>, name: string): Result<void> {
  const path = `materials.${slot.slot}`;
  if (nature.drying === 'mixed') return fail('stays-tacky', path, { name });
  if (!slot.wants.includes(nature.drying)) return fail('wrong-drying', path, { name, wants: slot.wants.join(' or ') });
  if (!feels(slot, nature.waxEquivalent)) return fail('wrong-feel', path, { name, feel: slot.feel });
  return ok(undefined);
}
