import type { Page } from '@playwright/test';
import type { ShopView } from '@inch-nest/contracts';
import { expect, kept, saved, settled, test } from './bench.ts';

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

test.describe('two at one field', () => {
  // what the bench's keeper fetches, a test cannot hold back
  test.use({ serviceWorkers: 'block' });
  test('another person’s change is noticed; a clash shows both and asks', async ({ app, page, browser, open }) => {
    const address = await open('Porcelain gauge dial', 'look-over');
    const shop = (await (await fetch(`${app.address}/api/shop`)).json()) as ShopView;
    const elsewhere = await browser.newContext();
    await elsewhere.addCookies([{ name: 'person', value: shop.people[1]!.id, url: app.address }]);
    const other = await elsewhere.newPage();
    await other.goto(address);
    await page.getByLabel('Weight', { exact: true }).fill('1 lb 2 oz');
    await saved(page);
    await expect(other.getByLabel('Weight', { exact: true })).toHaveValue('1 lb 2 oz');

    // both change it before either has heard of the other: a look already under way has ended when the next one fails
    const looks = /\/api\/parcels\/[\w-]+\?person=/;
    const cutOff = page.waitForEvent('requestfailed', (request) => looks.test(request.url()));
    await page.route(looks, (route) => route.abort());
    await cutOff;
    await other.getByLabel('Weight', { exact: true }).fill('2 lb');
    await saved(other);
    await page.getByLabel('Weight', { exact: true }).fill('3 lb');
    const clash = page.getByRole('alert').filter({ hasText: 'changed this to' });
    await expect(clash).toContainText('2 lb');
    await expect(clash).toContainText('3 lb');
    await expect(page.getByRole('status').filter({ hasText: 'not saved' })).toBeVisible();
    await page.unroute(looks);
    await clash.getByRole('button', { name: 'Keep mine' }).click();
    await expect(clash).toHaveCount(0);
    await saved(page);
    await expect(other.getByLabel('Weight', { exact: true })).toHaveValue('3 lb');
    await elsewhere.close();
  });
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

/** Every change takes so long to be answered. */
const slow = (page: Page, ms: number) =>
  page.route('**/kept', async (route) => {
    await new Promise((resolve) => setTimeout(resolve, ms));
    await route.continue();
  });

test('on a line slowed by a second nobody clashes with herself: ticks, and a weight typed in two goes', async ({ page, sell }) => {
  await sell('cased barometer, 10 x 9 x 5, 3 lb, sold 90, to 40217', 'look-over', false);
  await slow(page, 1000);
  const clashes = page.getByRole('alert').filter({ hasText: /changed|picked something else/ });
  await page.getByText('shifts inside', { exact: true }).click();
  const ticks = page.getByRole('group', { name: 'Steadying it' }).getByRole('checkbox');
  for (let i = 0; i < 4; i++) {
    await ticks.nth(i).click();
    await expect(ticks.nth(i)).toBeChecked();
  }
  const weight = page.getByLabel('Weight', { exact: true });
  await weight.fill('1 lb');
  // the first half is on its way when the second is typed
  await page.waitForRequest((request) => request.url().endsWith('/kept') && (request.postData() ?? '').includes('1 lb'));
  await weight.fill('1 lb 2 oz');
  await saved(page);
  await expect(clashes).toHaveCount(0);
  for (let i = 0; i < 4; i++) await expect(ticks.nth(i)).toBeChecked();
  await expect(weight).toHaveValue('1 lb 2 oz');
  const { piece } = await kept(page);
  expect(piece.steadying.value).toHaveLength(4);
  expect(piece.weight.value).toBeCloseTo(1.125, 9);
});

test('on a slow line each cell of the stock stays what was typed into it, and nothing else moves', async ({ app, page }) => {
  await page.goto(`${app.address}/stock`);
  const shopNow = async () => (await (await fetch(`${app.address}/api/shop`)).json()) as ShopView;
  const [one, other] = (await shopNow()).stock.boxes.filter((box) => box.style === 'slotted');
  if (!one || !other) throw new Error('two boxes are wanted');
  await slow(page, 800);
  await page.getByLabel(`${one.name} on hand`, { exact: true }).fill('41');
  await page.getByLabel(`${one.name} on hand`, { exact: true }).press('Tab');
  await page.getByLabel(`Price of ${one.name}`, { exact: true }).fill('1.37');
  await page.getByLabel(`Price of ${one.name}`, { exact: true }).press('Tab');
  await page.getByLabel(`${other.name} on hand`, { exact: true }).fill('43');
  await page.getByLabel(`${other.name} on hand`, { exact: true }).press('Tab');
  await expect(page.getByLabel(`${one.name} on hand`, { exact: true })).toHaveValue('41');
  await saved(page);
  await expect(page.getByLabel(`${one.name} on hand`, { exact: true })).toHaveValue('41');
  await expect(page.getByLabel(`${other.name} on hand`, { exact: true })).toHaveValue('43');
  const { boxes } = (await shopNow()).stock;
  expect(boxes.find((box) => box.key === one.key)).toMatchObject({ onHand: 41, priceMinor: 137 });
  expect(boxes.find((box) => box.key === other.key)).toMatchObject({ onHand: 43 });
  await page.getByRole('button', { name: 'Take the last change back' }).click();
  await saved(page);
  expect((await shopNow()).stock.boxes.find((box) => box.key === other.key)!.onHand).not.toBe(43);
});
