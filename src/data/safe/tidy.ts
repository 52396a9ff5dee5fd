import 'server-only';
import { readdirSync, rmSync, statSync } from 'node:fs';
import path from 'node:path';
import Database from 'better-sqlite3';
import { filesBeside, keptFiles, keptIn, PART } from '../files';
import { filesNamed } from './checked';

/** What lies in a shop's folder that nothing refers to, and what is named but not there whole. Bytes. */
export type Tidy = {
  readonly loose: readonly { readonly file: string; readonly bytes: number }[];
  readonly missing: readonly string[];
  readonly broken: readonly string[];
};

/** Looks a shop's folder over: files no row names, what an interrupted write left, and rows whose file is missing or broken. */
export function looseIn(file: string): Tidy {
  const raw = new Database(file, { fileMustExist: true, readonly: true });
  let named: Set<string>;
  try {
    named = new Set(filesNamed(raw));
  } finally {
    raw.close();
  }
  const folder = filesBeside(file);
  const parts = [path.dirname(file), folder].flatMap((where) => {
    try {
      return readdirSync(where).flatMap((name) => (PART.test(name) ? [path.join(where, name)] : []));
    } catch {
      return [];
    }
  });
  const loose = [...keptFiles(folder).flatMap((hash) => (named.has(hash) ? [] : [path.join(folder, hash)])), ...parts];
  const state = [...named].map((hash) => ({ hash, state: keptIn(folder, hash).state }));
  return {
    loose: loose.map((one) => ({ file: one, bytes: statSync(one).size })),
    missing: state.flatMap((one) => (one.state === 'missing' ? [one.hash] : [])),
    broken: state.flatMap((one) => (one.state === 'broken' ? [one.hash] : [])),
  };
}

/** Removes what nothing refers to. */
export function tidy(file: string): Tidy {
  const found = looseIn(file);
  for (const one of found.loose) rmSync(one.file, { force: true });
  return found;
}
