import type { Locator, Page } from '@playwright/test';
import { expect, layCloths, MONDAY_MORNING, pick, readyPercent, type Shop, test } from './shop';

/** How a maker works a control: by pointing at it, or by the keyboard alone. */
type Hand = (control: Locator) => Promise<void>;

const pointing: Hand = (control) => control.click();
const typing: Hand = async (control) => {
  await expect(control).toBeEnabled();
  await control.focus();
  await expect(control).toBeFocused();
  await control.press('Enter');
};

const strip = (page: Page): Locator => page.getByRole('region', { name: 'Next for hands' });

async function setUp(page: Page, hand: Hand): Promise<void> {
  await page.goto('/');
  await expect(page).toHaveURL(/\/setup/);
  await page.getByLabel('Name of the shop').fill('Saltwick Bench');
  await page.getByLabel('Time zone').fill('Europe/Lisbon');
  await page.getByLabel('Initials').fill('MO');
  await page.getByLabel('Name', { exact: true }).fill('Maren Oakhurst');
  await hand(page.getByRole('button', { name: 'Open the shop' }));
  await expect(page.getByRole('heading', { name: 'On the rack' })).toBeVisible();
}

async function receive(page: Page, hand: Hand, ingredient: string, amount: string, price: string): Promise<void> {
  await page.goto('/stores');
  await hand(page.getByRole('button', { name: 'Receive a lot' }));
  await pick(page, 'What is in the tin', ingredient);
  await page.getByLabel('Amount').fill(amount);
  await page.getByLabel('Supplier').fill('Estuary Supply Loft');
  await page.getByLabel('Lot code on the label').fill('X 1');
  await page.getByLabel(/Paid for it/).fill(price);
}

async function stores(page: Page, hand: Hand): Promise<void> {
  // An ounce of a liquid is asked about, never guessed.
  await receive(page, hand, 'White mineral oil, food grade', '70 oz', '31,50');
  await hand(page.getByRole('button', { name: 'Put it in the stores' }));
  await expect(page.getByText('An ounce by itself may be a weight or a volume').first()).toBeVisible();
  await page.getByLabel('Amount').fill('0,75 l');
  await expect(page.getByText('= 645 g')).toBeVisible();
  await page.getByLabel('Amount').fill('2.5 kg');
  await hand(page.getByRole('button', { name: 'Put it in the stores' }));
  await expect(page.getByRole('row', { name: /S31-01 White mineral oil/ })).toContainText('2.50 kg');
  await receive(page, hand, 'Beeswax, filtered', '1 lb 2 oz', '9.80');
  await hand(page.getByRole('button', { name: 'Put it in the stores' }));
  await expect(page.getByRole('row', { name: /S31-02 Beeswax/ })).toContainText('510 g');
  await hand(page.getByRole('button', { name: 'Enter a size' }));
  await page.getByLabel('Name', { exact: true }).fill('Tin 60 ml');
  await page.getByLabel('Holds to the brim').fill('60 ml');
  await page.getByLabel('How many there are').fill('20');
  await hand(page.getByRole('dialog').getByRole('button', { name: 'Put it in the stores' }));
  await expect(page.getByRole('listitem').filter({ hasText: 'Tin 60 ml' })).toContainText('20 there');
}

