import { readdirSync, readFileSync } from 'node:fs';
import path from 'node:path';
import type { Page } from '@playwright/test';
import { simpleParser } from 'mailparser';
import { beWren, expect, readyPercent, test } from './shop';

test.use({ wish: { demo: true, at: '2031-03-05T14:20:00Z' } });

/** The page's own address of a piece that Odalys bought. */
async function slipOfOdalys(page: Page): Promise<string> {
  await page.goto('/care');
  await page
    .getByRole('row', { name: /O\. F\./ })
    .first()
    .getByRole('link', { name: 'Slip' })
    .click();
  await expect(page.getByRole('heading', { name: /^Slip/ })).toBeVisible();
  return page.url().split('/').at(-1) ?? '';
}

test('a check bends the fan, a gap is shown, a test piece is weighed, and what if is drawn', { tag: '@walk' }, async ({
  page,
}) => {
  await beWren(page);
  await page.goto('/cure/31-002');
  const before = await readyPercent(page);
  expect(before).toBeGreaterThan(15);
  await expect(page.getByText(/Nothing was read from .* that is bridged by what is usual there/)).toBeVisible();
  await expect(page.getByText('May be buffed')).toBeVisible();
  await page.getByRole('button', { name: 'Water drop: marks it' }).click();
  await expect.poll(() => readyPercent(page)).toBeLessThan(before - 5);
  const whatIf = page.getByRole('region', { name: 'What if' });
  await whatIf.getByLabel('What if from now on it stood').selectOption('at the warm cabinet');
  await expect(whatIf).toContainText('sooner');
  // The line elsewhere, and the one without the checks, are drawn beside the fan's own.
  await expect(page.locator('figure path.recharts-line-curve')).toHaveCount(5);
  await expect(page.getByText(/Thin line: the estimate without them/)).toBeVisible();
  await expect(page.getByText(/it changes no more/)).toBeVisible();
  await page.getByRole('button', { name: 'Weigh the test piece' }).click();
  await page.getByLabel('It weighs').fill('heavy');
  await page.getByRole('button', { name: 'Keep it' }).click();
  await expect(page.getByRole('dialog')).toContainText('could not be read');
  await page.getByLabel('It weighs').fill('409,1 g');
  await page.getByRole('button', { name: 'Keep it' }).click();
  await expect(page.getByRole('dialog')).toHaveCount(0);
  await page.goto('/cure?by=2031-03-07');
  await expect(page.getByText(/To have them ready by 7 Mar 2031|No move is needed, or helps, for 7 Mar 2031/)).toBeVisible();
});

test('a batch is refused and mended, overridden with a reason that prints, and its record kept', { tag: '@walk' }, async ({
  page,
  request,
  shop,
}) => {
  await beWren(page);
  await page.goto('/release/31-003');
  await page.getByLabel('and then').selectOption('wipe daily until the paper stays clean, and judge it again');
  await page.getByRole('button', { name: 'Refuse' }).click();
  await expect(page.getByText('Write the reason')).toBeVisible();
  await page.getByLabel(/^Reason/).fill('it weeps at the bowl');
  await page.getByRole('button', { name: 'Refuse' }).click();
  await expect(page.getByRole('heading', { name: 'Judged before' })).toBeVisible();
  await expect(page.getByText(/R31-002 refused, to be mended/)).toBeVisible();
  await page.goto('/work/31-003');
  await expect(page.getByText('Wipe in the warm; press clean paper on').first()).toBeVisible();
  // A spoon goes into a mouth: what is open of its time is signed for by nobody.
  await page.goto('/release/31-003');
  await expect(page.getByText('For wet food, a mouth.')).toBeVisible();
  await expect(page.getByLabel('I sign for it all the same')).toHaveCount(0);
  await expect(page.getByText('Nobody may sign for this one.').first()).toBeVisible();
  await expect(page.getByRole('button', { name: 'Release', exact: true })).toBeDisabled();
  // Bowls for dry food: a water drop opens nothing; clean paper and smell do.
  await page.goto('/cure/31-002');
  for (const name of ['Water drop: beads, no mark', 'Clean paper: stays clean']) {
    await page.getByRole('button', { name }).click();
    await expect(page.getByText(name).first()).toBeVisible();
  }
  await page.goto('/release/31-002');
  await expect(page.getByText('A water drop alone opens nothing.')).toBeVisible();
  await page.goto('/cure/31-002');
  await page.getByRole('button', { name: 'Smell: no smell' }).click();
  await expect(page.getByText('Smell: no smell').first()).toBeVisible();
  await page.goto('/release/31-002');
  for (const box of await page.getByLabel('I sign for it all the same').all()) await box.check();
  await page.getByLabel(/^Reason/).fill('a display piece, told the buyer');
  await page.getByRole('button', { name: 'Release', exact: true }).click();
  await expect(page.getByRole('heading', { name: 'Record R31-003' })).toBeVisible();
  await expect(page.getByText(/signed for/).first()).toBeVisible();
  const record = await (await request.get(`${shop.url}/api/release?number=R31-003&as=json`)).json();
  expect(record).toMatchObject({ number: 'R31-003', outcome: 'released', reason: 'a display piece, told the buyer' });
  const pdf = await request.get(`${shop.url}/api/release?number=R31-003&as=pdf`);
  expect([pdf.status(), pdf.headers()['content-type']]).toEqual([200, 'application/pdf']);
  expect((await request.get(`${shop.url}/api/release?number=R99-999&as=json`)).status()).toBe(404);
  // Sold with a bottle in the box, to a German kitchen.
  await page.getByLabel('Price each (EUR)').fill('14,50');
  await page.getByText(/^To a buyer who is not named/).click();
  await page.getByLabel('Goes to').selectOption('Germany');
  await page.getByLabel('Slip and letters in').selectOption('Deutsch');
  const bottle = page.getByLabel(/^Bottle in the box/);
  await bottle.selectOption({ index: 1 });
  // The only tin that dries would bring an allergen that is not on the piece: it is said, and never the one to give.
  await expect(bottle.locator('option:checked')).toContainText('brings bee product');
  await page.getByRole('button', { name: 'Sold', exact: true }).click();
  await page.getByRole('status').getByRole('link').click();
  await expect(page.getByText('Wird es matt und trocken')).toBeVisible();
  await page.getByLabel('On the back').selectOption('Français');
  await page.getByLabel('Size').selectOption('A7');
  await page.getByRole('button', { name: 'Set it so' }).click();
  await expect(page.getByText('Quand elle est terne')).toBeVisible();
  expect((await request.get(`${shop.url}${new URL(page.url()).pathname}/pdf?size=A7&lang=de&also=fr`)).status()).toBe(200);
});

