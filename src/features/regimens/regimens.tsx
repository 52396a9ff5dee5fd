import 'server-only';
import { notFound } from 'next/navigation';
import { say } from '@/core/quantity';
import { draftOf, type Regimen } from '@/core/regimen';
import { allRegimens } from '@/data/catalogue/catalogue';
import { revisionsOf } from '@/data/catalogue/regimens';
import { people } from '@/data/shop/queries';
import { regimens as wording } from '@/messages/screens/regimens';
import { shared } from '@/messages/screens/shared';
import { RegimenScore, ScoreLine } from '@/trade/drawing/regimen-score';
import { GlyphSheet } from '@/trade/drawing/step-glyph';
import { Tried } from '@/trade/tried';
import { Why } from '@/trade/why';
import { Link } from '@/ui/link';
import { fullDate } from '@/ui/when';
import { reads } from '@/web/here';
import { session } from '@/web/session';
import { RegimenEditor } from './components/regimen-editor';

/** Every school that is shipped and the shop's own, each with what it gains and costs. */
export async function Regimens() {
  const { db } = await session();
  return (
    <>
      <h1>{shared.regimens}</h1>
      <p className="mb-3 max-w-prose text-soft">{wording.makersDisagreeEachSchool}</p>
      <GlyphSheet />
      <ul>
        {allRegimens(db).map((regimen) => (
          <RegimenRow key={regimen.id} regimen={regimen} revision={revisionsOf(db, regimen.id)[0]?.number ?? 1} />
        ))}
        <li className="grid gap-x-6 border-hair border-t py-2 bench:grid-cols-[14rem_minmax(0,1fr)_8rem]">
          <span>
            <strong>{wording.bakedInAnOven}</strong>
            <span className="block text-sm text-soft">{wording.oiledPiecesDriedBy}</span>
          </span>
          <span className="text-sm">
            <strong className="text-late">{wording.notDoneHere}</strong>
            {wording.oilSmokesAndCan(say(35, '°C', reads(), 0))}
          </span>
          <span className="reading text-sm text-soft">{wording.refused}</span>
        </li>
      </ul>
    </>
  );
}

/** One regimen: its steps, to read and to change, and its revisions. */
export async function RegimenPage({ id }: { readonly id: string }) {
  const { db, shop } = await session();
  const regimen = allRegimens(db).find((one) => one.id === id);
  if (!regimen) notFound();
  const { revisionId, number: _number, shipped: _shipped, ...of } = regimen;
  const initials = new Map(people(db).map((person) => [person.id, person.initials]));
  return (
    <>
      <h1>{regimen.name}</h1>
      <p className="mb-4 text-soft">
        {wording.howManyCoatsAnd(regimen.school)}
        <Why of="coats" /> <Why of="gap" />
      </p>
      <div className="mb-6">
        <RegimenScore steps={regimen.steps} name={regimen.name} />
      </div>
      <RegimenEditor key={revisionId} draft={draftOf(of)} base={revisionId} />
      <Tried db={db} regimenId={id} />
      <h2 className="mt-8 mb-1">{wording.revisions}</h2>
      <ol>
        {revisionsOf(db, id).map((revision) => (
          <li key={revision.number} className="reading border-hair border-t py-1.5">
            <strong>{revision.number}</strong> {fullDate(revision.at, shop.zone)}{' '}
            {revision.personId === null ? wording.asShipped : (initials.get(revision.personId) ?? '')}
            {revision.why ? `: ${revision.why}` : ''}
            {revision.batches.length > 0 ? (
              <span className="text-soft">{wording.beganWithIt(revision.batches.join(', '))}</span>
            ) : null}
          </li>
        ))}
      </ol>
    </>
  );
}

function RegimenRow({ regimen, revision }: { readonly regimen: Regimen; readonly revision: number }) {
  return (
    <li className="border-hair border-t">
      <Link
        href={`/work/regimens/${regimen.id}`}
        className="grid gap-x-6 py-2 no-underline hover:underline bench:grid-cols-[14rem_minmax(0,1fr)_8rem]"
      >
        <span>
          <strong>{regimen.name}</strong>
          <span className="block text-sm text-soft">{regimen.school}</span>
        </span>
        <span className="text-sm">
          <ScoreLine steps={regimen.steps} name={regimen.name} />
          {regimen.gains} <span className="text-soft">{regimen.costs}</span>
          {regimen.knifeSurface ? '' : <strong className="block text-late">{wording.notUnderAKnife}</strong>}
        </span>
        <span className="reading text-sm text-soft">{wording.stepsRevision(regimen.steps.length, revision)}</span>
      </Link>
    </li>
  );
}
