import 'server-only';
import type { Db } from '@/data/db';
import { heldNotice } from '@/data/facts/facts';
import type { Batch } from '@/data/work/batch';
import { Link } from '@/ui/link';

/** What holds a batch back: what is known has changed, or a lot on it is held. */
export function HeldNotes({ db, batch }: { readonly db: Db; readonly batch: Batch }) {
  const kept = heldNotice(db, batch.id);
  const held = batch.on.find((lot) => lot.held)?.held;
  return (
    <>
      {kept ? (
        <p className="font-semibold text-late">
          ▲ What is left of it is held, since what is known has changed. <Link href="/changes">What it means</Link>
        </p>
      ) : null}
      {held ? (
        <p className="font-semibold text-late">
          ▲ Lot {held.number} is held: {held.reason}. Nothing of it is released or sold until the hold is lifted.
        </p>
      ) : null}
    </>
  );
}
