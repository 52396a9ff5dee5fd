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

/** The longest a browser keeps a cookie; whether its token is still valid the server decides. */
const LONGEST_COOKIE_S = 400 * 24 * 3600;

/** How every cookie of the shop is set. */
export const cookieOptions = () =>
  ({ maxAge: LONGEST_COOKIE_S, httpOnly: true, sameSite: 'lax', path: '/', secure: isSecure() }) as const;

/** Deletes the device's cookie: browsers delete one set over TLS only when it is named with the same attributes. */
export const goneCookie = () => ({ ...cookieOptions(), name: deviceCookie(), value: '', maxAge: 0 });

/** The header in which the server puts the caller's address, over whatever was sent under this name. */
export const PEER_HEADER = 'x-rendle-peer';

/** The caller's address. Behind a proxy that does not name its callers all share one: then failed passcodes of all strangers count together. */
export const addressOf = (headers: Pick<Headers, 'get'>): string => headers.get(PEER_HEADER) ?? 'unknown';

/** Who is asking: anyone on this machine while the shop is not open to the network, else a device whose token is known. */
export type Visitor = 'free' | Device | null;

/** Whether a request's token is valid. */
export function visitor(token: string | undefined, db: Db = database(), nowMs = now()): Visitor {
  if (!isNetwork()) return 'free';
  const device = deviceOf(db, token, nowMs);
  if (device) {
    noteUse(db, device, nowMs);
    return device;
  }
  // A clock that leapt ends no session.
  return token && clockDoubt(db, nowMs) ? deviceOf(db, token, null) : null;
}
