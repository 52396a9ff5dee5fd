import type { PieceUse } from '@/core/material';
import { type Geometry, type Surface, shapeOf, surfacesOf } from '@/core/piece';
import { meetsFood } from './gates/piece';

/** Uses in which no surface is safe from a mouth. */
const ALL_OVER: readonly PieceUse[] = ['mouth', 'toy'];

/** The surfaces that only hands and tables meet; of what one is about the size of, its own; of parts and what has no shape, none. */
function offFood(piece: Geometry): readonly Surface[] {
  const one = piece.shape === 'like' ? piece.of : piece;
  return one.shape === 'parts' || one.shape === 'unknown' ? [] : shapeOf(one).offFood(one);
}

/** The surfaces of a piece that meet what it is for: of a bowl its inside and rim; of what goes into a mouth, all of it. */
export function surfacesMeeting(piece: Geometry, uses: readonly PieceUse[]): readonly Surface[] {
  const all = surfacesOf(piece);
  if (!meetsFood(uses) || ALL_OVER.some((use) => uses.includes(use))) return all;
  const off = offFood(piece);
  return all.filter((surface) => !off.includes(surface));
}

type Treats = { readonly slot: string | null; readonly surfaces: readonly Surface[] };

/** Whether any of a regimen's steps treats some surfaces and not others. */
export const isBySurface = (steps: readonly Treats[]): boolean => steps.some((step) => step.surfaces.length > 0);

/** Whether what a slot lays on lies where a piece meets its use; with no step of its own it lies everywhere. */
export function slotMeets(piece: Geometry, uses: readonly PieceUse[], steps: readonly Treats[], slot: string): boolean {
  const own = steps.filter((step) => step.slot === slot);
  if (own.length === 0 || own.some((step) => step.surfaces.length === 0)) return true;
  const meeting = surfacesMeeting(piece, uses);
  return own.some((step) => step.surfaces.some((surface) => meeting.includes(surface)));
}

/** The surfaces each slot is laid on, in the order its steps name them; none named: all of the piece. */
export function whereSlotLies(piece: Geometry, steps: readonly Treats[], slot: string): readonly Surface[] {
  const own = steps.filter((step) => step.slot === slot);
  const all = surfacesOf(piece);
  if (own.some((step) => step.surfaces.length === 0)) return all;
  return all.filter((surface) => own.some((step) => step.surfaces.includes(surface)));
}

/** Steps that name only surfaces a piece does not have: nothing would be done there. */
export const withoutSurface = <S extends Treats>(piece: Geometry, steps: readonly S[]): S[] => {
  const all = surfacesOf(piece);
  return steps.filter((step) => step.surfaces.length > 0 && !step.surfaces.some((surface) => all.includes(surface)));
};
