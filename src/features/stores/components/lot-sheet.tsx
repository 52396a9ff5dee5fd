'use client';

import { findIngredient, isLiquid } from '@/core/material';
import { type OunceMeaning, parseAmount, say } from '@/core/quantity';
import { sayIssue } from '@/messages';
import { shared } from '@/messages/screens/shared';
import { lotSheet as wording } from '@/messages/screens/stores';
import { IngredientPicker } from '@/trade/ingredient-picker';
import { ChoiceField } from '@/ui/choice';
import { SelectField, TextField } from '@/ui/field';
import type { Opened } from '@/ui/on-open';
import { Tick } from '@/ui/tick';
import { SheetForm } from '@/web/form/sheet-form';
import { useForm } from '@/web/form/use-form';
import { reads } from '@/web/here';
import { catalogue } from '@/web/here-catalogue';
import { saveLot } from '../actions';
import { LotFields } from '../forms';

const EMPTY = {
  ingredientId: '',
  readyMadeId: null as number | null,
  amount: '',
  ounce: null as OunceMeaning | null,
  supplier: '',
  supplierCode: '',
  openedOn: '',
  bestBefore: '',
  within: '',
  place: '',
  price: '',
  note: '',
  forTools: false,
};
const OUNCES: readonly { readonly id: OunceMeaning; readonly name: string }[] = [
  { id: 'weight', name: wording.ouncesByWeight },
  { id: 'us-fluid', name: wording.usFluidOunces },
  { id: 'imperial-fluid', name: wording.imperialFluidOunces },
];

type Ready = { readonly id: number; readonly name: string; readonly densityGPerMl: number };
/** What an amount is of: its density, and whether an ounce of it may be fluid. */
type Stuff = { readonly densityGPerMl: number; readonly liquid: boolean };

type Read = { readonly echo: string | null; readonly fault: string; readonly asks: boolean };

/** What was understood of a typed amount of an ingredient. */
function readAmount(amount: string, stuff: Stuff | undefined, ounce: OunceMeaning | null): Read {
  if (!stuff || amount.trim() === '') return { echo: null, fault: '', asks: false };
  const parsed = parseAmount(amount, stuff, reads(), ounce ?? undefined);
  if (parsed.ok)
    return {
      echo: `${say(parsed.value.massG, 'g', reads())} (${say(parsed.value.massG / stuff.densityGPerMl, 'ml', reads())})`,
      fault: '',
      asks: false,
    };
  return {
    echo: null,
    fault: parsed.issues.map((one) => sayIssue(one, reads())).join(' '),
    asks: parsed.issues.some((issue) => issue.code === 'ounce-ambiguous'),
  };
}

type Props = {
  readonly currency: string;
  readonly ready: readonly Ready[];
  readonly places: readonly { readonly id: number; readonly name: string }[];
};

/** The sheet for a lot that has come in. */
export function LotSheet({ currency, ready, places, open, onOpenChange }: Props & Opened) {
  const form = useForm<typeof EMPTY, { readonly number: string }>({
    schema: LotFields,
    start: EMPTY,
    save: saveLot,
    done: () => onOpenChange(false),
    keptAs: 'lot',
  });
  const lot = form.values;
  const pick = (ingredientId: string, readyMadeId: number | null): void => {
    form.set('ingredientId', ingredientId);
    form.set('readyMadeId', readyMadeId);
  };
  const ingredient = findIngredient(lot.ingredientId, catalogue());
  const bought = ready.find((one) => one.id === lot.readyMadeId);
  const stuff = ingredient
    ? { densityGPerMl: ingredient.densityGPerMl, liquid: isLiquid(ingredient) }
    : bought
      ? { densityGPerMl: bought.densityGPerMl, liquid: true }
      : undefined;
  const read = readAmount(lot.amount, stuff, lot.ounce);
  const isOunce = /oz|ounce/i.test(lot.amount);
  return (
    <SheetForm form={form} title={wording.receiveALot} open={open} onOpenChange={onOpenChange} saves={wording.putItInThe}>
      <IngredientPicker
        key={open ? 'open' : 'shut'}
        label={wording.whatIsInThe}
        value={lot.ingredientId}
        ready={ready}
        onPick={(id) => pick(id, null)}
        onPickReady={(id) => pick('', id)}
      />
      {form.fault('ingredientId') ? <p className="text-sm font-semibold text-late">▲ {form.fault('ingredientId')}</p> : null}
      <TextField
        label={wording.amount}
        hint={wording.kgLbOzL}
        echo={read.echo}
        {...form.field('amount')}
        fault={read.fault || (read.echo ? undefined : form.fault('amount'))}
      />
      {(read.asks || (lot.ounce && isOunce)) && (
        <div className="mb-2 border-l-4 border-ink pl-3">
          <ChoiceField
            asks={wording.whichOunce}
            value={lot.ounce}
            options={OUNCES.map(({ id, name }) => ({ value: id, name }))}
            onChange={(ounce) => form.set('ounce', ounce)}
          />
        </div>
      )}
      <div className="grid grid-cols-2 gap-x-4">
        <TextField label={wording.supplier} {...form.field('supplier')} />
        <TextField label={wording.lotCodeOnThe} {...form.field('supplierCode')} />
        <TextField label={wording.openedOn} type="date" {...form.field('openedOn')} />
        <TextField label={shared.bestBefore} type="date" {...form.field('bestBefore')} />
        <TextField label={wording.onceOpenGoodFor} inputMode="numeric" {...form.field('within')} />
        <SelectField label={wording.itStandsAt} {...form.field('place')}>
          <option value="">{wording.notSaid}</option>
          {places.map((one) => (
            <option key={one.id} value={one.id}>
              {one.name}
            </option>
          ))}
        </SelectField>
        <TextField label={wording.paidForIt(currency)} inputMode="decimal" {...form.field('price')} />
        <TextField label={wording.note} {...form.field('note')} />
      </div>
      <Tick checked={lot.forTools} onChange={() => form.set('forTools', !lot.forTools)}>
        {wording.forToolsOnlyNever}
      </Tick>
    </SheetForm>
  );
}
