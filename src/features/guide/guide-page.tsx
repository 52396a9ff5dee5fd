import 'server-only';
import { notFound } from 'next/navigation';
import { type Fault, waysBackFor } from '@/core/batch';
import {
  faultOfSymptom,
  findQuestion,
  findSchool,
  findSymptom,
  isLookedAt,
  keepsTo,
  type Question,
  type Symptom,
} from '@/core/guide';
import type { Db } from '@/data/db';
import { guideFactsOf, type HouseRule, ownRules, rulesOf, seenHere } from '@/data/guide/rules';
import { people } from '@/data/shop/queries';
import { allTrials, answerTo, type Trial } from '@/data/trials/queries';
import { loadBatch } from '@/data/work/batch';
import { FAULT_WORDS, GUIDE_WHERE_WORDS, sayAnswer, WAY_WORDS } from '@/messages';
import { guidePage as wording } from '@/messages/screens/guide';
import { Link } from '@/ui/link';
import { PrintButton } from '@/ui/print-button';
import { fullDate } from '@/ui/when';
import { catalogue } from '@/web/here-catalogue';
import { session } from '@/web/session';
import { OwnSide } from './components/own-side';

/** What a page of the guide is called. */
export const guideTitle = (id: string): string => findQuestion(id)?.asks ?? findSymptom(id)?.says ?? 'Guide';

/** One page of the guide: a question with its sides, or a symptom with its looks. */
export async function GuidePage({ id }: { readonly id: string }) {
  const question = findQuestion(id);
  const symptom = findSymptom(id);
  if (!question && !symptom) notFound();
  const { db, shop, nowMs } = await session();
  return (
    <>
      <p className="no-print flex flex-wrap justify-between gap-4">
        <Link href="/guide">{wording.guide}</Link>
        <PrintButton />
      </p>
      {question ? <Asked question={question} db={db} zone={shop.zone} nowMs={nowMs} /> : null}
      {symptom ? <Seen symptom={symptom} /> : null}
    </>
  );
}

type Of = { readonly question: Question; readonly db: Db; readonly zone: string; readonly nowMs: number };

/** What each side of the question says, and which this shop takes. */
function Sides({
  schools,
  houseSchool,
  own,
}: {
  readonly schools: Question['schools'];
  readonly houseSchool: string;
  readonly own: HouseRule | null;
}) {
  return (
    <ul className="mt-3">
      {schools.map((one) => (
        <li key={one.id} className="border-rule border-t py-2">
          <p className="font-semibold">
            {one.says}
            {one.id === houseSchool ? <span className="font-normal text-soft">{wording.theHouse}</span> : null}
            {one.id === own?.school ? <span className="text-fit">{wording.ours}</span> : null}
          </p>
          <dl className="grid grid-cols-[6rem_minmax(0,1fr)] gap-x-3 text-sm">
            <dt className="text-soft">{wording.gains}</dt>
            <dd>{one.gains}</dd>
            <dt className="text-soft">{wording.costs}</dt>
            <dd>{one.costs}</dd>
            <dt className="text-soft">{wording.rightFor}</dt>
            <dd>{one.right}</dd>
          </dl>
        </li>
      ))}
    </ul>
  );
}

function Asked({ question, db, zone, nowMs }: Of) {
  const { id, asks, sides, chemistry, source, house, schools, houseSchool } = question;
  const own = ownRules(db).find((one) => one.question === id) ?? null;
  const before = rulesOf(db, id);
  const names = new Map(people(db).map((person) => [person.id, person.initials]));
  return (
    <article>
      <h1 className="max-w-prose">{asks}</h1>
      <section className="mt-4 max-w-prose border-ink border-l-8 bg-paper px-4 py-3">
        <h2>{own ? wording.ourOwnRule : wording.theHousesChoice}</h2>
        {own ? (
          <p className="mt-1 text-lg" data-testid="own-rule">
            {findSchool(id, own.school)?.says}. {own.reason}
            <span className="block text-base text-soft">
              {names.get(own.personId)}
              {wording.theHouses(fullDate(own.at, zone), house)}
            </span>
          </p>
        ) : (
          <p className="mt-1 text-lg">{house}</p>
        )}
      </section>
      <div className="mt-6 grid gap-x-12 gap-y-6 wide:grid-cols-[minmax(0,1.3fr)_minmax(0,1fr)]">
        <div>
          <section>
            <h2>{wording.whatTheSidesSay}</h2>
            <p className="mt-1 max-w-prose">{sides}</p>
            <Sides schools={schools} houseSchool={houseSchool} own={own} />
          </section>
          <section className="mt-6 max-w-prose">
            <h2>{wording.theChemistryBehind}</h2>
            <p className="mt-1">{chemistry}</p>
            <p className="mt-1 text-soft">{wording.toBeLookedUp(source)}</p>
          </section>
        </div>
        <div className="flex flex-col gap-6">
          <SeenHere question={question} db={db} nowMs={nowMs} />
          {schools.length > 1 ? (
            <section>
              <h2>{wording.ourOwnRule}</h2>
              <OwnSide
                key={`${own?.school ?? ''} ${own?.reason ?? ''}`}
                question={id}
                schools={schools}
                houseSchool={houseSchool}
                own={own}
                isLookedAt={isLookedAt(id)}
              />
              {before.length > 1 ? (
                <ol className="mt-2 text-sm text-soft">
                  {before.slice(own ? 1 : 0).map((one) => (
                    <li key={one.at}>
                      {fullDate(one.at, zone)} {names.get(one.personId)}:{' '}
                      {one.school === '' ? wording.backToTheHouses : findSchool(id, one.school)?.says}. {one.reason}
                    </li>
                  ))}
                </ol>
              ) : null}
            </section>
          ) : null}
        </div>
      </div>
    </article>
  );
}

