import path from 'node:path';
import { makeShop } from '../e2e/shop';
import { asPage } from './address';
import { middle } from './calls';
import { AT, fill } from './shed';

/** Today's server time by how many batches are open: while the plan stands, and right after a record, when the shop is planned anew. */
const SIZES = [12, 60, 300] as const;
const CALLS = 15;

for (const size of SIZES) {
  const shop = makeShop({ demo: false, at: new Date(AT).toISOString() });
  try {
    fill(path.join(shop.folder, 'shop.sqlite'), size);
    await shop.start();
    const headers = asPage(shop.url);
    const page = async (): Promise<number> => {
      const from = performance.now();
      await (await fetch(shop.url, { headers })).text();
      return performance.now() - from;
    };
    for (let i = 0; i < 4; i++) await page();
    const standing: number[] = [];
    for (let i = 0; i < CALLS; i++) standing.push(await page());
    const anew: number[] = [];
    for (let i = 0; i < 5; i++) {
      // Six minutes on, the plan no longer stands.
      shop.advance(0.1);
      anew.push(await page());
    }
    console.log(
      `today  ${String(size).padStart(3)} open batches: ${middle(standing).toFixed(0)} ms while the plan stands, ${middle(anew).toFixed(0)} ms when it is made anew`,
    );
  } finally {
    await shop.remove();
  }
}
