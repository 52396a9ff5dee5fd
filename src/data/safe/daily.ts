import 'server-only';
import { existsSync, mkdirSync, readdirSync, rmSync, statSync } from 'node:fs';
import path from 'node:path';
import Database from 'better-sqlite3';
import { daysBetween } from '@/core/quantity';
import { filesBeside, keptFiles } from '../files';
import { idOfShop } from '../shop/identity';
import { backup, type Copied } from './backup';
import { filesNamed } from './checked';

/** How many copies stay: of the last days, of weeks, of months. Source: house rule. */
export const STAY = { days: 7, weeks: 4, months: 12 } as const;

/** The id in a shop's file; empty where there is no shop yet. */
function identityIn(file: string): string {
  if (!existsSync(file)) return '';
  const raw = new Database(file, { fileMustExist: true, readonly: true });
  try {
    return idOfShop(raw);
  } finally {
    raw.close();
  }
}

/** Where a shop's daily copies lie: beside it, or under its own id in the folder of `RENDLE_COPIES`, best on another disk, which several shops may share. */
export function copiesOf(file: string): string {
  const shared = process.env.RENDLE_COPIES;
  return shared ? path.join(shared, identityIn(file)) : path.join(path.dirname(file), 'copies');
}

/** How many copies lie in the shared folder itself, from before each shop had a place of its own there: whose they are nobody can tell. */
export const copiesOfBefore = (): number => (process.env.RENDLE_COPIES ? dailyCopies(process.env.RENDLE_COPIES).length : 0);

export type DailyCopy = { readonly date: string; readonly file: string; readonly bytes: number };

const NAME = /^shop-(\d{4}-\d\d-\d\d)\.sqlite$/;

/** The copies there are, newest first. */
export function dailyCopies(folder: string): DailyCopy[] {
  if (!existsSync(folder)) return [];
  return readdirSync(folder)
    .flatMap((name) => {
      const date = NAME.exec(name)?.[1];
      const file = path.join(folder, name);
      return date ? [{ date, file, bytes: statSync(file).size }] : [];
    })
    .sort((a, b) => b.date.localeCompare(a.date));
}

/** A Monday, to count weeks from. */
const A_MONDAY = '2024-01-01';
const weekOf = (date: string): number => Math.floor(daysBetween(A_MONDAY, date) / 7);

/** Which of some dates stay: the last seven, and the newest of each of the last four weeks and twelve months. */
export function staying(dates: readonly string[]): ReadonlySet<string> {
  const newest = [...dates].sort().reverse();
  const firstOf = (keyOf: (date: string) => string, most: number): string[] => {
    const seen = new Map<string, string>();
    for (const date of newest) if (!seen.has(keyOf(date))) seen.set(keyOf(date), date);
    return [...seen.values()].slice(0, most);
  };
  return new Set([
    ...newest.slice(0, STAY.days),
    ...firstOf((date) => String(weekOf(date)), STAY.weeks),
    ...firstOf((date) => date.slice(0, 7), STAY.months),
  ]);
}

/** Removes copies past their time, and the shared files that no copy names any more. */
function prune(folder: string): void {
  const copies = dailyCopies(folder);
  const stay = staying(copies.map((one) => one.date));
  const gone = copies.filter((one) => !stay.has(one.date));
  if (gone.length === 0) return;
  const named = new Set<string>();
  for (const { file } of copies.filter((one) => stay.has(one.date))) {
    const raw = new Database(file, { fileMustExist: true, readonly: true });
    for (const hash of filesNamed(raw)) named.add(hash);
    raw.close();
  }
  for (const { file } of gone) rmSync(file, { force: true });
  const shared = filesBeside(path.join(folder, 'shop.sqlite'));
  for (const hash of keptFiles(shared)) if (!named.has(hash)) rmSync(path.join(shared, hash), { force: true });
}

/** Takes a day's copy, once; null where it is there already. */
export async function copyOfDay(file: string, folder: string, date: string, nowMs: number): Promise<Copied | null> {
  const to = path.join(folder, `shop-${date}.sqlite`);
  if (existsSync(to)) return null;
  mkdirSync(folder, { recursive: true });
  const copied = await backup(file, to, { sharing: true, nowMs });
  prune(folder);
  return copied;
}

/** Bytes of a folder of copies with the files they share. */
export function bytesOf(folder: string): number {
  const shared = filesBeside(path.join(folder, 'shop.sqlite'));
  return (
    dailyCopies(folder).reduce((sum, one) => sum + one.bytes, 0) +
    keptFiles(shared).reduce((sum, hash) => sum + statSync(path.join(shared, hash)).size, 0)
  );
}
