import type { Page } from '@playwright/test';
import sharp from 'sharp';
import { type Corners, madeUpPicture } from '../src/core/colour';
import { fieldsOn } from '../src/core/trial';
import { beWren, expect, test } from './shop';

const CORNERS: Corners = [
  [70, 88],
  [690, 76],
  [706, 268],
  [58, 274],
];
const SIZE = { width: 760, height: 350 } as const;
/** What each finish throws back, by its letter; and how it is scored. */
const LOOKS: Readonly<Record<string, readonly [number, number, number]>> = {
  A: [0.6, 0.47, 0.32],
  B: [0.36, 0.22, 0.1],
  C: [0.4, 0.25, 0.1],
  D: [0.44, 0.31, 0.18],
};
const GRADES: Readonly<Record<string, string>> = { A: '1', B: '5', C: '4', D: '3' };

/** The letters of each board's fields, from the marked end, as they are drawn. */
async function laidOut(page: Page): Promise<string[][]> {
  const boards = page.getByRole('img', { name: /^Board \d+: / });
  await expect(boards).toHaveCount(4);
  return boards.evaluateAll((all) => all.map((one) => [...one.querySelectorAll('text')].map((text) => text.textContent ?? '')));
}

/** A picture of a board as the shop's script makes it up, under a warm lamp that falls off. */
async function picture(letters: readonly string[]): Promise<Buffer> {
  const sizes = fieldsOn(letters, 420);
  if (!sizes.ok) throw new Error('no fields');
  const { data, width, height } = madeUpPicture({
    board: { lengthMm: 420, widthMm: 120, fields: sizes.value },
    fields: letters.map((letter) => ({ reflects: LOOKS[letter] ?? [0, 0, 0], glare: 0 })),
    lamp: [1, 0.8, 0.55],
    falloff: 0.15,
    ...SIZE,
    corners: CORNERS,
    seed: 4,
  });
  return sharp(Buffer.from(data as Uint8ClampedArray), { raw: { width, height, channels: 4 } })
    .removeAlpha()
    .png()
    .toBuffer();
}

