import 'server-only';
import type { ReactNode } from 'react';
import { type Blend, blend } from '@/core/blend';
import { care } from '@/core/care';
import { a0Of } from '@/core/cure';
import { findIngredient, ingredientOf } from '@/core/material';
import { uptake } from '@/core/piece';
import { formatMoney, say, sayMinutes, saySizes } from '@/core/quantity';
import { allFormulas } from '@/data/blends/queries';
import { lotsNow, pricesPerKg } from '@/data/stores/queries';
import { hardeningOf } from '@/data/stores/senses';
import { CONTACT_WORDS, DRYING_WORDS, FEEL_WORDS, HEAT_WORDS, RAG_WORDS } from '@/messages';
import { compare as wording } from '@/messages/screens/blends';
import { shared } from '@/messages/screens/shared';
import { linkLook } from '@/ui/button';
import { familyFill } from '@/ui/family';
import { Link } from '@/ui/link';
import { reads } from '@/web/here';
import { catalogue } from '@/web/here-catalogue';
import { session } from '@/web/session';

const MOST = 4;
/** The board costs are spoken of: 420 × 260 × 24 mm, long grain, closed pores, first coat. */
const BOARD = { areaMm2: 2 * (420 * 260 + 420 * 24 + 260 * 24), endGrainMm2: 2 * 260 * 24, porosity: 'closed' as const };

const coatClass = ({ drying, waxFraction, knifeSurface }: Blend) =>
  !knifeSurface
    ? 'film'
    : waxFraction > 0.05
      ? drying === 'never'
        ? 'wax-paste'
        : 'oil-wax'
      : drying === 'never'
        ? 'flood-oil'
        : 'thin-oil';
const careClass = ({ drying, waxFraction, knifeSurface }: Blend) =>
  !knifeSurface
    ? 'film'
    : drying === 'never'
      ? waxFraction > 0.05
        ? 'oil-wax'
        : 'never-dry'
      : waxFraction > 0.05
        ? 'drying-oil-wax'
        : 'drying-oil';

function perBoard(made: Blend): { readonly grams: number; readonly minor: number | null } {
  const used = uptake({ ...BOARD, finishClass: coatClass(made), coats: 1, pieces: 1 });
  const grams = used.ok ? used.value.perPieceG : 0;
  return { grams, minor: made.costPerKg === null || made.costPerKg === undefined ? null : (grams / 1000) * made.costPerKg };
}

function upkeep(made: Blend, today: string, zone: string): string {
  const plan = care({ ...BOARD, finishClass: careClass(made), use: 'daily', wash: 'hand', from: today, horizonDays: 365, zone });
  return plan.ok && plan.value.intervalDays ? wording.lookEveryDays(plan.value.intervalDays) : 'nothing';
}

/** Hours until it is fit for food; what stays tacky never is. */
function fitWords(made: Blend): string {
  const needs = a0Of(
    made.lines.map((line) => ({ ingredient: ingredientOf(line.ingredient, catalogue()), w: line.massFraction })),
    catalogue(),
  );
  return needs ? `${sayMinutes(needs.hours * 60)} at ${say(20, '°C', reads(), 0)}` : wording.neverItStaysTacky;
}

type CompareRow = { readonly name: string; readonly of: (made: Blend) => ReactNode };

/** What formulas are compared by. */
const rowsOf = (currency: string, today: string, zone: string): readonly CompareRow[] => [
  {
    name: wording.feel,
    of: (made) => wording.ofBeeswax(FEEL_WORDS[made.consistency], say(made.waxEquivalent, 'fraction', reads())),
  },
  {
    name: wording.heat,
    of: (made) =>
      made.pourC === null
        ? HEAT_WORDS[made.heat]
        : wording.clearPour(
            say(made.clearC ?? 0, '°C', reads()),
            say(made.pourC, '°C', reads()),
            made.heatConflict ? wording.aboveItsCeiling : '',
          ),
  },
  {
    name: wording.cost,
    of: (made) => (made.costPerKg ? wording.perKg(formatMoney(made.costPerKg, currency)) : wording.aPriceIsMissing),
  },
  {
    name: wording.aBoardFirstCoat,
    of: (made) => {
      const { grams, minor } = perBoard(made);
      return `${say(grams, 'g', reads())}${minor === null ? '' : `, ${formatMoney(minor, currency)}`}`;
    },
  },
  { name: wording.drying, of: (made) => DRYING_WORDS[made.drying] },
  {
    name: wording.fitForFoodAfter,
    of: fitWords,
  },
  { name: wording.upkeepDailyUse, of: (made) => upkeep(made, today, zone) },
  { name: shared.allergens, of: (made) => made.allergens.join(', ') || shared.noneKnown },
  { name: wording.food, of: (made) => CONTACT_WORDS[made.contact] },
  { name: wording.cloths, of: (made) => RAG_WORDS[made.ragHazard] },
  { name: wording.keeps, of: (made) => wording.months(made.bestBeforeMonths) },
];

