import type { ReactNode } from 'react';
import type { RingFacts } from '@/core/batch';
import { rack as wording } from '@/messages/screens/today';
import type { PieceLook } from '@/trade/drawing/look';
import { PieceMark } from '@/trade/drawing/piece-mark';
import { Vessel } from '@/trade/drawing/vessel';
import { Link } from '@/ui/link';
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
    readonly look: PieceLook;
    readonly count: number;
  }[];
};

/** From this many on, pieces stand smaller so that the whole shop stays in sight. */
const CROWDED = 16;
/** A shelf with so much on it goes across the whole rack. */
const LONG_FROM = 9;

/** Jars that were filled and still cool. */
export type Cooling = { readonly pourId: number; readonly number: string; readonly says: string; readonly set: number };

type Props = { readonly shelves: readonly Shelf[]; readonly cooling: readonly Cooling[] };

/** The places of the shop as shelves, seen from the front, with the pieces that stand there, each with its ring; and tins that cool. */
export function Rack({ shelves, cooling }: Props) {
  const isCrowded = shelves.reduce((sum, shelf) => sum + shelf.standing.length, 0) >= CROWDED;
  return (
    <ul className="mt-3 grid gap-x-6 gap-y-3 bench:grid-cols-2 wide:grid-cols-3">
      {shelves.map((shelf) => (
        <Board
          key={shelf.id}
          name={shelf.name}
          room={shelf.room}
          overfull={shelf.overfull}
          air={shelf.air}
          isLong={shelf.standing.length >= LONG_FROM}
        >
          {shelf.standing.map((one) => (
            <li key={one.id}>
              <Standing one={one} isCrowded={isCrowded} />
            </li>
          ))}
        </Board>
      ))}
      {cooling.length > 0 ? (
        <Board name={wording.cooling} room="" overfull={false} air="" isLong={false}>
          {cooling.map((pot) => (
            <li key={pot.pourId}>
              <Link href={`/pour/${pot.pourId}`} className="flex flex-col items-center no-underline hover:underline">
                <span className="reading text-sm font-semibold leading-4">{pot.number}</span>
                <span className="text-sm text-soft leading-4">{pot.says}</span>
                <span className="flex">
                  {[0, 1, 2].map((tin) => (
                    <Vessel key={tin} kind="tin" level={1} colour={pot.set >= 1 ? 'var(--wax)' : 'var(--glow)'} size={40} />
                  ))}
                </span>
              </Link>
            </li>
          ))}
        </Board>
      ) : null}
    </ul>
  );
}

type StandingProps = { readonly one: Shelf['standing'][number]; readonly isCrowded: boolean };

/** What stands there of one batch: its pieces, and before them the ring. */
function Standing({ one, isCrowded }: StandingProps) {
  return (
    <Link href={`/work/${one.number}`} className="flex flex-col items-center no-underline hover:underline" title={one.title}>
      <span className="reading text-sm font-semibold leading-4">{one.number}</span>
      <span className="flex items-end">
        <PieceMark look={one.look} count={one.count} scale={isCrowded ? 0.7 : 1.1} standing />
        <span className={isCrowded ? '-ml-2' : '-ml-3'}>
          <Ring facts={one.ring} seed={one.id} size={isCrowded ? 28 : 40} title={one.title} />
        </span>
      </span>
    </Link>
  );
}

type BoardProps = Pick<Shelf, 'name' | 'room' | 'overfull' | 'air'> & {
  readonly isLong: boolean;
  readonly children: ReactNode;
};

/** One shelf: what stands on it, its name, its room and its air. */
function Board({ name, room, overfull, air, isLong, children }: BoardProps) {
  return (
    <li className={`flex flex-col ${isLong ? 'bench:col-span-full' : ''}`}>
      <ul className="flex min-h-20 grow flex-wrap items-end gap-x-4 gap-y-1 px-3">{children}</ul>
      <div aria-hidden="true" className="h-[7px] border-ink border-t-4 border-b bg-rule" />
      <p className="flex flex-wrap justify-between gap-x-3 px-1 pt-1">
        <span className="font-semibold">{name}</span>
        {room ? (
          <span className={`reading ${overfull ? 'font-semibold text-late' : 'text-soft'}`}>
            {overfull ? '▲ ' : ''}
            {room}
          </span>
        ) : null}
        <span className="reading text-soft">{air}</span>
      </p>
    </li>
  );
}
