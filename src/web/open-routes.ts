/**
 * What answers without a passcode; every other route is closed. `{code}` stands for one part of the address.
 * A new route is closed until it is written here, and a test walks all routes there are.
 */
export const OPEN_ROUTES = [
  '/enter',
  '/care/{code}',
  '/care/{code}/file',
  '/care/{code}/ics',
  '/care/{code}/tell',
  '/sw.js',
  '/icon.svg',
  '/favicon.ico',
] as const;

const patterns = OPEN_ROUTES.map((route) => route.split('/'));

/** Whether an address stands open. */
export function isOpen(pathname: string): boolean {
  if (pathname.length > 200) return false;
  const parts = pathname.split('/');
  return patterns.some(
    (pattern) =>
      pattern.length === parts.length && pattern.every((part, i) => (part === '{code}' ? parts[i] !== '' : part === parts[i])),
  );
}

/** Pages of a piece for whoever has it: no shop data, no script, and a policy of their own. */
export const isOwnersPage = (pathname: string): boolean => pathname.startsWith('/care/') && isOpen(pathname);