type SideProps = {
  readonly chosen: readonly { readonly id: number; readonly name: string; readonly made: Blend }[];
  readonly rows: readonly CompareRow[];
};

/** The formulas that were chosen, a column each. */
function SideBySide({ chosen, rows }: SideProps) {
  return (
    <div className="overflow-x-auto">
      <table className="w-full min-w-[40rem] table-fixed">
        <thead>
          <tr className="align-bottom">
            <th className="w-36 py-1 text-left font-normal" />
            {chosen.map(({ id, name }) => (
              <th key={id} scope="col" className="py-1 pr-5 text-left">
                <Link href={`/blends/${id}`}>{name}</Link>
              </th>
            ))}
          </tr>
          <tr>
            <th scope="row" className="py-2 text-left font-normal text-soft">
              {wording.plank}
            </th>
            {chosen.map(({ id, made }) => (
              <td key={id} className="py-2 pr-5">
                <span className="flex h-9 w-full border-ink border-y-2">
                  {made.lines.map((line) => (
                    <span
                      key={line.ingredient}
                      className="border-ink border-r last:border-r-0"
                      style={{
                        ...familyFill(findIngredient(line.ingredient, catalogue())?.family ?? ''),
                        width: `${line.massFraction * 100}%`,
                      }}
                    />
                  ))}
                </span>
                <span className="reading block text-sm text-soft">
                  {made.lines
                    .map(
                      (line) =>
                        `${say(line.massFraction, 'fraction', reads())} ${findIngredient(line.ingredient, catalogue())?.name.toLowerCase()}`,
                    )
                    .join(', ')}
                </span>
              </td>
            ))}
          </tr>
        </thead>
        <tbody>
          {rows.map(({ name, of }) => (
            <tr key={name} className="border-hair border-t align-top">
              <th scope="row" className="py-1.5 text-left font-normal text-soft">
                {name}
              </th>
              {chosen.map(({ id, made }) => (
                <td key={id} className="reading py-1.5 pr-5 font-semibold">
                  {of(made)}
                </td>
              ))}
            </tr>
          ))}
        </tbody>
      </table>
      <p className="mt-2 text-sm text-soft">{wording.feelCureUpkeepAnd(saySizes([420, 260, 24], reads()))}</p>
    </div>
  );
}

/** Up to four formulas on one scale. */
export async function Compare({ ids }: { readonly ids: readonly number[] }) {
  const { db, shop, nowMs } = await session();
  const formulas = allFormulas(db);
  const prices = pricesPerKg(lotsNow(db));
  const hardening = hardeningOf(db);
  const today = new Date(nowMs).toISOString().slice(0, 10);
  const chosen = ids.slice(0, MOST).flatMap((id) => {
    const formula = formulas.find((one) => one.id === id);
    const revision = formula?.revisions[0];
    const made = revision
      ? blend(
          { lines: revision.lines, basis: revision.basis, make: { massG: 1000 }, prices, hardening, ambientC: shop.ambientC },
          catalogue(),
        )
      : null;
    return formula && made?.ok ? [{ id, name: formula.name, made: made.value }] : [];
  });
  return (
    <>
      <div className="mb-3 flex flex-wrap items-baseline justify-between gap-4">
        <h1>{wording.formulasSideBySide}</h1>
        <Link href="/cost">{wording.whatFinishesCostOver}</Link>
      </div>
      <form className="mb-6 flex flex-wrap items-end gap-x-5 gap-y-1" action="/blends/compare">
        {formulas.map((formula) => (
          <label key={formula.id} className="flex min-h-11 items-center gap-2">
            <input
              type="checkbox"
              name="f"
              value={formula.id}
              defaultChecked={ids.includes(formula.id)}
              className="h-5 w-5 accent-ink"
            />
            {formula.name}
          </label>
        ))}
        <button type="submit" className={linkLook('plain')}>
          {wording.layThemSideBy}
        </button>
      </form>
      {ids.length > MOST ? <p className="mb-3 font-semibold text-late">{wording.fourFitBesideEach}</p> : null}
      {chosen.length === 0 ? <p>{wording.tickTwoToFour}</p> : null}
      {chosen.length > 0 ? <SideBySide chosen={chosen} rows={rowsOf(shop.currency, today, shop.zone)} /> : null}
    </>
  );
}
