import 'server-only';
import { notFound } from 'next/navigation';
import { COUNTRIES, LANGUAGES, type Language } from '@/core/care';
import type { Species } from '@/core/material';
import { dateOf, say } from '@/core/quantity';
import { bottlesFor } from '@/data/care/bottles';
import { ownerDataOf, reportsOf } from '@/data/care/owners';
import { findSold } from '@/data/care/queries';
import { countryName, LANGUAGE_NAMES, REPORT_WORDS } from '@/messages/care';
import { slipPage as wording } from '@/messages/screens/care';
import { SLIP_SIZES, type Slip, slipIn, tooLong } from '@/print/slip';
import type { Printed, SlipWish } from '@/print/slip-pdf';
import { SlipSide } from '@/print/slip-side';
import { linkLook } from '@/ui/button';
import { Link } from '@/ui/link';
import { PrintButton } from '@/ui/print-button';
import { longDate } from '@/ui/when';
import { reads } from '@/web/here';
import { session } from '@/web/session';
import { OwnerTools, PieceTools } from './components/owner-tools';
import { wishOf } from './routes';
import { slipOf } from './slip';
import { slipPdf, slipPicture } from './slip-print';

export type SlipAsked = { readonly size?: string; readonly lang?: string; readonly also?: string };

/** Woods of the shop's own that have no name in a language of the slip: it says them as they are. */
const untranslated = (
  woods: readonly Pick<Species, 'id' | 'name' | 'names' | 'like'>[],
  languages: readonly Language[],
): string[] =>
  languages.flatMap((language) =>
    woods
      .filter((wood) => wood.like !== undefined && language !== 'en' && !wood.names?.[language])
      .map((wood) => wording.hasNoNameIn(wood.name, LANGUAGE_NAMES[language])),
  );

/** The slip as it will be printed, a picture for each side. */
function SlipSides({
  made,
  wish,
  slip,
  code,
  query,
}: {
  readonly made: Printed | null;
  readonly wish: SlipWish;
  readonly slip: Slip;
  readonly code: string;
  readonly query: URLSearchParams;
}) {
  return (
    <div className="flex flex-col gap-4">
      {made ? (
        wish.languages.map((language, side) => (
          <SlipSide
            key={language}
            text={slipIn(slip, language, reads(), wish.size)}
            size={wish.size}
            address={`/slip/${code}/picture?${query}&side=${side}`}
          />
        ))
      ) : (
        <p role="alert" className="max-w-[105mm] border-2 border-late p-4 font-semibold text-late">
          ▲ {tooLong(slip, wish)}
        </p>
      )}
    </div>
  );
}

/** The slip of a sold piece as it is printed, where it can be had, and how the piece stands with its owner. */
export async function SlipPage({ code, asked }: { readonly code: string; readonly asked: SlipAsked }) {
  const { db, shop, nowMs } = await session();
  const sold = findSold(db, code, nowMs);
  const keeps = sold && ownerDataOf(db, code);
  if (!sold || !keeps) notFound();
  const slip = slipOf(sold, shop);
  const wish = wishOf(new Map(Object.entries(asked)), slip.language);
  const made = await slipPdf(slip, wish);
  // Drawn while the page is on its way; each side is then asked for by its address.
  for (const side of wish.languages.keys()) void slipPicture(slip, wish, side).catch(() => undefined);
  const query = new URLSearchParams({ size: wish.size, lang: wish.languages[0] ?? 'en', also: wish.languages[1] ?? '' });
  const today = dateOf(nowMs, shop.zone);
  const reports = reportsOf(db, keeps.plan.id);
  return (
    <div className="flex flex-wrap gap-10">
      <SlipSides made={made} wish={wish} slip={slip} code={code} query={query} />
      <div className="no-print max-w-xl grow basis-96">
        <h1>
          {wording.slip}
          <span className="reading">{slip.pieceNumber}</span>
        </h1>
        <p className="mt-1">
          {keeps.holder ?? wording.noOwnerIsNoted}
          {keeps.plan.country ? `, ${countryName(keeps.plan.country)}` : ''}
          {keeps.ended ? wording.thePieceIsNo : keeps.stopped ? wording.lettersAreStopped : ''}
        </p>
        {keeps.bounced ? <p className="font-semibold text-late">{wording.lettersToThisAddress}</p> : null}
        {untranslated(slip.woods ?? [], wish.languages).map((says) => (
          <p key={says} className="text-soft">
            {says}
          </p>
        ))}
        <SlipForm wish={wish} />
        {made ? (
          <div className="mt-4 flex flex-wrap items-center gap-3">
            <a href={`/slip/${code}/pdf?${query}`} className={linkLook('main', true)}>
              {wording.asPdf(wish.size)}
            </a>
            <PrintButton />
          </div>
        ) : null}
        <p className="mt-2 text-sm text-soft">
          {made ? wording.setInPtAs(made.pt.toFixed(1)) : ''}
          {shop.baseAddress ? wording.theCodeLeadsTo(slip.address) : wording.theCodeHoldsThe}
        </p>
        <p className="mt-3 flex flex-wrap gap-x-6 gap-y-1">
          <Link href={`/piece/${code}`}>{wording.thePieceAndWhat}</Link>
          <a href={`/care/${code}`}>{wording.theOwnersPage}</a>
          <a href={`/care/${code}/file?lang=${wish.languages[0]}`}>{wording.theSameAsA}</a>
          <a href={`/slip/${code}/ics`}>{wording.datesForACalendar}</a>
        </p>
        <WhatBecomesOfIt
          code={code}
          keeps={keeps}
          bottles={bottlesFor(db, sold.batch)}
          grams={slip.grams}
          today={today}
          currency={shop.currency}
        />
        {keeps.ownerId ? <OwnerTools ownerId={keeps.ownerId} /> : null}
        <SaidOfIt reports={reports} />
        <Looks dates={sold.dates.filter((date) => date >= today)} />
      </div>
    </div>
  );
}

