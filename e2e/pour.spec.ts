import { readFileSync } from 'node:fs';
import type { Page } from '@playwright/test';
import { extractText, getDocumentProxy } from 'unpdf';
import { beWren, expect, test, weighTo } from './shop';

const textOf = async (bytes: Uint8Array): Promise<{ readonly text: string; readonly pages: number }> => {
  const { text, totalPages } = await extractText(await getDocumentProxy(new Uint8Array(bytes)), { mergePages: true });
  return { text: text.replace(/\s+/g, ' '), pages: totalPages };
};

async function openPot(page: Page): Promise<void> {
  await page.goto('/blends/1');
  await page.getByRole('button', { name: /^Pour 900/ }).click();
  await page.getByRole('button', { name: 'All is at hand' }).click();
}

const weighed = (page: Page) => page.getByRole('button', { name: 'Weighed', exact: true });

test('a scale loses its connection half-way, and no reading is lost', async ({ page }) => {
  await beWren(page);
  await page.goto('/');
  await openPot(page);
  const panel = page.getByLabel('Practice scale');
  await page.getByRole('button', { name: 'Use the practice scale' }).click();
  await panel.getByRole('button', { name: 'Pour to the mark' }).click();
  // While it moves nothing is taken.
  await expect(page.getByRole('button', { name: 'Settling …' })).toHaveAttribute('aria-disabled', 'true');
  await panel.getByRole('button', { name: 'Pull the cable' }).click();
  await expect(panel.getByRole('alert')).toContainText('The scale is silent');
  await expect(panel.getByText('◌ silent')).toBeVisible();
  await panel.getByRole('button', { name: 'Plug it in' }).click();
  await expect(panel.getByRole('alert')).toHaveCount(0);
  await expect(weighed(page)).not.toHaveAttribute('aria-disabled', 'true');
  await weighed(page).click();
  await expect(page.getByLabel('Marks').getByRole('listitem').first()).toContainText('181.0 of 180.8 g');
  // A garbled line is said, and the typed way stays open beside it.
  await panel.getByRole('button', { name: 'Garble the line' }).click();
  await page.getByLabel('The scale says').fill('904');
  await weighed(page).click();
  await page.getByRole('button', { name: 'All in' }).click();
  await expect(page.getByText('°C in the pot')).toBeVisible();
  // After a reload the pot is where it was.
  await page.reload();
  await expect(page.getByRole('button', { name: 'It is on the heat' })).toBeVisible();
});

test('an overpour is left in, and the next pot takes it up', { tag: '@walk' }, async ({ page }) => {
  await beWren(page);
  await page.goto('/');
  await openPot(page);
  await page.getByLabel('The scale says').fill('206');
  await weighed(page).click();
  await expect(page.getByRole('alert').filter({ hasText: 'too much beeswax' })).toContainText('25.2 g too much');
  await page.getByRole('button', { name: 'Leave it for the next pot' }).click();
  await expect(page.getByLabel('Slips')).toContainText('25.2 g too much stays in');
  await page.getByLabel('The scale says').fill('929.2');
  await weighed(page).click();
  await page.getByRole('button', { name: 'All in' }).click();
  await page.goto('/blends/1');
  await page.getByLabel('Total weight').fill('600 g');
  await page.getByLabel(/Take up the overpour of B31-06/).check();
  await page.getByRole('button', { name: 'Pour 600 g' }).click();
  // 904 g and 604 g together hold a fifth of wax: 0.2 × (929.2 + 604) − 206 = 100.6 g in this one.
  await expect(page.getByLabel('Gather').getByRole('listitem').filter({ hasText: 'Beeswax' })).toContainText('101 g');
});

test('what went in by mistake is owned up to before it is kept', { tag: '@walk' }, async ({ page }) => {
  await beWren(page);
  await page.goto('/');
  await openPot(page);
  await page.getByLabel('The scale says').fill('181');
  await weighed(page).click();
  await page.getByRole('button', { name: 'Something else went in' }).click();
  const sheet = page.getByRole('dialog');
  await sheet.getByLabel('What went in').selectOption({ label: 'Walnut oil, heat-treated, S31-04' });
  await sheet.getByLabel('The scale says now').fill('260');
  await expect(sheet.getByText(/the pot becomes .*tree nut/)).toBeVisible();
  await sheet.getByRole('button', { name: 'Keep the pot with it' }).click();
  await expect(page.getByLabel('Slips')).toContainText('Walnut oil, heat-treated went in by mistake');
});

