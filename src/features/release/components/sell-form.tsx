'use client';

import { useState } from 'react';
import type { z } from 'zod';
import { COUNTRIES, LANGUAGES, type Upkeep } from '@/core/care';
import { bottleWords, LANGUAGE_NAMES, type SaidBottle } from '@/messages/care';
import { sellForm as wording } from '@/messages/screens/release';
import { shared } from '@/messages/screens/shared';
import { Unsell } from '@/trade/unsell';
import { Button, linkLook } from '@/ui/button';
import { Faults, SelectField, TextField } from '@/ui/field';
import { Fold } from '@/ui/fold';
import { Form } from '@/ui/form';
import { Link } from '@/ui/link';
import { type FormState, useForm } from '@/web/form/use-form';
import { sell } from '../actions';
import { SaleFields } from '../forms';

type SaleTyped = z.input<typeof SaleFields>;

type Props = {
  /** What washing trials have moved in the owner’s looks; empty where nothing. */
  readonly taught: string;
  readonly batchId: number;
  readonly unsold: number;
  readonly currency: string;
  readonly today: string;
  readonly bottles: readonly SaidBottle[];
  /** The lot that was said to go with the pieces; may be empty. */
  readonly bottle: string;
  /** What a piece is to sell for, as typed under its cost; may be empty. */
  readonly price: string;
  /** Who was thought of as its upkeep and its buyer when it was begun. */
  readonly upkeep: Upkeep | null;
  readonly customer: string;
};

const names = new Intl.DisplayNames('en-GB', { type: 'region' });
const COUNTRY_CHOICES = COUNTRIES.map((id) => ({ id, name: names.of(id) ?? id })).sort((a, b) => a.name.localeCompare(b.name));

/** Sells some of a released batch: who, how it will be used and washed, and the bottle in the box; each piece gets a slip of its own. */
export function SellForm({ batchId, unsold, currency, today, bottles, bottle, price, upkeep, customer, taught }: Props) {
  const [codes, setCodes] = useState<readonly string[]>([]);
  const form = useForm<SaleTyped, { readonly codes: readonly string[] }>({
    schema: SaleFields,
    start: {
      pieces: '1',
      price,
      buyer: customer,
      email: '',
      soldOn: today,
      use: 'weekly',
      wash: 'hand',
      upkeep: upkeep ?? 're-oils',
      language: 'en',
      country: '',
      bottle: bottles.some((one) => String(one.lotId) === bottle) ? bottle : '',
    },
    save: (sale) => sell({ ...sale, batchId }),
    done: ({ codes: made }) => setCodes(made),
    keptAs: `sale ${batchId}`,
    stays: true,
  });
  return (
    <section>
      <h2 className="mb-1">
        {wording.sell(
          unsold === 0 ? wording.allAreSold : wording.left(unsold, unsold === 1 ? wording.pieceIs : wording.piecesAre),
        )}
      </h2>
      {codes.length > 0 ? (
        <div role="status" className="mb-3 border-fit border-l-4 pl-3">
          <p className="font-semibold">{codes.length === 1 ? wording.soldItsSlip : wording.soldTheSlips(codes.length)}</p>
          <p className="my-2 flex flex-wrap gap-2">
            {codes.map((code) => (
              <Link key={code} href={`/slip/${code}`} className={linkLook('main')}>
                {codes.length === 1 ? wording.printTheSlip : code}
              </Link>
            ))}
          </p>
          <Unsell codes={codes} onDone={() => setCodes([])} />
        </div>
      ) : null}
      {unsold > 0 ? (
        <Form className="flex flex-col gap-1" onSubmit={form.submit}>
          {taught ? <p className="text-sm text-soft">{taught}</p> : null}
          <SaleRows form={form} currency={currency} bottles={bottles} />
          <Faults of={form.faults} />
          <Button look="main" big type="submit" disabled={form.busy}>
            {wording.sold}
          </Button>
        </Form>
      ) : null}
    </section>
  );
}

type RowsProps = Pick<Props, 'currency' | 'bottles'> & { readonly form: FormState<SaleTyped> };

