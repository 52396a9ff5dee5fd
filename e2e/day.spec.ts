import path from 'node:path';
import { beWren, evenIfEarly, expect, seeOn, test } from './shop';

const strip = { name: 'Next for hands' } as const;
const panel = { name: 'Record the next action' } as const;
const book = { name: 'Coat book' } as const;

test('a day with four batches at once: each in its turn, and the plan follows what is done', { tag: '@walk' }, async ({
  page,
  shop,
}) => {
  await beWren(page);
  await page.goto('/');
  const hands = page.getByRole('region', strip);
  const record = async (number: string, done: string, minutes: number): Promise<void> => {
    shop.advance(minutes / 60);
    await page.goto(`/work/${number}`);
    await page
      .getByRole('region', panel)
      .getByRole('button', { name: new RegExp(`^${done}`) })
      .click();
    await expect(page.getByRole('region', panel).getByRole('status')).toContainText(`${done} · ${number}`);
  };
  // What is past its window is called for before all else.
  await expect(hands.getByRole('listitem').first()).toContainText('31-010');
  await record('31-010', 'Wiped', 0);
  await record('31-006', 'Wiped', 12);
  await record('31-008', 'Draining', 5);
  await record('31-004', 'Wiped', 10);
  await record('31-008', 'Wiped', 31);
  await page.goto('/');
  await expect(hands).not.toContainText('at risk');
  await page.getByText(/^The plan moved \d+ steps?, since/).click();
  await expect(page.getByText(/→/).first()).toBeVisible();
  await page.goto('/work/31-006');
  await expect(page.getByRole('region', panel)).toContainText('Next: Flood again');
});

test('a missed wipe is offered its way back, and goes on in its own window', { tag: '@walk' }, async ({ page, shop }) => {
  await beWren(page);
  await page.goto('/work/31-010');
  const ways = page.getByRole('region', { name: 'Ways back' });
  await expect(ways).toContainText('The wipe is past its window.');
  await ways.getByRole('button', { name: 'Re-wet, scrub and wipe' }).click();
  await expect(page.getByRole('region', panel)).toContainText('Next: Re-wet with the same oil and scrub');
  await page.getByRole('region', panel).getByRole('button', { name: 'Re-wetted' }).click();
  await expect(page.getByRole('region', panel)).toContainText('Next: Wipe until dry');
  await expect(page.getByRole('region', panel)).toContainText(/in [56] min/);
  shop.advance(0.15);
  await page.reload();
  await page.getByRole('region', panel).getByRole('button', { name: 'Wiped' }).click();
  await expect(page.getByRole('region', book)).toContainText('Re-wetted');
  await expect(ways).not.toContainText('past its window');
});

test('three records at the bench without a network, a reload in between, and back', async ({ page, context, shop }) => {
  await beWren(page);
  await page.goto('/work/31-006/bench');
  await expect(page.getByRole('heading', { level: 1 })).toHaveText('Wipe until dry, turn the cloth');
  await page.evaluate(() => navigator.serviceWorker.ready.then(() => undefined));
  await page.reload();
  await expect(page.getByRole('heading', { level: 1 })).toHaveText('Wipe until dry, turn the cloth');
  await context.setOffline(true);
  await page.getByRole('button', { name: /^Wiped/ }).click();
  await expect(page.getByText('One record waits on this device')).toBeVisible();
  await expect(page.getByRole('heading', { level: 1 })).toHaveText('Flood again');
  await page.reload();
  await expect(page.getByRole('heading', { level: 1 })).toHaveText('Flood again');
  await page.getByRole('button', { name: /^Flooded/ }).click();
  await evenIfEarly(page);
  await expect(page.getByRole('heading', { level: 1 })).toHaveText('Wipe until dry, turn the cloth');
  await expect(page.getByRole('button', { name: /^Wiped/ })).toBeEnabled();
  await page.keyboard.press('Space');
  await evenIfEarly(page);
  await expect(page.getByText('3 records wait on this device')).toBeVisible();
  await expect(page.getByRole('heading', { level: 1 })).toHaveText('Rub in the wax paste');
  await context.setOffline(false);
  await expect(page.getByText(/records? waits? on this device/)).toHaveCount(0);
  await page.goto('/work/31-006');
  await expect(page.getByRole('region', panel)).toContainText('Next: Rub in the wax paste');
  await expect(page.getByRole('region', book).getByText('Wiped')).toHaveCount(3);
  expect(shop.url).toContain('localhost');
});

