import type { UseGateId } from '@/core/use';
import { letter } from './letter';

/** That the piece would be refused by what is known now, and by which gates; once for each notice. */
export const judged = letter<{ readonly noticeId: number; readonly gates: readonly UseGateId[] }>({
  same: ({ noticeId }) => [noticeId],
  goes: 'once read',
  endsWithLooks: false,
});
