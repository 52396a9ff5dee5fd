import 'server-only';
import { findIngredient, keepingOf, runningOut, USE_WINDOW_DAYS } from '@/core/material';
import { dateOf, formatMass, formatMoney, MS_PER_DAY } from '@/core/quantity';
import { allLots, containers, type KnownLot, readyMades, usedSince } from '@/data/stores/queries';
import { FamilySwatch } from '@/ui/family';
import { longDate } from '@/ui/when';
import { Link } from '@/ui/link';
import { FileSheet } from '@/web/file-sheet';
import { FormSheet } from '@/web/form/form-sheet';
import { WHY_NONE_WORDS } from '@/messages';
import { session } from '@/web/session';
import { bathLots } from './bath-lots';
import { ReadySheet } from './components/ready-sheet';
import { StockTake } from './components/stock-take';
import { lookAtStores, startBath, takeStores } from './lot-actions';
import { AddLot } from './components/add-lot';
import { CountLot } from './components/count-lot';
import { IngredientList } from './components/ingredient-list';
import { Jars } from './components/jars';

const KINDS = {
  bought: 'Ingredient lots',
  ready: 'Bought finishes',
  made: 'Blend lots',
  bath: 'Baths',
  tin: 'Filled tins',
} as const;

/** Stores: what is there, what it cost, how long it keeps; jars; and every ingredient with its facts. */
export async function Stores() {
  const { db, shop, nowMs } = await session();
  const lots = allLots(db);
  const today = dateOf(nowMs, shop.zone);
  const bath = bathLots(lots);
  const sources = bath.lots.map((lot) => ({ value: String(lot.id), name: `${lot.number} ${lot.title}` }));
  return (
    <>
      <div className="flex flex-wrap items-center justify-between gap-4">
        <h1>Stores</h1>
        <div className="flex flex-wrap gap-2">
          <AddLot currency={shop.currency} ready={readyMades(db)} />
          <StockTake lots={lots.filter((lot) => lot.kind !== 'tin' && lot.leftG > 0)} />
          <ReadySheet />
          <FormSheet
            opens="Start a bath"
            title="Start a bath"
            say="A vessel that pieces are dipped in. It is topped up, strained and aged; whatever ever went in stays on its record."
            saves="It is filled"
            fields={[
              { name: 'name', label: 'What the shop calls it', hint: 'Long trough' },
              { name: 'from', label: 'Filled from', options: sources, hint: bath.why ? WHY_NONE_WORDS[bath.why] : '' },
              { name: 'amount', label: 'How much', hint: '2 kg' },
            ]}
            save={startBath}
          />
          <FileSheet
            opens="Take a list in"
            title="Lots or jars from a file"
            say="CSV. Lots: ingredient, amount, supplier, supplier_code, opened_on, best_before, price, note. Jars: name, holds_ml, fill_percent, have, tare_g, price."
            look={lookAtStores}
            take={takeStores}
          />
        </div>
      </div>
      {lots
        .filter((lot) => lot.overdrawnG > 0.05)
        .map((lot) => (
          <p key={lot.id} role="status" className="mt-3 flex flex-wrap items-center gap-x-3 border-cure border-l-8 bg-paper px-3">
            <span>
              <strong>Count {lot.number}.</strong> {formatMass(lot.overdrawnG)} more of {lot.title.toLowerCase()} were used than
              the book held. Weigh what is left:
            </span>
            <CountLot lotId={lot.id} number={lot.number} leftG={lot.leftG} />
          </p>
        ))}
      <RunOut lots={lots} used={usedSince(db, nowMs - USE_WINDOW_DAYS * MS_PER_DAY)} nowMs={nowMs} />
      {lots.length === 0 ? (
        <p className="mt-4 max-w-prose">
          Nothing is in the stores yet. Receive the first lot: an oil, a wax, whatever stands on the shelf.
        </p>
      ) : null}
      {(Object.keys(KINDS) as (keyof typeof KINDS)[]).map((kind) => (
        <LotTable
          key={kind}
          name={KINDS[kind]}
          lots={lots.filter((lot) => lot.kind === kind && (kind !== 'bought' || lot.leftG > 0 || lot.receivedG > 0))}
          today={today}
          currency={shop.currency}
        />
      ))}
      <h2 className="mt-8 mb-2">Jars and tins to fill</h2>
      <Jars
        jars={containers(db).map((jar) => ({
          ...jar,
          price: jar.priceMinor === null ? null : formatMoney(jar.priceMinor, shop.currency),
        }))}
      />
      <p className="mt-6 border-rule border-t pt-2 text-soft">
        As CSV: <a href="/api/stores?sheet=lots">lots</a>, <a href="/api/stores?sheet=movements">every movement</a>,{' '}
        <a href="/api/stores?sheet=jars">jars</a>, <a href="/api/stores?sheet=finishes">bought finishes</a>.
      </p>
      <h2 className="mt-8 mb-1">Ingredients</h2>
      <IngredientList />
    </>
  );
}

