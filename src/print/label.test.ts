import { extractText, getDocumentProxy } from 'unpdf';
import { describe, expect, it } from 'vitest';
import { blend } from '@/core/blend';
import { LANGUAGES } from '@/core/care';
import { SHIPPED } from '@/core/material';
import { BASE_READS } from '@/core/quantity';
import { gridOf } from '@/features/pour/label-routes';
import { SLIP_WORDS } from '@/messages/slip';
import { fitsPage, GRIDS, type Label, labelOf, netWords, TYPE_PT, typeFor } from './label';
import { labelSheets } from './label-pdf';

const made = blend(
  {
    lines: [
      { ingredient: 'walnut-oil-raw', parts: 3 },
      { ingredient: 'beeswax', parts: 1 },
      { ingredient: 'citrus-solvent', parts: 1 },
    ],
    make: { massG: 100 },
  },
  SHIPPED,
);
if (!made.ok) throw new Error('no blend');
const withDriers = blend(
  {
    lines: [
      { ingredient: 'linseed-boiled-driers', parts: 1 },
      { ingredient: 'citrus-solvent', parts: 0.5 },
    ],
    make: { massG: 100 },
  },
  SHIPPED,
);
if (!withDriers.ok) throw new Error('no blend');
const driers = withDriers.value;
const label = (change: Partial<Parameters<typeof labelOf>[0]> = {}): Label =>
  labelOf(
    {
      language: 'en',
      title: 'Tideline paste',
      number: 'B31-07/a',
      netG: 47.46,
      contents: ['Walnut oil, cold-pressed', 'Beeswax, filtered', 'Citrus solvent (d-limonene)'],
      undeclared: [],
      statements: [],
      cautions: ['rags-self-heat', 'solvent', 'aspiration'],
      nature: made.value,
      madeOn: '2031-03-03',
      bestBefore: '2031-12-03',
      shop: 'Saltwick Bench',
      ...change,
    },
    BASE_READS,
    SHIPPED,
  );
const LONG =
  'Winter fair spoon balm without nuts, soft enough for small hands and for the ferryman’s grandmother, Überschwänglich gerührt';
const first = GRIDS[0] as (typeof GRIDS)[0];

describe('a label', () => {
  it.each([
    [47.46, '47.4 g / 1.67 oz net'],
    [99.99, '99.9 g / 3.52 oz net'],
    [250, '250 g / 8.81 oz net'],
    [1234, '1.23 kg / 2 lb 11.5 oz net'],
  ])('never says more than the %s g that are in it', (grams, says) => expect(netWords(grams, BASE_READS)).toBe(says));
  it('says what cloths, solvent and allergens ask for', () => {
    expect(label()).toMatchObject({
      allergens: 'Allergens: bee product, citrus terpene, tree nut',
      cautions: expect.stringMatching(/alight.*Flammable.*vomit.*Not for swallowing/),
    });
    expect(label({ undeclared: ['Harbour oil'] }).allergens).toContain('Not all contents declared: Harbour oil');
    expect(label().cautions).toMatch(/Keep below \d\d\u00a0°C\. Not for swallowing/);
    expect(label({ nature: driers }).cautions).not.toContain('Keep below');
    expect(label({ bestBefore: null }).dates).toMatch(/best before not\u00a0known$/);
  });
  it.each(LANGUAGES)('is whole in %s, with its cautions, its use, and “Not for food” where its contents are not', (language) => {
    const words = SLIP_WORDS[language];
    const said = label({ language, nature: driers, cautions: ['rags-self-heat', 'driers'] });
    expect(said.notForFood).toBe(words.notForFood);
    expect(said.code).toContain(words.notForFood);
    expect(said.cautions).toContain(words.cautions.driers);
    expect(said.use).not.toBe(label({ language }).use);
    expect(label({ language }).notForFood).toBe('');
    expect(typeFor(said, first)).not.toBeNull();
    if (language !== 'en')
      expect(JSON.stringify({ ...said, title: '', shop: '' })).not.toMatch(/best before|Contents|Beeswax|not known|Not for/);
  });
  it('is set smaller for longer words, never below what can be read, and refused where it cannot fit', () => {
    const short = typeFor(label(), first);
    const long = typeFor(label({ title: LONG, shop: `${LONG} ${LONG}` }), { width: 101.6, height: 50.8 });
    expect(short).toBeGreaterThan(TYPE_PT.least);
    expect(long).not.toBeNull();
    expect(typeFor(label(), { width: 101.6, height: 50.8 }) ?? 0).toBeGreaterThan(long ?? 99);
    expect(typeFor(label({ title: LONG }), { width: 25, height: 15 })).toBeNull();
  });
  it('never lets one long word run into the code or the next label', () => {
    const size = typeFor(label({ title: 'Lantern'.repeat(5) }), first);
    expect(size).toBeGreaterThanOrEqual(TYPE_PT.least);
    expect(size).toBeLessThan(typeFor(label(), first) ?? 0);
    expect(typeFor(label({ title: 'Lantern'.repeat(7) }), first)).toBeNull();
  });
  it('prints every word of the longest names, as many as asked, over as many sheets', async () => {
    for (const grid of GRIDS) {
      const one = label({ title: LONG, shop: 'Saltwick Bench and Turnery of the Upper Estuary' });
      const size = typeFor(one, grid);
      if (size === null) continue;
      const count = grid.columns * grid.rows + 1;
      const pdf = await labelSheets(one, grid, size, count, 0);
      const { text, totalPages } = await extractText(await getDocumentProxy(new Uint8Array(pdf)), { mergePages: true });
      const words = text.replace(/\s+/g, ' ');
      expect(totalPages).toBe(2);
      for (const part of [
        'Überschwänglich gerührt',
        'Citrus solvent (d-limonene)',
        'Keep from children',
        'Upper Estuary',
        'best before 3 December 2031',
      ])
        expect(words.split(part)).toHaveLength(count + 1);
    }
  });
  it('lies within its page, or the sheet is refused', () => {
    for (const grid of GRIDS) expect(fitsPage(grid)).toBe(true);
    const own = (change: string) =>
      gridOf(
        new URLSearchParams(
          `grid=own&columns=2&rows=7&width=90&height=38&left=12&top=10&gapX=6&gapY=1&pageWidth=210&pageHeight=297${change}`,
        ),
      );
    expect(own('')).toMatchObject({ columns: 2, height: 38 });
    for (const bad of ['columns=3', 'width=0', 'rows=x', 'rows=2.5', 'pageWidth=99999']) {
      const [key = '', value = ''] = bad.split('=');
      const asked = new URLSearchParams(
        'grid=own&columns=2&rows=7&width=90&height=38&left=12&top=10&gapX=6&gapY=1&pageWidth=210&pageHeight=297',
      );
      asked.set(key, value);
      expect(gridOf(asked), bad).toBeNull();
    }
    expect(gridOf(new URLSearchParams('grid=a4-3x8'))?.id).toBe('a4-3x8');
  });
});
