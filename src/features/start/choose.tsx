import 'server-only';
import { z } from 'zod';
import { type Choice, COLOURS, type FinishWish, OWNERS, SHINES } from '@/core/choose';
import { allIngredients, likeOf, ORIGINS, type Origin, PIECE_USES, type Species } from '@/core/material';
import { say } from '@/core/quantity';
import { allDesigns, type Design } from '@/data/catalogue/catalogue';
import { allWoods } from '@/data/catalogue/woods';
import { costOfChoice } from '@/data/cost/finish-costs';
import type { Db } from '@/data/db';
import { ownRules } from '@/data/guide/rules';
import { finishesFor } from '@/data/stores/candidates';
import { colourSeen, taughtOf } from '@/data/trials/teach';
import { ORIGIN_WORDS, OWNER_WORDS, sayChoice, sayReason, USE_WORDS, VERDICT_WORDS } from '@/messages';
import { shared } from '@/messages/screens/shared';
import { choose as wording } from '@/messages/screens/start';
import { lookOf } from '@/trade/drawing/look';
import { PieceMark } from '@/trade/drawing/piece-mark';
import { ScoreLine } from '@/trade/drawing/regimen-score';
import { GlyphSheet } from '@/trade/drawing/step-glyph';
import { Why } from '@/trade/why';
import { linkLook } from '@/ui/button';
import { Link } from '@/ui/link';
import { reads } from '@/web/here';
import { catalogue } from '@/web/here-catalogue';
import { session } from '@/web/session';

const allergens = (): string[] => [...new Set(allIngredients(catalogue()).flatMap((one) => one.allergens))].sort();
const SHINE_WORDS = { any: 'no matter', matt: 'none', gloss: 'a shine' } as const;
const COLOUR_WORDS = { any: 'no matter', 'as-it-is': 'as it is', warm: 'warmer' } as const;
/** A wood nobody has named yet: one that is fit for food and holds nothing back. */
const ANY_WOOD = { food: 'good', keepOff: [], slowsCure: false } as const;

const many = <T extends z.ZodType>(item: T) => z.preprocess((value) => [value ?? []].flat(), z.array(item));
const Asked = z.object({
  uses: many(z.enum(PIECE_USES)).catch([]),
  closed: z.literal('yes').optional().catch(undefined),
  owner: z.enum(OWNERS).catch('unknown'),
  avoid: many(z.string().max(100)).catch([]),
  days: z.coerce.number<unknown>().positive().max(400).nullable().catch(null),
  shine: z.enum(SHINES).catch('any'),
  colour: z.enum(COLOURS).catch('any'),
  wood: z.string().max(100).catch(''),
  origin: z.enum(ORIGINS).catch('bought'),
  piece: z.coerce.number<unknown>().int().positive().nullable().catch(null),
});

type WishFormProps = {
  readonly wish: FinishWish;
  readonly wood: string;
  readonly origin: (typeof ORIGINS)[number];
  readonly daysTyped: string;
  readonly piece: number | null;
  readonly woods: readonly Species[];
};

