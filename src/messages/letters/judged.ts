import type { Writer } from '@/core/letters';
import { SLIP_WORDS } from '../slip';
import { pieceIn } from './shared';

export const judged: Writer['judged'] = (about, { gates }) => {
  const { letter } = SLIP_WORDS[about.language];
  const why = gates.map((gate) => letter.gates[gate]).join('; ');
  return { subject: letter.judgedSubject(pieceIn(about)), body: letter.judged(pieceIn(about), about.tag, about.shop, why) };
};
