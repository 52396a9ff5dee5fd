import { gzipSync } from 'node:zlib';
import { makeShop, VIEWS } from '../e2e/shop';
import { timeAddress } from './address';

/** Main views of the demo shed: the server's time for each, and the JavaScript a browser fetches for it. */
const WARM_UPS = 5;
const CALLS = 25;

const shop = makeShop({ demo: true, at: '2031-03-05T14:20:00Z' });
const gzipped = new Map<string, number>();

async function scriptBytes(page: string): Promise<number> {
  const sources = [...new Set([...page.matchAll(/src="(\/_next\/static\/[^"]+\.js)"/g)].map((match) => match[1] ?? ''))];
  for (const source of sources) {
    if (!gzipped.has(source))
      gzipped.set(source, gzipSync(Buffer.from(await (await fetch(shop.url + source)).arrayBuffer())).length);
  }
  return sources.reduce((sum, source) => sum + (gzipped.get(source) ?? 0), 0);
}

try {
  await shop.start();
  for (const view of VIEWS) {
    const { says, page } = await timeAddress(shop.url + view, WARM_UPS, CALLS);
    const bytes = await scriptBytes(page);
    console.log(`${view.padEnd(20)} ${says}, ${(bytes / 1000).toFixed(0).padStart(4)} kB of JavaScript (gzip)`);
  }
} finally {
  await shop.remove();
}
