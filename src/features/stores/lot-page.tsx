import type { Shop } from '@/data/shop/queries';
import type { Db } from '@/data/db';
import 'server-only';
import { notFound } from 'next/navigation';
import { asksPaper, findIngredient, lifeOf, saysAnything, THUMBNAIL_C, worthKeeping } from '@/core/material';
import { dateOf, say } from '@/core/quantity';
import { readyMadeBefore } from '@/data/stores/commands';
import { bottleOf } from '@/data/stores/bottles';
import { bathState } from '@/data/bath/bath';
import { places } from '@/data/shop/queries';
import { allLots, type KnownLot, materialIdOf, readyMades, usable } from '@/data/stores/queries';
import { type Reference, references } from '@/data/stores/references';
import type { ReadyMade } from '@/data/stores/nature';
import { recordOf } from '@/data/stores/senses';
import { traceOf } from '@/data/trace/queries';
import { FEEL_WORDS, LOT_CHECK_WORDS, STATEMENT_WORDS, WHY_WORDS } from '@/messages';
import { linkLook } from '@/ui/button';
import { Cautions } from '@/ui/cautions';
import { cautionsWith } from '@/web/cautions';
import { bathLots } from './bath-lots';
import { KeptPhoto, photoAt } from '@/ui/kept-photo';
import { Link } from '@/ui/link';
import { session } from '@/web/session';
import { LifeLine } from './life-line';
import { LotFacts } from './lot-facts';
import type { Search } from '@/web/table/asked';
import { type Column, DataTable } from '@/web/table/table';
import { Bath } from './bath';
import { Declare } from './components/declare';
import { LotButtons } from './components/lot-buttons';
import { BoughtFinish, KeepReference, PutRight } from './components/sheets';
import type { RightLot } from '@/core/blend';
import { Reached } from './reached';
import { toTheMinute } from '@/ui/when';
import { TraceDrawing } from './trace-drawing';
import { TraceList } from './trace-list';
import { Fold } from '@/ui/fold';

const asRight = (lot: KnownLot): RightLot => ({
  id: lot.id,
  number: lot.number,
  title: lot.title,
  leftG: lot.leftG,
  receivedG: lot.receivedG,
  waxEquivalent: lot.nature?.waxEquivalent ?? 0,
  composition: lot.composition,
});

/** The columns of a lot's movements. */
const movementColumns = (zone: string): readonly Column<ReturnType<typeof recordOf>['movements'][number]>[] => [
  { id: 'at', name: 'When', by: (one) => one.at, className: 'reading', cell: (one) => toTheMinute(one.at, zone) },
  { id: 'who', name: 'Who', by: (one) => one.initials, className: 'reading', cell: (one) => one.initials },
  {
    id: 'why',
    name: 'What',
    by: (one) => [WHY_WORDS[one.why], one.batch, one.pot].filter(Boolean).join(' '),
    className: 'reading',
    cell: (one) => (
      <>
        {WHY_WORDS[one.why]}
        {one.batch ? (
          <>
            {' '}
            <Link href={`/work/${one.batch}`}>{one.batch}</Link>
          </>
        ) : null}
        {one.pot ? ` into ${one.pot}` : ''}
      </>
    ),
  },
  {
    id: 'grams',
    name: 'How much',
    right: true,
    by: (one) => one.grams,
    className: 'reading font-semibold',
    cell: (one) => `${one.grams > 0 ? '+' : '−'} ${say(Math.abs(one.grams), 'g')}`,
  },
];

