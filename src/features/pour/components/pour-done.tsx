import { isWarmed } from '@/core/blend';
import { findIngredient } from '@/core/material';
import { say } from '@/core/quantity';
import type { Pot } from '@/data/pour/queries';
import type { KnownLot } from '@/data/stores/queries';
import { CONTACT_WORDS, DRYING_WORDS } from '@/messages';
import { pourDone as wording } from '@/messages/screens/pour';
import { shared } from '@/messages/screens/shared';
import { allergenNames } from '@/messages/slip';
import { linkLook } from '@/ui/button';
import { Headings } from '@/ui/headings';
import { Link } from '@/ui/link';
import { longDate } from '@/ui/when';
import { reads } from '@/web/here';
import { catalogue } from '@/web/here-catalogue';

type Props = { readonly pot: Pot; readonly lot: KnownLot; readonly lots: readonly KnownLot[] };

/** The lot as it was kept: its true masses and their lots, its yield, what is left, and what its label must say. */
export function PourDone({ pot, lot, lots }: Props) {
  const wasWarm = isWarmed(lot.nature?.heat);
  const parts = pot.revision.lines.reduce((sum, line) => sum + line.parts, 0);
  return (
    <div className="grid gap-10 bench:grid-cols-2">
      <section>
        <p className="reading text-[3.2rem] font-semibold leading-none">{lot.number}</p>
        <p className="mb-3 text-soft">{wasWarm ? wording.chalkThisOnThe : wording.chalkThisOnTheLid}</p>
        {pot.slips.length > 0 ? (
          <ul className="mb-3" aria-label={wording.slips}>
            {pot.slips.map((one) => (
              <li key={one.id} className="border-late border-l-4 pl-3">
                {one.says}
              </li>
            ))}
          </ul>
        ) : null}
        <WeighedIn pot={pot} lot={lot} lots={lots} />
        <p className="reading mt-2 text-soft">
          {wording.askedForBy(
            pot.revision.lines.map((line) => say(line.parts / parts, 'fraction', reads(), 1)).join(' : '),
            pot.revision.basis === 'mass' ? wording.weight : wording.volume,
          )}
        </p>
      </section>
      <section>
        <h2 className="mb-2">{wording.whatCameOfIt}</h2>
        <CameOfIt pot={pot} lot={lot} />
        <h2 className="mt-6 mb-1">{wording.labelAndCleanUp}</h2>
        <ul className="mb-3 list-disc pl-5">
          {pot.fills.map((fill) => (
            <li key={fill.lotId}>
              <Link href={`/stores/lots/${fill.lotId}/label`}>{wording.labelsFor(fill.count, fill.container)}</Link>
            </li>
          ))}
          <li>
            <Link href={`/stores/lots/${lot.id}/label`}>{wording.aLabelForThe}</Link>
          </li>
          <li>
            {wasWarm ? wording.wipePotAndSpoon : wording.wipeVesselAndSpoon}
            {lot.nature?.ragHazard === 'self-heating' ? wording.theseClothsHeatThemselves : wording.layTheClothsFlat}
          </li>
          <li>{wording.neverDownTheDrain(wasWarm ? wording.waterBathOffEmpty : '')}</li>
        </ul>
        <div className="mt-5 flex gap-3">
          <Link href="/work/new" className={linkLook('main')}>
            {wording.startABatchWith}
          </Link>
          <Link href="/stores" className={linkLook('plain')}>
            {wording.toTheStores}
          </Link>
        </div>
      </section>
    </div>
  );
}

/** What was weighed in, with its share. */
function WeighedIn({ pot, lot, lots }: Props) {
  return (
    <table className="w-full">
      <Headings
        of={[wording.weighedIn, shared.lot, { says: wording.grams, is: 'text-right' }, { says: wording.share, is: 'text-right' }]}
      />
      <tbody>
        {pot.entries.map((entry) => (
          <tr key={entry.clientId} className="border-hair border-b">
            <td className="py-1.5">{findIngredient(entry.ingredientId, catalogue())?.name}</td>
            <td className="reading py-1.5">{lots.find((one) => one.id === entry.lotId)?.number}</td>
            <td className="reading py-1.5 text-right font-semibold">{say(entry.grams, 'g', reads())}</td>
            <td className="reading py-1.5 text-right text-soft">{say(entry.grams / lot.receivedG, 'fraction', reads(), 1)}</td>
          </tr>
        ))}
      </tbody>
    </table>
  );
}

/** What the pot made, and what of it is in jars. */
function CameOfIt({ pot, lot }: Pick<Props, 'pot' | 'lot'>) {
  const filledG = pot.fills.reduce((sum, fill) => sum + fill.count * fill.netG, 0);
  return (
    <dl className="grid grid-cols-[9rem_1fr] gap-y-1.5">
      <dt className="text-soft">{wording.made}</dt>
      <dd className="reading font-semibold">{say(lot.receivedG, 'g', reads())}</dd>
      <dt className="text-soft">{wording.filled}</dt>
      <dd className="reading font-semibold">
        {pot.fills
          .map(
            (fill) =>
              `${fill.count} × ${fill.container} at ${say(fill.netG, 'g', reads())} net${fill.samplesG.length > 0 ? wording.theLowestOfWeighed(fill.samplesG.length) : ''}`,
          )
          .join(', ') || wording.noJars}
      </dd>
      <dt className="text-soft">{wording.yieldInJars}</dt>
      <dd className="reading font-semibold">{say(filledG / lot.receivedG, 'fraction', reads())}</dd>
      <dt className="text-soft">{wording.shopJar}</dt>
      <dd className="reading font-semibold">{say(lot.leftG, 'g', reads())}</dd>
      <dt className="text-soft">{wording.contents}</dt>
      <dd>{lot.contents.join(', ')}</dd>
      <dt className="text-soft">{shared.allergens}</dt>
      <dd className="font-semibold">{allergenNames('en', lot.nature?.allergens ?? [], lot.undeclared)}</dd>
      <dt className="text-soft">{shared.bestBefore}</dt>
      <dd>{lot.bestBefore ? longDate(lot.bestBefore) : shared.notKnown}</dd>
      <dt className="text-soft">{wording.it}</dt>
      <dd>{lot.nature ? `${DRYING_WORDS[lot.nature.drying]}; ${CONTACT_WORDS[lot.nature.contact]}` : ''}</dd>
    </dl>
  );
}
