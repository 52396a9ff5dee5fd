import { beWren, expect, test } from './shop';

test('a symptom leads to its way back, and a question to its sides; both are found in a maker’s own words', {
  tag: '@walk',
}, async ({ page }) => {
  await beWren(page);
  await page.goto('/');
  await page.getByRole('link', { name: 'Guide' }).click();
  await expect(page.getByRole('heading', { name: 'Before anything: stop and act' })).toBeVisible();
  await page.getByLabel('What do you see, or what is the question?').fill('sticky');
  await page.getByRole('button', { name: 'Search' }).click();
  await page.getByRole('link', { name: 'Sticky after a week' }).click();
  const look = page.getByRole('listitem').filter({ hasText: 'a skin that dents' });
  await expect(look).toContainText('The way backRub with the same oil and a fine pad, wipe dry');
  await page.goto('/find?words=may+oil+lie+overnight');
  await page.getByRole('link', { name: /May oil lie on the wood overnight/ }).click();
  await expect(page.getByRole('heading', { name: 'What the sides say' })).toBeVisible();
  await expect(page.getByText('The oil decides.')).toBeVisible();
  await page.goto('/guide?words=qwertz');
  await expect(page.getByText('Nothing in the guide says “qwertz”.')).toBeVisible();
  expect((await page.goto('/guide/no-such-page'))?.status()).toBe(404);
});

test('every page of the guide is kept for when the network is away, and a symptom leads to the coat book', {
  tag: '@walk',
}, async ({ page, context }) => {
  await beWren(page);
  await page.goto('/guide');
  await expect
    .poll(() => page.evaluate(async () => (await (await caches.open('rendle-guide-4')).keys()).length))
    .toBeGreaterThan(70);
  await context.setOffline(true);
  await page.goto('/guide/grey-fuzz');
  await expect(page.getByRole('heading', { name: 'Grey fuzz after washing' })).toBeVisible();
  const back = page.getByRole('region', { name: 'The way back in the coat book' });
  await expect(back).toContainText('say “raised fibre”');
  await page.goto('/guide/gap');
  await expect(page.getByRole('heading', { name: 'How long between coats?' })).toBeVisible();
  await context.setOffline(false);
});
