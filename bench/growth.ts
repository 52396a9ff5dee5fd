import { statSync } from 'node:fs';
import path from 'node:path';
import { makeShop } from '../e2e/shop';
import { call, middle, record, VIEWS } from './calls';
import { AT } from './shed';
import { fillYears } from './years';

/**
 * How the views hold while a shop grows: the same shed with 1, 10 and 100 years of a busy shop behind it. Of each view the first call after
 * a record of another program, when everything is read and computed anew, and one with nothing recorded since.
 * `npm run bench -- growth [years …]`
 */
const YEARS = [1, 10, 100] as const;
const CALLS = 5;

type Measured = { readonly first: number; readonly again: number };

async function measure(years: number): Promise<ReadonlyMap<string, Measured>> {
  const shop = makeShop({ demo: false, at: new Date(AT).toISOString(), environment: { RENDLE_BENCH: '1' } });
  try {
    const file = path.join(shop.folder, 'shop.sqlite');
    const told = performance.now();
    fillYears(file, years);
    console.log(
      `\n${years} years: ${(statSync(file).size / 1e6).toFixed(0)} MB, made in ${((performance.now() - told) / 1000).toFixed(0)} s`,
    );
    const opened = performance.now();
    await shop.start();
    await call(shop, '/bare');
    console.log(`opened in ${((performance.now() - opened) / 1000).toFixed(1)} s, with the start of the server`);
    const found = new Map<string, Measured>();
    for (const view of VIEWS) {
      for (let i = 0; i < 2; i++) await call(shop, view);
      const times = { first: [] as number[], again: [] as number[] };
      for (let i = 0; i < CALLS; i++) {
        record(shop);
        times.first.push(await call(shop, view));
        times.again.push(await call(shop, view));
      }
      found.set(view, { first: middle(times.first), again: middle(times.again) });
      console.log(
        `${view.padEnd(54)} ${found.get(view)?.first.toFixed(0).padStart(7)} ${found.get(view)?.again.toFixed(0).padStart(7)}`,
      );
    }
    return found;
  } finally {
    await shop.remove();
  }
}

const asked = process.argv.slice(2).map(Number).filter(Boolean);
const years = asked.length > 0 ? asked : [...YEARS];
const all: ReadonlyMap<string, Measured>[] = [];
for (const each of years) all.push(await measure(each));
const [least, most] = [all[0], all.at(-1)];
console.log(`\n${years.at(-1)} years beside ${years[0]}:`);
for (const view of VIEWS) {
  const [a, b] = [least?.get(view), most?.get(view)];
  if (a && b)
    console.log(`${view.padEnd(54)} ${(b.first / a.first).toFixed(2).padStart(7)} ${(b.again / a.again).toFixed(2).padStart(7)}`);
}
