import type { About } from '@/core/letters';
import { titleIn } from '../slip';

/** The piece as its owner knows it, in the middle of a sentence. */
export const pieceIn = ({ language, ...piece }: About): string => {
  const title = titleIn(language, piece);
  return language === 'en' ? title.charAt(0).toLowerCase() + title.slice(1) : title;
};
