'use server';

import { revalidatePath } from 'next/cache';
import { cookies } from 'next/headers';
import { z } from 'zod';
import { check } from '@/core/contract';
import { log } from '@/data/log';
import { trustClock } from '@/data/shop/clock-doubt';
import { tradeShellActions as wording } from '@/messages/screens/trade';
import { type Answer, answer, refuse } from '@/web/act';
import { cookieOptions } from '@/web/door';
import { PERSON_COOKIE, SCHEME_COOKIE, session } from '@/web/session';

/** Says who is at this device. */
export async function choosePerson(id: number): Promise<void> {
  const asked = check(z.int().positive(), id);
  if (!asked.ok) return;
  (await cookies()).set(PERSON_COOKIE, String(asked.value), cookieOptions());
  revalidatePath('/', 'layout');
}

/** Turns the dim scheme for the evening on or off, for this device. */
export async function dim(on: boolean): Promise<void> {
  (await cookies()).set(SCHEME_COOKIE, on ? 'dim' : 'day', cookieOptions());
  revalidatePath('/', 'layout');
}

/** Someone says that the machine's clock is right although it leapt. */
export async function sayClockIsRight(): Promise<Answer> {
  const { db, person, nowMs } = await session();
  if (!person) return refuse([{ code: 'no-person', path: '' }]);
  const done = await answer(() => trustClock(db, { personId: person.id, nowMs }));
  if (done.ok) log({ what: 'clock', why: wording.saysItIsRight(person.initials) });
  return done;
}