test('a trial of three finishes on four boards goes from its plan to its verdict, by scores and by pictures', {
  tag: '@walk',
}, async ({ page }) => {
  await beWren(page);
  await page.goto('/trials/new');
  await page.getByRole('button', { name: 'Lay it out' }).click();
  await expect(page.getByLabel('What it is about')).toHaveAttribute('aria-invalid', 'true');
  await page.getByLabel('What it is about').fill('Three on sycamore');
  await page.getByLabel('Along the fields').fill('30 mm');
  await expect(page.getByText(/A field would be/)).toBeVisible();
  await page.getByLabel('Along the fields').fill('42 cm');
  await page.getByLabel('Regimen').first().selectOption({ label: 'Thin and patient' });
  await page.getByLabel('Drying oil').first().selectOption({ index: 1 });
  await page.getByRole('button', { name: 'One more finish' }).click();
  await page.getByLabel('Regimen').nth(1).selectOption({ label: 'Thin and patient' });
  await page.getByLabel('Drying oil').nth(1).selectOption({ index: 2 });
  await page.getByRole('button', { name: 'One more finish' }).click();
  await page.getByLabel('Regimen').nth(2).selectOption({ label: 'Paste alone' });
  await page.getByRole('combobox', { name: /paste/i }).last().selectOption({ index: 1 });
  await page.getByLabel('Called, if otherwise').first().fill('First oil');
  await expect(page.getByText(/4 boards tell one grade of difference/)).toBeVisible();
  await expect(page.getByText(/times the middle one/)).toBeVisible();
  await page.getByRole('button', { name: 'Lay it out' }).click();
  await expect(page).toHaveURL(/\/trials\/T\d\d-03$/);
  await expect(page.getByTestId('verdict')).toContainText('Nothing is scored on every board yet.');
  const number = page.url().split('/').at(-1) ?? '';
  const boards = await laidOut(page);
  for (const letters of boards) expect([...letters].sort()).toEqual(['A', 'B', 'C', 'D']);

  // Its batches are ordinary work, marked, and draw on ordinary lots.
  await page.getByRole('link', { name: 'First oil' }).click();
  await expect(page.getByText(new RegExp(`Trial ${number}, First oil: fields`)).first()).toBeVisible();
  await page.goBack();

  // Pictures: corners typed, read on this device, kept as the server reads them.
  for (const [i, letters] of boards.entries()) {
    if (i === 0) await page.getByText('Take pictures that measure').click({ trial: true });
    await page.getByLabel(/^After 0 cycles/).setInputFiles({
      name: `board-${i}.png`,
      mimeType: 'image/png',
      buffer: await picture(letters),
    });
    if (i === 0) await page.getByText('Type the corners').click();
    else if (!(await page.getByLabel(/Marked end, far side, percent across/).isVisible()))
      await page.getByText('Type the corners').click();
    const where = ['Marked end, far side', 'Other end, far side', 'Other end, near side', 'Marked end, near side'];
    for (const [at, name] of where.entries()) {
      const [x, y] = CORNERS[at] ?? [0, 0];
      await page.getByLabel(`${name}, percent across`).fill(((100 * x) / SIZE.width).toFixed(2));
      await page.getByLabel(`${name}, percent down`).fill(((100 * y) / SIZE.height).toFixed(2));
    }
    await page.getByRole('button', { name: 'Read its fields' }).click();
    await expect(page.getByText(/^ΔE \d/).first()).toBeVisible();
    await page.getByRole('button', { name: 'Keep this picture' }).click();
    await expect(page.getByRole('button', { name: 'Keep this picture' })).toHaveCount(0);
  }
  await page.reload();
  await expect(page.getByRole('heading', { name: 'Side by side' })).toBeVisible();

  // One wash, counted once though it was tapped twice in a breath.
  await page.getByRole('button', { name: 'One wash done' }).dblclick();
  await expect(page.getByText('1× wash')).toBeVisible();
  await page.waitForTimeout(1200);
  await page.getByRole('button', { name: 'One wash done' }).click();
  await expect(page.getByText('2× wash')).toBeVisible();
  await page.getByRole('button', { name: 'Take the last one back' }).click();
  await expect(page.getByText('1× wash')).toBeVisible();

  // Every field is scored with the keyboard, names shown.
  await page.getByRole('link', { name: 'Score with names shown' }).click();
  for (const [i, letters] of boards.entries())
    for (const [k, letter] of letters.entries()) {
      await expect(page.getByRole('heading', { name: `${i + 1}·${k + 1}`, exact: true })).toBeVisible();
      await page.keyboard.press(GRADES[letter] ?? '3');
      await page.waitForTimeout(380);
    }
  await expect(page.getByRole('heading', { name: 'All scored' })).toBeVisible();
  await page.getByRole('link', { name: 'Back to the trial' }).first().click();
  await expect(page.getByTestId('verdict')).toContainText('First oil comes out best in gloss kept; worse: Bare');
  await page.getByText('Darker than bare', { exact: true }).click();
  await expect(page.getByText(/darker than Bare, by \+1\d\.\d/).first()).toBeVisible();

  // What it says goes on paper and into a table; it is closed with a reason, and off the bench then.
  const csv = await (await page.request.get(`/api/trial?number=${number}&as=csv`)).text();
  expect(csv.split('\r\n')).toHaveLength(1 + 16 + 32 + 1);
  const pdf = await page.request.get(`/api/trial?number=${number}&as=pdf`);
  expect((await pdf.body()).subarray(0, 5).toString()).toBe('%PDF-');
  await page.goto(`/trials/${number}/sheet`);
  await expect(page.getByText('comes out best in gloss kept')).toBeVisible();
  await page.goto(`/trials/${number}`);
  await page.getByRole('button', { name: 'Close the trial' }).click();
  await page.getByRole('dialog').getByRole('button', { name: 'Close it' }).click();
  await expect(page.getByRole('dialog').getByText(/▲/)).toBeVisible();
  await page.getByLabel('What you make of it').fill('The first oil, for boards');
  await page.getByRole('dialog').getByRole('button', { name: 'Close it' }).click();
  await expect(page.getByTestId('verdict')).toContainText('The first oil, for boards');
  await page.goto(`/release/${number}b`);
  await expect(page.getByText('its fields are compared, never released or sold')).toBeVisible();
});

