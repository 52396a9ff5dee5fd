import type { RoomUnit } from '@/core/piece';
import { MS_PER_HOUR } from '@/core/quantity';
import type { PlaceHazard, PlaceKind } from './schema';

/** How the room of each kind of place is counted; a bench is as long as the work on it. */
export const ROOM_UNITS: Readonly<Record<PlaceKind, RoomUnit | null>> = {
  bench: null,
  lathe: 'batches',
  rack: 'metres',
  bath: 'litres',
  sill: 'metres',
  'warm cabinet': 'metres',
  elsewhere: null,
};

/** A warm cabinet takes nothing with vapour within so many hours of its last wet step, and is no warmer than this, °C. Source: house rule; its heater lights vapour. */
export const CABINET = { afterWetHours: 24, atMostC: 40 } as const;

/** What may stand in a warm cabinet or by a flame at a moment: why not, or null. */
export type CabinetFault = 'vapour' | 'too-hot';

/** Where vapour lights: a warm cabinet by its heater, and any place with a flame or a stove. */
export const lightsVapour = ({
  kind,
  hazards,
}: {
  readonly kind: PlaceKind;
  readonly hazards: readonly PlaceHazard[];
}): boolean => kind === 'warm cabinet' || hazards.includes('flame') || hazards.includes('heat');

/**
 * Why work may not stand in a warm cabinet; the one rule that regimens, plans, moves and what-if ask.
 * @param vapourWetMs when it was last wet with something that gives off vapour; null when it never was
 * @param cabinetC how warm it is there; null when not known
 */
export function cabinetFault(vapourWetMs: number | null, atMs: number, cabinetC: number | null): CabinetFault | null {
  if (vapourWetMs !== null && atMs < vapourWetMs + CABINET.afterWetHours * MS_PER_HOUR) return 'vapour';
  return cabinetC !== null && cabinetC > CABINET.atMostC ? 'too-hot' : null;
}
