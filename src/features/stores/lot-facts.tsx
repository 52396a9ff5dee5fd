import 'server-only';
import { filmOfBought } from '@/core/blend';
import { findIngredient } from '@/core/material';
import { dateOf, daysBetween, formatMoney, say, sayMinutes } from '@/core/quantity';
import type { Shop } from '@/data/shop/queries';
import type { ReadyMade } from '@/data/stores/nature';
import type { KnownLot } from '@/data/stores/queries';
import { CONTACT_WORDS, DRYING_WORDS, FEEL_WORDS, ROLE_WORDS } from '@/messages';
import { shared } from '@/messages/screens/shared';
import { lotFacts as wording } from '@/messages/screens/stores';
import { allergenNames } from '@/messages/slip';
import { longDate } from '@/ui/when';
import { reads } from '@/web/here';
import { catalogue } from '@/web/here-catalogue';

/** What a bought finish's label leaves open, and what is taken in its place. */
const notKnown = (ready: ReadyMade): string[] => [
  ...(ready.isAllDeclared ? [] : [wording.theRestOfIts]),
  ...(ready.unsaid.includes('drying') ? [wording.whetherItDriesIt] : []),
  ...(filmOfBought(ready, catalogue()) === 'unknown' ? [wording.whetherItBuildsA] : []),
  ...(ready.unsaid.includes('contact') ? [wording.whetherItMayMeet] : []),
];

const KIND_WORDS = {
  bought: 'bought',
  made: 'own pot',
  tin: 'filled tins',
  bath: 'bath',
  ready: 'bought finish',
  bottle: 'bottle at hand',
} as const;

/** What a bought finish's label says, in a line. */
const labelWords = (ready: ReadyMade): string =>
  [
    ready.labelDwellMin === null
      ? ''
      : wording.leaveOn(
          sayMinutes(ready.labelDwellMin),
          ready.labelDwellMaxMin === null ? '' : ` to ${sayMinutes(ready.labelDwellMaxMin)}`,
        ),
    ready.labelGapMin === null ? '' : wording.betweenCoats(sayMinutes(ready.labelGapMin)),
    ready.labelCoats === null ? '' : ready.labelCoats === 1 ? wording.oneCoat : wording.coats(ready.labelCoats),
    ready.coverageM2PerL === null ? '' : wording.mALitre(ready.coverageM2PerL),
    ready.labelFoodHours === null ? '' : wording.foodAfter(sayMinutes(ready.labelFoodHours * 60)),
  ]
    .filter(Boolean)
    .join(', ');

function Fact({ name, children }: { readonly name: string; readonly children: React.ReactNode }) {
  return (
    <>
      <dt className="text-soft">{name}</dt>
      <dd className="font-semibold">{children}</dd>
    </>
  );
}

type FactsProps = {
  readonly lot: KnownLot;
  readonly ready: ReadyMade | undefined;
  readonly shop: Shop;
  readonly today: string;
};

/** What is known of it, and what is not. */
export function LotFacts({ lot, ready, shop, today }: FactsProps) {
  const shares = Object.entries(lot.composition).sort((a, b) => b[1] - a[1]);
  return (
    <dl className="grid grid-cols-[9rem_1fr] content-start gap-y-1.5">
      <Fact name={wording.itIs}>
        {KIND_WORDS[lot.kind]}
        {lot.supplier ? `, ${lot.supplier}` : ''} <span className="reading">{lot.supplierCode}</span>
      </Fact>
      <Fact
        name={
          lot.kind === 'bath' || lot.kind === 'bottle'
            ? wording.started
            : lot.kind === 'bought' || lot.kind === 'ready'
              ? wording.cameIn
              : wording.made
        }
      >
        {longDate(dateOf(lot.at, shop.zone))}
        {lot.kind === 'bath' ? wording.daysAgo(daysBetween(dateOf(lot.at, shop.zone), today)) : ''}
      </Fact>
      {lot.openedOn ? (
        <Fact name={wording.opened}>{wording.daysAgo2(longDate(lot.openedOn), daysBetween(lot.openedOn, today))}</Fact>
      ) : null}
      {lot.placeName ? <Fact name={wording.standsAt}>{lot.placeName}</Fact> : null}
      <Fact name={shared.bestBefore}>
        {lot.bestBefore ? longDate(lot.bestBefore) : wording.noDate}
        {lot.useWithinDays !== null && lot.bestBefore !== lot.labelBestBefore ? (
          <span className="block font-normal text-soft">
            {wording.daysOnceOpen(
              lot.useWithinDays,
              lot.labelBestBefore ? wording.itsLabelSays(longDate(lot.labelBestBefore)) : '',
            )}
          </span>
        ) : null}
        {lot.useWithinDays !== null && lot.openedOn === null ? (
          <span className="block font-normal text-soft">{wording.onceOpenDaysSay(lot.useWithinDays)}</span>
        ) : null}
      </Fact>
      <Fact name={wording.cost}>
        {lot.minorPerKg === null ? shared.notKnown : wording.perKg(formatMoney(lot.minorPerKg, shop.currency))}
      </Fact>
      <Fact name={wording.contents}>{lot.contents.join(', ')}</Fact>
      {shares.length > 1 ? (
        <Fact name={wording.byWeight}>
          <span className="reading">
            {shares
              .map(
                ([part, w]) =>
                  `${say(w, 'fraction', reads(), 1)} ${findIngredient(part, catalogue())?.name.toLowerCase() ?? wording.notDeclared}`,
              )
              .join(', ')}
          </span>
          {lot.kind === 'bath' ? <span className="block font-normal text-soft">{wording.allThatEverWent}</span> : null}
          {lot.undeclared.length > 0 ? <span className="block font-normal text-soft">{wording.whatIsNotDeclared}</span> : null}
        </Fact>
      ) : null}
      {lot.nature ? (
        <>
          {shares.length > 1 ? <Fact name={wording.feel}>{FEEL_WORDS[lot.nature.consistency]}</Fact> : null}
          {lot.nature.waxFraction < 1 ? <Fact name={wording.drying}>{DRYING_WORDS[lot.nature.drying]}</Fact> : null}
          <Fact name={wording.food}>{CONTACT_WORDS[lot.nature.contact]}</Fact>
          <Fact name={shared.allergens}>{allergenNames('en', lot.nature.allergens, lot.undeclared)}</Fact>
        </>
      ) : null}
      {ready ? (
        <>
          <Fact name={wording.inTheWork}>{ready.role ? ROLE_WORDS[ready.role] : wording.notSaidYet}</Fact>
          <Fact name={wording.itsLabelSays2}>{labelWords(ready) || wording.nothingOfTimeCoats}</Fact>
          {ready.labelRule ? <Fact name={wording.inItsWords}>{ready.labelRule}</Fact> : null}
          <Fact name={wording.notKnown2}>{notKnown(ready).join('; ') || wording.nothingAllContentsAre}</Fact>
        </>
      ) : null}
    </dl>
  );
}
