import path from 'node:path';
import Database from 'better-sqlite3';
import { beWren, evenIfEarly, expect, pick, takenOver, test, tile } from './shop';

test('bad amounts of a lot are refused in words and change nothing', async ({ page }) => {
  await beWren(page);
  await page.goto('/stores');
  const before = await page.getByRole('row').count();
  await page.getByRole('button', { name: 'Receive a lot' }).click();
  await pick(page, 'What is in the tin', 'Beeswax, filtered');
  const sheet = page.getByRole('dialog');
  for (const [amount, says] of [
    ['-2 kg', 'more than zero'],
    ['0', 'more than zero'],
    ['NaN', 'could not be read'],
    ['1000000000', 'larger than it can be'],
    ['3 furlongs', 'no unit that fits'],
    ['2 m', 'no unit that fits'],
    ['12,5,5 g', 'could not be read'],
  ] as const) {
    await sheet.getByLabel('Amount').fill(amount);
    await sheet.getByRole('button', { name: 'Put it in the stores' }).click();
    await expect(sheet.getByText(says).first(), amount).toBeVisible();
    await expect(sheet.getByLabel('Amount')).toHaveValue(amount);
  }
  await page.keyboard.press('Escape');
  await page.reload();
  await expect(page.getByRole('row')).toHaveCount(before);
});

test('a formula of one ingredient, or of no parts, is refused', async ({ page }) => {
  await beWren(page);
  await page.goto('/blends/new');
  await page.getByLabel('Name of the formula').fill('Nothing much');
  await pick(page, 'Ingredient 1', 'Beeswax, filtered');
  await page.getByRole('button', { name: 'Take line 2 out' }).click();
  await page.getByRole('button', { name: 'Save the formula' }).click();
  await expect(page.getByText('mixes at least two ingredients')).toBeVisible();
  await page.getByRole('button', { name: 'Add a line' }).click();
  await pick(page, 'Ingredient 2', 'Carnauba wax, flake');
  await page.getByLabel('Parts of line 2').fill('0');
  await expect(page.getByText('more than zero')).toBeVisible();
  await page.getByLabel('Parts of line 2').fill('1');
  await pick(page, 'Ingredient 2', 'Beeswax, filtered');
  await expect(page.getByRole('button', { name: 'Save the formula' })).toBeDisabled();
  // A draft outlives the tab.
  await page.reload();
  await expect(page.getByLabel('Name of the formula')).toHaveValue('Nothing much');
  await page.goto('/blends');
  await expect(page.getByText('Nothing much')).toHaveCount(0);
});

test('a used revision never changes: a changed formula becomes a new one', async ({ page }) => {
  await beWren(page);
  await page.goto('/blends/1');
  await page.getByLabel('Ratio').fill('1 : 5');
  await page.getByRole('button', { name: 'Save the formula' }).click();
  await expect(page.getByText('Revision 2')).toBeVisible();
  await expect(page.getByText('Revision 1 to 2')).toBeVisible();
  await expect(page.getByRole('row', { name: /White mineral oil, food grade 4 5/ })).toBeVisible();
  await expect(page.getByRole('listitem').filter({ hasText: 'B31-01' })).toContainText('revision 1');
});

test('a batch is not started in the past, with no lot, or with a lot that does not suit', async ({ page }) => {
  await beWren(page);
  await page.goto('/work/new');
  await tile(page, 'Finish', 'Soak and wax');
  // Sycamore is a name of several trees: nothing starts before it is said which.
  await expect(page.getByRole('button', { name: 'Start the batch' })).toBeDisabled();
  await page.getByLabel('Yes, I am sure').check();
  await page.getByRole('button', { name: 'Start the batch' }).click();
  await expect(page.getByText('Choose the lot for “Oil”')).toBeVisible();
  // Drying lots are not offered where a never-drying one is wanted.
  await expect(page.getByLabel(/^Oil:/)).not.toContainText('Tideline tung');
  await page.getByLabel(/^Oil:/).selectOption({ index: 1 });
  await page.getByLabel(/^Wax paste:/).selectOption({ index: 1 });
  await page.getByLabel('Start', { exact: true }).fill('2031-03-01T08:00');
  await page.getByRole('button', { name: 'Start the batch' }).click();
  await expect(page.getByText('This start lies in the past')).toBeVisible();
  await page.getByLabel('Start', { exact: true }).fill('2031-03-03T10:00');
  for (const [pieces, says] of [
    ['0', 'more than zero'],
    ['-3', 'more than zero'],
    ['2.5', 'whole number'],
    ['', 'Nothing is written'],
    ['9999', 'larger than it can be'],
  ] as const) {
    await page.getByLabel('Pieces').fill(pieces);
    await page.getByRole('button', { name: 'Start the batch' }).click();
    await expect(page.getByText(says).first(), pieces).toBeVisible();
  }
  await page.goto('/work');
  await expect(page.getByText('31-014')).toHaveCount(0);
});

