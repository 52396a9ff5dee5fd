import 'server-only';
import { type Amiss, type AmissFacts, causesOf } from '@/core/care';
import type { Db } from '@/data/db';
import { writeAnswer } from '@/data/mail/write';
import type { Batch, Piece } from '@/data/work/batch';
import { AMISS_WAY_WORDS, CAUSE_WORDS } from '@/messages/amiss';
import { LETTER_WORDS } from '@/messages/letters';
import { amissPanel as wording } from '@/messages/screens/piece';
import { linkLook } from '@/ui/button';
import { Link } from '@/ui/link';
import { DraftAnswer } from './components/draft-answer';

type Props = {
  readonly db: Db;
  readonly batch: Batch;
  readonly piece: Piece;
  readonly isSold: boolean;
  readonly amiss: Amiss;
  readonly ageDays: number;
  readonly nowMs: number;
};

const factsOf = (batch: Batch, ageDays: number): AmissFacts => ({
  finish: batch.regimen.careClass,
  slowsCure: batch.species.slowsCure,
  thinned: batch.on.some((lot) => lot.nature?.flammable === true),
  isBoard: batch.design.geometry.shape === 'board',
  ageDays,
});

/** What to look at, what may lie behind it and what puts it right; then what its owner is told, and where it goes. */
export function AmissPanel({ db, batch, piece, isSold, amiss, ageDays, nowMs }: Props) {
  const causes = causesOf(amiss, factsOf(batch, ageDays));
  const answer = writeAnswer(db, piece.code, amiss, LETTER_WORDS, nowMs);
  return (
    <div className="mt-3 border-late border-l-4 pl-4">
      <p className="mb-1 font-semibold">{wording.lookTouchAndSmell}</p>
      <ol>
        {causes.map(({ cause, way }) => (
          <li key={cause} className="grid gap-x-5 border-hair border-t py-2 bench:grid-cols-2">
            <span>
              <strong>{CAUSE_WORDS[cause].look}.</strong> {CAUSE_WORDS[cause].cause}.
            </span>
            <span>
              {CAUSE_WORDS[cause].way} <span className="text-soft">{wording.so(AMISS_WAY_WORDS[way])}</span>
            </span>
          </li>
        ))}
      </ol>
      {causes.some(({ asksLot }) => asksLot) && batch.on.length > 0 ? (
        <p className="mt-2">
          {wording.ifItIsThe}
          {batch.on.map((lot) => (
            <Link key={lot.id} href={`/stores/lots/${lot.id}`} className="reading mr-3">
              {lot.number}
            </Link>
          ))}
        </p>
      ) : null}
      <div className="mt-3 flex flex-wrap gap-2">
        {isSold || batch.release ? (
          <Link href={`/work/restore?code=${piece.code}`} className={linkLook('main')}>
            {wording.itComesHome}
          </Link>
        ) : (
          <Link href={`/work/${batch.number}`} className={linkLook('main')}>
            {wording.toItsWaysBack}
          </Link>
        )}
        {isSold ? (
          <Link href={`/slip/${piece.code}`} className={linkLook('plain')}>
            {wording.itCameBackOr}
          </Link>
        ) : null}
      </div>
      {answer ? (
        <details className="mt-3" open>
          <summary className="min-h-11 content-center font-semibold">{wording.whatToTellIts}</summary>
          <p className="max-w-prose whitespace-pre-line border-2 border-rule bg-paper p-3 text-sm">{answer.body}</p>
          {answer.to ? (
            <DraftAnswer code={piece.code} amiss={amiss} />
          ) : (
            <p className="mt-1 text-sm text-soft">{wording.noAddressIsNoted}</p>
          )}
        </details>
      ) : null}
    </div>
  );
}
