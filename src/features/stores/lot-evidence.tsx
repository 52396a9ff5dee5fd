import 'server-only';
import { asksPaper, saysAnything, THUMBNAIL_C } from '@/core/material';
import { say } from '@/core/quantity';
import type { readyMadeBefore } from '@/data/stores/commands';
import type { ReadyMade } from '@/data/stores/nature';
import type { KnownLot } from '@/data/stores/queries';
import type { Reference } from '@/data/stores/references';
import type { recordOf } from '@/data/stores/senses';
import { FEEL_WORDS, LOT_CHECK_WORDS, STATEMENT_WORDS } from '@/messages';
import { shared } from '@/messages/screens/shared';
import { lotEvidence as wording } from '@/messages/screens/stores';
import { Fold } from '@/ui/fold';
import { KeptPhoto, photoAt } from '@/ui/kept-photo';
import { toTheMinute } from '@/ui/when';
import { reads } from '@/web/here';
import { Declare } from './components/declare';
import { BoughtFinish } from './components/sheets';
import { WaxPair } from './components/wax-pair';

type EvidenceProps = {
  readonly lot: KnownLot;
  readonly ready: ReadyMade | undefined;
  readonly known: readonly Reference[];
  readonly before: ReturnType<typeof readyMadeBefore>;
  readonly record: ReturnType<typeof recordOf>;
  readonly zone: string;
};

/** How a check was made: how warm, beside what, and whether that says anything. */
function judgedWords(
  check: { readonly kind: string; readonly tempC: number | null; readonly referenceId: number | null },
  known: readonly Reference[],
): string {
  const beside = known.find((one) => one.id === check.referenceId);
  return [
    check.tempC === null ? '' : `at ${say(check.tempC, '°C', reads(), 0)}`,
    beside ? wording.besideTheKnownPiece : '',
    saysAnything(check.kind, check.tempC) === false
      ? wording.whichSaysNothingJudge(say(THUMBNAIL_C.least, '°C', reads(), 0), say(THUMBNAIL_C.most, '°C', reads(), 0))
      : '',
  ]
    .filter(Boolean)
    .map((one) => `, ${one}`)
    .join('');
}

/** What of a label reads otherwise now: its name and as it was. */
const LABEL_PARTS: Readonly<Record<string, string>> = {
  name: 'called',
  declared: 'declared',
  isAllDeclared: wording.allDeclared,
  drying: 'it',
  contact: 'food',
  densityGPerMl: 'g/ml',
  coverageM2PerL: wording.mALitre,
  labelRule: wording.itsOwnWords,
  role: 'in the work',
  shares: 'shares',
  labelDwellMin: wording.leaveOnMin,
  labelGapMin: wording.betweenCoatsMin,
  labelCoats: 'coats',
  labelFoodHours: wording.untilFoodH,
  buildsFilm: wording.buildsAFilm,
  unsaid: wording.notSaid,
};
const plainly = (value: unknown): string =>
  value === null || value === ''
    ? 'nothing'
    : typeof value === 'object'
      ? JSON.stringify(value)
          .replaceAll('"', ' ')
          .replace(/[{}[\]]/g, '')
      : String(value);
const changedWords = (was: Readonly<Record<string, unknown>>, now: ReadyMade): string[] =>
  Object.entries(LABEL_PARTS).flatMap(([part, name]) =>
    JSON.stringify(was[part]) === JSON.stringify(now[part as keyof ReadyMade]) ? [] : [`${name}: ${plainly(was[part])}`],
  );

/** The newest of the pieces that are kept as known, to judge beside. */
function KnownPiece({ one, zone }: { readonly one: EvidenceProps['known'][number]; readonly zone: string }) {
  return (
    <section>
      <h3>{wording.theKnownPiece}</h3>
      <div className="flex items-start gap-3">
        {one.photoHash ? <KeptPhoto src={photoAt(one.photoHash)} alt={wording.theKnownPieceIn} className="h-24" /> : null}
        <p>
          {one.says} <span className="reading text-sm text-soft">{wording.since(toTheMinute(one.at, zone))}</span>
        </p>
      </div>
    </section>
  );
}

/** What was found of it, and what its papers say. */
export function LotEvidence({ lot, ready, known, before, record, zone }: EvidenceProps) {
  return (
    <div className="flex flex-col gap-4">
      <section>
        <h2 className="mb-1">{wording.checksAndDeclarations}</h2>
        {record.checks.length === 0 && record.declarations.length === 0 ? <p className="text-soft">{shared.noneYet}</p> : null}
        <ul>
          {record.checks.map((check) => (
            <li key={check.id} className="border-hair border-b py-1">
              <span className={check.pass ? '' : 'font-semibold text-late'}>
                {check.pass ? '●' : '▲'} {LOT_CHECK_WORDS[check.kind].name}:{' '}
                {check.pass ? LOT_CHECK_WORDS[check.kind].pass : LOT_CHECK_WORDS[check.kind].fail}
              </span>
              {judgedWords(check, record.checks.length > 0 ? known : [])}
              {check.note ? `, ${check.note}` : ''}{' '}
              <span className="reading text-sm text-soft">
                {check.initials} {toTheMinute(check.at, zone)}
              </span>
            </li>
          ))}
          {record.thumbs.map((thumb) => (
            <li key={thumb.id} className="border-hair border-b py-1">
              {wording.thumbAt(FEEL_WORDS[thumb.felt])}
              <span className="reading">{say(thumb.tempC, '°C', reads(), 0)}</span>
            </li>
          ))}
          {record.slips.map((one) => (
            <li key={one.id} className="border-hair border-b py-1">
              {wording.putRight(one.says)}
            </li>
          ))}
          {record.declarations.map((one) => (
            <li key={one.id} className="border-hair border-b py-1">
              <a href={`/api/declaration/${one.hash}`}>{one.name}</a>{' '}
              <span className="reading text-sm text-soft">{wording.kb((one.bytes / 1024).toFixed(0))}</span>
              {one.says.length > 0 ? (
                <span className="block">{wording.states(one.says.map((says) => STATEMENT_WORDS[says]).join(', '))}</span>
              ) : null}
            </li>
          ))}
        </ul>
      </section>
      {known.length > 0 || lot.roles.includes('hard-wax') ? <WaxPair lotId={lot.id} referenceId={known[0]?.id ?? null} /> : null}
      {asksPaper({ ...lot, contact: lot.nature?.contact ?? null }) ? (
        <p className="border-ink border-l-4 pl-3">
          <strong>{wording.noPaperYet}</strong>
          {wording.itIsMeantTo(lot.supplier || wording.itsSupplier, lot.supplierCode ? ` (${lot.supplierCode})` : '')}
        </p>
      ) : null}
      {known[0] ? <KnownPiece one={known[0]} zone={zone} /> : null}
      <Declare lotId={lot.id} />
      {ready ? (
        <div className="flex flex-col items-start gap-2">
          {ready.photoHash ? <KeptPhoto src={photoAt(ready.photoHash)} alt={wording.theLabelOf(ready.name)} /> : null}
          <BoughtFinish of={ready} />
          {before.length > 0 ? (
            <Fold line="words" says={wording.whatWasWrittenOf(before.length)}>
              <ol>
                {before.map(({ number, facts, at }) => (
                  <li key={number} className="border-hair border-b py-1">
                    <span className="reading text-sm text-soft">{wording.until(toTheMinute(at, zone))}</span>{' '}
                    {changedWords(facts, ready).join('; ')}
                  </li>
                ))}
              </ol>
            </Fold>
          ) : null}
        </div>
      ) : null}
    </div>
  );
}
