import 'server-only';
import { ReleaseRecord } from '@/core/release';
import { signedRecord } from '@/data/release/commands';
import { recordRoute as wording } from '@/messages/screens/release';
import { recordTime } from '@/print/record-body';
import { recordPdf } from '@/print/record-pdf';
import { download } from '@/web/csv';
import { reads } from '@/web/here';
import { session } from '@/web/session';
import { smallPhoto } from '@/web/small-photo';
import { inThread } from '@/web/thread';

/** Dots on the longest side of a photo on paper: 120 points wide, at 300 to the inch. */
const PHOTO_SIDE = 500;

/** A release record as it was signed: the open file, or printed. */
export async function GET(request: Request): Promise<Response> {
  const { db } = await session();
  const asked = new URL(request.url).searchParams;
  const found = signedRecord(db, asked.get('number') ?? '');
  if (!found) return new Response(wording.thereIsNoRecord, { status: 404 });
  if (found.text === null) return new Response(wording.itWasDecidedBefore, { status: 404 });
  const record = ReleaseRecord.parse(JSON.parse(found.text));
  // The very text that was signed: its fingerprint stands at the foot of the printed record.
  if (asked.get('as') !== 'pdf') return download(`release-${record.number}.json`, 'application/json; charset=utf-8', found.text);
  const photos = await Promise.all(
    record.photos.map(async ({ what, at, sha256 }) => ({
      what: `${what}, ${recordTime(at, record.zone)}`,
      data: await smallPhoto(sha256, PHOTO_SIDE),
    })),
  );
  const shown = photos.flatMap(({ what, data }) => (data === null ? [] : [{ what, data }]));
  return new Response(new Uint8Array(await inThread('paper', 'recordPdf', [record, found.text, reads(), shown], recordPdf)), {
    headers: { 'content-type': 'application/pdf', 'content-disposition': `inline; filename="release-${record.number}.pdf"` },
  });
}
