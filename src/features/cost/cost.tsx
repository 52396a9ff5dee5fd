import 'server-only';
import { z } from 'zod';
import { crossings, type RestsOn, UPKEEPERS, type Upkeeper } from '@/core/cost';
import { findIngredient } from '@/core/material';
import { figure, sayMinutes, toMajor } from '@/core/quantity';
import { allDesigns } from '@/data/catalogue/catalogue';
import { allWoods } from '@/data/catalogue/woods';
import { type FinishCost, finishCosts, usedPerMonth } from '@/data/cost/finish-costs';
import type { Db } from '@/data/db';
import { lotsNow, materialIdOf } from '@/data/stores/queries';
import { cost as wording } from '@/messages/screens/cost';
import { linkLook } from '@/ui/button';
import { Fold } from '@/ui/fold';
import { dashOf, LINE_LETTERS, toneOf } from '@/ui/line-look';
import { reads } from '@/web/here';
import { catalogue } from '@/web/here-catalogue';
import { session } from '@/web/session';
import { type BoughtPack, LitreOrBottle } from './components/litre-or-bottle';
import { type YearLine, YearsChart } from './components/years-chart';

const Asked = z.object({
  piece: z.coerce.number<unknown>().int().positive().nullable().catch(null),
  wood: z.string().max(100).catch(''),
  years: z.coerce.number<unknown>().min(0.5).max(30).catch(5),
  by: z.enum(UPKEEPERS).catch('owner'),
});

const BY_WORDS: Readonly<Record<Upkeeper, string>> = {
  owner: wording.anOwnerWhoRe,
  maker: wording.youForThem,
  nobody: 'nobody',
};
/** So many lines are told apart on a chart. */
const DRAWN = 6;

const REST_WORDS: Readonly<Record<RestsOn['of'], (count: number) => string>> = {
  weighings: (count) => wording.weighingsOfACoat(count),
  batches: (count) => wording.minutesOfBatches(count),
  months: (count) => wording.monthsOfWhatIs(count),
  boards: (count) => wording.boardsOfAWashing(count),
  sold: (count) => wording.whatCameBackOf(count),
};

const nameOf = ({ choice: { regimen, lots } }: FinishCost): string =>
  lots.length > 0 ? `${regimen.name}: ${lots.map(({ lot }) => lot.title).join(', ')}` : regimen.name;

/** What a piece costs by each finish that suits it: at first, by the year, over as long as one says. */
export async function Cost({ asked }: { readonly asked: Record<string, string | string[] | undefined> }) {
  const { db, shop, nowMs } = await session();
  const { piece, wood, years, by } = Asked.parse(asked);
  const designs = allDesigns(db);
  const woods = allWoods(db);
  const design = designs.find((one) => one.revisionId === piece) ?? designs[0];
  const species = woods.find((one) => one.id === wood) ?? woods.find((one) => one.id === 'sycamore');
  const costs = design && species ? finishCosts(db, { design, species, by, years }, nowMs) : [];
  const id = (one: FinishCost): string => `c${costs.indexOf(one)}`;
  // One of each sort is drawn, its cheapest: what differs in kind is what crosses.
  const drawn = firstOf(
    costs.filter((one) => one.unpriced.length === 0),
    (one) => one.choice.regimen.careClass,
  ).slice(0, DRAWN);
  const lines = drawn.map(
    (one, i): YearLine => ({
      id: id(one),
      letter: LINE_LETTERS[i] ?? '',
      first: one.likely.first,
      perYear: one.likely.perYearUpkeep,
      tone: toneOf(i),
      dash: dashOf(i),
    }),
  );
  const cross = crossings(lines, years);
  const named = (of: string): string => {
    const one = costs.find((row) => id(row) === of);
    return one ? nameOf(one) : of;
  };
  return (
    <>
      <h1>{wording.whatAFinishCosts}</h1>
      <AskedForm
        designs={designs.map((one) => [String(one.revisionId), one.name])}
        woods={woods.map((one) => [one.id, one.name])}
        chosen={{ piece: String(design?.revisionId ?? ''), wood: species?.id ?? '', years: String(years), by }}
      />
      {costs.length === 0 ? (
        <p className="mt-4 max-w-prose">{wording.noFinishInThe}</p>
      ) : (
        <div className="mt-4 grid gap-x-12 gap-y-8 wide:grid-cols-[minmax(0,1.1fr)_minmax(0,1fr)]">
          <section aria-label={wording.overTheYears}>
            <h2>{wording.overYears(figure(years, 'h', reads(), years % 1 === 0 ? 0 : 1))}</h2>
            <ul className="my-2 text-lg" data-testid="crossings">
              {cross.slice(0, 4).map((one) => (
                <li key={`${one.dear} ${one.cheap}`}>
                  {wording.after(yearsWords(one.years))}
                  <strong>{named(one.dear)}</strong>
                  {wording.hasCostLessThan(named(one.cheap))}
                </li>
              ))}
              {cross.length === 0 ? <li>{wording.whatIsCheapestOn}</li> : null}
            </ul>
            <YearsChart lines={lines} years={years} crossings={cross} />
            <p className="text-sm text-soft">
              {wording.moneyInForOne(
                shop.currency,
                shop.hourMinor === null ? wording.nothingNoHoursPrice : wording.anHour(toMajor(shop.hourMinor, shop.currency)),
                BY_WORDS[by],
              )}
            </p>
          </section>
          <CostTable costs={costs} drawn={drawn} currency={shop.currency} />
        </div>
      )}
      <div className="mt-10">
        <LitreOrBottle bought={boughtNow(db, nowMs, shop.currency)} currency={shop.currency} />
      </div>
    </>
  );
}

