import 'server-only';
import { closesWhenLaid } from '@/core/cloths';
import type { CheckKind } from '@/core/cure';
import { MS_PER_HOUR, MS_PER_MINUTE } from '@/core/quantity';
import { sellPieces } from '../care/commands';
import { recordCheck } from '../cure/commands';
import { checkRags, layRags } from '../rags/commands';
import { openRagLines } from '../rags/queries';
import { decideRelease } from '../release/commands';
import { places } from '../shop/queries';
import { allLots } from '../stores/queries';
import { findBatchId } from '../work/batch';
import { allDesigns, allRegimens } from '../work/catalogue';
import { addDesign, moveBatch, startBatch } from '../work/commands';
import { recordEntry } from '../work/record';
import { by, DAY, day, INES, must, type DemoScene, WREN } from './scene';

/** What the shed makes. */
export function drawDesigns({ db, nowMs }: DemoScene): void {
  const at = nowMs - 38 * DAY;
  must(
    addDesign(
      db,
      {
        name: 'Bread board',
        uses: ['food-wet', 'knife'],
        geometry: { shape: 'board', lengthMm: 420, widthMm: 260, thickMm: 24, grain: 'long' },
      },
      at,
    ),
  );
  must(
    addDesign(
      db,
      {
        name: 'Stirring spoon',
        uses: ['food-wet', 'mouth'],
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
        uses: ['food-dry', 'hands'],
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

export type Story = {
  readonly design: string;
  readonly species: string;
  readonly pieces: number;
  readonly regimen: string;
  readonly materials: Readonly<Record<string, number>>;
  /** What was done, each by how many hours ago; a check step says how it went, and some are left out. */
  readonly done: readonly (readonly [task: string, hoursAgo: number, outcome?: boolean | 'left-out' | null, grams?: number])[];
  readonly startsInHours?: number;
  readonly dueInDays?: number;
  readonly checks?: readonly (readonly [kind: CheckKind, hoursAgo: number, pass: boolean])[];
  readonly stands?: string;
};

export function tell({ db, nowMs }: DemoScene, story: Story): string {
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
      },
      by(WREN, Math.min(startMs, nowMs)),
    ),
  );
  story.done.forEach(([task, hoursAgo, outcome, grams = null], i) => {
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
      grams,
      tempC: 18.4,
      rh: 0.56,
      pass: typeof outcome === 'boolean' ? outcome : null,
      seen: '',
    };
    must(recordEntry(db, report, by(i % 3 === 0 ? INES : WREN, at)));
    for (const line of hoursAgo > 15 ? openRagLines(db).filter((one) => one.laidAt === null && one.openedAt <= at) : []) {
      must(layRags(db, line.id, 'flat', line.version, by(WREN, at + 20 * MS_PER_MINUTE)));
      if (!closesWhenLaid(line.hazard)) must(checkRags(db, line.id, line.version + 1, by(INES, at + 14 * MS_PER_HOUR)));
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
export function tellStories(scene: DemoScene, made: ReadonlyMap<string, number>): void {
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
        email: 'odalys@ferryhouse.example',
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
      ['water-bead', 20, true],
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
