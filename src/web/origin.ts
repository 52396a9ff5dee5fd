const READS = ['GET', 'HEAD', 'OPTIONS'];

/** What of a request tells where it comes from. */
type Asked = { readonly method: string; readonly headers: Pick<Headers, 'get'> };

/**
 * Whether a request may change something: it comes from a page of this very address. `Origin` must be there and name it, or
 * `Sec-Fetch-Site` must say so; a browser sends one of them with every write, also over plain HTTP.
 */
export function mayWriteFrom({ method, headers }: Asked): boolean {
  if (READS.includes(method)) return true;
  const site = headers.get('sec-fetch-site');
  if (site !== null && site !== 'same-origin') return false;
  const origin = headers.get('origin');
  if (origin === null) return site === 'same-origin';
  return URL.canParse(origin) && new URL(origin).host === headers.get('host')?.toLowerCase();
}

/** Whether what was sent is JSON and nothing that a plain form of another page can send. */
export const isJson = (headers: Pick<Headers, 'get'>): boolean =>
  headers.get('content-type')?.split(';')[0]?.trim().toLowerCase() === 'application/json';
