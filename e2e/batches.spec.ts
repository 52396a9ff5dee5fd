import { writeFileSync } from 'node:fs';
import path from 'node:path';
import { chromium, type Page } from '@playwright/test';
import { beWren, evenIfEarly, expect, layCloths, MONDAY_MORNING, makeShop, pick, type Shop, test, tile } from './shop';

test.use({ wish: { demo: true, at: MONDAY_MORNING } });

const panel = (page: Page) => page.getByRole('region', { name: 'Record the next action' });
const outlook = (page: Page) => page.getByRole('region', { name: 'What it will take' });

/** Chooses the lot of a slot by a part of its name. */
async function lotFor(page: Page, label: string, lot: string): Promise<void> {
  const field = page.getByLabel(new RegExp(`^${label}:`));
  const option = field.locator('option', { hasText: lot });
  await field.selectOption((await option.first().getAttribute('value')) ?? '');
}

async function started(page: Page): Promise<string> {
  await page.getByRole('button', { name: 'Start the batch' }).click();
  await page.waitForURL(/\/work\/\d\d-\d+$/);
  return page.url().split('/').at(-1) ?? '';
}

/** Records what is next, however early the room says it is, after so many hours. */
async function doNext(page: Page, shop: Shop, number: string, done: RegExp, hours = 0): Promise<void> {
  if (hours > 0) shop.advance(hours);
  await page.goto(`/work/${number}`);
  await panel(page).getByRole('button', { name: done }).click();
  const ask = page.getByRole('alertdialog');
  const told = panel(page).getByText(/ · /).or(page.getByText('Every step of the regimen is done')).first();
  await expect(ask.or(told).first()).toBeVisible();
  if (await ask.isVisible()) await evenIfEarly(page);
  await expect(told).toBeVisible();
}

/** A new design by its shape; what is typed goes by label. */
async function design(page: Page, name: string, shape: string, typed: Readonly<Record<string, string>>, uses: readonly string[]) {
  await page.getByRole('button', { name: 'New design' }).click();
  const sheet = page.getByRole('dialog');
  await sheet.getByLabel('Name', { exact: true }).fill(name);
  await sheet.getByLabel('Shape', { exact: true }).selectOption({ label: shape });
  for (const [label, value] of Object.entries(typed)) await sheet.getByLabel(label, { exact: true }).fill(value);
  for (const box of await sheet.getByRole('checkbox', { checked: true }).all())
    if (uses.length > 0 && !['With a lid'].includes((await box.getAttribute('aria-label')) ?? '')) await box.uncheck();
  for (const use of uses) await sheet.getByRole('checkbox', { name: use, exact: true }).check();
  return sheet;
}

test('a rattle of five parts is refused for walnut oil before it is begun', { tag: '@walk' }, async ({ page }) => {
  await beWren(page);
  await page.goto('/work/new?regimen=thin-drying&wood=hard-maple');
  const sheet = await design(page, 'Rattle', 'Of several parts', {}, []);
  await sheet.getByLabel('Sizes').fill('70 x 12');
  await sheet.getByRole('button', { name: 'Another part' }).click();
  await sheet.getByLabel('How many').last().fill('4');
  await sheet.getByLabel('Sizes').last().fill('20 x 18');
  await expect(sheet.getByText(/^= 5 parts: \d+ cm², \d+ % of it end grain$/)).toBeVisible();
  await expect(sheet.getByRole('checkbox', { name: 'a toy' })).toBeChecked();
  await sheet.getByRole('button', { name: 'Keep the design' }).click();
  await expect(sheet).toHaveCount(0);
  await lotFor(page, 'Drying oil', 'S31-04');
  const asks = page.getByRole('region', { name: 'What release will ask' });
  await expect(asks).toContainText('Nobody may sign for it');
  await expect(asks).toContainText(/tree nut/i);
  // The tung oil would meet it, and the page says so.
  await expect(asks).toContainText('S31-03');
  await lotFor(page, 'Drying oil', 'S31-03');
  await expect(asks).not.toContainText(/tree nut/i);
});

