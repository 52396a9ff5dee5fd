import { readFileSync } from 'node:fs';
import path from 'node:path';
import type { Page } from '@playwright/test';
import { routesOf } from '../src/web/routes-of';
import { expect, MONDAY_MORNING, makeShop, test } from './shop';

const PASSCODE = 'lantern-fair';
const network = { demo: true, at: MONDAY_MORNING, environment: { RENDLE_LAN: '1', RENDLE_PASSCODE: PASSCODE } };

async function comeIn(page: Page, name: string): Promise<void> {
  await page.getByLabel('Passcode of the shop').fill(PASSCODE);
  await page.getByLabel('What this device is called').fill(name);
  await page.getByRole('button', { name: 'Come in' }).click();
  await expect(page.getByRole('heading', { name: 'On the rack' })).toBeVisible();
}

/** What a device still holds of the shop: records that can be read, records that wait, pages, drafts. */
const heldBy = (page: Page): Promise<Record<'readable' | 'waiting' | 'pages' | 'drafts', number>> =>
  page.evaluate(async () => {
    const rows = await new Promise<Record<string, unknown>[]>((done, failed) => {
      const asked = indexedDB.open('rendle-bench');
      asked.onerror = () => failed(asked.error);
      asked.onsuccess = () => {
        const all = asked.result.transaction('waiting').objectStore('waiting').getAll();
        all.onsuccess = () => {
          asked.result.close();
          done(all.result as Record<string, unknown>[]);
        };
      };
    });
    const names = (await caches.keys()).filter((name) => /pages|guide/.test(name));
    const kept = await Promise.all(names.map(async (name) => (await (await caches.open(name)).keys()).length));
    return {
      readable: rows.filter((row) => JSON.stringify(row).includes('31-006')).length,
      waiting: rows.length,
      pages: kept.reduce((sum, one) => sum + one, 0),
      drafts: localStorage.length + sessionStorage.length,
    };
  });

test('the network gives the passcode once; owners’ pages stand open; all else is closed', async ({ page }) => {
  const shop = makeShop(network);
  try {
    await shop.start();
    await page.goto(shop.url);
    await expect(page).toHaveURL(/\/enter$/);
    const headers = { origin: shop.url };
    expect((await page.request.post(`${shop.url}/api/log`, { headers, data: {} })).status()).toBe(401);
    expect((await page.request.post(`${shop.url}/api/log`, { data: {} })).status()).toBe(403);
    for (const [route, isOpen] of routesOf(path.resolve(import.meta.dirname, '../src/app'))) {
      const answer = await page.request.get(`${shop.url}${route.replace(/\{\w+\}/g, '1')}`, { maxRedirects: 0 });
      const isShut = answer.status() === 401 || answer.headers().location?.endsWith('/enter') === true;
      expect([route, isShut]).toEqual([route, !isOpen]);
    }
    await page.getByLabel('Passcode of the shop').fill('guess-work');
    await page.getByRole('button', { name: 'Come in' }).click();
    await expect(page.getByText('That is not the passcode')).toBeVisible();
    await comeIn(page, 'Tablet at the rack');
    // What was tried is said on the shop's own screen only while it has not come right.
    await page.goto(`${shop.url}/care`);
    const slip = await page.getByRole('link', { name: 'Slip' }).first().getAttribute('href');
    await page.context().clearCookies();
    await page.goto(`${shop.url}${slip?.replace('/slip/', '/care/')}`);
    await expect(page.getByRole('heading', { name: 'Keep it' })).toBeVisible();
    await expect(page.getByText('Odalys')).toHaveCount(0);
    const log = readFileSync(path.join(shop.folder, 'shop.log'), 'utf8');
    expect(log).toContain('"what":"came in","device":"Tablet at the rack"');
    expect(log).toContain('wrong passcode');
    expect(log).not.toMatch(/lantern-fair|guess-work|Odalys/);
  } finally {
    await shop.remove();
  }
});

