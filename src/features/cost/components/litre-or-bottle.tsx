'use client';

import { useState } from 'react';
import { largerSaves, packCostPerKg, spoils } from '@/core/cost';
import { parseMass, parsePositive } from '@/core/quantity';
import { SelectField, TextField } from '@/ui/field';
import { reads } from '@/web/reads-here';

export type Bought = {
  readonly name: string;
  readonly price: string;
  readonly grams: string;
  readonly usedPerMonth: string;
  readonly keepsMonths: string;
};
type Props = { readonly bought: readonly Bought[]; readonly currency: string };

/** What a litre instead of a bottle really saves: by what is used of it before it goes off. */
export function LitreOrBottle({ bought, currency }: Props) {
  const [at, setAt] = useState(0);
  const [typed, setTyped] = useState<Readonly<Record<string, string>>>({});
  const of = bought[at];
  if (!of) return null;
  const value = (name: string, begins: string): string => typed[name] ?? begins;
  const field = (name: string, begins = '') => ({
    value: value(name, begins),
    onChange: (event: { readonly target: { readonly value: string } }) => setTyped({ ...typed, [name]: event.target.value }),
  });
  const [price, grams] = [parsePositive(value('price', of.price)), parseMass(value('grams', of.grams), reads())];
  const [price2, grams2] = [parsePositive(value('price2', '')), parseMass(value('grams2', ''), reads())];
  const [used, keeps] = [parseMass(value('used', of.usedPerMonth), reads()), parsePositive(value('keeps', of.keepsMonths))];
  const rate = used.ok && keeps.ok ? { usedPerMonthG: used.value, shelfMonths: keeps.value } : null;
  const small = price.ok && grams.ok && rate ? { price: price.value, grams: grams.value, ...rate } : null;
  const large = price2.ok && grams2.ok && rate ? { price: price2.value, grams: grams2.value, ...rate } : null;
  const perKg = small && large ? { small: packCostPerKg(small), large: packCostPerKg(large) } : null;
  const saved = perKg && rate ? largerSaves(perKg, rate.usedPerMonthG) : null;
  return (
    <section aria-label="A litre instead of a bottle" className="max-w-3xl">
      <h2>A litre instead of a bottle</h2>
      <div className="mt-2 grid grid-cols-2 gap-x-4 bench:grid-cols-4">
        <SelectField
          label="Of"
          value={at}
          onChange={(event) => {
            setAt(Number(event.target.value));
            setTyped({});
          }}
        >
          {bought.map((one, i) => (
            <option key={one.name} value={i}>
              {one.name}
            </option>
          ))}
        </SelectField>
        <TextField label="Used a month" {...field('used', of.usedPerMonth)} />
        <TextField label="Keeps, months" {...field('keeps', of.keepsMonths)} />
        <span />
        <TextField label={`The small one, ${currency}`} inputMode="decimal" {...field('price', of.price)} />
        <TextField label="holds" {...field('grams', of.grams)} />
        <TextField label={`The large one, ${currency}`} inputMode="decimal" {...field('price2')} />
        <TextField label="holds" {...field('grams2')} placeholder="930 g" />
      </div>
      <p aria-live="polite" className="text-lg">
        {saved && perKg && small && large ? (
          <>
            {saved.perYear >= 0 ? 'The large one saves ' : 'The large one costs '}
            <strong className="reading">
              {Math.abs(saved.perYear).toFixed(2)} {currency} a year
            </strong>
            {saved.perYear >= 0 ? '' : ' more'}: really {perKg.large.toFixed(2)} against {perKg.small.toFixed(2)} {currency} a
            kilogram.{' '}
            {spoils(large) > 0
              ? `${Math.round(100 * spoils(large))} % of it goes off before it is used.`
              : 'All of it is used in time.'}
          </>
        ) : (
          <span className="text-soft">Type what the large one costs and holds.</span>
        )}
      </p>
    </section>
  );
}
