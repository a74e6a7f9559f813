import { expect, expectAccessible, expectRoomFor, saved, settled, test } from './bench.ts';

test('a sale from line to chosen service by keyboard alone, every view accessible', async ({ app, page }) => {
  test.setTimeout(120_000);
  await page.goto(`${app.address}/new`);
  await page.keyboard.type(
    'salt-glazed puzzle jug, 6 x 5 x 6 1/2, 2 lb 3 oz, sold 48, shipping 12.50, to 21840, by tomorrow, bin a5, for TO–CN',
  );
  await expect(page.locator('#line-readings li')).toHaveCount(9);
  await expect(page.locator('#line-readings')).toContainText('size: 6 × 5 × 6 1/2 in');
  await expectAccessible(page);
  await page.keyboard.press('Enter');

  await page.waitForURL(/look-over/);
  await expect(page.getByRole('heading', { level: 1 })).toHaveText('salt-glazed puzzle jug');
  await settled(page);
  await expectAccessible(page);
  await page.locator('body').press('1');
  await page.waitForURL(/sale/);
  await expect(page.getByLabel('Sold for')).toHaveValue('48');
  await expectAccessible(page);

  await page.locator('body').press('3');
  await page.waitForURL(/nest/);
  await settled(page);
  await expectAccessible(page);
  const take = page.getByRole('button', { name: /Recommended/ });
  await take.focus();
  await page.keyboard.press('Enter');
  await saved(page);
  await expect(take).toHaveAttribute('aria-pressed', 'true');
  const more = page.getByRole('button', { name: 'More turns of Large bubble' });
  const before = await page.getByRole('group', { name: 'Large bubble' }).locator('.amount').textContent();
  await more.focus();
  await page.keyboard.press('Space');
  await expect(page.getByRole('group', { name: 'Large bubble' }).locator('.amount')).not.toHaveText(before!);
  await saved(page);

  await page.locator('body').press('7');
  await page.waitForURL(/weigh/);
  await page.getByLabel('Reading 1').focus();
  for (const reading of ['3 lb 9 oz', '3 lb 9.2 oz', '3 lb 9 oz']) {
    await page.keyboard.type(reading);
    await page.keyboard.press('Tab');
  }
  await expectAccessible(page);
  await page.keyboard.press('Enter');
  await expect(page.getByRole('button', { name: 'Kept', exact: true })).toBeVisible();
  await saved(page);
  await expect(page.getByRole('link', { name: /Weigh/ })).toContainText('3 lb 9.2 oz');

  await page.getByRole('link', { name: /Rate/ }).focus();
  await page.keyboard.press('Enter');
  await page.waitForURL(/rate/);
  const choose = page.getByRole('button', { name: /^Choose/ }).first();
  await expect(choose).toBeVisible();
  await expectAccessible(page);
  await choose.focus();
  await page.keyboard.press('Enter');
  await expect(page.getByText('✓ Chosen')).toBeVisible();
  await saved(page);
  const tag = (await app.shelf()).find((one) => page.url().includes(one.id))!;
  expect(tag).toMatchObject({ state: 'rated', bin: 'A5', tag: 'TO–CN' });
});

test('the night bench is accessible too, from the first paint; narrower, nothing runs off it, and all of it is reached', async ({
  app,
  page,
  open,
}) => {
  await page.context().addCookies([{ name: 'theme', value: 'night', url: app.address }]);
  for (const station of ['sale', 'look-over', 'nest', 'bench', 'weigh', 'rate', 'send']) {
    await page.setViewportSize({ width: 1280, height: 800 });
    await open('Brass signal lamp', station);
    expect(await page.evaluate(() => document.documentElement.dataset['theme'])).toBe('night');
    await settled(page);
    // all else of it is the same by day
    await expectAccessible(page, ['color-contrast']);
    await expectRoomFor(page);
  }
});

test('a parcel is found on the shelf by its words, from wherever one is, by keys alone', async ({ page, open }) => {
  await open('Brass signal lamp', 'nest');
  await settled(page);
  await page.keyboard.press('/');
  await expect(page.getByLabel('Words, tag, bin or code')).toBeFocused();
  // another test sells an urn without one
  await page.keyboard.type('urn with a tap');
  await expect(page.getByRole('search', { name: 'Find a parcel on the shelf' })).toContainText('1 of');
  await page.keyboard.press('Enter');
  await expect(page.getByRole('heading', { level: 1 })).toHaveText('Stoneware tea urn with a tap');
  await expect(page).toHaveURL(/\/nest$/);
});

test.describe('with the machine’s own colours', () => {
  test.use({ contextOptions: { forcedColors: 'active' } });
  test('where one is, what is on and what is chosen are told by edges', async ({ page, open }) => {
    await open('Brass signal lamp', 'nest');
    await settled(page);
    const edge = (of: string) =>
      page
        .locator(of)
        .first()
        .evaluate((element) => {
          const { outlineStyle, outlineWidth, borderStyle, borderWidth } = getComputedStyle(element);
          return {
            outline: outlineStyle === 'solid' ? parseFloat(outlineWidth) : 0,
            border: borderStyle === 'solid' ? parseFloat(borderWidth) : 0,
          };
        });
    // the station on the rule, the parcel on the shelf
    expect((await edge('nav [aria-current=step], header [aria-current]')).outline).toBeGreaterThan(2);
    expect((await edge('.shelf .tag[aria-current]')).outline).toBeGreaterThan(2);
    expect((await edge('.ant-segmented-item-selected')).outline).toBeGreaterThan(2);
    expect((await edge('.ant-switch')).border).toBeGreaterThan(1);
    // a switch that is on has another ground than one that is off
    const ground = () =>
      page
        .locator('.ant-switch')
        .first()
        .evaluate((element) => getComputedStyle(element).backgroundColor);
    const off = await ground();
    await page.getByText('board under it').click();
    await expect.poll(ground).not.toBe(off);
  });
});
