import 'server-only';
import ical, { ICalCalendarMethod } from 'ical-generator';
import type { Slip } from './slip';

/** The dates to look as a calendar that any calendar program imports: whole days, the same ids every time. */
export function calendarOf(slip: Slip, dates: readonly string[]): string {
  const calendar = ical({
    name: `Care: ${slip.title}`,
    method: ICalCalendarMethod.PUBLISH,
    prodId: { company: 'Rendle', product: 'Care', language: 'EN' },
  });
  dates.forEach((date, index) => {
    calendar.createEvent({
      id: `${slip.code}-${index}@rendle`,
      start: new Date(`${date}T00:00:00Z`),
      allDay: true,
      stamp: new Date(`${slip.soldOn}T12:00:00Z`),
      summary: `Look at the ${slip.title}`,
      description: `${slip.look} ${slip.treat}${slip.allergens.length > 0 ? ` Contains: ${slip.allergens.join(', ')}.` : ''}`,
    });
  });
  return calendar.toString();
}
