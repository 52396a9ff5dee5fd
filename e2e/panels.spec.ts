import type { Page } from '@playwright/test';
import { beWren, expect, MONDAY_MORNING, test } from './shop';

test.use({ wish: { demo: true, at: MONDAY_MORNING } });

/** Opens the form with everything chosen: whatever sends it starts a batch. */
async function readyToStart(page: Page): Promise<void> {
  await beWren(page);
  await page.goto('/work/new?regimen=bare');
  await page.getByLabel('Yes, I am sure').check();
  await expect(page.getByRole('button', { name: 'Start the batch' })).toBeEnabled();
}

/** Saves the open panel, and looks that it closed, that the page stayed, and that no batch was begun. */
async function saves(page: Page, button: string, hand: 'mouse' | 'keyboard'): Promise<void> {
  const sheet = page.getByRole('dialog');
  const save = sheet.getByRole('button', { name: button });
  if (hand === 'mouse') await save.click();
  else await sheet.getByRole('textbox').first().press('Enter');
  await expect(sheet).toHaveCount(0);
  // A batch that was begun leads to its page.
  await page.waitForLoadState('networkidle');
  expect(new URL(page.url()).pathname).toBe('/work/new');
  await expect(page.getByText('no longer here')).toHaveCount(0);
  await page.goto('/work');
  await expect(page.getByText('31-014')).toHaveCount(0);
}

for (const hand of ['mouse', 'keyboard'] as const) {
  test(`a new design is saved and starts nothing, by ${hand}`, async ({ page }) => {
    await readyToStart(page);
    await page.getByRole('button', { name: 'New design' }).click();
    const sheet = page.getByRole('dialog');
    await sheet.getByLabel('Name').fill('Ferry board');
    await sheet.getByLabel(/^Length/).fill('300 x 180 x 20 mm');
    await saves(page, 'Keep the design', hand);
  });

  test(
    `a wood of our own is saved and starts nothing, and so is a change of it, by ${hand}`,
    hand === 'keyboard' ? { tag: '@walk' } : {},
    async ({ page }) => {
      await readyToStart(page);
      await page.getByRole('button', { name: 'A wood of our own' }).click();
      const sheet = page.getByRole('dialog');
      await sheet.getByLabel('Name', { exact: true }).fill('Medlar');
      await sheet.getByLabel(/^Why/).fill('asked the sawyer');
      await saves(page, 'Keep the wood', hand);
      await page.goto('/work/new?regimen=bare');
      await page.getByRole('button', { name: / woods$/ }).click();
      await page.getByRole('radio', { name: /Medlar/ }).check({ force: true });
      await page.getByRole('button', { name: 'Change what is said of it' }).click();
      await sheet.getByLabel(/^Why/).fill('asked again');
      await saves(page, 'Keep the wood', hand);
    },
  );
}

test('what a design is for is saved and starts nothing', async ({ page }) => {
  await readyToStart(page);
  await page.getByRole('button', { name: 'Change what it is for' }).click();
  await page.getByRole('dialog').getByRole('checkbox').last().click();
  await saves(page, 'Keep it', 'mouse');
});

test('a batch begun by mistake is cancelled, and that is undone', async ({ page }) => {
  await readyToStart(page);
  await page.getByRole('button', { name: 'Start the batch' }).click();
  await page.waitForURL(/\/work\/\d\d-\d+$/);
  const number = page.url().split('/').at(-1) ?? '';
  await page.getByRole('button', { name: 'Cancel this batch' }).click();
  await page.getByRole('dialog').getByRole('button', { name: 'Cancel the batch' }).click();
  await expect(page.getByText('Nothing was drawn for it.')).toBeVisible();
  await expect(page.getByText('Every step')).toHaveCount(0);
  await page.goto(`/work/${number}/bench`);
  await expect(page.getByRole('heading', { name: 'Cancelled' })).toBeVisible();
  await page.goto('/work');
  await expect(page.getByText(number)).toHaveCount(0);
  await page.goto(`/work/${number}`);
  await page.getByRole('button', { name: 'Undo cancel' }).click();
  await expect(page.getByRole('region', { name: 'Record the next action' })).toBeVisible();
});