test('a batch is rejected, and its pieces are not sold', { tag: '@walk' }, async ({ page }) => {
  await beWren(page);
  await page.goto('/release/31-003');
  await page.getByLabel(/^Reason/).fill('split at the handles');
  await page.getByLabel('and then').selectOption('reject it: the pieces are not sold');
  await page.getByRole('button', { name: 'Refuse' }).click();
  await expect(page.getByRole('heading', { name: 'Record R31-002' })).toBeVisible();
  await expect(page.getByRole('button', { name: 'Sold', exact: true })).toHaveCount(0);
  await page.goto('/cure');
  await expect(page.getByText('31-003')).toHaveCount(0);
});

test('a lot held later names who has it, drafts letters, and they go once they were read', async ({ page, shop }) => {
  await beWren(page);
  await page.goto('/stores');
  await page
    .getByRole('link', { name: /B31-01\b/ })
    .first()
    .click();
  await page.getByRole('button', { name: 'Hold it' }).click();
  await page.getByRole('dialog').getByLabel('Why').fill('smells rancid');
  await page.getByRole('button', { name: 'Hold it now' }).click();
  await expect(page.getByRole('heading', { name: 'It has left the house' })).toBeVisible();
  await expect(page.getByText(/Odalys Fennimore/).first()).toBeVisible();
  await page.getByRole('button', { name: 'Draft letters to them' }).click();
  await expect(page.getByText('2 drafted.')).toBeVisible();
  await page.getByRole('link', { name: 'Read and send them' }).click();
  await expect(page.getByText('✎ a draft')).toHaveCount(2);
  await expect(page.getByText(/Please do not use it for food/)).toHaveCount(2);
  await expect(page.getByRole('button', { name: 'Send all 2' })).toBeVisible();
  await page.getByRole('button', { name: 'Send it' }).first().click();
  await expect(page.getByText('✎ a draft')).toHaveCount(1);
  await page.getByRole('button', { name: 'Throw away' }).click();
  await page.getByRole('button', { name: 'Send what is due' }).click();
  await expect(page.getByText(/^\d sent\.$/)).toBeVisible();
  const folder = path.join(shop.folder, 'outbox');
  const holds = readdirSync(folder).filter((file) => file.startsWith('hold-'));
  expect(holds).toHaveLength(1);
  const mail = await simpleParser(readFileSync(path.join(folder, holds[0] ?? '')));
  expect(mail.text).toContain('smells rancid');
  // What is held is not released either.
  await page.goto('/release/31-003');
  await expect(page.getByText(/Nothing of it is released or sold until the hold is lifted/)).toBeVisible();
});

