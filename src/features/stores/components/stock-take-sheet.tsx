'use client';

import { parseMass, say } from '@/core/quantity';
import { shared } from '@/messages/screens/shared';
import { stockTakeSheet as wording } from '@/messages/screens/stores';
import { TextBox } from '@/ui/field';
import { Headings } from '@/ui/headings';
import type { Opened } from '@/ui/on-open';
import { SheetForm } from '@/web/form/sheet-form';
import { useForm } from '@/web/form/use-form';
import { reads } from '@/web/here';
import { StockFields } from '../forms';
import { saveStockTake } from '../lot-actions';

type Row = { readonly id: number; readonly number: string; readonly title: string; readonly leftG: number };

/** Weighing the whole shelf: what was found goes beside what the ledger says, and only what was weighed is changed. */
export function StockTakeSheet({ lots, open, onOpenChange }: { readonly lots: readonly Row[] } & Opened) {
  const form = useForm<{ found: Record<string, string> }, { readonly counted: number }>({
    schema: StockFields,
    start: { found: {} },
    save: saveStockTake,
    done: () => onOpenChange(false),
    keptAs: 'stock-take',
    lasting: true,
  });
  const { found } = form.values;
  const weighed = lots.filter((lot) => (found[lot.id] ?? '').trim() !== '');
  return (
    <SheetForm
      form={form}
      title={wording.stockTake}
      open={open}
      onOpenChange={onOpenChange}
      saves={weighed.length === 0 ? wording.weighOneFirst : wording.putToWhatWas(weighed.length)}
      notYet={weighed.length === 0}
      say={wording.weighWhatStandsThere}
    >
      <table className="w-full">
        <Headings
          of={[
            shared.lot,
            { says: wording.shouldBe, is: 'text-right' },
            { says: wording.found, is: 'w-28 pl-3' },
            { says: wording.offBy, is: 'w-20 text-right' },
          ]}
        />
        <tbody>
          {lots.map((lot) => {
            const typed = parseMass(found[lot.id] ?? '', reads());
            const off = typed.ok ? typed.value - lot.leftG : null;
            return (
              <tr key={lot.id} className="border-hair border-b">
                <td className="py-1">
                  <span className="reading font-semibold">{lot.number}</span> {lot.title}
                  {form.fault(`found.${lot.id}`) ? (
                    <span className="block text-sm font-semibold text-late">▲ {form.fault(`found.${lot.id}`)}</span>
                  ) : null}
                </td>
                <td className="reading py-1 text-right">{say(lot.leftG, 'g', reads())}</td>
                <td className="py-1 pl-3">
                  <TextBox
                    aria-label={wording.foundOf(lot.number)}
                    className="reading w-full text-right"
                    inputMode="decimal"
                    value={found[lot.id] ?? ''}
                    onChange={(event) => form.set(`found.${lot.id}`, event.target.value)}
                  />
                </td>
                <td
                  className={`reading py-1 text-right ${off !== null && Math.abs(off) > 0.05 * lot.leftG ? 'font-semibold text-late' : ''}`}
                >
                  {off === null ? '' : `${off > 0 ? '+' : '−'}${say(Math.abs(off), 'g', reads())}`}
                </td>
              </tr>
            );
          })}
        </tbody>
      </table>
    </SheetForm>
  );
}
