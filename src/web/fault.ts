import 'server-only';
import type { IssueCode } from '@/core/quantity';
import { log } from '@/data/log';
import { unwritten } from '@/data/unwritten';

const MOST_KEPT = 200;
const held = globalThis as { rendleFaults?: Map<string, IssueCode | null> };

/** Where a fault arose, without the words of its message: those may hold what someone typed. */
const placeOf = (fault: unknown): string =>
  fault instanceof Error
    ? (fault.stack ?? '')
        .split('\n')
        .filter((line) => line.trim().startsWith('at '))
        .slice(0, 4)
        .map((line) => line.trim().slice(0, 160))
        .join(' < ')
    : '';

const kindOf = (fault: unknown): string =>
  fault instanceof Error ? `${fault.name}${'code' in fault ? ` ${String(fault.code)}` : ''}` : typeof fault;

/** Writes a fault to the log under a number a person can quote, with whether it was the disk or the file. */
export function noteFault(number: string, fault: unknown, route: string): void {
  held.rendleFaults ??= new Map();
  held.rendleFaults.set(number, unwritten(fault));
  for (const old of held.rendleFaults.keys()) {
    if (held.rendleFaults.size <= MOST_KEPT) break;
    held.rendleFaults.delete(old);
  }
  log({ what: 'fault', number, route: route.split('?')[0]?.slice(0, 80) ?? '', kind: kindOf(fault), at: placeOf(fault) });
}

/** What is known of a fault's number: a code where it was the disk or the file; null where it was not, or is not known. */
export const faultNumbered = (number: string): IssueCode | null => held.rendleFaults?.get(number) ?? null;
