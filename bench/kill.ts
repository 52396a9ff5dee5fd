/**
 * Kills processes at random moments while they write, and looks at what is left: nothing that was acknowledged may be lost, nothing half, and
 * nothing that looks good may be broken. `node --conditions=react-server --import tsx bench/kill.ts [runs] [seed]`.
 */
import { type ChildProcess, spawn } from 'node:child_process';
import { existsSync, mkdtempSync, readdirSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import path from 'node:path';
import Database from 'better-sqlite3';
import { migrateFile, openFile } from '@/data/db';
import { filesBeside, keepFile, keptFiles, keptIn } from '@/data/files';
import { backup, verify } from '@/data/safe/backup';
import { restore } from '@/data/safe/restore';
import { faultAtStart } from '@/data/safe/start';
import { tidy } from '@/data/safe/tidy';
import { setUpShop } from '@/data/shop/commands';
import { receiveLot } from '@/data/stores/commands';
import { fileOfShape } from '@/data/testing';
import { TASKS, type Task } from './kill-child';

const RUNS = Number(process.argv[2] ?? 30);
let seed = Number(process.argv[3] ?? 7);
/** A small generator, so that a run can be had again by its seed. */
const random = (): number => {
  seed = (seed * 1_664_525 + 1_013_904_223) % 4_294_967_296;
  return seed / 4_294_967_296;
};
const by = { personId: 1, nowMs: 0 };
const rest = { supplier: '', supplierCode: '', openedOn: null, bestBefore: null, priceMinor: null, note: '' };

function newShop(folder: string): string {
  const file = path.join(folder, 'shop.sqlite');
  migrateFile(file, 'new');
  const { db, raw } = openFile(file);
  setUpShop(db, { name: 'S', zone: 'UTC', currency: 'EUR', people: [{ initials: 'MO', name: 'Maren' }], hours: [] }, 0);
  for (let i = 0; i < 40; i++) receiveLot(db, { ...rest, ingredientId: 'beeswax', grams: 500 + i }, by);
  raw.close();
  for (let i = 0; i < 20; i++) keepFile(Buffer.alloc(200_000, i), filesBeside(file));
  return file;
}

const lotsIn = (file: string): number => {
  const raw = new Database(file, { fileMustExist: true });
  try {
    return (raw.prepare('select count(*) as n from lot').get() as { n: number }).n;
  } finally {
    raw.close();
  }
};

/** Runs a task in a process of its own until it is done or killed; gives what it said was done. */
async function killed(
  task: Task,
  folder: string,
  afterMs: number,
): Promise<{ readonly acked: string[]; readonly ended: boolean }> {
  const child: ChildProcess = spawn(
    process.execPath,
    ['--conditions=react-server', '--import', 'tsx', path.join(import.meta.dirname, 'kill-child.ts'), task, folder],
    { stdio: ['ignore', 'pipe', 'inherit'] },
  );
  let said = '';
  let timer: NodeJS.Timeout | undefined;
  child.stdout?.on('data', (data) => {
    said += String(data);
    // The clock starts when the work does, not while the process still loads.
    if (said.includes('begin\n')) timer ??= setTimeout(() => child.kill('SIGKILL'), afterMs);
  });
  const code = await new Promise<number | null>((resolve) => child.once('exit', resolve));
  clearTimeout(timer);
  const lines = said.split('\n').slice(0, -1);
  return { acked: lines.filter((line) => line.startsWith('ack ')).map((line) => line.slice(4)), ended: code === 0 };
}

type Found = { lost: number; half: number; trusted: number; acked: number };

/** What every shop must be after a kill: it opens, is sound, and every kept file is what it says. */
function sound(file: string, found: Found): void {
  if (faultAtStart(file)) found.half++;
  const raw = new Database(file);
  if (raw.pragma('integrity_check', { simple: true }) !== 'ok' || (raw.pragma('foreign_key_check') as unknown[]).length > 0)
    found.half++;
  raw.close();
  for (const hash of keptFiles(filesBeside(file))) if (keptIn(filesBeside(file), hash).state !== 'whole') found.trusted++;
}

const LOOK: Readonly<Record<Task, (folder: string, acked: readonly string[], found: Found) => Promise<void>>> = {
  records: async (folder, acked, found) => {
    const raw = new Database(path.join(folder, 'shop.sqlite'));
    const has = raw.prepare('select 1 from lot where supplier_code = ?');
    for (const one of acked) if (!has.get(one)) found.lost++;
    const moved = raw
      .prepare('select count(*) as n from lot l where not exists (select 1 from movement m where m.lot_id = l.id)')
      .get();
    found.half += (moved as { n: number }).n;
    raw.close();
  },
  import: async (folder, _, found) => {
    const raw = new Database(path.join(folder, 'shop.sqlite'));
    const { n } = raw.prepare("select count(*) as n from lot where note = 'of the list'").get() as { n: number };
    if (n % 300 !== 0) found.half++;
    raw.close();
  },
  photos: async (folder, acked, found) => {
    for (const hash of acked) if (keptIn(filesBeside(path.join(folder, 'shop.sqlite')), hash).state !== 'whole') found.lost++;
  },
  backup: async (folder, acked, found) => {
    const copies = readdirSync(folder).filter((name) => /^copy-\d+\.sqlite$/.test(name));
    for (const name of copies) if (!verify(path.join(folder, name)).ok) found.trusted++;
    for (const name of acked) if (!copies.includes(name)) found.lost++;
    const again = path.join(folder, 'again.sqlite');
    await backup(path.join(folder, 'shop.sqlite'), again, { nowMs: 0 });
    if (!verify(again).ok) found.trusted++;
  },
  restore: async (folder, _, found) => {
    const file = path.join(folder, 'shop.sqlite');
    // Either what stood there, or the copy: never neither.
    if (![40, 0].includes(lotsIn(file))) found.lost++;
    restore(path.join(folder, 'old', 'copy.sqlite'), folder, 'again');
    if (lotsIn(file) !== 0) found.half++;
    const before = readdirSync(folder).filter((name) => name.includes('before-restore'));
    if (!before.some((name) => lotsIn(path.join(folder, name)) === 40)) found.lost++;
  },
  migration: async (folder, _, found) => {
    const file = path.join(folder, 'old', 'shop.sqlite');
    migrateFile(file, 'again');
    const raw = new Database(file);
    if (raw.pragma('integrity_check', { simple: true }) !== 'ok') found.half++;
    if ((raw.prepare('select count(*) as n from container').get() as { n: number }).n !== 5) found.lost++;
    raw.close();
  },
  demo: async (folder, _, found) => {
    const file = path.join(folder, 'demo', 'shop.sqlite');
    if (!existsSync(file)) return;
    if (faultAtStart(file) || lotsIn(file) < 20) found.half++;
  },
};

const PREPARE: Readonly<Partial<Record<Task, (folder: string) => Promise<void>>>> = {
  restore: async (folder) => {
    const old = fileOfShape(path.join(folder, 'old'), 6);
    await backup(old, path.join(folder, 'old', 'copy.sqlite'), { nowMs: 0 });
  },
  migration: async (folder) => {
    const old = fileOfShape(path.join(folder, 'old'), 6);
    const raw = new Database(old);
    for (let i = 0; i < 5; i++)
      raw.prepare('insert into container (name, capacity_ml, fill_fraction, have) values (?, 60, 0.9, 1)').run(`Tin ${i}`);
    raw.close();
  },
};
/** About how long each task takes, ms: the kill falls anywhere in it. */
const SPAN: Readonly<Record<Task, number>> = {
  records: 400,
  import: 700,
  photos: 400,
  backup: 300,
  restore: 250,
  migration: 150,
  demo: 2500,
};

const total: Found = { lost: 0, half: 0, trusted: 0, acked: 0 };
let kills = 0;
for (let run = 0; run < RUNS; run++) {
  const task = TASKS[run % TASKS.length] as Task;
  const folder = mkdtempSync(path.join(tmpdir(), 'rendle-kill-'));
  const file = newShop(folder);
  await PREPARE[task]?.(folder);
  const { acked, ended } = await killed(task, folder, random() * SPAN[task]);
  if (!ended) kills++;
  const found: Found = { lost: 0, half: 0, trusted: 0, acked: acked.length };
  sound(file, found);
  await LOOK[task](folder, acked, found);
  if (existsSync(file)) tidy(file);
  for (const key of ['lost', 'half', 'trusted', 'acked'] as const) total[key] += found[key];
  if (found.lost + found.half + found.trusted > 0) console.log(`run ${run} (${task}):`, found, folder);
  else rmSync(folder, { recursive: true, force: true });
}
console.log(
  `${RUNS} runs, ${kills} killed in the middle, ${total.acked} acknowledged: ${total.lost} lost, ${total.half} half, ${total.trusted} trusted but broken`,
);
process.exitCode = total.lost + total.half + total.trusted > 0 ? 1 : 0;
