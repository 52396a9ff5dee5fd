import type { Page } from '@playwright/test';
import { beWren, expect, pick, test, weighTo } from './shop';

/** A formula of two lines, written as it is measured. */
async function writeMeasured(page: Page, name: string, lines: readonly (readonly [string, string, boolean?])[]): Promise<void> {
  await page.goto('/blends/new');
  await page.getByLabel('Name of the formula').fill(name);
  await page.getByLabel('Parts are by').selectOption('measured');
  for (const [i, [ingredient, amount, melted]] of lines.entries()) {
    await pick(page, `Ingredient ${i + 1}`, ingredient);
    await page.getByLabel(`Amount of line ${i + 1}`).fill(amount);
    if (melted) await page.getByLabel('measured melted').check();
  }
}

test('four cups of melted wax with sixteen of oil is 19 % wax by weight, and an ounce by itself is asked about', async ({
  page,
}) => {
  await beWren(page);
  await page.goto('/');
  await writeMeasured(page, 'Cups', [
    ['Beeswax, filtered', '4 cups', true],
    ['White mineral oil, food grade', '16 oz'],
  ]);
  await expect(page.getByText(/An ounce by itself may be a weight or a volume/)).toBeVisible();
  await page.getByLabel('Amount of line 2').fill('16 cups');
  await expect(page.getByText(/19 % wax by weight/)).toBeVisible();
  await expect(page.getByText(/by volume as it is measured/)).toContainText('1 : 4 by volume');
  await expect(page.getByText('In one jug, in this order')).toContainText('until it stands at 4.73 l');
  // In pieces a cup says nothing.
  await page.getByLabel('measured melted').uncheck();
  await expect(page.getByText(/holds more air than wax/)).toBeVisible();
  await page.getByLabel('measured melted').check();
  await page.getByRole('button', { name: 'Save the formula' }).click();
  await expect(page).toHaveURL(/blends\/\d+/);
  await expect(page.getByLabel('Amount of line 1')).toHaveValue('4 cups');
  await page.goto('/blends');
  await expect(page.getByText('4 cups beeswax, filtered : 16 cups white mineral oil, food grade')).toBeVisible();
});

test('half a bag to two bottles by the jug’s marks; filled to where it should have been added is said before it is kept', {
  tag: '@walk',
}, async ({ page }) => {
  await beWren(page);
  await page.goto('/');
  await writeMeasured(page, 'Half a bag', [
    ['Beeswax, filtered', '1/2 x 1 lb'],
    ['White mineral oil, food grade', '2 x 16 fl oz'],
  ]);
  await expect(page.getByText(/by weight,/).first()).toContainText('1 : 3.59 by weight');
  await page.getByLabel(/No scale: in a jug/).check();
  await page.getByRole('button', { name: /^Pour 1\.04 kg/ }).click();
  await page.getByRole('button', { name: 'All is at hand' }).click();
  await expect(page.getByText('+ Add')).toBeVisible();
  await expect(page.getByText('it is empty now')).toBeVisible();
  await page.getByRole('button', { name: 'It stands at the mark' }).click();
  await expect(page.getByText(/it stands at 2\d\d ml now/)).toBeVisible();
  // 950 ml are to be added: filled to 950 it is another blend.
  await page.getByLabel('The jug stands at').fill('950 ml');
  const asks = page.getByRole('alert').filter({ hasText: 'should have been added' });
  await expect(asks).toContainText('Filled to 950 ml, where 950 ml should have been added?');
  await expect(asks).toContainText(/would hold \d\d % white mineral oil, food grade by weight instead of 78 %/);
  await expect(page.getByRole('button', { name: 'Measured' })).toHaveAttribute('aria-disabled', 'true');
  await asks.getByRole('button', { name: 'I add the rest' }).click();
  await page.getByRole('button', { name: 'It stands at the mark' }).click();
  await page.getByRole('button', { name: 'All in' }).click();
  await expect(page.getByText('°C in the pot')).toBeVisible();
});

