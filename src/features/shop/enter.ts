'use server';

import { cookies } from 'next/headers';
import { redirect } from 'next/navigation';
import { isPasscode, PASS_COOKIE, passToken } from '@/data/lan';

const YEAR_S = 365 * 24 * 3600;
/** A wrong passcode waits this long before it is told, so that none can be guessed quickly. */
const WRONG_WAITS_MS = 1500;

/** Lets a device in that knows the passcode. */
export async function enter(_: string, form: FormData): Promise<string> {
  const typed = String(form.get('passcode') ?? '');
  if (!isPasscode(typed)) {
    await new Promise((resolve) => setTimeout(resolve, WRONG_WAITS_MS));
    return 'That is not the passcode. Ask who opened the shop, and type it again.';
  }
  (await cookies()).set(PASS_COOKIE, passToken(typed), { maxAge: YEAR_S, httpOnly: true, sameSite: 'lax', path: '/' });
  redirect('/');
}
