import 'server-only';
import { notFound } from 'next/navigation';
import { addDays, wallClock } from '@/core/quantity';
import { allPins } from '@/data/plan/pins';
import { openRagLines } from '@/data/rags/queries';
import { shared } from '@/messages/screens/shared';
import { daySheet as wording } from '@/messages/screens/today';
import { shopNow } from '@/trade/hands/open-batches';
import { Link } from '@/ui/link';
import { PrintButton } from '@/ui/print-button';
import { Ring } from '@/ui/ring';
import { clockTime, longDate } from '@/ui/when';
import { session } from '@/web/session';
import { type Peg, pegsOf } from './pegs';

/** The day's hand-work on paper for the wall: times, whose hands, windows, room to tick. */
export async function DaySheet({ date }: { readonly date: string }) {
  if (!/^\d{4}-\d{2}-\d{2}$/.test(date) || Number.isNaN(Date.parse(date))) notFound();
  const { db, shop, people, nowMs } = await session();
  const { open } = shopNow(db, nowMs);
  const [fromMs, toMs] = [wallClock(`${date}T00:00`, shop.zone), wallClock(`${addDays(date, 1)}T00:00`, shop.zone)];
  const pegs = pegsOf(open, people, allPins(db))
    .filter((peg) => peg.fromMs >= fromMs && peg.fromMs < toMs)
    .sort((a, b) => a.fromMs - b.fromMs);
  const time = (ms: number): string => clockTime(ms, shop.zone, ms);
  return (
    <main className="mx-auto max-w-4xl p-6">
      <div className="no-print mb-4 flex flex-wrap gap-4">
        <PrintButton />
        <Link href={`/sheet/${addDays(date, -1)}`} className="inline-flex min-h-11 items-center">
          {wording.dayBefore}
        </Link>
        <Link href={`/sheet/${addDays(date, 1)}`} className="inline-flex min-h-11 items-center">
          {wording.dayAfter}
        </Link>
        <Link href="/" className="inline-flex min-h-11 items-center">
          {wording.today}
        </Link>
      </div>
      <h1>{longDate(date)}</h1>
      <p className="mb-3 text-soft">{wording.plannedThePlanMoves(shop.name, clockTime(nowMs, shop.zone))}</p>
      {pegs.length === 0 ? <p className="text-lg">{wording.noHandWorkIs}</p> : null}
      <ol>
        {pegs.map((peg) => (
          <Line key={peg.key} peg={peg} time={time} ring={open.find((one) => one.batch.id === peg.batchId)?.standing.ring} />
        ))}
      </ol>
      <h2 className="mt-6">{shared.oilyCloths}</h2>
      <p className="max-w-prose">{wording.flatAndSingleOn(openRagLines(db).length > 0 ? wording.aRagLineIs : '')}</p>
    </main>
  );
}

type LineProps = {
  readonly peg: Peg;
  readonly time: (ms: number) => string;
  readonly ring: Parameters<typeof Ring>[0]['facts'] | undefined;
};

function Line({ peg, time, ring }: LineProps) {
  return (
    <li className="grid grid-cols-[4rem_2.5rem_minmax(0,1fr)_2rem] items-center gap-x-3 bench:grid-cols-[6rem_3.5rem_2.5rem_minmax(0,1fr)_10rem_2rem] print:grid-cols-[6rem_3.5rem_2.5rem_minmax(0,1fr)_10rem_2rem] border-ink border-t py-2">
      <span className="reading text-xl font-semibold">{time(peg.fromMs)}</span>
      <span className="reading font-semibold">{peg.who}</span>
      <span className="hidden bench:block print:block">
        {ring ? <Ring facts={ring} seed={peg.batchId} size={36} title={peg.number} /> : null}
      </span>
      <span>
        <span className="block font-semibold">{peg.action}</span>
        <span className="reading text-sm">
          {peg.number} {peg.title}
        </span>
      </span>
      <span className="reading hidden text-sm bench:block print:block">
        {peg.latestMs !== null && peg.earliestMs !== null
          ? wording.notBeforeNotAfter(time(peg.earliestMs), time(peg.latestMs))
          : peg.earliestMs !== null
            ? wording.notBefore(time(peg.earliestMs))
            : ''}
      </span>
      <span aria-hidden="true" className="size-7 border-2 border-ink" />
    </li>
  );
}
