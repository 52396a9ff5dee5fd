import { type NextRequest, NextResponse } from 'next/server';
import { mayEnter, PASS_COOKIE } from './data/lan';

/** At the door: devices of the network give the passcode once. Owners' pages, the entrance and what they are drawn with stand open. */
export default function proxy(request: NextRequest): NextResponse {
  if (mayEnter(request.cookies.get(PASS_COOKIE)?.value)) return NextResponse.next();
  if (request.nextUrl.pathname.startsWith('/api/'))
    return NextResponse.json({ ok: false, faults: { '': 'Give the shop’s passcode first.' } }, { status: 401 });
  const door = request.nextUrl.clone();
  door.pathname = '/enter';
  door.search = '';
  return NextResponse.redirect(door);
}

export const config = { matcher: ['/((?!_next/|enter|care/|sw.js|icon|favicon).*)'] };
