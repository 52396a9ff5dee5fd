import 'server-only';
import { randomInt } from 'node:crypto';
import { unstable_rethrow } from 'next/navigation';
import { unwritten } from '@/data/unwritten';
import { sayIssue } from '@/messages';
import { route as wording } from '@/messages/screens/web';
import { noteFault } from './fault';
import { reads } from './here';

type Handler<A extends readonly unknown[]> = (request: Request, ...rest: A) => Response | Promise<Response>;

/**
 * A route handler that never answers with an empty 500: a full, locked or damaged file is said in words (507), any other fault with a
 * number a person can quote.
 */
export const route =
  <A extends readonly unknown[]>(handler: Handler<A>): Handler<A> =>
  async (request, ...rest) => {
    try {
      const answer = await handler(request, ...rest);
      // What a person takes away lies in no cache, unless its route says otherwise.
      if (!answer.headers.has('cache-control')) answer.headers.set('cache-control', 'no-store');
      return answer;
    } catch (fault) {
      unstable_rethrow(fault);
      const code = unwritten(fault);
      const number = String(randomInt(1e8, 1e9));
      noteFault(number, fault, new URL(request.url).pathname);
      const words = code ? sayIssue({ code, path: '' }, reads()) : wording.somethingWentWrongIn(number);
      const isJson =
        request.headers.get('accept')?.includes('application/json') || request.headers.get('content-type') === 'application/json';
      return isJson
        ? Response.json({ ok: false, faults: { '': words }, unwritten: true }, { status: code ? 507 : 500 })
        : new Response(words, { status: code ? 507 : 500, headers: { 'content-type': 'text/plain; charset=utf-8' } });
    }
  };
