import type { RoomUnit } from '@/core/piece';
import type { PlaceKind } from './schema';

/** How the room of each kind of place is counted; a bench is as long as the work on it. */
export const ROOM_UNITS: Readonly<Record<PlaceKind, RoomUnit | null>> = {
  bench: null,
  lathe: 'batches',
  rack: 'metres',
  bath: 'litres',
  sill: 'metres',
  'warm cabinet': 'metres',
};
