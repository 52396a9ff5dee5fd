import { beWren, expect, test } from './shop';

test('a profile is drawn by keyboard, typed and taken from a file, and its surface is the formula’s', { tag: '@walk' }, async ({
  page,
}) => {
  await beWren(page);
  await page.goto('/work/new');
  await page.getByRole('button', { name: 'New design' }).click();
  const sheet = page.getByRole('dialog');
  await sheet.getByLabel('Name').fill('Straight beaker');
  await sheet.getByLabel('Shape').selectOption('turned');
  await sheet
    .locator('input[type=file]')
    .setInputFiles({ name: 'beaker.csv', mimeType: 'text/csv', buffer: Buffer.from('r,z\n40,0\n50,100\n') });
  await sheet.getByLabel('Wall').fill('5 mm');
  await sheet.getByLabel('Floor').fill('0.5 cm');
  const foot = sheet.getByRole('slider', { name: 'Point 1' });
  await foot.focus();
  await foot.press('Shift+ArrowRight');
  await expect(foot).toHaveAttribute('aria-valuetext', '50 mm from the axis, 0 mm high');
  // π(2·50·100 + 50² + 2·45·95 + 45² + 50² − 45²) mm²
  const cm2 = (Math.PI * (2 * 50 * 100 + 50 ** 2 + 2 * 45 * 95 + 45 ** 2 + 50 ** 2 - 45 ** 2)) / 100;
  await expect(sheet.getByRole('status').filter({ hasText: 'cm²' })).toContainText(`${cm2.toFixed(0)} cm², 33 % of it end grain`);
  await sheet.getByLabel('Wall').fill('60');
  await expect(sheet.getByText('too thick for this form').first()).toBeVisible();
  await sheet.getByLabel('Wall').fill('5');
  await sheet.getByRole('button', { name: 'Keep the design' }).click();
  await expect(page.getByRole('radiogroup', { name: 'Piece' }).getByRole('radio', { name: /Straight beaker/ })).toBeChecked();
});
