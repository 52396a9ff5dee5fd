import { beWren, expect, pick, test, tile, weighTo } from './shop';

test.use({ wish: { demo: true, at: '2031-03-05T14:20:00Z' } });

test('wax with solvent is melted without it, and takes it only below the mark; the heater is asked', async ({ page }) => {
  await beWren(page);
  await page.goto('/blends/new');
  await page.getByLabel('Name of the formula').fill('Thin tideline paste');
  await pick(page, 'Ingredient 1', 'beeswax');
  await pick(page, 'Ingredient 2', 'tung oil');
  await page.getByRole('button', { name: 'Add a line' }).click();
  await pick(page, 'Ingredient 3', 'limonene');
  await page.getByLabel('Ratio').fill('1 : 3 : 1');
  await page.getByLabel('Total weight').fill('500 g');
  await expect(page.getByRole('list', { name: 'Cautions' })).toContainText('can set themselves alight');
  await page.getByLabel('Warmed by').selectOption('microwave');
  await page.getByRole('button', { name: 'Save the formula' }).click();
  await expect(page.getByText('Revision 1')).toBeVisible();
  await page.getByLabel('Total weight').fill('500 g');
  await page.getByLabel('Warmed by').selectOption('microwave');
  await page.getByRole('button', { name: 'Pour 500 g' }).click();
  await page.getByRole('button', { name: 'All is at hand' }).click();
  await expect(page.getByText('In two stages.')).toBeVisible();
  for (const reading of ['101', '403']) await weighTo(page, reading);
  // The solvent is not among what is weighed first.
  await page.getByRole('button', { name: 'All in' }).click();
  await expect(page.getByLabel('Warmed by')).toHaveValue('microwave');
  const cautions = page.getByRole('list', { name: 'Cautions' });
  await expect(cautions).toContainText('No water bath holds this heat back');
  const on = page.getByRole('button', { name: /: on to the solvent$/ });
  // A microwave goes burst by burst, each ended by its own clock.
  await page.getByRole('button', { name: 'The first burst' }).click();
  await page.getByRole('button', { name: 'Another burst of 30 s' }).click();
  await expect(page.getByText(/^(29|30|28|27) s$/)).toBeVisible();
  await expect(page.getByRole('button', { name: 'Another burst of 30 s' })).toBeDisabled();
  await page.getByLabel('The thermometer says').fill('78');
  await page.getByRole('button', { name: 'Read', exact: true }).click();
  await expect(page.getByLabel('Thermometer log')).toContainText('78.0 °C');
  await on.click();
  await expect(page.getByText(/solvent goes in only below \d+(\.\d)? °C/)).toBeVisible();
  await page.getByLabel('The thermometer says').fill('33');
  await page.getByRole('button', { name: 'Read', exact: true }).click();
  await expect(page.getByLabel('Thermometer log')).toContainText('33.0 °C');
  await on.click();
  await expect(page.getByText(/Away from any flame or heater/)).toBeVisible();
  await weighTo(page, '504');
  // What is spilt at the pot has cloths too.
  await page.getByRole('button', { name: 'Wiped something up' }).click();
  await expect(page.getByRole('complementary', { name: 'Oily cloths' }).last()).toContainText('the pot of Thin tideline paste');
  await page.getByRole('button', { name: 'All in' }).click();
  await expect(page.getByRole('button', { name: 'Filled', exact: true })).toBeVisible();
});

test('a practice pot draws no stock, takes no number and prints nothing', { tag: '@walk' }, async ({ page }) => {
  await beWren(page);
  await page.goto('/stores');
  const wax = page.getByRole('row', { name: /S31-02 Beeswax/ });
  const before = await wax.innerText();
  await page.goto('/blends/1');
  await page.getByRole('button', { name: 'Practise it' }).click();
  await expect(page.getByText('A practice pot.')).toBeVisible();
  for (const reading of ['181', '904']) await weighTo(page, reading);
  await page.getByRole('button', { name: 'All in' }).click();
  await page.getByRole('button', { name: 'Clear, off the heat' }).click();
  await page.getByRole('button', { name: 'Filled', exact: true }).click();
  await expect(page.getByRole('button', { name: 'Filled', exact: true })).toHaveCount(0);
  await expect(page.getByRole('link', { name: /Labels/ })).toHaveCount(0);
  await page.goto('/stores');
  expect(await wax.innerText()).toBe(before);
  await expect(page.getByText('B31-06')).toHaveCount(0);
});

