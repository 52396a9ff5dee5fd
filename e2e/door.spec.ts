import { expect, makeShop, MONDAY_MORNING, test } from './shop';

test('the network gives the passcode once; owners’ pages stand open', async ({ page }) => {
  const shop = makeShop({ demo: true, at: MONDAY_MORNING, environment: { RENDLE_LAN: '1', RENDLE_PASSCODE: 'lantern-fair' } });
  try {
    await shop.start();
    await page.goto(shop.url);
    await expect(page).toHaveURL(/\/enter$/);
    expect((await page.request.post(`${shop.url}/api/log`, { data: {} })).status()).toBe(401);
    await page.getByLabel('Passcode of the shop').fill('guess-work');
    await page.getByRole('button', { name: 'Come in' }).click();
    await expect(page.getByText('That is not the passcode')).toBeVisible();
    await page.getByLabel('Passcode of the shop').fill('lantern-fair');
    await page.getByRole('button', { name: 'Come in' }).click();
    await expect(page.getByRole('heading', { name: 'On the rack' })).toBeVisible();
    await page.goto(`${shop.url}/care`);
    const slip = await page.getByRole('link', { name: 'Slip' }).first().getAttribute('href');
    await page.context().clearCookies();
    await page.goto(`${shop.url}${slip?.replace('/slip/', '/care/')}`);
    await expect(page.getByRole('heading', { name: 'Keep it' })).toBeVisible();
    await expect(page.getByText('Odalys')).toHaveCount(0);
  } finally {
    await shop.remove();
  }
});

test('on loopback another name is not answered', async ({ request, shop }) => {
  const answer = await request.get(`${shop.url}/`, { headers: { host: 'elsewhere.example' } });
  expect(answer.status()).toBe(421);
});

test('an address for the owners turns the code into a link that answers', async ({ page }) => {
  const shop = makeShop({ demo: true, at: MONDAY_MORNING });
  try {
    await shop.start();
    await page.goto(shop.url);
    await page.getByRole('button', { name: 'Wren Aldersea' }).click();
    await page.goto(`${shop.url}/shop`);
    await page.getByLabel('Public base address').fill('ftp://wrong');
    await page.getByRole('button', { name: 'Keep', exact: true }).click();
    await expect(page.getByText('does not fit here').first()).toBeVisible();
    await page.getByLabel('Public base address').fill(`${shop.url}/`);
    await page.getByRole('button', { name: 'Keep', exact: true }).click();
    await expect(page.getByText('Kept.')).toBeVisible();
    await page.goto(`${shop.url}/care`);
    await page.getByRole('link', { name: 'Slip' }).first().click();
    const says = await page.getByText(/The code leads to/).innerText();
    const address = /http\S+\/care\/\w+/.exec(says)?.[0] ?? '';
    expect((await page.request.get(address)).status()).toBe(200);
  } finally {
    await shop.remove();
  }
});
