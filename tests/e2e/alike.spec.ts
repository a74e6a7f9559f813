import { expect, expectAccessible, kept, saved, settled, test } from './bench.ts';

test('a set of six on one line: read, looked over, wrapped each by itself, stood otherwise, taken back, and put in as A to F', async ({
  app,
  page,
}) => {
  test.setTimeout(120_000);
  await page.goto(`${app.address}/new`);
  await page.keyboard.type('six apothecary jars, 3 1/2 x 3 1/2 x 6, 11 oz each, sold 72, shipping 24, to 40217, for ZZ–SX');
  const readings = page.locator('.readings');
  await expect(readings.getByText('piece: 6 × apothecary jars')).toBeVisible();
  await expect(readings.getByText('weight: 11 oz each')).toBeVisible();
  await page.keyboard.press('Enter');
  await page.waitForURL(/look-over/);
  await expect(page.getByRole('heading', { level: 1 })).toHaveText('6 × apothecary jars');
  await settled(page);
  await expectAccessible(page);
  const parcel = page.url().replace(/look-over$/, '');

  // a count that is none is said so, and the last one stands
  const count = page.getByLabel('How many alike');
  for (const none of ['0', '10,000', 'some']) {
    await count.fill(none);
    await expect(page.getByText('✗ how many? a whole number from 1 to 60')).toBeVisible();
  }
  await expect.poll(async () => (await kept(page)).piece.count).toMatchObject({ value: 6, draft: 'some' });
  await count.fill('half a dozen');
  await expect.poll(async () => (await kept(page)).piece.count).toMatchObject({ value: 6, draft: null });

  // with one of them broken the rest is worth nothing: more is expected to be lost, and it is not packed with less care
  const careless = await settled(page);
  await page.getByText('Worth nothing with one of them broken').click();
  await expect.poll(async () => (await kept(page)).piece.wholeOrNothing.value).toBe(true);
  const chance = (said: string) => 1 / Number(/1 in ([\d,]+)/.exec(said)![1]!.replace(',', ''));
  expect(chance(await settled(page))).toBeLessThanOrEqual(chance(careless) + 1e-4);
  await page.getByText('Worth nothing with one of them broken').click();
  await expect.poll(async () => (await kept(page)).piece.wholeOrNothing.value).toBe(false);

  await page.goto(`${parcel}nest`);
  await settled(page);
  await page.getByRole('button', { name: /Recommended/ }).click();
  await saved(page);
  const { choice, plan } = (await kept(page)).nest;
  expect(plan!.document.block).toMatchObject({ pieces: 6, stacks: [1, 1, 1, 1, 1, 1] });
  expect(plan!.document.weight.parts.find(({ part }) => part === 'pieces')!.weightLb).toBeCloseTo((6 * 11) / 16, 9);
  const above = page.locator('[data-view=above]');
  const [along, across] = choice!.grid!;
  await expect(above.locator('[data-bundle]')).toHaveCount(along * across);
  await expect(above.locator('[data-bundle=A]')).toHaveCount(1);

  // by keyboard: another way to stand, with its figures, and back
  const stand = page.getByRole('combobox', { name: 'How they stand' });
  await stand.focus();
  await page.keyboard.press('Enter');
  await page.keyboard.press('ArrowDown');
  await page.keyboard.press('Enter');
  const stands = async () => (await kept(page)).nest.choice!.grid!;
  await expect.poll(stands).not.toEqual(choice!.grid);
  const other = await stands();
  expect(other[0] * other[1] * other[2]).toBeGreaterThanOrEqual(6);
  await saved(page);
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect.poll(stands).toEqual(choice!.grid);

  await page.goto(`${parcel}bench`);
  const steps = page.getByRole('list', { name: 'All steps' });
  await expect(steps.getByText(/, 6 times$/).first()).toBeVisible();
  await expect(steps.getByText('Put A to F in')).toBeVisible();

  // one fewer is another parcel: five are planned, and the bench says so
  await page.goto(`${parcel}look-over`);
  await page.getByLabel('How many alike').fill('5');
  await expect.poll(async () => (await kept(page)).piece.count.value).toBe(5);
  await page.goto(`${parcel}bench`);
  await expect(page.getByRole('list', { name: 'All steps' }).getByText('Put A to E in')).toBeVisible();
});

