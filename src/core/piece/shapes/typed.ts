import type { PieceUse } from '@/core/material';
import { atPath, fail, ok, parseNonNegative, parseSizes, type Reads, type Result } from '@/core/quantity';

export type PointDraft = { readonly key: string; readonly r: string; readonly z: string };
export type PartDraft<Shape extends string = string> = {
  readonly key: string;
  readonly count: string;
  readonly shape: Shape;
  readonly sizes: string;
};

/** A design as it is typed: everything as text. Its shape, those of its parts, what it is about the size of: as far as they are known. */
export type DesignDraft<Shape extends string = string, Part extends string = string, Of = unknown> = {
  readonly name: string;
  readonly uses: readonly PieceUse[];
  readonly tableware: boolean;
  readonly shape: Shape;
  readonly sizes: string;
  readonly grain: 'long' | 'end';
  readonly bowl: string;
  readonly handle: string;
  readonly points: readonly PointDraft[];
  readonly curved: boolean;
  readonly wall: string;
  readonly floor: string;
  readonly groove: string;
  readonly hole: string;
  readonly engraved: string;
  readonly lid: boolean;
  /** Of turned work: nothing inside. */
  readonly solid: boolean;
  readonly recess: string;
  readonly surface: string;
  readonly endShare: string;
  readonly parts: readonly PartDraft<Part>[];
  /** What it is about the size of, measured, and how many times its surface. */
  readonly likeOf: Of | null;
  readonly times: string;
};

/** Typed sizes, exactly so many of them. */
function sizesOf(path: string, text: string, count: number, says: string, reads: Reads): Result<readonly number[]> {
  const parsed = atPath(path, parseSizes(text, reads));
  if (!parsed.ok) return parsed;
  return parsed.value.length === count ? parsed : fail('invalid', path, { detail: says });
}

/** Two typed sizes, mm. */
export const two = (path: string, text: string, says: string, reads: Reads): Result<readonly [number, number]> =>
  sizesOf(path, text, 2, says, reads) as Result<readonly [number, number]>;

/** Three typed sizes, mm. */
export const three = (path: string, text: string, says: string, reads: Reads): Result<readonly [number, number, number]> =>
  sizesOf(path, text, 3, says, reads) as Result<readonly [number, number, number]>;

/** What may be left empty: nothing then. */
export const orNone = <T>(text: string, read: () => Result<T>): Result<T | null> => (text.trim() === '' ? ok(null) : read());

/** All that was read, or every fault of it. */
export function both<A, B>(a: Result<A>, b: Result<B>): Result<readonly [A, B]> {
  if (a.ok && b.ok) return ok([a.value, b.value]);
  return { ok: false, issues: [a, b].flatMap((one) => (one.ok ? [] : one.issues)) };
}

/** What was read, made into something. */
export const made = <A, B>(read: Result<A>, make: (value: A) => B): Result<B> => (read.ok ? ok(make(read.value)) : read);

/** A typed share of the whole, `10 %` or `10`; nothing typed is none. */
export function readShare(path: string, text: string): Result<number> {
  if (text.trim() === '') return ok(0);
  const read = atPath(path, parseNonNegative(text.replace('%', '')));
  if (!read.ok) return read;
  return read.value > 100 ? fail('too-large', path, { most: 100 }) : ok(read.value / 100);
}
