import 'server-only';
import type { Trace } from '@/data/trace/queries';
import { reached as wording } from '@/messages/screens/stores';
import { Link } from '@/ui/link';
import { longDate } from '@/ui/when';
import { HoldLetters } from './components/hold-letters';

/** What left the house with a held lot on it: released and sold pieces with who has them, and tins. */
export function ReachedFromLot({ trace, lotId }: { readonly trace: Trace; readonly lotId: number }) {
  const released = trace.pieces.filter((one) => one.outcome === 'released');
  const sold = released.filter((one) => one.soldOn !== null);
  const unsold = released.length - sold.length;
  if (released.length === 0 && trace.tins.length === 0) return <p className="mb-4">{wording.nothingWithItOn}</p>;
  return (
    <section className="mb-5 border-late border-l-4 pl-4">
      <h2 className="mb-1">{wording.itHasLeftThe}</h2>
      <p>
        {wording.soldReleasedAndStill(
          sold.length,
          sold.length === 1 ? wording.piece : wording.pieces,
          unsold,
          trace.tins.length > 0 ? wording.tinsSold(trace.tins.reduce((sum, one) => sum + one.count, 0)) : '',
        )}
      </p>
      <ul className="columns-1 wide:columns-2">
        {sold.map((one) => (
          <li key={one.code} className="reading border-hair border-t py-1">
            <Link href={`/slip/${one.code}`}>{one.number}</Link> {one.buyer ?? wording.buyerNotNoted}
            {one.soldOn ? `, ${longDate(one.soldOn)}` : ''}
          </li>
        ))}
        {trace.tins.map((one) => (
          <li key={`${one.lotId}-${one.soldOn}-${one.buyer}`} className="reading border-hair border-t py-1">
            {one.count} {one.count === 1 ? wording.tin : wording.tins}, {one.buyer ?? wording.buyerNotNoted},{' '}
            {longDate(one.soldOn)}
          </li>
        ))}
      </ul>
      {sold.length > 0 ? <HoldLetters lotId={lotId} /> : null}
    </section>
  );
}
