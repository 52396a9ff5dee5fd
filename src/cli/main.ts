import { existsSync, readFileSync } from 'node:fs';
import path from 'node:path';
import { calc } from './calc';

// The shop's file is only opened for the commands that need it: a calculation starts without it.
const HELP = `rendle calc NAME < input.json     one case, or an array of cases
rendle backup FILE [--as-is]      a consistent copy of the shop's live file, its photos and papers packed in
rendle verify FILE                whether a copy can be restored
rendle restore FILE [--data DIR]  puts a copy in place of the shop's file, which is kept; the shop must be closed
rendle tidy [--remove]            what nothing refers to, what is missing and what is broken beside the shop
rendle rebuild                    reckons what is cached of readings anew from the readings themselves
rendle demo [--fresh]             fills the file in RENDLE_DATA with the demo shed, unless it holds a shop`;

const say = (text: string): void => void process.stdout.write(`${text}\n`);
const complain = (text: string): number => {
  process.stderr.write(`${text}\n`);
  return 2;
};

async function runCalc(name: string | undefined): Promise<number> {
  if (!name) return complain(HELP);
  const { output, status } = await calc(name, readFileSync(0, 'utf8'));
  say(output);
  return status;
}

/** Runs what may refuse in words of its own. */
async function inWords(run: () => Promise<number> | number): Promise<number> {
  try {
    return await run();
  } catch (fault) {
    return complain(fault instanceof Error ? fault.message : String(fault));
  }
}

const lackWords = (lacking: readonly string[]): string =>
  lacking.length === 0
    ? ''
    : ` ${lacking.length} of the files its rows name are missing or broken: ${lacking.map((hash) => hash.slice(0, 12)).join(', ')}.`;

async function runBackup(given: readonly string[]): Promise<number> {
  const [{ backup }, { shopFile }, { now }] = await Promise.all([
    import('@/data/safe/backup'),
    import('@/data/files'),
    import('@/data/clock'),
  ]);
  const [to] = given.filter((one) => !one.startsWith('--'));
  if (!to) return complain('Say where the copy goes: rendle backup FILE');
  if (!existsSync(shopFile())) return complain(`There is no shop's file at ${shopFile()}. Set RENDLE_DATA to its folder.`);
  if (existsSync(to)) return complain(`${to} exists already. Choose another name, so that no older copy is lost.`);
  return inWords(async () => {
    const { files, lacking } = await backup(shopFile(), to, { asIs: given.includes('--as-is'), nowMs: now() });
    say(`Copied ${shopFile()} to ${path.resolve(to)}, ${files} files with it.${lackWords(lacking)}`);
    return 0;
  });
}

async function runVerify(file: string | undefined): Promise<number> {
  const { verify } = await import('@/data/safe/backup');
  if (!file) return complain('Say which copy: rendle verify FILE');
  const { ok, faults, lacking, madeAt } = verify(file);
  if (!ok) return complain(`${path.resolve(file)} cannot be restored: ${faults.join('; ')}.`);
  const made = madeAt === null ? '' : `, made ${new Date(madeAt).toISOString().slice(0, 16).replace('T', ' ')} UTC`;
  say(`${path.resolve(file)} can be restored${made}.${lackWords(lacking)}`);
  return 0;
}

async function runRestore(given: readonly string[]): Promise<number> {
  const [{ restore }, { shopFile }] = await Promise.all([import('@/data/safe/restore'), import('@/data/files')]);
  const [copy] = given;
  const named = given.indexOf('--data');
  const folder = named > 0 ? given[named + 1] : path.dirname(shopFile());
  if (!copy || copy.startsWith('--') || !folder) return complain('Say which copy: rendle restore FILE [--data FOLDER]');
  return inWords(() => {
    const { before, files, lacking } = restore(copy, folder, new Date().toISOString().replace(/[:.]/g, '-'));
    say(`Restored ${path.resolve(copy)} to ${path.resolve(folder)}, ${files} files with it.${lackWords(lacking)}`);
    if (before) say(`What stood there before is kept at ${before}.`);
    return 0;
  });
}

async function runTidy(given: readonly string[]): Promise<number> {
  const [{ looseIn, tidy }, { shopFile }] = await Promise.all([import('@/data/safe/tidy'), import('@/data/files')]);
  if (!existsSync(shopFile())) return complain(`There is no shop's file at ${shopFile()}. Set RENDLE_DATA to its folder.`);
  const remove = given.includes('--remove');
  const { loose, missing, broken } = remove ? tidy(shopFile()) : looseIn(shopFile());
  for (const { file, bytes } of loose) say(`${remove ? 'removed' : 'nothing refers to'} ${file} (${bytes} bytes)`);
  for (const hash of missing) say(`missing: ${hash}, named by a record; send it again, or restore a copy that holds it`);
  for (const hash of broken) say(`broken: ${hash}, no longer what it was; send it again, or restore a copy that holds it`);
  if (loose.length + missing.length + broken.length === 0) say('Everything is in its place.');
  else if (!remove && loose.length > 0) say('Remove what nothing refers to with rendle tidy --remove.');
  return 0;
}

async function runRebuild(): Promise<number> {
  const [{ migrateFile, openFile }, { shopFile }, { rebuildRooms }] = await Promise.all([
    import('@/data/db'),
    import('@/data/files'),
    import('@/data/shop/commands'),
  ]);
  if (!existsSync(shopFile())) return complain(`There is no shop's file at ${shopFile()}. Set RENDLE_DATA to its folder.`);
  migrateFile(shopFile(), 'rebuild');
  const { db, raw } = openFile(shopFile());
  rebuildRooms(db);
  raw.close();
  say('The hours and seasons of every place are reckoned anew.');
  return 0;
}

async function runDemo(isFresh: boolean): Promise<number> {
  const [{ shopFile }, { makeDemoFile }, { now }, { whoHolds }, { faultAtStart }, { heldWords, takeLock }] = await Promise.all([
    import('@/data/files'),
    import('@/data/demo/load'),
    import('@/data/clock'),
    import('@/data/shop/identity'),
    import('@/data/safe/start'),
    import('@/data/safe/lock'),
  ]);
  const file = shopFile();
  const fault = existsSync(file) ? faultAtStart(file) : null;
  if (fault) return complain(fault);
  const holds = existsSync(file) ? whoHolds(file) : 'nobody';
  if (holds === 'people')
    return complain(`${file} is a shop with people in it: it was not touched. Name another folder in RENDLE_DATA for the demo.`);
  if (holds === 'demo' && !isFresh) return 0;
  const lock = takeLock(path.dirname(file), { pid: process.pid, port: '', what: 'demo', since: new Date().toISOString() });
  if (!lock.ok) return complain(heldWords(path.dirname(file), lock.by));
  try {
    makeDemoFile(file, now());
  } finally {
    lock.release();
  }
  return 0;
}

async function main([command, ...rest]: readonly string[]): Promise<number> {
  const [argument] = rest;
  if (command === 'calc') return runCalc(argument);
  if (command === 'backup') return runBackup(rest);
  if (command === 'verify') return runVerify(argument);
  if (command === 'restore') return runRestore(rest);
  if (command === 'tidy') return runTidy(rest);
  if (command === 'rebuild') return runRebuild();
  if (command === 'demo') return runDemo(argument === '--fresh');
  return complain(HELP);
}

process.exitCode = await main(process.argv.slice(2));