/** One lot whole: what it is, what was found of it, every movement, and its trace both ways. */
export async function LotPage({ id, search }: { readonly id: number; readonly search: Search }) {
  const { db, shop, nowMs } = await session();
  const lots = allLots(db);
  const lot = lots.find((one) => one.id === id);
  const trace = lot ? traceOf(db, id) : null;
  if (!lot || !trace) notFound();
  const record = recordOf(db, id);
  const today = dateOf(nowMs, shop.zone);
  const ready = lot.readyMadeId === null ? undefined : readyMades(db).find((one) => one.id === lot.readyMadeId);
  const ownHold = lot.held?.number === lot.number;
  return (
    <>
      <p className="reading">
        <Link href="/stores">Stores</Link>
      </p>
      <LotHead lot={lot} />
      {ownHold ? <Reached trace={trace} lotId={id} /> : null}
      <LotActions lot={lot} lots={lots} db={db} shop={shop} record={record} nowMs={nowMs} />
      <div className="mt-4 max-w-3xl">
        <Cautions of={cautionsWith([lot], { doing: 'reading' })} open={2} />
      </div>
      <div className="mt-6 grid gap-x-12 gap-y-6 bench:grid-cols-2">
        <LotFacts lot={lot} ready={ready} shop={shop} today={today} />
        <LotEvidence
          lot={lot}
          ready={ready}
          known={references(db).filter((one) => one.materialId === materialIdOf(lot))}
          before={ready ? readyMadeBefore(db, ready.id) : []}
          record={record}
          zone={shop.zone}
        />
      </div>
      <section className="mt-8">
        <h2 className="mb-1">Its life</h2>
        <LifeLine
          life={lifeOf(
            [...record.movements].reverse(),
            record.holds.map((one) => ({ from: one.at, until: one.liftedAt })),
          )}
          openedOn={lot.openedOn}
          goodUntil={lot.bestBefore}
          checkedAt={record.checks.map((one) => one.at)}
          zone={shop.zone}
          nowMs={nowMs}
        />
      </section>
      <section className="mt-8">
        <div className="flex flex-wrap items-baseline justify-between gap-4">
          <h2>Where it came from and where it went</h2>
          <a href={`/api/trace?lot=${id}`}>The list as CSV</a>
        </div>
        <TraceDrawing trace={trace} />
        <TraceList trace={trace} />
      </section>
      <Fold
        className="mt-8 max-w-2xl"
        open={Object.keys(search).some((key) => key.startsWith('moves-'))}
        line="strong"
        says={<>Every movement of it ({record.movements.length})</>}
      >
        <DataTable
          id="moves"
          path={`/stores/lots/${id}`}
          search={search}
          rows={record.movements}
          columns={movementColumns(shop.zone)}
          keyOf={(one) => one.id}
        />
      </Fold>
    </>
  );
}

/** What forbids or asks something of a lot. */
function LotNotes({ lot }: { readonly lot: KnownLot }) {
  return (
    <>
      {lot.held ? (
        <p role="alert" className="mb-4 border-late border-l-8 bg-paper px-4 py-3 text-lg font-semibold">
          ▲ Held{lot.held.number === lot.number ? '' : `, because ${lot.held.number} is`}: {lot.held.reason}. Nothing may be drawn
          from it.
        </p>
      ) : null}
      {lot.overdrawnG > 0.05 ? (
        <p role="status" className="mb-4 border-cure border-l-8 bg-paper px-4 py-3">
          <strong>Count it.</strong> {say(lot.overdrawnG, 'g')} more were drawn than the book held. What was done is kept; weigh
          what is there and put the book right in <Link href="/stores">Stores</Link>.
        </p>
      ) : null}
    </>
  );
}

/** Its number, what is left of it, and what forbids or asks something. */
function LotHead({ lot }: { readonly lot: KnownLot }) {
  return (
    <>
      <div className="mb-3 flex flex-wrap items-end justify-between gap-4">
        <div>
          <p className="reading text-4xl font-semibold leading-none">{lot.number}</p>
          <h1>{lot.title}</h1>
        </div>
        <p className="reading text-right">
          <strong className="text-4xl leading-none">{say(lot.leftG, 'g')}</strong>
          <span className="block text-soft">
            left of {say(lot.receivedG, 'g')}
            {lot.countLeft === null ? '' : `; ${lot.countLeft} of ${lot.count} tins`}
          </span>
        </p>
      </div>
      <LotNotes lot={lot} />
    </>
  );
}

type ActionsProps = {
  readonly db: Db;
  readonly shop: Shop;
  readonly lot: KnownLot;
  readonly lots: readonly KnownLot[];
  readonly record: ReturnType<typeof recordOf>;
  readonly nowMs: number;
};

