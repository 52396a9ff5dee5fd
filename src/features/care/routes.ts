import 'server-only';
import { LANGUAGES, type Language } from '@/core/care';
import { dateOf, MS_PER_DAY } from '@/core/quantity';
import { codesOf } from '@/data/care/owners';
import { careLooksBetween, findSold } from '@/data/care/queries';
import { now } from '@/data/clock';
import { database } from '@/data/db';
import { theShop } from '@/data/shop/queries';
import { careCareRoutes as wording } from '@/messages/screens/care';
import { SLIP_SIZES, tooLong } from '@/print/slip';
import type { SlipWish } from '@/print/slip-pdf';
import { session } from '@/web/session';
import { calendarOf, looksCalendar } from './calendar';
import { languageOf } from './owner-page';
import { slipOf } from './slip';
import { slipPdf, slipPicture } from './slip-print';

const missing = (): Response => new Response(wording.thereIsNoPiece, { status: 404 });

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

const AHEAD_MS = 120 * MS_PER_DAY;

/** The looks of the coming months as a calendar: by day for the shop, or those of one person's pieces with how to care for each. */
export async function shopCalendar(request: Request): Promise<Response> {
  const { db, shop, nowMs } = await session();
  const [today, until] = [dateOf(nowMs, shop.zone), dateOf(nowMs + AHEAD_MS, shop.zone)];
  const owner = new URL(request.url).searchParams.get('owner');
  if (owner === null) return asCalendar('looks', looksCalendar(careLooksBetween(db, today, until)));
  const pieces = codesOf(db, Number(owner)).flatMap((code) => {
    const sold = findSold(db, code, nowMs);
    if (!sold) return [];
    const slip = slipOf(sold, shop);
    return [{ slip, dates: sold.dates.filter((date) => date >= today && date <= until), language: slip.language }];
  });
  return asCalendar('looks-of-one', calendarOf(pieces));
}