/** The first of each kind, in the order they stand in. */
const firstOf = <T,>(all: readonly T[], kind: (one: T) => string): T[] =>
  all.filter((one, i) => all.findIndex((other) => kind(other) === kind(one)) === i);

const yearsWords = (years: number): string =>
  years < 1 ? wording.months(Math.max(1, Math.round(years * 12))) : wording.years(years.toFixed(1).replace('.0', ''));

type Options = readonly (readonly [value: string, name: string])[];
type AskedProps = {
  readonly designs: Options;
  readonly woods: Options;
  readonly chosen: Readonly<Record<'piece' | 'wood' | 'years' | 'by', string>>;
};

const BOX = 'min-h-11 border-0 border-ink border-b-2 bg-paper px-3';

/** What is asked, as a form of the page's own address. */
function AskedForm({ designs, woods, chosen }: AskedProps) {
  const pick = (name: 'piece' | 'wood' | 'by', label: string, options: Options) => (
    <label className="flex flex-col gap-1">
      <span className="label">{label}</span>
      <select name={name} defaultValue={chosen[name]} className={BOX}>
        {options.map(([value, says]) => (
          <option key={value} value={value}>
            {says}
          </option>
        ))}
      </select>
    </label>
  );
  return (
    <form action="/cost" className="mt-3 flex flex-wrap items-end gap-4" key={JSON.stringify(chosen)}>
      {pick('piece', 'Piece', designs)}
      {pick('wood', 'Wood', woods)}
      {pick(
        'by',
        wording.keptUpBy,
        UPKEEPERS.map((one) => [one, BY_WORDS[one]]),
      )}
      <label className="flex flex-col gap-1">
        <span className="label">{wording.years2}</span>
        <input name="years" inputMode="decimal" defaultValue={chosen.years} autoComplete="off" className={`${BOX} w-24`} />
      </label>
      <button type="submit" className={linkLook('main')}>
        {wording.reckon}
      </button>
    </form>
  );
}

const money = (value: number): string => value.toFixed(2);

type TableProps = {
  readonly costs: readonly FinishCost[];
  readonly drawn: readonly FinishCost[];
  readonly currency: string;
};

/** The cheapest way of each regimen, those that are drawn with their letters; other lots for the same are a touch away. */
function CostTable({ costs, drawn, currency }: TableProps) {
  const priced = costs.filter((one) => one.unpriced.length === 0);
  const unpriced = costs.filter((one) => one.unpriced.length > 0);
  const cheapest = firstOf(priced, (one) => one.choice.regimen.id);
  const others = priced.filter((one) => !cheapest.includes(one));
  const letter = (one: FinishCost): string => LINE_LETTERS[drawn.indexOf(one)] ?? '';
  return (
    <section aria-label={wording.eachFinish}>
      <h2>{wording.eachFinish}</h2>
      <ol>
        {cheapest.map((one) => (
          <CostRow key={nameOf(one)} one={one} letter={letter(one)} currency={currency} />
        ))}
      </ol>
      {others.length > 0 ? (
        <Fold says={wording.theSameWithOther(others.length)} className="border-rule border-t">
          <ol>
            {others.map((one) => (
              <CostRow key={nameOf(one)} one={one} letter="" currency={currency} />
            ))}
          </ol>
        </Fold>
      ) : null}
      {unpriced.length > 0 ? (
        <>
          <h3 className="mt-4">{wording.withoutAPrice}</h3>
          <p className="text-sm text-soft">{wording.tooLittleIsReckoned}</p>
          <ol>
            {unpriced.map((one) => (
              <CostRow key={nameOf(one)} one={one} letter={letter(one)} currency={currency} />
            ))}
          </ol>
        </>
      ) : null}
      <p className="mt-2 text-sm text-soft">{wording.finishesAGateWould}</p>
    </section>
  );
}

