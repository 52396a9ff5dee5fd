import { execFileSync } from 'node:child_process';
import path from 'node:path';
import { chromium, type Page } from '@playwright/test';
import { makeShop, tile } from '../e2e/shop';

/** One picture of each main view of the demo shed, on a Wednesday afternoon, 1280×800. */
const VIEWS: readonly (readonly [name: string, address: string, before?: (page: Page) => Promise<void>])[] = [
  ['today', '/'],
  ['stores', '/stores'],
  ['blends', '/blends/1'],
  ['pour', '/blends/1', pour],
  ['choose', '/work/choose', forASpoon],
  ['work', '/work'],
  ['start-batch', '/work/new', chooseLots],
  ['coat-book', '/work/31-006'],
  ['bench', '/work/31-004/bench'],
  ['regimen', '/work/regimens/thin-drying'],
  ['piece', '/piece?find=31-001/2', wrongWithIt],
  ['trial', '/trials/T31-01'],
  ['cost', '/cost?piece=1&wood=sycamore'],
  ['guide', '/guide/drying-on-boards'],
  ['cure', '/cure/31-002'],
  ['release', '/release/31-003'],
  ['care', '/care'],
  ['slip', '/care', openSlip],
  ['owner', '/care', openOwner],
];

async function pour(page: Page): Promise<void> {
  await page.getByRole('button', { name: /^Pour 900/ }).click();
  await page.getByRole('button', { name: 'All is at hand' }).click();
  await page.getByLabel('The scale says').fill('154');
}

/** The slip of a board whose buyer is known. */
async function openSlip(page: Page): Promise<void> {
  await page
    .getByRole('row', { name: /O\. F\./ })
    .first()
    .getByRole('link', { name: 'Slip' })
    .click();
  await page.getByRole('heading', { name: /^Slip/ }).waitFor();
  await page.locator('figure img').evaluate((one: HTMLImageElement) => one.decode());
}

/** The same board's page, as its owner has it on a phone. */
async function openOwner(page: Page): Promise<void> {
  await openSlip(page);
  await page.getByRole('link', { name: 'The owner’s page' }).click();
  await page.waitForURL(/care\//);
  await page.setViewportSize({ width: 390, height: 844 });
}

/** What to do where a sold piece is sticky. */
async function wrongWithIt(page: Page): Promise<void> {
  await page.getByRole('link', { name: 'It is sticky' }).click();
  await page.getByText('What to tell its owner').waitFor();
  await page.evaluate(() => window.scrollTo(0, 0));
}

async function forASpoon(page: Page): Promise<void> {
  await page.getByRole('link', { name: 'Stirring spoon' }).click();
  await page.waitForURL(/piece=/);
  await page.getByRole('link', { name: 'Stirring spoon', exact: false }).and(page.locator('[aria-current]')).waitFor();
}

async function chooseLots(page: Page): Promise<void> {
  await tile(page, 'Finish', 'Soak and wax');
  await page.getByRole('heading', { name: /^Hands done by/ }).waitFor();
  await page.getByLabel(/^Oil:/).selectOption({ index: 1 });
  await page.getByLabel(/^Wax paste:/).selectOption({ index: 2 });
  await page.getByRole('heading', { name: /^Settled by/ }).waitFor();
  await page.evaluate(() => window.scrollTo(0, 0));
}

const folder = path.resolve(import.meta.dirname, 'screenshots');
execFileSync('npm', ['run', '--silent', 'build'], { stdio: 'ignore' });
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
    // A chart is drawn once the page has come to life.
    await page.waitForFunction(() =>
      [...document.querySelectorAll('.recharts-responsive-container')].every((box) => box.querySelector('svg') !== null),
    );
    await page.waitForTimeout(700);
    await page.screenshot({ path: path.join(folder, `${name}.png`) });
  }
} finally {
  await browser.close();
  await shop.remove();
}
