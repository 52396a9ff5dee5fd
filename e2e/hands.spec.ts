import type { Page } from '@playwright/test';
import { beWren, evenIfEarly, expect, layCloths, test } from './shop';

test.use({ wish: { demo: true, at: '2031-03-05T14:20:00Z' } });

const strip = (page: Page) => page.getByRole('region', { name: 'Next for hands' });
const panel = (page: Page) => page.getByRole('region', { name: 'Record the next action' });
const book = (page: Page) => page.getByRole('region', { name: 'Coat book' });
const heightOf = async (page: Page): Promise<number> => (await strip(page).boundingBox())?.height ?? 0;

test('a batch’s page has one button for its act; the key takes with it what was typed, and acts on no other batch', async ({
  page,
}) => {
  await beWren(page);
  await page.goto('/work/31-006');
  // The most pressing act of the shop is another one, of the same name; here it has no button.
  await expect(page.getByRole('button', { name: /^Wiped/ })).toHaveCount(1);
  await expect(strip(page)).toContainText('31-006');
  await panel(page).getByLabel('Done at').fill('10 min ago');
  await panel(page).getByLabel('Seen').fill('dull by the handle');
  await page.locator('h1').click();
  await page.keyboard.press('Space');
  await expect(book(page)).toContainText('Seen: dull by the handle');
  await expect(book(page).getByRole('listitem').filter({ hasText: 'dull by the handle' })).toContainText('14:1');
  await expect(panel(page).getByLabel('Seen')).toHaveValue('');
  await page.goto('/work/31-010');
  await expect(panel(page)).toContainText('Next: Wipe until dry');
});

test('a second tap in the same breath records nothing; what is early is asked about, away from the finger', async ({ page }) => {
  await beWren(page);
  await page.goto('/work/31-006/bench');
  const box = await page.getByRole('button', { name: /^Wiped/ }).boundingBox();
  if (!box) throw new Error('no button');
  const tap = () => page.mouse.click(box.x + box.width / 2, box.y + box.height / 2);
  /** The shop has answered, and the breath is over. */
  const rested = async (): Promise<void> => {
    await expect(page.getByRole('button', { name: /^(Flooded|Wiped)/ }).first()).toBeEnabled();
    await page.waitForTimeout(1500);
  };
  await tap();
  await page.waitForTimeout(250);
  await tap();
  await expect(page.getByRole('heading', { level: 1 })).toHaveText('Flood again');
  await rested();
  await tap();
  await evenIfEarly(page);
  // Flooded it is wet: the wipe is too early.
  await expect(page.getByRole('heading', { level: 1 })).toHaveText('Wipe until dry, turn the cloth');
  await rested();
  await tap();
  const asks = page.getByRole('alertdialog', { name: 'Wiped so early?' });
  await expect(asks).toContainText('early:');
  await expect(asks.getByRole('button', { name: 'Leave it' })).toBeFocused();
  await tap();
  await expect(asks).toBeVisible();
  await page.keyboard.press('Escape');
  await expect(asks).toHaveCount(0);
  // By the key: the first press asks, a second in the same breath leaves it.
  await page.keyboard.press('Space');
  await expect(asks.getByRole('button', { name: 'Leave it' })).toBeFocused();
  await page.keyboard.press('Space');
  await expect(asks).toHaveCount(0);
  await expect(page.getByRole('heading', { level: 1 })).toHaveText('Wipe until dry, turn the cloth');
  await tap();
  await asks.getByRole('button', { name: 'Wiped early' }).click();
  await expect(page.getByRole('heading', { level: 1 })).not.toHaveText('Wipe until dry, turn the cloth');
  // Taken back at the bench: the last act of this device, by its name.
  await page.keyboard.press('Control+z');
  await page
    .getByRole('alertdialog', { name: 'Take back “Wiped” of 31-006?' })
    .getByRole('button', { name: 'Take it back' })
    .click();
  await expect(page.getByRole('heading', { level: 1 })).toHaveText('Wipe until dry, turn the cloth');
});

test('what another device did last is struck in the book only', { tag: '@walk' }, async ({ page, browser, shop }) => {
  await beWren(page);
  await page.goto('/work/31-006');
  const other = await browser.newPage({ baseURL: shop.url });
  await beWren(other);
  await other.goto('/work/31-006');
  await expect(panel(other).getByRole('button', { name: /^Take back/ })).toHaveCount(0);
  await panel(other).getByLabel('Seen').fill('typed here, kept nowhere');
  await panel(page).getByRole('button', { name: 'Wiped' }).click();
  await expect(panel(page).getByRole('button', { name: 'Take back “Wiped”' })).toBeVisible();
  await other.reload();
  await expect(panel(other)).toContainText('Next: Flood again');
  await other.keyboard.press('Control+z');
  await expect(strip(other).getByRole('status')).toContainText('Nothing was recorded here');
  await book(other).getByRole('button', { name: 'Correct Wiped' }).last().click();
  await other.getByRole('button', { name: 'It did not happen: strike it' }).click();
  await expect(panel(other)).toContainText('Next: Wipe until dry');
  await other.close();
});

test('an act that was recorded elsewhere says what had been written for it', { tag: '@walk' }, async ({
  page,
  browser,
  shop,
}) => {
  await beWren(page);
  await page.goto('/work/31-006');
  await panel(page).getByLabel('Seen').fill('half of it dry');
  const other = await browser.newPage({ baseURL: shop.url });
  await beWren(other);
  await other.goto('/work/31-006');
  await panel(other).getByRole('button', { name: 'Wiped' }).click();
  await expect(panel(other)).toContainText('Next: Flood again');
  await other.close();
  // Refused, it shows what stands now, and keeps what was written apart from the next act.
  await panel(page).getByRole('button', { name: 'Wiped' }).click();
  await expect(page.getByText('“Wiped” was recorded from somewhere else')).toContainText('half of it dry');
  await expect(panel(page)).toContainText('Next: Flood again');
  await expect(panel(page).getByLabel('Seen')).toHaveValue('');
});

test('the strip is one line at the desk, two where something wants a person, and leaves a phone its screen', {
  tag: '@walk',
}, async ({ page }) => {
  await beWren(page);
  await page.goto('/');
  for (const path of ['/stores', '/work', '/work/31-006', '/cure']) {
    await page.goto(path);
    expect.soft(await heightOf(page), path).toBeLessThanOrEqual(112);
  }
  await page.setViewportSize({ width: 390, height: 844 });
  for (const path of ['/stores', '/work/31-006', '/care']) {
    await page.goto(path);
    expect.soft(await heightOf(page), path).toBeLessThanOrEqual(844 / 5);
    expect.soft((await page.locator('h1').first().boundingBox())?.y, path).toBeLessThan(844 / 2);
  }
  for (const number of ['31-006', '31-010']) {
    await page.goto(`/work/${number}/bench`);
    const button = await page.getByRole('button', { name: /^Wiped/ }).boundingBox();
    expect.soft((button?.y ?? 999) + (button?.height ?? 0), number).toBeLessThan(844);
  }
  await page.setViewportSize({ width: 1280, height: 800 });
  await page.goto('/stores');
  await layCloths(page, /Laid flat/);
  await page.getByRole('button', { name: 'Looked at: cold' }).click();
  await expect(page.getByRole('complementary', { name: 'Oily cloths' })).toHaveCount(0);
  expect(await heightOf(page)).toBeLessThanOrEqual(58);
});
