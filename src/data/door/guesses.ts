import 'server-only';
import { MS_PER_MINUTE } from '@/core/quantity';

/** So many wrong words from one address, or from all together, within the span lock them out for as long. */
export const MOST_WRONG = { address: 10, all: 40 } as const;
export const LOCK_MS = 15 * MS_PER_MINUTE;
const FIRST_WAIT_MS = 500;
const LONGEST_WAIT_MS = 8000;
/** Addresses that are remembered; the oldest go. A flood of addresses is held by the lock of all. */
const MOST_KEPT = 1000;

/** One try at a guarded word: when, and from where. It counts as wrong until it turned out right. */
export type Guess = { readonly at: number; readonly address: string };

/** Wrong words of the last quarter of an hour, in memory: whoever can start the shop anew needs no guess. */
export class Guesses {
  #tries: Guess[] = [];

  #recent(nowMs: number): readonly Guess[] {
    this.#tries = this.#tries.filter(({ at }) => at > nowMs - LOCK_MS && at <= nowMs).slice(-MOST_KEPT);
    return this.#tries;
  }

  /** Until when strangers of an address are locked out, ms; null where they may try. Devices that are in never come here. */
  lockedUntil(address: string, nowMs: number): number | null {
    const recent = this.#recent(nowMs);
    const own = recent.filter((one) => one.address === address);
    const until = (tries: readonly Guess[], most: number): number =>
      tries.length < most ? 0 : (tries[tries.length - most]?.at ?? 0) + LOCK_MS;
    const end = Math.max(until(own, MOST_WRONG.address), until(recent, MOST_WRONG.all));
    return end > nowMs ? end : null;
  }

  /** Counts a try before its word is looked at, so that many at once count too. Gives how long a wrong one waits, ms, and how to take it back. */
  begin(address: string, nowMs: number): { readonly waitMs: number; readonly right: () => void } {
    const guess = { at: nowMs, address };
    const before = this.#recent(nowMs).filter((one) => one.address === address).length;
    this.#tries.push(guess);
    return {
      waitMs: Math.min(LONGEST_WAIT_MS, FIRST_WAIT_MS * 2 ** before),
      right: () => {
        // A right word clears its address: the tablet that was typed wrong twice starts afresh.
        this.#tries = this.#tries.filter((one) => one !== guess && one.address !== address);
      },
    };
  }

  /** Addresses with wrong words lately, for the shop's own screen. */
  lately(nowMs: number): readonly { readonly address: string; readonly wrong: number; readonly lastMs: number }[] {
    const by = new Map<string, { address: string; wrong: number; lastMs: number }>();
    for (const { address, at } of this.#recent(nowMs)) {
      const row = by.get(address) ?? { address, wrong: 0, lastMs: 0 };
      by.set(address, { address, wrong: row.wrong + 1, lastMs: Math.max(row.lastMs, at) });
    }
    return [...by.values()].sort((a, b) => b.wrong - a.wrong);
  }
}

const held = globalThis as { rendleGuesses?: Record<'passcode' | 'code', Guesses> };

/** Guesses at the passcode, and at the codes of pieces: each counted by itself, in one place for the whole process. */
export function guessesAt(what: 'passcode' | 'code'): Guesses {
  held.rendleGuesses ??= { passcode: new Guesses(), code: new Guesses() };
  return held.rendleGuesses[what];
}
