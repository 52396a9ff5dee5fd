import { renderToStaticMarkup } from 'react-dom/server';
import { describe, expect, it } from 'vitest';
import { askedOf, tableAddress } from './asked';
import { pick } from './pick';
import { DataTable } from './table';

type Lot = { readonly number: string; readonly left: number | null };
const lots: readonly Lot[] = Array.from({ length: 30 }, (_, i) => ({
  number: `S31-${i + 1}`,
  left: i === 4 ? null : (i * 7) % 30,
}));
const columns = [
  { id: 'number', by: (lot: Lot) => lot.number },
  { id: 'left', by: (lot: Lot) => lot.left },
];
const plain = { sort: null, down: false, find: '', page: 1 };

describe('a list', () => {
  it('stands as it came until it is asked otherwise, one page of it', () => {
    const shown = pick(lots, columns, plain, 12);
    expect(shown).toMatchObject({ page: 1, pages: 3, found: 30 });
    expect(shown.rows).toEqual(lots.slice(0, 12));
  });
  it('is sorted as people count, with what is not known last either way', () => {
    const by = (down: boolean) => pick(lots, columns, { ...plain, sort: 'left', down }, 50).rows.map((lot) => lot.left);
    expect(by(false).slice(0, 3)).toEqual([0, 1, 2]);
    expect(by(true)[0]).toBe(29);
    expect([by(false).at(-1), by(true).at(-1)]).toEqual([null, null]);
    const numbers = pick(lots, columns, { ...plain, sort: 'number' }, 50).rows.map((lot) => lot.number);
    expect(numbers.slice(0, 3)).toEqual(['S31-1', 'S31-2', 'S31-3']);
  });
  it('is found in by any column, whatever the case; a page past the end is the last', () => {
    expect(pick(lots, columns, { ...plain, find: ' s31-30 ' }, 12).rows).toEqual([lots[29]]);
    expect(pick(lots, columns, { ...plain, page: 99 }, 12)).toMatchObject({ page: 3, pages: 3 });
    expect(pick(lots, columns, { ...plain, sort: 'colour' }, 12).rows).toEqual(lots.slice(0, 12));
    expect(pick([], columns, plain, 12)).toEqual({ rows: [], page: 1, pages: 1, found: 0 });
  });
});

describe('the address', () => {
  const search = { 'lots-sort': 'left', 'lots-down': '1', 'jars-page': '2', id: ['7', '8'] };
  it('says what one table is asked for', () => {
    expect(askedOf(search, 'lots')).toEqual({ sort: 'left', down: true, find: '', page: 1 });
    expect(askedOf({ 'lots-page': '-3' }, 'lots').page).toBe(1);
  });
  it('leaves the other tables as they are', () => {
    expect(tableAddress('/stores', search, 'lots', { page: 3 })).toBe(
      '/stores?jars-page=2&id=7&lots-sort=left&lots-down=1&lots-page=3',
    );
    expect(tableAddress('/stores', {}, 'lots', {})).toBe('/stores');
  });
});

describe('a table', () => {
  const draw = (rows: readonly Lot[], search = {}) =>
    renderToStaticMarkup(
      <DataTable
        id="lots"
        path="/stores"
        search={search}
        rows={rows}
        keyOf={(lot) => lot.number}
        columns={[
          { ...columns[0], id: 'number', name: 'Lot', cell: (lot: Lot) => lot.number },
          { ...columns[1], id: 'left', name: 'Left', right: true, cell: (lot: Lot) => lot.left ?? 'not known' },
        ]}
        size={12}
      />,
    );
  it('has no ways to sort one row, nor a search for a few', () => {
    const one = draw(lots.slice(0, 1));
    expect(one).not.toContain('<a ');
    expect(one).not.toContain('Find');
  });
  it('sends one page of a long list and no more', () => {
    const html = draw(Array.from({ length: 5000 }, (_, i) => ({ number: `S31-${i}`, left: i })));
    expect(html.match(/<tr/g)).toHaveLength(13);
    expect(html).toContain('page 1 of 417');
  });
  it('says which way it is sorted, and that nothing was found', () => {
    expect(draw(lots, { 'lots-sort': 'left' })).toContain('aria-sort="ascending"');
    expect(draw(lots, { 'lots-find': 'gold' })).toContain('Nothing here says “gold”');
  });
});
