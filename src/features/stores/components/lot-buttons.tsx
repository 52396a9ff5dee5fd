'use client';

import { FEELS, WENT } from '@/core/blend';
import { THUMBNAIL_C } from '@/core/material';
import { say } from '@/core/quantity';
import { FEEL_WORDS, LOT_CHECK_WORDS, WENT_WORDS } from '@/messages';
import { shared } from '@/messages/screens/shared';
import { lotButtons as wording } from '@/messages/screens/stores';
import { FormSheet } from '@/web/form/form-sheet';
import { reads } from '@/web/here';
import { fillBottle, fillUp, levelRead } from '../bottle-actions';
import { holdThisLot, lift, retire, saveBath, saveLoss, saveLotCheck, saveThumb, saveTinSale } from '../lot-actions';
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

/** Where a lot stands and since when it is open, to be changed. */
function WhereItStands({ lot, places }: { readonly lot: Props['lot']; readonly places: Props['places'] }) {
  return (
    <FormSheet
      opens={wording.whereItStandsOpened}
      title={wording.whereStands(lot.number)}
      say={wording.someTinsAreGood}
      saves={wording.itStandsSo}
      fields={[
        { name: 'place', label: wording.itStandsAt, value: lot.placing.place, options: places },
        { name: 'openedOn', label: wording.openedOn, type: 'date', value: lot.placing.openedOn },
        {
          name: 'within',
          label: wording.onceOpenGoodFor,
          type: 'number',
          value: lot.placing.within,
          hint: 'empty: its label says nothing',
        },
        { name: 'bestBefore', label: wording.bestBeforeOnIts, type: 'date', value: lot.placing.bestBefore },
      ]}
      save={(values) => savePlacing({ lotId: lot.id, version: lot.version, ...values })}
    />
  );
}