async function blends(page: Page, hand: Hand): Promise<void> {
  await page.goto('/blends/new');
  await page.getByLabel('Name of the formula').fill('Saltwick paste');
  await pick(page, 'Ingredient 1', 'Beeswax, filtered');
  await pick(page, 'Ingredient 2', 'liquid paraffin');
  await page.getByLabel('Ratio').fill('1 : 3.5');
  await expect(page.getByLabel('Parts of line 2')).toHaveValue('3.5');
  // 900 g of 1 : 3.5 is 200 g and 700 g.
  await expect(page.getByLabel('Grams of Beeswax, filtered')).toHaveValue('200');
  await expect(page.getByLabel('Grams of White mineral oil, food grade')).toHaveValue('700');
  await expect(page.getByRole('heading', { name: 'Feel: soft paste' })).toBeVisible();
  await expect(page.getByText('never dries; it settles')).toBeVisible();
  await expect(page.getByText('bee product').first()).toBeVisible();
  await expect(page.getByText(/EUR per kg, from the lots in stock/)).toBeVisible();
  await expect(page.getByRole('img', { name: /clear \d+ °C, pour \d+ °C, ceiling 85 °C/ })).toBeVisible();
  // The other three ways to size it.
  await page.getByLabel('A volume').check({ force: true });
  await page.getByLabel('Total volume when cool').fill('0,5 l');
  await expect(page.getByRole('row', { name: /Together/ })).toContainText('500 ml');
  await page.getByLabel('What I have').check({ force: true });
  await expect(page.getByText('runs out first')).toBeVisible();
  await page.getByLabel('So many jars').check({ force: true });
  await page.getByLabel('Jar or tin').selectOption({ index: 1 });
  await page.getByLabel('How many').fill('6');
  await expect(page.getByRole('row', { name: /Together/ })).toContainText('331 ml');
  await page.getByLabel('A total').check({ force: true });
  await page.getByLabel('Total weight').fill('450 g');
  // The kerf moves by the keyboard too.
  const kerf = page.getByRole('slider');
  await kerf.focus();
  await kerf.press('ArrowLeft');
  await expect(page.getByLabel('Parts of line 2')).not.toHaveValue('3.5');
  await page.getByLabel('Ratio').fill('1 : 3.5');
  await hand(page.getByRole('button', { name: 'Save the formula' }));
  await expect(page.getByText('Revision 1')).toBeVisible();
  await page.getByLabel('Total weight').fill('450 g');
  await hand(page.getByRole('button', { name: 'Pour 450 g' }));
}

async function weigh(page: Page, hand: Hand, reading: string): Promise<void> {
  await page.getByLabel('The scale says').fill(reading);
  await hand(page.getByRole('button', { name: 'Weighed', exact: true }));
  await expect(
    page
      .getByLabel('The scale says')
      .or(page.getByRole('button', { name: 'All in' }))
      .first(),
  ).toBeVisible();
}

async function pour(page: Page, hand: Hand): Promise<void> {
  await expect(page).toHaveURL(/\/pour\/\d+/);
  await expect(page.getByText('Fetch these')).toBeVisible();
  await hand(page.getByRole('button', { name: 'All is at hand' }));
  await expect(page.getByText('until the scale says 100 g')).toBeVisible();
  await weigh(page, hand, '104');
  await expect(page.getByText('4.0 g too much beeswax')).toBeVisible();
  await hand(page.getByRole('button', { name: 'Rescale the pot' }));
  // 104 g of wax wants 364 g of oil: the scale stops at 468.
  await expect(page.getByText('until the scale says 468 g')).toBeVisible();
  await page.reload();
  await expect(page.getByText('until the scale says 468 g')).toBeVisible();
  await weigh(page, hand, '468');
  await hand(page.getByRole('button', { name: 'All in' }));
  await expect(page.getByText('Hot wax scalds, and catches fire.')).toBeVisible();
  await hand(page.getByRole('button', { name: 'It is on the heat' }));
  await expect(page.getByRole('button', { name: 'It is on the heat' })).toHaveCount(0);
  await page.getByLabel('The thermometer says').fill('150F');
  await expect(page.getByText('= 65.6 °C')).toBeVisible();
  await hand(page.getByRole('button', { name: 'Read', exact: true }));
  await expect(page.getByLabel('Thermometer log').getByText('65.6 °C')).toBeVisible();
  await hand(page.getByRole('button', { name: 'Clear, off the heat' }));
  await page.getByLabel('Tin 60 ml: how many filled').fill('3');
  await page.getByLabel('Tin 60 ml: net mass').fill('47.2');
  await expect(page.getByText('322 g left for the shop jar')).toBeVisible();
  await hand(page.getByRole('button', { name: 'Filled', exact: true }));
  await expect(page.getByText('B31-01', { exact: true })).toBeVisible();
  await expect(page.getByText('3 × Tin 60 ml at 47.2 g net')).toBeVisible();
  await expect(page.getByRole('row', { name: /Beeswax, filtered S31-02 104 g/ })).toBeVisible();
  await page.goto('/stores');
  await expect(page.getByRole('row', { name: /S31-01/ })).toContainText('2.14 kg');
}