test('a stool has no food gate', async ({ page }) => {
  await beWren(page);
  await page.goto('/work/new?regimen=sparing&wood=ash');
  const sheet = await design(page, 'Milking stool', 'Only its surface is known', { 'Its whole surface': '0,6 m²' }, ['hands']);
  await sheet.getByRole('checkbox', { name: 'Somebody could take it for tableware' }).uncheck();
  await sheet.getByRole('button', { name: 'Keep the design' }).click();
  await expect(sheet).toHaveCount(0);
  await page.getByLabel('Pieces').fill('2');
  await lotFor(page, 'Hard-wax oil', 'Harbourside');
  await expect(page.getByRole('region', { name: 'What release will ask' })).toContainText('It meets no food');
  await page.getByLabel('Yes, I am sure').check();
  await expect(outlook(page)).not.toContainText('Not for food');
  const number = await started(page);
  await expect(page.getByRole('heading', { level: 1 })).toHaveText('2 ash milking stools');
  await page.goto(`/release/${number}`);
  await expect(page.getByText('Not for food')).toHaveCount(0);
});

test('a mixed lot of eight: read from a list, judged piece by piece, what does not pass goes apart', { tag: '@walk' }, async ({
  page,
}) => {
  await beWren(page);
  await page.goto('/work/new?regimen=paste-only');
  await page.getByText('A list of unlike pieces instead').click();
  await page
    .getByLabel('What there is, as you would say it or one to a line')
    .fill('3 birch spoons, 2 plum bowls, a pear bread board and 2 yew whirligigs');
  await page.getByRole('button', { name: 'Read the list' }).click();
  await expect(page.getByLabel('How many')).toHaveCount(4);
  await lotFor(page, 'Wax paste', 'B31-01');
  // Each kind is judged by itself, before a chip has fallen.
  await expect(page.getByRole('region', { name: 'What release will ask of 2 yew whirligig' })).toContainText(
    'Nobody may sign for it',
  );
  await expect(page.getByRole('region', { name: /What release will ask of 3 birch/ })).toContainText(
    'Nothing in wood and finish stands against it',
  );
  await expect(outlook(page)).toContainText(/Settled by|Hands done by/);
  const number = await started(page);
  await expect(page.getByRole('heading', { level: 1 })).toHaveText(
    '3 birch stirring spoons, 2 plum lantern bowls, 1 pear bread board, 2 yew whirligigs',
  );
  await page.goto(`/release/${number}`);
  const kinds = page.getByRole('region', { name: 'Kinds of pieces' });
  await kinds.getByRole('button', { name: 'Judge the 2 apart' }).click();
  await expect(kinds).not.toContainText('yew');
  await page.goto(`/work/${number}`);
  await expect(page.getByRole('heading', { level: 1 })).toHaveText(
    '3 birch stirring spoons, 2 plum lantern bowls, 1 pear bread board',
  );
  // Found again by any word.
  await page.goto('/work');
  await page.getByLabel('Find batches, notes, formulas, lots, buyers').fill('where are the yew whirligigs?');
  await page.getByRole('button', { name: 'Search' }).click();
  await expect(page.getByRole('heading', { level: 1 })).toHaveText('1 for “where are the yew whirligigs?”');
});

