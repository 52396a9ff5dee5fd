import 'server-only';
import { notFound } from 'next/navigation';
import { blend, type DraftAround, type FormulaDraft } from '@/core/blend';
import { findIngredient } from '@/core/material';
import { dateOf, formatMoney, say, typedAs } from '@/core/quantity';
import { allFormulas, type Formula, findFormula, lotsOfFormula, usesOfFormula } from '@/data/blends/queries';
import type { Db } from '@/data/db';
import { openPours, spreadWaiting, usualResidue } from '@/data/pour/queries';
import { containers, type KnownLot, lotsNow, materialIdOf, pricesPerKg } from '@/data/stores/queries';
import { hardeningOf, thumbFactors } from '@/data/stores/senses';
import { DOUBT_WORDS, DRYING_WORDS, FEEL_WORDS } from '@/messages';
import { blends as wording } from '@/messages/screens/blends';
import { Tried } from '@/trade/tried';
import { Why } from '@/trade/why';
import { linkLook } from '@/ui/button';
import { familyFill } from '@/ui/family';
import { Link } from '@/ui/link';
import { FileSheet } from '@/web/file-sheet';
import { reads } from '@/web/here';
import { catalogue } from '@/web/here-catalogue';
import { session } from '@/web/session';
import type { Search } from '@/web/table/asked';
import { DataTable } from '@/web/table/table';
import { lookAtFile, takeFile } from './actions';
import { BestUse } from './components/best-use';
import { BlendBench } from './components/blend-bench';
import { Calibrate } from './components/calibrate';
import { Revisions } from './revisions';

/** Every formula on one plank scale, and pots that are not finished. */
export async function Blends({ search }: { readonly search: Search }) {
  const { db, shop } = await session();
  const lots = lotsNow(db);
  const around = aroundOf(db, lots, shop.ambientC, null);
  const { prices, hardening } = around;
  const formulas = allFormulas(db);
  const pours = openPours(db);
  return (
    <>
      <div className="flex flex-wrap items-center justify-between gap-4">
        <h1>{wording.blends}</h1>
        <BlendTools products={productsOf(formulas, around.jars)} around={around} currency={shop.currency} />
      </div>
      {pours.map((pour) => (
        <p key={pour.id} className="mt-3 border-wet border-l-4 pl-3">
          {wording.aPotOfIs(say(pour.targetG, 'g', reads()))}
          <Link href={`/pour/${pour.id}`} className="font-semibold">
            {wording.goOnWithIt}
          </Link>
        </p>
      ))}
      {formulas.length === 0 ? <p className="mt-4 max-w-prose">{wording.noFormulaYetWrite}</p> : null}
      <div className="mt-4">
        <DataTable
          id="formulas"
          path="/blends"
          search={search}
          rows={formulas}
          columns={[
            {
              id: 'formula',
              name: '',
              by: ({ name, revisions }) =>
                [name, ...(revisions[0]?.lines ?? []).map((line) => findIngredient(line.ingredient, catalogue())?.name)].join(
                  ' ',
                ),
              cell: (formula) => (
                <FormulaRow
                  formula={formula}
                  prices={prices}
                  currency={shop.currency}
                  ambientC={shop.ambientC}
                  hardening={hardening}
                />
              ),
            },
          ]}
          keyOf={(formula) => formula.id}
        />
      </div>
      {formulas.length > 0 ? (
        <p className="mt-3 text-soft">
          {wording.allOfThemAs}
          <a href="/api/formulas?as=json">{wording.json}</a>
          {wording.or}
          <a href="/api/formulas?as=csv">{wording.csv}</a>.
        </p>
      ) : null}
      <Calibrate factors={thumbFactors(db)} inUse={hardening} />
    </>
  );
}

type ToolsProps = {
  readonly products: ReturnType<typeof productsOf>;
  readonly around: DraftAround;
  readonly currency: string;
};