test('a coat far beyond book and estimate is asked about, and a wipe does not come before its coat', { tag: '@walk' }, async ({
  page,
  request,
  shop,
}) => {
  await beWren(page);
  await page.goto('/work/31-006');
  const panel = page.getByRole('region', { name: 'Record the next action' });
  await panel.getByRole('button', { name: 'Wiped' }).click();
  await expect(panel).toContainText('Next: Flood again');
  await panel.getByLabel('Used').fill('9 kg');
  await panel.getByRole('button', { name: /Flooded/ }).click();
  await evenIfEarly(page);
  await expect(panel.getByRole('status')).toContainText('9000 g is far more than such a coat takes');
  await expect(panel.getByRole('button', { name: 'It was so: record it' })).toBeVisible();
  await expect(panel.getByLabel('Used')).toHaveValue('9 kg');
  const cookies = await page.context().cookies();
  const answer = await request.post(`${shop.url}/api/log`, {
    headers: { origin: shop.url, cookie: cookies.map(({ name, value }) => `${name}=${value}`).join('; ') },
    data: {
      clientId: 'wipe-before-coat',
      batchId: 6,
      task: 'wipe-3',
      at: Date.parse('2031-03-03T08:41:00Z'),
      device: 'test-device',
      deviceSequence: 1,
    },
  });
  expect(answer.status()).toBe(422);
  expect(JSON.stringify(await answer.json())).toContain('comes later');
});

test('one pass of a room reading with nonsense is refused in words', async ({ page }) => {
  await beWren(page);
  await page.goto('/cure');
  await page.getByLabel('Temperature').fill('700');
  await page.getByLabel('Humidity').fill('140 %');
  await page.getByRole('button', { name: 'Read', exact: true }).click();
  await expect(page.getByText('must lie between')).toHaveCount(2);
});

test('what is chosen and typed before the page’s script runs is kept', async ({ page }) => {
  await beWren(page);
  await page.goto('/');
  let letGo = (): void => {};
  const gate = new Promise<void>((open) => {
    letGo = open;
  });
  await page.route('**/_next/static/**/*.js', async (route) => {
    await gate;
    await route.continue();
  });
  await page.goto('/release/31-003', { waitUntil: 'domcontentloaded' });
  await page.getByLabel('and then').selectOption('wipe daily until the paper stays clean, and judge it again');
  await page.getByLabel(/^Reason/).fill('it weeps at the bowl');
  letGo();
  await takenOver(page);
  await page.getByRole('button', { name: 'Refuse' }).click();
  await expect(page.getByText(/R31-002 refused, to be mended/)).toBeVisible();
  await page.goto('/work/31-003');
  await expect(page.getByText('Wipe in the warm; press clean paper on').first()).toBeVisible();
});

test('a lot that was received, and whose answer was lost on the way, is received once however often it is sent', async ({
  page,
  shop,
}) => {
  await beWren(page);
  await page.goto('/stores');
  const lots = (): unknown => {
    const raw = new Database(path.join(shop.folder, 'shop.sqlite'), { readonly: true });
    const count = raw.prepare("select count(*) from lot where note = 'sent twice'").pluck().get();
    raw.close();
    return count;
  };
  await page.getByRole('button', { name: 'Receive a lot' }).click();
  await pick(page, 'What is in the tin', 'Beeswax, filtered');
  const sheet = page.getByRole('dialog');
  await sheet.getByLabel('Amount').fill('2 kg');
  await sheet.getByLabel('Note').fill('sent twice');
  // The shop takes it; its answer does not come through.
  let cut = true;
  await page.route('**/stores', async (route) => {
    if (route.request().method() !== 'POST' || !cut) return route.continue();
    cut = false;
    await route.fetch();
    return route.abort();
  });
  const put = sheet.getByRole('button', { name: 'Put it in the stores' });
  await put.click();
  await expect(sheet.getByText('did not answer')).toBeVisible();
  expect(lots()).toBe(1);
  // A reload keeps what was typed, and that it is the same act.
  await page.reload();
  await page.getByRole('button', { name: 'Receive a lot' }).click();
  await expect(sheet.getByLabel('Note')).toHaveValue('sent twice');
  await put.click();
  await expect(sheet).toHaveCount(0);
  expect(lots()).toBe(1);
  // The next one is another.
  await page.getByRole('button', { name: 'Receive a lot' }).click();
  await pick(page, 'What is in the tin', 'Beeswax, filtered');
  await sheet.getByLabel('Amount').fill('2 kg');
  await sheet.getByLabel('Note').fill('sent twice');
  await put.click();
  await expect(sheet).toHaveCount(0);
  expect(lots()).toBe(2);
});
