import 'server-only';
import { formatInstant } from '@/core/quantity';
import { guessesAt } from '@/data/door/guesses';

/** Wrong passcodes of the last quarter of an hour, as the shop's screens say them. */
export const wrongLately = (nowMs: number, zone: string) => {
  const guesses = guessesAt('passcode');
  const wall = Date.now();
  const clock = (ms: number): string => formatInstant(nowMs + ms - wall, zone).slice(11, 16);
  return guesses.lately(wall).map(({ address, wrong, lastMs }) => {
    const until = guesses.lockedUntil(address, wall);
    return { address, wrong, last: clock(lastMs), until: until === null ? null : clock(until) };
  });
};
