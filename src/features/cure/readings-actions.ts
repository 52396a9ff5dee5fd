'use server';

import { shopFile } from '@/data/files';
import { whileFilling } from '@/data/kept';
import { theShop } from '@/data/shop/queries';
import { type Answer, actAfter } from '@/web/act';
import type { FilePreview } from '@/web/file-sheet';
import { inThread } from '@/web/thread';
import { lookAtFile, TakenReadings, takeFile } from './readings-file';

/** Shows what a logger's file was understood to hold, gaps and unreadable rows included. */
export async function lookAtReadings(input: unknown): Promise<Answer<FilePreview>> {
  return actAfter(TakenReadings, input, (db, taken, by) =>
    inThread('data', 'lookAtFile', [taken, theShop(db).zone, by.nowMs], lookAtFile),
  );
}

/** Keeps what could be read. */
export async function takeReadings(input: unknown): Promise<Answer<{ readonly saved: number }>> {
  return actAfter(TakenReadings, input, (db, taken, by) =>
    whileFilling(() => inThread('data', 'takeFile', [shopFile(), taken, theShop(db).zone, by], takeFile)),
  );
}
