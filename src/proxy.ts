import { randomBytes } from 'node:crypto';
import { type NextRequest, NextResponse } from 'next/server';
import { log } from './data/log';
import { addressOf, deviceCookie, goneCookie, isSecure, visitor } from './web/door';
import { DOOR_HEADER, ENTRANCE } from './web/door-names';
import { isOpen, isOwnersPage } from './web/open-routes';
import { mayWriteFrom } from './web/origin';
import { contentPolicy, headersFor } from './web/policy';

/** What is answered instead of the route, where the door stays shut; null where it opens. */
function turnedAway(request: NextRequest): NextResponse | null {
  const { pathname } = request.nextUrl;
  const say = (words: string, status: number): NextResponse =>
    NextResponse.json({ ok: false, faults: { '': words } }, { status });
  if (!mayWriteFrom(request)) {
    log({ what: 'refused', address: addressOf(request.headers), why: 'from another site', route: pathname.slice(0, 80) });
    return say('This comes from another site. What is written comes from the shop’s own pages.', 403);
  }
  const token = request.cookies.get(deviceCookie())?.value;
  if (isOpen(pathname) || visitor(token)) return null;
  const door = request.nextUrl.clone();
  door.pathname = ENTRANCE;
  door.search = '';
  const answer =
    pathname.startsWith('/api/') || request.method !== 'GET'
      ? say('This device must give the shop’s passcode first.', 401)
      : NextResponse.redirect(door);
  answer.headers.set('cache-control', 'no-store');
  answer.headers.set(DOOR_HEADER, 'shut');
  return answer;
}

/**
 * At the entrance a device that was in loses its token, and with it what its browser kept of the shop. Here only, and so once: browsers
 * take seconds over it, and every refused request would wait for its own.
 */
function forgetDevice(response: NextResponse): void {
  response.cookies.set(goneCookie());
  response.headers.set('clear-site-data', '"cache"');
}

/** At the door: writes come from the shop's own pages, devices of the network give the passcode once, and every answer carries its policies. */
export default function proxy(request: NextRequest): NextResponse {
  const { pathname } = request.nextUrl;
  const nonce = randomBytes(16).toString('base64');
  const policy = contentPolicy(nonce, process.env.NODE_ENV !== 'production');
  const headers = new Headers(request.headers);
  // The nonce reaches the page's scripts by this header of the request.
  headers.set('content-security-policy', policy);
  const response = turnedAway(request) ?? NextResponse.next({ request: { headers } });
  const token = request.cookies.get(deviceCookie())?.value;
  if (pathname === ENTRANCE && !visitor(token)) {
    response.headers.set(DOOR_HEADER, 'shut');
    if (token && request.method === 'GET') forgetDevice(response);
  }
  for (const [name, value] of Object.entries(headersFor(pathname, isSecure()))) response.headers.set(name, value);
  if (!isOwnersPage(pathname)) response.headers.set('content-security-policy', policy);
  return response;
}

export const config = { matcher: ['/((?!_next/static/).*)'] };
