import 'server-only';
import { notFound } from 'next/navigation';
import { aheadOf } from '@/core/hands';
import { openRagLines } from '@/data/rags/queries';
import { restorationOf } from '@/data/restore/restore';
import { findBatchId, loadBatch, piecesIn } from '@/data/work/batch';
import { benchPage as wording } from '@/messages/screens/bench';
import { lookOf } from '@/trade/drawing/look';
import { changeWords, coatSlots } from '@/trade/hands/coats';
import { bitesOf, cabinetTroubles, NOTHING_BITES } from '@/trade/hands/moment';
import { shopNow } from '@/trade/hands/open-batches';
import { pageVersion } from '@/trade/shell/version-route';
import { Refresh } from '@/web/refresh';
import { session } from '@/web/session';
import { BenchView } from './components/bench-view';

/** The bench view of one batch. */
export async function BenchPage({ number }: { readonly number: string }) {
  const { db, shop, nowMs, person, people } = await session();
  const id = findBatchId(db, number);
  const batch = id === null ? null : loadBatch(db, id, nowMs);
  if (!batch) notFound();
  const { open, plan } = shopNow(db, nowMs);
  const found = open.find((one) => one.batch.number === number);
  return (
    <>
      <Refresh version={pageVersion(db)} soon={plan.isOld} />
      <BenchView
        action={found?.action ?? null}
        over={
          batch.cancelledAt !== null ? 'Cancelled' : piecesIn(batch).length === 0 ? wording.noPiecesLeft : wording.allStepsDone
        }
        look={found ? lookOf(found.batch.design.geometry, found.batch.species.id) : null}
        ahead={aheadOf(found?.standing.progress.rest ?? [])}
        number={number}
        nowMs={nowMs}
        zone={shop.zone}
        ready={person !== null}
        cloths={openRagLines(db)}
        coats={found ? coatSlots(db, found.batch, found.standing) : []}
        changes={found ? changeWords(found.batch, new Map(people.map((one) => [one.id, one.initials])), shop.zone, nowMs) : []}
        batchId={found?.batch.id ?? 0}
        {...(found ? bitesOf(found.batch, found.standing.progress, restorationOf(db, found.batch.id) !== null) : NOTHING_BITES)}
        troubles={cabinetTroubles(db, open, nowMs)}
      />
    </>
  );
}
