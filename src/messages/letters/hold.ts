import type { Writer } from '@/core/letters';
import { SLIP_WORDS } from '../slip';
import { pieceIn } from './shared';

export const hold: Writer['hold'] = (about, { why }) => {
  const { letter } = SLIP_WORDS[about.language];
  return { subject: letter.holdSubject(pieceIn(about)), body: letter.hold(pieceIn(about), about.tag, about.shop, why) };
};