const isUndeclared = ({ choice }: FinishCost): boolean => choice.lots.some(({ lot }) => lot.layer.undeclared);

type RowProps = { readonly one: FinishCost; readonly letter: string; readonly currency: string };

/** One finish: its figures, and what they are made of and rest on behind them. */
function CostRow({ one, letter, currency }: RowProps) {
  return (
    <li className="border-hair border-t">
      <Fold
        line="row"
        lineClass="w-full cursor-pointer py-1"
        className="text-sm"
        says={
          <span className="grid w-full grid-cols-[1.5rem_minmax(0,1fr)_auto] items-baseline gap-x-3">
            <span className="reading font-bold">{letter}</span>
            <span>
              <strong className="text-base">{nameOf(one)}</strong>
              {isUndeclared(one) ? <span className="text-soft">{wording.contentsNotAllDeclared}</span> : null}
              <span className="reading block text-soft">
                {wording.atFirstEachYear(
                  money(one.likely.first),
                  money(one.likely.perYearUpkeep),
                  money(one.low.total),
                  money(one.high.total),
                )}
              </span>
            </span>
            <span className="reading font-semibold">{wording.aYear(money(one.likely.perYear), currency)}</span>
          </span>
        }
      >
        <ul className="mb-2 ml-9">
          <li>
            {wording.finishHandsAPiece(
              money(one.likely.materials),
              money(one.likely.hands),
              sayMinutes(one.handsMin),
              money(one.likely.first - one.likely.materials - one.likely.hands),
            )}
          </li>
          <li>
            {one.intervalDays === null
              ? wording.nothingIsRenewed
              : wording.renewedEveryDaysTimes(one.intervalDays, one.likely.treatmentsPerYear.toFixed(1))}{' '}
            {one.returnsPerYear > 0 ? wording.inComeBackAnd((100 * one.returnsPerYear).toFixed(1)) : wording.noneCameBackSo}
          </li>
          {one.waste > 0 ? <li>{wording.ofACoatEnds(Math.round(100 * one.waste))}</li> : null}
          {one.spoils > 0 ? (
            <li className="font-semibold text-late">{wording.ofTheTinGoes(Math.round(100 * one.spoils))}</li>
          ) : null}
          {one.unpriced.length > 0 ? (
            <li className="font-semibold text-late">{wording.notInItWhose(one.unpriced.join(', '))}</li>
          ) : null}
          <li className="text-soft">
            {wording.theSpanFromAn(
              one.rests.length > 0
                ? wording.restsOn(one.rests.map(({ count, of }) => REST_WORDS[of](count)).join(', '))
                : wording.workingFiguresOfThe,
            )}
          </li>
        </ul>
      </Fold>
    </li>
  );
}

/** What is bought, as it was bought last, with what is used of it. */
function boughtNow(db: Db, nowMs: number, currency: string): BoughtPack[] {
  const lots = lotsNow(db);
  return [...usedPerMonth(db, nowMs)].flatMap(([id, { name, grams }]): BoughtPack[] => {
    const last = lots
      .filter((lot) => materialIdOf(lot) === id && lot.priceMinor !== null)
      .sort((a, b) => a.at - b.at)
      .at(-1);
    if (!last || last.priceMinor === null) return [];
    return [
      {
        name,
        price: String(toMajor(last.priceMinor, currency)),
        grams: `${Math.round(last.receivedG)} g`,
        usedPerMonth: `${Math.max(1, Math.round(grams))} g`,
        keepsMonths: String(findIngredient(id, catalogue())?.shelfMonths ?? 24),
      },
    ];
  });
}