/** What is asked, as a form of the page's own address. */
function WishForm({ piece, wish, wood, origin, daysTyped, woods }: WishFormProps) {
  return (
    <form className="flex flex-col gap-3" action="/work/choose">
      {piece === null ? null : <input type="hidden" name="piece" value={piece} />}
      <Ticks
        name="uses"
        legend={wording.itIsForNothing}
        options={PIECE_USES.map((use) => [use, USE_WORDS[use]])}
        chosen={wish.uses}
      />
      <Ticks name="closed" legend={wording.and} options={[['yes', wording.keptUnderALid]]} chosen={wish.closed ? ['yes'] : []} />
      <Pick
        name="wood"
        label={shared.wood}
        options={[
          ['', wording.oneThatIsFit],
          ...woods.map((one) => [one.id, one.food === 'good' ? one.name : `${one.name}, ${VERDICT_WORDS[one.food]}`] as const),
        ]}
        chosen={wood}
      />
      <Pick name="origin" label={wording.itWas} options={ORIGINS.map((one) => [one, ORIGIN_WORDS[one]])} chosen={origin} />
      <div>
        <Pick name="owner" label={wording.itsOwner} options={Object.entries(OWNER_WORDS)} chosen={wish.owner} />
        <Why of="drying-on-boards" />
      </div>
      <Ticks name="avoid" legend={wording.without} options={allergens().map((one) => [one, one])} chosen={wish.avoid} />
      <label className="flex flex-col gap-1">
        <span className="label">{wording.daysUntilItMust}</span>
        <input
          name="days"
          inputMode="numeric"
          autoComplete="off"
          defaultValue={daysTyped}
          className="min-h-11 border-0 border-ink border-b-2 bg-paper px-3"
          aria-invalid={daysTyped !== '' && wish.days === null}
        />
        {daysTyped !== '' && wish.days === null ? (
          <span className="font-semibold text-late">{wording.isNoNumberOf(daysTyped)}</span>
        ) : null}
      </label>
      <div className="grid grid-cols-2 gap-4">
        <Pick name="shine" label={wording.shine} options={Object.entries(SHINE_WORDS)} chosen={wish.shine} />
        <Pick name="colour" label={wording.colour} options={Object.entries(COLOUR_WORDS)} chosen={wish.colour} />
      </div>
      <button type="submit" className={linkLook('main', true)}>
        {wording.rankThem}
      </button>
    </form>
  );
}

/** The finishes that fit, the best first. */
function Fits({
  fit,
  species,
  wood,
  origin,
  design,
  wish,
  costs,
  db,
}: {
  readonly fit: Choice[];
  readonly species: Species | undefined;
  readonly wood: string;
  readonly origin: Origin;
  readonly design: Design | undefined;
  readonly wish: FinishWish;
  readonly costs: (choice: Choice) => string;
  readonly db: Db;
}) {
  return (
    <ol>
      {fit.map((one, i) => (
        <Row
          key={one.regimen.id}
          choice={one}
          place={i + 1}
          wood={species ? wood : ''}
          origin={origin}
          piece={design?.revisionId ?? null}
          wish={wish}
          costs={costs(one)}
          tried={triedWords(db, one, species?.id ?? null)}
        />
      ))}
    </ol>
  );
}