test('from one lump: what else is needed, what is bought, how many tins it makes and what is over, before anything melts', {
  tag: '@walk',
}, async ({ page }) => {
  await beWren(page);
  await page.goto('/blends/new');
  await page.getByLabel('Name of the formula').fill('One lump');
  await pick(page, 'Ingredient 1', 'Candelilla wax');
  await pick(page, 'Ingredient 2', 'White mineral oil, food grade');
  await page.getByLabel('Ratio').fill('1 : 5');
  await page.getByLabel('What I have').check({ force: true });
  await page.getByLabel('enough, or it is bought: one lump fixes the pot').check({ force: true });
  await page.getByLabel('Candelilla wax', { exact: true }).fill('0,5 kg');
  const takes = page.getByRole('region', { name: 'What it takes' });
  await expect(takes).toContainText('3.00 kg: 500 g candelilla wax, 2.50 kg white mineral oil, food grade.');
  // The stores hold 200 g of the wax, and less of the oil than it takes.
  await expect(takes).toContainText(/To buy: 300 g candelilla wax, 1\.[01]\d kg white mineral oil, food grade\./);
  await expect(takes).toContainText(/It fills \d+ × Tin 60 ml/);
  await expect(takes).toContainText(/over for the shop jar/);
  await expect(takes).toContainText(/It costs \d+\.\d\d EUR/);
  // Nothing and less than nothing is no lump.
  for (const none of ['0', '-4 g', 'a lump']) {
    await page.getByLabel('Candelilla wax', { exact: true }).fill(none);
    await expect(takes).toHaveCount(0);
  }
});

test('a pot in a slow cooker past its ceiling is called on its page, aloud, and on every other screen', async ({
  page,
  shop,
}) => {
  await page.addInitScript(() => {
    const said: string[] = [];
    Object.assign(window, { said });
    window.speechSynthesis.speak = (words) => void said.push(words.text);
  });
  await beWren(page);
  await page.goto('/blends');
  await page
    .getByRole('link', { name: /Lantern paste/ })
    .first()
    .click();
  await page.getByLabel('Total weight').fill('500 g');
  await page.getByRole('button', { name: 'Pour 500 g' }).click();
  await page.getByRole('button', { name: 'All is at hand' }).click();
  await weighTo(page, '100.8');
  await weighTo(page, '504');
  await page.getByRole('button', { name: 'All in' }).click();
  await page
    .getByRole('button', { name: /Calls aloud: off/ })
    .first()
    .click();
  await page.getByLabel('Warmed by').selectOption({ label: 'slow cooker' });
  await expect(page.getByText(/no water holds it back/)).toBeVisible();
  await page.getByRole('button', { name: 'It is on the heat' }).click();
  await page.getByLabel('The thermometer says').fill('92');
  await page.getByRole('button', { name: 'Read', exact: true }).click();
  await expect(page.getByRole('alert').filter({ hasText: 'Past the ceiling of 85 °C: off the heat now' })).toBeVisible();
  await expect
    .poll(() => page.evaluate(() => (window as unknown as { said: string[] }).said.join(' ')))
    .toContain('Past the ceiling of 85 °C');
  await page.goto('/stores');
  const alarm = page.getByRole('alert').filter({ hasText: 'Lantern paste: Past the ceiling' });
  await expect(alarm).toBeVisible();
  await page.getByRole('link', { name: 'Go to it' }).first().click();
  await expect(page).toHaveURL(/\/pour\/\d+/);
  // Read cooler again, and then left alone.
  await page.getByLabel('The thermometer says').fill('70');
  await page.getByRole('button', { name: 'Read', exact: true }).click();
  await expect(page.getByRole('alert').filter({ hasText: 'Past the ceiling' })).toHaveCount(0);
  shop.advance(0.5);
  await page.goto('/blends');
  await expect(page.getByText(/Lantern paste: Nobody has been at the pot for too long/)).toBeVisible();
});
