import { execFileSync } from 'node:child_process';
import { writeFileSync } from 'node:fs';
import { cpus } from 'node:os';
import path from 'node:path';
import { makeShop, type Shop } from '../e2e/shop';
import { call, middle, record, VIEWS } from './calls';
import { AT, fill } from './shed';

/**
 * How long the server takes for each view, beside a page of the same app that only reads the shop's name: called in turn, so that what
 * else the machine does weighs on both. `npm run bench -- views [--write]`; with `--write` the table goes to docs/bench-views.md.
 */
const CALLS = 20;
const WARM_UPS = 3;
const SIZES = [12, 60, 300] as const;

type Row = { readonly view: string; readonly bare: number; readonly again: number; readonly first: number };

/** A view beside the bare page, each as the middle of so many calls in turn: with nothing recorded since, and first after a record. */
async function measure(shop: Shop, view: string, calls = CALLS): Promise<Row> {
  for (let i = 0; i < WARM_UPS; i++) await call(shop, view);
  const times = { bare: [] as number[], again: [] as number[], first: [] as number[] };
  for (let i = 0; i < calls; i++) {
    times.bare.push(await call(shop, '/bare'));
    times.again.push(await call(shop, view));
    record(shop);
    // The bare page reads the file again too, so that the record weighs on the view alone by what the view computes.
    await call(shop, '/bare');
    times.first.push(await call(shop, view));
  }
  return { view, bare: middle(times.bare), again: middle(times.again), first: middle(times.first) };
}

const TABLE = path.resolve(import.meta.dirname, '../docs/bench-views.md');
const lines: string[] = [];
const say = (line: string): void => {
  lines.push(line);
  console.log(line);
  // As it goes, so that a run that is cut off keeps what it measured.
  if (process.argv.includes('--write')) writeFileSync(TABLE, `${lines.join('\n')}\n`);
};
const ms = (time: number): string => time.toFixed(time < 10 ? 1 : 0);
const row = ({ view, bare, again, first }: Row): string =>
  `| \`${view}\` | ${ms(bare)} | ${ms(again)} | ${(again / bare).toFixed(1)} | ${ms(first)} | ${(first / bare).toFixed(1)} |`;
const HEAD = '| view | bare page, ms | nothing recorded since, ms | times bare | first after a record, ms | times bare |';

const git = (...asked: string[]): string => execFileSync('git', asked, { encoding: 'utf8' }).trim();
say('# What the views take');
say('');
say(
  `${new Date().toISOString().slice(0, 10)}, commit ${git('rev-parse', '--short', 'HEAD')}, ${cpus().length} cores of ${cpus()[0]?.model.trim()}. Middle of ${CALLS} calls, in turn with a bare page of the same app. Written by \`npm run bench -- views --write\`.`,
);
say('');
say('The demo shed:');
say('');
say(HEAD);
say('|---|---|---|---|---|---|');
const demo = makeShop({ demo: true, at: new Date(AT).toISOString(), environment: { RENDLE_BENCH: '1' } });
try {
  await demo.start();
  for (const view of VIEWS) say(row(await measure(demo, view)));
} finally {
  await demo.remove();
}
say('');
say('Today by open batches, five calls each:');
say('');
say(HEAD);
say('|---|---|---|---|---|---|');
for (const size of SIZES) {
  const shop = makeShop({ demo: false, at: new Date(AT).toISOString(), environment: { RENDLE_BENCH: '1' } });
  try {
    fill(path.join(shop.folder, 'shop.sqlite'), size);
    await shop.start();
    say(row({ ...(await measure(shop, '/', 5)), view: `/ with ${size} open batches` }));
  } finally {
    await shop.remove();
  }
}
