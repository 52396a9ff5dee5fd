import AxeBuilder from '@axe-core/playwright';
import type { Page } from '@playwright/test';
import { COUNTS, overBudget, rounded, weigh, writeBudget } from './measure';
import { beWren, expect, test, VIEWS } from './shop';

/** In the dim scheme only what is drawn in colours of its own is looked at again. */
const DIM_VIEWS = ['/', '/blends/1', '/work/31-006', '/cure/31-002', '/release/31-003'];
/** A view of each kind; all of them are looked at by `npm run walks`. */
const AXE_VIEWS = [
  '/',
  '/stores',
  '/blends/1',
  '/work',
  '/work/new',
  '/work/31-006',
  '/work/31-006/bench',
  '/cure/31-002',
  '/release/31-003',
  '/trials/T31-01',
  '/guide',
  '/shop',
];
const isLookedAt = (view: string): boolean => process.env.RENDLE_WALKS !== undefined || AXE_VIEWS.includes(view);
const SERIOUS = ['serious', 'critical'];
const NARROW = [
  [768, 1024],
  [390, 844],
] as const;

async function faults(page: Page): Promise<string[]> {
  const { violations } = await new AxeBuilder({ page }).options({ resultTypes: ['violations'] }).analyze();
  return violations
    .filter((one) => SERIOUS.includes(one.impact ?? ''))
    .map((one) => `${one.id}: ${one.nodes.map((node) => node.target.join(' ')).join(', ')}`);
}

const over = (page: Page): Promise<number> =>
  page.evaluate(() => document.documentElement.scrollWidth - document.documentElement.clientWidth);

/** Signs that refer to a sheet which the page does not have: they would be drawn as nothing. */
const unsigned = (page: Page): Promise<string[]> =>
  page.evaluate(() =>
    [...document.querySelectorAll('use')]
      .map((use) => use.getAttribute('href') ?? '')
      .filter((sign) => document.getElementById(sign.slice(1)) === null),
  );

// A part of them each, so that two workers share the longest test there is.
const PARTS = 4;
for (let part = 0; part < PARTS; part++)
  test(`every view answers without a fault, weighs no more than its budget, runs out nowhere: ${part + 1} of ${PARTS}`, async ({
    page,
    shop,
    warm,
  }) => {
    const faulty: string[] = [];
    page.on('pageerror', (error) => faulty.push(String(error)));
    page.on('console', (message) => {
      if (message.type() === 'error') faulty.push(`${page.url()}: ${message.text()}`);
    });
    await beWren(page);
    await page.goto('/');
    for (const view of VIEWS.filter((_, i) => i % PARTS === part)) {
      await page.setViewportSize({ width: 1280, height: 800 });
      const weight = await weigh(page, view, shop, warm);
      if (process.env.BUDGETS === 'write') writeBudget(view, rounded(weight));
      else expect.soft(overBudget(view, Object.values(weight), COUNTS)).toEqual([]);
      expect.soft(await unsigned(page), view).toEqual([]);
      if (isLookedAt(view)) expect.soft(await faults(page), view).toEqual([]);
      for (const [width, height] of NARROW) {
        await page.setViewportSize({ width, height });
        expect.soft(await over(page), `${view} at ${width}`).toBeLessThanOrEqual(0);
      }
    }
    expect(faulty).toEqual([]);
  });

/** How often the page is drawn anew by the server for one record: each is a wait at the bench. */
const RECORDED_ON = ['/work/31-006', '/work/31-006/bench'];
for (const view of RECORDED_ON)
  test(`one record draws ${view} no oftener than its budget says`, async ({ page }) => {
    await beWren(page);
    await page.goto(view, { waitUntil: 'networkidle' });
    let drawn = 0;
    page.on('request', (request) => {
      if (request.headers().rsc === '1' && !request.headers()['next-router-prefetch']) drawn++;
    });
    await page.keyboard.press('Space');
    const ask = page.getByRole('alertdialog');
    await expect(ask.or(page.getByRole('status').filter({ hasText: '31-006' })).first()).toBeVisible();
    if (await ask.isVisible()) await ask.getByRole('button', { name: /early$/ }).click();
    await expect(page.getByRole('status').filter({ hasText: '31-006' }).first()).toBeVisible();
    await page.waitForLoadState('networkidle');
    const row = `a record on ${view}`;
    if (process.env.BUDGETS === 'write') writeBudget(row, [drawn]);
    else expect(overBudget(row, [drawn], ['drawn anew'])).toEqual([]);
    expect(drawn).toBeGreaterThan(0);
  });

for (const scheme of ['day', 'dim'] as const) {
  test(`axe finds nothing serious on a slip and a sheet, ${scheme}, nor in what dim draws anew`, {
    tag: scheme === 'dim' ? '@walk' : '@page',
  }, async ({ page, context, shop }) => {
    await beWren(page);
    await page.goto('/');
    await context.addCookies([{ name: 'rendle-scheme', value: scheme, url: shop.url }]);
    for (const view of scheme === 'dim' ? DIM_VIEWS : []) {
      await page.goto(view);
      expect.soft(await faults(page), `${scheme} ${view}`).toEqual([]);
    }
    await page.goto('/care');
    await page.getByRole('link', { name: 'Slip' }).first().click();
    await expect(page.getByRole('heading', { name: /^Slip/ })).toBeVisible();
    expect(await faults(page), `${scheme} slip`).toEqual([]);
    await page.goto('/stores');
    await page.getByRole('button', { name: 'Receive a lot' }).click();
    expect(await faults(page), `${scheme} sheet`).toEqual([]);
  });
}
