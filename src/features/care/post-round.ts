import 'server-only';
import { rmSync } from 'node:fs';
import path from 'node:path';
import type { Post } from '@/core/letters';
import type { Db } from '@/data/db';
import { shopFile } from '@/data/files';
import { sendLetters } from '@/data/mail/send';
import { writeLetters } from '@/data/mail/write';
import { fileFolder, mailServer } from '@/devices/post';
import { LETTER_WORDS, lettersTogether } from '@/messages/letters';

/** Where letters lie that the stand-in wrote. */
export const outboxFolder = (): string => path.join(path.dirname(shopFile()), 'outbox');

/** The way out that is set up: a mail server by `RENDLE_SMTP`, else the folder beside the shop's file. */
const thePost = (): Post => (process.env.RENDLE_SMTP ? mailServer(process.env.RENDLE_SMTP) : fileFolder(outboxFolder()));

type Went = { readonly sent: number; readonly failed: number };
const going = globalThis as typeof globalThis & { rendlePost?: Promise<Went> | undefined };

/** One round of the post: what is due is written down, what waits is sent. One round at a time: a second asks how the first went. */
export function postRound(db: Db, nowMs: number): Promise<Went> {
  going.rendlePost ??= (async () => {
    writeLetters(db, nowMs, LETTER_WORDS);
    return sendLetters(db, thePost(), nowMs, lettersTogether);
  })().finally(() => {
    going.rendlePost = undefined;
  });
  return going.rendlePost;
}

/** Removes letters of someone who is forgotten. */
export function removeLetters(files: readonly string[]): void {
  for (const file of files) rmSync(path.join(outboxFolder(), path.basename(file)), { force: true });
}
