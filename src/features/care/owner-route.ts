import 'server-only';
import { exportOwner } from '@/data/care/owners';
import { ownerRoute as wording } from '@/messages/screens/care';
import { download } from '@/web/csv';
import { session } from '@/web/session';

/** Everything kept of one person, as a file. */
export async function GET(request: Request): Promise<Response> {
  const { db } = await session();
  const kept = exportOwner(db, Number(new URL(request.url).searchParams.get('id')));
  return kept
    ? download('person.json', 'application/json; charset=utf-8', JSON.stringify(kept, null, 2))
    : new Response(wording.nobodyIsKeptUnder, { status: 404 });
}
