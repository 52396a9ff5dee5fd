'use client';

import { correctEntry as wording } from '@/messages/screens/work';
import { onOpen } from '@/ui/on-open';

/** Puts an entry of the coat book right: the first stays readable, struck through. */
export const CorrectEntry = onOpen(
  async () => (await import('./correction-sheet')).CorrectionSheet,
  (opener, { entry }) => (
    <button
      type="button"
      className="min-h-11 px-2 text-sm text-soft underline underline-offset-4"
      aria-label={wording.correct(entry.done)}
      {...opener}
    >
      {wording.correct2}
    </button>
  ),
);
