import 'server-only';
import type { IssueCode } from '@/core/quantity';

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
  ['SQLITE_IOERR', 'disk-full'],
];

/** Why something could not be written, where it was the disk or the file and not what was asked; null else. */
export function unwritten(fault: unknown): IssueCode | null {
  const code = fault instanceof Error && 'code' in fault ? String(fault.code) : '';
  return SAID.find(([starts]) => code.startsWith(starts))?.[1] ?? null;
}
