'use client';

import { useRouter } from 'next/navigation';
import { Link } from '@/ui/link';
import { FormSheet } from '@/web/form/form-sheet';
import { join, part, split } from '../actions';

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

const NAMED = { name: 'pieces', label: 'Which pieces', hint: '3, 5-7, or the mark as it is chalked' };

/** The pieces of a batch by their chalk marks; any of them may go its own way and keeps its history. */
export function PieceList({ batchId, pieces, alike, origin, locked }: Props) {
  const router = useRouter();
  const here = pieces.filter((one) => one.left === null);
  return (
    <section>
      <h2 className="mb-1">Pieces</h2>
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
              opens="Split off"
              title="A batch of their own"
              say="They share the book up to now, and go on by themselves: one that must be mended, a third that is sold early."
              saves="Split them off"
              fields={[NAMED, { name: 'why', label: 'Why', hint: 'dry spots on the end grain' }]}
              save={async ({ pieces: which, why }) => {
                const made = await split({ batchId, pieces: which, why });
                if (made.ok) router.push(`/work/${made.value.number}`);
                return made;
              }}
            />
          ) : null}
          {here.length > 0 ? (
            <FormSheet
              opens="One leaves"
              title="Leaves for good"
              say="Split, spoiled, kept back: it stays in the file with why, and is finished no further."
              saves="It leaves"
              fields={[NAMED, { name: 'why', label: 'Why', hint: 'split along the pith' }]}
              save={({ pieces: which, why }) => part({ batchId, pieces: which, why })}
            />
          ) : null}
          {alike.length > 0 ? (
            <FormSheet
              opens="Join"
              title="Join another batch"
              say="Both wait for the same step. The pieces keep their marks; from here on one book holds them."
              saves="Join them"
              fields={[{ name: 'into', label: 'Goes into', options: alike.map((number) => ({ value: number, name: number })) }]}
              save={async ({ into }) => {
                const made = await join({ batchId, into });
                if (made.ok) router.push(`/work/${made.value.number}`);
                return made;
              }}
            />
          ) : null}
          <a href={`/tags/${batchId}`} className="inline-flex min-h-11 items-center px-2">
            Tags to print
          </a>
        </div>
      )}
    </section>
  );
}
