import 'server-only';
import { z } from 'zod';
import { LANGUAGES } from '@/core/care';
import { dateOf } from '@/core/quantity';
import { ownerDataOf, reportCare, stopLetters } from '@/data/care/owners';
import { now } from '@/data/clock';
import { database } from '@/data/db';
import { hashOf, keepFile } from '@/data/files';
import { clockDoubt } from '@/data/shop/clock-doubt';
import { unwritten } from '@/data/unwritten';
import { noteFault } from '@/web/fault';
import { patiently } from '@/web/patience';
import { smallPicture } from '@/web/small-picture';

const Told = z.object({
  what: z.enum(['re-oiled', 'wrong', 'refill', 'given', 'ended', 'stop', 'letters']),
  note: z.string().max(2000).default(''),
  lang: z.enum(LANGUAGES).optional(),
});
/** A form of this page is never larger: a photo, some words, and what goes round them. */
const MOST_FORM = 12_000_000;
/** What is sent to one piece's page in a day, taken or not; past it only words are taken, and past so many sendings nothing is even read. */
const MOST_SENT_A_DAY = 40_000_000;
const MOST_SENDINGS_A_DAY = 60;
const MOST_CODES = 5000;

type Sent = { bytes: number; sendings: number };
const held = globalThis as { rendleSent?: Map<string, Sent> };

/** What was sent to a code on this day of UTC. */
function sentTo(code: string): Sent {
  held.rendleSent ??= new Map();
  const key = `${dateOf(now(), 'UTC')} ${code}`;
  const sent = held.rendleSent.get(key) ?? { bytes: 0, sendings: 0 };
  if (held.rendleSent.size >= MOST_CODES) held.rendleSent.clear();
  held.rendleSent.set(key, sent);
  return sent;
}

/** The bytes of a form, counted as they come; null as soon as they are too many, whatever their head claims. */
async function bytesOf(request: Request, sent: Sent): Promise<Uint8Array<ArrayBuffer> | null> {
  if (Number(request.headers.get('content-length') ?? 0) > MOST_FORM) return null;
  const parts: Uint8Array[] = [];
  let length = 0;
  const reader = request.body?.getReader();
  for (let part = await reader?.read(); part && !part.done; part = await reader?.read()) {
    length += part.value.length;
    sent.bytes += part.value.length;
    if (length > MOST_FORM) {
      await reader?.cancel();
      return null;
    }
    parts.push(part.value);
  }
  return new Uint8Array(Buffer.concat(parts));
}

async function formOf(request: Request, bytes: Uint8Array<ArrayBuffer>): Promise<FormData | null> {
  try {
    return await new Response(bytes, { headers: { 'content-type': request.headers.get('content-type') ?? '' } }).formData();
  } catch {
    return null;
  }
}

/** The photo of a form, drawn anew and small: none, bytes, or something that is no photo. */
async function photoIn(form: FormData): Promise<Uint8Array | null | 'not-a-photo'> {
  const file = form.get('photo');
  if (!(file instanceof File) || file.size === 0) return null;
  const bytes = new Uint8Array(await file.arrayBuffer());
  return (await smallPicture(bytes)) ?? 'not-a-photo';
}

/** What an owner says by the plain forms of the piece's page; it works without a script. */
export async function tell(request: Request, code: string): Promise<Response> {
  let lang = '';
  const back = (told: string): Response =>
    new Response(null, { status: 303, headers: { location: `/care/${encodeURIComponent(code)}?told=${told}${lang}` } });
  // A code that is none is told apart before a byte of the form is read.
  if (ownerDataOf(database(), code) === null) return back('not-found');
  const sent = sentTo(code);
  sent.sendings++;
  if (sent.sendings > MOST_SENDINGS_A_DAY) return back('enough');
  const doubt = clockDoubt(database(), now());
  const bytes = await bytesOf(request, sent);
  const isOver = sent.bytes > MOST_SENT_A_DAY || doubt !== null;
  if (!bytes) return back(isOver ? 'enough' : 'not-a-photo');
  const form = await formOf(request, bytes);
  const said = form ? Object.fromEntries([...form].filter(([, value]) => typeof value === 'string')) : {};
  const parsed = Told.safeParse(said);
  if (!parsed.success || !form) return back('not-understood');
  lang = parsed.data.lang ? `&lang=${parsed.data.lang}` : '';
  const { what, note } = parsed.data;
  if (what === 'wrong' && note.trim() === '') return back('say-what');
  /** Beyond the measure, or while nobody knows what day it is: the words of what is wrong, at the latest moment that is sure. */
  const inWords = async (): Promise<Response> => {
    const report = { code, kind: 'wrong' as const, note, wordsOnly: true };
    const kept = what === 'wrong' && (await patiently(() => reportCare(database(), report, doubt?.newestMs ?? now()))).ok;
    return back(kept ? 'words-kept' : 'enough');
  };
  try {
    if (isOver) return await inWords();
    if (what === 'stop' || what === 'letters') {
      const done = await patiently(() => stopLetters(database(), code, what === 'stop', now()));
      return back(done.ok ? what : 'not-found');
    }
    const photo = what === 'wrong' ? await photoIn(form) : null;
    if (photo === 'not-a-photo') return back(photo);
    const report = { code, kind: what, note, photo: photo && hashOf(photo), photoBytes: photo?.length ?? 0 };
    const done = await patiently(() => reportCare(database(), report, now()));
    // The photo is kept only with words that were taken: a flood of them fills no disk.
    if (done.ok && photo) keepFile(photo);
    if (done.ok) return back(what);
    return done.issues[0]?.code === 'not-found' ? back('not-found') : await inWords();
  } catch (fault) {
    // A full or locked disk is said in the owner's own language; the shop's log has the rest.
    if (!unwritten(fault)) throw fault;
    noteFault('', fault, new URL(request.url).pathname);
    return back('not-written');
  }
}