test('two devices record one thing: both are shown, and one is struck', { tag: '@walk' }, async ({ page, browser, shop }) => {
  await beWren(page);
  await page.goto('/work/31-006');
  const tablet = await browser.newContext({ baseURL: shop.url });
  const second = await tablet.newPage();
  await beWren(second);
  await second.goto('/work/31-006/bench');
  await expect(second.getByRole('button', { name: /^Wiped/ })).toBeVisible();
  await second.route('**/api/log', (route) => route.abort());
  await second.getByRole('button', { name: /^Wiped/ }).click();
  await expect(second.getByText('One record waits on this device')).toBeVisible();
  await page.getByRole('region', panel).getByRole('button', { name: 'Wiped' }).click();
  await expect(page.getByRole('region', panel)).toContainText('Next: Flood again');
  await second.unroute('**/api/log');
  await expect(second.getByText('One record waits on this device')).toHaveCount(0);
  await page.reload();
  const ways = page.getByRole('region', { name: 'Ways back' });
  await expect(ways).toContainText('was recorded once more');
  await ways.getByRole('button', { name: 'Strike this one' }).click();
  await expect(ways).toHaveCount(0);
  await tablet.close();
});

test('a step is held to a time, dragged, and let go; the wall has its sheet and the calendar its hands', {
  tag: '@walk',
}, async ({ page, request, shop }) => {
  await beWren(page);
  await page.goto('/');
  const peg = page.getByRole('button', { name: /31-007 Sand to 120/ });
  await peg.focus();
  await page.keyboard.press('Enter');
  const sheet = page.getByRole('dialog', { name: 'Sand to 120' });
  await sheet.getByLabel('Hold it at').fill('2031-03-04T14:05');
  await sheet.getByRole('button', { name: 'Hold it there' }).click();
  await expect(page.getByRole('button', { name: /14:05 31-007 Sand to 120.*held there/ })).toBeVisible();
  const box = await page.getByRole('button', { name: /31-007 Sand to 120/ }).boundingBox();
  if (!box) throw new Error('no peg');
  // An hour on the line, by what its own scale says.
  const leftOf = async (hour: string): Promise<number> =>
    (await page.locator('main').getByText(hour, { exact: true }).first().boundingBox())?.x ?? 0;
  const hourPx = ((await leftOf('12:00')) - (await leftOf('10:00'))) / 2;
  expect(hourPx).toBeGreaterThan(20);
  await page.mouse.move(box.x + 3, box.y + 8);
  await page.mouse.down();
  await page.mouse.move(box.x + 3 - 2 * hourPx, box.y + 8, { steps: 5 });
  await page.mouse.up();
  await expect(page.getByRole('button', { name: /12:05 31-007 Sand to 120.*held there/ })).toBeVisible();
  await page.getByRole('button', { name: /31-007 Sand to 120/ }).click();
  await sheet.getByLabel('Hold it at').fill('2031-03-01T09:00');
  await sheet.getByRole('button', { name: 'Hold it there' }).click();
  await expect(sheet.getByText(/in the past/)).toBeVisible();
  await sheet.getByRole('button', { name: 'Let the plan choose' }).click();
  await expect(page.getByRole('button', { name: /31-007 Sand to 120.*held there/ })).toHaveCount(0);
  await page.getByRole('link', { name: 'Today’s sheet for the wall' }).click();
  await expect(page.getByRole('heading', { level: 1 })).toHaveText('3 Mar 2031');
  await expect(page.getByRole('listitem').first()).toContainText('31-010');
  const feed = await (await request.get(`${shop.url}/api/hands?who=WA`)).text();
  const all = await (await request.get(`${shop.url}/api/hands`)).text();
  const events = (text: string): number => text.split('BEGIN:VEVENT').length - 1;
  expect(feed).toMatch(/^BEGIN:VCALENDAR\r\n/);
  expect(events(feed)).toBeGreaterThan(3);
  expect(events(all)).toBeGreaterThan(events(feed));
  expect((await request.get(`${shop.url}/api/hands?who=XX`)).status()).toBe(404);
});

