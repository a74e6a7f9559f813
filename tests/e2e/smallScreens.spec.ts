import { expect, expectAccessible, settled, test } from './bench.ts';

test('home is the day, in order, and the one in hand is where it was left; every page has a title of its own', async ({
  app,
  page,
  open,
}) => {
  await page.goto(app.address);
  await expect(page).toHaveURL(/\/day$/);
  await expect(page).toHaveTitle('Today · Inch Nest');
  const order = page.getByRole('region', { name: 'In order' });
  await expect(order.getByRole('listitem').first()).toBeVisible();
  await open('Brass signal lamp', 'weigh');
  await expect(page).toHaveTitle(/^Weigh · Brass signal lamp, red globe · Inch Nest$/);
  await page.keyboard.press('6');
  await expect(page).toHaveTitle(/^Bench · /);
  // the eye and the keyboard go to the same place
  await expect(page.getByRole('heading', { level: 1 })).toBeFocused();
  await page.goto(app.address);
  await page.getByRole('link', { name: /^Go on: Brass signal lamp/ }).click();
  await expect(page).toHaveURL(/\/bench$/);
  await page.goto(`${app.address}/stock`);
  await expect(page).toHaveTitle('Stock · Inch Nest');
});

test('the first key leads past rule and shelf to the work', async ({ page, open }) => {
  await open('Brass signal lamp', 'rate');
  await settled(page);
  await page.keyboard.press('Tab');
  const skip = page.getByRole('link', { name: 'To the work' });
  await expect(skip).toBeFocused();
  await page.keyboard.press('Enter');
  await page.keyboard.press('Tab');
  expect(await page.evaluate(() => document.getElementById('work')!.contains(document.activeElement))).toBe(true);
});

for (const [width, height, most] of [
  [820, 1180, 124],
  [390, 844, 62],
] as const)
  test(`at ${width}: little above the work, Done in reach, shelf and slip laid over it when they are wanted`, async ({ page, open }) => {
    await page.setViewportSize({ width, height });
    await open('urn with a tap', 'bench');
    await settled(page);
    const top = (await page.getByRole('main').boundingBox())!.y;
    expect(top).toBeLessThanOrEqual(most);
    const done = (await page.getByRole('button', { name: 'Done', exact: true }).boundingBox())!;
    expect(done.y + done.height).toBeLessThanOrEqual(height - 46);
    if (width < 480) expect(done.y).toBeGreaterThan(height / 2);
    // the present station is in view on the rule
    const here = (await page.getByRole('navigation', { name: 'The parcel’s way' }).locator('[aria-current]').boundingBox())!;
    expect(here.x).toBeGreaterThanOrEqual(0);
    expect(here.x + here.width).toBeLessThanOrEqual(width);

    const jug = page
      .getByRole('complementary', { name: 'Shelf' })
      .getByRole('link', { name: /puzzle jug/ })
      .first();
    await expect(jug).toBeHidden();
    await page.getByRole('button', { name: 'Open the shelf' }).click();
    await expect(jug).toBeVisible();
    await expectAccessible(page);
    await page.keyboard.press('Escape');
    await expect(jug).toBeHidden();
    const cost = page.getByRole('complementary', { name: 'Slip' }).getByText('Kept from the sale');
    await expect(cost).toBeHidden();
    await page.getByRole('button', { name: 'Pull the slip up' }).click();
    await expect(cost).toBeVisible();
    expect(await page.evaluate(() => document.documentElement.scrollWidth)).toBeLessThanOrEqual(width);
    // whoever goes on shuts what lay over the work
    await page.getByRole('button', { name: 'Open the shelf' }).click();
    await jug.click();
    await expect(page).toHaveTitle(/puzzle jug/);
    await expect(jug).toBeHidden();
  });

test('on a wide bench the shelf folds to a strip and stays so', async ({ page, open }) => {
  await open('urn with a tap', 'bench');
  await settled(page);
  const wide = (await page.getByRole('main').boundingBox())!.width;
  await page.getByRole('button', { name: 'Fold the shelf' }).click();
  expect((await page.getByRole('main').boundingBox())!.width).toBeGreaterThan(wide + 100);
  await page.reload();
  await expect(page.getByRole('button', { name: 'Open the shelf' })).toBeVisible();
  await page.getByRole('button', { name: 'Open the shelf' }).click();
  await expect(
    page
      .getByRole('complementary', { name: 'Shelf' })
      .getByRole('link', { name: /puzzle jug/ })
      .first(),
  ).toBeVisible();
});

test.describe('a machine that is dark', () => {
  test.use({ colorScheme: 'dark' });
  test('is followed from the first paint, until somebody says otherwise here', async ({ page, open }) => {
    await open('urn with a tap', 'nest');
    const theme = () => page.evaluate(() => document.documentElement.dataset['theme']);
    await expect.poll(theme).toBe('night');
    await page.emulateMedia({ colorScheme: 'light' });
    await expect.poll(theme).toBe('day');
    await page.getByRole('button', { name: 'Night bench' }).click();
    await page.emulateMedia({ colorScheme: 'light' });
    await page.reload();
    expect(await theme()).toBe('night');
  });
});
