import 'server-only';
import { calendarOf } from './calendar';
import { slipFor } from './care';
import { slipPdf } from './pdf';

const missing = (): Response => new Response('There is no piece with this code.', { status: 404 });

/** The slip as an A6 PDF. */
export async function pdfResponse(code: string): Promise<Response> {
  const found = await slipFor(code);
  if (!found) return missing();
  return new Response(new Uint8Array(await slipPdf(found.slip)), {
    headers: { 'content-type': 'application/pdf', 'content-disposition': `inline; filename="slip-${code}.pdf"` },
  });
}

/** The dates to look as a calendar file. */
export async function calendarResponse(code: string): Promise<Response> {
  const found = await slipFor(code);
  if (!found) return missing();
  return new Response(calendarOf(found.slip, found.sold.dates), {
    headers: { 'content-type': 'text/calendar; charset=utf-8', 'content-disposition': `attachment; filename="care-${code}.ics"` },
  });
}
