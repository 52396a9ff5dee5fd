import type { TableAsked } from './pick';

/** What the address of a page says: `?lots-sort=left&lots-down=1`. */
export type Search = Readonly<Record<string, string | string[] | undefined>>;

const one = (search: Search, key: string): string => {
  const value = search[key];
  return (Array.isArray(value) ? value[0] : value) ?? '';
};

/** What one table of a page is asked for. */
export function askedOf(search: Search, id: string): TableAsked {
  const page = Number(one(search, `${id}-page`));
  return {
    sort: one(search, `${id}-sort`) || null,
    down: one(search, `${id}-down`) === '1',
    find: one(search, `${id}-find`).slice(0, 120),
    page: Number.isInteger(page) && page > 0 ? page : 1,
  };
}

/** The address of the page with this table asked for something else; the other tables stay as they are. */
export function tableAddress(path: string, search: Search, id: string, asked: Partial<TableAsked>): string {
  const next = { ...askedOf(search, id), ...asked };
  const kept = Object.keys(search).flatMap((key): [string, string][] =>
    key.startsWith(`${id}-`) ? [] : [[key, one(search, key)]],
  );
  const own: [string, string][] = [
    [`${id}-sort`, next.sort ?? ''],
    [`${id}-down`, next.down ? '1' : ''],
    [`${id}-find`, next.find],
    [`${id}-page`, next.page > 1 ? String(next.page) : ''],
  ];
  const query = new URLSearchParams([...kept, ...own].filter(([, value]) => value !== '')).toString();
  return query === '' ? path : `${path}?${query}`;
}
