import 'server-only';
import { LANGUAGES, type Language } from '@/core/care';
import { dateOf } from '@/core/quantity';
import { bottlesFor } from '@/data/care/bottles';
import { ownerDataOf } from '@/data/care/owners';
import { findSold } from '@/data/care/queries';
import { now } from '@/data/clock';
import { type Db, database } from '@/data/db';
import { guessesAt } from '@/data/door/guesses';
import { fairPhoto } from '@/data/piece/piece';
import { findShop } from '@/data/shop/queries';
import type { Batch } from '@/data/work/batch';
import { addressOf } from '@/web/door';
import { smallPhoto } from '@/web/small-photo';
import { calendarOf } from './calendar';
import { missingHtml, type OwnerView, ownerHtml } from './owner-html';
import { slipOf } from './slip';

/** The language asked for in the address, else what is given. */
export function languageOf(request: Request, otherwise: Language): Language {
  const asked = new URL(request.url).searchParams.get('lang');
  return LANGUAGES.find((one) => one === asked) ?? otherwise;
}

const LONGEST_GUESS_MS = 4000;
const HEADERS = {
  'content-type': 'text/html; charset=utf-8',
  'cache-control': 'no-store',
  // Its forms must say where they come from, to this shop alone.
  'referrer-policy': 'same-origin',
  'x-content-type-options': 'nosniff',
  'content-security-policy':
    "default-src 'none'; img-src data:; style-src 'unsafe-inline'; form-action 'self'; base-uri 'none'; frame-ancestors 'none'",
} as const;

/** Dots on the longest side of the photo an owner sees. */
const PHOTO_SIDE = 720;
async function photoFor(batch: Batch): Promise<string | null> {
  const hash = fairPhoto(batch);
  return hash === null ? null : smallPhoto(hash, PHOTO_SIDE);
}

async function viewOf(db: Db, code: string, request: Request, as: OwnerView['as']): Promise<OwnerView | null> {
  const shop = findShop(db);
  const sold = shop && findSold(db, code, now());
  const keeps = sold && ownerDataOf(db, code);
  if (!shop || !sold || !keeps) return null;
  const today = dateOf(now(), shop.zone);
  // The dates that stand on the card are past or to be moved; the page names the next one itself.
  const slip = { ...slipOf(sold, shop), nextDates: [] };
  const bottles = slip.grams > 0 ? bottlesFor(db, sold.batch).filter((one) => one.brings.length === 0) : null;
  const language = languageOf(request, slip.language);
  return {
    slip,
    language,
    next: sold.dates.find((date) => date >= today) ?? null,
    lastReOiled: keeps.reOiledOn.at(-1) ?? null,
    stopped: keeps.stopped,
    ended: keeps.ended,
    refills: bottles && [...new Set(bottles.map((one) => one.size).filter(Boolean))],
    told: new URL(request.url).searchParams.get('told'),
    as,
    photo: await photoFor(sold.batch),
    calendar: calendarOf([{ slip, dates: sold.dates, language }]),
  };
}

/** What an owner sees: how to care, the next look by date and by water drop, and what can be told to the shop. No shop data, no script. */
export async function ownerPage(request: Request, code: string): Promise<Response> {
  const view = await viewOf(database(), code, request, 'page');
  return view ? new Response(ownerHtml(view), { headers: HEADERS }) : missing(request);
}

/** A wrong code is answered slower each time; a right one never waits, and no one is locked out: behind a proxy all come from one address. */
async function missing(request: Request): Promise<Response> {
  const guess = guessesAt('code').begin(addressOf(request.headers), Date.now());
  await new Promise((resolve) => setTimeout(resolve, Math.min(guess.waitMs, LONGEST_GUESS_MS)));
  return new Response(missingHtml(languageOf(request, 'en')), { status: 404, headers: HEADERS });
}

/** The same as one file that can be put anywhere. */
export async function ownerFile(request: Request, code: string): Promise<Response> {
  const view = await viewOf(database(), code, request, 'file');
  return view
    ? new Response(ownerHtml(view), {
        headers: { ...HEADERS, 'content-disposition': `attachment; filename="care-${code}-${view.language}.html"` },
      })
    : missing(request);
}
