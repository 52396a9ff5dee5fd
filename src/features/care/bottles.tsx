import 'server-only';
import { careTraits } from '@/core/care';
import { addDays, say } from '@/core/quantity';
import { gramsDue, REFILL_DAYS } from '@/data/care/bottles';
import type { Db } from '@/data/db';
import type { KnownLot } from '@/data/stores/queries';
import { bottles as wording } from '@/messages/screens/care';
import { SLIP_WORDS } from '@/messages/slip';
import { Link } from '@/ui/link';
import { reads } from '@/web/here';

type Props = { readonly db: Db; readonly lots: readonly KnownLot[]; readonly today: string };

/** What never dries is renewed from tins that never dry, the rest from tins that do. */

/** Tins for refills against what owners will use up in the coming months: what runs short is said before it is asked for. */
export function Bottles({ db, lots, today }: Props) {
  const due = gramsDue(db, today, addDays(today, REFILL_DAYS)).filter((row) => row.grams > 0);
  const tins = lots.filter((lot) => lot.kind === 'tin' && !lot.held);
  if (due.length === 0 && tins.length === 0) return null;
  return (
    <section className="mt-8">
      <h2 className="mb-1">{wording.bottlesAndRefills}</h2>
      <ul>
        {due.map((row) => {
          const there = tins.filter(
            (lot) => lot.nature?.drying === careTraits(row.careClass).renewedBy && (lot.countLeft ?? 0) > 0,
          );
          const grams = there.reduce((sum, lot) => sum + lot.leftG, 0);
          return (
            <li
              key={row.careClass}
              className="grid gap-x-4 border-hair border-t py-1.5 bench:grid-cols-[minmax(0,1fr)_minmax(0,1fr)_minmax(0,1.4fr)]"
            >
              <span>
                {SLIP_WORDS.en.finish[row.careClass]}
                <span className="block text-sm text-soft">
                  {wording.outThere(row.pieces, row.pieces === 1 ? wording.piece : wording.pieces)}
                </span>
              </span>
              <span className="reading">{wording.wantedInDays(say(row.grams, 'g', reads()), REFILL_DAYS)}</span>
              <span className={grams < row.grams ? 'font-semibold text-late' : ''}>
                {there.length === 0
                  ? wording.noTinThatRenews
                  : grams < row.grams
                    ? wording.onlyInTins(say(grams, 'g', reads()))
                    : wording.inTins(say(grams, 'g', reads()))}
                {there.map((lot, i) => (
                  <span key={lot.id} className="font-normal text-ink">
                    {i > 0 ? ', ' : ''}
                    <Link href={`/stores/lots/${lot.id}`}>{lot.number}</Link> {lot.title}, {lot.countLeft}
                  </span>
                ))}
                {grams < row.grams ? (
                  <>
                    {there.length > 0 ? '. ' : ''}
                    <Link href="/blends">{wording.pourMore}</Link>
                  </>
                ) : null}
              </span>
            </li>
          );
        })}
      </ul>
      <p className="text-sm text-soft">{wording.wantedIsWhatEvery}</p>
    </section>
  );
}
