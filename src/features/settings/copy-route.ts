import 'server-only';
import { createReadStream, mkdtempSync, rmSync, statSync } from 'node:fs';
import { tmpdir } from 'node:os';
import path from 'node:path';
import { Readable } from 'node:stream';
import { dateOf } from '@/core/quantity';
import { shopFile } from '@/data/files';
import { log } from '@/data/log';
import { backup } from '@/data/safe/backup';
import { sayIssue } from '@/messages';
import { unwritten } from '@/data/unwritten';
import { inThread } from '@/web/thread';
import { session } from '@/web/session';

/** A whole copy of the shop, its files packed in, made now and sent; nothing of it stays here. */
export async function GET(): Promise<Response> {
  const { shop, nowMs } = await session();
  const folder = mkdtempSync(path.join(tmpdir(), 'rendle-copy-'));
  const file = path.join(folder, 'copy.sqlite');
  try {
    await inThread('data', 'backup', [shopFile(), file, { nowMs }], backup);
  } catch (fault) {
    rmSync(folder, { recursive: true, force: true });
    const code = unwritten(fault);
    const words = code ? sayIssue({ code, path: '' }) : fault instanceof Error ? fault.message : String(fault);
    return new Response(words, { status: 503 });
  }
  log({ what: 'copy made', where: 'carried away' });
  const stream = createReadStream(file);
  stream.once('close', () => rmSync(folder, { recursive: true, force: true }));
  return new Response(Readable.toWeb(stream) as ReadableStream, {
    headers: {
      'content-type': 'application/vnd.sqlite3',
      'content-length': String(statSync(file).size),
      'content-disposition': `attachment; filename="shop-${dateOf(nowMs, shop.zone)}.sqlite"`,
      'cache-control': 'no-store',
    },
  });
}
