import 'server-only';
import { eq } from 'drizzle-orm';
import { MS_PER_HOUR, MS_PER_MINUTE } from '@/core/quantity';
import { soldPieces } from '../care/queries';
import { allDesigns, allRegimens } from '../catalogue/catalogue';
import type { Db } from '../db';
import { setHandHours } from '../plan/hands';
import { layRags } from '../rags/commands';
import { openRagLines } from '../rags/queries';
import { startRestoration } from '../restore/restore';
import { logEntry, ragLineEntry } from '../schema';
import { changeRooms } from '../shop/commands';
import { places } from '../shop/queries';
import { allLots } from '../stores/queries';
import { loadBatch } from '../work/batch';
import { weighAfter, weighBefore } from '../work/uptake';
import { by, type DemoScene, dayFrom, INES, must, WREN } from './scene';
import { MORE_STORIES } from './stories';
import { tellAll } from './tell';

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
  must(setHandHours(db, { personId: INES, hours, away: [dayFrom(nowMs, 6)] }));
}

/** The rest of a full shop: cloths that still lie, a piece on the scale, one that came home. */
export function tellMore(scene: DemoScene, made: ReadonlyMap<string, number>): void {
  const { db, nowMs } = scene;
  tellAll(scene, MORE_STORIES, made);
  weighSome(scene);
  comeHome(scene);
  // Last evening's cloths were laid before the door was locked, and wait for their look.
  const locked = nowMs - 14 * MS_PER_HOUR;
  const ofYesterday = openRagLines(db).filter((line) => line.laidAt === null && lastActOf(db, line.id) < locked);
  must(layRags(db, ofYesterday, 'flat', by(WREN, locked)));
}

/** When the last cloth of a line was left, UTC ms. */
const lastActOf = (db: Db, line: number): number =>
  Math.max(
    ...db
      .select({ at: logEntry.at })
      .from(ragLineEntry)
      .innerJoin(logEntry, eq(logEntry.clientId, ragLineEntry.entry))
      .where(eq(ragLineEntry.ragLineId, line))
      .all()
      .map(({ at }) => at),
  );

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
  const sold = soldPieces(db, dayFrom(nowMs)).at(-1);
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
        sands: true,
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