test('jars are weighed, the label says the lowest, and its sheet says all it must', async ({ page }) => {
  await beWren(page);
  await page.goto('/');
  await openPot(page);
  for (const reading of ['181', '904']) await weighTo(page, reading);
  await page.getByRole('button', { name: 'All in' }).click();
  await page.getByRole('button', { name: 'Clear, off the heat' }).click();
  await page.getByLabel('Tin 60 ml: how many filled').fill('4');
  await page.getByLabel('Tin 60 ml: weighed, with the jar').fill('66.4 67.2 65,9');
  await expect(page.getByText('label 47.5 g')).toBeVisible();
  await page.getByRole('button', { name: 'Filled', exact: true }).click();
  await expect(page.getByText('47.5 g net, the lowest of 3 weighed')).toBeVisible();
  // What cools stands behind the cloths, which burn.
  await page.getByRole('button', { name: /^and \d more/ }).click();
  await expect(page.getByRole('dialog')).toContainText('B31-06 turns opaque about');
  await page.keyboard.press('Escape');
  await page.getByRole('link', { name: 'Labels for 4 × Tin 60 ml' }).click();
  await expect(page.getByText('set in')).toBeVisible();
  const address = await page.getByRole('link', { name: 'Sheets as PDF' }).getAttribute('href');
  const pdf = await page.request.get(address ?? '');
  const { text, pages } = await textOf(await pdf.body());
  expect(pages).toBe(1);
  expect(text.match(/Lantern paste/g)).toHaveLength(4);
  for (const part of [
    '47.5 g / 1.67 oz net',
    'B31-06/a',
    'best before',
    'Contents: White mineral oil, food grade; Beeswax, filtered',
    'Allergens: bee product',
    'Keep from children',
    'Quillhaven Joinery Shed',
  ])
    expect(text).toContain(part);
  const picture = await page.request.get((address ?? '').replace('as=pdf', 'as=png'));
  const png = await picture.body();
  expect(png.subarray(1, 4).toString()).toBe('PNG');
  // 70 × 37 mm at 300 dots to the inch.
  expect([png.readUInt32BE(16), png.readUInt32BE(20)]).toEqual([827, 437]);
  const tooSmall = await page.request.get(
    '/api/label?lot=13&as=pdf&grid=own&columns=2&rows=2&width=20&height=15&left=0&top=0&pageWidth=210&pageHeight=297',
  );
  expect(tooSmall.status()).toBe(400);
});

test('a file with five kinds of bad row is shown before anything is saved, and the good rows are taken', async ({ page }) => {
  await beWren(page);
  await page.goto('/blends');
  await page.getByRole('button', { name: 'Take formulas in' }).click();
  const rows = [
    'formula,basis,ingredient,parts,note',
    'Gull paste,mass,beeswax,1,for gulls',
    'Gull paste,mass,"White mineral oil, food grade",6,',
    'Dock mix,mass,tung oil,1,',
    'Dock mix,mass,beeswax,x,',
    'Alone,mass,beeswax,1,',
    'Spooned,spoons,beeswax,1,',
    'Spooned,spoons,beeswax,2,',
    'Golden,mass,gold,1,',
    'Golden,mass,beeswax,-1,',
    'Copy,mass,beeswax,2,',
    'Copy,mass,mineral-oil,8,',
  ];
  await page
    .getByRole('dialog')
    .locator('input[type=file]')
    .setInputFiles({ name: 'shed.csv', mimeType: 'text/csv', buffer: Buffer.from(rows.join('\r\n')) });
  const list = page.getByLabel('What was understood');
  for (const [name, says] of [
    ['Gull paste', 'new'],
    ['Dock mix', 'row 4: “tung oil” does not say what is in the tin'],
    ['Dock mix', 'row 5: Write a number'],
    ['Alone', 'at least two ingredients'],
    ['Spooned', 'stands here twice'],
    ['Spooned', '“spoons” is no way to measure'],
    ['Golden', 'row 9: '],
    ['Golden', 'row 10: '],
    ['Copy', 'the same as “Lantern paste”'],
  ] as const)
    await expect(list.getByRole('listitem').filter({ hasText: name }), says).toContainText(says);
  await page.getByRole('button', { name: 'Save 1 of 6' }).click();
  await expect(page.getByRole('dialog').getByText('1 saved.')).toBeVisible();
  await page.keyboard.press('Escape');
  await expect(page.getByText('Gull paste')).toBeVisible();
  await expect(page.getByText('Dock mix')).toHaveCount(0);
  // What goes out comes in again as the same.
  const out = await page.request.get('/api/formulas?as=json');
  await page.getByRole('button', { name: 'Take formulas in' }).click();
  await page.getByRole('textbox', { name: 'or paste it' }).fill((await out.body()).toString());
  await expect(page.getByRole('button', { name: 'Nothing new to save' })).toBeVisible();
});