async function startBatch(page: Page, hand: Hand): Promise<void> {
  await page.goto('/work/new');
  await hand(page.getByRole('button', { name: 'New design' }));
  await page.getByRole('dialog').getByLabel('Name').fill('Bread board');
  await page.getByLabel('Length × width × thickness').fill('420 x 260 x 24');
  await expect(page.getByText('= 420 × 260 × 24 mm: 2510 cm²')).toBeVisible();
  await hand(page.getByRole('button', { name: 'Keep the design' }));
  await expect(page.getByText(/2510 cm² a piece/)).toBeVisible();
  await page.getByLabel('Pieces').fill('6');
  await page.getByLabel('Yes, I am sure').check();
  await page.getByLabel(/^Oil:/).selectOption({ index: 1 });
  await page.getByLabel(/^Wax paste:/).selectOption({ label: 'B31-01 Saltwick paste, 322 g' });
  const outlook = page.getByRole('region', { name: 'What it will take' });
  await expect(outlook).toContainText('266 g oil');
  await expect(outlook).toContainText('EUR of finish a piece');
  await expect(outlook.getByRole('row', { name: /Buff/ })).toContainText('from ');
  await hand(page.getByRole('button', { name: 'Start the batch' }));
  await expect(page.getByRole('heading', { name: '6 sycamore bread boards' })).toBeVisible();
}

/** Records the strip's first action. */
async function record(page: Page, hand: Hand, done: string): Promise<void> {
  const button = strip(page).getByRole('button', { name: done }).first();
  await hand(button);
  await expect(strip(page).getByRole('status')).toContainText(`${done.replace(' early', '')} · 31-001`);
}

async function soak(page: Page, hand: Hand, shop: Shop): Promise<void> {
  const later = async (hours: number): Promise<void> => {
    shop.advance(hours);
    await page.goto('/');
  };
  await page.goto('/');
  await record(page, hand, 'Sanded to 120');
  await record(page, hand, 'Wetted');
  await later(2.1);
  await record(page, hand, 'Knocked back');
  // With all that was seen, on the batch's own page.
  await page.goto('/work/31-001');
  const panel = page.getByRole('region', { name: 'Record the next action' });
  await panel.getByLabel('Used').fill('150 g');
  await panel.getByLabel('Temperature').fill('64F');
  await panel.getByLabel('Humidity').fill('55 %');
  await panel.getByLabel('Seen').fill('thirsty end grain');
  await hand(panel.getByRole('button', { name: 'Flooded' }));
  const book = page.getByRole('region', { name: 'Coat book' });
  await expect(book).toContainText('150 g, 17.8 °C, 55 %');
  await expect(book).toContainText('Seen: thirsty end grain');
  await expect(page.getByRole('complementary', { name: 'Oily cloths' })).toContainText('Cloths of 1 step since');
  await later(0.5);
  await record(page, hand, 'Wiped');
  for (const rest of [1, 1]) {
    await later(rest);
    await record(page, hand, 'Flooded');
    await later(0.6);
    await record(page, hand, 'Wiped');
  }
  await layCloths(page, /Laid flat, single/, hand);
  // Plain oil does not heat itself: laid, its cloths are done with.
  await expect(page.getByRole('complementary', { name: 'Oily cloths' })).toHaveCount(0);
  await later(14);
  await record(page, hand, 'Waxed');
  await later(0.5);
  await record(page, hand, 'Buffed');
}

