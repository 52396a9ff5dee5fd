import { existsSync, readdirSync, readFileSync } from 'node:fs';
import path from 'node:path';
import { simpleParser } from 'mailparser';
import { beWren, expect, test } from './shop';

test('an owner tells by a plain page what was done and what is wrong, without a script, on a phone', async ({
  page,
  browser,
  shop,
}) => {
  await beWren(page);
  await page.goto('/care');
  await page.getByRole('link', { name: 'Slip' }).nth(1).click();
  await expect(page.getByRole('heading', { name: /^Slip/ })).toBeVisible();
  const code = page.url().split('/').at(-1) ?? '';
  const context = await browser.newContext({
    javaScriptEnabled: false,
    viewport: { width: 390, height: 844 },
    baseURL: shop.url,
  });
  const phone = await context.newPage();
  await phone.goto(`/care/${code}`);
  await expect(phone.getByText('Look first: when the wood is dull')).toBeVisible();
  await phone.getByRole('button', { name: 'I re-oiled it today' }).click();
  await expect(phone.getByRole('status')).toContainText('it is written down');
  await expect(phone.getByText(/Last re-oiled: 3 March 2031\./)).toBeVisible();
  await phone.getByRole('button', { name: 'Tell the shop' }).click();
  await expect(phone.getByRole('status')).toContainText('Write a few words');
  await phone.getByLabel('What is wrong, and where on it').fill('a crack at the rim');
  await phone.getByRole('button', { name: 'Tell the shop' }).click();
  await expect(phone.getByRole('status')).toContainText('the shop will read it');
  await phone.getByRole('button', { name: 'No more letters about this piece' }).click();
  await expect(phone.getByRole('button', { name: 'Letters again, please' })).toBeVisible();
  expect((await phone.request.get(`/care/${code}/ics`)).headers()['content-type']).toContain('text/calendar');
  expect((await phone.goto('/care/NOSUCHCODE'))?.status()).toBe(404);
  await context.close();
  await page.goto('/care');
  await expect(page.getByText('a crack at the rim')).toBeVisible();
  for (let left = 2; left > 0; left--) {
    await expect(page.getByRole('button', { name: 'Read', exact: true })).toHaveCount(left);
    await page.getByRole('button', { name: 'Read', exact: true }).first().click();
  }
  await expect(page.getByText('Owners said')).toHaveCount(0);
});

test('letters leave once across a crash, and a person is forgotten with theirs', { tag: '@walk' }, async ({ page, shop }) => {
  await beWren(page);
  await page.goto('/care');
  await page.getByRole('button', { name: 'Send what is due' }).click();
  await expect(page.getByText('● sent')).toHaveCount(2);
  const folder = path.join(shop.folder, 'outbox');
  const [first = ''] = readdirSync(folder);
  const mail = await simpleParser(readFileSync(path.join(folder, first)));
  // Two boards at one address: one letter, which says both.
  expect(mail.subject).toBe('A look at your 2 pieces');
  expect(mail.text?.match(/is due a look/g)).toHaveLength(2);
  await shop.kill();
  await shop.start();
  await page.goto('/care');
  await page.getByRole('button', { name: 'Send what is due' }).click();
  await expect(page.getByText('0 sent.')).toBeVisible();
  expect(readdirSync(folder)).toHaveLength(1);
  await page
    .getByRole('row', { name: /O\. F\./ })
    .first()
    .getByRole('link', { name: 'Slip' })
    .click();
  await page.getByRole('button', { name: 'Forget this person' }).click();
  await page.getByRole('button', { name: 'Forget for good' }).click();
  await expect(page.getByText('Odalys')).toHaveCount(0);
  await page.goto('/care');
  await expect(page.getByText('31-001/1')).toBeVisible();
  await expect(page.getByText(/Odalys|ferryhouse/)).toHaveCount(0);
  expect(existsSync(path.join(folder, first))).toBe(false);
});

test('what if it stood elsewhere, and a logger’s file taken in', { tag: '@walk' }, async ({ page, request, shop }) => {
  await beWren(page);
  await page.goto('/cure/31-002');
  const whatIf = page.getByRole('region', { name: 'What if' });
  await whatIf.getByLabel('stood').selectOption('at the warm cabinet');
  await expect(whatIf).toContainText(/Most likely cured/);
  await whatIf.getByLabel('stood').selectOption('in other air: type it');
  await whatIf.getByLabel('Temperature').fill('warm');
  await expect(whatIf).toContainText('like 25 °C or 77 F');
  await whatIf.getByLabel('Temperature').fill('5 °C');
  await expect(whatIf).toContainText('later');
  const file = await (await request.get(`${shop.url}/api/practice-logger?place=3`)).text();
  await page.goto('/cure');
  await page.getByRole('button', { name: 'Readings in' }).nth(2).click();
  const sheet = page.getByRole('dialog', { name: 'Readings of the rack' });
  await sheet.getByRole('textbox').fill('nothing,like,it\n1,2,3');
  await expect(sheet.getByRole('alert')).toContainText('time');
  await sheet.getByRole('textbox').fill(file);
  await expect(sheet.getByText('dates day, then month, °C, humidity in percent, decimal comma')).toBeVisible();
  await expect(sheet.getByText(/A gap of 7 h/)).toBeVisible();
  const span = sheet.getByText(/\d+ readings, .* to /);
  const asWritten = await span.innerText();
  await sheet.getByLabel('Its clock was').selectOption('an hour fast');
  await expect(span).not.toHaveText(asWritten);
  await sheet.getByLabel('Its clock was').selectOption('right');
  await expect(span).toHaveText(asWritten);
  await sheet.getByRole('button', { name: /^Keep 9\d\d readings$/ }).click();
  await expect(sheet.getByRole('status')).toContainText(/9\d\d saved/);
});
