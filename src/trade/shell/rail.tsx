'use client';

import { Armchair, BookOpen, CalendarClock, Columns4, Droplets, FlaskConical, Hourglass, Package } from 'lucide-react';
import { usePathname, useRouter } from 'next/navigation';
import { useState } from 'react';
import { rail as wording } from '@/messages/screens/trade';
import { Sheet } from '@/ui/dialog';
import { Link } from '@/ui/link';
import { KEYS, useKeys } from '@/web/keys';
import { AlarmSwitch } from '../hands/alarm-switch';
import { type DevicePerson, DimSwitch, WhoIsHere } from './device';

export type Counts = Readonly<Record<'today' | 'stores' | 'blends' | 'work' | 'cure' | 'care' | 'trials' | 'guide', number>>;

/** The stations in working order; the figure is its key. */
const STATIONS = [
  { id: 'today', name: 'Today', href: '/', icon: CalendarClock, waits: 'for hands now' },
  { id: 'stores', name: 'Stores', href: '/stores', icon: Package, waits: 'near their date' },
  { id: 'blends', name: 'Blends', href: '/blends', icon: FlaskConical, waits: 'open' },
  { id: 'work', name: 'Work', href: '/work', icon: Droplets, waits: 'open' },
  { id: 'cure', name: 'Cure', href: '/cure', icon: Hourglass, waits: 'curing or settling' },
  { id: 'care', name: 'Care', href: '/care', icon: Armchair, waits: 'due this week' },
  { id: 'trials', name: 'Trials', href: '/trials', icon: Columns4, waits: 'running' },
  { id: 'guide', name: 'Guide', href: '/guide', icon: BookOpen, waits: 'of your own rules' },
] as const;

type Props = {
  readonly counts: Counts;
  readonly people: readonly DevicePerson[];
  readonly person: number | null;
  readonly isDim: boolean;
  readonly shop: string;
  readonly next: string | null;
};

/** The stations of the shop, with how much waits at each. */
function Stations({
  isHere,
  counts,
}: {
  readonly isHere: (href: string) => boolean;
  readonly counts: Readonly<Record<'today' | 'cure' | 'stores' | 'blends' | 'work' | 'care' | 'trials' | 'guide', number>>;
}) {
  return (
    <nav aria-label={wording.stations} className="grow">
      <ul className="flex bench:flex-col">
        {STATIONS.map(({ id, name, href, icon: Icon, waits }) => (
          <li key={id} className="grow">
            <Link
              href={href}
              aria-current={isHere(href) ? 'page' : undefined}
              className={`flex min-h-14 flex-col items-start justify-center gap-0.5 border-ink px-2 text-sm no-underline bench:border-l-4 ${isHere(href) ? 'bg-paper font-semibold bench:border-ink' : 'text-soft hover:text-ink bench:border-transparent'}`}
            >
              <span className="flex w-full items-center justify-between">
                <Icon size={19} strokeWidth={1.75} aria-hidden="true" />
                {counts[id] > 0 ? (
                  <span className="reading text-sm font-bold text-ink">
                    {counts[id]}
                    <span className="sr-only"> {waits}</span>
                  </span>
                ) : null}
              </span>
              {name}
            </Link>
          </li>
        ))}
      </ul>
    </nav>
  );
}

/** The rail of stations down the left edge, along the bottom when narrow, with who is at this device beneath. */
export function Rail({ counts, people, person, isDim, shop, next }: Props) {
  const path = usePathname();
  const router = useRouter();
  const [keys, setKeys] = useState(false);

  useKeys({
    list: () => setKeys(true),
    station: ({ key }) => {
      const station = STATIONS[Number(key) - 1];
      if (!station) return false;
      router.push(station.href);
    },
    bench: () => {
      if (!next) return false;
      router.push(`/work/${next}/bench`);
    },
  });

  const isHere = (href: string): boolean =>
    href === '/'
      ? path === '/'
      : path.startsWith(href) ||
        (href === '/blends' && path.startsWith('/pour')) ||
        (href === '/cure' && path.startsWith('/release')) ||
        (href === '/care' && path.startsWith('/slip'));
  return (
    <header className="no-print fixed inset-x-0 bottom-0 z-30 flex border-ink border-t-2 bg-bench bench:sticky bench:top-0 bench:h-screen bench:w-24 bench:shrink-0 bench:flex-col bench:border-t-0 bench:border-r-2">
      <p className="hidden px-2 pt-3 pb-2 bench:block">
        <Link
          href="/shop"
          className="block text-[1.05rem] font-[680] leading-5 no-underline hover:underline"
          style={{ fontStretch: '118%' }}
        >
          {wording.rendle}
          <span className="mt-1 block text-xs font-normal leading-4 text-soft" style={{ fontStretch: '90%' }}>
            {shop}
          </span>
        </Link>
      </p>
      <Stations isHere={isHere} counts={counts} />
      <div className="hidden flex-col gap-1 px-2 pb-3 bench:flex">
        <WhoIsHere people={people} person={person} />
        <button type="button" className="min-h-11 text-left text-sm underline underline-offset-4" onClick={() => setKeys(true)}>
          {wording.keys}
        </button>
        <DimSwitch isDim={isDim} />
        <AlarmSwitch />
      </div>
      <Sheet title={wording.keys} open={keys} onOpenChange={setKeys}>
        <dl className="grid grid-cols-[7rem_1fr] gap-y-2">
          {Object.values(KEYS).map(({ shown, does }) => (
            <div key={shown} className="contents">
              <dt className="reading font-semibold">{shown}</dt>
              <dd>{does}</dd>
            </div>
          ))}
        </dl>
      </Sheet>
    </header>
  );
}
