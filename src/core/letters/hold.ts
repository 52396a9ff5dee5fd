import { letter } from './letter';

/** That a lot on the piece is held back; once for each hold, with all that holds it. */
export const hold = letter<{ readonly holdId: number; readonly why: string }>({
  same: ({ holdId }) => [holdId],
  goes: 'once read',
  endsWithLooks: false,
});
