import 'server-only';
import { type Db, database } from '@/data/db';
import { versionOf } from '@/data/kept';
import { planVersion } from '@/data/plan/shop-plan';

/** What a page is drawn from: another text when anything was recorded, or another plan stands. */
export const pageVersion = (db: Db): string => `${versionOf(db)}.${planVersion(db)}`;

/** What a page that stands open asks now and then: whether anything changed since it was drawn. 304 while nothing did. */
export function GET(request: Request): Response {
  const version = pageVersion(database());
  const etag = `"${version}"`;
  const headers = { etag, 'cache-control': 'no-store' };
  return request.headers.get('if-none-match') === etag
    ? new Response(null, { status: 304, headers })
    : Response.json({ version }, { headers });
}