type BecomesProps = {
  readonly code: string;
  readonly keeps: NonNullable<ReturnType<typeof ownerDataOf>>;
  readonly bottles: ReturnType<typeof bottlesFor>;
  /** What one treatment of the piece takes. */
  readonly grams: number;
  readonly today: string;
  readonly currency: string;
};

/** A bottle goes to it, it moves, changes hands or comes to its end. */
function WhatBecomesOfIt({ code, keeps, bottles, grams, today, currency }: BecomesProps) {
  return (
    <PieceTools
      code={code}
      now={{
        language: keeps.plan.language,
        country: keeps.plan.country ?? '',
        use: keeps.plan.use,
        wash: keeps.plan.wash,
      }}
      countries={COUNTRIES.map((id) => ({ value: id, name: countryName(id) })).sort((a, b) => a.name.localeCompare(b.name))}
      languages={LANGUAGES.map((id) => ({ value: id, name: LANGUAGE_NAMES[id] }))}
      today={today}
      currency={currency}
      bottles={bottles.map((one) => ({
        value: String(one.lotId),
        name: wording.leftTreatmentsOf(
          one.size || one.number,
          one.title,
          one.left,
          Math.floor(one.treatments),
          say(grams, 'g', reads()),
          one.brings.length > 0 ? wording.brings(one.brings.join(', ')) : '',
        ),
      }))}
      ended={keeps.ended}
    />
  );
}

/** How it is set; a form of the page's own address, which needs no script, and so has the browser's own lists. */
function SlipForm({ wish }: { readonly wish: ReturnType<typeof wishOf> }) {
  const named = LANGUAGES.map((one) => [one, LANGUAGE_NAMES[one]] as const);
  return (
    <form className="mt-4 flex flex-wrap items-end gap-3">
      <Setting says={wording.size} name="size" chosen={wish.size} options={SLIP_SIZES.map((size) => [size, size])} />
      <Setting says={wording.language} name="lang" chosen={wish.languages[0] ?? 'en'} options={named} />
      <Setting says={wording.onTheBack} name="also" chosen={wish.languages[1] ?? ''} options={[['', 'nothing'], ...named]} />
      <button type="submit" className={linkLook('plain')}>
        {wording.setItSo}
      </button>
    </form>
  );
}

/** What its owner and the shop said of it. */
function SaidOfIt({ reports }: { readonly reports: ReturnType<typeof reportsOf> }) {
  if (reports.length === 0) return null;
  return (
    <>
      <h2 className="mt-6 mb-1">{wording.whatWasSaidOf}</h2>
      <ul>
        {reports.map((one) => (
          <li key={one.id} className="flex flex-wrap gap-3 border-hair border-t py-1">
            <span className="reading w-36">{longDate(one.reportedOn)}</span>
            <span className="grow">
              {REPORT_WORDS[one.kind]}
              {one.note ? `: ${one.note}` : ''}
            </span>
            {one.photo ? <a href={`/api/photo?hash=${one.photo}`}>{wording.photo}</a> : null}
          </li>
        ))}
      </ul>
    </>
  );
}

const LOOKS_SHOWN = 16;

/** When it is to be looked at. */
function Looks({ dates }: { readonly dates: readonly string[] }) {
  return (
    <>
      <h2 className="mt-6 mb-1">{wording.looks}</h2>
      {dates.length === 0 ? <p className="text-soft">{wording.noneAreDue}</p> : null}
      <ol className="reading columns-2">
        {dates.slice(0, LOOKS_SHOWN).map((date) => (
          <li key={date}>{longDate(date)}</li>
        ))}
      </ol>
    </>
  );
}

type SettingProps = {
  readonly says: string;
  readonly name: string;
  readonly chosen: string;
  readonly options: readonly (readonly [value: string, name: string])[];
};

const Setting = ({ says, name, chosen, options }: SettingProps) => (
  <label className="flex flex-col">
    <span className="label">{says}</span>
    <select name={name} defaultValue={chosen} className="min-h-11 border-2 border-ink bg-paper px-2">
      {options.map(([value, option]) => (
        <option key={value} value={value}>
          {option}
        </option>
      ))}
    </select>
  </label>
);
