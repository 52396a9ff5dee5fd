import { answer } from './answer';
import { hold } from './hold';
import { judged } from './judged';
import type { About, LetterKind, Worded } from './letter';
import { look } from './look';

export type { About, Worded } from './letter';
export type { Letter, Post } from './post';

/** Every kind of letter that leaves the shop. */
export const LETTERS = { look, hold, judged, answer } as const;
export type LetterId = keyof typeof LETTERS;
export type LetterFacts<K extends LetterId> = (typeof LETTERS)[K] extends LetterKind<infer Facts> ? Facts : never;

/** The letter among all letters about one plan, as text: `hold:12`, `answer:2031-03-05:sticky`. */
export const letterKey = <K extends LetterId>(kind: K, facts: LetterFacts<K>): string =>
  [kind, ...(LETTERS[kind] as LetterKind<LetterFacts<K>>).same(facts)].join(':');

/** Which kind a key is of. Throws on one that is none: a fault of whoever wrote it. */
export function kindOfKey(key: string): LetterId {
  const [kind = ''] = key.split(':');
  if (!Object.hasOwn(LETTERS, kind)) throw new Error(`no letter ${key}`);
  return kind as LetterId;
}

/** Who puts letters into words, each in its owner's language: a kind without its words does not compile. */
export type Writer = { readonly [K in LetterId]: (about: About, facts: LetterFacts<K>) => Worded };