/** All that may be done with one lot. */
export function LotButtons({ lot, isHeld, places, sources, others, today, currency }: Props) {
  return (
    <div className="flex flex-wrap gap-2">
      {lot.kind === 'tin' && (lot.countLeft ?? 0) > 0 ? (
        <FormSheet
          opens={wording.sellTins}
          look="main"
          title={wording.sellTinsOf(lot.number)}
          saves={wording.theyLeaveTheShop}
          fields={[
            { name: 'count', label: shared.howMany, value: '1', type: 'number', hint: wording.there(lot.countLeft) },
            { name: 'price', label: wording.forAllOfThem(currency), hint: wording.emptyGivenAway, type: 'number' },
            { name: 'buyer', label: wording.buyer, hint: wording.needNotBeNamed },
            { name: 'withPiece', label: wording.goesWithThePiece, hint: wording.theCodeOnIts },
            { name: 'soldOn', label: wording.on, type: 'date', value: today },
          ]}
          save={(values) => saveTinSale({ lotId: lot.id, ...values })}
        />
      ) : null}
      <Bottles lot={lot} others={others} />
      {lot.kind === 'bath' ? (
        <FormSheet
          opens={wording.topTheBathUp}
          title={wording.topUp(lot.number)}
          say={wording.whateverGoesInStays}
          saves={wording.itIsIn}
          fields={[
            { name: 'from', label: wording.fromLot, options: choose(sources) },
            { name: 'amount', label: wording.howMuch, hint: '2 l, 500 g, 1 lb' },
          ]}
          save={(values) => saveBath({ name: '', bath: lot.id, ...values })}
        />
      ) : null}
      <CheckIt lot={lot} />
      {lot.hasWax ? (
        <FormSheet
          opens={wording.thumbTest}
          title={wording.howFeels(lot.number)}
          say={wording.pressItWhereIt}
          saves={shared.keepIt}
          fields={[
            { name: 'temp', label: wording.itsTemperature, value: say(20, '°C', reads(), 0), hint: '20 °C, 68F' },
            { name: 'felt', label: wording.itFeels, options: FEELS.map((feel) => ({ value: feel, name: FEEL_WORDS[feel] })) },
          ]}
          save={(values) => saveThumb({ lotId: lot.id, ...values })}
        />
      ) : null}
      <WhereItStands lot={lot} places={places} />
      <FormSheet
        opens={wording.sayWhatWasLost}
        title={wording.lostOf(lot.number)}
        saves={wording.takeItOff}
        fields={[{ name: 'amount', label: wording.howMuchWasSpilt, hint: '40 g' }]}
        save={(values) => saveLoss({ lotId: lot.id, ...values })}
      />
      {lot.hasWax && lot.leftG > 0 && !isHeld ? (
        <FormSheet
          opens={wording.retireAsToolWax}
          title={wording.retireAsToolWax2(lot.number)}
          say={wording.waxThatBrownedOr}
          saves={wording.itIsToolWax}
          fields={[{ name: 'amount', label: wording.howMuchOfIt, value: say(lot.leftG, 'g', reads()) }]}
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
          opens={wording.topItUpLet}
          title={wording.pourInto(lot.number)}
          say={wording.moreOfTheSame}
          saves={wording.itIsIn}
          fields={[
            { name: 'from', label: wording.fromLot, options: choose(others) },
            { name: 'amount', label: wording.howMuchGoesIn, hint: '120 g, 100 ml, 4 US fl oz' },
            ...(lot.bottle.hasTare
              ? [
                  {
                    name: 'gross',
                    label: wording.orBottleAndAll,
                    hint: wording.withItsLidAs,
                  },
                ]
              : []),
          ]}
          save={(values) => fillUp({ lotId: lot.id, gross: '', ...values })}
        />
        {lot.bottle.hasBore ? (
          <FormSheet
            opens={wording.readItsLevel}
            title={wording.theLevelOf(lot.number)}
            say={wording.measuredFromTheInside}
            saves={wording.itStandsSo}
            fields={[
              { name: 'level', label: wording.itStandsAt, hint: '84 mm, 3 1/4 in' },
              ...(lot.mayDryOut
                ? [
                    {
                      name: 'went',
                      label: wording.whereItIsLower,
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
      opens={wording.fillABottleFrom}
      title={wording.decantFrom(lot.number)}
      say={wording.aBottleAtHand}
      saves={wording.itIsFilled}
      fields={[
        { name: 'name', label: wording.whatItIsCalled, hint: wording.benchOil },
        { name: 'amount', label: wording.howMuchGoesIn, hint: '200 g, 250 ml' },
        { name: 'tare', label: wording.bottleAndLidEmpty, hint: wording.gMayStayEmpty },
        { name: 'outside', label: wording.howWideOutside, hint: wording.mmOnlyForReading },
        { name: 'wall', label: wording.howThickItsWall, hint: '3 mm' },
        { name: 'mark', label: wording.writtenOnIt, hint: wording.s31March },
      ]}
      save={(values) => fillBottle({ fromLotId: lot.id, ...values })}
    />
  );
}

/** A look at a lot by one of its checks. */
function CheckIt({ lot }: Pick<Props, 'lot'>) {
  return (
    <FormSheet
      opens={wording.checkIt}
      title={wording.check(lot.number)}
      saves={shared.keepIt}
      fields={[
        { name: 'kind', label: wording.by, options: CHECKS.map(([value, words]) => ({ value, name: words.name })) },
        {
          name: 'pass',
          label: wording.itIs,
          options: [
            { value: 'yes', name: wording.asItShouldBe },
            { value: 'no', name: wording.notAsItShould },
          ],
        },
        {
          name: 'temp',
          label: wording.howWarmItIs,
          hint: wording.aThumbnailSaysNothing(
            say(20, '°C', reads(), 0),
            say(THUMBNAIL_C.least, '°C', reads(), 0),
            say(THUMBNAIL_C.most, '°C', reads(), 0),
          ),
        },
        {
          name: 'beside',
          label: wording.judgedBeside,
          options: [...lot.references.map(({ id, says }) => ({ value: String(id), name: says })), { value: '', name: 'nothing' }],
        },
        { name: 'note', label: wording.note },
      ]}
      echo={({ kind }) => {
        const words = LOT_CHECK_WORDS[kind as keyof typeof LOT_CHECK_WORDS];
        return words ? <p className="text-soft">{wording.goodBad(words.how, words.pass, words.fail)}</p> : null;
      }}
      save={(values) => saveLotCheck({ lotId: lot.id, temp: '', beside: '', ...values })}
    />
  );
}

/** Holds a lot, or lifts its hold; why stands on its record. */
function HoldIt({ lot, isHeld }: Pick<Props, 'lot' | 'isHeld'>) {
  const lifts = isHeld ? (
    <FormSheet
      opens={wording.liftTheHold}
      title={wording.liftTheHoldOn(lot.number)}
      say={wording.fromThisMomentIt}
      saves={wording.liftIt}
      fields={[{ name: 'why', label: wording.whyItMayBe, hint: wording.smelledAgainSoundSupplier }]}
      save={(values) => lift({ lotId: lot.id, ...values })}
    />
  ) : null;
  return (
    <>
      {lifts}
      <FormSheet
        opens={isHeld ? wording.anotherReasonToHold : wording.holdIt}
        title={wording.hold(lot.number)}
        say={wording.fromThisMomentNothing}
        saves={wording.holdItNow}
        fields={[{ name: 'reason', label: shared.why, hint: wording.smellsRancidSuppliersRecall }]}
        save={(values) => holdThisLot({ lotId: lot.id, ...values })}
      />
    </>
  );
}
