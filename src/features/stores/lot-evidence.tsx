import 'server-only';
import { asksPaper, saysAnything, THUMBNAIL_C } from '@/core/material';
import { say } from '@/core/quantity';
import type { readyMadeBefore } from '@/data/stores/commands';
import type { ReadyMade } from '@/data/stores/nature';
import type { KnownLot } from '@/data/stores/queries';
import type { Reference } from '@/data/stores/references';
import type { recordOf } from '@/data/stores/senses';
import { FEEL_WORDS, LOT_CHECK_WORDS, STATEMENT_WORDS } from '@/messages';
import { Fold } from '@/ui/fold';
import { KeptPhoto, photoAt } from '@/ui/kept-photo';
import { toTheMinute } from '@/ui/when';
import { reads } from '@/web/reads-here';
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
    beside ? `beside the known piece` : '',
    saysAnything(check.kind, check.tempC) === false
      ? `which says nothing: judge it between ${say(THUMBNAIL_C.least, '°C', reads(), 0)} and ${say(THUMBNAIL_C.most, '°C', reads(), 0)}`
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
  isAllDeclared: 'all declared',
  drying: 'it',
  contact: 'food',
  densityGPerMl: 'g/ml',
  coverageM2PerL: 'm² a litre',
  labelRule: 'its own words',
  role: 'in the work',
  shares: 'shares',
  labelDwellMin: 'leave on, min',
  labelGapMin: 'between coats, min',
  labelCoats: 'coats',
  labelFoodHours: 'until food, h',
  buildsFilm: 'builds a film',
  unsaid: 'not said',
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

/** What was found of it, and what its papers say. */
export function LotEvidence({ lot, ready, known, before, record, zone }: EvidenceProps) {
  return (
    <div className="flex flex-col gap-4">
      <section>
        <h2 className="mb-1">Checks and declarations</h2>
        {record.checks.length === 0 && record.declarations.length === 0 ? <p className="text-soft">None yet.</p> : null}
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
              Thumb: {FEEL_WORDS[thumb.felt]} at <span className="reading">{say(thumb.tempC, '°C', reads(), 0)}</span>
            </li>
          ))}
          {record.slips.map((one) => (
            <li key={one.id} className="border-hair border-b py-1">
              Put right: {one.says}
            </li>
          ))}
          {record.declarations.map((one) => (
            <li key={one.id} className="border-hair border-b py-1">
              <a href={`/api/declaration/${one.hash}`}>{one.name}</a>{' '}
              <span className="reading text-sm text-soft">{(one.bytes / 1024).toFixed(0)} kB</span>
              {one.says.length > 0 ? (
                <span className="block">states: {one.says.map((says) => STATEMENT_WORDS[says]).join(', ')}</span>
              ) : null}
            </li>
          ))}
        </ul>
      </section>
      {known.length > 0 || lot.roles.includes('hard-wax') ? <WaxPair lotId={lot.id} referenceId={known[0]?.id ?? null} /> : null}
      {asksPaper({ ...lot, contact: lot.nature?.contact ?? null }) ? (
        <p className="border-ink border-l-4 pl-3">
          <strong>No paper yet.</strong> It is meant to meet food: ask {lot.supplier || 'its supplier'} for a statement of this
          lot
          {lot.supplierCode ? ` (${lot.supplierCode})` : ''} and keep it here.
        </p>
      ) : null}
      {known.length > 0 ? (
        <section>
          <h3>The known piece</h3>
          {known.slice(0, 1).map((one) => (
            <div key={one.id} className="flex items-start gap-3">
              {one.photoHash ? (
                <KeptPhoto src={photoAt(one.photoHash)} alt="The known piece in daylight" className="h-24" />
              ) : null}
              <p>
                {one.says} <span className="reading text-sm text-soft">since {toTheMinute(one.at, zone)}</span>
              </p>
            </div>
          ))}
        </section>
      ) : null}
      <Declare lotId={lot.id} />
      {ready ? (
        <div className="flex flex-col items-start gap-2">
          {ready.photoHash ? <KeptPhoto src={photoAt(ready.photoHash)} alt={`The label of ${ready.name}`} /> : null}
          <BoughtFinish of={ready} />
          {before.length > 0 ? (
            <Fold line="words" says={<>What was written of it before ({before.length})</>}>
              <ol>
                {before.map(({ number, facts, at }) => (
                  <li key={number} className="border-hair border-b py-1">
                    <span className="reading text-sm text-soft">until {toTheMinute(at, zone)}</span>{' '}
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
