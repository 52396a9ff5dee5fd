'use client';

import { useState } from 'react';
import { densityAt, everyUnit } from '@/core/blend';
import { findIngredient, isLiquid } from '@/core/material';
import { type OunceMeaning, parseAmount, parseTemperature, say } from '@/core/quantity';
import { sayIssue } from '@/messages';
import { convertForm as wording } from '@/messages/screens/blends';
import { IngredientPicker } from '@/trade/ingredient-picker';
import { ChoiceField } from '@/ui/choice';
import { TextField } from '@/ui/field';
import { reads } from '@/web/here';
import { catalogue } from '@/web/here-catalogue';

const OUNCES: readonly { readonly id: OunceMeaning; readonly name: string }[] = [
  { id: 'weight', name: wording.byWeight },
  { id: 'us-fluid', name: wording.usFluid },
  { id: 'imperial-fluid', name: wording.imperialFluid },
];

const figure = (value: number): string =>
  value >= 100 ? value.toFixed(0) : value >= 10 ? value.toFixed(1) : value >= 1 ? value.toFixed(2) : value.toPrecision(2);

/** One amount in every unit: weight and volume of one ingredient at one temperature. */
export function ConvertForm() {
  const [id, setId] = useState('mineral-oil');
  const [amount, setAmount] = useState('8 fl oz');
  const [temp, setTemp] = useState(say(20, '°C', reads(), 0));
  const [ounce, setOunce] = useState<OunceMeaning | null>(null);
  const ingredient = findIngredient(id, catalogue());
  const tempC = parseTemperature(temp, reads());
  if (!ingredient) return null;
  const density = densityAt(ingredient, tempC.ok ? tempC.value : 20);
  const parsed = parseAmount(amount, { densityGPerMl: density, liquid: isLiquid(ingredient) }, reads(), ounce ?? undefined);
  const asks =
    ounce !== null ? /\boz|ounce/i.test(amount) : !parsed.ok && parsed.issues.some((issue) => issue.code === 'ounce-ambiguous');
  return (
    <div className="grid gap-x-10 gap-y-4 bench:grid-cols-2">
      <div>
        <IngredientPicker key={id} label={wording.ofWhat} value={id} onPick={setId} />
        <div className="mt-3 grid grid-cols-[1fr_8rem] gap-4">
          <TextField
            label={wording.howMuch}
            value={amount}
            onChange={(event) => {
              setAmount(event.target.value);
              setOunce(null);
            }}
            hint={wording.flOzLLb}
            fault={parsed.ok || asks ? undefined : parsed.issues.map((one) => sayIssue(one, reads())).join(' ')}
          />
          <TextField
            label={wording.at}
            value={temp}
            onChange={(event) => setTemp(event.target.value)}
            hint="20 °C, 150F"
            fault={tempC.ok ? undefined : tempC.issues.map((one) => sayIssue(one, reads())).join(' ')}
          />
        </div>
        {asks ? (
          <div className="border-ink border-l-4 pl-3">
            <ChoiceField
              asks={wording.whichOunce}
              value={ounce}
              options={OUNCES.map(({ id, name }) => ({ value: id, name }))}
              onChange={setOunce}
            />
          </div>
        ) : null}
        <p className="mt-2 text-soft">
          {ingredient.name}: <span className="reading">{say(density, 'g/ml', reads())}</span>
          {tempC.ok && Math.abs(tempC.value - 20) > 0.5 ? wording.atByItsGrowth(temp) : ` at ${say(20, '°C', reads(), 0)}`}
          {ingredient.family === 'wax' && tempC.ok && ingredient.meltC !== null && tempC.value < ingredient.meltC
            ? wording.asOneSolidPiece
            : ''}
          .
        </p>
      </div>
      <table className="w-full self-start">
        <caption className="sr-only">{wording.theSameAmountIn}</caption>
        <tbody>
          {parsed.ok
            ? everyUnit(parsed.value.massG, density).map(({ unit, value }) => (
                <tr key={unit} className="border-hair border-b">
                  <td className="reading py-1.5 text-right text-2xl font-semibold">{figure(value)}</td>
                  <th scope="row" className="py-1.5 pl-3 text-left font-normal">
                    {unit}
                  </th>
                </tr>
              ))
            : null}
        </tbody>
      </table>
    </div>
  );
}
