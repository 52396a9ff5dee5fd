'use server';

import { cookies, headers } from 'next/headers';
import { redirect } from 'next/navigation';
import { z } from 'zod';
import { check } from '@/core/contract';
import { fail, type Result } from '@/core/quantity';
import { deviceOf, endDevice } from '@/data/door/devices';
import { setPasscode } from '@/data/door/passcode';
import { log } from '@/data/log';
import { rowId } from '@/trade/shapes';
import { type Answer, act, answer, refuse } from '@/web/act';
import { addressOf, deviceCookie, goneCookie } from '@/web/door';
import { session } from '@/web/session';
import { PasscodeFields } from './forms';

const Send = z.object({ id: rowId });

/** Sends a device away: its next request meets the door. */
export async function sendAway(input: unknown): Promise<Answer> {
  return act(Send, input, (db, { id }, by): Result<void> => {
    const ended = endDevice(db, id, 'sent away', by.nowMs);
    if (!ended.ok) return ended;
    log({ what: 'sent away', device: ended.value.name, address: ended.value.address });
    return { ok: true, value: undefined };
  });
}

/** This device leaves: it must give the passcode to come in again. */
export async function leave(): Promise<void> {
  const { db, nowMs } = await session();
  const jar = await cookies();
  const known = deviceOf(db, jar.get(deviceCookie())?.value, nowMs);
  if (known) {
    endDevice(db, known.id, 'left', nowMs);
    log({ what: 'left', device: known.name, address: addressOf(await headers()) });
  }
  jar.set(goneCookie());
  redirect('/enter');
}

/** Sets a new passcode; every other device must give it. */
export async function changePasscode(input: unknown): Promise<Answer> {
  const parsed = check(PasscodeFields, input);
  if (!parsed.ok) return refuse(parsed.issues);
  const { db, nowMs, person } = await session();
  if (!person) return refuse([{ code: 'no-person', path: '' }]);
  const { passcode, again } = parsed.value;
  const own = deviceOf(db, (await cookies()).get(deviceCookie())?.value, nowMs);
  const set = await answer(async () =>
    passcode === again ? setPasscode(db, passcode, nowMs, own?.id ?? null) : fail('not-the-same', 'again'),
  );
  if (set.ok) log({ what: 'new passcode', by: person.initials });
  return set;
}