/** Which finish for which piece: what it is for and who owns it decide, not the maker’s habit. */
export async function Choose({ asked }: { readonly asked: Record<string, string | string[] | undefined> }) {
  const { db, shop, nowMs } = await session();
  const { closed, wood, origin, piece, uses, ...said } = Asked.parse({
    ...asked,
    days: asked.days || null,
    piece: asked.piece || null,
  });
  const designs = allDesigns(db);
  const design = designs.find((one) => one.revisionId === piece);
  const woods = allWoods(db);
  const species = woods.find((one) => one.id === wood);
  const { food, keepOff, slowsCure } = species ?? ANY_WOOD;
  // What the piece is for, until somebody ticks otherwise.
  const wish: FinishWish = {
    ...said,
    uses: uses.length > 0 ? uses : [...(design?.uses ?? [])],
    closed: closed === 'yes',
    wood: { food, keepOff: [...keepOff], origin, slowsCure },
    ...(design ? { piece: design.geometry } : {}),
    ...(species ? { woodId: likeOf(species) } : {}),
    rules: ownRules(db),
  };
  const choices = finishesFor(db, wish);
  const [fit, refused] = [choices.filter((one) => one.refused.length === 0), choices.filter((one) => one.refused.length > 0)];
  const [first] = fit;
  // What each costs, of a piece and a wood that are named, over five years.
  const costs = (choice: Choice): string => {
    if (!design || !species) return '';
    const by = wish.owner === 're-oils' ? 'owner' : wish.owner === 'will-not' ? 'nobody' : 'owner';
    const found = costOfChoice(db, choice, { design, species, by, years: 5 }, nowMs);
    return found ? wording.atFirstAYear(found.likely.first.toFixed(2), shop.currency, found.likely.perYear.toFixed(2)) : '';
  };
  return (
    <>
      <GlyphSheet />
      <h1 className="mb-3">{wording.whichFinish}</h1>
      <Pieces designs={designs} chosen={design ?? null} wood={species ? wood : ''} />
      <div className="grid gap-x-10 gap-y-6 bench:grid-cols-[19rem_minmax(0,1fr)]">
        <WishForm
          key={JSON.stringify(asked)}
          piece={design?.revisionId ?? null}
          wish={wish}
          wood={species ? wood : ''}
          origin={origin}
          woods={woods}
          daysTyped={String(asked.days ?? '')}
        />
        <div>
          {first ? (
            <p className="mb-3 border-fit border-l-8 bg-paper px-4 py-3 text-lg" data-testid="say-aloud">
              <span className="label block">{wording.toSayAloud}</span>
              {sayChoice(first, wish)}
            </p>
          ) : null}
          <Fits fit={fit} species={species} wood={wood} origin={origin} design={design} wish={wish} costs={costs} db={db} />
          {fit.length === 0 ? <p className="font-semibold text-late">{wording.nothingInTheStores}</p> : null}
          {refused.length > 0 ? <h2 className="mt-6 mb-1">{wording.refused}</h2> : null}
          <ul>
            {refused.map(({ regimen, refused: why }) => (
              <li key={regimen.id} className="border-hair border-t py-1.5">
                <span className="font-semibold">{regimen.name}</span>{' '}
                <span className="text-late">▲ {why.map(sayReason).join('; ')}</span>
              </li>
            ))}
          </ul>
          <p className="mt-4 max-w-prose text-sm text-soft">{wording.aRankingOfWorking(say(20, '°C', reads(), 0))}</p>
        </div>
      </div>
    </>
  );
}

/** What trials have shown of a finish on a wood: how it colours it, and by what its upkeep was moved; each with what it rests on. */
function triedWords(db: Db, { regimen, lots }: Choice, wood: string | null): string {
  if (wood === null) return '';
  const finish = { regimenId: regimen.id, ingredients: lots.flatMap(({ lot }) => lot.ingredients), speciesId: wood };
  const colour = colourSeen(db, finish);
  const taught = taughtOf(db, finish);
  return [
    colour ? wording.inYourTrialsE(colour.words, colour.deltaE.toFixed(1), colour.boards) : '',
    taught.trials > 0
      ? wording.washingMovedItsUpkeep(
          taught.factor > 1 ? '+' : '−',
          Math.abs(Math.round(100 * (taught.factor - 1))),
          taught.boards,
        )
      : '',
  ]
    .filter(Boolean)
    .join(' ');
}

type PiecesProps = { readonly designs: readonly Design[]; readonly chosen: Design | null; readonly wood: string };

/** It begins with the piece: what it is for follows from it, until somebody says otherwise. */
function Pieces({ designs, chosen, wood }: PiecesProps) {
  if (designs.length === 0) return null;
  return (
    <ul aria-label={wording.whichPiece} className="mb-5 flex flex-wrap gap-2">
      {designs.map((one) => (
        <li key={one.revisionId}>
          <Link
            href={`/work/choose?piece=${one.revisionId}${wood === '' ? '' : `&wood=${wood}`}`}
            aria-current={one === chosen ? 'true' : undefined}
            className={`flex min-h-11 flex-col items-center gap-1 border-2 px-3 py-2 no-underline hover:underline ${one === chosen ? 'border-ink bg-paper font-semibold' : 'border-rule'}`}
          >
            <span className="flex h-12 items-end">
              <PieceMark look={lookOf(one.geometry, wood || 'sycamore')} />
            </span>
            {one.name}
          </Link>
        </li>
      ))}
    </ul>
  );
}

