import type { Page } from '@playwright/test';
import { expect, layCloths, MONDAY_MORNING, pick, type Shop, test, tile, weighTo } from './shop';

test.use({ wish: { demo: false, at: MONDAY_MORNING } });

/** A shop that was just opened, reading the units it chose. */
async function setUp(page: Page, units: string): Promise<void> {
  await page.goto('/');
  await page.getByLabel('Name of the shop').fill('Saltwick Bench');
  await page.getByLabel('Time zone').fill('Europe/Lisbon');
  await page.getByLabel('Initials').fill('MO');
  await page.getByLabel('Name', { exact: true }).fill('Maren Oakhurst');
  await page.getByLabel('Scale, jug, thermometer and rule show').selectOption(units);
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

/** Opens a lot from the list of the stores. */
async function openLot(page: Page, lot: string): Promise<void> {
  await page.goto('/stores');
  await page
    .getByRole('row', { name: new RegExp(`^${lot} `) })
    .getByRole('link', { name: lot })
    .click();
  await expect(page.getByText(lot, { exact: true }).first()).toBeVisible();
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

/** Records the strip's first action. */
async function record(page: Page, done: string): Promise<void> {
  const strip = page.getByRole('region', { name: 'Next for hands' });
  await strip.getByRole('button', { name: done }).first().click();
  await expect(strip.getByRole('status')).toContainText(`${done.replace(' early', '')} · 31-001`);
}

/** Does whatever hands must do next, waiting as long as each asks, until nothing waits for them. */
async function untilDone(page: Page, shop: Shop): Promise<void> {
  const strip = page.getByRole('region', { name: 'Next for hands' });
  for (let tries = 0; tries < 150; tries++) {
    await page.goto('/');
    if ((await strip.getByText('Nothing waits for hands').count()) > 0) return;
    const button = strip.locator('button').first();
    if (/early|Go to/.test(await button.innerText())) {
      shop.advance(3);
      continue;
    }
    await button.click();
    await page.waitForTimeout(300);
    // What cannot wait so long as asked is asked about: it waits.
    if ((await page.getByRole('alertdialog').count()) > 0) {
      await page.getByRole('alertdialog').getByRole('button').last().click();
      shop.advance(3);
    }
  }
  throw new Error('hands are never done');
}

/** Checks what is due, deals with the cloths, releases the batch and sells its first piece, up to its slip. */
async function releaseAndSell(page: Page, shop: Shop, buyer: string): Promise<void> {
  shop.advance(24 * 40);
  await page.goto('/cure/31-001');
  for (const check of ['Clean paper: stays clean', 'Smell: no smell', 'Touch: dry', 'Water drop: beads, no mark'])
    if ((await page.getByRole('button', { name: check }).count()) > 0) {
      await page.getByRole('button', { name: check }).click();
      await expect(page.getByText(check).first()).toBeVisible();
    }
  await page.goto('/release/31-001');
  for (let lines = 0; lines < 6 && (await page.getByRole('button', { name: 'How do they lie?' }).count()) > 0; lines++) {
    await layCloths(page, /Under water/);
    shop.advance(14);
    await page.reload();
    const looked = page.getByRole('button', { name: /^Looked at/ });
    if ((await looked.count()) > 0) await looked.first().click();
  }
  await page.reload();
  await page.getByRole('button', { name: 'Release', exact: true }).click();
  await expect(page.getByText('R31-001', { exact: true })).toBeVisible();
  await page.getByText(/^To a buyer who is not named/).click();
  await page.getByLabel('Buyer').fill(buyer);
  await page.getByRole('button', { name: 'Sold', exact: true }).click();
  await page.getByRole('status').filter({ hasText: 'slip' }).getByRole('link').first().click();
  await expect(page.getByRole('heading', { name: /Slip 31-001\/1/ })).toBeVisible();
}

/** What stands on the screen is in the shop's own units alone. */
async function inOunces(page: Page): Promise<void> {
  // An example beside a field shows what may be typed, in whatever unit.
  const text = await page.locator('main').evaluate((main) => {
    for (const hint of main.querySelectorAll<HTMLElement>('[data-hint]')) hint.style.display = 'none';
    return (main as HTMLElement).innerText;
  });
  const strays = text.match(/[\d.,]+\s?(?:°C|mm|cm²?|kg|ml|l|g)(?![\p{L}\d/])/gu) ?? [];
  expect(strays, page.url()).toEqual([]);
}

test('a bought finish is a line of a formula; a bottle of it is let down and topped up; both are traced to the slip and the buyer', {
  tag: '@walk',
}, async ({ page, shop }) => {
  await setUp(page, 'metric');
  // The finish, as its label has it.
  await page.goto('/stores');
  await page.getByRole('button', { name: 'A bought finish' }).click();
  await page.getByLabel('What the shop calls it').fill('Harbourside oil');
  await pick(page, 'Its label declares', 'Pure tung oil');
  await page.getByLabel('In the work it is').selectOption('neat-oil');
  await page.getByLabel('Does it dry?').selectOption('drying');
  await page.getByLabel('Does it build a film?').selectOption('no');
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
  await expect(page.getByText('Revision 1')).toBeVisible();
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
  await page.getByLabel('Stays in the pot').fill('0');
  await page.getByRole('button', { name: 'Filled', exact: true }).click();
  await expect(page.getByText('B31-01', { exact: true })).toBeVisible();

  // A bottle at the bench: filled, let down by volume, topped up by weighing, read by its level.
  await openLot(page, 'B31-01');
  await page.getByRole('button', { name: 'Fill a bottle from it' }).click();
  for (const [label, value] of [
    ['What it is called', 'Bench half'],
    ['How much goes in', '200 g'],
    ['Bottle and lid, empty', '180 g'],
    ['How wide outside', '62 mm'],
    ['How thick its wall', '3 mm'],
    ['Written on it', 'B31-01, no drink'],
  ] as const)
    await page.getByRole('dialog').getByLabel(label).fill(value);
  await page.getByRole('button', { name: 'It is filled' }).click();
  await expect(page.getByRole('dialog')).toHaveCount(0);
  await openLot(page, 'B31-02');
  await page.getByRole('button', { name: 'Top it up, let it down' }).click();
  await page.getByLabel('From lot').selectOption({ label: 'S31-03 Citrus solvent (d-limonene)' });
  await page.getByLabel('How much goes in').fill('50 ml');
  await page.getByRole('button', { name: 'It is in' }).click();
  await expect(page.getByText('242 g', { exact: true }).first()).toBeVisible();
  await page.getByRole('button', { name: 'Top it up, let it down' }).click();
  await page.getByLabel('From lot').selectOption({ label: 'B31-01 Half and half' });
  await page.getByLabel('Or bottle and all, weighed afterwards').fill('400 g');
  // Less than it weighed before is no topping up.
  await page.getByRole('button', { name: 'It is in' }).click();
  await expect(page.getByRole('dialog')).toContainText(/242 g/);
  await page.getByLabel('Or bottle and all, weighed afterwards').fill('500 g');
  await page.getByRole('button', { name: 'It is in' }).click();
  await expect(page.getByText('320 g', { exact: true }).first()).toBeVisible();
  await expect(page.getByText(/Harbourside oil \(contents not all declared\)/).first()).toBeVisible();

  // Two spoons of it.
  await page.goto('/work/new');
  await page.getByRole('button', { name: 'New design' }).click();
  await page.getByRole('dialog').getByLabel('Name').fill('Bread board');
  await page.getByLabel('Length × width × thickness').fill('300 x 200 x 20');
  await page.getByRole('button', { name: 'Keep the design' }).click();
  await expect(page.getByText(/ a piece/).first()).toBeVisible();
  await tile(page, 'Finish', 'Thin and patient');
  await page.getByLabel('Pieces').fill('2');
  await page.getByLabel('Yes, I am sure').check();
  const oil = page.getByLabel(/^Drying oil/);
  await oil.selectOption((await oil.locator('option', { hasText: 'B31-02' }).getAttribute('value')) ?? '');
  await page.getByRole('button', { name: 'Start the batch' }).click();
  await expect(page.getByRole('heading', { name: /2 sycamore bread boards/ })).toBeVisible();
  await untilDone(page, shop);
  await releaseAndSell(page, shop, 'Odalys of the Ferry House');
  await expect(page.getByText(/Allergens: .*tung nut/)).toBeVisible();
  await expect(page.getByText(/Harbourside oil/)).toBeVisible();
  // Back from the tin: who has what is on it.
  await openLot(page, 'S31-01');
  await expect(page.getByText(/31-001\/1 to Odalys of the Ferry House/)).toBeVisible();
  const csv = await (await page.request.get('/api/trace?lot=1')).text();
  for (const part of ['B31-01', 'B31-02', '31-001', 'Odalys of the Ferry House']) expect(csv).toContain(part);
});

test('a shop in ounces and °F, from the first lot to the slip', { tag: '@walk' }, async ({ page, shop }) => {
  await setUp(page, 'us');
  await receive(page, 'White mineral oil, food grade', '5 lb 8 oz wt');
  await receive(page, 'Beeswax, filtered', '2.5 kg');
  await expect(page.getByRole('row', { name: /S31-01/ })).toContainText(/5\.5\d lb/);
  await expect(page.getByRole('row', { name: /S31-02/ })).toContainText(/5\.5\d lb/);
  await page.getByRole('button', { name: 'Enter a size' }).click();
  await page.getByLabel('Name', { exact: true }).fill('Small tin');
  await page.getByLabel('Holds to the brim').fill('2 fl oz');
  await page.getByLabel('How many there are').fill('20');
  await page.getByRole('dialog').getByRole('button', { name: 'Put it in the stores' }).click();
  await expect(page.getByRole('listitem').filter({ hasText: 'Small tin' })).toContainText('fl oz');
  await inOunces(page);
  await page.goto('/blends/new');
  await page.getByLabel('Name of the formula').fill('Saltwick paste');
  await pick(page, 'Ingredient 1', 'Beeswax, filtered');
  await pick(page, 'Ingredient 2', 'White mineral oil, food grade');
  await page.getByLabel('Ratio').fill('1 : 4');
  await page.getByRole('button', { name: 'Save the formula' }).click();
  await expect(page.getByText('Revision 1')).toBeVisible();
  await page.getByLabel('Total weight').fill('1 lb 4 oz');
  await inOunces(page);
  await page.getByRole('button', { name: /^Pour (1\.25 lb|20)/ }).click();
  await page.getByRole('button', { name: 'All is at hand' }).click();
  await expect(page.getByText('until the scale says 4.00 oz')).toBeVisible();
  await weighTo(page, '4');
  await weighTo(page, '20 oz');
  await page.getByRole('button', { name: 'All in' }).click();
  await page.getByRole('button', { name: 'It is on the heat' }).click();
  // A bare figure is what the shop's thermometer shows; what carries its unit wins.
  await page.getByLabel('The thermometer says').fill('160');
  await page.getByRole('button', { name: 'Read', exact: true }).click();
  await expect(page.getByLabel('Thermometer log')).toContainText('160 °F');
  await page.getByRole('button', { name: 'Clear, off the heat' }).click();
  await page.getByLabel('Small tin: how many filled').fill('3');
  await page.getByLabel('Small tin: net mass').fill('1.6');
  await page.getByRole('button', { name: 'Filled', exact: true }).click();
  await expect(page.getByText('3 × Small tin at 1.60 oz net')).toBeVisible();
  await page.getByRole('link', { name: /Labels for 3/ }).click();
  await expect(page.getByText('1.60 oz / 45.3 g net')).toBeVisible();
  await page.goto('/work/new');
  await page.getByRole('button', { name: 'New design' }).click();
  await page.getByRole('dialog').getByLabel('Name').fill('Bread board');
  await page.getByLabel('Length × width × thickness').fill('16 1/2 x 10 x 1');
  await page.getByRole('button', { name: 'Keep the design' }).click();
  await expect(page.getByText(/ a piece/).first()).toBeVisible();
  await page.getByLabel('Pieces').fill('2');
  await page.getByLabel('Yes, I am sure').check();
  await page.getByLabel(/^Oil:/).selectOption({ index: 1 });
  await page.getByLabel(/^Wax paste:/).selectOption({ index: 1 });
  await inOunces(page);
  await page.getByRole('button', { name: 'Start the batch' }).click();
  await expect(page.getByRole('heading', { name: '2 sycamore bread boards' })).toBeVisible();
  await page.goto('/');
  await record(page, 'Sanded to 120');
  await record(page, 'Wetted');
  shop.advance(2.1);
  await page.goto('/');
  await record(page, 'Knocked back');
  await page.goto('/work/31-001');
  const panel = page.getByRole('region', { name: 'Record the next action' });
  await panel.getByLabel('Used').fill('2');
  await panel.getByLabel('Temperature').fill('64');
  await panel.getByLabel('Humidity').fill('55 %');
  await panel.getByRole('button', { name: 'Flooded' }).click();
  await expect(page.getByRole('region', { name: 'Coat book' })).toContainText('2.00 oz, 64 °F, 55 %');
  await inOunces(page);
  await untilDone(page, shop);
  await page.goto('/cure');
  await page.getByLabel('Place').selectOption({ label: 'Rack' });
  await page.getByLabel('Temperature').fill('66');
  await page.getByLabel('Humidity').fill('50');
  await page.getByRole('button', { name: 'Read', exact: true }).click();
  await expect(page.getByText(/^66(\.0)? °F/).first()).toBeVisible();
  await inOunces(page);
  await page.goto('/cure/31-001');
  await inOunces(page);
  await releaseAndSell(page, shop, 'Odalys of the Ferry House');
  await inOunces(page);
  const owner = (await page.getByRole('link', { name: 'The owner’s page' }).getAttribute('href')) ?? '';
  const said = await (await page.request.get(owner)).text();
  expect(said).toMatch(/\d\s?oz/);
  expect(said).not.toMatch(/\d (g|ml|°C)\b/);
  for (const view of [
    '/stores',
    '/stores/order',
    '/stores/lots/1',
    '/blends',
    '/blends/1',
    '/work/31-001',
    '/release/31-001',
    '/care',
  ]) {
    await page.goto(view);
    await inOunces(page);
  }
  // What leaves for other programs is in base units whatever the shop reads.
  const csv = await (await page.request.get('/api/stores?sheet=lots')).text();
  expect(csv).toMatch(/^number,kind,ingredient,grams,/);
  expect(csv).toContain('S31-02,bought,beeswax,2500,');
});
