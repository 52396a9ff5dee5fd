import { fail, ok, type Result } from './issue';

/** The most letters anything typed as an amount, a time or a list of sizes may have: looked at before any pattern is. */
export const MOST_TYPED = 200;

/** A text without some letters at its end, as many as there are: `withoutEnd('a//', '/')` → `a`. */
export function withoutEnd(text: string, letters: string): string {
  let end = text.length;
  while (end > 0 && letters.includes(text.charAt(end - 1))) end--;
  return text.slice(0, end);
}

/** Typed text as the patterns expect it: not too long, runs of spaces of any kind as one, so that none of them is worse than linear. */
export function typedText(text: string): Result<string> {
  return text.length > MOST_TYPED
    ? fail('too-long', '', { most: MOST_TYPED, letters: text.length })
    : ok(text.replace(/\s+/g, ' ').trim());
}
