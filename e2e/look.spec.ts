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

test.setTimeout(240_000);

// Half of them each, so that two workers share the longest test there is.
for (const half of [0, 1] as const) {
  test(`every view answers without a fault, nothing serious: ${half + 1} of 2`, async ({ page }) => {
    const faulty: string[] = [];
    page.on('pageerror', (error) => faulty.push(String(error)));
    page.on('console', (message) => {
      if (message.type() === 'error') faulty.push(`${page.url()}: ${message.text()}`);
    });
    await beWren(page);
    for (const view of VIEWS.filter((_, i) => i % 2 === half)) {
      await page.goto(view, { waitUntil: 'networkidle' });
      expect.soft(await faults(page), view).toEqual([]);
    }
    expect(faulty).toEqual([]);
  });
}

for (const [width, height] of [
  [768, 1024],
  [390, 844],
] as const) {
  test(`no view runs out sideways at ${width}`, async ({ page }) => {
    await beWren(page);
    await page.setViewportSize({ width, height });
    for (const view of VIEWS) {
      await page.goto(view);
      const over = await page.evaluate(() => document.documentElement.scrollWidth - document.documentElement.clientWidth);
      expect.soft(over, view).toBeLessThanOrEqual(0);
    }
  });
}

for (const scheme of ['day', 'dim'] as const) {
  test(`axe finds nothing serious on a slip and a sheet, ${scheme}, nor in what dim draws anew`, async ({
    page,
    context,
    shop,
  }) => {
    await beWren(page);
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
