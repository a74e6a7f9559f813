import { expect, saved, settled, test } from './bench.ts';

test('what does not parse is marked in its place, kept as a draft, and never reaches the figures', async ({ page, open }) => {
  await open('Pressed-fern picture', 'look-over');
  const chance = await settled(page);
  const size = page.getByLabel('Size as it stands');
  for (const [typed, problem] of [
    ['14 x 1 1/', /fraction/],
    ['-4 x 3', /above zero/],
    ['0 x 3', /more than zero/],
    ['900 x 3 x 3', /beyond any piece/],
    ['NaN', /NaN/],
    ['9 furlongs', /furlongs/],
  ] as const) {
    await size.fill(typed);
    await expect(page.locator('.meaning.wrong')).toContainText(problem);
  }
  await saved(page);
  expect(await settled(page)).toBe(chance);
  await page.reload();
  await expect(size).toHaveValue('9 furlongs');
  await expect(page.locator('.meaning.wrong')).toContainText('furlongs');
  expect(await settled(page)).toBe(chance);
  await size.fill('14 x 1 1/4 x 11');
  await expect(page.locator('.meaning.wrong')).toHaveCount(0);
  await saved(page);
});

test('a paste of two megabytes into the line is refused with a sentence and the rest stays', async ({ app, page }) => {
  await page.goto(`${app.address}/new`);
  const line = page.getByLabel('What was sold, on one line');
  await line.fill('jug, 9 x 6 x 6');
  await line.evaluate((input: HTMLInputElement) => {
    input.focus();
    document.execCommand('insertText', false, 'x'.repeat(2_000_000));
  });
  await expect(page.locator('#line-readings')).toContainText('at most 500 characters');
  await expect(page.getByRole('button', { name: 'Start this parcel' })).toBeDisabled();
  await page.reload();
  await expect(line).toHaveValue(/^jug, 9 x 6 x 6/);
});

test('a second tab’s change is noticed; a clash shows both and asks', async ({ page, open }) => {
  const address = await open('Porcelain gauge dial', 'look-over');
  const other = await page.context().newPage();
  await other.goto(address);
  await page.getByLabel('Weight', { exact: true }).fill('1 lb 2 oz');
  await saved(page);
  await expect(other.getByLabel('Weight', { exact: true })).toHaveValue('1 lb 2 oz', { timeout: 10_000 });

  // both change it before either has heard of the other
  await page.route('**/api/parcels/*?person=*', (route) => route.abort());
  await other.getByLabel('Weight', { exact: true }).fill('2 lb');
  await saved(other);
  await page.getByLabel('Weight', { exact: true }).fill('3 lb');
  const clash = page.getByRole('alert').filter({ hasText: 'changed this to' });
  await expect(clash).toContainText('2 lb');
  await expect(clash).toContainText('3 lb');
  await expect(page.getByRole('status').filter({ hasText: 'not saved' })).toBeVisible();
  await page.unroute('**/api/parcels/*?person=*');
  await clash.getByRole('button', { name: 'Keep mine' }).click();
  await expect(clash).toHaveCount(0);
  await saved(page);
  await expect(other.getByLabel('Weight', { exact: true })).toHaveValue('3 lb', { timeout: 10_000 });
  await other.close();
});

test('a restart of database and application in the middle loses nothing', async ({ app, page, open }) => {
  test.setTimeout(120_000);
  await open('Blown fishing float', 'sale');
  await page.getByLabel('Sold for').fill('61.50');
  await saved(page);
  await app.stop();
  await page.getByLabel('Bin').fill('E9');
  await expect(page.getByRole('status').filter({ hasText: 'not saved' })).toBeVisible();
  await app.start();
  await saved(page);
  await page.reload();
  await expect(page.getByLabel('Sold for')).toHaveValue('61.50');
  await expect(page.getByLabel('Bin')).toHaveValue('E9');
  await expect(page.getByRole('link', { name: /Weigh/ })).toContainText('lb');
});

test('single keys can be turned off, and stay off', async ({ page, open }) => {
  await open('Aneroid barometer', 'sale');
  await page.locator('body').press('n');
  await expect(page.locator('html')).toHaveAttribute('data-theme', 'night');
  await page.getByRole('button', { name: 'Keys: ?' }).click();
  await page.getByRole('switch', { name: 'Single keys act' }).click();
  await page.keyboard.press('Escape');
  await page.reload();
  await page.locator('body').press('n');
  await page.locator('body').press('8');
  await expect(page.locator('html')).toHaveAttribute('data-theme', 'night');
  await expect(page).toHaveURL(/sale$/);
});

test('people are told apart: Tam takes back Tam’s change, not Odile’s', async ({ page, open }) => {
  await open('Cast-iron net weights', 'sale');
  await page.getByLabel('Bin').fill('F7');
  await saved(page);
  await expect(page.getByRole('button', { name: 'Undo' })).toBeEnabled();
  await page.getByLabel('Who is at the bench').click();
  await page.getByTitle('Tam').click();
  await page.getByLabel('Buyer paid for shipping').fill('13');
  await saved(page);
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(page.getByLabel('Buyer paid for shipping')).toHaveValue('12');
  await expect(page.getByLabel('Bin')).toHaveValue('F7');
});
