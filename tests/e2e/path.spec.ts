import { expect, expectAccessible, expectRoomFor, saved, settled, test } from './bench.ts';

/** So many keys are enough from the line of a sale to the label, text in fields not counted. */
const MOST_KEYS = 45;
const STEPS = /^Step (\d+) of (\d+)/;

test('from the line of a sale to its label by keyboard alone, with few keys, every view accessible', async ({ app, page }) => {
  test.setTimeout(240_000);
  let keys = 0;
  const press = async (key: string) => {
    keys++;
    await page.keyboard.press(key);
  };
  const has = (name: string | RegExp) => expect(page.getByRole('link', { name })).toBeFocused();
  await page.goto(`${app.address}/new`);
  await page.keyboard.type(
    'salt-glazed puzzle jug, 6 x 5 x 6 1/2, 2 lb 3 oz, sold 48, shipping 12.50, to 21840, by tomorrow, bin a5, for TO–CN',
  );
  await expect(page.locator('#line-readings li')).toHaveCount(9);
  await expect(page.locator('#line-readings')).toContainText('size: 6 × 5 × 6 1/2 in');
  await expectAccessible(page);
  await press('Enter');

  await page.waitForURL(/look-over/);
  await expect(page.getByRole('heading', { level: 1 })).toHaveText('salt-glazed puzzle jug');
  await expect(page.getByRole('link', { name: 'Plan its nest' })).toBeVisible();
  await settled(page);
  await expectAccessible(page);
  await press('1');
  await page.waitForURL(/sale/);
  const sold = page.getByLabel('Sold for');
  await expect(sold).toHaveValue('48');
  // Escape leaves a field, so that the page's keys are in reach again
  await sold.focus();
  await press('Escape');
  await expect(sold).not.toBeFocused();
  await expectAccessible(page);

  await press('3');
  await page.waitForURL(/nest/);
  await settled(page);
  await expectAccessible(page);
  await press('t');
  await saved(page);
  await expect(page.getByRole('button', { name: /Recommended/ })).toHaveAttribute('aria-pressed', 'true');

  await press('6');
  await page.waitForURL(/bench/);
  const place = page.locator('.step-place');
  const seal = page.getByRole('button', { name: 'Seal it' });
  const asks: string[] = [];
  for (let at = 1, of = at; at <= of; at++) {
    await expect(place).toHaveText(new RegExp(`^Step ${at} of`));
    of = Number(STEPS.exec((await place.textContent())!)![2]);
    await page.waitForTimeout(350); // a step takes no key in its first moments
    await press('Space');
    // what is missing is named, and the same key says that it is so
    const ask = page.locator('.step-card [role=alert]');
    await expect(place.or(seal).first()).toBeVisible();
    await expect
      .poll(async () => (await ask.count()) > 0 || !(await place.allTextContents()).join('').startsWith(`Step ${at} of`))
      .toBe(true);
    if ((await ask.count()) === 0) continue;
    asks.push((await ask.textContent())!);
    await page.waitForTimeout(350);
    await press('Space');
  }
  expect(asks).toEqual([expect.stringContaining('Not measured yet'), expect.stringContaining('Not ticked: salt-glazed puzzle jug')]);
  await expect(seal).toBeEnabled();
  await page.waitForTimeout(350);
  await press('Space');
  await has('Weigh it');
  await expectAccessible(page);

  await press('Enter');
  await page.waitForURL(/weigh/);
  const reading = page.getByLabel('Reading 1');
  for (let tabs = 0; tabs < 6 && !(await reading.evaluate((field) => field === document.activeElement)); tabs++) await press('Tab');
  await expect(reading).toBeFocused();
  for (const text of ['3 lb 9 oz', '3 lb 9.2 oz']) {
    await page.keyboard.type(text);
    await press('Tab');
  }
  await page.keyboard.type('3 lb 9 oz');
  await expectAccessible(page);
  await press('Enter');
  await expect(page.getByRole('button', { name: 'Kept', exact: true })).toBeVisible();
  await has('Choose its service');
  await saved(page);
  await expect(page.getByRole('link', { name: /^Weigh/ })).toContainText('3 lb 9.2 oz');

  await press('Enter');
  await page.waitForURL(/rate/);
  await expect(page.getByRole('button', { name: /^Choose/ }).first()).toBeVisible();
  await expectAccessible(page);
  await press('c');
  await expect(page.getByText('✓ Chosen')).toBeVisible();
  await has('Buy its label');
  await saved(page);
  const tag = (await app.shelf()).find((one) => page.url().includes(one.id))!;
  expect(tag).toMatchObject({ state: 'rated', bin: 'A5', tag: 'TO–CN' });
  await press('Enter');
  await page.waitForURL(/send/);
  await expectAccessible(page);
  expect(keys).toBeLessThanOrEqual(MOST_KEYS);
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
