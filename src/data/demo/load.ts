import 'server-only';
import { mkdirSync, renameSync, rmSync } from 'node:fs';
import path from 'node:path';
import { type Db, migrateFile, openFile } from '../db';
import { flushFolder, partOf } from '../files';
import { shop } from '../schema';
import { setUpShop } from '../shop/commands';
import { layAtHand } from './at-hand';
import { demoReadings } from './climate';
import { arrangeShop, tellMore } from './more';
import { makePots } from './pots';
import { DAY, must, ZONE } from './scene';
import { takeSides } from './sides';
import { afterPots, stockUp, writeFormulas } from './stock';
import { STORIES } from './stories';
import { drawDesigns, tellAll } from './tell';
import { keepTrialPictures, tryFinishes } from './trials';
import { readWood } from './wood';
import { gatherEvidence, tellYear } from './year';

const SHED = {
  name: 'Quillhaven Joinery Shed',
  zone: ZONE,
  currency: 'EUR',
  people: [
    { initials: 'WA', name: 'Wren Aldersea' },
    { initials: 'IT', name: 'Ines Tollmark' },
  ],
  hours: [1, 2, 3, 4, 5, 6].map((day) => ({ day, open: '08:30', close: day === 6 ? '13:00' : '18:00' })),
};

/** Fills an empty file with the shed of the demo, all dates counted from `nowMs`. */
export function loadDemo(db: Db, nowMs: number): void {
  must(setUpShop(db, SHED, nowMs - 400 * DAY));
  const scene = { db, nowMs };
  demoReadings(db, nowMs - 398 * DAY, nowMs);
  sayCosts(db);
  stockUp(scene);
  const formulas = writeFormulas(scene);
  const made = makePots(scene, formulas);
  drawDesigns(scene);
  tellAll(scene, STORIES, made);
  afterPots(scene, made);
  arrangeShop(scene);
  tellMore(scene, made);
  readWood(scene);
  tellYear(scene, formulas.get('Lantern paste') ?? 0);
  gatherEvidence(scene);
  layAtHand(scene);
  tryFinishes(scene);
  takeSides(scene);
}

/** What an hour of hands and a printed slip cost the shed. */
const sayCosts = (db: Db): void => void db.update(shop).set({ hourMinor: 2400, slipMinor: 12, isDemo: true }).run();

/** The demo shed as a file of its own, in one go or not at all: what is cut off leaves no half shed where a shop's file belongs. */
export function makeDemoFile(file: string, nowMs: number): void {
  mkdirSync(path.dirname(file), { recursive: true });
  const fresh = partOf(file);
  migrateFile(fresh, 'demo');
  const { db, raw } = openFile(fresh);
  try {
    loadDemo(db, nowMs);
    keepTrialPictures(file);
    raw.pragma('journal_mode = DELETE');
  } finally {
    raw.close();
  }
  for (const ending of ['-wal', '-shm']) rmSync(`${file}${ending}`, { force: true });
  renameSync(fresh, file);
  flushFolder(path.dirname(file));
}
