import 'server-only';
import { createHash, randomBytes } from 'node:crypto';
import {
  closeSync,
  existsSync,
  fsyncSync,
  mkdirSync,
  openSync,
  readdirSync,
  readFileSync,
  renameSync,
  rmSync,
  writeSync,
} from 'node:fs';
import path from 'node:path';

/** Where the shop's file lies: `RENDLE_DATA` is the folder, `shop.sqlite` in it. */
export const shopFile = (): string => path.join(process.env.RENDLE_DATA ?? path.join(process.cwd(), 'data'), 'shop.sqlite');

/** Where declarations and photos of a shop's file lie: beside it, each named by its hash. */
export const filesBeside = (file: string): string => path.join(path.dirname(file), 'files');

const isHash = (name: string): boolean => /^[0-9a-f]{64}$/.test(name);
export const hashOf = (bytes: Uint8Array): string => createHash('sha256').update(bytes).digest('hex');

/** A name that is only used while something is being written; what is cut off leaves it, and `tidy` takes it away. */
export const PART = /\.[0-9a-f]{12}\.part$/;
export const partOf = (file: string): string => `${file}.${randomBytes(6).toString('hex')}.part`;

/** Makes sure that what was written, renamed or removed in a folder is on the disk. */
export function flushFolder(folder: string): void {
  const handle = openSync(folder, 'r');
  try {
    fsyncSync(handle);
  } finally {
    closeSync(handle);
  }
}

/** Makes sure that a file's bytes are on the disk. */
export function flushFile(file: string): void {
  const handle = openSync(file, 'r+');
  try {
    fsyncSync(handle);
  } finally {
    closeSync(handle);
  }
}

/** Writes a file whole or not at all: under another name first, flushed, then renamed. A full disk leaves nothing behind. */
export function writeWhole(file: string, bytes: Uint8Array): void {
  const part = partOf(file);
  try {
    const handle = openSync(part, 'wx');
    try {
      for (let at = 0; at < bytes.length; ) at += writeSync(handle, bytes, at);
      fsyncSync(handle);
    } finally {
      closeSync(handle);
    }
    renameSync(part, file);
  } catch (fault) {
    rmSync(part, { force: true });
    throw fault;
  }
  flushFolder(path.dirname(file));
}

/** What lies under a hash: its bytes, nothing, or bytes that are no longer what they were. */
export type KeptFile = { readonly state: 'whole'; readonly bytes: Uint8Array } | { readonly state: 'missing' | 'broken' };

export function keptIn(folder: string, hash: string): KeptFile {
  const file = path.join(folder, hash);
  if (!isHash(hash) || !existsSync(file)) return { state: 'missing' };
  const bytes = readFileSync(file);
  return hashOf(bytes) === hash ? { state: 'whole', bytes } : { state: 'broken' };
}

/** Keeps some bytes; the same bytes are kept once, and what was broken is replaced by a good copy. */
export function keepFile(bytes: Uint8Array, folder = filesBeside(shopFile())): string {
  const hash = hashOf(bytes);
  mkdirSync(folder, { recursive: true });
  if (keptIn(folder, hash).state !== 'whole') writeWhole(path.join(folder, hash), bytes);
  return hash;
}

/** What is kept beside the shop under a hash; read anew and looked at each time it is served. */
export const readKept = (hash: string): KeptFile => keptIn(filesBeside(shopFile()), hash);

/** Removes what is kept under a hash, as far as it is there. */
export function dropFile(hash: string): void {
  if (isHash(hash)) rmSync(path.join(filesBeside(shopFile()), hash), { force: true });
}

/** Names of all that is kept. */
export const keptFiles = (folder: string): string[] => (existsSync(folder) ? readdirSync(folder).filter(isHash) : []);
