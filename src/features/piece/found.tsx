import 'server-only';
import { redirect } from 'next/navigation';
import { findAnyPiece } from '@/data/piece/piece';
import { asPiece, loadBatch } from '@/data/work/batch';
import { initialsOf } from '@/messages/care';
import { found as wording } from '@/messages/screens/piece';
import { shared } from '@/messages/screens/shared';
import { lookOf } from '@/trade/drawing/look';
import { PieceMark } from '@/trade/drawing/piece-mark';
import { FindPiece } from '@/trade/find-piece';
import { Link } from '@/ui/link';
import { longDate, yearOf } from '@/ui/when';
import { session } from '@/web/session';

const MOST = 60;

/** The pieces that were asked for; where it is one, its page. */
export async function FoundPieces({ asked }: { readonly asked: string }) {
  const { db, shop, nowMs } = await session();
  const found = findAnyPiece(db, asked);
  if (found.length === 1 && found[0]) redirect(`/piece/${found[0].code}`);
  return (
    <>
      <div className="flex flex-wrap items-end justify-between gap-4">
        <h1>{asked === '' ? shared.findAPiece : wording.piecesFor(found.length === 0 ? wording.no : found.length, asked)}</h1>
        <FindPiece asked={asked} year={yearOf(nowMs, shop.zone)} />
      </div>
      {found.length === 0 ? <p className="mt-3">{wording.aPieceIsFound}</p> : null}
      <ul className="mt-3">
        {found.slice(0, MOST).map((one) => {
          const whole = loadBatch(db, one.batchId, nowMs);
          const own = whole?.pieces.find((piece) => piece.code === one.code);
          const batch = whole && own ? asPiece(whole, own) : whole;
          return (
            <li key={one.code} className="border-rule border-t">
              <Link href={`/piece/${one.code}`} className="flex items-center gap-4 py-2 no-underline hover:underline">
                <span className="flex w-20 justify-center">
                  {batch ? <PieceMark look={lookOf(batch.design.geometry, batch.species.id)} scale={0.8} /> : null}
                </span>
                <span className="reading w-24 font-semibold">{one.tag}</span>
                <span className="grow">
                  {batch ? `${batch.species.name} ${one.design.toLowerCase()}` : one.design}
                  <span className="block text-sm text-soft">{one.whose ? initialsOf(one.whose) : wording.noOwnerNoted}</span>
                </span>
                <span className="reading text-sm">
                  {one.leftWhy ? wording.left(one.leftWhy) : one.soldOn ? wording.sold(longDate(one.soldOn)) : wording.inTheShop}
                </span>
              </Link>
            </li>
          );
        })}
      </ul>
      {found.length > MOST ? <p className="mt-2 text-soft">{wording.andMoreAskFor(found.length - MOST)}</p> : null}
    </>
  );
}
