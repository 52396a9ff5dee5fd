import 'server-only';
import { now } from '@/data/clock';

/** The shop's clock, so that a device can measure how far its own is off. */
export function GET(): Response {
  return Response.json({ now: now() }, { headers: { 'cache-control': 'no-store' } });
}
