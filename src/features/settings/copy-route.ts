import 'server-only';
import { createReadStream, statSync } from 'node:fs';
import path from 'node:path';
import { Readable } from 'node:stream';
import { dateOf } from '@/core/quantity';
import { shopFile } from '@/data/files';
import { log } from '@/data/log';
import { backup } from '@/data/safe/backup';
import { beginCarrying, ONE_AT_A_TIME } from '@/data/safe/carried';
import { useToken } from '@/data/safe/one-time';
import { unwritten } from '@/data/unwritten';
import { sayIssue } from '@/messages';
import { copyRoute as wording } from '@/messages/screens/settings';
import { reads } from '@/web/here';
import { session } from '@/web/session';
import { inThread } from '@/web/thread';

const MOST_FORM = 1000;
const say = (words: string, status: number): Response =>
  new Response(words, { status, headers: { 'content-type': 'text/plain; charset=utf-8', 'cache-control': 'no-store' } });

/** A whole copy of the shop, its files packed in, made now and sent to the page that was given a token for it; nothing of it stays here. */
export async function POST(request: Request): Promise<Response> {
  const { shop, nowMs } = await session();
  const sent = await request.text();
  const token = sent.length > MOST_FORM ? '' : (new URLSearchParams(sent).get('token') ?? '');
  if (!useToken(token, Date.now())) return say(wording.askForTheCopy, 403);
  const carrying = beginCarrying();
  if (!carrying) return say(ONE_AT_A_TIME, 409);
  const file = path.join(carrying.folder, 'copy.sqlite');
  try {
    await inThread('data', 'backup', [shopFile(), file, { nowMs }], backup);
    // Whoever asked is gone: nobody reads it, so nobody would close it.
    if (request.signal.aborted) throw new Error('The copy was broken off.');
  } catch (fault) {
    carrying.end();
    const code = unwritten(fault);
    return say(code ? sayIssue({ code, path: '' }, reads()) : fault instanceof Error ? fault.message : String(fault), 503);
  }
  log({ what: 'copy made', where: wording.carriedAway });
  const stream = createReadStream(file);
  stream.once('close', carrying.end);
  stream.once('error', carrying.end);
  request.signal.addEventListener('abort', () => stream.destroy());
  return new Response(Readable.toWeb(stream) as ReadableStream, {
    headers: {
      'content-type': 'application/vnd.sqlite3',
      'content-length': String(statSync(file).size),
      'content-disposition': `attachment; filename="shop-${dateOf(nowMs, shop.zone)}.sqlite"`,
      'cache-control': 'no-store',
    },
  });
}