test('a blind score sees tags alone, and is kept with who gave it', { tag: '@walk' }, async ({ page }) => {
  await beWren(page);
  await page.goto('/trials');
  await page.getByRole('link', { name: /Tung on birch spoons/ }).click();
  await page.getByRole('link', { name: 'Score them blind' }).click();
  await page.getByLabel('Who scores, if it is not you').fill('Odile');
  await page.getByRole('button', { name: 'Begin: 20 to score' }).click();
  for (let i = 0; i < 20; i++) {
    await expect(page.getByText(`${i + 1} of 20`)).toBeVisible();
    await expect(page.locator('main')).not.toContainText(/tung|bare/i);
    await page
      .getByRole('button', { name: /^[1-5]/ })
      .nth(3)
      .click();
    await page.waitForTimeout(380);
  }
  await expect(page.getByRole('heading', { name: 'All scored' })).toBeVisible();
  await page.getByRole('link', { name: 'Back to the trial' }).first().click();
  await expect(page.getByText(/30 scores at this cycle/)).toBeVisible();
});

test('an own rule of the guide changes a warning at the start form, and ranks the finishes; the house’s comes back', {
  tag: '@walk',
}, async ({ page }) => {
  await beWren(page);
  await page.goto('/work/new?wood=white-oak');
  const against = page.getByRole('region', { name: 'Rules it goes against' });
  await expect(against).toContainText('Your own rule: Not for food at all.');
  await against.getByRole('link', { name: 'Are oak and hickory fit for food?' }).click();
  await page.getByRole('radio', { name: /^Fit for all food/ }).click();
  await page.getByLabel('Why', { exact: true }).fill('');
  await page.getByRole('button', { name: 'Change our rule' }).click();
  await expect(page.getByLabel('Why', { exact: true })).toHaveAttribute('aria-invalid', 'true');
  await page.getByLabel('Why', { exact: true }).fill('Twelve years of oak boards here');
  await page.getByRole('button', { name: 'Change our rule' }).click();
  await expect(page.getByTestId('own-rule')).toContainText('Twelve years of oak boards here');
  await page.goto('/work/new?wood=white-oak');
  await expect(page.getByRole('heading', { name: 'What release will ask' })).toBeVisible();
  await expect(page.getByText(/oak and hickory/)).toHaveCount(0);
  await page.goto('/guide/oak');
  await page.getByRole('button', { name: 'Back to the house’s choice' }).click();
  await expect(page.getByRole('heading', { name: 'The house’s choice' })).toBeVisible();
  await page.goto('/work/new?wood=white-oak');
  await expect(page.getByRole('region', { name: 'Rules it goes against' })).toContainText(
    'The house’s choice: For bread and serving',
  );
});

test('the cost page names where two finishes cross, and what a litre really saves', { tag: '@walk' }, async ({ page }) => {
  await beWren(page);
  await page.goto('/work/choose?piece=1&wood=sycamore');
  await page.getByRole('link', { name: 'Over the years' }).first().click();
  const named = page.getByTestId('crossings');
  await expect(named).toContainText(/After [\d.]+ (months|years) .+ has cost less than .+, though it begins dearer\./);
  const first = await named.textContent();
  await page.getByLabel('Kept up by').selectOption('nobody');
  await page.getByRole('button', { name: 'Reckon' }).click();
  await expect(page).toHaveURL(/by=nobody/);
  await expect(named).not.toHaveText(first ?? '');
  const litre = page.getByRole('region', { name: 'A litre instead of a bottle' });
  await litre.getByLabel('Used a month').fill('40 g');
  await litre.getByLabel('Keeps, months').fill('12');
  await litre.getByLabel('The small one, EUR').fill('9');
  await litre.getByLabel('holds').first().fill('250 g');
  await litre.getByLabel('The large one, EUR').fill('25');
  await litre.getByLabel('holds').last().fill('930 g');
  await expect(litre).toContainText('The large one costs 7.72 EUR a year more');
  await expect(litre).toContainText('48 % of it goes off before it is used');
});
