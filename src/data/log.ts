import 'server-only';
import { appendFileSync, existsSync, mkdirSync, renameSync, statSync } from 'node:fs';
import path from 'node:path';
import { shopFile } from './files';

/** When the log is this large it is put aside as `.1`, in the place of the one before. */
const MOST_BYTES = 1_000_000;

/** What the shop logs: no names of buyers, no passcodes, no words that were typed. */
export type LogEvent =
  | { readonly what: 'started'; readonly port: string }
  | { readonly what: 'came in' | 'left' | 'sent away'; readonly device: string; readonly address: string }
  | { readonly what: 'new passcode'; readonly by: string }
  | { readonly what: 'refused'; readonly address: string; readonly why: string; readonly route: string }
  | { readonly what: 'copy made'; readonly where: string }
  | { readonly what: 'copy failed'; readonly where: string; readonly why: string }
  | { readonly what: 'damaged'; readonly where: string; readonly why: string }
  | { readonly what: 'clock' | 'plan failed'; readonly why: string }
  | { readonly what: 'fault'; readonly number: string; readonly route: string; readonly kind: string; readonly at: string };

export const logFile = (): string => path.join(path.dirname(shopFile()), 'shop.log');

/** One line of the log: nothing in it can begin a line of its own. */
export const lineOf = (event: LogEvent, at: Date): string =>
  `${JSON.stringify({ at: at.toISOString(), ...event }).replace(/[\u2028\u2029\u007f]/g, ' ')}\n`;

/** Writes one line. What cannot be written is left: a log never stands in the way of the work. */
export function log(event: LogEvent, file = logFile()): void {
  try {
    mkdirSync(path.dirname(file), { recursive: true });
    if (existsSync(file) && statSync(file).size > MOST_BYTES) renameSync(file, `${file}.1`);
    appendFileSync(file, lineOf(event, new Date()));
  } catch {
    // A full disk is told where it matters.
  }
}
