import 'server-only';
import { database } from '@/data/db';
import { sealOf } from '@/data/door/passcode';
import { isNetwork } from '@/web/door';

/** What a device of the network closes its unsent records with when it is sent away; only one that is in gets it. */
export function GET(): Response {
  return Response.json({ seal: isNetwork() ? sealOf(database()) : '' }, { headers: { 'cache-control': 'no-store' } });
}
