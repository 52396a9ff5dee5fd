import 'server-only';
import { sayIssue } from '@/messages';
import { faultNumbered } from '@/web/fault';
import { reads } from '@/web/here';

/** What is known of a fault a screen ran into, in words: the disk or the file, or nothing. `?number=` is what the screen shows. */
export function GET(request: Request): Response {
  const code = faultNumbered((new URL(request.url).searchParams.get('number') ?? '').slice(0, 40));
  return Response.json({ words: code ? sayIssue({ code, path: '' }, reads()) : null });
}