for (const javaScriptEnabled of [true, false])
  test(`the owner’s page on a phone, ${javaScriptEnabled ? 'with' : 'without'} a script`, {
    tag: javaScriptEnabled ? '@walk' : '@page',
  }, async ({ page, browser, shop }) => {
    await beWren(page);
    await page.goto('/');
    const code = await slipOfOdalys(page);
    const context = await browser.newContext({ javaScriptEnabled, viewport: { width: 390, height: 844 }, baseURL: shop.url });
    const phone = await context.newPage();
    const asked: string[] = [];
    phone.on('request', (one) => asked.push(one.url()));
    await phone.goto(`/care/${code}`);
    // One document, nothing else.
    expect(asked.filter((url) => !url.endsWith('favicon.ico'))).toHaveLength(1);
    expect(await phone.locator('main').evaluate((main) => main.scrollWidth <= window.innerWidth)).toBe(true);
    await phone.getByRole('link', { name: 'Auf Deutsch' }).click();
    await expect(phone.getByRole('heading', { name: 'Bread board, Birnbaum' })).toBeVisible();
    await phone.getByLabel('Was stimmt nicht, und wo').fill('ein Riss am Rand');
    await phone
      .getByLabel('Ein Foto, wenn Sie mögen')
      .setInputFiles({ name: 'x.jpg', mimeType: 'image/jpeg', buffer: Buffer.from('no photo') });
    await phone.getByRole('button', { name: 'Der Werkstatt melden' }).click();
    await expect(phone.getByRole('status')).toContainText('kein Foto');
    await phone.getByLabel('Was stimmt nicht, und wo').fill('ein Riss am Rand');
    const dot = Buffer.from(
      'iVBORw0KGgoAAAANSUhEUgAAAAEAAAABCAYAAAAfFcSJAAAADUlEQVR42mNkYPhfDwAChwGA60e6kgAAAABJRU5ErkJggg==',
      'base64',
    );
    await phone.getByLabel('Ein Foto, wenn Sie mögen').setInputFiles({ name: 'x.png', mimeType: 'image/png', buffer: dot });
    await phone.getByRole('button', { name: 'Der Werkstatt melden' }).click();
    await expect(phone.getByRole('status')).toContainText('Die Werkstatt liest es');
    await phone.getByRole('button', { name: 'Nachfüllung anfragen' }).click();
    await expect(phone.getByRole('status')).toContainText('Die Werkstatt liest es');
    await phone.getByRole('button', { name: 'Es gibt es nicht mehr' }).click();
    await expect(phone.getByText('es steht nichts mehr an')).toBeVisible();
    await phone.getByRole('button', { name: 'Nachrichten wieder einschalten' }).click();
    await expect(phone.getByRole('button', { name: 'Ich habe es heute geölt' })).toBeVisible();
    const file = await (await phone.request.get(`/care/${code}/file?lang=fr`)).text();
    expect(file).toContain('Laver à la main');
    expect(file).not.toMatch(/<form|<script/);
    await context.close();
    await page.goto('/care');
    await expect(page.getByText('ein Riss am Rand')).toBeVisible();
    const photo = page.getByRole('link', { name: 'photo' });
    // Drawn anew: whatever was sent, what is kept is a plain JPEG.
    expect((await page.request.get((await photo.getAttribute('href')) ?? '')).headers()['content-type']).toBe('image/jpeg');
  });

test('a piece moves, is given on, gets a refill; what came back is told with how little it says', { tag: '@walk' }, async ({
  page,
  request,
  shop,
}) => {
  await beWren(page);
  await page.goto('/');
  await slipOfOdalys(page);
  await page.getByRole('button', { name: 'Where and how it lives' }).click();
  await page.getByRole('dialog').getByLabel('Country').selectOption('Sweden');
  await page.getByRole('dialog').getByLabel('Used').selectOption('daily');
  await page.getByRole('button', { name: 'Keep it' }).click();
  await expect(page.getByText(/Odalys Fennimore.*, Sweden/)).toBeVisible();
  await page.getByRole('button', { name: 'Who has it' }).click();
  await page.getByRole('dialog').getByLabel('Name').fill('Tarn Weir');
  await page.getByRole('dialog').getByLabel('Address for reminders').fill('not an address');
  await page.getByRole('button', { name: 'Keep it' }).click();
  await expect(page.getByRole('dialog')).toContainText('address');
  await page.getByRole('dialog').getByLabel('Address for reminders').fill('tarn@example.org');
  await page.getByRole('button', { name: 'Keep it' }).click();
  await expect(page.getByText('Tarn Weir, Sweden')).toBeVisible();
  await page.getByRole('button', { name: 'Write down' }).click();
  await page.getByRole('dialog').getByLabel('What').selectOption('it came back');
  await page.getByRole('dialog').getByLabel('In a few words').fill('flattened');
  await page.getByRole('button', { name: 'Keep it' }).click();
  await expect(page.getByText('came back: flattened')).toBeVisible();
  await page.getByRole('button', { name: 'Refill' }).click();
  await page.getByRole('button', { name: 'It leaves the shop' }).click();
  await expect(page.getByRole('dialog')).toHaveCount(0);
  await page.goto('/care');
  // In lists a name is its first letters; a piece's own page has the whole.
  await expect(page.getByText('Tarn Weir')).toHaveCount(0);
  await page.getByLabel('Find a piece').fill('weir');
  await page.keyboard.press('Enter');
  await page.waitForURL(/\/piece\/[A-Z0-9]+$/);
  await expect(page.getByText('Tarn Weir')).toBeVisible();
  await page.goto('/returns');
  await expect(page.getByText('too few to say').first()).toBeVisible();
  await expect(page.getByText(/2 of 14, likely \d+ % to \d+ %/)).toBeVisible();
  expect(await (await request.get(`${shop.url}/api/care-calendar`)).text()).toContain('BEGIN:VEVENT');
});
