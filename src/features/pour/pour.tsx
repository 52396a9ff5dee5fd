import 'server-only';
import { notFound } from 'next/navigation';
import { type Blend, blend, gather, HAIR_G, isMixedPaint, isWarmed, PAINT_KEEPS_HOURS } from '@/core/blend';
import { type Doing, noticesOfBlend } from '@/core/caution';
import { ingredientOf } from '@/core/material';
import { say } from '@/core/quantity';
import { findRevision } from '@/data/blends/queries';
import type { Db } from '@/data/db';
import { jugBefore } from '@/data/pour/measure';
import { linesNow, madeOf, mayPractise, pouredOf } from '@/data/pour/open';
import { findPot, meltsOf, type Pot, pans } from '@/data/pour/queries';
import type { Shop } from '@/data/shop/queries';
import { containers, type KnownLot, lotOf, lotsNow, materialIdOf } from '@/data/stores/queries';
import { cautionsInWords, DOUBT_WORDS, noticesInWords } from '@/messages';
import { pour as wording } from '@/messages/screens/pour';
import { Cautions } from '@/ui/cautions';
import { Link } from '@/ui/link';
import { reads } from '@/web/here';
import { catalogue } from '@/web/here-catalogue';
import { session } from '@/web/session';
import { Filling } from './components/filling';
import { Melting } from './components/melting';
import type { PanFacts } from './components/pan-choice';
import { PourDone } from './components/pour-done';
import { RunningScale } from './components/running-scale';
import { SpillButton } from './components/spill-button';
import { labelFacts } from './label-routes';

const STAGES = [
  { id: 'weighing', name: wording.gatherAndWeigh },
  { id: 'heating', name: wording.meltAndCheck },
  { id: 'filling', name: 'Fill' },
  { id: 'done', name: wording.labelAndCleanUp },
] as const;

/** Lots of an ingredient, the earliest best-before first; those that are empty by the book, and may not be, last. */
const lotsFor = (lots: readonly KnownLot[], ingredient: string) =>
  lots
    .filter((lot) => (lot.kind === 'bought' || lot.kind === 'ready') && materialIdOf(lot) === ingredient && !lot.held)
    .sort(
      (a, b) =>
        Number(a.leftG <= HAIR_G) - Number(b.leftG <= HAIR_G) ||
        Number(a.doubt !== null) - Number(b.doubt !== null) ||
        (a.bestBefore ?? '9').localeCompare(b.bestBefore ?? '9'),
    )
    .map(({ id, number, leftG, bestBefore, doubt }) => ({
      id,
      number,
      leftG,
      bestBefore,
      doubt: doubt ? DOUBT_WORDS[doubt.kind].short : '',
    }));

/** Each pan with its melts as they were logged. */
const panFacts = (db: Db, ambientC: number): PanFacts[] =>
  pans(db).map((pan) => ({
    ...pan,
    melts: meltsOf(db, pan.id).flatMap((one) => {
      const revision = findRevision(db, one.revisionId);
      const made = revision
        ? blend({ lines: revision.lines, basis: revision.basis, make: { massG: one.potG } }, catalogue())
        : null;
      if (!made?.ok || made.value.clearC === null) return [];
      const { waxFraction, clearC } = made.value;
      return [{ waterG: pan.waterG, ambientC, potG: one.potG, waxFraction, pieceMm: 8, clearC, readings: one.readings }];
    }),
  }));

/** Why there is no melt, where there is none. */
const coldWords = ({ heat, lines }: Blend): string | null => {
  if (heat === 'cold') return wording.madeColdShaveThe;
  if (heat !== 'none') return null;
  if (
    isMixedPaint(
      lines.map((line) => line.ingredient),
      catalogue(),
    )
  )
    return wording.stirredColdShakeIt(PAINT_KEEPS_HOURS);
  const names = lines.flatMap((line) =>
    ingredientOf(line.ingredient, catalogue()).neverHeat ? [ingredientOf(line.ingredient, catalogue()).name.toLowerCase()] : [],
  );
  return wording.filledColdThisHolds(names.join(' and '));
};

/** What is done at each state of a pot, as cautions call it. */
const DOING: Readonly<Record<string, Extract<Doing, 'weighing' | 'heating' | 'filling' | 'labelling'>>> = {
  weighing: 'weighing',
  heating: 'heating',
  filling: 'filling',
  done: 'labelling',
};

/** What became of a pot that made no lot. */
function Ended({ pot }: { readonly pot: Pot }) {
  if (pot.state === 'abandoned')
    return (
      <p>
        {wording.thisPotWasGiven}
        <Link href="/blends">{wording.toTheBlends}</Link>
      </p>
    );
  return pot.state === 'done' && pot.practice ? (
    <p>
      {wording.thePracticePotIs}
      <Link href="/blends">{wording.toTheBlends}</Link>
    </p>
  ) : null;
}

