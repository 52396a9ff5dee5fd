import 'server-only';
import type { Db } from '@/data/db';
import { decidedBatchIds, loadBatch, piecesIn } from '@/data/work/batch';
import { cancelledBatchIds } from '@/data/work/cancel';
import { standingOfBatch } from '@/data/work/standing';
import { shared } from '@/messages/screens/shared';
import { work as wording } from '@/messages/screens/work';
import { BatchSign } from '@/trade/drawing/batch-sign';
import { FindAnything } from '@/trade/find-anything';
import { FindPiece } from '@/trade/find-piece';
import { type OpenBatch, openBatches, titleOf } from '@/trade/hands/open-batches';
import { linkLook } from '@/ui/button';
import { Link } from '@/ui/link';
import { dayAndDate, fullDate, yearOf } from '@/ui/when';
import { session } from '@/web/session';
import type { Search } from '@/web/table/asked';
import { type Column, DataTable } from '@/web/table/table';
import { NextTiming } from './components/next-timing';

const DECIDED_SHOWN = 12;

/** What is said of a decided batch; only those that are shown are read. */
const decidedColumns = (db: Db, nowMs: number, zone: string): readonly Column<{ readonly id: number }>[] => [
  {
    id: 'batch',
    name: '',
    cell: ({ id }) => {
      const batch = loadBatch(db, id, nowMs);
      if (!batch?.release) return null;
      const { release } = batch;
      return (
        <Link href={`/release/${batch.number}`} className="flex items-center gap-4 py-2 no-underline hover:underline">
          <BatchSign batch={batch} facts={standingOfBatch(db, batch, release.at).ring} size={40} />
          <span className="reading w-20 font-semibold">{batch.number}</span>
          <span className="grow">{titleOf(batch)}</span>
          <span className="text-soft">
            {release.outcome} {fullDate(release.at, zone)}
          </span>
        </Link>
      );
    },
  },
];

/** Every open batch with what it wants next; the decided ones beneath. */
export async function Work({ search }: { readonly search: Search }) {
  const { db, shop, nowMs } = await session();
  const open = openBatches(db, nowMs);
  const decided = decidedBatchIds(db);
  return (
    <>
      <div className="flex flex-wrap items-center justify-between gap-4">
        <h1>{wording.work}</h1>
        <div className="flex flex-wrap gap-2">
          {/* Loaded anew: the camera is allowed there alone. */}
          <a href="/work/round" className={linkLook('plain')}>
            {shared.oneRound}
          </a>
          <Link href="/work/restore" className={linkLook('plain')}>
            {shared.aPieceComesHome}
          </Link>
          <Link href="/work/regimens" className={linkLook('plain')}>
            {shared.regimens}
          </Link>
          <Link href="/work/choose" className={linkLook('plain')}>
            {wording.whichFinish}
          </Link>
          <Link href="/work/new" className={linkLook('main')}>
            {shared.startABatch}
          </Link>
        </div>
      </div>
      <div className="mt-3 flex flex-wrap gap-x-8 gap-y-2">
        <FindAnything />
        <FindPiece year={yearOf(nowMs, shop.zone)} />
      </div>
      {open.length === 0 ? <p className="mt-4 max-w-prose">{wording.noBatchIsOpen}</p> : null}
      <ul className="mt-4">
        {open.map((one) => (
          <BatchRow key={one.batch.id} one={one} nowMs={nowMs} zone={shop.zone} />
        ))}
      </ul>
      {decided.length > 0 ? <h2 className="mt-8 mb-1">{wording.releasedAndRefused}</h2> : null}
      <DataTable
        id="decided"
        path="/work"
        search={search}
        rows={decided.map((id) => ({ id }))}
        columns={decidedColumns(db, nowMs, shop.zone)}
        keyOf={({ id }) => id}
        finds={false}
        size={DECIDED_SHOWN}
        before="Newer"
        after="Older"
      />
      <Cancelled db={db} nowMs={nowMs} zone={shop.zone} />
    </>
  );
}

type BatchRowProps = {
  readonly one: OpenBatch;
  readonly nowMs: number;
  readonly zone: string;
};

function BatchRow({ one: { batch, standing, plan, action }, nowMs, zone }: BatchRowProps) {
  const ends = plan?.feasible ? plan.endsMs : null;
  const late = ends !== null && batch.dueAt !== null && ends > batch.dueAt;
  return (
    <li className="border-rule border-t">
      <Link
        href={`/work/${batch.number}`}
        className="grid items-center gap-x-5 gap-y-1 py-3 no-underline hover:underline bench:grid-cols-[7rem_minmax(0,1fr)_minmax(0,1fr)_9rem]"
      >
        <BatchSign batch={batch} facts={standing.ring} size={52} count={piecesIn(batch).length} />
        <span>
          <span className="reading font-semibold">{batch.number}</span> <span className="font-semibold">{titleOf(batch)}</span>
          <span className="block text-sm text-soft">
            {batch.trial ? wording.trial(batch.trial.number, batch.trial.treatment) : ''}
            {batch.regimen.name}, {batch.place?.name.toLowerCase()}
          </span>
        </span>
        <span>
          {action ? (
            <>
              <span className="block font-semibold">{action.action}</span>
              <NextTiming action={action} nowMs={nowMs} zone={zone} />
            </>
          ) : (
            <span className="font-semibold">
              {batch.trial ? wording.allStepsDoneSee(batch.trial.number) : wording.allStepsDoneSeeCure}
            </span>
          )}
        </span>
        <span className="reading text-sm">
          {ends ? <span className="block">{wording.stepsEnd(dayAndDate(ends, zone))}</span> : null}
          {batch.dueAt ? (
            <span className={late ? 'font-bold text-late' : 'text-soft'}>
              {wording.due(late ? '▲ ' : '', dayAndDate(batch.dueAt, zone))}
            </span>
          ) : null}
        </span>
      </Link>
    </li>
  );
}

/** Cancelled batches that used something: what was drawn for them is found from here. */
function Cancelled({ db, nowMs, zone }: { readonly db: Db; readonly nowMs: number; readonly zone: string }) {
  const ids = cancelledBatchIds(db);
  if (ids.length === 0) return null;
  return (
    <>
      <h2 className="mt-8 mb-1">{wording.cancelled}</h2>
      <ul>
        {ids.map((id) => {
          const batch = loadBatch(db, id, nowMs);
          return batch?.cancelledAt ? (
            <li key={id} className="border-hair border-b py-1">
              <Link href={`/work/${batch.number}`} className="flex min-h-11 flex-wrap items-center gap-x-4">
                <span className="reading font-semibold">{batch.number}</span> <span className="grow">{titleOf(batch)}</span>
                <span className="text-soft">
                  {batch.cancelledWhy} {fullDate(batch.cancelledAt, zone)}
                </span>
              </Link>
            </li>
          ) : null;
        })}
      </ul>
    </>
  );
}
