import 'server-only';
import { ok } from '@/core/quantity';
import { keepFile } from '@/data/files';
import { recordEntry } from '@/data/work/record';
import { logRoute as wording } from '@/messages/screens/trade';
import { act } from '@/web/act';
import { isJson } from '@/web/origin';
import { photoOf } from '@/web/photo';
import { Record } from './log-record';

/** Takes one record, as often as it is sent, and stores it once. 422 with the reasons when it cannot be. */
export async function POST(request: Request): Promise<Response> {
  if (!isJson(request.headers)) return Response.json({ ok: false, faults: { '': wording.aRecordIsSent } }, { status: 415 });
  let body: unknown;
  try {
    body = await request.json();
  } catch {
    return Response.json({ ok: false, faults: { '': wording.thisIsNotJson } }, { status: 400 });
  }
  const answer = await act(Record, body, (db, { photoData, ...report }, by) => {
    const photo = photoData === null ? ok(null) : photoOf(photoData);
    if (!photo.ok) return photo;
    const recorded = recordEntry(db, { ...report, photo: photo.value?.hash ?? null }, by);
    // A photo is kept once its record was taken, and again when a record comes that was: what was cut off between is made good.
    if (recorded.ok && photo.value) keepFile(photo.value.bytes);
    return recorded;
  });
  // What could not be written stays on the device and is sent again.
  return Response.json(answer, { status: answer.ok ? 200 : answer.unwritten ? 507 : 422 });
}
