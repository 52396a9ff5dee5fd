import path from 'node:path';
import { makeShop } from '../e2e/shop';
import { coverage } from '../src/core/cure/index';
import { openFile } from '../src/data/db';
import { timeAddress } from './address';

/** How often the learned bands hold, and the cure view's server time with ten years of readings, one every ten minutes, of every place. */
const AT = '2031-03-05T14:20:00Z';
const BATCHES = 2000;
const ROWS = 525_600;
const STEP_MS = 600_000;
const [WARM_UPS, CALLS] = [15, 60] as const;

for (const seed of [11, 12, 13]) {
  const { held, all } = coverage(seed, BATCHES);
  console.log(
    `cure   learned A0: the band of eight in ten held ${((100 * held) / all).toFixed(1)} % of ${all} simulated batches (seed ${seed})`,
  );
}

/** Ten years of readings of each place that has any. Gives how many there are now and how long the triggers took, s. */
function fill(file: string): { readonly rows: number; readonly places: number; readonly seconds: number } {
  const { raw } = openFile(file);
  const places = raw.prepare('select distinct place_id from room_reading').pluck().all() as number[];
  const first = raw.prepare('select min(at) from room_reading').pluck().get() as number;
  const add = raw.prepare('insert into room_reading (client_id, place_id, at, temp_c, rh_fraction) values (?, ?, ?, ?, ?)');
  const from = performance.now();
  raw.transaction(() => {
    for (const place of places)
      for (let i = 0; i < ROWS; i++) {
        const at = first - (i + 1) * STEP_MS;
        const day = Math.sin(at / 13_750_987);
        add.run(`bench-${place}-${i}`, place, at, 18 + 4 * day, 0.55 - 0.05 * day);
      }
  })();
  const rows = raw.prepare('select count(*) from room_reading').pluck().get() as number;
  raw.close();
  return { rows, places: places.length, seconds: (performance.now() - from) / 1000 };
}

const shop = makeShop({ demo: true, at: AT });
const time = async (view: string): Promise<string> => (await timeAddress(shop.url + view, WARM_UPS, CALLS)).says;
try {
  await shop.start();
  for (const view of ['/cure/31-002', '/cure']) console.log(`cure   ${view} with the demo's readings: ${await time(view)}`);
  await shop.kill();
  const { rows, places, seconds } = fill(path.join(shop.folder, 'shop.sqlite'));
  console.log(`cure   ${rows} readings of ${places} places written in ${seconds.toFixed(0)} s`);
  await shop.start();
  for (const view of ['/cure/31-002', '/cure']) console.log(`cure   ${view} with ten years of readings: ${await time(view)}`);
} finally {
  await shop.remove();
}
