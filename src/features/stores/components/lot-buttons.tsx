'use client';

import { FEELS, WENT } from '@/core/blend';
import { THUMBNAIL_C } from '@/core/material';
import { say } from '@/core/quantity';
import { FEEL_WORDS, LOT_CHECK_WORDS, WENT_WORDS } from '@/messages';
import { FormSheet } from '@/web/form/form-sheet';
import { reads } from '@/web/reads-here';
import { fillBottle, fillUp, levelRead } from '../bottle-actions';
import { hold, lift, retire, saveBath, saveCheck, saveLoss, saveThumb, saveTinSale } from '../lot-actions';
import { savePlacing } from '../supply-actions';

type Source = { readonly id: number; readonly number: string; readonly title: string };
type Props = {
  readonly lot: {
    readonly id: number;
    readonly number: string;
    readonly kind: string;
    readonly countLeft: number | null;
    readonly hasWax: boolean;
    readonly leftG: number;
    /** What is missing of it may have gone through the lid. */
    readonly mayDryOut: boolean;
    /** Known pieces of its material, the newest first. */
    readonly references: readonly { readonly id: number; readonly says: string }[];
    readonly version: number;
    readonly placing: { readonly place: string; readonly openedOn: string; readonly bestBefore: string; readonly within: string };
    /** Of a bottle at hand: whether its tare and its width inside are known. */
    readonly bottle: { readonly hasTare: boolean; readonly hasBore: boolean } | null;
  };
  readonly isHeld: boolean;
  /** Where it may stand. */
  readonly places: readonly { readonly value: string; readonly name: string }[];
  readonly sources: readonly Source[];
  /** Lots that may be poured into a bottle. */
  readonly others: readonly Source[];
  readonly today: string;
  readonly currency: string;
};

/** Checks that are asked; a retired one stands only where it was made. */
const CHECKS = Object.entries(LOT_CHECK_WORDS).filter(([, words]) => words.how !== '');
const choose = (sources: readonly Source[]) =>
  sources.map((one) => ({ value: String(one.id), name: `${one.number} ${one.title}` }));

/** All that may be done with one lot. */
export function LotButtons({ lot, isHeld, places, sources, others, today, currency }: Props) {
  return (
    <div className="flex flex-wrap gap-2">
      {lot.kind === 'tin' && (lot.countLeft ?? 0) > 0 ? (
        <FormSheet
          opens="Sell tins"
          look="main"
          title={`Sell tins of ${lot.number}`}
          saves="They leave the shop"
          fields={[
            { name: 'count', label: 'How many', value: '1', type: 'number', hint: `${lot.countLeft} there` },
            { name: 'price', label: `For all of them (${currency})`, hint: 'empty: given away', type: 'number' },
            { name: 'buyer', label: 'Buyer', hint: 'need not be named' },
            { name: 'withPiece', label: 'Goes with the piece', hint: 'the code on its slip, if any' },
            { name: 'soldOn', label: 'On', type: 'date', value: today },
          ]}
          save={(values) => saveTinSale({ lotId: lot.id, ...values })}
        />
      ) : null}
      <Bottles lot={lot} others={others} />
      {lot.kind === 'bath' ? (
        <FormSheet
          opens="Top the bath up"
          title={`Top ${lot.number} up`}
          say="Whatever goes in stays on the bath’s record for ever, allergens above all."
          saves="It is in"
          fields={[
            { name: 'from', label: 'From lot', options: choose(sources) },
            { name: 'amount', label: 'How much', hint: '2 l, 500 g, 1 lb' },
          ]}
          save={(values) => saveBath({ name: '', bath: lot.id, ...values })}
        />
      ) : null}
      <CheckIt lot={lot} />
      {lot.hasWax ? (
        <FormSheet
          opens="Thumb test"
          title={`How ${lot.number} feels`}
          say="Press it where it stands. A few such tests move the shop’s own feel scale."
          saves="Keep it"
          fields={[
            { name: 'temp', label: 'Its temperature', value: say(20, '°C', reads(), 0), hint: '20 °C, 68F' },
            { name: 'felt', label: 'It feels', options: FEELS.map((feel) => ({ value: feel, name: FEEL_WORDS[feel] })) },
          ]}
          save={(values) => saveThumb({ lotId: lot.id, ...values })}
        />
      ) : null}
      <FormSheet
        opens="Where it stands, opened"
        title={`Where ${lot.number} stands`}
        say="Some tins are good for so many days once they are open, whatever date is on them: the sooner of the two counts."
        saves="It stands so"
        fields={[
          { name: 'place', label: 'It stands at', value: lot.placing.place, options: places },
          { name: 'openedOn', label: 'Opened on', type: 'date', value: lot.placing.openedOn },
          {
            name: 'within',
            label: 'Once open, good for so many days',
            type: 'number',
            value: lot.placing.within,
            hint: 'empty: its label says nothing',
          },
          { name: 'bestBefore', label: 'Best before, on its label', type: 'date', value: lot.placing.bestBefore },
        ]}
        save={(values) => savePlacing({ lotId: lot.id, version: lot.version, ...values })}
      />
      <FormSheet
        opens="Say what was lost"
        title={`Lost of ${lot.number}`}
        saves="Take it off"
        fields={[{ name: 'amount', label: 'How much was spilt, thrown away or gone off', hint: '40 g' }]}
        save={(values) => saveLoss({ lotId: lot.id, ...values })}
      />
      {lot.hasWax && lot.leftG > 0 && !isHeld ? (
        <FormSheet
          opens="Retire as tool wax"
          title={`Retire ${lot.number} as tool wax`}
          say="Wax that browned or was too hot goes on saws and hinges, never on a piece. It becomes a lot of its own, held from the first moment: no coat and no tin is drawn from it."
          saves="It is tool wax now"
          fields={[{ name: 'amount', label: 'How much of it', value: say(lot.leftG, 'g', reads()) }]}
          save={(values) => retire({ lotId: lot.id, amount: '', ...values })}
        />
      ) : null}
      <HoldIt lot={lot} isHeld={isHeld} />
    </div>
  );
}

