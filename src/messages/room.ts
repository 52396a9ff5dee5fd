import type { Task, TooCold } from '@/core/batch';
import { type Reads, say, sayMinutes } from '@/core/quantity';

/** A wait that differs by less is the same to a hand. */
const SAID_FROM = 0.2;

/** How a wait differs from the written one in its room; empty where it hardly does. */
export function roomWords({ room }: Pick<Task, 'room'>, reads: Reads): string {
  if (!room) return '';
  const { wait } = room;
  const air = `at ${say(room.air.tempC, '°C', reads)} and ${say(room.air.rh, 'fraction', reads)}`;
  if (room.advise === 'too-fast')
    return `Too warm here for hands ${air}: it closes before it may be done. Do it somewhere cooler, or fewer pieces at a time.`;
  const damp =
    room.advise === 'too-damp'
      ? `Too damp here ${air}: shellac turns white above 65 %. Do it somewhere drier, or wait for a dry day. `
      : '';
  const differs = (now: number | null, base: number | null): boolean =>
    now !== null && base !== null && base > 0 && Math.abs(now / base - 1) >= SAID_FROM;
  const parts = [
    differs(wait.min, room.base.min) ? `at least ${sayMinutes(wait.min)}, not ${sayMinutes(room.base.min)}` : '',
    differs(wait.max, room.base.max) ? `at most ${sayMinutes(wait.max ?? 0)}, not ${sayMinutes(room.base.max ?? 0)}` : '',
  ].filter(Boolean);
  return `${damp}${parts.length > 0 ? `In this room, ${air}: ${parts.join('; ')}.` : ''}`.trim();
}

/** It is too cold for the next coat: what to do instead. */
export const tooColdWords = ({ air, fromMs }: TooCold, sayDay: (ms: number) => string, reads: Reads): string =>
  `Too cold for this coat: ${say(air.tempC, '°C', reads)} where it will stand, and it would wait more than three times as long. ${
    fromMs === null ? 'Warm the place first.' : `Warm the place, or wait until ${sayDay(fromMs)}.`
  }`;
