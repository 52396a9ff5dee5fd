import 'server-only';
import { formatMass } from '@/core/quantity';
import { lastReading, places, shopHours } from '@/data/shop/queries';

import { lotsNow, session } from '../shop/session';
import { DayLine, type Peg } from './components/day-line';
import { Rack, type Shelf } from './components/rack';
import { week } from './week';
import { type OpenBatch, openBatches, titleOf } from './strip';

/** The hand-work of the coming days, from each batch's own plan. */
function pegsOf(open: readonly OpenBatch[]): Peg[] {
  return open.flatMap(({ batch, standing, plan }) => {
    if (!plan?.feasible) return [];
    const left = new Set(standing.progress.rest.map((task) => task.key));
    const action = (key: string): string => standing.tasks.find((task) => task.key === key)?.step.action ?? key;
    return plan.steps
      .filter((step) => left.has(step.id))
      .map((step) => ({
        key: `${batch.id}-${step.id}`,
        number: batch.number,
        action: action(step.id),
        fromMs: step.startMs,
        toMs: step.endMs,
      }));
  });
}

/** Today: the rack as it stands, and the hand-work of the coming week on the shop's hours. */
export async function Today() {
  const { db, shop, nowMs } = await session();
  const open = openBatches(db, nowMs);
  const shelves: Shelf[] = places(db).map((place) => {
    const reading = lastReading(db, place.id);
    return {
      id: place.id,
      name: place.name,
      air: reading ? `${reading.tempC.toFixed(1)} °C, ${Math.round(reading.rhFraction * 100)} %` : 'no reading yet',
      standing: open
        .filter((one) => one.batch.place?.id === place.id)
        .map(({ batch, standing, action }) => ({
          id: batch.id,
          number: batch.number,
          title: titleOf(batch),
          ring: standing.ring,
          next: action?.action ?? 'All steps done',
        })),
    };
  });
  const blocked = open.flatMap(({ batch, action }) => (action?.blocked ? [`${batch.number}: ${action.blocked}.`] : []));
  const low = lotsNow(db).filter((lot) => lot.kind === 'bought' && lot.leftG > 0 && lot.leftG < 0.1 * lot.receivedG);
  return (
    <>
      <h1>On the rack</h1>
      <Rack shelves={shelves} />
      <h2 className="mt-8 mb-2">The week for hands</h2>
      {blocked.map((text) => (
        <p key={text} className="mb-2 border-l-4 border-late pl-3">
          ▲ {text}
        </p>
      ))}
      <DayLine days={week(shopHours(db), nowMs)} pegs={pegsOf(open)} nowMs={nowMs} zone={shop.zone} />
      {low.length > 0 ? (
        <p className="mt-4 text-soft">Running low: {low.map((lot) => `${lot.number} (${formatMass(lot.leftG)})`).join(', ')}.</p>
      ) : null}
    </>
  );
}
