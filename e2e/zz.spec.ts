import { beWren, test } from './shop';
test('times', async ({ page, shop }) => {
  await beWren(page);
  for (const view of ['/', '/', '/work', '/work/31-006', '/work/31-006', '/work/new', '/work/new', '/stores', '/cure/31-002', '/bare', '/bare']) {
    const t0 = performance.now();
    const r = await page.request.get(shop.url + view); await r.text();
    const t1 = performance.now();
    await page.goto(view, { waitUntil: 'commit' });
    const t2 = performance.now();
    await page.goto(view, { waitUntil: 'load' });
    const t3 = performance.now();
    await page.goto(view);
    const t4 = performance.now();
    console.log(view, 'get', (t1 - t0).toFixed(0), 'commit', (t2 - t1).toFixed(0), 'load', (t3 - t2).toFixed(0), 'takenOver', (t4 - t3).toFixed(0));
  }
});
