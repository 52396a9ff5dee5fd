import 'server-only';
import { MS_PER_HOUR } from '@/core/quantity';
import { bottlesFor } from '../care/bottles';
import { sellPieces } from '../care/commands';
import { reportCare, seeReport, unseenReports } from '../care/owners';
import { recordCheck, recordWeighing } from '../cure/commands';
import { decideRelease, sayLabelled, setPrice } from '../release/commands';
import { places } from '../shop/queries';
import { countLot, receiveLot } from '../stores/commands';
import { allLots } from '../stores/queries';
import { findBatchId, loadBatch, piecesIn } from '../work/batch';
import { moveBatch } from '../work/commands';
import { makePot } from './pots';
import { by, DAY, type DemoScene, dayFrom, INES, must, WREN } from './scene';
import { type LotStory, tellDemo } from './tell';

type Past = {
  readonly daysAgo: number;
  readonly design: string;
  readonly species: string;
  readonly pieces: number;
  readonly finish: 'soak' | 'tung';
  readonly country?: string;
  readonly use: 'daily' | 'weekly' | 'occasional';
  /** What was said of its pieces later: which, how many days after the sale, what. */
  readonly said: readonly (readonly [piece: number, days: number, kind: 're-oiled' | 'wrong' | 'returned', note: string])[];
};

/** Thirteen months before today, in a few batches a season. */
const YEAR: readonly Past[] = [
  {
    daysAgo: 380,
    design: 'Bread board',
    species: 'sycamore',
    pieces: 6,
    finish: 'soak',
    use: 'daily',
    said: [
      [1, 22, 're-oiled', ''],
      [1, 51, 're-oiled', ''],
      [1, 96, 're-oiled', ''],
      [3, 40, 'wrong', 'it warped on the draining board'],
      [3, 60, 'returned', 'flattened and oiled anew'],
    ],
  },
  {
    daysAgo: 331,
    design: 'Lantern bowl',
    species: 'olive',
    pieces: 4,
    finish: 'tung',
    country: 'SE',
    use: 'weekly',
    said: [
      [0, 150, 're-oiled', ''],
      [2, 200, 'wrong', 'a fine crack at the rim after the winter'],
    ],
  },
  {
    daysAgo: 262,
    design: 'Stirring spoon',
    species: 'birch',
    pieces: 12,
    finish: 'soak',
    use: 'weekly',
    said: [
      [0, 35, 're-oiled', ''],
      [0, 70, 're-oiled', ''],
      [5, 30, 'wrong', 'rough after the first wash'],
      [7, 44, 're-oiled', ''],
    ],
  },
  {
    daysAgo: 190,
    design: 'Bread board',
    species: 'pear',
    pieces: 5,
    finish: 'tung',
    country: 'DE',
    use: 'weekly',
    said: [[2, 120, 're-oiled', '']],
  },
  {
    daysAgo: 128,
    design: 'Bread board',
    species: 'sycamore',
    pieces: 8,
    finish: 'soak',
    use: 'daily',
    said: [
      [0, 30, 're-oiled', ''],
      [0, 62, 're-oiled', ''],
      [4, 21, 'wrong', 'smells of oil still'],
    ],
  },
  { daysAgo: 84, design: 'Lantern bowl', species: 'hornbeam', pieces: 3, finish: 'tung', use: 'occasional', said: [] },
];

/** Steps of each finish, in hours before its cure was done. */
const STEPS: Readonly<
  Record<
    Past['finish'],
    {
      readonly regimen: string;
      readonly curedAfterH: number;
      readonly done: readonly (readonly [string, number, (boolean | null)?, number?])[];
    }
  >
> = {
  soak: {
    regimen: 'long-soak',
    curedAfterH: 40,
    done: [
      ['sand-120', 30],
      ['wet', 28],
      ['knock-back-220', 25],
      ['flood', 24, null, 190],
      ['wipe', 3.8],
      ['wax', 3.7, null, 24],
      ['buff', 3.4],
      ['check', 2.5 - 40, true],
    ],
  },
  tung: {
    regimen: 'thin-drying',
    curedAfterH: 420,
    done: [
      ['sand-120', 86],
      ['wet', 84],
      ['knock-back-220', 81],
      ['soak', 80, null, 60],
      ['wipe-1', 79.7],
      ['coat-2', 50, null, 22],
      ['wipe-2', 49.8],
      ['coat-3', 0.3, null, 18],
      ['wipe-3', 0],
      ['buff', 24 - 420],
      ['check', 2.5 - 420, true],
    ],
  },
};

/** The lots each finish was made with last year, by slot; used up since. */
function oldLots(scene: DemoScene, paste: number): Readonly<Record<Past['finish'], Readonly<Record<string, number>>>> {
  const { db, nowMs } = scene;
  const at = by(INES, nowMs - 396 * DAY);
  const lot = { openedOn: dayFrom(nowMs, -395), bestBefore: dayFrom(nowMs, 40), note: '' };
  const loft = { ...lot, supplier: 'Estuary Supply Loft' };
  const mineral = must(
    receiveLot(db, { ...loft, ingredientId: 'mineral-oil', grams: 2400, supplierCode: 'WO-3902', priceMinor: 2050 }, at),
  );
  const tung = must(
    receiveLot(db, { ...loft, ingredientId: 'tung-oil', grams: 800, supplierCode: 'T-171', priceMinor: 1900 }, at),
  );
  const wax = must(
    receiveLot(
      db,
      { ...lot, supplier: 'Saltmarsh Apiary', ingredientId: 'beeswax', grams: 200, supplierCode: 'wax 9', priceMinor: 390 },
      at,
    ),
  );
  const pot = makePot(scene, {
    revisionId: paste,
    targetG: 400,
    at: nowMs - 394 * DAY,
    offG: [0.2, 0],
    jars: [],
    temps: [48, 63, 70],
    from: [mineral.id, wax.id],
  });
  return { soak: { oil: mineral.id, paste: pot }, tung: { oil: tung.id } };
}

