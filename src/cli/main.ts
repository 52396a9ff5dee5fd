import { existsSync, readFileSync, rmSync } from 'node:fs';
import path from 'node:path';
import { calc } from './calc';

// The shop's file is only opened for the commands that need it: a calculation starts without it.
const HELP = `rendle calc NAME < input.json     one case, or an array of cases
rendle backup FILE                a consistent copy of the shop's live file
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

async function runBackup(to: string | undefined): Promise<number> {
  const [{ backup }, { shopFile }] = await Promise.all([import('@/data/db'), import('@/data/files')]);
  if (!to) return complain('Say where the copy goes: rendle backup FILE');
  if (!existsSync(shopFile())) return complain(`There is no shop's file at ${shopFile()}. Set RENDLE_DATA to its folder.`);
  if (existsSync(to)) return complain(`${to} exists already. Choose another name, so that no older copy is lost.`);
  await backup(shopFile(), to);
  say(`Copied ${shopFile()} to ${path.resolve(to)}.`);
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
  const [{ migrateFile, openFile }, { shopFile }, { loadDemo }, { findShop }, { now }] = await Promise.all([
    import('@/data/db'),
    import('@/data/files'),
    import('@/data/demo/load'),
    import('@/data/shop/queries'),
    import('@/data/clock'),
  ]);
  const file = shopFile();
  if (isFresh) for (const ending of ['', '-wal', '-shm']) rmSync(`${file}${ending}`, { force: true });
  migrateFile(file, 'demo');
  const { db, raw } = openFile(file);
  if (!findShop(db)) loadDemo(db, now());
  raw.close();
  return 0;
}

async function main([command, argument]: readonly string[]): Promise<number> {
  if (command === 'calc') return runCalc(argument);
  if (command === 'backup') return runBackup(argument);
  if (command === 'rebuild') return runRebuild();
  if (command === 'demo') return runDemo(argument === '--fresh');
  return complain(HELP);
}

process.exitCode = await main(process.argv.slice(2));