test('the cheapest blend is found in the browser, and limits that clash are named', { tag: '@walk' }, async ({ page }) => {
  await beWren(page);
  await page.goto('/blends/new');
  await page.getByLabel('Name of the formula').fill('Thrift');
  await page.getByRole('button', { name: 'Add a line' }).click();
  await page.goto('/blends/1');
  await page.getByRole('button', { name: 'Find the cheapest' }).click();
  const sheet = page.getByRole('dialog');
  await sheet.getByRole('button', { name: 'Find it' }).click();
  await expect(sheet.getByRole('status')).toContainText('10.38 EUR per kg');
  await expect(sheet.getByRole('status')).toContainText('the hardness');
  await sheet.getByLabel('bee product').check();
  await sheet.getByLabel('coconut', { exact: true }).check();
  await sheet.getByLabel('Candelilla wax').uncheck();
  await sheet.getByLabel('Carnauba wax, flake').uncheck();
  await sheet.getByRole('button', { name: 'Find it' }).click();
  await expect(sheet.getByRole('status')).toContainText('These clash: the hardness with the allergens left out');
  await sheet.getByLabel('bee product').uncheck();
  await sheet.getByRole('button', { name: 'Find it' }).click();
  await sheet.getByRole('button', { name: 'Put it on the plank' }).click();
  await expect(page.getByLabel('Percent of Beeswax, filtered')).toHaveValue('18.0');
});

test('a held lot stops everywhere at once and says what it reaches; its trace is a list as well', { tag: '@walk' }, async ({
  page,
}) => {
  await beWren(page);
  await page.goto('/stores/lots/2');
  await page.getByRole('button', { name: 'Hold it' }).click();
  await page.getByRole('dialog').getByLabel('Why').fill('supplier’s recall');
  await page.getByRole('button', { name: 'Hold it now' }).click();
  await expect(page.getByRole('alert').filter({ hasText: 'Held: supplier’s recall' })).toBeVisible();
  await expect(page.getByText(/\d+ batches, \d+ pieces: \d+ in the shop, \d+ sold/)).toBeVisible();
  const csv = (await (await page.request.get('/api/trace?lot=2')).body()).toString();
  expect(csv).toMatch(/^kind,number,what,way,grams_in,date,buyer\r\n/);
  expect(csv).toContain('Odalys Fennimore-Brackenridge');
  await page.goto('/stores');
  await expect(page.getByText('held: supplier’s recall').nth(2)).toBeVisible();
  await page.goto('/release/31-003');
  await expect(page.getByText('Lot S31-02 is held')).toBeVisible();
});

test('a declaration is kept with its lot and comes back as it was', { tag: '@walk' }, async ({ page, shop }) => {
  await beWren(page);
  await page.goto('/stores/lots/1');
  const bytes = Buffer.from('%PDF-1.4 declaration of the oil');
  await page
    .locator('input[type=file]')
    .setInputFiles({ name: 'oil declaration.pdf', mimeType: 'application/pdf', buffer: bytes });
  const link = page.getByRole('link', { name: 'oil declaration.pdf' });
  await expect(link).toBeVisible();
  const hash = (await link.getAttribute('href'))?.split('/').at(-1) ?? '';
  expect((await (await page.request.get(`/api/declaration/${hash}`)).body()).equals(bytes)).toBe(true);
  expect(readFileSync(`${shop.folder}/files/${hash}`).equals(bytes)).toBe(true);
  await page
    .locator('input[type=file]')
    .setInputFiles({ name: 'x.exe', mimeType: 'application/octet-stream', buffer: Buffer.from('MZ') });
  await expect(page.getByText('Keep a PDF, a PNG or a JPEG.')).toBeVisible();
  const foreign = await page.request.post('/api/declaration', {
    headers: { 'sec-fetch-site': 'cross-site' },
    multipart: { lot: '1', file: { name: 'a.pdf', mimeType: 'application/pdf', buffer: bytes } },
  });
  expect(foreign.status()).toBe(403);
});