test('no camera, no sound, a notification refused: all of it still goes by hand', { tag: '@walk' }, async ({ page, context }) => {
  await context.clearPermissions();
  await page.addInitScript(() => {
    for (const name of ['AudioContext', 'webkitAudioContext', 'speechSynthesis', 'SpeechSynthesisUtterance', 'BarcodeDetector'])
      Object.defineProperty(globalThis, name, { value: undefined, configurable: true });
  });
  await beWren(page);
  await page.goto('/');
  await page.getByRole('button', { name: 'Calls aloud: off' }).click();
  await expect(page.getByRole('button', { name: 'Calls aloud: on' })).toBeVisible();
  await page.goto('/work/round');
  await page.getByRole('button', { name: 'Read by camera' }).click();
  await expect(page.getByText('Type the mark or the number instead')).toBeVisible();
  const typed = page.getByLabel('Mark or number');
  await typed.fill('31-999');
  await page.keyboard.press('Enter');
  await expect(page.getByRole('alert').filter({ hasText: '31-999' })).toBeVisible();
  for (const mark of ['31-010/2', '31-004']) {
    await typed.fill(mark);
    await page.keyboard.press('Enter');
  }
  await page.getByRole('button', { name: 'Wiped: 31-010, 31-004' }).click();
  await expect(page.getByText('Nothing yet: choose on the left')).toBeVisible();
  for (const number of ['31-010', '31-004']) {
    await page.goto(`/work/${number}`);
    await expect(page.getByRole('region', panel)).not.toContainText('Next: Wipe until dry');
  }
});

test('faults by surface, a photo and the tin on the scale go into the book with the coat', { tag: '@walk' }, async ({ page }) => {
  await beWren(page);
  await page.goto('/work/31-006');
  await page.getByRole('region', panel).getByRole('button', { name: 'Wiped' }).click();
  await expect(page.getByRole('region', panel)).toContainText('Next: Flood again');
  await page.getByRole('button', { name: 'Weigh the tin' }).click();
  const sheet = page.getByRole('dialog', { name: 'The tin before and after' });
  await sheet.getByRole('button', { name: 'Use the practice scale' }).click();
  await sheet.getByRole('button', { name: 'Take it as before' }).click();
  await sheet.getByRole('button', { name: 'Practice: 60 g used' }).click();
  await expect(sheet.getByText('● steady')).toBeVisible();
  await expect(sheet.getByText(/^75\d\.\d g/)).toBeVisible();
  await sheet.getByRole('button', { name: 'Take it as after' }).click();
  await sheet.getByRole('button', { name: 'Use this' }).click();
  await page.getByText('Look it over').click();
  await seeOn(page, 'end grain', 'dry spots');
  await seeOn(page, 'top face', 'fine');
  await page.getByLabel('Photo').setInputFiles(path.resolve('docs/screenshots/work.png'));
  await expect(page.getByAltText('What will be kept')).toBeVisible();
  await page
    .getByRole('region', panel)
    .getByRole('button', { name: /^Flooded/ })
    .click();
  await evenIfEarly(page);
  const written = page.getByRole('region', book);
  await expect(written).toContainText('dry spots, end grain');
  await expect(written).toContainText(/(59|60)\.\d g/);
  await expect(written).not.toContainText(/60\.\d g \(estimate\)/);
  const photo = written.getByRole('img', { name: /^Flooded/ });
  await expect(photo).toBeVisible();
  expect(await photo.evaluate((image: HTMLImageElement) => image.decode().then(() => image.naturalWidth))).toBeGreaterThan(600);
  await expect(page.getByRole('region', { name: 'Ways back' })).toContainText('Re-wet the dry spots');
});

