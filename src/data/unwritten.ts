import 'server-only';
import { statfsSync } from 'node:fs';
import path from 'node:path';
import type { IssueCode } from '@/core/quantity';
import { shopFile } from './files';

/** What the system says where a write could not be made, by the beginning of its code. */
const SAID: readonly (readonly [starts: string, means: IssueCode])[] = [
  ['ENOSPC', 'disk-full'],
  ['EDQUOT', 'disk-full'],
  ['SQLITE_FULL', 'disk-full'],
  ['EROFS', 'not-writable'],
  ['EACCES', 'not-writable'],
  ['EPERM', 'not-writable'],
  ['SQLITE_READONLY', 'not-writable'],
  ['SQLITE_CANTOPEN', 'not-writable'],
  ['SQLITE_BUSY', 'file-locked'],
  ['SQLITE_LOCKED', 'file-locked'],
  ['SQLITE_CORRUPT', 'file-damaged'],
  ['SQLITE_NOTADB', 'file-damaged'],
  ['EIO', 'disk-fault'],
  ['EFBIG', 'disk-full'],
  ['SQLITE_IOERR', 'disk-fault'],
];

/** With less than this left a disk counts as full. */
const NEARLY_NONE = 2_000_000;

/** Bytes free where the shop lies; without an answer there is room. */
function freeBytes(): number {
  try {
    const { bavail, bsize } = statfsSync(path.dirname(shopFile()));
    return bavail * bsize;
  } catch {
    return Number.POSITIVE_INFINITY;
  }
}

/** Why something could not be written, where it was the disk or the file and not what was asked; null else. */
export function unwritten(fault: unknown): IssueCode | null {
  const code = fault instanceof Error && 'code' in fault ? String(fault.code) : '';
  const said = SAID.find(([starts]) => code.startsWith(starts))?.[1] ?? null;
  // What a full disk does to the file's log is told as a fault of the disk.
  return said === 'disk-fault' && freeBytes() < NEARLY_NONE ? 'disk-full' : said;
}