/** Tells last year: what was made, sold, and what came back of it. */
export function tellYear(scene: DemoScene, paste: number): void {
  const { db, nowMs } = scene;
  const old = oldLots(scene, paste);
  for (const past of YEAR) {
    const { regimen, curedAfterH, done } = STEPS[past.finish];
    const then = { db, nowMs: nowMs - past.daysAgo * DAY };
    const story: LotStory = {
      design: past.design,
      species: past.species,
      pieces: past.pieces,
      regimen,
      materials: old[past.finish],
      done: done.map(([task, hoursAgo, outcome = null, grams]) => [task, hoursAgo + curedAfterH, outcome, grams] as const),
      stands: 'rack',
    };
    const number = tellDemo(then, story);
    sellOld(scene, past, findBatchId(db, number) ?? 0, then.nowMs);
  }
  for (const { id } of unseenReports(db)) must(seeReport(db, id, nowMs));
  const used = allLots(db).filter((lot) => lot.leftG > 0 && lot.at < nowMs - 390 * DAY);
  for (const lot of used) must(countLot(db, lot.id, 0, by(INES, nowMs - 60 * DAY)));
}

/** Releases and sells an old batch whole, and writes down what was said of it. */
function sellOld({ db, nowMs }: DemoScene, past: Past, batchId: number, atMs: number): void {
  const at = by(WREN, atMs);
  must(
    recordCheck(
      db,
      {
        clientId: `demo-old-${batchId}`,
        batchId,
        // A dry towel says nothing of an oil that cures by air.
        kind: past.finish === 'tung' ? 'smell' : 'towel',
        pass: true,
        note: '',
        at: atMs - 2 * MS_PER_HOUR,
      },
      at,
    ),
  );
  must(
    setPrice(
      db,
      {
        batchId,
        woodMinor: past.design === 'Stirring spoon' ? 180 : 900,
        priceMinor: past.design === 'Stirring spoon' ? 1400 : 5200,
        jarLotId: null,
      },
      at,
    ),
  );
  must(decideRelease(db, { batchId, outcome: 'released', reason: 'as every year', signed: ['estimate'] }, at));
  const count = piecesIn(loadBatch(db, batchId, atMs) ?? { pieces: [] }).length;
  const sold = must(
    sellPieces(
      db,
      {
        batchId,
        pieces: count,
        priceMinor: past.design === 'Stirring spoon' ? 1400 : 5200,
        buyer: '',
        soldOn: dayFrom(atMs, 2),
        use: past.use,
        wash: 'hand',
        upkeep: 'unknown',
        country: past.country ?? null,
      },
      by(INES, atMs + 2 * DAY),
    ),
  );
  for (const [piece, days, kind, note] of past.said) {
    const then = atMs + (2 + days) * DAY;
    if (then < nowMs)
      must(reportCare(db, { code: sold.codes[piece] ?? '', kind, note, personId: kind === 'wrong' ? null : INES }, then));
  }
}

/** Evidence on what stands in the shed now: a test piece on the scale, what wood costs, labels. */
export function gatherEvidence({ db, nowMs }: DemoScene): void {
  const bowls = 2;
  const grams = [412.9, 411.8, 411.4, 411.6, 411.9, 412.1, 412.2, 412.2, 412.3, 412.2, 412.2];
  for (const [i, weight] of grams.entries())
    must(
      recordWeighing(
        db,
        { clientId: `demo-weigh-in-${i}`, batchId: bowls, grams: weight, at: nowMs - (208 - i * 20) * MS_PER_HOUR },
        by(i % 2 ? INES : WREN, nowMs - (208 - i * 20) * MS_PER_HOUR),
      ),
    );
  const standing = loadBatch(db, bowls, nowMs);
  const jarLotId = (standing && bottlesFor(db, standing)[0]?.lotId) ?? null;
  must(setPrice(db, { batchId: bowls, woodMinor: 1150, priceMinor: 6800, jarLotId }, by(INES, nowMs - DAY)));
  must(setPrice(db, { batchId: 3, woodMinor: 160, priceMinor: 1450, jarLotId: null }, by(INES, nowMs - DAY)));
  must(sayLabelled(db, 3, by(INES, nowMs - 3 * MS_PER_HOUR)));
  const [rack, sill] = ['rack', 'sill'].map((kind) => places(db).find((one) => one.kind === kind)?.id ?? 0) as [number, number];
  // The bowls stood on the rack for two days before they went to the sill.
  must(moveBatch(db, bowls, rack, by(WREN, nowMs - 213.5 * MS_PER_HOUR)));
  must(moveBatch(db, bowls, sill, by(WREN, nowMs - 166 * MS_PER_HOUR)));
}
