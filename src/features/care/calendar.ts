import 'server-only';
import ical, { ICalCalendarMethod } from 'ical-generator';
import type { Language } from '@/core/care';
import { groupBy } from '@/core/quantity';
import type { CareLook } from '@/data/care/queries';
import { tagOf } from '@/data/work/batch';
import { initialsOf } from '@/messages/care';
import { calendar as wording } from '@/messages/screens/care';
import { allergensIn, SLIP_WORDS, shippedIn, titleIn } from '@/messages/slip';
import { type Slip, slipIn } from '@/print/slip';
import { reads } from '@/web/here';

/** A piece's looks to be put into a calendar, each with the number that stays its own. */
export type Looked = {
  readonly slip: Slip;
  readonly dates: readonly string[];
  readonly language: Language;
};

const emptyCalendar = (name: string) =>
  ical({ name, method: ICalCalendarMethod.PUBLISH, prodId: { company: 'Rendle', product: 'Care', language: 'EN' } });

/** Dates to look as a calendar that any calendar program imports: whole days, the same ids every time. */
export function calendarOf(pieces: readonly Looked[]): string {
  const first = pieces[0];
  const calendar = emptyCalendar(pieces.length === 1 && first ? slipIn(first.slip, first.language, reads()).title : 'Care');
  for (const { slip, dates, language } of pieces) {
    const text = slipIn(slip, language, reads());
    const words = SLIP_WORDS[language];
    const says =
      slip.allergens.length > 0 || slip.undeclared.length > 0 ? ` ${allergensIn(language, slip.allergens, slip.undeclared)}` : '';
    for (const date of dates)
      calendar.createEvent({
        id: `${slip.code}-${date}@rendle`,
        start: new Date(`${date}T00:00:00Z`),
        allDay: true,
        stamp: new Date(`${slip.soldOn}T12:00:00Z`),
        summary: words.letter.subject(text.title),
        description: `${text.look} ${shippedIn(language, slip.ownWords ?? '')?.treat || slip.ownWords || words.treat[slip.careClass]}${says}`,
      });
  }
  return calendar.toString();
}

/** Owners' looks for the shop: one entry a day, with the pieces that are looked at and the first letters of who has them. */
export function looksCalendar(looks: readonly CareLook[]): string {
  const calendar = emptyCalendar(wording.ownersLooks);
  for (const [day, due] of groupBy(looks, (one) => one.dueOn))
    calendar.createEvent({
      id: `looks-${day}@rendle`,
      start: new Date(`${day}T00:00:00Z`),
      allDay: true,
      stamp: new Date(`${day}T12:00:00Z`),
      summary: due.length === 1 ? wording.oneOwnersLook : wording.ownersLooks2(due.length),
      description: due.map((one) => `${titleIn('en', one)} ${tagOf(one, one)}, ${initialsOf(one.whose)}`).join('\n'),
    });
  return calendar.toString();
}
