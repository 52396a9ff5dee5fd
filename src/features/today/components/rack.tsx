import { Link } from '@/ui/link';
import type { RingFacts } from '@/core/regimen';
import { Ring } from '@/ui/ring';

export type Shelf = {
  readonly id: number;
  readonly name: string;
  readonly air: string;
  /** How full it is, in words; empty where nothing limits it. */
  readonly room: string;
  readonly overfull: boolean;
  readonly standing: readonly {
    readonly id: number;
    readonly number: string;
    readonly title: string;
    readonly ring: RingFacts;
  }[];
};

/** From this many on, rings stand smaller so that the whole shop stays in sight. */
const CROWDED = 16;

/** The places of the shop as shelves, seen from the front, with the rings standing where the pieces stand. */
export function Rack({ shelves }: { readonly shelves: readonly Shelf[] }) {
  const size = shelves.reduce((sum, shelf) => sum + shelf.standing.length, 0) >= CROWDED ? 44 : 64;
  return (
    <ul className="mt-3 grid gap-x-6 gap-y-3 bench:grid-cols-2 wide:grid-cols-3">
      {shelves.map((shelf) => (
        <Board key={shelf.id} shelf={shelf} size={size} />
      ))}
    </ul>
  );
}

/** One shelf: what stands on it, its name, its room and its air. */
function Board({ shelf, size }: { readonly shelf: Shelf; readonly size: number }) {
  return (
    <li className="flex flex-col">
      <ul className="flex min-h-20 grow flex-wrap items-end gap-x-4 gap-y-1 px-3">
        {shelf.standing.map((one) => (
          <li key={one.id}>
            <Link href={`/work/${one.number}`} className="flex flex-col items-center no-underline hover:underline">
              <span className="reading text-sm font-semibold leading-4">{one.number}</span>
              <Ring facts={one.ring} seed={one.id} size={size} title={one.title} />
            </Link>
          </li>
        ))}
      </ul>
      <div aria-hidden="true" className="h-[7px] border-ink border-t-4 border-b bg-rule" />
      <p className="flex flex-wrap justify-between gap-x-3 px-1 pt-1">
        <span className="font-semibold">{shelf.name}</span>
        {shelf.room ? (
          <span className={`reading ${shelf.overfull ? 'font-semibold text-late' : 'text-soft'}`}>
            {shelf.overfull ? '▲ ' : ''}
            {shelf.room}
          </span>
        ) : null}
        <span className="reading text-soft">{shelf.air}</span>
      </p>
    </li>
  );
}
