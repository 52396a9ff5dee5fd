import type { Page } from '@playwright/test';
import { expect, layCloths, MONDAY_MORNING, pick, type Shop, test } from './shop';

test.use({ wish: { demo: false, at: MONDAY_MORNING } });

/** A shop that was just opened, reading the units it chose. */
async function setUp(page: Page, units: string): Promise<void> {
  await page.goto('/');
  await page.getByLabel('Name of the shop').fill('Saltwick Bench');
  await page.getByLabel('Time zone').fill('Europe/Lisbon');
  await page.getByLabel('Initials').fill('MO');
  await page.getByLabel('Name', { exact: true }).fill('Maren Oakhurst');
  await page.getByLabel('Units it reads').selectOption(units);
  await page.getByRole('button', { name: 'Open the shop' }).click();
  await expect(page.getByRole('heading', { name: 'On the rack' })).toBeVisible();
}

async function receive(page: Page, what: string, amount: string): Promise<void> {
  await page.goto('/stores');
  await page.getByRole('button', { name: 'Receive a lot' }).click();
  await pick(page, 'What is in the tin', what);
  await page.getByLabel('Amount').fill(amount);
  await page.getByLabel('Supplier').fill('Estuary Supply Loft');
  await page.getByLabel('Lot code on the label').fill('X 1');
  await page.getByRole('button', { name: 'Put it in the stores' }).click();
  await expect(page.getByRole('dialog')).toHaveCount(0);
}

/** A paper on a lot says that it is fit for food. */
async function keepPaper(page: Page, lot: string): Promise<void> {
  await page.goto('/stores');
  await page
    .getByRole('row', { name: new RegExp(lot) })
    .getByRole('link', { name: lot })
    .click();
  await expect(page.getByText('No paper yet.')).toBeVisible();
  await page.getByLabel('fit for food once cured').check();
  await page.getByLabel(/Keep a declaration/).setInputFiles({
    name: 'statement.pdf',
    mimeType: 'application/pdf',
    buffer: Buffer.from(`%PDF-1.4 fit for food ${lot}`),
  });
  await expect(page.getByText('states: fit for food once cured')).toBeVisible();
  await expect(page.getByText('No paper yet.')).toHaveCount(0);
}

/** Does whatever hands must do next until nothing is left, waiting as long as it asks. */
async function untilDone(page: Page, shop: Shop): Promise<void> {
  const strip = page.getByRole('region', { name: 'Next for hands' });
  for (let acts = 0; acts < 80; acts++) {
    await page.goto('/');
    await expect(strip).toBeVisible();
    const button = strip.getByRole('button').first();
    if ((await strip.getByText('Nothing for hands').count()) > 0 || (await button.count()) === 0) return;
    const name = await button.innerText();
    if (/early/.test(name)) {
      shop.advance(2);
      continue;
    }
    await button.click();
    await page.waitForTimeout(400);
  }
}

test('a bought finish is a line of a formula; a bottle of it is let down and topped up; both are traced to the slip and the buyer', async ({
  page,
  shop,
}) => {
  test.setTimeout(240_000);
  await setUp(page, 'metric');
  // The finish, as its label has it.
  await page.goto('/stores');
  await page.getByRole('button', { name: 'A bought finish' }).click();
  await page.getByLabel('What the shop calls it').fill('Harbourside oil');
  await pick(page, 'Its label declares', 'Pure tung oil');
  await page.getByLabel('In the work it is').selectOption('neat-oil');
  await page.getByLabel('The label says of food').selectOption('once-cured');
  await page.getByLabel('Until food may touch it').fill('7 days');
  await page.getByRole('button', { name: 'Keep it' }).click();
  await expect(page.getByRole('dialog')).toHaveCount(0);
  await receive(page, 'Harbourside oil', '1 kg');
  await receive(page, 'Pure tung oil', '1 kg');
  await receive(page, 'Citrus solvent (d-limonene)', '500 g');
  for (const lot of ['S31-01', 'S31-02', 'S31-03']) await keepPaper(page, lot);
  // Half of it and half tung oil.
  await page.goto('/blends/new');
  await page.getByLabel('Name of the formula').fill('Half and half');
  await pick(page, 'Ingredient 1', 'Harbourside oil');
  await pick(page, 'Ingredient 2', 'Pure tung oil');
  await page.getByLabel('Ratio').fill('1 : 1');
  await expect(page.getByText(/not all declared/).first()).toBeVisible();
  await page.getByRole('button', { name: 'Save the formula' }).click();
  await page.getByLabel('Total weight').fill('600 g');
  await page.getByRole('button', { name: 'Pour 600 g' }).click();
  await page.getByRole('button', { name: 'All is at hand' }).click();
  for (const reading of ['300', '600']) {
    await page.getByLabel('The scale says').fill(reading);
    await page.getByRole('button', { name: 'Weighed', exact: true }).click();
    await expect(
      page
        .getByLabel('The scale says')
        .or(page.getByRole('button', { name: 'All in' }))
        .first(),
    ).toBeVisible();
  }
  await page.getByRole('button', { name: 'All in' }).click();
});