/** One pot from the first gram to the last jar; every reading is kept as it is typed, so it can be left and gone on with. */
export async function PourPage({ id }: { readonly id: number }) {
  const { db, shop, nowMs } = await session();
  const pot = findPot(db, id);
  if (!pot) notFound();
  const found = madeOf(db, pot);
  if (!found.ok) throw new Error(`formula ${pot.revision.name} does not blend`);
  const made = found.value;
  const lots = lotsNow(db);
  const lot = pot.lotId === null ? undefined : (lotOf(db, pot.lotId) ?? undefined);
  return (
    <>
      <PotHead pot={pot} made={made} />
      <div className="mt-4 flex flex-col gap-6">
        {pot.state === 'weighing' ? <Weighing db={db} pot={pot} made={made} lots={lots} /> : null}
        {pot.state === 'heating' ? <Heating db={db} pot={pot} made={made} ambientC={shop.ambientC} nowMs={nowMs} /> : null}
        {pot.state === 'filling' && (lot || pot.practice) ? (
          <Fill db={db} shop={shop} pot={pot} made={made} massG={lot?.leftG ?? pot.targetG} />
        ) : null}
        {pot.state === 'done' && lot ? <PourDone pot={pot} lot={lot} lots={lots} /> : null}
        <Ended pot={pot} />
        {pot.state === 'abandoned' ? null : <Cautions of={cautionsOf(pot, made)} open={1} />}
        {pot.state === 'abandoned' || pot.practice ? null : <SpillButton pourId={pot.id} />}
      </div>
    </>
  );
}

type Of = { readonly pot: Pot; readonly made: Blend };

/** What is weighed now: of a pot in two stages only what goes on the heat is weighed first; its mark is its share of the whole. */
function weighedNow({ pot, made }: Of) {
  const first = linesNow(made, pot);
  return {
    lines: pot.weighTo.lines.filter((line) => first?.includes(line.ingredient) ?? true),
    targetG: first ? made.lines.reduce((sum, line) => sum + (first.includes(line.ingredient) ? line.massG : 0), 0) : pot.targetG,
  };
}

/** A pot is no piece: nothing old is on it, and it lies nowhere. */
const NO_PIECE = { restoring: false, unknownFinish: false, place: null, wood: null } as const;

/** What this state of the pot must be warned of. */
const cautionsOf = (pot: Pot, made: Blend) => [
  ...cautionsInWords(
    {
      doing: DOING[pot.state] ?? 'weighing',
      ingredients: made.lines.map((line) => line.ingredient),
      drying: made.drying,
      ...NO_PIECE,
      heater: pot.heater ?? null,
    },
    catalogue(),
  ),
  ...noticesInWords(noticesOfBlend(made, catalogue())),
];

/** What pot it is, how far it is, and what is special about it. */
function PotHead({ pot, made }: Of) {
  const heats = isWarmed(made.heat);
  const stages = STAGES.filter((stage) => stage.id !== 'heating' || heats);
  return (
    <>
      <div className="flex flex-wrap items-baseline justify-between gap-x-6">
        <h1>
          {pot.practice ? wording.practice : ''}
          {pot.revision.name}{' '}
          <span className="reading font-normal text-soft">{pot.lotNumber ?? say(pot.targetG, 'g', reads())}</span>
        </h1>
        <ol className="flex gap-4" aria-label={wording.stagesOfThePour}>
          {stages.map((stage, i) => (
            <li
              key={stage.id}
              aria-current={stage.id === pot.state ? 'step' : undefined}
              className={stage.id === pot.state ? 'border-ink border-b-4 font-semibold' : 'text-soft'}
            >
              {i + 1} {stage.name}
            </li>
          ))}
        </ol>
      </div>
      {pot.practice ? (
        <p className="border-cure border-l-8 bg-paper px-3 py-2">
          <strong>{wording.aPracticePot}</strong>
          {wording.itDrawsNoStock}
        </p>
      ) : null}
      {made.stages && pot.state === 'weighing' ? (
        <p className="mt-2 border-wet border-l-4 pl-3">
          {pot.cooledAt === null ? (
            <>
              <strong>{wording.inTwoStages}</strong>
              {wording.firstMeltedOffThe(
                made.stages[0].map((one) => ingredientOf(one, catalogue()).name.toLowerCase()).join(' and '),
                say(made.addBelowC ?? 0, '°C', reads(), 0),
                made.stages[1].map((one) => ingredientOf(one, catalogue()).name.toLowerCase()).join(' and '),
              )}
            </>
          ) : (
            <>
              <strong>{wording.below(say(made.addBelowC ?? 0, '°C', reads(), 0))}</strong>
              {wording.awayFromAnyFlame}
            </>
          )}
        </p>
      ) : null}
    </>
  );
}

