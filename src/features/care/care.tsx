import 'server-only';
import { Link } from '@/ui/link';
import { notFound } from 'next/navigation';
import { dateOf, daysBetween } from '@/core/quantity';
import { careOf, unseenReports } from '@/data/care/owners';
import { letters } from '@/data/care/post';
import { findSold, soldPieces, type SoldPiece, unsoldPieces } from '@/data/care/queries';

import { allBatchIds, loadBatch, tagOf } from '@/data/work/batch';
import { linkLook } from '@/ui/button';
import { Ring } from '@/ui/ring';
import { longDate } from '@/ui/when';
import { lotsNow, session } from '../shop/session';
import { titleOf } from '../today/strip';
import { OwnerTools } from './components/owner-tools';
import { Letters, Said } from './letters';
import { PrintButton } from './components/print-button';
import { releasedRing, type Slip, slipOf } from './slip';
import { SlipCard } from './slip-card';

/** Care: what waits to be sold, and every sold piece with its next look. */
export async function Care() {
  const { db, shop, nowMs } = await session();
  const today = dateOf(nowMs, shop.zone);
  const lots = lotsNow(db);
  const sold = soldPieces(db, today);
  const forSale = allBatchIds(db).flatMap((id) => {
    const batch = loadBatch(db, id, nowMs, lots);
    const left = batch?.release?.outcome === 'released' ? unsoldPieces(db, batch).length : 0;
    return batch && left > 0 ? [{ batch, left }] : [];
  });
  const nameOf = new Map(sold.map((one) => [one.batchId, loadBatch(db, one.batchId, nowMs, lots)]));
  return (
    <>
      <h1>Care</h1>
      <h2 className="mt-5 mb-1">Released, to sell</h2>
      {forSale.length === 0 ? (
        <p className="text-soft">Nothing is released and unsold. Batches come here from Cure and release.</p>
      ) : null}
      <ul>
        {forSale.map(({ batch, left }) => (
          <li key={batch.id} className="flex flex-wrap items-center gap-4 border-rule border-t py-2">
            <Ring facts={releasedRing(batch)} seed={batch.id} size={44} title={batch.number} />
            <span className="reading font-semibold">{batch.number}</span>
            <span className="grow">
              {titleOf(batch)}, {left} left
            </span>
            <Link href={`/release/${batch.number}`} className={linkLook('main')}>
              Sell
            </Link>
          </li>
        ))}
      </ul>
      <Said reports={unseenReports(db)} zone={shop.zone} />
      <h2 className="mt-8 mb-1">Sold and cared for</h2>
      {sold.length === 0 ? <p className="text-soft">No piece has been sold yet.</p> : null}
      <table className="w-full">
        <tbody>
          {sold.map((one) => {
            const batch = nameOf.get(one.batchId);
            const days = one.nextDue ? daysBetween(today, one.nextDue) : null;
            return (
              <tr key={one.code} className="border-hair border-t align-middle">
                <td className="reading py-2 pr-4 font-semibold">
                  <span className="flex items-center gap-3">
                    {batch ? <Ring facts={releasedRing(batch)} seed={batch.id} size={36} title={one.number} /> : null}
                    {tagOf(one, one)}
                  </span>
                </td>
                <td className="py-2 pr-4">
                  {batch ? `${batch.species.name} ${batch.design.name.toLowerCase()}` : ''}
                  <span className="block text-sm text-soft">{one.buyer ?? 'buyer not noted'}</span>
                </td>
                <td className="reading py-2 pr-4 text-sm">
                  sold {longDate(one.soldOn)}
                  <span className={`block ${days !== null && days <= 7 ? 'font-semibold text-cure' : 'text-soft'}`}>
                    {one.nextDue ? `next look ${longDate(one.nextDue)}` : 'no dates'}
                  </span>
                </td>
                <td className="py-1 text-right">
                  <Link href={`/slip/${one.code}`} className={linkLook('plain')}>
                    Slip
                  </Link>
                </td>
              </tr>
            );
          })}
        </tbody>
      </table>
      <Letters rows={letters(db)} zone={shop.zone} />
    </>
  );
}

/** The slip of a sold piece, and where it can be had. */
export async function SlipPage({ code }: { readonly code: string }) {
  const { db, shop, nowMs } = await session();
  const sold = findSold(db, code, nowMs);
  if (!sold) notFound();
  const slip = slipOf(sold, shop);
  const keeps = careOf(db, code);
  return (
    <div className="flex flex-wrap gap-10">
      <div className="border-2 border-ink print:border-0">
        <SlipCard slip={slip} />
      </div>
      <div className="no-print max-w-md grow">
        <h1>
          Slip <span className="reading">{slip.pieceNumber}</span>
        </h1>
        <p className="mt-2">{sold.buyer ?? 'No buyer is noted.'}</p>
        <div className="mt-4 flex flex-col items-start gap-2">
          <a href={`/slip/${code}/pdf`} className={linkLook('main', true)}>
            A6 as PDF
          </a>
          <PrintButton />
          <a href={`/slip/${code}/ics`} className={linkLook('plain')}>
            Dates for a calendar
          </a>
          {shop.baseAddress ? (
            <a href={`/care/${code}`} className={linkLook('plain')}>
              The owner’s page
            </a>
          ) : null}
        </div>
        <p className="mt-4 text-sm text-soft">
          {shop.baseAddress
            ? `The code leads to ${slip.codeText}.`
            : 'The code holds the short care text itself. Once the shop has a public base address (under the shop’s name), it leads to the owner’s page.'}
        </p>
        {keeps?.ownerId ? <OwnerTools ownerId={keeps.ownerId} /> : null}
        {keeps && keeps.reOiledOn.length > 0 ? (
          <p className="mt-4">Re-oiled by its owner: {keeps.reOiledOn.map(longDate).join(', ')}.</p>
        ) : null}
        <h2 className="mt-6 mb-1">Looks</h2>
        <ol className="reading columns-2">
          {sold.dates.slice(0, 24).map((date) => (
            <li key={date}>{longDate(date)}</li>
          ))}
        </ol>
      </div>
    </div>
  );
}

/** The sold piece of a code with its slip, for the PDF, the calendar and the owner's page. Null when there is none. */
export async function slipFor(code: string): Promise<{ readonly slip: Slip; readonly sold: SoldPiece } | null> {
  const { db, shop, nowMs } = await session();
  const sold = findSold(db, code, nowMs);
  return sold ? { slip: slipOf(sold, shop), sold } : null;
}
