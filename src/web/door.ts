import 'server-only';
import { now } from '@/data/clock';
import { type Db, database } from '@/data/db';
import { type Device, deviceOf, noteUse } from '@/data/door/devices';
import { clockDoubt } from '@/data/shop/clock-doubt';

/** Whether other devices of the network can reach this shop; each must give the passcode then. */
export const isNetwork = (): boolean => process.env.RENDLE_LAN === '1';

/** Whether the shop itself speaks TLS. */
export const isSecure = (): boolean => Boolean(process.env.RENDLE_CERT && process.env.RENDLE_KEY);

/** The cookie of a device's token; under TLS the browser itself keeps it to this host and to TLS. */
export const deviceCookie = (): string => (isSecure() ? '__Host-rendle-device' : 'rendle-device');

/** Browsers keep a cookie no longer than this; whether the token still opens is the shop's to say. */
const LONGEST_COOKIE_S = 400 * 24 * 3600;

/** How every cookie of the shop is set. */
export const cookieOptions = () =>
  ({ maxAge: LONGEST_COOKIE_S, httpOnly: true, sameSite: 'lax', path: '/', secure: isSecure() }) as const;

/** What takes the device's cookie away: browsers let one of TLS go only to an answer that names it as it was set. */
export const goneCookie = () => ({ ...cookieOptions(), name: deviceCookie(), value: '', maxAge: 0 });

/** The server writes here who asks, over whatever was sent under this name. */
export const PEER_HEADER = 'x-rendle-peer';

/** The address that asks. Behind a proxy that names nobody, or itself, all who ask share one: then all strangers count together. */
export const addressOf = (headers: Pick<Headers, 'get'>): string => headers.get(PEER_HEADER) ?? 'unknown';

/** Who stands at the door: anyone of this machine while the shop is not open to the network, else a device that is known. */
export type Visitor = 'free' | Device | null;

/** Whether a request's token opens the door. */
export function visitor(token: string | undefined, db: Db = database(), nowMs = now()): Visitor {
  if (!isNetwork()) return 'free';
  const device = deviceOf(db, token, nowMs);
  if (device) {
    noteUse(db, device, nowMs);
    return device;
  }
  // A clock that leapt shuts nobody out who was in.
  return token && clockDoubt(db, nowMs) ? deviceOf(db, token, null) : null;
}
