import type { Language } from '@/core/care';
import type { Species } from '@/core/material';

/** What a letter about a piece is written from. */
export type About = {
  readonly language: Language;
  readonly design: string;
  readonly speciesId: string;
  readonly woods?: readonly { readonly id: string; readonly name: string; readonly names?: Species['names'] }[];
  readonly tag: string;
  readonly code: string;
  readonly shop: string;
  readonly baseAddress: string | null;
  /** Whether a tin of the same went with it. */
  readonly hasBottle: boolean;
  /** Cloths with what is on it can set themselves alight. */
  readonly ragsHeat: boolean;
};

/** A letter as it is read. */
export type Worded = { readonly subject: string; readonly body: string };

/** A kind of letter, and all that is true of it. */
export type LetterKind<Facts> = {
  /** What makes it one: the same about the same piece is the same letter, and written once. */
  readonly same: (facts: Facts) => readonly (string | number)[];
  /** Whether it goes by itself, or lies as a draft until a person has read it. */
  readonly goes: 'by itself' | 'once read';
  /** Whether a look that is called off takes it back, where it has not left. */
  readonly endsWithLooks: boolean;
};

export const letter = <Facts>(of: LetterKind<Facts>): LetterKind<Facts> => of;
