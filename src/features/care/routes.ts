import 'server-only';
import { LANGUAGES, type Language } from '@/core/care';
import { dateOf } from '@/core/quantity';
import { careOf } from '@/data/care/owners';
import { findSold, soldPieces } from '@/data/care/queries';
import { now } from '@/data/clock';
import { database } from '@/data/db';
import { theShop } from '@/data/shop/queries';
import { session } from '../shop/session';
import { calendarOf } from './calendar';
import { languageOf } from './owner-page';
import { slipPdf, slipPicture, type SlipWish } from './pdf';
import { SLIP_SIZES, slipOf, tooLong } from './slip';

const missing = (): Response => new Response('There is no piece with this code.', { status: 404 });

function slipFor(code: string) {
  const db = database();
  const sold = findSold(db, code, now());
  return sold ? { slip: slipOf(sold, theShop(db)), sold } : null;
}

const languageNamed = (text: string | null | undefined): Language | undefined => LANGUAGES.find((one) => one === text);

/** Size and languages asked for: one side each, the second only when it is another. */
export function wishOf(asked: { readonly get: (name: string) => string | null | undefined }, own: Language): SlipWish {
  const first = languageNamed(asked.get('lang')) ?? own;
  const also = languageNamed(asked.get('also'));
  return {
    size: SLIP_SIZES.find((size) => size === asked.get('size')) ?? 'A6',
    languages: also && also !== first ? [first, also] : [first],
  };
}

/** One side of the slip as a picture of what is printed. */
export async function pictureResponse(request: Request, code: string): Promise<Response> {
  const found = slipFor(code);
  const asked = new URL(request.url).searchParams;
  const picture = found && (await slipPicture(found.slip, wishOf(asked, found.slip.language), Number(asked.get('side') ?? 0)));
  if (!picture) return missing();
  return new Response(new Uint8Array(picture), { headers: { 'content-type': 'image/png', 'cache-control': 'no-cache' } });
}

/** The slip as a PDF of the size and languages asked for. */
export async function pdfResponse(request: Request, code: string): Promise<Response> {
  const found = slipFor(code);
  if (!found) return missing();
  const wish = wishOf(new URL(request.url).searchParams, found.slip.language);
  const made = await slipPdf(found.slip, wish);
  if (!made) return new Response(tooLong(found.slip, wish), { status: 422 });
  return new Response(new Uint8Array(made.pdf), {
    headers: {
      'content-type': 'application/pdf',
      'content-disposition': `inline; filename="slip-${code}-${wish.size}-${wish.languages.join('-')}.pdf"`,
    },
  });
}

const asCalendar = (name: string, text: string): Response =>
  new Response(text, {
    headers: { 'content-type': 'text/calendar; charset=utf-8', 'content-disposition': `attachment; filename="${name}.ics"` },
  });

/** The dates to look of one piece as a calendar file. */
export function calendarResponse(request: Request, code: string): Response {
  const found = slipFor(code);
  if (!found) return missing();
  const language = languageOf(request, found.slip.language);
  return asCalendar(`care-${code}`, calendarOf([{ slip: found.slip, dates: found.sold.dates, language }]));
}

const AHEAD_MS = 120 * 86_400_000;

/** The looks of the coming months as a calendar: every sold piece for the shop, or those of one person. */
export async function shopCalendar(request: Request): Promise<Response> {
  const { db, shop, nowMs } = await session();
  const [today, until] = [dateOf(nowMs, shop.zone), dateOf(nowMs + AHEAD_MS, shop.zone)];
  const owner = new URL(request.url).searchParams.get('owner');
  const pieces = soldPieces(db, today).flatMap(({ code, buyer }) => {
    const keeps = careOf(db, code);
    const sold = keeps && !keeps.ended && (owner === null || keeps.ownerId === Number(owner)) ? findSold(db, code, nowMs) : null;
    if (!sold) return [];
    const dates = sold.dates.filter((date) => date >= today && date <= until);
    const slip = slipOf(sold, shop);
    return [
      {
        slip,
        dates,
        language: owner === null ? ('en' as const) : slip.language,
        ...(owner === null ? { whose: buyer ?? '' } : {}),
      },
    ];
  });
  return asCalendar(owner === null ? 'looks' : 'looks-of-one', calendarOf(pieces));
}
