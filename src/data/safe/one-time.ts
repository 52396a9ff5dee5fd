import 'server-only';
import { randomBytes } from 'node:crypto';

/** A token opens once, and only so long, ms. */
const OPENS_MS = 2 * 60_000;
const MOST_OPEN = 20;

const held = globalThis as { rendleTokens?: Map<string, number> };

/** A token for one carrying away of the whole shop, given to the page that asks for it. */
export function newToken(nowMs: number): string {
  held.rendleTokens ??= new Map();
  for (const [token, until] of held.rendleTokens) if (until <= nowMs) held.rendleTokens.delete(token);
  if (held.rendleTokens.size >= MOST_OPEN) held.rendleTokens.delete([...held.rendleTokens.keys()][0] ?? '');
  const token = randomBytes(24).toString('base64url');
  held.rendleTokens.set(token, nowMs + OPENS_MS);
  return token;
}

/** Whether a token opens; it never does again. */
export function useToken(token: string, nowMs: number): boolean {
  const until = held.rendleTokens?.get(token);
  held.rendleTokens?.delete(token);
  return until !== undefined && until > nowMs;
}
