import { type Blend, isMixedPaint, PAINT_KEEPS_HOURS, thinning } from '@/core/blend';
import { addMonths, formatMoney, say, sayMinutes } from '@/core/quantity';
import { CONTACT_WORDS, DRYING_WORDS, RAG_WORDS } from '@/messages';
import { longDate } from '@/ui/when';
import { catalogue } from '@/web/catalogue-here';
import { reads } from '@/web/reads-here';

function dwellWords({ maxDwellMin, drying }: Blend): string {
  const { flooded, thin } = maxDwellMin;
  if (flooded === null || thin === null) return 'as long as you like; it never gums';
  return `${sayMinutes(flooded)} flooded, ${sayMinutes(thin)} rubbed thin${drying === 'mixed' ? '' : '; then it gums'}`;
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
      <Row name="Drying" bad={blend.drying === 'mixed'}>
        {DRYING_WORDS[blend.drying]}
      </Row>
      <Row name="Longest dwell">{dwellWords(blend)}</Row>
      <Row name="Food" bad={blend.contact === 'not-for-food' || blend.contact === 'indirect-only'}>
        {CONTACT_WORDS[blend.contact]}
        {blend.film === false
          ? ''
          : blend.film
            ? '; a film, not under a knife'
            : '; nobody says whether it builds a film: not under a knife'}
      </Row>
      {blend.turnsRancid ? (
        <Row name="Keeping" bad>
          turns rancid in wood
        </Row>
      ) : null}
      {blend.separates ? <Row name="Mixing">its parts go asunder: shake before each use</Row> : null}
      <Row name="Allergens">{blend.allergens.join(', ') || 'none known'}</Row>
      <Row name="Cloths" bad={blend.ragHazard === 'self-heating'}>
        {RAG_WORDS[blend.ragHazard]}
      </Row>
      <Row name="What stays">
        {blend.driedFraction > 0.999 ? 'all of it' : `${say(blend.driedFraction, 'fraction', reads())} once dried`}
      </Row>
      {thin ? (
        <Row name="Thinned" bad={thin.tooThin}>
          {thin.tooThin
            ? 'more solvent than oil: it is not kept like this'
            : `${thin.coatsPerNeat === null ? '–' : thin.coatsPerNeat.toFixed(1)} coats of it leave what one neat coat does`}
        </Row>
      ) : null}
      {isMixedPaint(
        blend.lines.map((line) => line.ingredient),
        catalogue(),
      ) ? (
        <Row name="Once mixed" bad>
          throw away after {PAINT_KEEPS_HOURS} hours, chilled; shake, do not stir
        </Row>
      ) : null}
      <Row name="Cost">
        {blend.costPerKg === null || blend.costPerKg === undefined
          ? 'no price for every line yet'
          : `${formatMoney(blend.costPerKg, currency)} per kg, from the lots in stock`}
      </Row>
      <Row name="Best before">
        {longDate(addMonths(today, blend.bestBeforeMonths))} if made today ({blend.bestBeforeMonths} months)
      </Row>
    </dl>
  );
}