test('a batch that used finish is closed with its reason and what was used', async ({ page }) => {
  await beWren(page);
  await page.goto('/work/31-006');
  await page.getByRole('button', { name: 'Cancel this batch' }).click();
  const sheet = page.getByRole('dialog');
  await sheet.getByRole('button', { name: 'Cancel the batch' }).click();
  await expect(sheet.getByText('Write the reason')).toBeVisible();
  await sheet.getByLabel('Reason').fill('the wood split');
  await sheet.getByRole('button', { name: 'Cancel the batch' }).click();
  await expect(page.getByText(/Cancelled .* by WA: the wood split\. Used: .* of /)).toBeVisible();
  await page.goto('/work');
  await expect(page.getByRole('heading', { name: 'Cancelled' })).toBeVisible();
});

test('a batch without pieces never reads as done', async ({ page }) => {
  await readyToStart(page);
  await page.getByRole('button', { name: 'Start the batch' }).click();
  await page.waitForURL(/\/work\/\d\d-\d+$/);
  const number = page.url().split('/').at(-1) ?? '';
  await page.getByRole('button', { name: 'One leaves' }).click();
  await page.getByRole('dialog').getByLabel('Which pieces').fill('1-6');
  await page.getByRole('dialog').getByLabel('Why').fill('split');
  await page.getByRole('dialog').getByRole('button', { name: 'It leaves' }).click();
  await expect(page.getByText('No pieces are left in this batch')).toBeVisible();
  await expect(page.getByText(/(Every|All) steps?/)).toHaveCount(0);
  await page.goto(`/work/${number}/bench`);
  await expect(page.getByRole('heading', { name: 'No pieces left' })).toBeVisible();
});

test('first aid’s numbers, what a batch is for, and a bottle that lost its solvent are said by keyboard alone', {
  tag: '@walk',
}, async ({ page }) => {
  await beWren(page);
  await page.goto('/guide/first-aid');
  const emergency = page.getByLabel('Emergency');
  if (!(await emergency.isVisible())) {
    await page.getByText('Change the numbers').focus();
    await page.keyboard.press('Enter');
  }
  await emergency.focus();
  await page.keyboard.press('ControlOrMeta+a');
  await page.keyboard.type('112');
  await page.keyboard.press('Tab');
  await page.keyboard.press('ControlOrMeta+a');
  await page.keyboard.type('0800 555 0100');
  await page.keyboard.press('Enter');
  await expect(page.getByText('Poison centre: 0800 555 0100').first()).toBeVisible();

  await page.goto('/work/31-006');
  await page.getByRole('button', { name: 'Change', exact: true }).focus();
  await page.keyboard.press('Enter');
  const sheet = page.getByRole('dialog', { name: 'What this batch is for' });
  await expect(sheet).toBeVisible();
  await sheet.getByLabel('only eyes').focus();
  await page.keyboard.press('Space');
  await sheet.getByLabel('Reason').focus();
  await page.keyboard.type('one hangs in the window');
  await page.keyboard.press('Enter');
  await expect(sheet).toHaveCount(0);
  await expect(page.getByText('one hangs in the window').first()).toBeVisible();

  // The first lot on the shelf that can dry out is weighed lighter.
  await page.goto('/stores');
  const openers = page.getByRole('button', { name: /weigh again$/ });
  const went = page.getByLabel('Where it is less, it was');
  for (let i = 0; i < (await openers.count()); i++) {
    await openers.nth(i).focus();
    await page.keyboard.press('Enter');
    await expect(page.getByLabel('Left, without its container')).toBeVisible();
    if (await went.isVisible()) break;
    await page.keyboard.press('Escape');
  }
  const says = await page.getByRole('dialog').getByText('The ledger says').innerText();
  const left = Number(/says ([\d.]+) k?g/.exec(says)?.[1]) * (/ kg/.test(says) ? 1000 : 1);
  await page.getByLabel('Left, without its container').focus();
  await page.keyboard.type(`${(left - 1).toFixed(1)} g`);
  await page.keyboard.press('Tab');
  await page.keyboard.press('ArrowDown');
  await expect(went).not.toHaveValue('');
  await page.getByRole('button', { name: 'Weighed' }).focus();
  await page.keyboard.press('Enter');
  await expect(page.getByRole('dialog')).toHaveCount(0);
});
