import 'server-only';
import { createHash } from 'node:crypto';
import { z } from 'zod';
import { LANGUAGES } from '@/core/care';
import { reportCare, stopLetters } from '@/data/care/owners';
import { now } from '@/data/clock';
import { database } from '@/data/db';
import { keepFile } from '@/data/files';
import { isPhoto } from '../work/photo';

const Told = z.object({
  what: z.enum(['re-oiled', 'wrong', 'refill', 'given', 'ended', 'stop', 'letters']),
  note: z.string().max(2000).default(''),
  lang: z.enum(LANGUAGES).optional(),
});
const MOST_PHOTO = 4_000_000;
/** A form of this page is never larger: a photo, some words, and what goes round them. */
const MOST_FORM = MOST_PHOTO + 100_000;

/** The photo of a form: none, bytes, or something that is no photo. */
async function photoIn(form: FormData): Promise<Uint8Array | null | 'not-a-photo'> {
  const file = form.get('photo');
  if (!(file instanceof File) || file.size === 0) return null;
  if (file.size > MOST_PHOTO) return 'not-a-photo';
  const bytes = new Uint8Array(await file.arrayBuffer());
  return isPhoto(bytes) ? bytes : 'not-a-photo';
}

/** What an owner says by the plain forms of the piece's page; it works without a script. */
export async function tell(request: Request, code: string): Promise<Response> {
  const isLarge = Number(request.headers.get('content-length') ?? 0) > MOST_FORM;
  const form = isLarge ? null : await request.formData().catch(() => null);
  const said = form ? Object.fromEntries([...form].filter(([, value]) => typeof value === 'string')) : {};
  const parsed = Told.safeParse(said);
  const lang = parsed.success && parsed.data.lang ? `&lang=${parsed.data.lang}` : '';
  const back = (told: string): Response =>
    new Response(null, { status: 303, headers: { location: `/care/${encodeURIComponent(code)}?told=${told}${lang}` } });
  if (isLarge) return back('not-a-photo');
  if (!parsed.success || !form) return back('not-understood');
  const { what, note } = parsed.data;
  if (what === 'wrong' && note.trim() === '') return back('say-what');
  if (what === 'stop' || what === 'letters')
    return back(stopLetters(database(), code, what === 'stop', now()).ok ? what : 'not-found');
  const photo = what === 'wrong' ? await photoIn(form) : null;
  if (photo === 'not-a-photo') return back(photo);
  const hash = photo && createHash('sha256').update(photo).digest('hex');
  const done = reportCare(database(), { code, kind: what, note, photo: hash }, now());
  // The photo is kept only with words that were taken: a flood of them fills no disk.
  if (done.ok && photo) keepFile(photo);
  return back(done.ok ? what : done.issues[0]?.code === 'not-found' ? 'not-found' : 'enough');
}
