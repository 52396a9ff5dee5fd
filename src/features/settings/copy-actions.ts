'use server';

import path from 'node:path';
import { revalidatePath } from 'next/cache';
import { z } from 'zod';
import { check } from '@/core/contract';
import { dateOf } from '@/core/quantity';
import { shopFile } from '@/data/files';
import { log } from '@/data/log';
import { NotCopied, verify } from '@/data/safe/backup';
import { isCarrying, ONE_AT_A_TIME } from '@/data/safe/carried';
import { copiesOf, copyOfDay } from '@/data/safe/daily';
import { newToken } from '@/data/safe/one-time';
import { unwritten } from '@/data/unwritten';
import { copyActions as wording } from '@/messages/screens/settings';
import { type Answer, refuse } from '@/web/act';
import { session } from '@/web/session';
import { inThread } from '@/web/thread';

/** Takes today's copy, or says that it is there. */
export async function takeCopy(): Promise<Answer<string>> {
  const { shop, person, nowMs } = await session();
  if (!person) return refuse([{ code: 'no-person', path: '' }]);
  try {
    const file = shopFile();
    const made = await inThread('data', 'copyOfDay', [file, copiesOf(file), dateOf(nowMs, shop.zone), nowMs], copyOfDay);
    if (made) log({ what: 'copy made', where: copiesOf(file) });
    revalidatePath('/shop');
    return { ok: true, value: made ? wording.takenWithFiles(made.files) : wording.todaysCopyIsThere };
  } catch (fault) {
    const code = unwritten(fault);
    if (code) return refuse([{ code, path: '' }]);
    if (fault instanceof Error && fault.name === NotCopied.name) return { ok: false, faults: { '': fault.message } };
    throw fault;
  }
}

/** A token with which the page may carry one whole copy away, once and soon. */
export async function askForCopy(): Promise<Answer<string>> {
  const { person } = await session();
  if (!person) return refuse([{ code: 'no-person', path: '' }]);
  return isCarrying() ? { ok: false, faults: { '': ONE_AT_A_TIME } } : { ok: true, value: newToken(Date.now()) };
}

const Asked = z.object({ date: z.iso.date() });

/** Looks a copy over as a restore would. */
export async function lookOver(input: unknown): Promise<Answer<string>> {
  const asked = check(Asked, input);
  if (!asked.ok) return refuse(asked.issues);
  const { person } = await session();
  if (!person) return refuse([{ code: 'no-person', path: '' }]);
  const { date } = asked.value;
  const { ok, faults, lacking } = await inThread(
    'data',
    'verify',
    [path.join(copiesOf(shopFile()), `shop-${date}.sqlite`)],
    verify,
  );
  if (!ok) return { ok: false, faults: { '': wording.theCopyOfCannot(date, faults.join('; ')) } };
  const lacks = lacking.length > 0 ? wording.ofItsPhotosOr(lacking.length) : '';
  return { ok: true, value: wording.theCopyOfCan(date, lacks) };
}