test('inside oil-wax, outside built: the inside alone is asked for food, and it is released', { tag: '@walk' }, async ({
  page,
  shop,
}) => {
  await beWren(page);
  await page.goto('/stores');
  await page.getByRole('button', { name: 'Receive a lot' }).click();
  const lot = page.getByRole('dialog');
  await pick(page, 'What is in the tin', 'wiping varnish');
  await lot.getByLabel('Amount').fill('500 g');
  await lot.getByRole('button', { name: 'Put it in the stores' }).click();
  await expect(lot).toHaveCount(0);
  await page.goto('/work/new?regimen=inside-outside&wood=birch');
  await tile(page, 'Piece', 'Lantern bowl');
  await page.getByLabel('Pieces').fill('1');
  await lotFor(page, 'Varnish for the outside', 'arnish');
  await lotFor(page, 'Oil-wax for the inside', 'Heron');
  await expect(page.getByRole('region', { name: 'What release will ask' })).toContainText(
    'Nothing in wood and finish stands against it',
  );
  const where = page.getByRole('region', { name: 'What lies where' });
  await expect(where.getByRole('listitem').filter({ hasText: 'nside' }).last()).toContainText('oil-wax for the inside');
  await expect(where.getByRole('listitem').filter({ hasText: 'utside' }).first()).toContainText('varnish for the outside');
  const number = await started(page);
  await doNext(page, shop, number, /^Sanded to 120/);
  await doNext(page, shop, number, /^Sanded to 220/);
  await doNext(page, shop, number, /^Taped/);
  for (const coat of [1, 2]) {
    await doNext(page, shop, number, /^Laid on/, coat === 1 ? 0 : 60);
    await doNext(page, shop, number, /^Wiped/, 0.16);
  }
  await doNext(page, shop, number, /^Taken off/, 90);
  await doNext(page, shop, number, /^Rubbed in/);
  await doNext(page, shop, number, /^Buffed/, 0.7);
  await doNext(page, shop, number, /^Rubbed in/, 70);
  await doNext(page, shop, number, /^Buffed/, 0.7);
  shop.advance(24 * 60);
  await page.goto('/');
  for (const asks = page.getByRole('button', { name: 'How do they lie?' }); (await asks.count()) > 0; await page.goto('/')) {
    await layCloths(page, /Laid flat/);
  }
  shop.advance(14);
  await page.goto('/');
  const looks = page.getByRole('button', { name: 'Looked at: cold' });
  for (let left = await looks.count(); left > 0; left = await looks.count()) {
    await looks.first().click();
    await expect(looks).toHaveCount(left - 1);
    await page.goto('/');
  }
  await page.goto(`/cure/${number}`);
  await page.getByRole('button', { name: 'Clean paper: stays clean' }).click();
  await expect(page.getByText('Clean paper: stays clean')).toBeVisible();
  await page.getByRole('button', { name: 'Smell: no smell' }).click();
  await expect(page.getByText('Smell: no smell')).toBeVisible();
  await doNext(page, shop, number, /^Passed/);
  await page.goto(`/release/${number}`);
  await page.getByRole('button', { name: 'Release', exact: true }).click();
  await expect(page.getByRole('heading', { name: /bowl, released/ })).toBeVisible();
});

