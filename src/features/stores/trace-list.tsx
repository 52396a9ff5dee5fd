import type { Trace, TraceBatch, TracePiece } from '@/data/trace/queries';
import { traceList as wording } from '@/messages/screens/stores';
import { Link } from '@/ui/link';
import { longDate } from '@/ui/when';

const SHOWN = 60;

/** Batches a lot was drawn into, with what was sold of them. */
function DrawnInto({ drawn, sold }: { readonly drawn: TraceBatch[]; readonly sold: TracePiece[] }) {
  return (
    <>
      {drawn.slice(0, SHOWN).map((batch) => (
        <li key={batch.id} className="border-hair border-b py-1">
          <Link href={`/work/${batch.number}`} className="reading font-semibold">
            {batch.number}
          </Link>{' '}
          {batch.design}
          <span className="block text-sm">
            {sold
              .filter((piece) => piece.batchId === batch.id)
              .map((piece) => (
                <span key={piece.code} className="block">
                  <Link href={`/piece/${piece.code}`} className="reading">
                    {piece.number}
                  </Link>
                  {piece.buyer ? ` to ${piece.buyer}` : ''}
                  {piece.soldOn ? ` on ${longDate(piece.soldOn)}` : ''}
                </span>
              ))}
          </span>
        </li>
      ))}
    </>
  );
}

/** The trace in words: what went in, what it went into, which pieces, and who has them. */
export function TraceList({ trace }: { readonly trace: Trace }) {
  const lots = (way: 'back' | 'on') => trace.lots.filter((lot) => lot.way === way);
  const sold = trace.pieces.filter((piece) => piece.soldOn !== null);
  const here = trace.pieces.length - sold.length;
  const drawn = trace.batches.filter((batch) => !batch.planned);
  const planned = trace.batches.filter((batch) => batch.planned);
  return (
    <div className="mt-3 grid gap-x-10 gap-y-4 bench:grid-cols-3">
      {(['back', 'on'] as const).map((way) => (
        <section key={way}>
          <h3>{way === 'back' ? wording.wentIntoIt : wording.itWentInto}</h3>
          {lots(way).length === 0 ? <p className="text-soft">{wording.noLot}</p> : null}
          <ul>
            {lots(way)
              .slice(0, SHOWN)
              .map((lot) => (
                <li key={lot.id} className="border-hair border-b py-1">
                  <Link href={`/stores/lots/${lot.id}`} className="reading font-semibold">
                    {lot.number}
                  </Link>{' '}
                  {lot.what}
                  {lot.held ? <span className="font-semibold text-late">{wording.held}</span> : null}
                </li>
              ))}
          </ul>
        </section>
      ))}
      <section>
        <h3>{wording.reached}</h3>
        <p className="mb-1">
          {wording.batchesPiecesInThe(
            drawn.length,
            trace.pieces.length,
            here,
            sold.length,
            trace.tins.length > 0 ? wording.tinsSold(trace.tins.reduce((sum, tin) => sum + tin.count, 0)) : '',
          )}
        </p>
        <ul>
          <DrawnInto drawn={drawn} sold={sold} />
          {planned.map((batch) => (
            <li key={batch.id} className="border-hair border-b border-dashed py-1 text-soft">
              <Link href={`/work/${batch.number}`} className="reading">
                {batch.number}
              </Link>
              {wording.plannedNothingDrawnYet(batch.design)}
            </li>
          ))}
          {trace.tins.map((tin, i) => (
            // biome-ignore lint/suspicious/noArrayIndexKey: sales of the same tins on one day differ in nothing else
            <li key={`${tin.lotId}-${i}`} className="border-hair border-b py-1">
              {wording.on(
                tin.count === 1 ? wording.tin : wording.tins(tin.count),
                tin.buyer ? `to ${tin.buyer} ` : '',
                longDate(tin.soldOn),
              )}
            </li>
          ))}
        </ul>
      </section>
    </div>
  );
}