/** The scale, with what is there of each line and what was weighed. */
function Weighing({ db, pot, made, lots }: Of & { readonly db: Db; readonly lots: readonly KnownLot[] }) {
  const { lines, targetG } = weighedNow({ pot, made });
  const { basis } = pot.weighTo;
  const shelf = lots
    .filter((one) => (one.kind === 'bought' || one.kind === 'ready') && one.leftG > 1e-6 && !one.held)
    .map((one) => ({ ...one, ingredientId: materialIdOf(one) }));
  const needs = Object.fromEntries(made.lines.map((line) => [line.ingredient, line.massG]));
  return (
    <RunningScale
      pot={{
        id: pot.id,
        version: pot.version,
        targetG,
        residueG: pot.residueG,
        basis,
        lines,
        practice: pot.practice,
        mayPractise: mayPractise(db, pot),
        mayBeCold: made.stages !== undefined && pot.cooledAt === null,
        jug: pot.byMeasure
          ? {
              levelMl: jugBefore(pot, null),
              beforeLastMl: jugBefore(pot, pot.entries.at(-1)?.clientId ?? null),
              lines: pot.revision.lines,
            }
          : null,
      }}
      poured={Object.fromEntries(lines.map((line) => [line.ingredient, pouredOf(pot, line.ingredient)]))}
      last={
        pot.entries.at(-1)
          ? {
              clientId: pot.entries.at(-1)?.clientId ?? '',
              ingredientId: pot.entries.at(-1)?.ingredientId ?? '',
              lotId: pot.entries.at(-1)?.lotId ?? null,
              readingG: pot.entries.at(-1)?.readingG ?? 0,
              grams: pot.entries.at(-1)?.grams ?? 0,
            }
          : null
      }
      overdrawn={lots
        .filter((one) => one.overdrawnG > 0.05 && pot.entries.some((entry) => entry.lotId === one.id))
        .map(({ id: lotId, number, overdrawnG }) => ({ lotId, number, overG: overdrawnG }))}
      struck={pot.struck.map((entry) => entry.readingG)}
      slips={pot.slips.map((one) => one.says)}
      lots={Object.fromEntries(lines.map((line) => [line.ingredient, lotsFor(lots, line.ingredient)]))}
      gathered={gather(
        pot.practice ? {} : needs,
        shelf.map((one) => ({
          id: one.id,
          ingredient: one.ingredientId ?? '',
          leftG: one.leftG,
          bestBefore: one.bestBefore,
        })),
      )}
      strays={shelf
        .filter((one) => !lines.some((line) => line.ingredient === one.ingredientId))
        .map((one) => ({ lotId: one.id, number: one.number, ingredient: one.ingredientId ?? '' }))}
    />
  );
}

/** The melt. */
function Heating({
  db,
  pot,
  made,
  ambientC,
  nowMs,
}: Of & { readonly db: Db; readonly ambientC: number; readonly nowMs: number }) {
  return (
    <Melting
      pourId={pot.id}
      version={pot.version}
      heat={made}
      heater={pot.heater}
      mayPractise={mayPractise(db, pot)}
      potG={weighedNow({ pot, made }).targetG}
      waxFraction={made.waxFraction}
      ambientC={ambientC}
      onHeatAt={pot.onHeatAt}
      mindedAt={pot.mindedAt}
      pieceMm={pot.pieceMm}
      waterG={pot.waterG}
      panId={pot.panId}
      pans={panFacts(db, ambientC)}
      nowMs={nowMs}
      temperatures={pot.temperatures.map(({ at, tempC }) => ({ at, tempC }))}
    />
  );
}

/** The jars. */
function Fill({ db, shop, pot, made, massG }: Of & { readonly db: Db; readonly shop: Shop; readonly massG: number }) {
  return (
    <Filling
      pourId={pot.id}
      version={pot.version}
      massG={massG}
      densityGPerMl={made.densityGPerMl}
      pourC={made.heat === 'water-bath' ? made.pourC : null}
      waxFraction={made.waxFraction}
      residueG={pot.residueG}
      label={pot.lotId === null ? null : labelFacts(db, shop, pot.lotId)}
      cold={coldWords(made)}
      asksLumps={made.heat === 'cold'}
      jars={containers(db).map(({ id: jarId, name, capacityMl, fillFraction, have, tareG }) => ({
        id: jarId,
        name,
        capacityMl,
        fillFraction,
        have,
        tareG,
      }))}
    />
  );
}
