import 'server-only';
import { type BackShare, FEW } from '@/core/care';
import { addDays, dateOf, say } from '@/core/quantity';
import { RETURNS_YEARS, whatComesBack } from '@/data/care/returns';
import { returns as wording } from '@/messages/screens/care';
import { SLIP_WORDS, woodIn } from '@/messages/slip';
import { Link } from '@/ui/link';
import { reads } from '@/web/here';
import { session } from '@/web/session';
import type { Search } from '@/web/table/asked';
import { type Column, DataTable } from '@/web/table/table';
import { BackChart } from './components/back-chart';

const MONTHS = 14;

/** The last months up to a day, oldest first, as `2031-03`. */
function lastMonths(today: string): string[] {
  const months: string[] = [];
  for (let at = today; months.length < MONTHS; at = addDays(`${at.slice(0, 7)}-01`, -1)) months.unshift(at.slice(0, 7));
  return months;
}

const percent = (share: number): string => say(share, 'fraction', reads());

/** A share in words that do not claim more than the pieces carry. */
function shareWords({ of, n, low, high }: BackShare): string {
  if (n < FEW) return wording.ofTooFewTo(of, n);
  return wording.ofLikelyTo(of, n, percent(low), percent(high));
}

type BackRow = ReturnType<typeof whatComesBack>['rows'][number];

const COLUMNS: readonly Column<BackRow>[] = [
  {
    id: 'finish',
    name: wording.finishAndWood,
    by: (row) => `${SLIP_WORDS.en.finish[row.finish]} ${woodIn('en', row.speciesId)}`,
    cell: (row) => (
      <>
        {SLIP_WORDS.en.finish[row.finish]}
        <span className="block text-sm text-soft">{woodIn('en', row.speciesId)}</span>
      </>
    ),
  },
  { id: 'sold', name: wording.sold, by: (row) => row.sold, className: 'reading', cell: (row) => row.sold },
  {
    id: 'wrong',
    name: wording.somethingWrong,
    by: (row) => row.wrong.of / Math.max(1, row.wrong.n),
    className: 'reading',
    cell: (row) => shareWords(row.wrong),
  },
  {
    id: 'back',
    name: wording.cameBack,
    by: (row) => row.back.of / Math.max(1, row.back.n),
    className: 'reading',
    cell: (row) => shareWords(row.back),
  },
  {
    id: 'every',
    name: wording.reOiledEvery,
    by: (row) => row.everyDays,
    className: 'reading',
    cell: (row) =>
      row.everyDays === null
        ? wording.nobodySaid
        : wording.daysSaid(Math.round(row.everyDays), row.gaps === 1 ? 'once' : wording.times(row.gaps)),
  },
];

/** What comes back teaches: complaints, returns and owners' own rhythm, by finish and wood and over time. */
export async function Returns({ search }: { readonly search: Search }) {
  const { db, shop, nowMs } = await session();
  const { rows, months } = whatComesBack(db, lastMonths(dateOf(nowMs, shop.zone)));
  const sum = (of: (month: (typeof months)[number]) => number): number => months.reduce((total, month) => total + of(month), 0);
  return (
    <>
      <p>
        <Link href="/care">{wording.care}</Link>
      </p>
      <h1 className="mb-3">{wording.whatComesBack}</h1>
      {rows.length === 0 ? <p className="text-soft">{wording.nothingHasBeenSold}</p> : null}
      {rows.length > 0 ? (
        <BackChart
          months={months}
          words={wording.inMonthsSoldTimes(
            MONTHS,
            sum((one) => one.sold),
            sum((one) => one.wrong),
            sum((one) => one.back),
          )}
        />
      ) : null}
      {rows.length > 0 ? (
        <div className="mt-6">
          <DataTable
            id="back"
            path="/returns"
            search={search}
            rows={rows}
            columns={COLUMNS}
            keyOf={(row) => `${row.finish}${row.speciesId}`}
          />
        </div>
      ) : null}
      <p className="mt-2 max-w-prose text-sm text-soft">{wording.spansHoldTheTrue(FEW, RETURNS_YEARS)}</p>
    </>
  );
}
