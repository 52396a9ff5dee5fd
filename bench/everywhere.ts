import { mkdirSync } from 'node:fs';
import path from 'node:path';
import { chromium, type Page } from '@playwright/test';
import Database from 'better-sqlite3';
import { geometryFaults } from '../e2e/geometry';
import { makeShop, tile, VIEWS } from '../e2e/shop';
import { AT, fill } from './shed';

/**
 * Draws every main view in three sizes and both schemes, of a shop with no batch, with one, and with forty and five alarms; says where
 * something runs out, is cut off or lies on something else. With `--keep` the pictures stay in `test-results/everywhere`.
 */
const SIZES = [
  [1280, 800],
  [768, 1024],
  [390, 844],
] as const;
const SCHEMES = ['day', 'dim'] as const;
const keeps = process.argv.includes('--keep');
const folder = path.resolve('test-results/everywhere');
/** What can be looked at where there is nothing yet. */
const EMPTY = [
  '/',
  '/stores',
  '/blends',
  '/blends/new',
  '/work',
  '/work/new',
  '/work/choose',
  '/work/regimens',
  '/cure',
  '/care',
  '/returns',
  '/shop',
  '/convert',
];

/** Five things that call at once: late wipes and cloths are there; a cabinet too hot, jars that cool, a lot overdrawn come in. */
function alarm(file: string): void {
  const raw = new Database(file);
  const cabinet = raw.prepare("select id from place where kind = 'warm cabinet'").pluck().get();
  raw
    .prepare('insert into room_reading (client_id, place_id, at, temp_c, rh_fraction, person_id) values (?, ?, ?, 58, 0.2, 1)')
    .run('too-hot', cabinet, AT - 60_000);
  raw
    .prepare('update pour set filled_at = ?, lidded_at = null where id = (select max(id) from pour where lot_id is not null)')
    .run(AT - 600_000);
  raw.close();
}

/** A shop that was just opened; with one batch of bare boards where that is asked for. */
async function newShop(page: Page, withBatch: boolean): Promise<void> {
  await page.goto('/setup', { waitUntil: 'networkidle' });
  await page.getByLabel('Name of the shop').fill('Saltwick Bench');
  await page.getByLabel('Initials').fill('MO');
  await page.getByLabel('Name', { exact: true }).fill('Maren Oakhurst');
  await page.getByRole('button', { name: 'Open the shop' }).click();
  await page.getByRole('heading', { name: 'On the rack' }).waitFor();
  if (!withBatch) return;
  await page.goto('/work/new', { waitUntil: 'networkidle' });
  await page.getByRole('button', { name: 'New design' }).click();
  const sheet = page.getByRole('dialog');
  await sheet.getByLabel('Name').fill('Bread board');
  await sheet.getByLabel(/^Length × width × thickness/).fill('380 x 230 x 24');
  await sheet.getByRole('button', { name: 'Keep the design' }).click();
  await sheet.waitFor({ state: 'detached' });
  await tile(page, 'Finish', 'Bare');
  await page.getByLabel('Yes, I am sure').check();
  await page.getByRole('button', { name: 'Start the batch' }).click();
  await page.getByRole('region', { name: 'Coat book' }).waitFor();
}

/** The sheds: their batches, and the views there are to look at. */
const SHEDS = [
  { batches: 0, views: EMPTY },
  { batches: 1, views: [...EMPTY, '/work/31-001', '/work/31-001/bench', '/cure/31-001', '/release/31-001', '/work/round'] },
  { batches: 40, views: VIEWS },
] as const;

const browser = await chromium.launch({ executablePath: process.env.CHROMIUM ?? '/usr/bin/chromium', args: ['--no-sandbox'] });
if (keeps) mkdirSync(folder, { recursive: true });
let pictures = 0;
let faulty = 0;
for (const { batches, views } of SHEDS) {
  const shop = makeShop({ demo: false, at: new Date(AT).toISOString() });
  const file = path.join(shop.folder, 'shop.sqlite');
  if (batches > 1) {
    fill(file, batches);
    alarm(file);
  }
  await shop.start();
  try {
    if (batches <= 1) {
      const page = await browser.newPage({ baseURL: shop.url });
      await newShop(page, batches === 1);
      await page.close();
    }
    for (const [width, height] of SIZES)
      for (const scheme of SCHEMES) {
        const context = await browser.newContext({ viewport: { width, height }, baseURL: shop.url, timezoneId: 'Europe/Lisbon' });
        await context.addCookies([
          { name: 'rendle-person', value: '1', url: shop.url },
          { name: 'rendle-scheme', value: scheme, url: shop.url },
        ]);
        const page = await context.newPage();
        for (const view of views) {
          await page.goto(view, { waitUntil: 'networkidle' });
          const faults = await geometryFaults(page);
          pictures++;
          if (keeps)
            await page.screenshot({
              path: path.join(folder, `${batches}-${width}-${scheme}${view.replace(/\W+/g, '_').slice(0, 40)}.png`),
            });
          if (faults.length > 0) {
            faulty++;
            console.log(`${batches} batches, ${width}×${height}, ${scheme}, ${view}: ${faults.join('; ')}`);
          }
        }
        await context.close();
      }
  } finally {
    await shop.remove();
  }
}
await browser.close();
console.log(`${pictures} pictures drawn, ${faulty} with something amiss`);
