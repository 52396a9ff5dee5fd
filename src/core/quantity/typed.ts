import { fail, ok, type Result } from './issue';

/** The most letters anything typed as an amount, a time or a list of sizes may have: looked at before any pattern is. */
export const MOST_TYPED = 200;

/** Typed text as the patterns expect it: not too long, runs of spaces of any kind as one, so that none of them is worse than linear. */
export function typedText(text: string): Result<string> {
  return text.length > MOST_TYPED
    ? fail('too-long', '', { most: MOST_TYPED, letters: text.length })
    : ok(text.replace(/\s+/g, ' ').trim());
}
