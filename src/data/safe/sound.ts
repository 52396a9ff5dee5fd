import 'server-only';
import Database from 'better-sqlite3';
import { damageOf } from './checked';

/** What SQLite finds wrong with a shop's file while it is open; read-only and slow for a large one: for a thread of its own. */
export function soundness(file: string): string[] {
  const raw = new Database(file, { fileMustExist: true, readonly: true });
  try {
    return damageOf(raw, true);
  } finally {
    raw.close();
  }
}

const held = globalThis as { rendleDamage?: readonly string[] };

/** Keeps what the last look over the file found, for the shop's own screens. */
export const setDamage = (damage: readonly string[]): void => {
  held.rendleDamage = damage;
};

/** What the last look over the file found; nothing where it is sound, or was not looked at yet. */
export const knownDamage = (): readonly string[] => held.rendleDamage ?? [];
