import 'server-only';
import { createHash } from 'node:crypto';
import { existsSync, mkdirSync, readdirSync, readFileSync, writeFileSync } from 'node:fs';
import path from 'node:path';
import { shopFile } from './db';

/** Where declarations and photos lie: beside the database, each named by its hash. */
export const filesFolder = (): string => path.join(path.dirname(shopFile()), 'files');

const isHash = (name: string): boolean => /^[0-9a-f]{64}$/.test(name);

/** Keeps some bytes; the same bytes are kept once. */
export function keepFile(bytes: Uint8Array): string {
  const hash = createHash('sha256').update(bytes).digest('hex');
  const file = path.join(filesFolder(), hash);
  mkdirSync(filesFolder(), { recursive: true });
  if (!existsSync(file)) writeFileSync(file, bytes);
  return hash;
}

export function readKept(hash: string): Uint8Array | null {
  const file = path.join(filesFolder(), hash);
  return isHash(hash) && existsSync(file) ? readFileSync(file) : null;
}

/** Names of all that is kept. */
export const keptFiles = (folder = filesFolder()): string[] => (existsSync(folder) ? readdirSync(folder).filter(isHash) : []);