test('a regimen of one’s own with its materials, coats until no dry spots are left, and again as it was done', {
  tag: '@walk',
}, async ({ page, shop }) => {
  await beWren(page);
  await page.goto('/work/regimens/paste-only');
  await page.getByRole('button', { name: 'Another material' }).click();
  const stick = page.getByRole('region', { name: 'Materials' }).getByRole('listitem').last();
  await stick.getByLabel('Material', { exact: true }).fill('Wax stick');
  await stick.getByLabel('dries', { exact: true }).uncheck();
  await stick.getByLabel('never dries', { exact: true }).check();
  await stick.getByLabel('a hard wax', { exact: true }).check();
  const check = page.getByRole('listitem').filter({ hasText: 'Buff' }).last();
  await check.getByRole('button', { name: 'Change' }).click();
  await check.getByRole('button', { name: 'A step after this' }).click();
  await page.getByLabel('What to do').fill('Press the stick on the rim, melt it in');
  await page.getByLabel('The button says').fill('Pressed on');
  await page.getByLabel('Kind of work').selectOption({ label: 'press on a wax stick' });
  await page.getByLabel('Material', { exact: true }).last().selectOption({ label: 'Wax stick' });
  await page.getByLabel('Class of coat').selectOption('wax-paste');
  await page.getByLabel('It lies', { exact: true }).selectOption('thin');
  await page.getByLabel('House rule: no longer than').fill('2 h');
  await page.getByLabel('Why the house does so').fill('it smears in a warm shed');
  await page.getByLabel('Or under a name of its own').fill('Fair polish');
  await page.getByRole('button', { name: 'Keep as our own' }).click();
  await page.waitForURL(/\/work\/regimens\/fair-polish$/);
  // A step that bakes is refused, whatever reason is given.
  await page.getByRole('button', { name: 'Change' }).first().click();
  await page.getByLabel('What to do').fill('Bake it in the oven');
  await expect(page.getByText('oiled wood is not baked')).toBeVisible();
  await page.goto('/work/new?regimen=fair-polish&wood=birch');
  await tile(page, 'Piece', 'Stirring spoon');
  await page.getByLabel('Pieces').fill('2');
  await lotFor(page, 'Wax paste', 'B31-01');
  await page.getByLabel('Wax stick').selectOption({ index: 1 });
  await expect(outlook(page)).toContainText('House rule: it smears in a warm shed');
  const number = await started(page);
  await doNext(page, shop, number, /^Sanded to 120/);
  await doNext(page, shop, number, /^Wetted/);
  await doNext(page, shop, number, /^Knocked back/, 6);
  await doNext(page, shop, number, /^Waxed/);
  await doNext(page, shop, number, /^Buffed/, 1);
  const coats = page.getByRole('region', { name: 'Coats' });
  await expect(coats).not.toContainText('Any dry spots left?');
  await doNext(page, shop, number, /^Waxed/, 6);
  await doNext(page, shop, number, /^Buffed/, 1);
  await page.goto(`/work/${number}`);
  await expect(coats).toContainText('Any dry spots left?');
  await coats.getByRole('button', { name: 'Not yet: another coat' }).click();
  await expect(coats).toContainText('2 given, 1 to come');
  await doNext(page, shop, number, /^Waxed/, 6);
  await doNext(page, shop, number, /^Buffed/, 1);
  await page.getByLabel('A note in your own words').fill('the third coat was the one that did it');
  await page.getByRole('button', { name: 'Keep the note' }).click();
  await expect(page.getByRole('region', { name: 'Verdicts and notes' })).toContainText('the third coat was the one');
  await page.getByRole('button', { name: 'silk' }).click();
  await expect(page.getByRole('button', { name: 'silk', pressed: true })).toBeVisible();
  // Begun again by what was done: three coats, not the two of the regimen.
  await page.getByRole('button', { name: 'Again like this one' }).click();
  await page.waitForURL(/\/work\/new\?/);
  await expect(page.getByRole('radio', { name: new RegExp(`As ${number} was done`) })).toBeChecked();
  await expect(outlook(page).getByText('Rub in the wax paste')).toHaveCount(3);
});

test('a cold week draws the gaps out and moves the promise', { tag: '@walk' }, async ({ page, shop }) => {
  await beWren(page);
  await page.goto('/');
  const promised = async (): Promise<number> => {
    await page.goto('/work/new?regimen=thin-drying&wood=birch');
    await lotFor(page, 'Drying oil', 'S31-03');
    const rows = outlook(page).getByRole('row');
    await expect(rows.last()).toContainText('Check');
    await expect(outlook(page).getByRole('heading', { level: 2 }).first()).toContainText('Cured by');
    const heading = await outlook(page).getByRole('heading', { level: 2 }).first().innerText();
    return Date.parse(`${heading.replace(/^.* by \w+ /, '')} 2031 12:00 UTC`);
  };
  const warm = await promised();
  const began = Date.parse(MONDAY_MORNING);
  for (let i = 0; i < 10; i++) {
    shop.advance(8);
    await page.goto('/cure');
    for (const place of ['Rack', 'Bench']) {
      await page.getByLabel('Place', { exact: true }).selectOption({ label: place });
      await page.getByLabel('Temperature').fill('4,5');
      await page.getByLabel('Humidity').fill('60 %');
      await page.getByRole('button', { name: 'Read', exact: true }).click();
      await expect(page.getByLabel('Temperature')).toHaveValue('');
    }
  }
  const cold = await promised();
  const days = (from: number, to: number): number => (to - from) / 86_400_000;
  expect(days(began + 80 * 3_600_000, cold)).toBeGreaterThan(days(began, warm) * 1.3);
  await expect(outlook(page)).toContainText('at least 3 d, not 1 d');
  await expect(outlook(page)).toContainText('too cold for it where it will stand');
});

