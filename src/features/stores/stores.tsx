import 'server-only';
import { findIngredient } from '@/core/material';
import { dateOf, daysBetween, formatMass, formatMoney } from '@/core/quantity';
import { allLots, containers, type KnownLot } from '@/data/stores/queries';
import { FamilySwatch } from '@/ui/family';
import { longDate } from '@/ui/when';
import { session } from '../shop/session';
import { AddLot } from './components/add-lot';
import { CountLot } from './components/count-lot';
import { IngredientList } from './components/ingredient-list';
import { Jars } from './components/jars';

const KINDS = { bought: 'Ingredient lots', made: 'Blend lots', tin: 'Filled tins' } as const;

/** Stores: what is there, what it cost, how long it keeps; jars; and every ingredient with its facts. */
export async function Stores() {
  const { db, shop, nowMs } = await session();
  const lots = allLots(db);
  const today = dateOf(nowMs, shop.zone);
  return (
    <>
      <div className="flex flex-wrap items-center justify-between gap-4">
        <h1>Stores</h1>
        <AddLot currency={shop.currency} />
      </div>
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
      <Jars jars={containers(db)} />
      <h2 className="mt-8 mb-1">Ingredients</h2>
      <IngredientList />
    </>
  );
}

const nameOf = (lot: KnownLot): string => lot.title;
const familyOf = (lot: KnownLot): string =>
  lot.ingredientId
    ? (findIngredient(lot.ingredientId)?.family ?? '')
    : lot.nature?.drying === 'drying'
      ? 'drying-oil'
      : 'never-dry-oil';

function bestBefore(date: string | null, today: string): { readonly text: string; readonly late: boolean } {
  if (!date) return { text: 'no date', late: false };
  const days = daysBetween(today, date);
  return days < 0
    ? { text: `past since ${longDate(date)}`, late: true }
    : days <= 30
      ? { text: `${longDate(date)}, ${days} days left`, late: true }
      : { text: longDate(date), late: false };
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
                <td className="reading py-0.5 pr-4 font-semibold">{lot.number}</td>
                <td className="py-0.5 pr-4">
                  <span className="flex items-center gap-2">
                    <FamilySwatch family={familyOf(lot)} />
                    {nameOf(lot)}
                    {lot.count ? `, ${lot.count} filled` : ''}
                  </span>
                </td>
                <td className="py-0.5 pr-4 text-soft">
                  {lot.supplier} <span className="reading">{lot.supplierCode}</span>
                  {lot.kind === 'bought' ? '' : 'own pot'}
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
