import { type Climate, type CureMode, type Governed, type Governs, inRoom, type RoomWait } from '@/core/cure';
import type { Wait } from '@/core/plan';
import { endsCoat, laysCoat } from './kinds';
import type { RegimenStep } from './schema';

/** The air that a step's wait will lie in; null where nobody can say. */
export type RoomOf = (step: Pick<RegimenStep, 'id'>, wait: Wait) => Climate | null;

const BY_MODE: Readonly<Record<CureMode, Governs>> = { oxidise: 'oxidation', settle: 'soak', evaporate: 'evaporation' };
const NOTHING: Governed = { min: 'none', max: 'none' };

/** What of a material matters to the room: how it sets; null where nothing is known of it. */
type Sets = { readonly sets?: CureMode | null } | undefined;

/** Whether a coat's wait is a dwell that the next step ends. */
export const isDwell = (step: RegimenStep, next: RegimenStep | undefined): boolean =>
  laysCoat(step) && next !== undefined && endsCoat(next) && step.lies !== null;

/**
 * What governs a step's wait: its own word, or its kind's. A wetted grain dries; a dwell soaks in, and gels where its oil dries; a rest on
 * a coat goes by how that coat sets. Before any coat, and where the material is not known, nothing does.
 * @param slot the material that was laid on last
 */
export function governsOf(step: RegimenStep, next: RegimenStep | undefined, material: Sets): Governed {
  if (step.governs) return step.governs;
  if (step.kind === 'wet') return { min: 'water', max: 'none' };
  const sets = material?.sets ?? null;
  if (sets === null) return NOTHING;
  if (isDwell(step, next)) return { min: 'soak', max: sets === 'oxidise' ? 'gel' : 'none' };
  return { min: BY_MODE[sets], max: BY_MODE[sets] };
}

/** A rest that a label asks for is never undercut where the room hurries. Its dwell follows the room as any does: the least as it soaks in, the longest as it gels. */
function asTheLabelAllows(wait: Wait, room: RoomWait): RoomWait {
  if (room.max !== null) return room;
  const min = Math.max(wait.min, room.min);
  return { ...room, min, ideal: Math.max(min, room.ideal) };
}

/** A wait as its room makes it; as it was where nothing governs it or nothing lies in it. */
export function waitInRoom(wait: Wait, governs: Governed, climate: Climate | null, byLabel: boolean): RoomWait | null {
  if (climate === null || (governs.min === 'none' && governs.max === 'none')) return null;
  if (wait.ideal === 0 && wait.max === null) return null;
  const room = inRoom(wait, governs, climate);
  return byLabel ? asTheLabelAllows(wait, room) : room;
}
