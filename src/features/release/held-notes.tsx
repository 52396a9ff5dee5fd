import 'server-only';
import type { Db } from '@/data/db';
import { heldNotice } from '@/data/facts/facts';
import type { Batch } from '@/data/work/batch';
import { heldNotes as wording } from '@/messages/screens/release';
import { Link } from '@/ui/link';

/** What holds a batch back: what is known has changed, or a lot on it is held. */
export function HeldNotes({ db, batch }: { readonly db: Db; readonly batch: Batch }) {
  const kept = heldNotice(db, batch.id);
  const held = batch.on.find((lot) => lot.held)?.held;
  return (
    <>
      {kept ? (
        <p className="font-semibold text-late">
          {wording.whatIsLeftOf}
          <Link href="/changes">{wording.whatItMeans}</Link>
        </p>
      ) : null}
      {held ? <p className="font-semibold text-late">{wording.lotIsHeldNothing(held.number, held.reason)}</p> : null}
    </>
  );
}