test('what is wet with solvent alarms on every screen when it is put into the warm, and is never sent there', async ({
  page,
}) => {
  await beWren(page);
  await page.goto('/work/31-010');
  await page.getByRole('region', { name: 'Record the next action' }).getByRole('button', { name: 'Wiped' }).click();
  // It is not offered as if nothing were: what is done all the same is recorded, and alarms.
  await expect(page.getByLabel('Stands at')).toContainText(/Warm cabinet, not before Thu \d\d:\d\d/);
  const warm = page.getByLabel('Stands at').locator('option', { hasText: 'Warm cabinet' });
  await page.getByLabel('Stands at').selectOption((await warm.getAttribute('value')) ?? '');
  const alarm = page
    .getByRole('alert')
    .filter({ hasText: /31-010 stands in the warm cabinet wet with something that gives off vapour/ });
  await expect(alarm.first()).toBeVisible();
  for (const path of ['/', '/stores', '/work/31-006/bench']) {
    await page.goto(path);
    await expect(alarm.first()).toBeVisible();
  }
  await page.goto('/work/31-010');
  await page.getByLabel('Stands at').selectOption('Bench');
  await expect(alarm).toHaveCount(0);
  // The plan puts none of its steps there either.
  await page.goto('/work/regimens/thin-drying');
  await page.goto('/cure/31-010');
  await expect(page.locator('option', { hasText: 'at the warm cabinet' })).toHaveCount(0);
});

test('what a piece is for is asked, and the start says what release will refuse', async ({ page }) => {
  await beWren(page);
  await page.goto('/work/new');
  await page.getByRole('button', { name: 'New design' }).click();
  const sheet = page.getByRole('dialog');
  await sheet.getByLabel('Name').fill('Teething ring');
  for (const box of await sheet.getByRole('group', { name: 'What it is for' }).getByRole('checkbox').all())
    if (await box.isChecked()) await box.click();
  await expect(sheet.getByText('Choose at least one')).toBeVisible();
  for (const use of ['a mouth', 'a toy']) await sheet.getByLabel(use, { exact: true }).check();
  await sheet.getByLabel(/^Length × width × thickness/).fill('80 x 80 x 12');
  await sheet.getByRole('button', { name: 'Keep the design' }).click();
  await expect(page.getByText('For a mouth, a toy.')).toBeVisible();
  const asks = page.getByRole('region', { name: 'What release will ask' });
  await tile(page, 'Wood', 'Yew');
  await expect(asks).toContainText('Not for food');
  await expect(asks).toContainText('Nobody may sign for it.');
  await tile(page, 'Wood', 'European beech');
  await expect(asks).not.toContainText('Not for food');
  await page.getByLabel('It was').selectOption('found');
  await expect(asks).toContainText('Found or treated wood');
});

test('poison is held before it can be said to be fit, and its slip says “Not for food”', async ({ page, request, shop }) => {
  await beWren(page);
  await page.goto('/stores/lots/13/label?lang=de');
  await expect(page.getByText('Inhaltsstoffe')).toBeVisible();
  await expect(page.getByText(/law on labelling chemicals/)).toBeVisible();
  const address = await page.getByRole('link', { name: 'Sheets as PDF' }).getAttribute('href');
  expect(address).toContain('lang=de');
  expect((await request.get(`${shop.url}${address}`)).status()).toBe(200);
});

test('a supplier’s statement is filed with its lot and stands there', async ({ page }) => {
  await beWren(page);
  await page.goto('/stores/lots/2');
  await page.getByLabel('fit for toys').check();
  await page.getByLabel('Keep a declaration').setInputFiles({
    name: 'toys.pdf',
    mimeType: 'application/pdf',
    buffer: Buffer.from('%PDF-1.4\n%%EOF\n'),
  });
  await expect(page.getByText('states: fit for toys')).toBeVisible();
  // The checks of a lot no longer offer the cut.
  await page.getByRole('button', { name: 'Check it' }).click();
  await expect(page.getByRole('dialog').getByLabel('By')).not.toContainText('Cut');
});
