import 'server-only';
import { addDays, dateOf, MS_PER_HOUR, MS_PER_MINUTE, type Result } from '@/core/quantity';
import type { CheckKind } from '@/core/cure';
import { sellPieces } from '../care/commands';
import type { By } from '../command';
import { recordCheck } from '../cure/commands';
import type { Db } from '../db';
import { saveFormula } from '../blends/commands';
import { fillJars, finishHeating, finishWeighing, recordPotTemperature, recordWeighing, startPour } from '../pour/commands';
import { findPot } from '../pour/queries';
import { checkRags, layRags } from '../rags/commands';
import { openRagLines } from '../rags/queries';
import { decideRelease } from '../release/commands';
import { setUpShop } from '../shop/commands';
import { addContainer, receiveLot } from '../stores/commands';
import { allLots, containers } from '../stores/queries';
import { allDesigns, allRegimens } from '../work/catalogue';
import { addDesign, moveBatch, startBatch } from '../work/commands';
import { recordEntry } from '../work/record';
import { places } from '../shop/queries';
import { findBatchId } from '../work/batch';
import { demoReadings } from './climate';

const ZONE = 'Europe/Lisbon';
const DAY = 24 * MS_PER_HOUR;
const [WREN, INES] = [1, 2];

/** The value of a command that the demo knows to be right. Throws its issues otherwise. */
function must<T>(result: Result<T>): T {
  if (!result.ok) throw new Error(`demo: ${JSON.stringify(result.issues)}`);
  return result.value;
}

type Scene = { readonly db: Db; readonly nowMs: number };
const by = (personId: number, nowMs: number): By => ({ personId, nowMs });
const day = (ms: number, offset = 0): string => addDays(dateOf(ms, ZONE), offset);