async function cureAndRelease(page: Page, hand: Hand, shop: Shop): Promise<void> {
  await page.goto('/cure');
  await page.getByLabel('Place').selectOption({ label: 'Rack' });
  await page.getByLabel('Temperature').fill('19');
  await page.getByLabel('Humidity').fill('50');
  await hand(page.getByRole('button', { name: 'Read', exact: true }));
  await expect(page.getByText('19.0 °C').first()).toBeVisible();
  shop.advance(30);
  await page.goto('/cure/31-001');
  const ready = () => readyPercent(page);
  const before = await ready();
  await hand(page.getByRole('button', { name: 'Clean paper: stays clean' }));
  await expect.poll(ready).toBeGreaterThan(before);
  await hand(page.getByRole('button', { name: 'Smell: no smell' }));
  await expect(page.getByText('Smell: no smell')).toBeVisible();
  await page.goto('/');
  await hand(strip(page).getByRole('button', { name: 'Passed' }));
  await expect(strip(page).getByRole('status')).toContainText('Checked');
  await page.goto('/release/31-001');
  // The wax paste of the morning opened a rag line of its own.
  await expect(page.getByText('Its cloths are dealt with').first()).toBeVisible();
  await expect(page.getByRole('button', { name: 'Release', exact: true })).toBeDisabled();
  await layCloths(page, /Under water/, hand);
  await expect(page.getByText(/certified|100 % safe|waterproof|antibacterial/i)).toHaveCount(0);
  shop.advance(14);
  await page.reload();
  await hand(page.getByRole('button', { name: 'Release', exact: true }));
  await expect(page.getByText('R31-001', { exact: true })).toBeVisible();
}

async function sellTwo(page: Page, hand: Hand): Promise<void> {
  await page.getByLabel('Pieces').fill('2');
  await page.getByLabel(/Price each/).fill('64,00');
  await hand(page.getByText(/^To a buyer who is not named/));
  await page.getByLabel('Buyer').fill('Odalys of the Ferry House');
  await hand(page.getByRole('button', { name: 'Sold', exact: true }));
  await expect(page.getByText('4 pieces are left')).toBeVisible();
  const slips = page.getByRole('status').filter({ hasText: 'slips:' }).getByRole('link');
  await expect(slips).toHaveCount(2);
  const code = await slips.first().innerText();
  await hand(slips.first());
  await expect(page.getByRole('heading', { name: /Slip 31-001\/1/ })).toBeVisible();
  await expect(page.getByText('Allergens: bee product.')).toBeVisible();
  const drawn = page.locator('figure img').first();
  await expect.poll(() => drawn.evaluate((one: HTMLImageElement) => one.naturalWidth)).toBe(1240);
  const pdf = await page.request.get(`/slip/${code}/pdf`);
  expect(pdf.headers()['content-type']).toBe('application/pdf');
  expect((await pdf.body()).subarray(0, 5).toString()).toBe('%PDF-');
  const calendar = await (await page.request.get(`/slip/${code}/ics`)).text();
  expect(calendar).toContain('BEGIN:VCALENDAR');
  expect(calendar.match(/BEGIN:VEVENT/g)?.length).toBeGreaterThan(10);
}

async function wholeStory(page: Page, shop: Shop, hand: Hand): Promise<void> {
  await setUp(page, hand);
  await stores(page, hand);
  await blends(page, hand);
  await pour(page, hand);
  await startBatch(page, hand);
  await soak(page, hand, shop);
  await cureAndRelease(page, hand, shop);
  await sellTwo(page, hand);
}

test.describe('the whole story from an empty file', () => {
  test.use({ wish: { demo: false, at: MONDAY_MORNING } });
  test('by pointing, at the desk', async ({ page, shop }) => {
    await wholeStory(page, shop, pointing);
  });
  test('by keyboard alone, on the tablet', { tag: '@walk' }, async ({ page, shop }) => {
    await page.setViewportSize({ width: 768, height: 1024 });
    await wholeStory(page, shop, typing);
  });
});
