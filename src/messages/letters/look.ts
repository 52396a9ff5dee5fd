import type { Writer } from '@/core/letters';
import { SLIP_WORDS } from '../slip';
import { pieceIn } from './shared';

export const look: Writer['look'] = (about) => {
  const { letter } = SLIP_WORDS[about.language];
  // Until the shop has a public address no page can be named.
  const page = about.baseAddress ? `${about.baseAddress}/care/${about.code}` : null;
  const body = [
    letter.due(pieceIn(about), about.tag, about.shop),
    about.hasBottle ? letter.bottle : '',
    page ? `${letter.link}\n${page}` : '',
    page ? letter.stopAt(`${page}#letters`) : letter.stopBy,
  ];
  return { subject: letter.subject(pieceIn(about)), body: body.filter(Boolean).join('\n\n') };
};
