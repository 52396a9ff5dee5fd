import 'server-only';
import { roomTaken } from '@/core/piece';
import { dateOf, MS_PER_MINUTE, say } from '@/core/quantity';
import { ROOM_UNITS } from '@/core/regimen';
import type { Db } from '@/data/db';
import { openNotices } from '@/data/facts/facts';
import { allPins } from '@/data/plan/pins';
import { COOLS_MIN, openJars } from '@/data/pour/queries';
import { people as allPeople, lastReading, type Place, places, shopHours } from '@/data/shop/queries';
import { lotsNow } from '@/data/stores/queries';
import { decidedBatchIds, piecesIn } from '@/data/work/batch';
import { shared } from '@/messages/screens/shared';
import { today as wording } from '@/messages/screens/today';
import { lookOf } from '@/trade/drawing/look';
import { RingLegend } from '@/trade/drawing/ring-legend';
import { type OpenBatch, shopNow, titleOf } from '@/trade/hands/open-batches';
import { Fold } from '@/ui/fold';
import { Link } from '@/ui/link';
import { clockTime } from '@/ui/when';
import { reads } from '@/web/here';
import { isPhone, session } from '@/web/session';
import { DayLine } from './components/day-line';
import { MoveRing } from './components/move-ring';
import { type Cooling, Rack, type Shelf } from './components/rack';
import { FirstSteps } from './first-steps';
import { pegsOf } from './pegs';
import { week } from './week';

/** What of the shop is looked at: one person's hands, one place. */
export type TodayLook = { readonly who: string | null; readonly place: string | null };

const amount = (value: number): string => (value < 10 ? value.toFixed(1) : value.toFixed(0));

/** How full a place is: what stands on it against what fits. */
function roomWords(place: Place, standing: readonly OpenBatch[]): { readonly room: string; readonly overfull: boolean } {
  const unit = ROOM_UNITS[place.kind];
  if (unit === null || place.capacity === null) return { room: '', overfull: false };
  const used = standing.reduce((sum, { batch }) => sum + roomTaken(batch.design.geometry, piecesIn(batch).length, unit), 0);
  const short = unit === 'litres' ? 'l' : 'm';
  const room = unit === 'batches' ? `${used} of ${place.capacity}` : `${amount(used)} of ${amount(place.capacity)} ${short}`;
  return { room, overfull: used > place.capacity + 1e-9 };
}

/** Filled jars that stand open until they are cold. */
const coolingNow = (db: Db, nowMs: number, zone: string): Cooling[] =>
  openJars(db).map(({ pourId, number, filledAt }) => {
    const [opaqueMs, lidMs] = [COOLS_MIN.opaque, COOLS_MIN.lid].map((min) => filledAt + min * MS_PER_MINUTE);
    return {
      pourId,
      number,
      set: (nowMs - filledAt) / (COOLS_MIN.opaque * MS_PER_MINUTE),
      says:
        nowMs < (opaqueMs ?? 0)
          ? wording.clearUntil(clockTime(opaqueMs ?? 0, zone, nowMs))
          : nowMs < (lidMs ?? 0)
            ? wording.lidFrom(clockTime(lidMs ?? 0, zone, nowMs))
            : wording.coldLidOn,
    };
  });

/** Each place with its air and what of the batches shown stands there. */
const shelvesOf = (db: Db, places: readonly Place[], open: readonly OpenBatch[], shown: readonly OpenBatch[]): Shelf[] =>
  places.map((place) => {
    const reading = lastReading(db, place.id);
    return {
      id: place.id,
      name: place.name,
      air: reading
        ? `${say(reading.tempC, '°C', reads())}, ${say(reading.rhFraction, 'fraction', reads())}`
        : wording.noReadingYet,
      ...roomWords(
        place,
        open.filter((one) => one.batch.place?.id === place.id),
      ),
      standing: shown
        .filter((one) => one.batch.place?.id === place.id)
        .map(({ batch, standing }) => ({
          id: batch.id,
          number: batch.number,
          title: titleOf(batch),
          ring: standing.ring,
          look: lookOf(batch.design.geometry, batch.species.id),
          count: piecesIn(batch).length,
        })),
    };
  });

