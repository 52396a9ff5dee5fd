import type { Writer } from '@/core/letters';
import { SLIP_WORDS } from '../slip';
import { pieceIn } from './shared';

export const answer: Writer['answer'] = (about, { amiss }) => {
  const { letter, cloths } = SLIP_WORDS[about.language];
  const advice = about.ragsHeat ? `${letter.advice[amiss]}\n\n${cloths}` : letter.advice[amiss];
  return { subject: letter.amissSubject(pieceIn(about)), body: letter.amiss(pieceIn(about), about.tag, about.shop, advice) };
};