/** What may be done beside reading the list. */
function BlendTools({ products, around, currency }: ToolsProps) {
  return (
    <div className="flex flex-wrap gap-2">
      <Link href="/blends/new" className={linkLook('main')}>
        {wording.writeAFormula}
      </Link>
      <Link href="/blends/compare" className={linkLook('plain')}>
        {wording.sideBySide}
      </Link>
      <Link href="/convert" className={linkLook('plain')}>
        {wording.weightAndVolume}
      </Link>
      <BestUse products={products} stock={around.stock} jars={around.jars} currency={currency} />
      <FileSheet
        opens={wording.takeFormulasIn}
        title={wording.formulasFromAFile}
        say={wording.jsonOrCsvFormula}
        look={lookAtFile}
        take={takeFile}
      />
    </div>
  );
}

type FormulaRowProps = {
  readonly formula: Formula;
  readonly hardening: Readonly<Record<string, number>>;
  readonly prices: Readonly<Record<string, number>>;
  readonly currency: string;
  readonly ambientC: number;
};

function FormulaRow({ formula, prices, currency, ambientC, hardening }: FormulaRowProps) {
  const revision = formula.revisions[0];
  const made = revision
    ? blend({ lines: revision.lines, basis: revision.basis, make: { massG: 1000 }, prices, ambientC, hardening }, catalogue())
    : null;
  if (!revision || !made?.ok) return null;
  const { lines, consistency, drying, costPerKg, allergens } = made.value;
  return (
    <Link
      href={`/blends/${formula.id}`}
      className="my-3 grid items-center gap-x-6 gap-y-1 no-underline hover:underline bench:grid-cols-[minmax(0,1fr)_minmax(0,1.1fr)]"
    >
      <span>
        <span className="block font-semibold">{formula.name}</span>
        <span className="reading block text-sm text-soft">
          {lines
            .map(
              (line, i) =>
                `${revision.lines[i]?.amount ?? revision.lines[i]?.parts} ${findIngredient(line.ingredient, catalogue())?.name.toLowerCase()}`,
            )
            .join(' : ')}
          {revision.number > 1 ? wording.revision(revision.number) : ''}
        </span>
      </span>
      <span>
        <span className="flex h-7 w-full border-ink border-y">
          {lines.map((line) => (
            <span
              key={line.ingredient}
              style={{
                ...familyFill(findIngredient(line.ingredient, catalogue())?.family ?? ''),
                width: `${line.massFraction * 100}%`,
              }}
              className="border-ink border-r last:border-r-0"
            />
          ))}
        </span>
        <span className="reading block text-sm text-soft">
          {FEEL_WORDS[consistency]}, {DRYING_WORDS[drying]}
          {costPerKg ? wording.perKg(formatMoney(costPerKg, currency)) : ''}
          {allergens.length > 0 ? `, ${allergens.join(', ')}` : ''}
        </span>
      </span>
    </Link>
  );
}

/** Every formula in every jar it may be filled into: what the best use is chosen from. */
const productsOf = (formulas: readonly Formula[], jars: DraftAround['jars']) =>
  formulas.flatMap((formula) => {
    const revision = formula.revisions[0];
    const made = revision ? blend({ lines: revision.lines, basis: revision.basis, make: { massG: 1 } }, catalogue()) : null;
    if (!made?.ok) return [];
    const fractions = Object.fromEntries(made.value.lines.map((line) => [line.ingredient, line.massFraction]));
    return jars.map((jar) => ({
      id: `${formula.id}-${jar.id}`,
      name: formula.name,
      jar,
      netG: jar.capacityMl * jar.fillFraction * made.value.densityGPerMl,
      fractions,
    }));
  });

/** What the bench reckons with: prices, stock and jars of this shop. */
function aroundOf(db: Db, lots: readonly KnownLot[], ambientC: number, revisionId: number | null): DraftAround {
  const stock: Record<string, number> = {};
  for (const lot of lots) {
    const id = lot.kind === 'bought' || lot.kind === 'ready' ? materialIdOf(lot) : null;
    if (id !== null && !lot.held) stock[id] = (stock[id] ?? 0) + lot.leftG;
  }
  const jars = containers(db).map(({ id, name, capacityMl, fillFraction, have }) => ({
    id,
    name,
    capacityMl,
    fillFraction,
    have,
  }));
  return {
    prices: pricesPerKg(lots),
    stock,
    jars,
    ambientC,
    hardening: hardeningOf(db),
    residueG: usualResidue(db),
    waiting: revisionId === null ? null : (spreadWaiting(db, revisionId)?.lotNumber ?? null),
  };
}

