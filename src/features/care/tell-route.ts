import 'server-only';
import { z } from 'zod';
import { now } from '@/data/clock';
import { reportCare, stopLetters } from '@/data/care/owners';
import { database } from '@/data/db';

const Told = z.object({ what: z.enum(['re-oiled', 'wrong', 'stop', 'letters']), note: z.string().max(2000).default('') });

/** What an owner says by the plain forms of the piece's page; it works without a script. */
export async function tell(request: Request, code: string): Promise<Response> {
  const form = await request.formData().catch(() => null);
  const parsed = Told.safeParse(form ? Object.fromEntries(form) : {});
  const back = (told: string): Response =>
    new Response(null, { status: 303, headers: { location: `/care/${encodeURIComponent(code)}?told=${told}` } });
  if (!parsed.success) return back('not-understood');
  const { what, note } = parsed.data;
  if (what === 'wrong' && note.trim() === '') return back('say-what');
  const done =
    what === 'stop' || what === 'letters'
      ? stopLetters(database(), code, what === 'stop', now())
      : reportCare(database(), { code, kind: what, note }, now());
  return back(done.ok ? what : done.issues[0]?.code === 'not-found' ? 'not-found' : 'enough');
}
