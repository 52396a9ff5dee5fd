'use client';

import type { WaxFactor } from '@/core/blend';
import { findIngredient } from '@/core/material';
import { calibrate as wording } from '@/messages/screens/blends';
import { Button } from '@/ui/button';
import { Faults } from '@/ui/field';
import { Headings } from '@/ui/headings';
import { catalogue } from '@/web/here-catalogue';
import { useSave } from '@/web/use-save';
import { takeUpThumbs } from '../actions';

type Props = {
  readonly factors: readonly WaxFactor[];
  readonly inUse: Readonly<Record<string, number>>;
};

/** What the shop's thumb tests make of its waxes: shipped, by the tests, and on how many they rest. */
export function Calibrate({ factors, inUse }: Props) {
  const { busy, rest, run } = useSave();
  if (factors.length === 0) return null;
  const isOn = Object.keys(inUse).length > 0;
  const isNews = factors.some((one) => Math.abs((inUse[one.ingredient] ?? one.before) - one.after) > 0.005);
  return (
    <section className="mt-8 max-w-2xl">
      <h2 className="mb-1">{wording.yourWaxesUnderYour}</h2>
      <p className="mb-2 text-soft">{wording.beeswaxIsTheShipped}</p>
      <table className="w-full">
        <Headings
          of={[
            wording.wax,
            { says: wording.shipped, is: 'text-right' },
            { says: wording.byYourTests, is: 'text-right' },
            { says: wording.tests, is: 'text-right' },
            { says: wording.inUse, is: 'text-right' },
          ]}
        />
        <tbody>
          {factors.map((one) => (
            <tr key={one.ingredient} className="reading border-hair border-b">
              <td className="py-1.5">{findIngredient(one.ingredient, catalogue())?.name}</td>
              <td className="py-1.5 text-right">{one.before.toFixed(2)}</td>
              <td className="py-1.5 text-right font-semibold">{one.after.toFixed(2)}</td>
              <td className="py-1.5 text-right">{one.tests}</td>
              <td className="py-1.5 text-right">{(inUse[one.ingredient] ?? one.before).toFixed(2)}</td>
            </tr>
          ))}
        </tbody>
      </table>
      <Faults of={rest([])} />
      <div className="mt-2 flex gap-3">
        <Button disabled={busy || !isNews} onClick={() => void run(() => takeUpThumbs({ use: true }))}>
          {isNews ? wording.reckonWithYourTests : wording.yourTestsAreIn}
        </Button>
        {isOn ? (
          <Button look="quiet" disabled={busy} onClick={() => void run(() => takeUpThumbs({ use: false }))}>
            {wording.backToTheShipped}
          </Button>
        ) : null}
      </div>
    </section>
  );
}
