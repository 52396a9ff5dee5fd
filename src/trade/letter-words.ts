import 'server-only';
import type { About, Writer } from '@/data/care/post';
import { SLIP_WORDS, titleIn } from '@/messages/slip';

const what = ({ language, ...piece }: About): string => {
  const title = titleIn(language, piece);
  return language === 'en' ? title.charAt(0).toLowerCase() + title.slice(1) : title;
};

/** Where a piece's page is; null while the shop has no public address. */
const pageOf = ({ baseAddress, code }: About): string | null => (baseAddress ? `${baseAddress}/care/${code}` : null);

/** Puts letters into words, each in its owner's language. */
export const letterWords: Writer = {
  look: (about) => {
    const { letter } = SLIP_WORDS[about.language];
    const page = pageOf(about);
    const body = [
      letter.due(what(about), about.tag, about.shop),
      about.hasBottle ? letter.bottle : '',
      page ? `${letter.link}\n${page}` : '',
      page ? letter.stopAt(`${page}#letters`) : letter.stopBy,
    ];
    return { subject: letter.subject(what(about)), body: body.filter(Boolean).join('\n\n') };
  },
  hold: (about, why) => {
    const { letter } = SLIP_WORDS[about.language];
    return { subject: letter.holdSubject(what(about)), body: letter.hold(what(about), about.tag, about.shop, why) };
  },
  judged: (about, gates) => {
    const { letter } = SLIP_WORDS[about.language];
    const why = gates.map((gate) => letter.gates[gate]).join('; ');
    return { subject: letter.judgedSubject(what(about)), body: letter.judged(what(about), about.tag, about.shop, why) };
  },
  amiss: (about, amiss) => {
    const { letter, cloths } = SLIP_WORDS[about.language];
    const advice = about.ragsHeat ? `${letter.advice[amiss]}\n\n${cloths}` : letter.advice[amiss];
    return { subject: letter.amissSubject(what(about)), body: letter.amiss(what(about), about.tag, about.shop, advice) };
  },
  together: (language, rows) => ({
    subject: SLIP_WORDS[language].letter.severalSubject(rows.length),
    body: rows.map((row) => row.body).join('\n\n* * *\n\n'),
  }),
};
