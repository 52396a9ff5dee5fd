import type { Language } from '@/core/care';
import type { Worded, Writer } from '@/core/letters';
import { SLIP_WORDS } from '../slip';
import { answer } from './answer';
import { hold } from './hold';
import { judged } from './judged';
import { look } from './look';

export const LETTER_WORDS: Writer = { look, hold, judged, answer };

/** Several letters to one address as one. */
export const lettersTogether = (language: Language, rows: readonly Worded[]): Worded => ({
  subject: SLIP_WORDS[language].letter.severalSubject(rows.length),
  body: rows.map((row) => row.body).join('\n\n* * *\n\n'),
});