/** A bench as a microphone hears it: quiet, with knocks at so many seconds. */
function bench(knocks: readonly number[], seconds: number): Buffer {
  const rate = 48_000;
  const samples = new Int16Array(rate * seconds);
  for (let i = 0; i < samples.length; i++) {
    const t = i / rate;
    const heard = knocks.reduce(
      (sum, at) => (t < at ? sum : sum + 0.5 * Math.exp(-(t - at) / 0.012) * Math.sin(2 * Math.PI * 420 * (t - at))),
      0,
    );
    // A little of the room's own noise, the same every time.
    samples[i] = Math.round(32_767 * Math.max(-1, Math.min(1, heard + 0.002 * Math.sin(i * 12.9898))));
  }
  const head = Buffer.alloc(44);
  head.write('RIFF', 0);
  head.writeUInt32LE(36 + samples.byteLength, 4);
  head.write('WAVEfmt ', 8);
  head.writeUInt32LE(16, 16);
  head.writeUInt16LE(1, 20);
  head.writeUInt16LE(1, 22);
  head.writeUInt32LE(rate, 24);
  head.writeUInt32LE(rate * 2, 28);
  head.writeUInt16LE(2, 32);
  head.writeUInt16LE(16, 34);
  head.write('data', 36);
  head.writeUInt32LE(samples.byteLength, 40);
  return Buffer.concat([head, Buffer.from(samples.buffer)]);
}

test('two knocks record, three take back, both said aloud; a pedal does too; not without a secure address', {
  tag: '@walk',
}, async () => {
  const shop = makeShop({ demo: true, at: MONDAY_MORNING });
  await shop.start();
  const file = path.join(shop.folder, 'bench.wav');
  // Three test knocks, then two, then three.
  writeFileSync(file, bench([3, 4.2, 5.4, 9, 9.35, 14, 14.35, 14.7], 19));
  const browser = await chromium.launch({
    executablePath: process.env.CHROMIUM ?? '/usr/bin/chromium',
    args: [
      '--no-sandbox',
      '--use-fake-ui-for-media-stream',
      '--use-fake-device-for-media-stream',
      `--use-file-for-fake-audio-capture=${file}%noloop`,
      '--autoplay-policy=no-user-gesture-required',
    ],
  });
  try {
    const context = await browser.newContext({ baseURL: shop.url, permissions: ['microphone'] });
    await context.addCookies([{ name: 'rendle-person', value: '1', url: shop.url }]);
    // What the voice is given to say.
    await context.addInitScript(() => {
      const said: string[] = [];
      Object.assign(globalThis, { said });
      speechSynthesis.speak = (one) => void said.push(one.text);
    });
    const page = await context.newPage();
    const said = () => page.evaluate(() => (globalThis as unknown as { said: string[] }).said);
    await page.goto('/work/31-012/bench');
    const first = await page.getByRole('heading', { level: 1 }).innerText();
    await page.getByText('Hands free: knocks or a pedal').click();
    await page.getByRole('button', { name: 'Listen for knocks' }).click();
    await expect(page.getByText('● Listening.')).toBeVisible();
    await expect.poll(said).toHaveLength(1);
    const [recorded] = await said();
    expect(recorded).toMatch(/\. 31-012\.$/);
    await expect(page.getByRole('heading', { level: 1 })).not.toHaveText(first);
    await expect.poll(said).toHaveLength(2);
    expect((await said())[1]).toMatch(/^Taken back: /);
    await expect(page.getByRole('heading', { level: 1 })).toHaveText(first);
    await page.getByRole('button', { name: 'Stop listening' }).click();
    // Any key of a pedal, shown once.
    await page.getByRole('button', { name: 'A pedal or clicker' }).click();
    await page.keyboard.press('PageDown');
    await expect(page.getByText('PageDown')).toBeVisible();
    await page.keyboard.press('PageDown');
    await expect.poll(said).toHaveLength(3);
    expect((await said())[2]).toBe(recorded);
    await context.addInitScript(() => Object.defineProperty(globalThis, 'isSecureContext', { value: false }));
    await page.goto('/work/31-012/bench');
    await page.getByText('Hands free: by pedal').click();
    await page.getByRole('button', { name: 'Listen for knocks' }).click();
    await expect(page.getByText('Not over plain http')).toBeVisible();
  } finally {
    await browser.close();
    await shop.remove();
  }
});