/** What may be done with it. */
function LotActions({ db, shop, lot, lots, record, nowMs }: ActionsProps) {
  const { id } = lot;
  const today = dateOf(nowMs, shop.zone);
  const others = usable(lots).filter((one) => one.id !== id);
  const known = references(db).filter((one) => one.materialId === materialIdOf(lot));
  // It was opened at the latest when it was first drawn from; the maker may say otherwise.
  const first = [...record.movements].reverse().find((one) => one.grams < 0 && one.why !== 'count' && one.why !== 'correction');
  const firstDrawn = first ? dateOf(first.at, shop.zone) : null;
  const vessel = lot.kind === 'bottle' ? bottleOf(db, id) : null;
  const strained = record.checks.find((check) => check.kind === 'strained');
  return (
    <>
      <LotButtons
        lot={{
          id,
          number: lot.number,
          kind: lot.kind,
          countLeft: lot.countLeft,
          hasWax: (lot.nature?.waxFraction ?? 0) > 0 && lot.kind === 'made',
          leftG: lot.leftG,
          references: known.map(({ id: one, says }) => ({ id: one, says })),
          version: lot.version,
          placing: {
            place: lot.placeId === null ? '' : String(lot.placeId),
            openedOn: lot.openedOn ?? firstDrawn ?? '',
            bestBefore: lot.labelBestBefore ?? '',
            within: lot.useWithinDays === null ? '' : String(lot.useWithinDays),
          },
          bottle: vessel && { hasTare: vessel.tareG !== null, hasBore: vessel.boreMm !== null },
        }}
        isHeld={lot.held?.number === lot.number}
        places={[{ value: '', name: 'nobody said' }, ...places(db).map((one) => ({ value: String(one.id), name: one.name }))]}
        others={others
          .filter((one) => one.kind !== 'tin' && one.kind !== 'bath')
          .map(({ id: from, number, title }) => ({ id: from, number, title }))}
        sources={bathLots(others).lots.map(({ id: from, number, title }) => ({ id: from, number, title }))}
        today={today}
        currency={shop.currency}
      />
      {lot.kind === 'made' && lot.leftG > 0 && !lot.held ? (
        <div className="mt-2 flex flex-wrap gap-2">
          <PutRight
            ambientC={shop.ambientC}
            lot={asRight(lot)}
            others={others.filter((one) => one.kind !== 'tin' && one.kind !== 'bath').map(asRight)}
          />
        </div>
      ) : null}
      {lot.kind === 'bought' && worthKeeping(findIngredient(lot.ingredientId ?? '') ?? { family: 'solvent' }) ? (
        <div className="mt-2">
          <KeepReference lotId={id} number={lot.number} name={lot.title} />
        </div>
      ) : null}
      {lot.kind === 'made' || lot.kind === 'tin' ? (
        <p className="mt-2">
          <Link href={`/stores/lots/${id}/label`} className={linkLook('plain')}>
            Labels
          </Link>
        </p>
      ) : null}
      {lot.kind === 'bath' ? (
        <Bath
          state={bathState(db, lot, nowMs)}
          lastClear={record.checks.find((check) => check.kind === 'clear')?.pass ?? null}
          strainedOn={strained ? dateOf(strained.at, shop.zone) : null}
          startedOn={dateOf(lot.at, shop.zone)}
          today={today}
          zone={shop.zone}
          nowMs={nowMs}
        />
      ) : null}
    </>
  );
}

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
    check.tempC === null ? '' : `at ${say(check.tempC, '°C', 0)}`,
    beside ? `beside the known piece` : '',
    saysAnything(check.kind, check.tempC) === false
      ? `which says nothing: judge it between ${say(THUMBNAIL_C.least, '°C', 0)} and ${say(THUMBNAIL_C.most, '°C', 0)}`
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
function LotEvidence({ lot, ready, known, before, record, zone }: EvidenceProps) {
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
              Thumb: {FEEL_WORDS[thumb.felt]} at <span className="reading">{say(thumb.tempC, '°C', 0)}</span>
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
