import { readFile } from 'node:fs/promises';
import { expect, expectAccessible, saved, test } from './bench.ts';
import { countedStock } from '@inch-nest/core';
import type { ShopView, StockView } from '@inch-nest/contracts';

test('what to buy, on screen, on paper and as a file; a delivery raises the count and can be taken back', async ({ app, page }) => {
  const ahead = async () => (await (await fetch(`${app.address}/api/stock`)).json()) as StockView;
  const of = async (key: string) => (await ahead()).ahead.find((one) => one.key === key)!;
  const before = await of('smallBubble');
  expect(before.toBuy).toBeGreaterThan(0);

  await page.goto(`${app.address}/stock`);
  await page.getByText('To buy', { exact: true }).click();
  const row = page.getByRole('row').filter({ hasText: 'Small bubble' });
  await expect(row).toContainText(/\d rolls?, /);
  await expectAccessible(page);
  // the address leads back to it
  await page.reload();
  await expect(row).toBeVisible();
  const twelveWeeks = page.getByLabel('Weeks to buy for');
  await twelveWeeks.click();
  await page.locator('.ant-select-item-option').filter({ hasText: '13 weeks' }).click();
  await expect(row).toContainText('rolls');
  expect((await (await fetch(`${app.address}/api/stock?weeks=0`)).json()) as object).toMatchObject({ problems: [{ path: 'weeks' }] });

  const download = page.waitForEvent('download');
  await page.getByRole('link', { name: 'As CSV' }).click();
  const csv = await readFile(await (await download).path(), 'utf8');
  expect(csv).toContain('smallBubble,Small bubble,wrap,');
  const pdf = await fetch(`${app.address}/api/stock?as=pdf`);
  expect(pdf.headers.get('content-type')).toBe('application/pdf');
  expect(
    Buffer.from(await pdf.arrayBuffer())
      .subarray(0, 5)
      .toString(),
  ).toBe('%PDF-');

  await row.getByRole('button', { name: 'Small bubble came' }).click();
  await expectAccessible(page);
  await page.getByLabel('Paid for all of it').fill('21');
  await page.getByLabel('From', { exact: true }).fill('Ropewalk Paper Store');
  await page.getByLabel('Days it took').fill('9');
  await page.getByLabel('Days it took').press('Tab');
  await page.getByRole('button', { name: 'It came' }).click();
  await saved(page);
  await expect(page.getByRole('row').filter({ hasText: 'came in from Ropewalk Paper Store' }).filter({ hasText: '$21.00' })).toBeVisible();
  const after = await of('smallBubble');
  expect(after.onHand).toBeCloseTo(before.onHand + before.pack, 4);
  expect(after.leadDays).toBe(9);
  const rest = Math.max(0, before.onHand);
  expect(after.eachMinor).toBeCloseTo((rest * before.eachMinor + 2100) / (rest + before.pack), 1);

  await page.getByRole('button', { name: 'Take the last change back' }).click();
  await expect.poll(async () => (await of('smallBubble')).onHand).toBeCloseTo(before.onHand, 4);
  const shop = (await (await fetch(`${app.address}/api/shop`)).json()) as ShopView;
  expect(countedStock(shop.stock).find(({ key }) => key === 'smallBubble')!.eachMinor).toBeCloseTo(before.eachMinor, 1);
  await expect(page.getByRole('row').filter({ hasText: 'taken back' }).first()).toBeVisible();
});

test('what others keep is not there: the nest is made without it, and says so', async ({ app, page, sell }) => {
  // one takes the last of a roll, promised first
  await sell('stoneware jug, 7 x 6 x 9, 3 lb, sold 60, to 40217, ship today', 'nest');
  await page.goto(`${app.address}/stock`);
  await page.getByText('Wraps', { exact: true }).click();
  const was: [string, string][] = [];
  const count = async (wrap: string, feet: string) => {
    const left = page.getByLabel(`What is left of ${wrap}`);
    was.unshift([wrap, await left.inputValue()]);
    await left.fill(feet);
    await left.press('Enter');
    await saved(page);
  };
  for (const wrap of ['Small bubble', 'Medium bubble', 'Large bubble', 'Jumbo bubble']) await count(wrap, '6');
  await sell('stoneware crock, 9 x 8 x 9, 5 lb, sold 70, to 40217', 'nest', false);
  await expect(page.getByText('Made without what is short.').or(page.getByText('There is not enough for this nest.'))).toBeVisible();
  await expectAccessible(page);
  const from = page.getByText(/wanted, (\d|none)/);
  await expect(from.first()).toBeVisible();
  // the next test finds the rolls as they were
  await page.goto(`${app.address}/stock?sheet=wraps`);
  for (const [wrap, feet] of [...was]) await count(wrap, feet);
});

test('which boxes to keep: the last parcels are put into every size, and it can be stopped', async ({ app, page }) => {
  await page.goto(`${app.address}/stock?sheet=sizes`);
  await page.getByText('Those still to be packed').click();
  await page.getByRole('button', { name: 'Which boxes to keep?' }).click();
  await page.getByRole('button', { name: 'Stop' }).click();
  const ask = page.getByRole('button', { name: 'Which boxes to keep?' });
  await expect(ask).toBeVisible();
  await page.getByLabel('Sizes to keep').fill('3');
  await ask.click();
  await expect(page.getByRole('heading', { name: 'The best 3 sizes' })).toBeVisible({ timeout: 90_000 });
  await expect(page.getByRole('heading', { name: 'To add' })).toBeVisible();
  await expect(page.getByRole('row').filter({ hasText: '12×12×12' })).toContainText('parcel');
  await expectAccessible(page);
});