/** Decanting from a lot into a bottle at hand; pouring more into one, and reading its level. */
function Bottles({ lot, others }: Pick<Props, 'lot' | 'others'>) {
  if (lot.bottle)
    return (
      <>
        <FormSheet
          opens="Top it up, let it down"
          title={`Pour into ${lot.number}`}
          say="More of the same, or a thinner. What is in it follows from what was left in it. Warmth, flame and cloths go by the new contents."
          saves="It is in"
          fields={[
            { name: 'from', label: 'From lot', options: choose(others) },
            { name: 'amount', label: 'How much goes in', hint: '120 g, 100 ml, 4 US fl oz' },
            ...(lot.bottle.hasTare
              ? [
                  {
                    name: 'gross',
                    label: 'Or bottle and all, weighed afterwards',
                    hint: 'with its lid, as when it was weighed empty',
                  },
                ]
              : []),
          ]}
          save={(values) => fillUp({ lotId: lot.id, gross: '', ...values })}
        />
        {lot.bottle.hasBore ? (
          <FormSheet
            opens="Read its level"
            title={`The level of ${lot.number}`}
            say="Measured from the inside bottom to the surface, on a level table. The book is put to what that is."
            saves="It stands so"
            fields={[
              { name: 'level', label: 'It stands at', hint: '84 mm, 3 1/4 in' },
              ...(lot.mayDryOut
                ? [
                    {
                      name: 'went',
                      label: 'Where it is lower, it was',
                      options: WENT.map((one) => ({ value: one, name: WENT_WORDS[one] })),
                    },
                  ]
                : []),
            ]}
            save={(values) => levelRead({ lotId: lot.id, ...values })}
          />
        ) : null}
      </>
    );
  if (lot.kind === 'tin' || lot.leftG <= 0) return null;
  return (
    <FormSheet
      opens="Fill a bottle from it"
      title={`Decant from ${lot.number}`}
      say="A bottle at hand is a lot of its own, drawn from at coats, with all that follows from what is in it. Never a bottle that looks like drink; write on it what it holds."
      saves="It is filled"
      fields={[
        { name: 'name', label: 'What it is called', hint: 'Bench oil' },
        { name: 'amount', label: 'How much goes in', hint: '200 g, 250 ml' },
        { name: 'tare', label: 'Bottle and lid, empty', hint: '182 g; may stay empty' },
        { name: 'outside', label: 'How wide outside', hint: '62 mm; only for reading its level' },
        { name: 'wall', label: 'How thick its wall', hint: '3 mm' },
        { name: 'mark', label: 'Written on it', hint: 'S31-01, 4 March' },
      ]}
      save={(values) => fillBottle({ fromLotId: lot.id, ...values })}
    />
  );
}

/** A look at a lot by one of its checks. */
function CheckIt({ lot }: Pick<Props, 'lot'>) {
  return (
    <FormSheet
      opens="Check it"
      title={`Check ${lot.number}`}
      saves="Keep it"
      fields={[
        { name: 'kind', label: 'By', options: CHECKS.map(([value, words]) => ({ value, name: words.name })) },
        {
          name: 'pass',
          label: 'It is',
          options: [
            { value: 'yes', name: 'as it should be' },
            { value: 'no', name: 'not as it should be' },
          ],
        },
        {
          name: 'temp',
          label: 'How warm it is',
          hint: `${say(20, '°C', reads(), 0)}; a thumbnail says nothing below ${say(THUMBNAIL_C.least, '°C', reads(), 0)} or above ${say(THUMBNAIL_C.most, '°C', reads(), 0)}`,
        },
        {
          name: 'beside',
          label: 'Judged beside',
          options: [...lot.references.map(({ id, says }) => ({ value: String(id), name: says })), { value: '', name: 'nothing' }],
        },
        { name: 'note', label: 'Note' },
      ]}
      echo={({ kind }) => {
        const words = LOT_CHECK_WORDS[kind as keyof typeof LOT_CHECK_WORDS];
        return words ? (
          <p className="text-soft">
            {words.how} Good: {words.pass}. Bad: {words.fail}.
          </p>
        ) : null;
      }}
      save={(values) => saveCheck({ lotId: lot.id, temp: '', beside: '', ...values })}
    />
  );
}

/** Holds a lot, or lifts its hold; why stands on its record. */
function HoldIt({ lot, isHeld }: Pick<Props, 'lot' | 'isHeld'>) {
  const lifts = isHeld ? (
    <FormSheet
      opens="Lift the hold"
      title={`Lift the hold on ${lot.number}`}
      say="From this moment it may be drawn from again, and so may all it went into. Why stands on its record."
      saves="Lift it"
      fields={[{ name: 'why', label: 'Why it may be used again', hint: 'smelled again, sound; supplier cleared it' }]}
      save={(values) => lift({ lotId: lot.id, ...values })}
    />
  ) : null;
  return (
    <>
      {lifts}
      <FormSheet
        opens={isHeld ? 'Another reason to hold it' : 'Hold it'}
        title={`Hold ${lot.number}`}
        say="From this moment nothing is drawn from it, nor from anything it went into. What is affected is listed below on this page."
        saves="Hold it now"
        fields={[{ name: 'reason', label: 'Why', hint: 'smells rancid; supplier’s recall' }]}
        save={(values) => hold({ lotId: lot.id, ...values })}
      />
    </>
  );
}
