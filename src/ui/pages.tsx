import { Link } from './link';

/** One page of a long list: which part of it is shown, counted from 1 and never beyond its end. */
export function pageOf<T>(
  all: readonly T[],
  asked: string | undefined,
  size: number,
): { readonly rows: readonly T[]; readonly page: number; readonly pages: number } {
  const pages = Math.max(1, Math.ceil(all.length / size));
  const wanted = Number(asked);
  const page = Number.isInteger(wanted) ? Math.min(pages, Math.max(1, wanted)) : 1;
  return { rows: all.slice((page - 1) * size, page * size), page, pages };
}

type Props = {
  readonly page: number;
  readonly pages: number;
  readonly path: string;
  readonly before: string;
  readonly after: string;
};

/** Ways to the neighbouring pages of a long list; nothing where it fits on one. */
export function Pages({ page, pages, path, before, after }: Props) {
  if (pages === 1) return null;
  const to = (at: number): string => (at === 1 ? path : `${path}?page=${at}`);
  return (
    <nav aria-label="Pages" className="flex min-h-12 items-center gap-6 border-rule border-t">
      {page > 1 ? <Link href={to(page - 1)}>{before}</Link> : null}
      <span className="reading text-soft">
        page {page} of {pages}
      </span>
      {page < pages ? <Link href={to(page + 1)}>{after}</Link> : null}
    </nav>
  );
}
