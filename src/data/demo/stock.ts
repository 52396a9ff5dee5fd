import 'server-only';
import { saveFormula } from '../blends/commands';
import { sellTins } from '../care/tins';
import { combineLots } from '../stores/combine';
import { addContainer, addReadyMade, receiveLot } from '../stores/commands';
import { allLots } from '../stores/queries';
import { checkLot, recordThumb } from '../stores/senses';
import { by, DAY, type DemoScene, dayFrom, INES, must } from './scene';

/** What the shed bought six weeks ago, and the tins it fills. */
export function stockUp({ db, nowMs }: DemoScene): void {
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
          openedOn: dayFrom(nowMs, -38),
          bestBefore: keeps === null ? null : dayFrom(nowMs, keeps),
          note: '',
        },
        by(INES, nowMs - 40 * DAY),
      ),
    );
  }
  for (const [name, capacityMl, fillFraction, have, tareG, priceMinor] of [
    ['Tin 60 ml', 60, 0.92, 48, 18.4, 62],
    ['Tin 125 ml', 125, 0.92, 30, 27.1, 88],
    ['Jar 250 ml', 250, 0.9, 12, 164, 135],
  ] as const) {
    must(addContainer(db, { name, capacityMl, fillFraction, have, tareG, priceMinor }));
  }
  const finish = must(
    addReadyMade(db, {
      name: 'Harbourside worktop finish',
      declared: ['tung-oil', 'citrus-solvent'],
      isAllDeclared: false,
      drying: 'drying',
      buildsFilm: false,
      isPaste: false,
      contact: 'once-cured',
      densityGPerMl: 0.9,
      coverageM2PerL: 14,
      labelRule: 'Two thin coats a day apart; a week before use.',
      role: 'hard-wax-oil',
      labelGapMin: 24 * 60,
      labelCoats: 2,
      labelFoodHours: 7 * 24,
    }),
  );
  must(
    receiveLot(
      db,
      {
        ingredientId: null,
        readyMadeId: finish.id,
        grams: 450,
        supplier: 'Estuary Supply Loft',
        supplierCode: 'HW 2',
        openedOn: dayFrom(nowMs, -12),
        bestBefore: dayFrom(nowMs, 540),
        priceMinor: 2190,
        note: '',
      },
      by(INES, nowMs - 33 * DAY),
    ),
  );
  must(checkLot(db, { lotId: 2, kind: 'thumbnail', pass: true, note: 'cut block, 19 °C' }, by(INES, nowMs - 40 * DAY)));
  must(checkLot(db, { lotId: 2, kind: 'smell', pass: true, note: 'honey' }, by(INES, nowMs - 40 * DAY)));
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

/** What the shed found and did with its lots since: a trough of oil, thumbs on the paste, a few tins sold. */
export function afterPots({ db, nowMs }: DemoScene, lots: ReadonlyMap<string, number>): void {
  const paste = lots.get('Lantern paste') ?? 0;
  must(
    combineLots(
      db,
      { parts: [{ lotId: 1, grams: 1200 }], into: { kind: 'bath', name: 'Long trough' } },
      by(INES, nowMs - 28 * DAY),
    ),
  );
  const trough = allLots(db).at(-1)?.id ?? 0;
  must(checkLot(db, { lotId: trough, kind: 'strained', pass: true, note: 'through linen' }, by(INES, nowMs - 9 * DAY)));
  must(recordThumb(db, { lotId: paste, tempC: 17, felt: 'firm-paste' }, by(INES, nowMs - 34 * DAY)));
  must(recordThumb(db, { lotId: paste, tempC: 21, felt: 'soft-paste' }, by(INES, nowMs - 20 * DAY)));
  must(recordThumb(db, { lotId: lots.get('Heron oil-wax') ?? 0, tempC: 18, felt: 'firm-paste' }, by(INES, nowMs - 27 * DAY)));
  const tins = allLots(db).find((lot) => lot.kind === 'tin')?.id ?? 0;
  const sale = { lotId: tins, priceMinor: 950, buyer: '', withPiece: '' };
  must(sellTins(db, { ...sale, count: 2, priceMinor: 1900, soldOn: dayFrom(nowMs, -25) }, by(INES, nowMs - 25 * DAY)));
  must(sellTins(db, { ...sale, count: 1, buyer: 'The ferry café', soldOn: dayFrom(nowMs, -11) }, by(INES, nowMs - 11 * DAY)));
}

/** The shed's own formulas; gives their revisions by name. */
export function writeFormulas({ db, nowMs }: DemoScene): Map<string, number> {
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
