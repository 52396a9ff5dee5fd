'use client';

import { useState } from 'react';
import { findIngredient, isLiquid } from '@/core/material';
import { formatMass, formatVolume, type OunceMeaning, parseAmount } from '@/core/quantity';
import { sayIssue } from '@/messages';
import { Button } from '@/ui/button';
import { Sheet } from '@/ui/dialog';
import { Faults, TextField } from '@/ui/field';
import { IngredientPicker } from '@/web/ingredient-picker';
import { useSave } from '@/web/use-save';
import { saveLot } from '../actions';

const EMPTY = {
  ingredientId: '',
  readyMadeId: null as number | null,
  amount: '',
  supplier: '',
  supplierCode: '',
  openedOn: '',
  bestBefore: '',
  price: '',
  note: '',
};
const OUNCES: readonly { readonly id: OunceMeaning; readonly name: string }[] = [
  { id: 'weight', name: 'Ounces by weight' },
  { id: 'us-fluid', name: 'US fluid ounces' },
  { id: 'imperial-fluid', name: 'Imperial fluid ounces' },
];

type Ready = { readonly id: number; readonly name: string; readonly densityGPerMl: number };
/** What an amount is of: its density, and whether an ounce of it may be fluid. */
type Stuff = { readonly densityGPerMl: number; readonly liquid: boolean };

type Read = { readonly echo: string | null; readonly fault: string; readonly asks: boolean };

/** What was understood of a typed amount of an ingredient. */
function readAmount(amount: string, stuff: Stuff | undefined, ounce: OunceMeaning | null): Read {
  if (!stuff || amount.trim() === '') return { echo: null, fault: '', asks: false };
  const parsed = parseAmount(amount, stuff, ounce ?? undefined);
  if (parsed.ok)
    return {
      echo: `${formatMass(parsed.value.massG)} (${formatVolume(parsed.value.massG / stuff.densityGPerMl)})`,
      fault: '',
      asks: false,
    };
  return {
    echo: null,
    fault: parsed.issues.map(sayIssue).join(' '),
    asks: parsed.issues.some((issue) => issue.code === 'ounce-ambiguous'),
  };
}

/** The sheet for a lot that has come in. */
export function AddLot({ currency, ready }: { readonly currency: string; readonly ready: readonly Ready[] }) {
  const [open, setOpen] = useState(false);
  const [lot, setLot] = useState(EMPTY);
  const [ounce, setOunce] = useState<OunceMeaning | null>(null);
  const { busy, faults, rest, run } = useSave<{ readonly number: string }>();
  // From what stands there by then: a name that was picked and an amount typed in the same breath both stay.
  const change = (part: Partial<typeof EMPTY>): void => setLot((now) => ({ ...now, ...part }));
  const set = (field: Exclude<keyof typeof EMPTY, 'readyMadeId'>) => (event: { readonly target: { readonly value: string } }) =>
    change({ [field]: event.target.value });
  const ingredient = findIngredient(lot.ingredientId);
  const bought = ready.find((one) => one.id === lot.readyMadeId);
  const stuff = ingredient
    ? { densityGPerMl: ingredient.densityGPerMl, liquid: isLiquid(ingredient) }
    : bought
      ? { densityGPerMl: bought.densityGPerMl, liquid: true }
      : undefined;
  const read = readAmount(lot.amount, stuff, ounce);
  const isOunce = /oz|ounce/i.test(lot.amount);
  const save = (): void => {
    void run(
      () => saveLot({ ...lot, ounce }),
      () => {
        setOpen(false);
        setLot(EMPTY);
        setOunce(null);
      },
    );
  };
  return (
    <>
      <Button look="main" onClick={() => setOpen(true)}>
        Receive a lot
      </Button>
      <Sheet title="Receive a lot" open={open} onOpenChange={setOpen}>
        <form
          className="flex flex-col gap-1"
          onSubmit={(event) => {
            event.preventDefault();
            save();
          }}
        >
          <IngredientPicker
            key={open ? 'open' : 'shut'}
            label="What is in the tin"
            value={lot.ingredientId}
            ready={ready}
            onPick={(id) => change({ ingredientId: id, readyMadeId: null })}
            onPickReady={(id) => change({ ingredientId: '', readyMadeId: id })}
          />
          {faults.ingredientId ? <p className="text-sm font-semibold text-late">▲ {faults.ingredientId}</p> : null}
          <TextField
            label="Amount"
            value={lot.amount}
            onChange={set('amount')}
            hint="2.5 kg, 1 lb 2 oz, 0,75 l"
            echo={read.echo}
            fault={read.fault || (read.echo ? undefined : faults.amount)}
            required
          />
          {(read.asks || (ounce && isOunce)) && (
            <fieldset className="mb-2 border-l-4 border-ink pl-3">
              <legend className="label">Which ounce?</legend>
              {OUNCES.map(({ id, name }) => (
                <label key={id} className="flex min-h-11 items-center gap-3">
                  <input
                    type="radio"
                    name="ounce"
                    checked={ounce === id}
                    onChange={() => setOunce(id)}
                    className="h-5 w-5 accent-ink"
                  />
                  {name}
                </label>
              ))}
            </fieldset>
          )}
          <div className="grid grid-cols-2 gap-x-4">
            <TextField label="Supplier" value={lot.supplier} onChange={set('supplier')} />
            <TextField label="Lot code on the label" value={lot.supplierCode} onChange={set('supplierCode')} />
            <TextField label="Opened on" type="date" value={lot.openedOn} onChange={set('openedOn')} fault={faults.openedOn} />
            <TextField
              label="Best before"
              type="date"
              value={lot.bestBefore}
              onChange={set('bestBefore')}
              fault={faults.bestBefore}
            />
            <TextField
              label={`Paid for it (${currency})`}
              value={lot.price}
              onChange={set('price')}
              fault={faults.price}
              inputMode="decimal"
            />
            <TextField label="Note" value={lot.note} onChange={set('note')} />
          </div>
          <Faults of={rest(['ingredientId', 'amount', 'openedOn', 'bestBefore', 'price'])} />
          <Button look="main" big type="submit" disabled={busy}>
            Put it in the stores
          </Button>
        </form>
      </Sheet>
    </>
  );
}