test('pieces part and meet again; a regimen is changed; a piece comes home', { tag: '@walk' }, async ({ page }) => {
  await beWren(page);
  await page.goto('/work/31-006');
  await page.getByRole('button', { name: 'Split off' }).click();
  const sheet = page.getByRole('dialog', { name: 'A batch of their own' });
  await sheet.getByLabel('Which pieces').fill('8, 12');
  await sheet.getByRole('button', { name: 'Split them off' }).click();
  await expect(sheet.getByText(/No piece 12/)).toBeVisible();
  await sheet.getByLabel('Which pieces').fill('7-8');
  await sheet.getByLabel('Why').fill('dry spots');
  await sheet.getByRole('button', { name: 'Split them off' }).click();
  await expect(page.getByRole('heading', { level: 1 })).toHaveText('2 sycamore bread boards');
  await expect(page.getByText('Split off from 31-006')).toBeVisible();
  await page.getByRole('link', { name: 'Tags to print' }).click();
  await expect(page.getByText('31-006/7')).toBeVisible();
  await page.goBack();
  await page.getByRole('button', { name: 'Join', exact: true }).click();
  await page.getByRole('dialog').getByRole('button', { name: 'Join them' }).click();
  await expect(page.getByRole('heading', { level: 1 })).toHaveText('8 sycamore bread boards');

  await page.goto('/work/regimens/thin-drying');
  await page.getByRole('button', { name: 'Knock back with 220, dust off earlier' }).click();
  await page.getByRole('button', { name: 'Knock back with 220, dust off earlier' }).click();
  await expect(page.getByText(/Grit 120 is coarser than 220/)).toBeVisible();
  await expect(page.getByRole('button', { name: 'Keep as the next revision' })).toBeDisabled();
  await page.reload();
  await page.getByRole('button', { name: 'Change' }).nth(4).click();
  await page.getByLabel('At most').fill('2 days');
  await page.getByLabel('Why this revision').fill('three days let it gum in summer');
  await page.getByRole('button', { name: 'Keep as the next revision' }).click();
  await expect(page.getByText('2 3 Mar 2031 WA: three days let it gum in summer')).toBeVisible();

  await page.goto('/work/restore');
  await page.getByLabel('Whose it is').fill('A stranger from over the water');
  await seeOn(page, 'top face', 'stain');
  await expect(page.getByText('Sand 180, then 240, along the grain.')).toBeVisible();
  await page.getByLabel('Never-drying oil').selectOption({ index: 1 });
  await page.getByRole('button', { name: 'Take it in' }).click();
  await expect(page.getByRole('region', { name: 'Restoration' })).toContainText('A stranger from over the water');
  await expect(page.getByRole('region', panel)).toContainText('Next: Sand to 180');
});

test('each worker stays the one it is, on pages this device has kept', { tag: '@walk' }, async ({ page }) => {
  await beWren(page);
  await page.goto('/');
  await page.evaluate(() => navigator.serviceWorker.ready.then(() => undefined));
  await page.goto('/blends/1');
  await page.getByRole('button', { name: /^Pour 900/ }).click();
  await page.getByRole('button', { name: 'All is at hand' }).click();
  for (const reading of ['181', '904']) {
    await page.getByLabel('The scale says').fill(reading);
    await page.getByRole('button', { name: 'Weighed', exact: true }).click();
    await page.waitForTimeout(900);
  }
  await page.getByRole('button', { name: 'All in' }).click();
  await expect(page.getByRole('button', { name: 'It is on the heat' })).toBeVisible();
  // The rehearsal ran in its worker; the planner must not be taken for it.
  await page.waitForTimeout(1500);
  await page.goto('/work/new');
  await expect(page.getByRole('heading', { name: /^Hands done by/ })).toBeVisible();
});
