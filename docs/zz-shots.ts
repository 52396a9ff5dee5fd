import { chromium } from '@playwright/test';
import { makeShop } from '/work/main/e2e/shop';
const shop = makeShop({ demo: true, at: process.env.AT ?? '2031-03-05T14:20:00Z' });
await shop.start();
const browser = await chromium.launch({
  executablePath: '/usr/bin/chromium',
  args: ['--no-sandbox', '--disable-gpu', '--disable-dev-shm-usage'],
});
const context = await browser.newContext({
  viewport: { width: 1280, height: 800 },
  locale: 'en-GB',
  timezoneId: 'Europe/Lisbon',
  baseURL: shop.url,
});
await context.addCookies([{ name: 'rendle-person', value: '1', url: shop.url }]);
const page = await context.newPage();
page.on('pageerror', (e) => console.log('PAGEERROR', e.message));
page.on('console', (m) => {
  if (m.type() === 'error') console.log('CONSOLE', m.text());
});
const mod = await import(process.argv[2]!);
try {
  await mod.default({
    page,
    shop,
    shot: (n: string, full = true) => page.screenshot({ path: `/tmp/shot-${n}.png`, fullPage: full }),
  });
} catch (e) {
  console.log('FAILED', e);
  await page.screenshot({ path: '/tmp/shot-failed.png', fullPage: true });
} finally {
  await browser.close();
  await shop.remove();
}
