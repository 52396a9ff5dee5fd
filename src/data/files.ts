import 'server-only';
import { createHash } from 'node:crypto';
import { existsSync, mkdirSync, readdirSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import path from 'node:path';

/** Where the shop's file lies: `RENDLE_DATA` is the folder, `shop.sqlite` in it. */
export const shopFile = (): string => path.join(process.env.RENDLE_DATA ?? path.join(process.cwd(), 'data'), 'shop.sqlite');

/** Where declarations and photos of a shop's file lie: beside it, each named by its hash. */
export const filesBeside = (file: string): string => path.join(path.dirname(file), 'files');

const isHash = (name: string): boolean => /^[0-9a-f]{64}$/.test(name);

/** Keeps some bytes; the same bytes are kept once. */
export function keepFile(bytes: Uint8Array, folder = filesBeside(shopFile())): string {
  const hash = createHash('sha256').update(bytes).digest('hex');
  const file = path.join(folder, hash);
  mkdirSync(folder, { recursive: true });
  if (!existsSync(file)) writeFileSync(file, bytes);
  return hash;
}

export function readKept(hash: string): Uint8Array | null {
  const file = path.join(filesBeside(shopFile()), hash);
  return isHash(hash) && existsSync(file) ? readFileSync(file) : null;
}

/** Removes what is kept under a hash, as far as it is there. */
export function dropFile(hash: string): void {
  if (isHash(hash)) rmSync(path.join(filesBeside(shopFile()), hash), { force: true });
}

/** Names of all that is kept. */
export const keptFiles = (folder: string): string[] => (existsSync(folder) ? readdirSync(folder).filter(isHash) : []);