const familyOf = (lot: KnownLot): string =>
  lot.ingredientId
    ? (findIngredient(lot.ingredientId)?.family ?? '')
    : lot.nature?.drying === 'drying'
      ? 'drying-oil'
      : 'never-dry-oil';

function bestBefore(date: string | null, today: string): { readonly text: string; readonly late: boolean } {
  const { state, days } = keepingOf(date, today);
  const on = date === null ? '' : longDate(date);
  const text = { 'no-date': 'no date', past: `past since ${on}`, near: `${on}, ${days} days left`, keeps: on }[state];
  return { text, late: state === 'past' || state === 'near' };
}

/** How long each ingredient lasts at the rate it was used. An estimate. */
function RunOut({
  lots,
  used,
  nowMs,
}: {
  readonly lots: readonly KnownLot[];
  readonly used: ReturnType<typeof usedSince>;
  readonly nowMs: number;
}) {
  const rows = runningOut(used, lots, nowMs);
  if (rows.length === 0) return null;
  return (
    <p className="mt-3 border-ink border-l-4 pl-3">
      At the rate of the last weeks, an estimate:{' '}
      {rows.map((row, i) => (
        <span key={row.id}>
          {i > 0 ? '; ' : ''}
          <strong>{findIngredient(row.id)?.name}</strong> lasts{' '}
          <strong className="reading">{row.days < 1 ? 'less than a day' : `${Math.round(row.days)} days`}</strong>{' '}
          <span className="reading text-soft">
            ({formatMass(row.leftG)} at {formatMass(row.perDay)} a day)
          </span>
        </span>
      ))}
      .
    </p>
  );
}

function LotTable({
  name,
  lots,
  today,
  currency,
}: {
  readonly name: string;
  readonly lots: readonly KnownLot[];
  readonly today: string;
  readonly currency: string;
}) {
  if (lots.length === 0) return null;
  return (
    <section className="mt-6 relative overflow-x-auto">
      <h2 className="mb-1">{name}</h2>
      <table className="w-full">
        <thead>
          <tr className="label border-ink border-b text-left">
            <th className="py-1 pr-4 font-normal">Lot</th>
            <th className="py-1 pr-4 font-normal">What it is</th>
            <th className="py-1 pr-4 font-normal">From</th>
            <th className="py-1 pr-4 font-normal">Best before</th>
            <th className="py-1 pr-4 text-right font-normal">Per kg</th>
            <th className="py-1 text-right font-normal">Left</th>
          </tr>
        </thead>
        <tbody>
          {lots.map((lot) => {
            const date = bestBefore(lot.bestBefore, today);
            return (
              <tr key={lot.id} className="border-hair border-b align-middle">
                <td className="reading py-0.5 pr-4 font-semibold">
                  <Link href={`/stores/lots/${lot.id}`} className="inline-flex min-h-11 items-center">
                    {lot.number}
                  </Link>
                </td>
                <td className="py-0.5 pr-4">
                  <span className="flex items-center gap-2">
                    <FamilySwatch family={familyOf(lot)} />
                    <span>
                      {lot.title}
                      {lot.countLeft === null ? '' : `, ${lot.countLeft} of ${lot.count} there`}
                      {lot.undeclared.length > 0 ? (
                        <span className="block text-sm text-soft">contents not all declared</span>
                      ) : null}
                      {lot.held ? <span className="block text-sm font-semibold text-late">▲ held: {lot.held.reason}</span> : null}
                    </span>
                  </span>
                </td>
                <td className="py-0.5 pr-4 text-soft">
                  {lot.supplier} <span className="reading">{lot.supplierCode}</span>
                  {lot.kind === 'bought' || lot.kind === 'ready' ? '' : lot.kind === 'bath' ? 'topped up here' : 'own pot'}
                  {lot.openedOn ? <span className="reading block text-sm">opened {longDate(lot.openedOn)}</span> : null}
                </td>
                <td className={`reading py-0.5 pr-4 ${date.late ? 'font-semibold text-late' : ''}`}>
                  {date.late ? '▲ ' : ''}
                  {date.text}
                </td>
                <td className="reading py-0.5 pr-4 text-right">
                  {lot.minorPerKg === null ? '–' : formatMoney(lot.minorPerKg, currency)}
                </td>
                <td className="py-0.5 text-right">
                  {lot.leftG > 0.05 ? (
                    <CountLot lotId={lot.id} number={lot.number} leftG={lot.leftG} />
                  ) : (
                    <span className="text-soft">used up</span>
                  )}
                  <span className="sr-only"> of {formatMass(lot.receivedG)}</span>
                </td>
              </tr>
            );
          })}
        </tbody>
      </table>
    </section>
  );
}
