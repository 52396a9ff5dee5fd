'use server';

import { cookies, headers } from 'next/headers';
import { redirect } from 'next/navigation';
import { formatInstant } from '@/core/quantity';
import { now } from '@/data/clock';
import { database } from '@/data/db';
import { comeAgain } from '@/data/door/devices';
import { guessesAt } from '@/data/door/guesses';
import { isPasscode } from '@/data/door/passcode';
import { log } from '@/data/log';
import { findShop } from '@/data/shop/queries';
import { unwritten } from '@/data/unwritten';
import { sayIssue } from '@/messages';
import { enter as wording } from '@/messages/screens/settings';
import { addressOf, cookieOptions, deviceCookie } from '@/web/door';
import { reads } from '@/web/here';
import { patiently } from '@/web/patience';

const MOST_NAME = 40;

/** Lets a device in that knows the passcode. Wrong words wait longer each time, and too many lock their address out for a while. */
export async function enter(_: string, form: unknown): Promise<string> {
  if (!(form instanceof FormData)) return wording.thatWasNotUnderstood;
  const [typed, name] = ['passcode', 'name'].map((field) => String(form.get(field) ?? ''));
  const address = addressOf(await headers());
  const [db, guesses] = [database(), guessesAt('passcode')];
  const lockedUntil = guesses.lockedUntil(address, Date.now());
  if (lockedUntil !== null) {
    const until = formatInstant(now() + lockedUntil - Date.now(), findShop(db)?.zone ?? 'UTC').slice(11, 16);
    log({ what: 'refused', address, why: wording.lockedOut, route: '/enter' });
    return wording.tooManyWrongPasscodes(until);
  }
  const guess = guesses.begin(address, Date.now());
  if (!(await isPasscode(db, typed ?? ''))) {
    log({ what: 'refused', address, why: wording.wrongPasscode, route: '/enter' });
    await new Promise((resolve) => setTimeout(resolve, guess.waitMs));
    return wording.thatIsNotThe;
  }
  guess.right();
  const jar = await cookies();
  const old = jar.get(deviceCookie())?.value;
  let token: string;
  const device = name?.trim().slice(0, MOST_NAME) || wording.aDeviceWithoutA;
  try {
    token = await patiently(() => comeAgain(db, old, { name: device, address }, now()));
  } catch (fault) {
    const code = unwritten(fault);
    if (code === null) throw fault;
    return sayIssue({ code, path: '' }, reads());
  }
  jar.set(deviceCookie(), token, cookieOptions());
  log({ what: 'came in', device, address });
  redirect('/');
}