/** How many and for how much; the rest is as usual until somebody says otherwise. */
function SaleRows({ form, currency, bottles }: RowsProps) {
  return (
    <>
      <div className="grid grid-cols-2 gap-4">
        <TextField label={shared.pieces} inputMode="numeric" {...form.field('pieces')} />
        <TextField label={wording.priceEach(currency)} inputMode="decimal" {...form.field('price')} />
      </div>
      <Fold says={assumed(form.values, bottles)} open={RARE.some((name) => form.fault(name))} className="mb-2">
        <ToWhom form={form} currency={currency} bottles={bottles} />
      </Fold>
    </>
  );
}

/** Fields that have their usual answer, and are folded in until somebody wants another. */
const RARE = ['soldOn', 'buyer', 'email', 'use', 'wash', 'upkeep', 'country', 'language', 'bottle'] as const;
const USED: Readonly<Record<string, string>> = { daily: 'daily', weekly: 'weekly', occasional: wording.nowAndThen };
const WASHED: Readonly<Record<string, string>> = { wipe: 'wiped', hand: wording.washedByHand, soak: wording.leftInWater };

/** What is taken for granted of a sale, in a line. */
function assumed(sale: SaleTyped, bottles: readonly SaidBottle[]): string {
  const who = sale.buyer.trim() || wording.aBuyerWhoIs;
  const bottle = bottles.find((one) => String(one.lotId) === sale.bottle);
  return [
    `To ${who}, on ${sale.soldOn}`,
    wording.used(USED[sale.use] ?? sale.use, WASHED[sale.wash] ?? sale.wash),
    wording.slipIn(LANGUAGE_NAMES[sale.language as keyof typeof LANGUAGE_NAMES] ?? sale.language),
    bottle ? wording.aBottleInThe : wording.noBottleInThe,
  ].join('; ');
}

/** To whom, how it will be used and washed, the slip's language, and what goes in the box. */
function ToWhom({ form, currency, bottles }: RowsProps) {
  return (
    <>
      <div className="grid grid-cols-3 gap-4">
        <TextField label={wording.soldOn} type="date" {...form.field('soldOn')} />
        <TextField label={wording.buyerMayStayEmpty} {...form.field('buyer')} hint={wording.keptAsLittleAs} />
        <TextField label={wording.addressForRemindersMay} type="email" {...form.field('email')} hint={wording.onlyIfTheyWant} />
      </div>
      <div className="grid grid-cols-3 gap-4">
        <SelectField label={shared.used} {...form.field('use')}>
          {Object.entries(USED).map(([use, says]) => (
            <option key={use} value={use}>
              {says}
            </option>
          ))}
        </SelectField>
        <SelectField label={wording.cleaned} {...form.field('wash')}>
          {Object.entries(WASHED).map(([wash, says]) => (
            <option key={wash} value={wash}>
              {says}
            </option>
          ))}
        </SelectField>
        <SelectField label={wording.theOwner} {...form.field('upkeep')}>
          <option value="re-oils">{wording.reOils}</option>
          <option value="will-not">{wording.willNot}</option>
          <option value="unknown">{wording.isNotKnown}</option>
        </SelectField>
      </div>
      <div className="grid grid-cols-2 gap-4">
        <SelectField label={wording.goesTo} {...form.field('country')} hint={wording.dryWinterRoomsWant}>
          <option value="">{shared.notKnown}</option>
          {COUNTRY_CHOICES.map(({ id, name }) => (
            <option key={id} value={id}>
              {name}
            </option>
          ))}
        </SelectField>
        <SelectField label={wording.slipAndLettersIn} {...form.field('language')}>
          {LANGUAGES.map((id) => (
            <option key={id} value={id}>
              {LANGUAGE_NAMES[id]}
            </option>
          ))}
        </SelectField>
      </div>
      {bottles.length > 0 ? (
        <SelectField label={wording.bottleInTheBox} {...form.field('bottle')}>
          <option value="">{wording.none}</option>
          {bottles.map((one) => (
            <option key={one.lotId} value={one.lotId}>
              {bottleWords(one, currency)}
            </option>
          ))}
        </SelectField>
      ) : (
        <p className="text-sm text-soft">{wording.noTinThatRenews}</p>
      )}
    </>
  );
}
