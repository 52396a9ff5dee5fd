import 'server-only';
import { saveFormula } from '../blends/commands';
import { addContainer, receiveLot } from '../stores/commands';
import { by, DAY, day, INES, must, type Scene } from './scene';

/** What the shed bought six weeks ago, and the tins it fills. */
export function stockUp({ db, nowMs }: Scene): void {
  const lots = [
    ['mineral-oil', 4300, 'Estuary Supply Loft', 'WO-4417', 3690, 700],
    ['beeswax', 1500, 'Saltmarsh Apiary', 'wax 12', 2790, null],
    ['tung-oil', 1874, 'Estuary Supply Loft', 'T-208', 4480, 420],
    ['walnut-oil-heat-treated', 935, 'Old Weir Oil Press', 'H 77', 2450, 310],
    ['linseed-heat-bodied', 960, 'Old Weir Oil Press', 'S 031', 1980, 500],
    ['citrus-solvent', 842, 'Estuary Supply Loft', 'C-19', 1640, 500],
    ['carnauba-wax', 250, 'Saltmarsh Apiary', 'flake 3', 890, null],
    ['mct-oil', 945, 'Estuary Supply Loft', 'M-552', 1290, 400],
    ['candelilla-wax', 200, 'Saltmarsh Apiary', 'c 8', 760, null],
    ['flaxseed-oil', 465, 'Old Weir Oil Press', 'F 12', 790, 24],
  ] as const;
  for (const [ingredientId, grams, supplier, supplierCode, priceMinor, keeps] of lots) {
    must(
      receiveLot(
        db,
        {
          ingredientId,
          grams,
          supplier,
          supplierCode,
          priceMinor,
          openedOn: day(nowMs, -38),
          bestBefore: keeps === null ? null : day(nowMs, keeps),
          note: '',
        },
        by(INES, nowMs - 40 * DAY),
      ),
    );
  }
  for (const [name, capacityMl, fillFraction, have] of [
    ['Tin 60 ml', 60, 0.92, 48],
    ['Tin 125 ml', 125, 0.92, 30],
    ['Jar 250 ml', 250, 0.9, 12],
  ] as const) {
    must(addContainer(db, { name, capacityMl, fillFraction, have }));
  }
}

type Recipe = { readonly name: string; readonly lines: readonly (readonly [string, number])[]; readonly note?: string };

const RECIPES: readonly Recipe[] = [
  {
    name: 'Lantern paste',
    lines: [
      ['beeswax', 1],
      ['mineral-oil', 4],
    ],
    note: 'Board paste for the fair.',
  },
  {
    name: 'Heron oil-wax',
    lines: [
      ['linseed-heat-bodied', 8],
      ['beeswax', 1.5],
      ['carnauba-wax', 0.5],
    ],
  },
  {
    name: 'Tideline tung',
    lines: [
      ['tung-oil', 1],
      ['citrus-solvent', 1],
    ],
    note: 'First coats only.',
  },
  {
    name: 'Winter fair spoon balm without nuts, soft enough for small hands',
    lines: [
      ['mct-oil', 5],
      ['candelilla-wax', 0.6],
    ],
  },
];

/** The shed's own formulas; gives their revisions by name. */
export function writeFormulas({ db, nowMs }: Scene): Map<string, number> {
  return new Map(
    RECIPES.map(({ name, lines, note }) => {
      const saved = must(
        saveFormula(
          db,
          {
            id: null,
            version: 1,
            name,
            basis: 'mass',
            note: note ?? '',
            lines: lines.map(([ingredient, parts]) => ({ ingredient, parts })),
          },
          by(INES, nowMs - 39 * DAY),
        ),
      );
      return [name, saved.revisionId];
    }),
  );
}
