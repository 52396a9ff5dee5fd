import 'server-only';
import { LEAST_DRAWS, type RunsOut, runningOut, tooEarlyToSay } from '@/core/material';
import { dateOf, groupBy, say } from '@/core/quantity';
import { usedUp } from '@/data/stores/used-up';
import { order as wording } from '@/messages/screens/stores';
import { Headings } from '@/ui/headings';
import { Link } from '@/ui/link';
import { PrintButton } from '@/ui/print-button';
import { longDate } from '@/ui/when';
import { reads } from '@/web/here';
import { session } from '@/web/session';

/** An amount as it is counted: grams as the shop reads them, the rest by the piece. */
export const amountWords = (amount: number, counted: string): string =>
  counted === 'g' ? say(amount, 'g', reads()) : `${Number(amount.toFixed(amount < 10 ? 1 : 0))} ${counted}`;

export const lastsWords = (days: number): string =>
  days < 1 ? wording.lessThanADay : days < 2 ? wording.aDay : wording.days(Math.floor(days));

/** One line of the order as one would write it to a supplier. */
const lineWords = ({ name, counted, order, packs, pack }: RunsOut): string =>
  packs === null || pack === null
    ? `${amountWords(order, counted)} ${name}`
    : `${packs} × ${amountWords(pack.amount, counted)} ${name}`;

/** The order as text, by supplier: to be copied into a letter. */
export function orderText(rows: readonly RunsOut[]): string {
  const bySupplier = groupBy(rows, (row) => row.pack?.supplier ?? '');
  return [...bySupplier]
    .map(([supplier, of]) => [supplier || wording.noSupplierKnown, ...of.map((row) => `- ${lineWords(row)}`)].join('\n'))
    .join('\n\n');
}

/** What to order, with why: an estimate from what was used. */
export async function Order() {
  const { db, shop, nowMs } = await session();
  const used = usedUp(db, nowMs);
  const rows = runningOut(used, nowMs);
  const early = tooEarlyToSay(used, nowMs);
  const toOrder = rows.filter((row) => row.kind !== 'tin');
  const toPour = rows.filter((row) => row.kind === 'tin');
  return (
    <>
      <p className="reading">
        <Link href="/stores">{wording.stores}</Link>
      </p>
      <div className="flex flex-wrap items-center justify-between gap-4">
        <h1>{wording.whatToOrder}</h1>
        <PrintButton />
      </div>
      <p className="mt-1 max-w-prose text-soft">{wording.whatRunsOutWithin(longDate(dateOf(nowMs, shop.zone)))}</p>
      {early.length > 0 ? (
        <p className="mt-1 max-w-prose text-soft">
          {wording.tooEarlyToSay(early.map((one) => one.name.toLowerCase()).join('; '), LEAST_DRAWS)}
        </p>
      ) : null}
      {toOrder.length === 0 ? <p className="mt-4">{wording.nothingRunsOutSoon}</p> : <OrderTable rows={toOrder} />}
      {toOrder.length > 0 ? (
        <section className="mt-6 max-w-xl">
          <h2 className="mb-1">{wording.toCopyIntoA}</h2>
          <pre className="select-all whitespace-pre-wrap border-ink border-l-4 pl-3 font-[inherit]">{orderText(toOrder)}</pre>
          <p className="mt-2">
            <a href="/api/stores?sheet=order">{wording.theListAsCsv}</a>
          </p>
        </section>
      ) : null}
      {toPour.length > 0 ? (
        <section className="mt-6 max-w-3xl">
          <h2 className="mb-1">{wording.toPourAgain}</h2>
          <ul>
            {toPour.map((row) => (
              <li key={row.id} className="border-hair border-b py-1">
                <strong>{row.name}</strong>
                {wording.leftTheyLast(amountWords(row.left, row.counted), lastsWords(row.days))}
              </li>
            ))}
          </ul>
        </section>
      ) : null}
    </>
  );
}

function OrderTable({ rows }: { readonly rows: readonly RunsOut[] }) {
  return (
    <table className="mt-4 w-full max-w-4xl">
      <Headings
        of={[
          ...[wording.what, wording.there, wording.usedADay, wording.lasts].map((says) => ({ says, is: 'pr-4' })),
          { says: wording.toOrder, is: 'text-right' },
        ]}
      />
      <tbody>
        {rows.map((row) => (
          <tr key={row.id} className="border-hair border-b">
            <td className="py-2 pr-4 font-semibold">
              {row.name}
              {row.pack?.supplier ? <span className="block font-normal text-sm text-soft">{row.pack.supplier}</span> : null}
            </td>
            <td className="reading pr-4">{amountWords(row.left, row.counted)}</td>
            <td className="reading pr-4">{amountWords(row.perDay, row.counted)}</td>
            <td className={`reading pr-4 ${row.days < 14 ? 'font-semibold text-late' : ''}`}>
              {row.days < 14 ? '▲ ' : ''}
              {lastsWords(row.days)}
            </td>
            <td className="reading text-right font-semibold">
              {row.packs === null || row.packs === 1
                ? ''
                : `${row.packs} × ${amountWords(row.pack?.amount ?? 0, row.counted)} = `}
              {amountWords(row.order, row.counted)}
            </td>
          </tr>
        ))}
      </tbody>
    </table>
  );
}