/** Trials in which finishes of more than one side lay beside each other. */
function trialsOn(db: Db, { id, schools }: Question, nowMs: number): Trial[] {
  return allTrials(db).filter((trial) => {
    const facts = trial.treatments.flatMap(({ batchId, isBare }) => {
      const batch = isBare && id !== 'bare' ? null : loadBatch(db, batchId, nowMs);
      // A field is for nobody's food: what is asked is whether the finishes differ.
      return batch ? [{ ...guideFactsOf(batch, catalogue()), uses: ['food-wet' as const, 'knife' as const] }] : [];
    });
    return schools.some(({ id: school }) => new Set(facts.map((one) => keepsTo(id, school, one))).size > 1);
  });
}

/** What this shop has seen itself, in figures: by which side its batches were made and what came of them, and its trials. */
function SeenHere({ question, db, nowMs }: { readonly question: Question; readonly db: Db; readonly nowMs: number }) {
  const seen = seenHere(db, question.id);
  const trials = trialsOn(db, question, nowMs);
  return (
    <section aria-label={wording.whatThisShopHas}>
      <h2>{wording.whatThisShopHas}</h2>
      {seen.length === 0 && trials.length === 0 ? (
        <p className="text-soft">
          {wording.nothingYetThatBears}
          <Link href="/trials/new">{wording.aTrial}</Link>
          {wording.would}
        </p>
      ) : null}
      {seen.length > 0 ? (
        <table className="w-full text-sm">
          <thead className="text-soft">
            <tr>
              <th scope="col" className="text-left font-normal">
                {wording.madeBy}
              </th>
              <th scope="col" className="text-right font-normal">
                {wording.batches}
              </th>
              <th scope="col" className="text-right font-normal">
                {wording.sold}
              </th>
              <th scope="col" className="text-right font-normal">
                {wording.somethingWrong}
              </th>
            </tr>
          </thead>
          <tbody>
            {seen.map(({ school, batches, sold, wrong }) => (
              <tr key={school} className="border-hair border-t">
                <th scope="row" className="py-1 text-left font-normal">
                  {findSchool(question.id, school)?.says}
                </th>
                <td className="reading py-1 text-right">{batches}</td>
                <td className="reading py-1 text-right">{sold}</td>
                <td className="reading py-1 text-right">
                  {wrong}
                  {sold > 0 ? ` (${((100 * wrong) / sold).toFixed(wrong > 0 ? 1 : 0)} %)` : ''}
                </td>
              </tr>
            ))}
          </tbody>
        </table>
      ) : null}
      <ul className="mt-2">
        {trials.map((trial) => {
          const answer = answerTo(trial, trial.question, null);
          const name = (key: string): string => trial.treatments.find((one) => one.key === key)?.name ?? '';
          return (
            <li key={trial.id} className="border-hair border-t py-1.5">
              <Link href={`/trials/${trial.number}`}>{trial.name}</Link>
              <span className="block text-sm">
                {answer.ok ? sayAnswer(trial.question, trial, answer.value, name) : wording.notAnsweredYet}
              </span>
            </li>
          );
        })}
      </ul>
      {seen.length > 0 ? <p className="mt-1 text-sm text-soft">{wording.releasedBatchesCountedOn}</p> : null}
    </section>
  );
}

/** Where a way back is taken up: in the coat book of a piece that is here, or from the page of one that is sold. */
function InTheBook({ fault }: { readonly fault: Fault }) {
  const ways = waysBackFor(fault, 0);
  return (
    <section aria-label={wording.theWayBackIn} className="mt-4 max-w-prose border-ink border-l-8 bg-paper px-4 py-3">
      <h2>{wording.onAPieceThat}</h2>
      <p className="mt-1">
        <Link href="/work">{wording.openItsBatch}</Link>
        {wording.touchWhereItIs(
          FAULT_WORDS[fault].name,
          ways.length > 0
            ? wording.theCoatBookThen(ways.map((way) => WAY_WORDS[way].toLowerCase()).join('; or '))
            : wording.theCoatBookSays,
        )}
      </p>
      <p className="mt-1">
        {wording.ofOneThatIs}
        <Link href="/piece">{wording.findThePiece}</Link>
        {wording.forWhatToTell}
      </p>
    </section>
  );
}

function Seen({ symptom: { id, says, where, looks } }: { readonly symptom: Symptom }) {
  const fault = faultOfSymptom(id);
  return (
    <article className="max-w-4xl">
      <h1>{says}</h1>
      <p className="label">{GUIDE_WHERE_WORDS[where]}</p>
      <p className="mt-2">{wording.lookTouchSmellWhich}</p>
      <ol className="mt-2 flex flex-col gap-3">
        {looks.map(({ tells, cause, back, next }) => (
          <li key={tells} className="border-ink border-l-4 bg-paper px-4 py-3">
            <h2 className="text-base">{tells}</h2>
            <dl className="mt-1 grid gap-x-4 gap-y-1 bench:grid-cols-[8rem_1fr]">
              <dt className="text-soft">{wording.itComesFrom}</dt>
              <dd>{cause}</dd>
              <dt className="text-soft">{wording.theWayBack}</dt>
              <dd className="font-semibold">{back}</dd>
              <dt className="text-soft">{wording.nextTime}</dt>
              <dd>{next}</dd>
            </dl>
          </li>
        ))}
      </ol>
      {fault ? <InTheBook fault={fault} /> : null}
      <p className="mt-4 text-soft">{wording.clothsAndPadsUsed}</p>
    </article>
  );
}
