import type { Amiss } from '@/core/care';
import { letter } from './letter';

/** The answer to an owner who says that something is wrong with the piece; once a day for each thing that can be wrong. `date` as in `2031-03-05`. */
export const answer = letter<{ readonly date: string; readonly amiss: Amiss }>({
  same: ({ date, amiss }) => [date, amiss],
  goes: 'once read',
  endsWithLooks: false,
});
