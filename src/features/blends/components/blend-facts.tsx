import { type Blend, isMixedPaint, PAINT_KEEPS_HOURS, thinning } from '@/core/blend';
import { addMonths, formatMoney, say, sayMinutes } from '@/core/quantity';
import { CONTACT_WORDS, DRYING_WORDS, RAG_WORDS } from '@/messages';
import { blendFacts as wording } from '@/messages/screens/blends';
import { shared } from '@/messages/screens/shared';
import { longDate } from '@/ui/when';
import { reads } from '@/web/here';
import { catalogue } from '@/web/here-catalogue';

function dwellWords({ maxDwellMin, drying }: Blend): string {
  const { flooded, thin } = maxDwellMin;
  if (flooded === null || thin === null) return wording.asLongAsYou;
  return wording.floodedRubbedThin(sayMinutes(flooded), sayMinutes(thin), drying === 'mixed' ? '' : wording.thenItGums);
}

const Row = ({
  name,
  children,
  bad = false,
}: {
  readonly name: string;
  readonly children: React.ReactNode;
  readonly bad?: boolean;
}) => (
  <div className="grid grid-cols-[8rem_1fr] border-hair border-b py-1.5">
    <dt className="text-soft">{name}</dt>
    <dd className={bad ? 'font-semibold text-late' : 'font-semibold'}>
      {bad ? '▲ ' : ''}
      {children}
    </dd>
  </div>
);

type BlendFactsProps = {
  readonly blend: Blend;
  readonly currency: string;
  readonly today: string;
};

/** What the blend will be, beyond feel and heat. */
export function BlendFacts({ blend, currency, today }: BlendFactsProps) {
  const thin = thinning(
    blend.lines.map((line) => ({ ingredient: line.ingredient, parts: line.massFraction })),
    'mass',
    catalogue(),
  );
  return (
    <dl>
      <Row name={wording.drying} bad={blend.drying === 'mixed'}>
        {DRYING_WORDS[blend.drying]}
      </Row>
      <Row name={wording.longestDwell}>{dwellWords(blend)}</Row>
      <Row name={wording.food} bad={blend.contact === 'not-for-food' || blend.contact === 'indirect-only'}>
        {CONTACT_WORDS[blend.contact]}
        {blend.film === false ? '' : blend.film ? wording.aFilmNotUnder : wording.nobodySaysWhetherIt}
      </Row>
      {blend.turnsRancid ? (
        <Row name={wording.keeping} bad>
          {wording.turnsRancidInWood}
        </Row>
      ) : null}
      {blend.separates ? <Row name={wording.mixing}>{wording.itsPartsGoAsunder}</Row> : null}
      <Row name={shared.allergens}>{blend.allergens.join(', ') || shared.noneKnown}</Row>
      <Row name={wording.cloths} bad={blend.ragHazard === 'self-heating'}>
        {RAG_WORDS[blend.ragHazard]}
      </Row>
      <Row name={wording.whatStays}>
        {blend.driedFraction > 0.999 ? wording.allOfIt : wording.onceDried(say(blend.driedFraction, 'fraction', reads()))}
      </Row>
      {thin ? (
        <Row name={wording.thinned} bad={thin.tooThin}>
          {thin.tooThin
            ? wording.moreSolventThanOil
            : wording.coatsOfItLeave(thin.coatsPerNeat === null ? '–' : thin.coatsPerNeat.toFixed(1))}
        </Row>
      ) : null}
      {isMixedPaint(
        blend.lines.map((line) => line.ingredient),
        catalogue(),
      ) ? (
        <Row name={wording.onceMixed} bad>
          {wording.throwAwayAfterHours(PAINT_KEEPS_HOURS)}
        </Row>
      ) : null}
      <Row name={wording.cost}>
        {blend.costPerKg === null || blend.costPerKg === undefined
          ? wording.noPriceForEvery
          : wording.perKgFromThe(formatMoney(blend.costPerKg, currency))}
      </Row>
      <Row name={shared.bestBefore}>
        {wording.ifMadeTodayMonths(longDate(addMonths(today, blend.bestBeforeMonths)), blend.bestBeforeMonths)}
      </Row>
    </dl>
  );
}
