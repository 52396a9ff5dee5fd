import type { ReactNode } from 'react';
import { shared } from '@/messages/screens/shared';
import { table as wording } from '@/messages/screens/web';
import { linkLook } from '@/ui/button';
import { classes } from '@/ui/classes';
import { Link } from '@/ui/link';
import { askedOf, type Search, tableAddress } from './asked';
import { type Keyed, pick } from './pick';

/** A column of a list: what it shows, and what it is sorted and found by. */
export type Column<Row> = Keyed<Row> & {
  /** Its heading; none where the cell speaks for itself. */
  readonly name: string;
  readonly cell: (row: Row) => ReactNode;
  readonly right?: boolean;
  readonly className?: string | ((row: Row) => string);
};

type Props<Row> = {
  /** Its name in the address. */
  readonly id: string;
  readonly path: string;
  readonly search: Search;
  readonly rows: readonly Row[];
  readonly columns: readonly Column<Row>[];
  readonly keyOf: (row: Row) => string | number;
  /** Whether a long list is searched here; a page with a search of its own needs none. */
  readonly finds?: boolean;
  /** Rows of one page. */
  readonly size?: number;
  /** What the ways to the neighbouring pages say. */
  readonly before?: string;
  readonly after?: string;
};

/** A list this long is searched. */
const SEARCHED_FROM = 12;

/** The one table: sorted, searched and turned over by the address alone, so that it can be kept, sent and gone back to; the page gets one part of it. */
export function DataTable<Row extends object>({
  id,
  path,
  search,
  rows,
  columns,
  keyOf,
  finds = true,
  size = 50,
  before = 'Before',
  after = 'After',
}: Props<Row>) {
  const asked = askedOf(search, id);
  const shown = pick(rows, columns, asked, size);
  const to = (change: Partial<typeof asked>): string => tableAddress(path, search, id, change);
  const sorting = (column: Column<Row>): 'ascending' | 'descending' | undefined =>
    asked.sort === column.id ? (asked.down ? 'descending' : 'ascending') : undefined;
  return (
    <div className="relative overflow-x-auto">
      {finds && (rows.length >= SEARCHED_FROM || asked.find !== '') ? (
        <Find id={id} path={path} search={search} find={asked.find} />
      ) : null}
      <table className="w-full">
        {columns.some((column) => column.name !== '') ? (
          <thead>
            <tr className="label border-ink border-b text-left">
              {columns.map((column) => (
                <th
                  key={column.id}
                  aria-sort={sorting(column)}
                  scope="col"
                  className={classes('py-1 pr-4 font-normal last:pr-0', column.right && 'text-right')}
                >
                  {column.by && rows.length > 1 ? (
                    <Link
                      href={to({ sort: column.id, down: sorting(column) === 'ascending', page: 1 })}
                      className="inline-flex min-h-11 items-center text-inherit no-underline hover:underline"
                    >
                      {column.name}
                      {sorting(column) ? <span aria-hidden="true">{asked.down ? ' ↓' : ' ↑'}</span> : null}
                    </Link>
                  ) : (
                    column.name
                  )}
                </th>
              ))}
            </tr>
          </thead>
        ) : null}
        <tbody>
          {shown.rows.map((row) => (
            <tr key={keyOf(row)} className="border-hair border-b align-middle">
              {columns.map(({ id: column, cell, right, className }) => (
                <td
                  key={column}
                  className={classes(
                    'py-0.5 pr-4 last:pr-0',
                    right && 'text-right',
                    typeof className === 'function' ? className(row) : className,
                  )}
                >
                  {cell(row)}
                </td>
              ))}
            </tr>
          ))}
        </tbody>
      </table>
      {rows.length > 0 && shown.found === 0 ? (
        <p className="py-2 text-soft">
          {wording.nothingHereSays(asked.find)}
          <Link href={to({ find: '', page: 1 })}>{wording.showAll(rows.length)}</Link>
        </p>
      ) : null}
      {shown.pages > 1 ? (
        <nav aria-label={wording.pages} className="flex min-h-12 items-center gap-6">
          {shown.page > 1 ? <Link href={to({ page: shown.page - 1 })}>{before}</Link> : null}
          <span className="reading text-soft">{wording.pageOf(shown.page, shown.pages)}</span>
          {shown.page < shown.pages ? <Link href={to({ page: shown.page + 1 })}>{after}</Link> : null}
        </nav>
      ) : null}
    </div>
  );
}

type FindProps = {
  readonly id: string;
  readonly path: string;
  readonly search: Search;
  readonly find: string;
};

/** A word to find in a list; a form of the page’s own address, which needs no script. */
function Find({ id, path, search, find }: FindProps) {
  const kept = new URL(tableAddress(path, search, id, { find: '', page: 1 }), 'http://shop').searchParams;
  return (
    <form action={path} className="mb-2 flex flex-wrap items-center gap-3">
      {[...kept].map(([key, value]) => (
        <input key={key} type="hidden" name={key} value={value} />
      ))}
      <label className="flex items-center gap-2">
        <span className="label">{shared.find}</span>
        <input
          name={`${id}-find`}
          defaultValue={find}
          maxLength={120}
          autoComplete="off"
          className="min-h-11 w-48 border-0 border-ink border-b-2 bg-paper px-3"
        />
      </label>
      <button type="submit" className={linkLook('plain')}>
        {shared.find}
      </button>
    </form>
  );
}
