'use client';

import { useEffect, useState } from 'react';
import { overYears as wording } from '@/messages/screens/start';
import { Link } from '@/ui/link';
import { overYears } from '../actions';

type Props = {
  readonly designRevisionId: number;
  readonly speciesId: string;
  readonly regimenRevisionId: number;
  readonly lots: Readonly<Record<string, number>>;
  readonly currency: string;
};
/** What is typed rests so long before it is reckoned. */
const REST_MS = 400;

/** What the finish costs over the years, a breath behind what is chosen; the whole comparison a touch away. */
export function OverYears({ currency, ...asked }: Props) {
  const [found, setFound] = useState<{ readonly first: number; readonly perYear: number } | null>(null);
  const key = JSON.stringify(asked);
  useEffect(() => {
    let stale = false;
    const later = setTimeout(() => {
      overYears(JSON.parse(key)).then(
        (answer) => {
          if (!stale) setFound(answer.ok ? answer.value : null);
        },
        // Without the shop’s server nothing is said of years.
        () => undefined,
      );
    }, REST_MS);
    return () => {
      stale = true;
      clearTimeout(later);
    };
  }, [key]);
  return (
    <p className="mt-2 min-h-6" data-testid="over-years">
      {found ? (
        <span className="reading">{wording.aPieceAtFirst(found.first.toFixed(2), currency, found.perYear.toFixed(2))}</span>
      ) : null}
      <Link href={`/cost?piece=${asked.designRevisionId}&wood=${asked.speciesId}`}>{wording.whatFinishesCostOver}</Link>
    </p>
  );
}