test('a device that is sent away while it is open keeps its record, and sends it once it is let in again', async ({
  browser,
}) => {
  const shop = makeShop(network);
  const [tablet, office] = [await browser.newPage(), await browser.newPage()];
  try {
    await shop.start();
    for (const [page, name] of [
      [tablet, 'Tablet at the rack'],
      [office, 'Laptop'],
    ] as const) {
      await page.goto(shop.url);
      await comeIn(page, name);
      await page.context().addCookies([{ name: 'rendle-person', value: '1', url: shop.url }]);
      await page.goto(shop.url);
    }
    await tablet.goto(`${shop.url}/work/31-006`);
    const panel = tablet.getByRole('region', { name: 'Record the next action' });
    await expect(panel.getByRole('button', { name: 'Wiped' })).toBeVisible();
    // Without a network what was kept is shown, for seven days after the shop last answered.
    await tablet.evaluate(() => navigator.serviceWorker.ready.then(() => undefined));
    await tablet.reload();
    await tablet.context().setOffline(true);
    await tablet.goto(`${shop.url}/work/31-006`);
    await expect(panel).toBeVisible();
    await tablet.evaluate(async () => {
      const about = await caches.open('rendle-about');
      await about.put('/answered', new Response(String(Date.now() - 8 * 86_400_000)));
    });
    await tablet.goto(`${shop.url}/work/31-006`).catch(() => undefined);
    await expect(tablet.getByRole('heading', { name: 'The shop has not answered for seven days' })).toBeVisible();
    await tablet.context().setOffline(false);
    await tablet.goto(`${shop.url}/work/31-006`);
    await office.goto(`${shop.url}/shop`);
    await office.getByRole('button', { name: 'Send Tablet at the rack away' }).click();
    await expect(office.getByRole('button', { name: 'Send Tablet at the rack away' })).toHaveCount(0);
    await panel.getByRole('button', { name: 'Wiped' }).click();
    // At the first answer that says so it shows the entrance, and how many records wait; nothing of them can be read.
    await expect(tablet).toHaveURL(/\/enter$/);
    await expect(tablet.getByText('One record waits on it')).toBeVisible();
    expect(await heldBy(tablet)).toEqual({ readable: 0, waiting: 1, pages: 0, drafts: 0 });
    await tablet.context().setOffline(true);
    await tablet.goto(`${shop.url}/work/31-006`).catch(() => undefined);
    await expect(tablet.getByRole('heading', { name: 'This device is not let in' })).toBeVisible();
    await expect(tablet.getByText('One record waits on it')).toBeVisible();
    await tablet.context().setOffline(false);
    await tablet.goto(shop.url);
    await expect(tablet).toHaveURL(/\/enter$/);
    await comeIn(tablet, 'Tablet at the rack');
    await tablet.goto(`${shop.url}/work/31-006`);
    await expect(panel).toContainText('Next: Flood again');
    // It leaves by its own hand, and a new passcode puts all others out.
    await office.getByRole('button', { name: 'New passcode' }).click();
    await office.getByRole('textbox', { name: 'New passcode' }).fill('another-fair');
    await office.getByLabel('The same again').fill('another-fare');
    await office.getByRole('button', { name: 'Keep', exact: true }).last().click();
    await expect(office.getByText('The two do not say the same')).toBeVisible();
    await office.getByLabel('The same again').fill('another-fair');
    await office.getByRole('button', { name: 'Keep', exact: true }).last().click();
    await expect(office.getByText('The new passcode counts from now on.')).toBeVisible();
    await tablet.goto(shop.url);
    await expect(tablet).toHaveURL(/\/enter$/);
    await office.getByRole('button', { name: 'Leave' }).click();
    await expect(office).toHaveURL(/\/enter$/);
  } finally {
    await Promise.all([tablet.close(), office.close()]);
    await shop.remove();
  }
});

test('on loopback another name is not answered', async ({ request, shop }) => {
  const answer = await request.get(`${shop.url}/`, { headers: { host: 'elsewhere.example' } });
  expect(answer.status()).toBe(421);
});

test('every page says what it may load, and loads no more', async ({ page, shop }) => {
  const broken: string[] = [];
  page.on('console', (message) => {
    if (/Content Security Policy|Permissions policy/i.test(message.text())) broken.push(message.text());
  });
  for (const route of [
    '/',
    '/stores',
    '/blends',
    '/blends/new',
    '/work',
    '/work/31-006',
    '/cure',
    '/care',
    '/shop',
    '/convert',
  ]) {
    const answer = await page.goto(`${shop.url}${route}`);
    const headers = answer?.headers() ?? {};
    expect(headers['content-security-policy']).toMatch(
      /script-src 'self' 'nonce-[^']+' 'wasm-unsafe-eval';.*frame-ancestors 'none'/,
    );
    expect(headers['x-content-type-options']).toBe('nosniff');
    expect(headers['permissions-policy']).toContain('camera=()');
    await page.waitForLoadState('networkidle');
  }
  expect((await page.request.get(`${shop.url}/work/round`)).headers()['permissions-policy']).toContain('camera=(self)');
  expect(broken).toEqual([]);
});

test('an address for the owners turns the code into a link that answers', { tag: '@walk' }, async ({ page }) => {
  const shop = makeShop({ demo: true, at: MONDAY_MORNING });
  try {
    await shop.start();
    await page.goto(shop.url);
    await page.getByRole('button', { name: 'Wren Aldersea' }).click();
    await page.goto(`${shop.url}/shop`);
    await page.getByLabel('Public base address').fill('ftp://wrong');
    await page.getByRole('button', { name: 'Keep', exact: true }).click();
    await expect(page.getByText('does not fit here').first()).toBeVisible();
    await page.getByLabel('Public base address').fill(`${shop.url}/`);
    await page.getByRole('button', { name: 'Keep', exact: true }).click();
    await expect(page.getByText('Kept.')).toBeVisible();
    await page.goto(`${shop.url}/care`);
    await page.getByRole('link', { name: 'Slip' }).first().click();
    const says = await page.getByText(/The code leads to/).innerText();
    const address = /http\S+\/care\/\w+/.exec(says)?.[0] ?? '';
    expect((await page.request.get(address)).status()).toBe(200);
  } finally {
    await shop.remove();
  }
});
