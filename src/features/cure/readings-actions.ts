'use server';

import { shopFile } from '@/data/files';
import { whileFilling } from '@/data/kept';
import { theShop } from '@/data/shop/queries';
import { type Answer, actAfter } from '@/web/act';
import type { FilePreview } from '@/web/file-sheet';
import { inThread } from '@/web/thread';
import { lookAtReadingsFile, TakenReadings, takeReadingsFile } from './readings-file';

/** Shows what a logger's file was understood to hold, gaps and unreadable rows included. */
export async function lookAtReadings(input: unknown): Promise<Answer<FilePreview>> {
  return actAfter(TakenReadings, input, (db, taken, by) =>
    inThread('data', 'lookAtReadingsFile', [taken, theShop(db).zone, by.nowMs], lookAtReadingsFile),
  );
}

/** Keeps what could be read. */
export async function takeReadings(input: unknown): Promise<Answer<{ readonly saved: number }>> {
  return actAfter(TakenReadings, input, (db, taken, by) =>
    whileFilling(() => inThread('data', 'takeReadingsFile', [shopFile(), taken, theShop(db).zone, by], takeReadingsFile)),
  );
}
