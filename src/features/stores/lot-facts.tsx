import 'server-only';
import { filmOfBought } from '@/core/blend';
import { findIngredient } from '@/core/material';
import { dateOf, daysBetween, formatMoney, say, sayMinutes } from '@/core/quantity';
import type { Shop } from '@/data/shop/queries';
import type { ReadyMade } from '@/data/stores/nature';
import type { KnownLot } from '@/data/stores/queries';
import { CONTACT_WORDS, DRYING_WORDS, FEEL_WORDS, ROLE_WORDS } from '@/messages';
import { allergenNames } from '@/messages/slip';
import { longDate } from '@/ui/when';
import { catalogue } from '@/web/catalogue-here';
import { reads } from '@/web/reads-here';

/** What a bought finish's label leaves open, and what is taken in its place. */
const notKnown = (ready: ReadyMade): string[] => [
  ...(ready.isAllDeclared ? [] : ['the rest of its contents']),
  ...(ready.unsaid.includes('drying') ? ['whether it dries: it is taken to, and to heat its cloths'] : []),
  ...(filmOfBought(ready, catalogue()) === 'unknown' ? ['whether it builds a film: it is kept off knives'] : []),
  ...(ready.unsaid.includes('contact') ? ['whether it may meet food: it is taken not to'] : []),
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
      : `leave on ${sayMinutes(ready.labelDwellMin)}${ready.labelDwellMaxMin === null ? '' : ` to ${sayMinutes(ready.labelDwellMaxMin)}`}`,
    ready.labelGapMin === null ? '' : `${sayMinutes(ready.labelGapMin)} between coats`,
    ready.labelCoats === null ? '' : ready.labelCoats === 1 ? 'one coat' : `${ready.labelCoats} coats`,
    ready.coverageM2PerL === null ? '' : `${ready.coverageM2PerL} m² a litre`,
    ready.labelFoodHours === null ? '' : `food after ${sayMinutes(ready.labelFoodHours * 60)}`,
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
      <Fact name="It is">
        {KIND_WORDS[lot.kind]}
        {lot.supplier ? `, ${lot.supplier}` : ''} <span className="reading">{lot.supplierCode}</span>
      </Fact>
      <Fact
        name={
          lot.kind === 'bath' || lot.kind === 'bottle'
            ? 'Started'
            : lot.kind === 'bought' || lot.kind === 'ready'
              ? 'Came in'
              : 'Made'
        }
      >
        {longDate(dateOf(lot.at, shop.zone))}
        {lot.kind === 'bath' ? `, ${daysBetween(dateOf(lot.at, shop.zone), today)} days ago` : ''}
      </Fact>
      {lot.openedOn ? (
        <Fact name="Opened">
          {longDate(lot.openedOn)}, {daysBetween(lot.openedOn, today)} days ago
        </Fact>
      ) : null}
      {lot.placeName ? <Fact name="Stands at">{lot.placeName}</Fact> : null}
      <Fact name="Best before">
        {lot.bestBefore ? longDate(lot.bestBefore) : 'no date'}
        {lot.useWithinDays !== null && lot.bestBefore !== lot.labelBestBefore ? (
          <span className="block font-normal text-soft">
            {lot.useWithinDays} days once open{lot.labelBestBefore ? `; its label says ${longDate(lot.labelBestBefore)}` : ''}
          </span>
        ) : null}
        {lot.useWithinDays !== null && lot.openedOn === null ? (
          <span className="block font-normal text-soft">Once open, {lot.useWithinDays} days: say when it is opened.</span>
        ) : null}
      </Fact>
      <Fact name="Cost">{lot.minorPerKg === null ? 'not known' : `${formatMoney(lot.minorPerKg, shop.currency)} per kg`}</Fact>
      <Fact name="Contents">{lot.contents.join(', ')}</Fact>
      {shares.length > 1 ? (
        <Fact name="By weight">
          <span className="reading">
            {shares
              .map(
                ([part, w]) =>
                  `${say(w, 'fraction', reads(), 1)} ${findIngredient(part, catalogue())?.name.toLowerCase() ?? 'not declared'}`,
              )
              .join(', ')}
          </span>
          {lot.kind === 'bath' ? (
            <span className="block font-normal text-soft">All that ever went in: an allergen stays.</span>
          ) : null}
          {lot.undeclared.length > 0 ? (
            <span className="block font-normal text-soft">
              What is not declared is not known: its cloths are taken to heat, and its vapour to burn.
            </span>
          ) : null}
        </Fact>
      ) : null}
      {lot.nature ? (
        <>
          {shares.length > 1 ? <Fact name="Feel">{FEEL_WORDS[lot.nature.consistency]}</Fact> : null}
          {lot.nature.waxFraction < 1 ? <Fact name="Drying">{DRYING_WORDS[lot.nature.drying]}</Fact> : null}
          <Fact name="Food">{CONTACT_WORDS[lot.nature.contact]}</Fact>
          <Fact name="Allergens">{allergenNames('en', lot.nature.allergens, lot.undeclared)}</Fact>
        </>
      ) : null}
      {ready ? (
        <>
          <Fact name="In the work">{ready.role ? ROLE_WORDS[ready.role] : 'not said yet'}</Fact>
          <Fact name="Its label says">{labelWords(ready) || 'nothing of time, coats or coverage'}</Fact>
          {ready.labelRule ? <Fact name="In its words">{ready.labelRule}</Fact> : null}
          <Fact name="Not known">{notKnown(ready).join('; ') || 'nothing: all contents are declared'}</Fact>
        </>
      ) : null}
    </dl>
  );
}
