'use client';

import { useState } from 'react';
import { largerSaves, packCostPerKg, spoils } from '@/core/cost';
import { parseMass, parsePositive } from '@/core/quantity';
import { litreOrBottle as wording } from '@/messages/screens/cost';
import { SelectField, TextField } from '@/ui/field';
import { reads } from '@/web/here';

export type BoughtPack = {
  readonly name: string;
  readonly price: string;
  readonly grams: string;
  readonly usedPerMonth: string;
  readonly keepsMonths: string;
};
type Props = { readonly bought: readonly BoughtPack[]; readonly currency: string };

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
    <section aria-label={wording.aLitreInsteadOf} className="max-w-3xl">
      <h2>{wording.aLitreInsteadOf}</h2>
      <div className="mt-2 grid grid-cols-2 gap-x-4 bench:grid-cols-4">
        <SelectField
          label={wording.ofWord}
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
        <TextField label={wording.usedAMonth} {...field('used', of.usedPerMonth)} />
        <TextField label={wording.keepsMonths} {...field('keeps', of.keepsMonths)} />
        <span />
        <TextField label={wording.theSmallOne(currency)} inputMode="decimal" {...field('price', of.price)} />
        <TextField label={wording.holds} {...field('grams', of.grams)} />
        <TextField label={wording.theLargeOne(currency)} inputMode="decimal" {...field('price2')} />
        <TextField label={wording.holds} {...field('grams2')} placeholder="930 g" />
      </div>
      <p aria-live="polite" className="text-lg">
        {saved && perKg && small && large ? (
          <>
            {saved.perYear >= 0 ? wording.theLargeOneSaves : wording.theLargeOneCosts}
            <strong className="reading">{wording.aYear(Math.abs(saved.perYear).toFixed(2), currency)}</strong>
            {wording.reallyAgainstAKilogram(
              saved.perYear >= 0 ? '' : wording.more,
              perKg.large.toFixed(2),
              perKg.small.toFixed(2),
              currency,
              spoils(large) > 0 ? wording.ofItGoesOff(Math.round(100 * spoils(large))) : wording.allOfItIs,
            )}
          </>
        ) : (
          <span className="text-soft">{wording.typeWhatTheLarge}</span>
        )}
      </p>
    </section>
  );
}
