'use client';

import { useRouter } from 'next/navigation';
import { shared } from '@/messages/screens/shared';
import { pieceList as wording } from '@/messages/screens/work';
import { Link } from '@/ui/link';
import { FormSheet } from '@/web/form/form-sheet';
import { join, part, splitThisBatch } from '../actions';

export type PieceRow = {
  readonly id: number;
  readonly tag: string;
  readonly code: string;
  readonly left: string | null;
  readonly came: string | null;
};
type Props = {
  readonly batchId: number;
  readonly pieces: readonly PieceRow[];
  /** Open batches that wait for the same step with the same design, wood and lots. */
  readonly alike: readonly string[];
  readonly origin: string | null;
  readonly locked: boolean;
};

const NAMED = { name: 'pieces', label: wording.whichPieces, hint: wording.orTheMarkAs };

/** The pieces of a batch by their chalk marks; any of them may go its own way and keeps its history. */
export function PieceList({ batchId, pieces, alike, origin, locked }: Props) {
  const router = useRouter();
  const here = pieces.filter((one) => one.left === null);
  return (
    <section>
      <h2 className="mb-1">{shared.pieces}</h2>
      {origin ? <p className="text-sm text-soft">{origin}</p> : null}
      <ul className="reading my-1 flex flex-wrap gap-x-4 gap-y-1 text-sm">
        {pieces.map((one) => (
          <li key={one.id} className={one.left ? 'text-soft' : ''}>
            <Link href={`/piece/${one.code}`} className={one.left ? 'line-through' : ''}>
              {one.tag}
            </Link>
            {one.left ? <span> {one.left}</span> : null}
            {one.came ? <span className="text-soft"> {one.came}</span> : null}
          </li>
        ))}
      </ul>
      {locked ? null : (
        <div className="flex flex-wrap gap-2">
          {here.length > 1 ? (
            <FormSheet
              opens={wording.splitOff}
              title={wording.aBatchOfTheir}
              say={wording.theyShareTheBook}
              saves={wording.splitThemOff}
              fields={[NAMED, { name: 'why', label: shared.why, hint: wording.drySpotsOnThe }]}
              save={async ({ pieces: which, why }) => {
                const made = await splitThisBatch({ batchId, pieces: which, why });
                if (made.ok) router.push(`/work/${made.value.number}`);
                return made;
              }}
            />
          ) : null}
          {here.length > 0 ? (
            <FormSheet
              opens={wording.oneLeaves}
              title={wording.leavesForGood}
              say={wording.splitSpoiledKeptBack}
              saves={wording.itLeaves}
              fields={[NAMED, { name: 'why', label: shared.why, hint: wording.splitAlongThePith }]}
              save={({ pieces: which, why }) => part({ batchId, pieces: which, why })}
            />
          ) : null}
          {alike.length > 0 ? (
            <FormSheet
              opens="Join"
              title={wording.joinAnotherBatch}
              say={wording.bothWaitForThe}
              saves={wording.joinThem}
              fields={[
                { name: 'into', label: wording.goesInto, options: alike.map((number) => ({ value: number, name: number })) },
              ]}
              save={async ({ into }) => {
                const made = await join({ batchId, into });
                if (made.ok) router.push(`/work/${made.value.number}`);
                return made;
              }}
            />
          ) : null}
          <a href={`/tags/${batchId}`} className="inline-flex min-h-11 items-center px-2">
            {wording.tagsToPrint}
          </a>
        </div>
      )}
    </section>
  );
}
