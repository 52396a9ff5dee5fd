'use client';

import { useState } from 'react';
import type { DraftJar, Products } from '@/core/blend';
import { findIngredient } from '@/core/material';
import { formatMoney, parseMoney, say } from '@/core/quantity';
import { sayIssue } from '@/messages';
import { bestUse as wording } from '@/messages/screens/blends';
import { Button } from '@/ui/button';
import { Sheet } from '@/ui/dialog';
import { useDraft } from '@/ui/draft';
import { Faults, TextBox } from '@/ui/field';
import { Headings } from '@/ui/headings';
import { reads } from '@/web/here';
import { catalogue } from '@/web/here-catalogue';
import { useSolver } from '../use-solver';

export type Product = {
  readonly id: string;
  readonly name: string;
  readonly jar: DraftJar;
  readonly netG: number;
  readonly fractions: Readonly<Record<string, number>>;
};
type Props = {
  readonly products: readonly Product[];
  readonly stock: Readonly<Record<string, number>>;
  readonly jars: readonly DraftJar[];
  readonly currency: string;
};

/** Given the stock and the jars: which filled jars to make of it. By price where prices are written, else by weight filled. */
export function BestUse({ products, stock, jars, currency }: Props) {
  const [open, setOpen] = useState(false);
  const [prices, setPrices] = useDraft<Readonly<Record<string, string>>>('rendle-product-prices', {});
  const [found, setFound] = useState<Products | null>(null);
  const [faults, setFaults] = useState<readonly string[]>([]);
  const solver = useSolver();
  const typed = products.flatMap((one) => {
    const price = parseMoney(prices[one.id] ?? '', currency);
    return price.ok && price.value > 0 ? [[one.id, price.value] as const] : [];
  });
  const priced = new Map(typed);
  const byPrice = priced.size > 0;
  const jarOf = (id: string): DraftJar | undefined => jars.find((jar) => String(jar.id) === id);
  const find = async (): Promise<void> => {
    const answer = await solver((face) =>
      face.products({
        stock,
        jars: Object.fromEntries(jars.map((jar) => [String(jar.id), jar.have])),
        products: products
          .filter((one) => !byPrice || priced.has(one.id))
          .map((one) => ({
            id: one.id,
            fractions: one.fractions,
            netG: one.netG,
            jar: String(one.jar.id),
            worth: byPrice ? (priced.get(one.id) ?? 0) : one.netG,
          })),
      }),
    );
    setFaults(answer.ok ? [] : answer.issues.map((one) => sayIssue(one, reads())));
    setFound(answer.ok ? answer.value : null);
  };
  return (
    <>
      <Button onClick={() => setOpen(true)}>{wording.bestUseOfThe}</Button>
      <Sheet title={wording.bestUseOfThe} open={open} onOpenChange={setOpen} say={wording.whichJarsToFill}>
        {products.length === 0 ? <p>{wording.saveAFormulaAnd}</p> : null}
        <ProductTable
          products={products}
          currency={currency}
          prices={prices}
          counts={found?.counts ?? null}
          onPrice={(id, price) => {
            setPrices({ ...prices, [id]: price });
            setFound(null);
          }}
        />
        <Faults of={faults} />
        <Button look="main" big disabled={products.length === 0} onClick={() => void find()}>
          {wording.reckonIt}
        </Button>
        {found ? (
          <div role="status">
            <p className="text-lg">
              {byPrice ? wording.worth : wording.fills}{' '}
              <strong className="reading text-2xl">
                {byPrice ? formatMoney(found.worth, currency) : say(found.worth, 'g', reads())}
              </strong>
            </p>
            <p>
              {wording.runsOutFirstLeft(
                found.runsOut.map((id) => findIngredient(id, catalogue())?.name ?? jarOf(id)?.name ?? id).join(', ') ||
                  wording.nothing,
              )}
              <span className="reading">
                {Object.entries(found.leftG)
                  .filter(([id, grams]) => grams > 0.5 && (found.usedG[id] ?? 0) > 0)
                  .map(
                    ([id, grams]) => `${say(grams, 'g', reads())} ${findIngredient(id, catalogue())?.name.toLowerCase() ?? id}`,
                  )
                  .join(', ') || wording.nothingOfWhatWas}
              </span>
              .
            </p>
          </div>
        ) : null}
      </Sheet>
    </>
  );
}

type ProductsProps = {
  readonly products: readonly Product[];
  readonly currency: string;
  readonly prices: Readonly<Record<string, string>>;
  readonly counts: Readonly<Record<string, number>> | null;
  readonly onPrice: (id: string, price: string) => void;
};

/** What could be filled, what it sells for, and how many of it to make. */
function ProductTable({ products, currency, prices, counts, onPrice }: ProductsProps) {
  return (
    <table className="w-full">
      <Headings
        of={[
          wording.product,
          { says: wording.sellsFor(currency), is: 'w-28 text-right' },
          { says: wording.make, is: 'w-20 text-right' },
        ]}
      />
      <tbody>
        {products.map((one) => (
          <ProductRow
            key={one.id}
            product={one}
            price={prices[one.id] ?? ''}
            count={counts ? (counts[one.id] ?? 0) : null}
            onPrice={(price) => onPrice(one.id, price)}
          />
        ))}
      </tbody>
    </table>
  );
}

type RowProps = {
  readonly product: ProductsProps['products'][number];
  readonly price: string;
  /** How many to make; null until it is reckoned. */
  readonly count: number | null;
  readonly onPrice: (price: string) => void;
};

function ProductRow({ product: one, price, count, onPrice }: RowProps) {
  return (
    <tr className="border-hair border-b">
      <td className="py-1">
        {one.name}
        <span className="reading block text-sm text-soft">{wording.net(one.jar.name, say(one.netG, 'g', reads()))}</span>
      </td>
      <td className="py-1 pl-2">
        <TextBox
          aria-label={wording.inSellsFor(one.name, one.jar.name)}
          className="reading w-full text-right"
          inputMode="decimal"
          value={price}
          onChange={(event) => onPrice(event.target.value)}
        />
      </td>
      <td className="reading py-1 text-right text-lg font-semibold">{count ?? '–'}</td>
    </tr>
  );
}
