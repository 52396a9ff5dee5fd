import AxeBuilder from '@axe-core/playwright';
import type { Page } from '@playwright/test';
import { beWren, expect, test, VIEWS } from './shop';

/** In the dim scheme only what is drawn in colours of its own is looked at again. */
const DIM_VIEWS = ['/', '/blends/1', '/work/31-006', '/cure/31-002', '/release/31-003'];
const SERIOUS = ['serious', 'critical'];

async function faults(page: Page): Promise<string[]> {
  const { violations } = await new AxeBuilder({ page }).options({ resultTypes: ['violations'] }).analyze();
  return violations
    .filter((one) => SERIOUS.includes(one.impact ?? ''))
    .map((one) => `${one.id}: ${one.nodes.map((node) => node.target.join(' ')).join(', ')}`);
}

for (const scheme of ['day', 'dim'] as const) {
  test(`axe finds nothing serious on any main view, ${scheme}`, async ({ page, context, shop }) => {
    test.setTimeout(300_000);
    await beWren(page);
    await context.addCookies([{ name: 'rendle-scheme', value: scheme, url: shop.url }]);
    for (const view of scheme === 'day' ? VIEWS : DIM_VIEWS) {
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

test.setTimeout(240_000);

test('no view runs out of the tablet or the phone sideways', async ({ page }) => {
  test.slow();
  await beWren(page);
  for (const [width, height] of [
    [768, 1024],
    [390, 844],
  ] as const) {
    await page.setViewportSize({ width, height });
    for (const view of VIEWS) {
      await page.goto(view);
      const over = await page.evaluate(() => document.documentElement.scrollWidth - document.documentElement.clientWidth);
      expect.soft(over, `${view} at ${width}`).toBeLessThanOrEqual(0);
    }
  }
});

test('every view answers without a fault in the browser', async ({ page }) => {
  test.slow();
  const faulty: string[] = [];
  page.on('pageerror', (error) => faulty.push(String(error)));
  page.on('console', (message) => {
    if (message.type() === 'error') faulty.push(`${page.url()}: ${message.text()}`);
  });
  await beWren(page);
  for (const view of VIEWS) await page.goto(view, { waitUntil: 'networkidle' });
  expect(faulty).toEqual([]);
});
