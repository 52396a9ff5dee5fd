import 'server-only';
import { randomBytes } from 'node:crypto';
import Database from 'better-sqlite3';

/** A name for a shop's file that no other has: two shops that share a folder of copies each find theirs. */
export const newIdentity = (): string => randomBytes(8).toString('hex');

/** A shop's own id; empty where a file has none yet. */
export function idOfShop(raw: Database.Database): string {
  const columns = raw.pragma('table_info(shop)') as readonly { readonly name: string }[];
  if (!columns.some((one) => one.name === 'identity')) return '';
  return (raw.prepare('select identity from shop').get() as { readonly identity: string } | undefined)?.identity ?? '';
}

/** Whether a shop's file holds the demo shed, a shop of people's own, or nothing yet; nothing is written. */
export function whoHolds(file: string): 'demo' | 'people' | 'nobody' {
  const raw = new Database(file, { fileMustExist: true, readonly: true });
  try {
    if (!raw.prepare("select 1 from sqlite_master where name = 'person'").get()) return 'nobody';
    if (!raw.prepare('select 1 from person').get()) return 'nobody';
    const columns = raw.pragma('table_info(shop)') as readonly { readonly name: string }[];
    if (!columns.some((one) => one.name === 'is_demo')) return 'people';
    return raw.prepare('select 1 from shop where is_demo').get() ? 'demo' : 'people';
  } finally {
    raw.close();
  }
}