test('a lot of thirty-one books with at most nine in a wrap: four even stacks, and glass is never wrapped so', async ({ page, sell }) => {
  const id = await sell('31 x pilot books, 10 x 7 x 1/4 each, 6 oz each, sold 62, shipping 20, to 40217', 'look-over', false);
  await page.getByLabel('In one wrap at most').fill('9');
  await expect(page.getByText('4 stacks: 8, 8, 8, 7')).toBeVisible();
  await saved(page);
  await page.goto(page.url().replace(/look-over$/, 'nest'));
  await settled(page);
  await page.getByRole('button', { name: /Recommended/ }).click();
  await saved(page);
  expect((await kept(page)).nest.plan!.document.block.stacks).toEqual([8, 8, 8, 7]);
  await expect(page.getByRole('group', { name: 'How they stand' })).toContainText('4 bundles of 8, 8, 8, 7');
  await page.goto(page.url().replace(/nest$/, 'bench'));
  await expect(page.getByRole('list', { name: 'All steps' }).getByText('Make 4 stacks: 8, 8, 8, 7')).toBeVisible();
  expect(id).toMatch(/-/);

  await page.goto(page.url().replace(/bench$/, 'look-over'));
  await page.locator('body').press('b');
  await expect.poll(async () => (await kept(page)).piece.archetype.value).toBe('blownGlass');
  await saved(page);
  await page.goto(page.url().replace(/look-over$/, 'nest'));
  await settled(page);
  // paper gives to go into its box, and glass does not: another box
  await page.getByRole('button', { name: /Recommended/ }).click();
  await expect(page.getByText('Bare pieces in one wrap.').first()).toBeVisible();
});

test('one of six that differs is a piece of its own, beside the other five, until that is taken back', async ({ page, sell }) => {
  await sell('six cut glass goblets, 3 x 3 x 7, 8 oz each, sold 72, to 40217', 'look-over', false);
  await page.getByRole('button', { name: 'One of the 6 differs' }).click();
  await expect(page.getByRole('tab')).toHaveText([/A–E.*5 × cut glass goblets/, /F.*cut glass goblets/]);
  // the one is in hand, with all that was said of the six
  await expect(page.getByLabel('Size as it stands')).toHaveValue('3 x 3 x 7');
  await page.getByLabel('Size as it stands').fill('3 x 3 x 9');
  await saved(page);
  await settled(page);
  const { others, piece } = await kept(page);
  expect([piece.count.value, piece.size.value, others[0]!.piece.size.value]).toEqual([5, [3, 3, 7], [3, 3, 9]]);
  for (const _ of [1, 2]) await page.getByRole('button', { name: 'Undo' }).click();
  await expect.poll(async () => (await kept(page)).piece.count.value).toBe(6);
  await expect(page.getByRole('button', { name: 'One of the 6 differs' })).toBeVisible();
});

test('bowls that nest stand in one another, in a smaller box, and the bench says how', async ({ page, sell }) => {
  await sell('four stoneware mixing bowls 10 x 10 x 5 in 3 lb each sold 140 to 40217', 'look-over', false);
  await page.getByLabel('One in another: each further adds').fill('6 in');
  await expect(page.getByText('no less than its height: they do not go into one another')).toBeVisible();
  await page.getByLabel('One in another: each further adds').fill('a bit');
  await expect(page.getByText(/^✗ /)).toBeVisible();
  await page.getByLabel('One in another: each further adds').fill('1 1/4');
  await expect(page.getByText('4 in one another stand 8 3/4 in high, bare')).toBeVisible();
  await saved(page);
  await page.goto(page.url().replace(/look-over$/, 'nest'));
  await settled(page);
  await expect(page.getByRole('group', { name: 'How they stand' })).toContainText('one in another');
  await page.getByRole('button', { name: /Recommended/ }).click();
  await saved(page);
  const { block, bundleIn } = (await kept(page)).nest.plan!.document;
  expect(block.sizeIn.reduce((volume, side) => volume * side, 1)).toBeLessThan(3 * bundleIn.reduce((volume, side) => volume * side, 1));
  await page.goto(page.url().replace(/nest$/, 'bench'));
  await page.getByRole('list', { name: 'All steps' }).getByText('Put A to D in').click();
  await expect(page.getByText(/One in another, .*without force/)).toBeVisible();
});

