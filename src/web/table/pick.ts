import {
  columnFilteringFeature,
  constructTable,
  createFilteredRowModel,
  createPaginatedRowModel,
  createSortedRowModel,
  filterFn_includesString,
  globalFilteringFeature,
  rowPaginationFeature,
  rowSortingFeature,
  sortFn_alphanumeric,
  tableFeatures,
} from '@tanstack/table-core';
import { storeReactivityBindings } from '@tanstack/table-core/store-reactivity-bindings';

/** What a table was asked for, as the address says it. */
export type TableAsked = {
  readonly sort: string | null;
  readonly down: boolean;
  readonly find: string;
  /** Counted from 1. */
  readonly page: number;
};

/** What a column sorts and is found by; null comes last, whichever way it is sorted. */
export type Keyed<Row> = { readonly id: string; readonly by?: (row: Row) => string | number | null };

export type Picked<Row> = {
  readonly rows: readonly Row[];
  readonly page: number;
  readonly pages: number;
  /** How many rows there are once it was searched. */
  readonly found: number;
};

const features = tableFeatures({
  coreReactivityFeature: storeReactivityBindings(),
  rowSortingFeature,
  columnFilteringFeature,
  globalFilteringFeature,
  rowPaginationFeature,
  sortedRowModel: createSortedRowModel(),
  filteredRowModel: createFilteredRowModel(),
  paginatedRowModel: createPaginatedRowModel(),
  sortFns: { alphanumeric: sortFn_alphanumeric },
  filterFns: { includesString: filterFn_includesString },
});

/** The part of a list that is shown: found, sorted, one page of it. A page past the end is the last one; a column that is not there sorts nothing. */
export function pick<Row extends object>(
  rows: readonly Row[],
  columns: readonly Keyed<Row>[],
  { sort, down, find, page }: TableAsked,
  size: number,
): Picked<Row> {
  const sorts = columns.some((column) => column.id === sort && column.by);
  const table = constructTable({
    features,
    data: [...rows],
    columns: columns.map(({ id, by }) => ({
      id,
      accessorFn: (row: Row) => by?.(row) ?? undefined,
      sortFn: 'alphanumeric' as const,
      sortUndefined: 'last' as const,
    })),
    globalFilterFn: 'includesString',
    getColumnCanGlobalFilter: (column) => columns.some((one) => one.id === column.id && one.by),
    initialState: {
      sorting: sorts && sort !== null ? [{ id: sort, desc: down }] : [],
      globalFilter: find.trim() === '' ? undefined : find.trim(),
      pagination: { pageIndex: 0, pageSize: size },
    },
  });
  const found = table.getFilteredRowModel().rows.length;
  const pages = Math.max(1, Math.ceil(found / size));
  const at = Math.min(pages, Math.max(1, page));
  table.setPageIndex(at - 1);
  return { rows: table.getRowModel().rows.map((row) => row.original), page: at, pages, found };
}