/** What has become known and touches what the shop has, and the way to it. */
function KnownChanged({ changed }: { readonly changed: ReturnType<typeof openNotices> }) {
  if (changed.length === 0) return null;
  const holds = changed.filter((one) => one.kind === 'held').length;
  return (
    <p className="mb-3 border-late border-l-8 bg-paper px-3 py-2">
      {holds > 0 ? '▲ ' : ''}
      <Link href="/changes" className="font-semibold">
        {shared.whatIsKnownHasChanged}
      </Link>
      {wording.toRead(
        changed.length,
        changed.length === 1 ? wording.thing : wording.things,
        holds > 0 ? wording.heldFromSale(holds, holds === 1 ? wording.batchIs : wording.batchesAre) : '',
      )}
    </p>
  );
}

/** Today: the rack as it stands, and the hand-work of the coming week on the shop's hours. */
export async function Today({ look }: { readonly look: TodayLook }) {
  const { db, shop, nowMs } = await session();
  const { open, plan } = shopNow(db, nowMs);
  const crew = allPeople(db);
  const all = places(db);
  const shown = open.filter(
    (one) => (!look.who || one.action?.by === look.who) && (!look.place || String(one.batch.place?.id) === look.place),
  );
  const shelves = shelvesOf(
    db,
    all.filter((place) => !look.place || String(place.id) === look.place),
    open,
    shown,
  );
  const blocked = open.flatMap(({ batch, action }) => (action?.blocked ? [`${batch.number}: ${action.blocked}.`] : []));
  const low = lotsNow(db).filter((lot) => lot.kind === 'bought' && lot.leftG > 0 && lot.leftG < 0.1 * lot.receivedG);
  const pegs = pegsOf(open, crew, allPins(db)).filter(
    (peg) => (!look.who || peg.who === look.who) && (!look.place || shown.some((one) => one.batch.id === peg.batchId)),
  );
  return (
    <>
      <KnownChanged changed={openNotices(db)} />
      <FirstSteps db={db} batches={open.length + decidedBatchIds(db).length} />
      <div className="flex flex-wrap items-end justify-between gap-x-6 gap-y-2">
        <h1>{wording.onTheRack}</h1>
        <Filters look={look} crew={crew.map((one) => one.initials)} places={all} />
      </div>
      <Rack shelves={shelves} cooling={coolingNow(db, nowMs, shop.zone)} />
      <RingLegend open={decidedBatchIds(db).length === 0 && open.length > 0} />
      {open.length > 0 ? (
        <MoveRing
          batches={open.map(({ batch }) => ({ id: batch.id, number: batch.number, title: titleOf(batch) }))}
          places={all.map(({ id, name }) => ({ id, name }))}
        />
      ) : null}
      <div className="mt-6 mb-2 flex flex-wrap items-end justify-between gap-x-6 gap-y-1">
        <h2>{wording.theWeekForHands}</h2>
        <p className="flex flex-wrap gap-x-5">
          <Link href={`/sheet/${dateOf(nowMs, shop.zone)}`} className="inline-flex min-h-11 items-center">
            {wording.todaysSheetForThe}
          </Link>
          <a href={`/api/hands${look.who ? `?who=${look.who}` : ''}`} className="inline-flex min-h-11 items-center">
            {wording.calendarOfHandWork(look.who ?? wording.all)}
          </a>
        </p>
      </div>
      <PlanWords open={open} plan={plan} blocked={blocked} zone={shop.zone} nowMs={nowMs} />
      <DayLine
        days={week(shopHours(db), nowMs)}
        pegs={pegs}
        crew={crew.map((one) => one.initials)}
        onlyList={await isPhone()}
        nowMs={nowMs}
        zone={shop.zone}
      />
      {low.length > 0 ? (
        <p className="mt-4 text-soft">
          {wording.runningLow(low.map((lot) => `${lot.number} (${say(lot.leftG, 'g', reads())})`).join(', '))}
        </p>
      ) : null}
    </>
  );
}

