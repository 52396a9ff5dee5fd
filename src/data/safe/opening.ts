import 'server-only';
import path from 'node:path';
import { heldWords, takeLock } from './lock';
import { faultAtStart } from './start';

/** The process ends with this where its shop cannot be opened. */
const CANNOT_OPEN = 3;

/** Takes the shop's folder for this server, or ends it with the reason in words: before the first page, and before anything is written. */
export function openOrLeave(file: string): void {
  const folder = path.dirname(file);
  const leave = (words: string): never => {
    console.error(words);
    process.exit(CANNOT_OPEN);
  };
  const fault = faultAtStart(file);
  if (fault) leave(fault);
  const lock = takeLock(folder, {
    pid: process.pid,
    port: process.env.RENDLE_PORT ?? '',
    what: 'shop',
    since: new Date().toISOString(),
  });
  if (!lock.ok) leave(heldWords(folder, lock.by));
}
