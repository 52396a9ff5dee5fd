import 'server-only';
import ical, { ICalCalendarMethod } from 'ical-generator';
import type { Language } from '@/core/care';
import { allergenIn, SLIP_WORDS } from '@/messages/slip';
import { type Slip, slipIn } from './slip';

/** A piece's looks to be put into a calendar, each with the number that stays its own. */
export type Looked = {
  readonly slip: Slip;
  readonly dates: readonly string[];
  readonly language: Language;
  /** Whose it is, for the shop's own calendar. */
  readonly whose?: string;
};

/** Dates to look as a calendar that any calendar program imports: whole days, the same ids every time. */
export function calendarOf(pieces: readonly Looked[]): string {
  const first = pieces[0];
  const calendar = ical({
    name: pieces.length === 1 && first ? slipIn(first.slip, first.language).title : 'Care',
    method: ICalCalendarMethod.PUBLISH,
    prodId: { company: 'Rendle', product: 'Care', language: 'EN' },
  });
  for (const { slip, dates, language, whose } of pieces) {
    const text = slipIn(slip, language);
    const words = SLIP_WORDS[language];
    const allergens = slip.allergens.map((name) => allergenIn(language, name)).join(', ');
    for (const date of dates)
      calendar.createEvent({
        id: `${slip.code}-${date}@rendle`,
        start: new Date(`${date}T00:00:00Z`),
        allDay: true,
        stamp: new Date(`${slip.soldOn}T12:00:00Z`),
        summary:
          whose === undefined
            ? words.letter.subject(text.title)
            : `${text.title} ${slip.pieceNumber}${whose ? `, ${whose}` : ''}`,
        description: `${text.look} ${words.treat[slip.careClass]}${allergens ? ` ${words.allergens}: ${allergens}.` : ''}`,
      });
  }
  return calendar.toString();
}