type PlanProps = {
  readonly open: readonly OpenBatch[];
  readonly plan: ReturnType<typeof shopNow>['plan'];
  readonly blocked: readonly string[];
  readonly zone: string;
  readonly nowMs: number;
};
const MOST_MOVES = 4;

/** What the plan cannot do, what it would not hold, and what it moved since it was last made and why. */
function PlanWords({ open, plan, blocked, zone, nowMs }: PlanProps) {
  const find = (id: number) => open.find((one) => one.batch.id === id);
  const action = (id: number, key: string): string =>
    find(id)
      ?.standing.tasks.find((task) => task.key === key)
      ?.step.action.toLowerCase() ?? key;
  const newest = open
    .flatMap(({ batch }) => batch.book.map(({ entry }) => ({ batch, entry })))
    .sort((a, b) => b.entry.recordedAt - a.entry.recordedAt)[0];
  const time = (ms: number): string => clockTime(ms, zone, nowMs);
  return (
    <>
      {blocked.map((text) => (
        <p key={text} className="mb-2 border-l-4 border-late pl-3">
          ▲ {text}
        </p>
      ))}
      {plan.unheld.map((pin) => (
        <p key={`${pin.batchId}-${pin.task}`} className="mb-2 border-l-4 border-late pl-3">
          ▲ {find(pin.batchId)?.batch.number}
          {wording.cannotBeHeldAt(time(pin.startAt), action(pin.batchId, pin.task))}
        </p>
      ))}
      {plan.isOld ? <p className="mb-2 text-soft">{wording.thePlanIsMade}</p> : null}
      {!plan.isOld && plan.moved.length > 0 ? (
        <Fold
          className="mb-2"
          says={wording.thePlanMoved(
            plan.moved.length,
            plan.moved.length === 1 ? wording.step : wording.steps,
            newest ? wording.sinceWasRecorded(newest.batch.number, time(newest.entry.recordedAt)) : '',
          )}
        >
          <ul className="reading pl-4">
            {plan.moved.slice(0, MOST_MOVES).map((move) => (
              <li key={`${move.batch}-${move.id}`}>
                {find(Number(move.batch))?.batch.number} {action(Number(move.batch), move.id)}: {time(move.fromMs)} →{' '}
                {time(move.toMs)}
              </li>
            ))}
            {plan.moved.length > MOST_MOVES ? <li>{wording.andMore(plan.moved.length - MOST_MOVES)}</li> : null}
          </ul>
        </Fold>
      ) : null}
    </>
  );
}

type FilterProps = { readonly look: TodayLook; readonly crew: readonly string[]; readonly places: readonly Place[] };

/** Whose hands and which place; a plain form, so that it works by keyboard and without a script. */
function Filters({ look, crew, places: all }: FilterProps) {
  const box = 'min-h-11 border-ink border-b-2 bg-paper px-2';
  return (
    <form action="/" className="no-print flex flex-wrap items-center gap-3">
      <label className="flex items-center gap-2">
        <span className="text-soft">{wording.hands}</span>
        <select name="who" defaultValue={look.who ?? ''} className={box}>
          <option value="">{wording.everyone}</option>
          {crew.map((initials) => (
            <option key={initials}>{initials}</option>
          ))}
        </select>
      </label>
      <label className="flex items-center gap-2">
        <span className="text-soft">{wording.place}</span>
        <select name="place" defaultValue={look.place ?? ''} className={box}>
          <option value="">{wording.everywhere}</option>
          {all.map((place) => (
            <option key={place.id} value={place.id}>
              {place.name}
            </option>
          ))}
        </select>
      </label>
      <button type="submit" className="min-h-11 px-2 font-semibold underline underline-offset-4">
        {wording.show}
      </button>
    </form>
  );
}
