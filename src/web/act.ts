import 'server-only';
import { revalidatePath } from 'next/cache';
import { z } from 'zod';
import { check } from '@/core/contract';
import { type Issue, type Minor, parseMoney, type Result } from '@/core/quantity';
import type { By } from '@/data/command';
import type { Db } from '@/data/db';
import { type ActSent, once } from '@/data/once';
import { clockDoubt } from '@/data/shop/clock-doubt';
import { theShop } from '@/data/shop/queries';
import { unwritten } from '@/data/unwritten';
import { sayIssue } from '@/messages';
import { patiently } from '@/web/patience';
import { reads } from './here';
import { lookAgain } from './here-of-request';
import { session } from './session';

/** An action's answer: done, or what is wrong by field (`''` for the whole). */
export type Answer<T = void> =
  | { readonly ok: true; readonly value: T }
  | {
      readonly ok: false;
      readonly faults: Readonly<Record<string, string>>;
      /** It was in order and could not be written: it may be sent again. */
      readonly unwritten?: true;
      /** It was sent before with other words, and those stand: what is sent now is another act. */
      readonly before?: true;
    };

export const refuse = (issues: readonly Issue[]): { readonly ok: false; readonly faults: Record<string, string> } => ({
  ok: false,
  faults: Object.fromEntries([...issues].reverse().map((issue) => [issue.path, sayIssue(issue, reads())])),
});

type Reader = {
  /** What was understood; undefined, and a fault kept, where it was not. */
  readonly take: <T>(path: string, result: Result<T>) => T | undefined;
  /** The same of a field that may stay empty: null then. */
  readonly orNone: <T>(path: string, text: string, parse: (text: string) => Result<T>) => T | null | undefined;
  readonly issues: Issue[];
};

/** Collects the faults of several typed fields, so that all are shown at once. */
export function reader(): Reader {
  const issues: Issue[] = [];
  const take: Reader['take'] = (path, result) => {
    if (result.ok) return result.value;
    issues.push(...result.issues.map((issue) => ({ ...issue, path: issue.path ? `${path}.${issue.path}` : path })));
    return undefined;
  };
  return { issues, take, orNone: (path, text, parse) => (text.trim() === '' ? null : take(path, parse(text))) };
}

/** Reads amounts in the shop's own money. */
export const moneyOf =
  (db: Db) =>
  (text: string): Result<Minor> =>
    parseMoney(text, theShop(db).currency);

const ActId = z.object({ act: z.string().regex(/^[0-9a-f]{32}$/) });

/** The act a form sends, where it comes from one. */
function sentBy(input: unknown): ActSent | null {
  const read = ActId.safeParse(input);
  return read.success ? { id: read.data.act, said: input } : null;
}

/** Runs one change: parses what was sent, adds who does it, calls one command once, has the pages read anew. Every action goes through it. */
export const act = <S extends z.ZodType, T>(
  shape: S,
  input: unknown,
  run: (db: Db, parsed: z.output<S>, by: By) => Result<T>,
): Promise<Answer<T>> =>
  actAfter(shape, input, (db, parsed, by) => {
    const sent = sentBy(input);
    return sent ? once(db, sent, by.nowMs, () => run(db, parsed, by)) : run(db, parsed, by);
  });

/** The same of what must be worked out before it is written; its record carries an id of its own. */
export async function actAfter<S extends z.ZodType, T>(
  shape: S,
  input: unknown,
  run: (db: Db, parsed: z.output<S>, by: By) => Result<T> | Promise<Result<T>>,
): Promise<Answer<T>> {
  const parsed = check(shape, input);
  if (!parsed.ok) return refuse(parsed.issues);
  const { db, person, nowMs } = await session();
  if (!person) return refuse([{ code: 'no-person', path: '' }]);
  // A clock that leapt dates nothing until someone has confirmed it.
  if (clockDoubt(db, nowMs)) return { ...refuse([{ code: 'clock-leapt', path: '' }]), unwritten: true };
  return answer(() => run(db, parsed.value, { personId: person.id, nowMs }));
}

/** Makes one write and has the pages read anew; a full, locked or damaged file is answered in words. */
export async function answer<T>(write: () => Result<T> | Promise<Result<T>>): Promise<Answer<T>> {
  let result: Result<T>;
  try {
    result = await patiently(write);
  } catch (fault) {
    const code = unwritten(fault);
    if (code === null) throw fault;
    return { ...refuse([{ code, path: '' }]), unwritten: true };
  }
  if (!result.ok)
    return result.issues.some((issue) => issue.code === 'already-saved')
      ? { ...refuse(result.issues), before: true }
      : refuse(result.issues);
  lookAgain();
  revalidatePath('/', 'layout');
  return { ok: true, value: result.value };
}
