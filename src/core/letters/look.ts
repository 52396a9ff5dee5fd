import { letter } from './letter';

/** That a piece wants looking after; once for each look of its plan, whatever its date has become. */
export const look = letter<{ readonly ordinal: number }>({
  same: ({ ordinal }) => [ordinal],
  goes: 'by itself',
  endsWithLooks: true,
});
