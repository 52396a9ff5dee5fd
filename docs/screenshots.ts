import { execFileSync } from 'node:child_process';
import path from 'node:path';
import { chromium, type Page } from '@playwright/test';
import { makeShop } from '../e2e/shop';

/** One picture of each main view of the demo shed, on a Wednesday afternoon, 1280×800. */
const VIEWS: readonly (readonly [name: string, address: string, before?: (page: Page) => Promise<void>])[] = [
  ['today', '/'],
  ['stores', '/stores'],
  ['lot', '/stores/lots/2'],
  ['blends', '/blends/1'],
  ['compare', '/blends/compare?f=1&f=2&f=3&f=4'],
  ['pour', '/blends/1', pour],
  ['melt', '/blends/1', melt],
  ['label', '/stores/lots/13/label'],
  ['work', '/work'],
  ['start-batch', '/work/new', chooseLots],
  ['coat-book', '/work/31-006'],
  ['bench', '/work/31-004/bench'],
  ['regimen', '/work/regimens/thin-drying'],
  ['round', '/work/round'],
  ['cure', '/cure/31-002'],
  ['release', '/release/31-003'],
  ['care', '/care'],
  ['slip', '/care', (page) => page.getByRole('link', { name: 'Slip' }).first().click()],
];

async function pour(page: Page): Promise<void> {
  await page.getByRole('button', { name: /^Pour 900/ }).click();
  await page.getByRole('button', { name: 'All is at hand' }).click();
  await page.getByLabel('The scale says').fill('154');
}

/** On a second pot: weighed, on the heat, and read a few times as the minutes pass. */
async function melt(page: Page): Promise<void> {
  await page.getByRole('button', { name: /^Pour 900/ }).click();
  await page.getByRole('button', { name: 'All is at hand' }).click();
  for (const reading of ['181', '904']) {
    await page.getByLabel('The scale says').fill(reading);
    await page.getByRole('button', { name: 'Weighed', exact: true }).click();
    await page.waitForTimeout(900);
  }
  await page.getByRole('button', { name: 'All in' }).click();
  await page.getByRole('button', { name: 'It is on the heat' }).click();
  for (const tempC of [24, 41, 52, 60]) {
    shop.advance(4 / 60);
    await page.getByLabel('The thermometer says').fill(String(tempC));
    await page.getByRole('button', { name: 'Read', exact: true }).click();
    await page.waitForTimeout(900);
  }
}

async function chooseLots(page: Page): Promise<void> {
  await page.getByRole('heading', { name: /^Hands done by/ }).waitFor();
  await page.getByLabel(/^Oil:/).selectOption({ index: 1 });
  await page.getByLabel(/^Wax paste:/).selectOption({ index: 2 });
  await page.getByRole('heading', { name: /^Settled by/ }).waitFor();
}

const folder = path.resolve(import.meta.dirname, 'screenshots');
execFileSync('npx', ['--no-install', 'next', 'build'], { stdio: 'ignore' });
const shop = makeShop({ demo: true, at: '2031-03-05T14:20:00Z' });
const browser = await chromium.launch({
  executablePath: process.env.CHROMIUM ?? '/usr/bin/chromium',
  args: ['--no-sandbox', '--disable-gpu', '--disable-dev-shm-usage'],
});
try {
  await shop.start();
  const context = await browser.newContext({
    viewport: { width: 1280, height: 800 },
    locale: 'en-GB',
    timezoneId: 'Europe/Lisbon',
    baseURL: shop.url,
  });
  await context.addCookies([{ name: 'rendle-person', value: '1', url: shop.url }]);
  const page = await context.newPage();
  for (const [name, address, before] of VIEWS) {
    await page.goto(address, { waitUntil: 'networkidle' });
    await before?.(page);
    await page.waitForTimeout(700);
    await page.screenshot({ path: path.join(folder, `${name}.png`) });
  }
} finally {
  await browser.close();
  await shop.remove();
}