/** A bench with nothing on it yet. */
const emptyDraft = (): FormulaDraft => ({
  name: '',
  note: '',
  basis: 'mass',
  sizeBy: 'mass',
  mass: reads().mass === 'oz' ? '2 lb' : '900 g',
  volume: { ml: '1 l', us: '32 US fl oz', imperial: wording.impFlOz }[reads().volume],
  from: {},
  jar: { id: 0, count: '12' },
  lines: [
    { key: 'first', ingredient: '', parts: '1' },
    { key: 'second', ingredient: '', parts: '' },
  ],
});

/** A formula as it is laid on the bench. */
function draftOf({ name, revisions: [revision] }: Formula): FormulaDraft {
  if (!revision) return { ...emptyDraft(), name };
  const { note, basis, lines } = revision;
  const isMeasured = lines.some((line) => line.amount !== undefined);
  return {
    ...emptyDraft(),
    name,
    note,
    ...(isMeasured ? { basis: 'measured' as const, sizeBy: 'written' as const } : { basis }),
    lines: lines.map((line, i) => ({
      key: String(i),
      ingredient: line.ingredient,
      parts: line.amount ?? String(line.parts),
      ...(line.molten ? { molten: true } : {}),
      ...(line.tempC == null ? {} : { temp: typedAs(line.tempC, '°C', reads()) }),
    })),
  };
}

/** The bench with one formula on it, or with none yet. */
export async function Bench({ id }: { readonly id: number | null }) {
  const { db, shop, nowMs } = await session();
  const formula = id === null ? null : findFormula(db, id);
  if (id !== null && !formula) notFound();
  const revision = formula?.revisions[0];
  return (
    <>
      <div className="mb-4 flex flex-wrap items-baseline justify-between gap-4">
        <h1>{formula ? formula.name : wording.aNewFormula}</h1>
        <span className="text-soft">
          {wording.weightOrVolume}
          <Why of="weight-or-volume" />
        </span>
      </div>
      <BlendBench
        key={`${id}-${formula?.version ?? 0}`}
        id={id}
        version={formula?.version ?? 1}
        revision={revision ? { number: revision.number, isUsed: revision.isUsed } : null}
        initial={formula ? draftOf(formula) : emptyDraft()}
        around={aroundOf(db, lotsNow(db), shop.ambientC, revision?.id ?? null)}
        currency={shop.currency}
        today={dateOf(nowMs, shop.zone)}
      />
      <Doubted lots={lotsNow(db)} lines={revision?.lines.map((line) => line.ingredient) ?? []} />
      {formula ? <Tried db={db} lotIds={lotsOfFormula(db, formula.id)} /> : null}
      {formula ? <Revisions formula={formula} used={usesOfFormula(db, formula.id)} /> : null}
    </>
  );
}

/** Lots of a formula's lines that a check found wrong: not to be found out at the pot. */
function Doubted({ lots, lines }: { readonly lots: readonly KnownLot[]; readonly lines: readonly string[] }) {
  return lots.flatMap((lot) => {
    const { doubt } = lot;
    if (doubt?.number !== lot.number || lot.leftG <= 0 || lot.held || !lines.includes(materialIdOf(lot) ?? '')) return [];
    const { short, use } = DOUBT_WORDS[doubt.kind];
    return [
      <p key={lot.id} role="status" className="mt-4 border-late border-l-8 bg-paper px-4 py-2">
        <strong>
          ▲ <Link href={`/stores/lots/${lot.id}`}>{lot.number}</Link> {lot.title.toLowerCase()} {short}.
        </strong>{' '}
        {use}
      </p>,
    ];
  });
}