/** Where a choice is begun: the regimen with the lots it named, and the wood that was asked about. */
function startOf(
  { regimen, lots }: Choice,
  { wood, origin, piece, wish }: Omit<RowProps, 'choice' | 'place' | 'costs' | 'tried'>,
): string {
  const asked = new URLSearchParams({ regimen: regimen.id, origin });
  for (const { slot, lot } of lots) asked.set(`lot.${slot}`, String(lot.id));
  // What it is for and who keeps it go with it, to the batch and the slip.
  for (const use of wish.uses) asked.append('uses', use);
  asked.set('upkeep', wish.owner);
  if (wood !== '') asked.set('wood', wood);
  if (piece !== null) asked.set('piece', String(piece));
  return `/work/new?${asked.toString()}`;
}

type RowProps = {
  readonly piece: number | null;
  readonly choice: Choice;
  readonly place: number;
  readonly wood: string;
  readonly origin: string;
  readonly wish: FinishWish;
  /** What it costs, and what a trial has shown of it; empty where nothing is known. */
  readonly costs: string;
  readonly tried: string;
};

function Row({ choice, place, wood, origin, piece, wish, costs: money, tried }: RowProps) {
  const { regimen, lots, gains, costs, readyDays } = choice;
  return (
    <li className="grid grid-cols-[2.5rem_minmax(0,1fr)_auto] items-start gap-x-3 border-rule border-t py-3">
      <span className="reading text-2xl font-semibold leading-none">{place}</span>
      <div>
        <p>
          <strong>{regimen.name}</strong> <span className="text-soft">{regimen.school}</span>
        </p>
        <div className="my-1 max-w-xl">
          <ScoreLine steps={regimen.steps} name={regimen.name} />
        </div>
        {gains.length > 0 ? <p className="text-fit">● {gains.map(sayReason).join('; ')}</p> : null}
        {costs.length > 0 ? <p className="text-late">▲ {costs.map(sayReason).join('; ')}</p> : null}
        {tried ? <p className="text-sm">{tried}</p> : null}
        {money ? (
          <p className="reading text-sm">
            {money}. <Link href={`/cost?piece=${piece ?? ''}&wood=${wood}`}>{wording.overTheYears}</Link>
          </p>
        ) : null}
        <p className="text-sm text-soft">
          {regimen.costs}{' '}
          {lots.length > 0 ? wording.withWord(lots.map(({ lot }) => `${lot.title} (${lot.number})`).join(' and ')) : ''}
        </p>
      </div>
      <div className="text-right">
        <p className="reading font-semibold">{readyDays < 1 ? wording.theSameDay : wording.aboutDays(Math.ceil(readyDays))}</p>
        <Link href={startOf(choice, { wood, origin, piece, wish })}>{wording.startWithIt}</Link>
      </div>
    </li>
  );
}

type Options = readonly (readonly [value: string, name: string])[];

type TicksProps = {
  readonly name: string;
  readonly legend: string;
  readonly options: Options;
  readonly chosen: readonly string[];
};

function Ticks({ name, legend, options, chosen }: TicksProps) {
  return (
    <fieldset>
      <legend className="label">{legend}</legend>
      <div className="flex flex-wrap gap-x-5">
        {options.map(([value, says]) => (
          <label key={value} className="flex min-h-11 items-center gap-2">
            <input
              type="checkbox"
              name={name}
              value={value}
              defaultChecked={chosen.includes(value)}
              className="h-5 w-5 accent-ink"
            />
            {says}
          </label>
        ))}
      </div>
    </fieldset>
  );
}

type PickProps = {
  readonly name: string;
  readonly label: string;
  readonly options: Options;
  readonly chosen: string;
};

function Pick({ name, label, options, chosen }: PickProps) {
  return (
    <label className="flex flex-col gap-1">
      <span className="label">{label}</span>
      <select name={name} defaultValue={chosen} className="min-h-11 border-0 border-ink border-b-2 bg-paper px-3">
        {options.map(([value, says]) => (
          <option key={value} value={value}>
            {says}
          </option>
        ))}
      </select>
    </label>
  );
}
