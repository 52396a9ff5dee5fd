import 'server-only';
import { MS_PER_HOUR, MS_PER_MINUTE } from '@/core/quantity';
import { soldPieces } from '../care/queries';
import { setHandHours } from '../plan/hands';
import { layRags } from '../rags/commands';
import { openRagLines } from '../rags/queries';
import { startRestoration } from '../restore/restore';
import { changeRooms } from '../shop/commands';
import { places } from '../shop/queries';
import { allLots } from '../stores/queries';
import { findBatchId, loadBatch } from '../work/batch';
import { allDesigns, allRegimens } from '../work/catalogue';
import { splitBatch } from '../work/split';
import { weighAfter, weighBefore } from '../work/uptake';
import { tell } from './batches';
import { by, day, INES, must, type DemoScene, WREN } from './scene';

const ROOMS: Readonly<Record<string, number>> = { rack: 6, sill: 1.6, bath: 9, 'warm cabinet': 1.6, lathe: 1 };

/** What fits where, and Ines, who does not come on Saturdays and is away one day next week. */
export function arrangeShop({ db, nowMs }: DemoScene): void {
  must(
    changeRooms(
      db,
      places(db).map(({ id, kind }) => ({ id, capacity: ROOMS[kind] ?? null })),
    ),
  );
  const hours = [1, 2, 3, 4, 5].map((weekday) => ({ day: weekday, open: '09:00', close: '16:30' }));
  must(setHandHours(db, { personId: INES, hours, away: [day(nowMs, 6)] }));
}

/** The rest of a full shop: pieces in the bath and in the warm cabinet, cloths that still lie, a wipe that is late, one that came home. */
export function tellMore(scene: DemoScene, made: ReadonlyMap<string, number>): void {
  const { db, nowMs } = scene;
  const lots = allLots(db);
  const trough = lots.find((lot) => lot.kind === 'bath')?.id ?? 0;
  const [paste, tung] = [made.get('Lantern paste') ?? 0, made.get('Tideline tung') ?? 0];
  // Neat oil only goes into the warm: what holds solvent gives off vapour.
  const neat = lots.find((lot) => lot.ingredientId === 'tung-oil' && lot.leftG > 100)?.id ?? 0;
  tell(scene, {
    design: 'Stirring spoon',
    species: 'hornbeam',
    pieces: 12,
    regimen: 'bath',
    materials: { oil: trough, paste },
    done: [
      ['sand-120', 9],
      ['wet', 8.6],
      ['knock-back-220', 6],
      ['submerge', 5.2],
    ],
    dueInDays: 9,
  });
  tell(scene, {
    design: 'Lantern bowl',
    species: 'plum',
    pieces: 2,
    regimen: 'warm-cure',
    materials: { oil: neat },
    done: warmCure(14.5),
    stands: 'warm cabinet',
    dueInDays: 16,
  });
  tell(scene, {
    design: 'Bread board',
    species: 'cherry',
    pieces: 5,
    regimen: 'thin-drying',
    materials: { oil: tung },
    done: [
      ['sand-120', 30],
      ['wet', 29],
      ['knock-back-220', 26],
      ['soak', 25.6, null, 41],
      ['wipe-1', 25.3],
      ['coat-2', 1.1, null, 17],
    ],
    dueInDays: 20,
  });
  const bare = tell(scene, {
    design: 'Stirring spoon',
    species: 'birch',
    pieces: 6,
    regimen: 'bare',
    materials: {},
    done: [['sand-120', 1.4]],
    dueInDays: 7,
  });
  weighSome(scene);
  const spoons = findBatchId(db, bare) ?? 0;
  must(splitBatch(db, { batchId: spoons, pieces: '5, 6', why: 'promised for Saturday' }, by(INES, nowMs - 12 * MS_PER_MINUTE)));
  comeHome(scene);
  // Last evening's cloths were laid before the door was locked, and wait for their look.
  for (const line of openRagLines(db)
    .filter((one) => one.laidAt === null && one.hazard === 'self-heating')
    .slice(0, 1))
    must(layRags(db, line.id, 'flat', line.version, by(WREN, nowMs - 14 * MS_PER_HOUR)));
}

/** The steps of the hurried regimen up to its rest in the warm, ending so many hours ago. */
const warmCure = (endHoursAgo: number) =>
  [
    ['sand-120', endHoursAgo + 5],
    ['wet', endHoursAgo + 4.6],
    ['knock-back-220', endHoursAgo + 2],
    ['coat-1', endHoursAgo + 0.5],
    ['wipe-1', endHoursAgo],
    ['turn', endHoursAgo - 13],
  ] as const;

/** One board of the eight on the scale: what the first flood took, and the second still lying on it. */
function weighSome({ db, nowMs }: DemoScene): void {
  const batchId = 6;
  const piece = loadBatch(db, batchId, nowMs)?.pieces[0];
  if (!piece) return;
  const at = by(WREN, nowMs - 2 * MS_PER_HOUR);
  const first = must(
    weighBefore(db, { clientId: 'demo-weigh-1', batchId, pieceId: piece.id, task: 'flood-1', beforeG: 1612.4 }, at),
  );
  must(weighAfter(db, { id: first.id, afterG: 1638.9 }));
  must(
    weighBefore(
      db,
      { clientId: 'demo-weigh-2', batchId, pieceId: piece.id, task: 'flood-2', beforeG: 1638.1 },
      by(WREN, nowMs - 30 * MS_PER_MINUTE),
    ),
  );
}

/** A board that was sold some weeks ago comes home with knife scars. */
function comeHome({ db, nowMs }: DemoScene): void {
  const sold = soldPieces(db, day(nowMs)).at(-1);
  const design = allDesigns(db).find((one) => one.name === 'Bread board');
  const regimen = allRegimens(db).find((one) => one.id === 'restore-never');
  const oil = allLots(db).find((lot) => lot.ingredientId === 'mineral-oil');
  must(
    startRestoration(
      db,
      {
        code: sold?.code ?? '',
        owner: 'The Upper Ferry House',
        wasFinishedWith: 'mineral oil and Lantern paste',
        marks: [
          { surface: 'top', mark: 'scar' },
          { surface: 'end-grain', mark: 'dull' },
        ],
        billMinor: 2800,
      },
      {
        designRevisionId: design?.revisionId ?? 0,
        speciesId: 'pear',
        origin: 'bought',
        pieces: 1,
        regimenRevisionId: regimen?.revisionId ?? 0,
        materials: { oil: oil?.id ?? 0 },
        startAt: nowMs,
        dueAt: nowMs + 6 * 24 * MS_PER_HOUR,
      },
      by(INES, nowMs - 10 * MS_PER_MINUTE),
    ),
  );
}
