import 'server-only';
import { randomBytes } from 'node:crypto';
import Database from 'better-sqlite3';
import { hasColumn, hasTable } from '../has';

/** A name for a shop's file that no other has: two shops that share a folder of copies each find theirs. */
export const newIdentity = (): string => randomBytes(8).toString('hex');

/** A shop's own id; empty where a file has none yet. */
export function idOfShop(raw: Database.Database): string {
  if (!hasColumn(raw, 'shop', 'identity')) return '';
  return (raw.prepare('select identity from shop').get() as { readonly identity: string } | undefined)?.identity ?? '';
}

/** Whether a shop's file holds the demo shed, a shop of people's own, or nothing yet; nothing is written. */
export function whoHolds(file: string): 'demo' | 'people' | 'nobody' {
  const raw = new Database(file, { fileMustExist: true, readonly: true });
  try {
    if (!hasTable(raw, 'person')) return 'nobody';
    if (!raw.prepare('select 1 from person').get()) return 'nobody';
    if (!hasColumn(raw, 'shop', 'is_demo')) return 'people';
    return raw.prepare('select 1 from shop where is_demo').get() ? 'demo' : 'people';
  } finally {
    raw.close();
  }
}
