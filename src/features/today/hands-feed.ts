import 'server-only';
import ical, { type ICalCalendar, ICalCalendarMethod } from 'ical-generator';
import { MS_PER_MINUTE } from '@/core/quantity';
import { people } from '@/data/shop/queries';
import { handsFeed as wording } from '@/messages/screens/today';
import { type OpenBatch, shopNow, titleOf } from '@/trade/hands/open-batches';
import { session } from '@/web/session';

/** The steps of a batch that are still to come, for one pair of hands or for all. */
function addSteps(calendar: ICalCalendar, { batch, standing, plan }: OpenBatch, by: string | null, nowMs: number): void {
  if (!plan?.feasible) return;
  const left = new Map(standing.progress.rest.map((task) => [task.key, task]));
  for (const step of plan.steps) {
    const task = left.get(step.id);
    if (!task || (by !== null && step.by !== by) || step.endMs < nowMs) continue;
    calendar.createEvent({
      id: `${batch.number}-${step.id}@rendle`,
      start: new Date(step.startMs),
      end: new Date(Math.max(step.endMs, step.startMs + MS_PER_MINUTE)),
      stamp: new Date(nowMs),
      summary: `${task.step.action}, ${batch.number}`,
      description: wording.thePlanMovesWhen(titleOf(batch), task.rounds > 1 ? wording.roundOf(task.round, task.rounds) : ''),
    });
  }
}

/** The hand-work of one person, or of all, as a calendar that any calendar program follows. `who` is their initials. */
export async function GET(request: Request): Promise<Response> {
  const { db, shop, nowMs } = await session();
  const who = new URL(request.url).searchParams.get('who')?.toUpperCase() ?? '';
  const crew = people(db);
  const person = crew.find((one) => one.initials.toUpperCase() === who);
  if (who !== '' && !person) return new Response(wording.nobodyHereHasThese, { status: 404 });
  const { open } = shopNow(db, nowMs);
  const calendar = ical({
    name: person ? `${shop.name}: ${person.name}` : shop.name,
    method: ICalCalendarMethod.PUBLISH,
    prodId: { company: 'Rendle', product: 'Hands', language: 'EN' },
    ttl: 900,
  });
  for (const one of open) addSteps(calendar, one, person ? String(person.id) : null, nowMs);
  return new Response(calendar.toString(), {
    headers: { 'content-type': 'text/calendar; charset=utf-8', 'content-disposition': 'inline; filename="hands.ics"' },
  });
}