function stockUp({ db, nowMs }: Scene): void {
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

function writeFormulas({ db, nowMs }: Scene): Map<string, number> {
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

type Pot = {
  readonly revisionId: number;
  readonly targetG: number;
  readonly at: number;
  readonly offG: readonly number[];
  readonly jars: readonly (readonly [string, number, number])[];
  readonly temps: readonly number[];
};

/** Weighs, melts and fills one pot as it was done; `offG` is how far each ingredient missed its mark. */
function makePot({ db }: Scene, { revisionId, targetG, at, offG, jars, temps }: Pot): number {
  const maker = by(INES, at);
  const { id } = must(startPour(db, { revisionId, targetG }, maker));
  const lines = findPot(db, id)?.revision.lines ?? [];
  const parts = lines.reduce((sum, line) => sum + line.parts, 0);
  let reading = 0;
  lines.forEach((line, i) => {
    reading += (targetG * line.parts) / parts + (offG[i] ?? 0);
    const lot = allLots(db).find((one) => one.ingredientId === line.ingredient);
    must(
      recordWeighing(
        db,
        {
          clientId: `demo-weigh-${id}-${i}`,
          pourId: id,
          ingredientId: line.ingredient,
          lotId: lot?.id ?? 0,
          readingG: Math.round(reading * 10) / 10,
          corrects: null,
        },
        maker,
      ),
    );
  });
  must(finishWeighing(db, id, findPot(db, id)?.version ?? 1, maker));
  temps.forEach((tempC, i) => {
    must(
      recordPotTemperature(
        db,
        { clientId: `demo-temp-${id}-${i}`, pourId: id, tempC },
        by(INES, at + (10 + i * 6) * MS_PER_MINUTE),
      ),
    );
  });
  if (findPot(db, id)?.state === 'heating') must(finishHeating(db, id, findPot(db, id)?.version ?? 1));
  const filled = jars.map(([name, count, netG]) => ({
    containerId: containers(db).find((one) => one.name === name)?.id ?? 0,
    count,
    netG,
  }));
  must(
    fillJars(
      db,
      { pourId: id, version: findPot(db, id)?.version ?? 1, residueG: 4, jars: filled },
      by(INES, at + 50 * MS_PER_MINUTE),
    ),
  );
  return findPot(db, id)?.lotId ?? 0;
}

function makePots(scene: Scene, revisions: ReadonlyMap<string, number>): Map<string, number> {
  const revision = (name: string): number => revisions.get(name) ?? 0;
  const ago = (days: number): number => scene.nowMs - days * DAY;
  const pots: readonly (readonly [string, Omit<Pot, 'revisionId'>])[] = [
    [
      'Lantern paste',
      {
        targetG: 1200,
        at: ago(36),
        offG: [0.4, -0.6],
        jars: [
          ['Tin 60 ml', 8, 46.8],
          ['Tin 125 ml', 2, 98.2],
        ],
        temps: [41, 58, 66, 70],
      },
    ],
    ['Heron oil-wax', { targetG: 420, at: ago(30), offG: [1.2, 0, 0], jars: [['Tin 125 ml', 1, 104]], temps: [52, 69, 73] }],
    ['Tideline tung', { targetG: 600, at: ago(22), offG: [0, 0.8], jars: [], temps: [] }],
  ];
  return new Map(pots.map(([name, pot]) => [name, makePot(scene, { ...pot, revisionId: revision(name) })]));
}

function drawDesigns({ db, nowMs }: Scene): void {
  const at = nowMs - 38 * DAY;
  must(
    addDesign(
      db,
      { name: 'Bread board', cutOn: true, geometry: { shape: 'board', lengthMm: 420, widthMm: 260, thickMm: 24, grain: 'long' } },
      at,
    ),
  );
  must(
    addDesign(
      db,
      {
        name: 'Stirring spoon',
        cutOn: false,
        geometry: {
          shape: 'spoon',
          bowlLengthMm: 80,
          bowlWidthMm: 55,
          bowlDepthMm: 14,
          handleLengthMm: 230,
          handleWidthMm: 18,
          handleThickMm: 12,
        },
      },
      at,
    ),
  );
  must(
    addDesign(
      db,
      {
        name: 'Lantern bowl',
        cutOn: false,
        geometry: {
          shape: 'turned',
          outer: [
            [45, 0],
            [80, 25],
            [110, 60],
            [115, 85],
          ],
          inner: [
            [35, 8],
            [72, 30],
            [102, 62],
            [109, 85],
          ],
        },
      },
      at,
    ),
  );
}

type Story = {
  readonly design: string;
  readonly species: string;
  readonly pieces: number;
  readonly regimen: string;
  readonly materials: Readonly<Record<string, number>>;
  /** What was done, each by how many hours ago; a check step says how it went, and some are left out. */
  readonly done: readonly (readonly [task: string, hoursAgo: number, outcome?: boolean | 'left-out'])[];
  readonly startsInHours?: number;
  readonly dueInDays?: number;
  readonly checks?: readonly (readonly [kind: CheckKind, hoursAgo: number, pass: boolean])[];
  readonly stands?: string;
};

function tell({ db, nowMs }: Scene, story: Story): string {
  const startMs = nowMs + (story.startsInHours ?? -(story.done[0]?.[1] ?? 0) - 1) * MS_PER_HOUR;
  const design = allDesigns(db).find((one) => one.name === story.design);
  const regimen = allRegimens(db).find((one) => one.id === story.regimen);
  const dueAt = story.dueInDays === undefined ? null : nowMs + story.dueInDays * DAY;
  const started = must(
    startBatch(
      db,
      {
        designRevisionId: design?.revisionId ?? 0,
        speciesId: story.species,
        origin: 'bought',
        pieces: story.pieces,
        regimenRevisionId: regimen?.revisionId ?? 0,
        materials: story.materials,
        startAt: startMs,
        dueAt,
        prefer: 'soonest',
      },
      by(WREN, Math.min(startMs, nowMs)),
    ),
  );
  story.done.forEach(([task, hoursAgo, outcome], i) => {
    const at = nowMs - Math.round(hoursAgo * 60) * MS_PER_MINUTE;
    const report = {
      clientId: `demo-${started.id}-${i}`,
      batchId: started.id,
      kind: outcome === 'left-out' ? ('left-out' as const) : ('done' as const),
      task,
      at,
      device: 'demo',
      deviceSequence: i,
      clockOffsetMs: 0,
      queued: false,
      grams: null,
      tempC: 18.4,
      rh: 0.56,
      pass: typeof outcome === 'boolean' ? outcome : null,
      seen: '',
    };
    must(recordEntry(db, report, by(i % 3 === 0 ? INES : WREN, at)));
    for (const line of hoursAgo > 15 ? openRagLines(db) : []) {
      must(layRags(db, line.id, 'flat', line.version, by(WREN, at + 20 * MS_PER_MINUTE)));
      must(checkRags(db, line.id, line.version + 1, by(INES, at + 14 * MS_PER_HOUR)));
    }
  });
  const place = places(db).find((one) => one.kind === story.stands);
  if (place)
    must(moveBatch(db, started.id, place.id, by(WREN, nowMs - Math.round((story.done.at(-1)?.[1] ?? 0) * 60) * MS_PER_MINUTE)));
  for (const [kind, hoursAgo, pass] of story.checks ?? []) {
    must(
      recordCheck(
        db,
        {
          clientId: `demo-check-${started.id}-${kind}-${hoursAgo}`,
          batchId: started.id,
          kind,
          pass,
          note: '',
          at: nowMs - hoursAgo * MS_PER_HOUR,
        },
        by(INES, nowMs - hoursAgo * MS_PER_HOUR),
      ),
    );
  }
  return started.number;
}

const soakWax = (endHoursAgo: number): Story['done'] => [
  ['sand-120', endHoursAgo + 30],
  ['wet', endHoursAgo + 29.5],
  ['knock-back-220', endHoursAgo + 27],
  ['flood-1', endHoursAgo + 26.6],
  ['wipe-1', endHoursAgo + 26],
  ['flood-2', endHoursAgo + 24.8],
  ['wipe-2', endHoursAgo + 24.2],
  ['flood-3', endHoursAgo + 23],
  ['wipe-3', endHoursAgo + 22.4],
  ['wax', endHoursAgo + 0.6],
  ['buff', endHoursAgo],
];

/** The batches of the shed: some sold, some curing, some wet, one not begun. */
function tellStories(scene: Scene, made: ReadonlyMap<string, number>): void {
  const { db, nowMs } = scene;
  const oil = allLots(db).find((lot) => lot.ingredientId === 'mineral-oil')?.id ?? 0;
  const [paste, heron, tung] = ['Lantern paste', 'Heron oil-wax', 'Tideline tung'].map((name) => made.get(name) ?? 0) as [
    number,
    number,
    number,
  ];
  const done = tell(scene, {
    design: 'Bread board',
    species: 'pear',
    pieces: 6,
    regimen: 'soak-wax',
    materials: { oil, paste },
    done: [...soakWax(21 * 24), ['check', 19 * 24, true]],
  });
  const batchId = findBatchId(db, done) ?? 0;
  must(decideRelease(db, { batchId, outcome: 'released', reason: '', signed: [] }, by(INES, nowMs - 19 * DAY + MS_PER_HOUR)));
  must(
    sellPieces(
      db,
      {
        batchId,
        pieces: 2,
        priceMinor: 6800,
        buyer: 'Odalys Fennimore-Brackenridge of the Upper Ferry House',
        soldOn: day(nowMs, -16),
        use: 'daily',
        wash: 'hand',
        upkeep: 're-oils',
      },
      by(WREN, nowMs - 16 * DAY),
    ),
  );
  must(
    sellPieces(
      db,
      {
        batchId,
        pieces: 1,
        priceMinor: 6800,
        buyer: '',
        soldOn: day(nowMs, -9),
        use: 'occasional',
        wash: 'wipe',
        upkeep: 'unknown',
      },
      by(INES, nowMs - 9 * DAY),
    ),
  );
  tell(scene, {
    design: 'Lantern bowl',
    species: 'hornbeam',
    pieces: 4,
    regimen: 'thin-drying',
    materials: { oil: tung },
    done: [
      ['sand-120', 270],
      ['wet', 269],
      ['knock-back-220', 266],
      ['soak', 265.5],
      ['wipe-1', 265.2],
      ['coat-2', 240],
      ['wipe-2', 239.8],
      ['coat-3', 214],
      ['wipe-3', 213.7],
    ],
    checks: [
      ['towel', 96, false],
      ['smell', 40, false],
      ['towel', 20, true],
    ],
    stands: 'sill',
    dueInDays: 9,
  });
  tell(scene, {
    design: 'Stirring spoon',
    species: 'plum',
    pieces: 9,
    regimen: 'soak-wax',
    materials: { oil, paste },
    done: soakWax(31),
    stands: 'rack',
    dueInDays: 6,
  });
  tell(scene, {
    design: 'Stirring spoon',
    species: 'birch',
    pieces: 24,
    regimen: 'long-soak',
    materials: { oil, paste },
    done: [
      ['sand-120', 25],
      ['wet', 24.6],
      ['knock-back-220', 21],
      ['flood', 19.2],
    ],
    dueInDays: 8,
  });
  tell(scene, {
    design: 'Lantern bowl',
    species: 'olive',
    pieces: 3,
    regimen: 'one-can',
    materials: { oilwax: heron },
    done: [
      ['sand-120', 6.2],
      ['wet', 5.9],
      ['knock-back-220', 3.6],
      ['warm', 3.4, 'left-out'],
      ['rub-1', 3.1],
      ['buff-1', 2.2],
    ],
    dueInDays: 12,
  });
  tell(scene, {
    design: 'Bread board',
    species: 'sycamore',
    pieces: 8,
    regimen: 'soak-wax',
    materials: { oil, paste },
    done: [
      ['sand-120', 5.2],
      ['wet', 4.9],
      ['knock-back-220', 2.6],
      ['flood-1', 2.2],
      ['wipe-1', 1.6],
      ['flood-2', 0.4],
    ],
    dueInDays: 10,
  });
  tell(scene, {
    design: 'Bread board',
    species: 'sycamore',
    pieces: 12,
    regimen: 'soak-wax',
    materials: { oil, paste },
    done: [],
    startsInHours: 20,
    dueInDays: 14,
  });
}

/** Fills an empty file with the shed of the demo, all dates counted from `nowMs`. */
export function loadDemo(db: Db, nowMs: number): void {
  const weekdays = [1, 2, 3, 4, 5, 6].map((weekday) => ({
    day: weekday,
    open: '08:30',
    close: weekday === 6 ? '13:00' : '18:00',
  }));
  const crew = [
    { initials: 'WA', name: 'Wren Aldersea' },
    { initials: 'IT', name: 'Ines Tollmark' },
  ];
  must(
    setUpShop(
      db,
      { name: 'Quillhaven Joinery Shed', zone: ZONE, currency: 'EUR', people: crew, hours: weekdays },
      nowMs - 41 * DAY,
    ),
  );
  const scene = { db, nowMs };
  demoReadings(db, nowMs - 40 * DAY, nowMs);
  stockUp(scene);
  const made = makePots(scene, writeFormulas(scene));
  drawDesigns(scene);
  tellStories(scene, made);
}