test('what goes along is weighed, takes its room and is put in before the top', async ({ page, sell }) => {
  await sell('stoneware bowl, 5 x 5 x 4, 2 lb, sold 60, shipping 14, to 40217', 'look-over');
  const weighs = page.getByRole('link', { name: /^Weigh/ });
  const before = (await weighs.textContent())!;
  const rows = page.getByRole('region', { name: 'Parts and what goes with it' });
  await rows.getByRole('button', { name: 'A part or accessory' }).click();
  await rows.getByLabel('Weight of one lid').fill('8 furlongs');
  await expect(rows.getByText(/✗ a weight, like/)).toBeVisible();
  await rows.getByLabel('Weight of one lid').fill('8 oz');
  await rows.getByLabel('Weight of one lid').blur();
  await rows.getByLabel('Size of one lid').fill('4 x 4 x 1');
  await rows.getByLabel('Size of one lid').blur();
  await expect
    .poll(async () => (await kept(page)).piece.accessories.value[0])
    .toMatchObject({ name: 'lid', weightLb: 0.5, sizeIn: [4, 4, 1] });
  // half a pound more, less the fill it takes the place of
  await expect(weighs).not.toHaveText(before);
  await expect(weighs).toContainText(/≈ 3 lb/);
  await page.goto(page.url().replace(/look-over$/, 'bench'));
  await expect(page.getByRole('list', { name: 'All steps' }).getByText('Put in: lid')).toBeVisible();
});

test('a horn for repair is no sale: its worth is asked for, customs hears why, and nothing is kept from it', async ({ page, sell }) => {
  await sell('brass horn, 16 x 8 x 8, 3 lb 2 oz, for repair, to XN-04021, for RE–XN', 'sale', false);
  await expect(page.getByText('nothing is known of its worth: say below what it would cost to replace')).toBeVisible();
  await expect(page.getByRole('complementary', { name: 'Slip' }).getByText('Kept from the sale')).toHaveCount(0);
  await page.getByLabel('Worth', { exact: true }).fill('240');
  await saved(page);
  await expect(page.getByText('nothing is known of its worth')).toHaveCount(0);
  await expect(page.getByRole('region', { name: 'Customs' }).getByRole('radio', { name: 'for repair' })).toBeChecked();
  await expect(page.getByText('a repair must say why it is sent')).toBeVisible();
  await settled(page);
  await expect.poll(async () => (await kept(page)).sale.job.value).toBe('repair');
  await page.getByRole('radiogroup', { name: 'What it is sent for' }).getByText('sold', { exact: true }).click();
  await saved(page);
  await expect(page.getByRole('complementary', { name: 'Slip' }).getByText('Kept from the sale')).toBeVisible();
});

test('a dozen and a half of tiles: stacking them is told with its price, taken with one press, and done first at the bench', async ({
  app,
  page,
}) => {
  test.setTimeout(120_000);
  await page.goto(`${app.address}/new`);
  await page.keyboard.type('18 ceramic tiles, 6 x 6 x 3/8, 12 oz each, sold 140, to 40217, for ZZ–ST');
  await page.keyboard.press('Enter');
  await page.waitForURL(/look-over/);
  await page.goto(page.url().replace(/look-over$/, 'nest'));
  const singly = await settled(page);
  const offer = page.getByRole('status').filter({ hasText: 'Stacked they go for less' });
  await expect(offer).toContainText(/18 × ceramic tiles in \d stacks? of \d+, foam sheet 1\/16 between each two/, { timeout: 30_000 });
  const [stacked, before] = [...(await offer.textContent())!.matchAll(/\$(\d+\.\d\d)/g)].map(([, money]) => Number(money));
  expect(stacked!).toBeLessThan(before!);
  await offer.getByRole('button', { name: 'Stack them so' }).click();
  await expect.poll(async () => (await kept(page)).piece.interleaf.value).toBe('foamSheet16');
  await expect.poll(async () => (await kept(page)).piece.stackOf.value).toBeGreaterThan(1);
  await expect.poll(() => settled(page)).not.toBe(singly);
  await expect(offer).toHaveCount(0);
  await expect(page.getByRole('group', { name: 'Between each two' })).toContainText(/sheets, 6 in × 6 in, 1\/16 in thick/);
  await expectAccessible(page);
  // what was promised is what it costs
  await page.getByRole('button', { name: /Recommended/ }).click();
  await saved(page);
  const { document } = (await kept(page)).nest.plan!;
  expect(document.costMinor / 100).toBeCloseTo(stacked!, 2);
  expect(document.block.stacks.reduce((sum, one) => sum + one, 0)).toBe(18);
  await page.goto(page.url().replace(/nest$/, 'bench'));
  const step = page.getByRole('region', { name: 'The step in hand' });
  await expect(step).toContainText(/a sheet between each two/);
  await expect(step).toContainText(`Cut ${18 - document.block.stacks.length} sheets of foam sheet 1/16, 6 in × 6 in`);
});
