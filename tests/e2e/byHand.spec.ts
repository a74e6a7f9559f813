import type { Page } from '@playwright/test';
import { expect, expectAccessible, kept, saved, settled, test } from './bench.ts';

const tile = (page: Page, name: string) => page.getByRole('group', { name, exact: true });
const nestOf = async (page: Page) => (await kept(page)).nest;

/** Puts a layer on where the nest has none of it yet. */
async function addLayer(page: Page, name: string): Promise<void> {
  if ((await tile(page, name).count()) > 0) return;
  await page.getByRole('combobox', { name: 'Another layer' }).click();
  await page.locator('.ant-select-item-option').filter({ hasText: name }).click();
  await expect(tile(page, name)).toBeVisible();
}

/** Takes a box with room for more. */
async function roomy(page: Page): Promise<void> {
  await tile(page, 'Box').getByRole('combobox').click();
  await page
    .locator('.ant-select-item-option')
    .filter({ hasText: /^20×16×14/ })
    .click();
  await expect(tile(page, 'Box')).toContainText('20×16×14');
}

test('layers: half turns, a doubled face, crossed, bubbles out, another layer, another order by keys', async ({ page, sell }) => {
  await sell('stoneware jug, 7 x 6 x 9, 3 lb, sold 60, to 40217', 'nest');
  await roomy(page);
  await addLayer(page, 'Small bubble');
  await addLayer(page, 'Large bubble');
  const large = tile(page, 'Large bubble');
  const before = parseFloat((await large.locator('.amount').textContent())!);
  await large.locator('summary').click();
  await large.getByRole('button', { name: 'half a turn more' }).click();
  await expect(large.locator('.amount')).toContainText(String(before + 0.5));
  await large.getByRole('button', { name: 'bubbles in' }).click();
  await large.getByRole('combobox', { name: 'How Large bubble is laid' }).click();
  await page.getByTitle('crossed').click();
  await large.getByRole('combobox', { name: /Face with one sheet more/ }).click();
  await page.getByTitle('right doubled').last().click();
  await expect(large.locator('summary')).toHaveText('crossed, bubbles out, right doubled');
  await addLayer(page, 'Tissue');
  await saved(page);

  const order = () => page.locator('.tile.layer').evaluateAll((tiles) => tiles.map((one) => one.getAttribute('aria-label')));
  expect(await order()).toEqual(['Tissue', 'Small bubble', 'Large bubble']);
  await page.getByRole('button', { name: 'Move Small bubble' }).focus();
  await page.keyboard.press('Space');
  await page.waitForTimeout(250);
  await page.keyboard.press('ArrowRight');
  await page.waitForTimeout(250);
  await page.keyboard.press('Space');
  await expect.poll(order).toEqual(['Tissue', 'Large bubble', 'Small bubble']);
  await saved(page);
  expect((await nestOf(page)).choice!.layers).toMatchObject([
    { material: 'tissue' },
    { material: 'largeBubble', turns: before + 0.5, laid: 'crossed', bubblesOut: true, doubled: 'right' },
    { material: 'smallBubble' },
  ]);
  await expectAccessible(page);
});

test('layers are dragged into another order too', async ({ page, sell }) => {
  await sell('stoneware jug, 7 x 6 x 9, 3 lb, sold 60, to 40217', 'nest');
  await addLayer(page, 'Small bubble');
  await addLayer(page, 'Large bubble');
  await saved(page);
  const grip = (name: string) => page.getByRole('button', { name: `Move ${name}` });
  await grip('Small bubble').scrollIntoViewIfNeeded();
  const [from, to] = [(await grip('Small bubble').boundingBox())!, (await grip('Large bubble').boundingBox())!];
  await page.mouse.move(from.x + 8, from.y + 8);
  await page.mouse.down();
  await page.mouse.move(to.x + 30, to.y + 10, { steps: 12 });
  await page.mouse.up();
  await expect
    .poll(() => page.locator('.tile.layer').evaluateAll((tiles) => tiles.map((one) => one.getAttribute('aria-label'))))
    .toEqual(['Large bubble', 'Small bubble']);
  await saved(page);
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(page.locator('.tile.layer').first()).toHaveAttribute('aria-label', 'Small bubble');
});

test('a box pinned is kept by the search, a fill left out is not used, another school packs it its own way', async ({ page, sell }) => {
  await sell('brass telescope, 10 x 4 x 4, 2 lb, sold 90, to 40217', 'nest');
  const recommended = page.getByRole('button', { name: /Recommended/ });
  await roomy(page);
  // pressed as a finger does it: down, a while, up; what comes meanwhile moves nothing from under it
  const pin = tile(page, 'Box').getByRole('button', { name: 'Pin box' });
  await pin.hover();
  await page.mouse.down();
  await page.waitForTimeout(150);
  await page.mouse.up();
  await settled(page);
  await expect(recommended).toContainText('20×16×14');
  await saved(page);
  expect((await nestOf(page)).locks).toMatchObject({ box: '20x16x14-double' });
  await page.getByRole('button', { name: /^Unpin the one/ }).click();
  await settled(page);
  await expect(recommended).not.toContainText('20×16×14');

  await page.getByRole('combobox', { name: 'Leave out this time' }).click();
  await page
    .getByTitle('Air pillows 8×4')
    .or(page.getByTitle(/Air pillows/))
    .last()
    .click();
  await page.keyboard.press('Escape');
  await settled(page);
  await expect(recommended).not.toContainText('pillows');

  await page.getByRole('combobox', { name: 'House method for this parcel' }).click();
  await page.getByTitle('floated').click();
  await settled(page);
  await expect(recommended).toContainText('floated in');
  await expect(page.locator('.sub').first()).toContainText(/floated house/i);
  await saved(page);
});

test('pulling a wall takes another box and the gap follows; lifting the bundle moves the bedding; by mouse and by keys', async ({
  page,
  sell,
}) => {
  await sell('glass prism, 6 x 4 x 4, 5 lb, sold 70, to 40217', 'nest');
  const wall = page.locator('.nest-view[data-view=above] [data-pull=length]');
  const length = async () => parseFloat((await wall.getAttribute('aria-valuenow'))!);
  const start = await length();
  await wall.scrollIntoViewIfNeeded();
  const box = (await wall.boundingBox())!;
  await page.mouse.move(box.x + box.width / 2, box.y + box.height / 2);
  await page.mouse.down();
  await page.mouse.move(box.x + box.width / 2 + 60, box.y + box.height / 2, { steps: 8 });
  await expect(page.locator('.ghost text')).toContainText('gap');
  await page.mouse.up();
  await expect.poll(length).toBeGreaterThan(start);
  await saved(page);
  const pulled = await length();
  expect((await nestOf(page)).plan!.document.box.insideIn[0]).toBe(pulled);
  await wall.focus();
  await page.keyboard.press('ArrowLeft');
  await expect.poll(length).toBeLessThan(pulled);

  const lift = page.getByRole('slider', { name: 'Bedding below, front' });
  const below = async () => parseFloat((await lift.getAttribute('aria-valuenow'))!);
  const was = await below();
  await lift.focus();
  await page.keyboard.press('ArrowUp');
  await expect.poll(below).toBeGreaterThan(was);
  const held = (await lift.boundingBox())!;
  const lifted = await below();
  await page.mouse.move(held.x + held.width / 2, held.y + held.height / 2);
  await page.mouse.down();
  await page.mouse.move(held.x + held.width / 2, held.y + held.height / 2 + 18, { steps: 6 });
  await page.mouse.up();
  await expect.poll(below).toBeLessThan(lifted);
  await saved(page);
});

test('front and side, and peeled apart in space: fetched when asked for, turned by keys', async ({ page, open }) => {
  const fetched: string[] = [];
  page.on('request', (request) => fetched.push(request.url()));
  await open('Mantel orrery', 'nest');
  await settled(page);
  await page.getByText('front and side', { exact: true }).click();
  await expect(page.locator('.nest-view[data-view=side]')).toBeVisible();
  const before = fetched.filter((url) => url.endsWith('.js')).length;
  await page.getByText('peeled apart', { exact: true }).click();
  const peeled = page.getByRole('slider', { name: /The nest in space/ });
  await expect(peeled.locator('svg path').first()).toBeAttached();
  expect(fetched.filter((url) => url.endsWith('.js')).length).toBeGreaterThan(before);
  await expect(page.locator('.peeled-label').last()).toHaveText('14×14×20');
  const turned = await peeled.getAttribute('aria-valuenow');
  await peeled.focus();
  await page.keyboard.press('ArrowRight');
  await expect(peeled).not.toHaveAttribute('aria-valuenow', turned!);
  await expectAccessible(page);
});

test('the balance opens to a chart: dial, two plans side by side, one taken, and a tap to say why', async ({ page, sell }) => {
  await sell('barometer in its case, 10 x 9 x 5, 3 lb 14 oz, sold 150, to 28940', 'nest');
  await page.getByRole('button', { name: 'Open the chart' }).click();
  const dial = page.getByRole('slider', { name: 'Care' });
  await dial.focus();
  for (let i = 0; i < 3; i++) await page.keyboard.press('ArrowRight');
  const beside = page.locator('.beside');
  await expect(beside).toContainText('In hand');
  await expect(page.getByText(/At care \d+ a broken piece counts/)).toBeVisible();
  await expectAccessible(page);
  await page.getByRole('button', { name: 'More careful' }).click();
  await beside.getByRole('button', { name: 'Take this one' }).click();
  await saved(page);
  await settled(page);
  const why = page.getByRole('group', { name: 'Why not the recommended nest?' });
  await why.getByRole('button', { name: 'the buyer asked' }).click();
  await expect(why.getByRole('button', { name: 'the buyer asked' })).toHaveAttribute('aria-pressed', 'true');
  await page.getByRole('button', { name: 'Why not another way of packing it?' }).click();
  await expect(page.locator('.other-ways dd').first()).toContainText(/\$|no box|house/);
});

test('every line of the slip says where it comes from', async ({ page, open }) => {
  await open('Stoneware tea urn', 'nest');
  await settled(page);
  const slip = page.getByRole('complementary', { name: 'Slip' });
  for (const [name, says] of [
    [/^Postage/, 'Ambry Ground'],
    [/^Wrap/, 'n·girth + π·t·n²'],
    [/^Fill/, 'base'],
    [/min at/, 'an hour'],
    [/^Put by/, 'care'],
    [/^Chance that it breaks/, 'ISTA 1A'],
  ] as const) {
    await slip.getByRole('button', { name }).click();
    await expect(page.locator('.provenance').last()).toContainText(says);
    await page.keyboard.press('Escape');
    await slip.getByRole('heading').first().or(slip.locator('hr')).first().click({ force: true });
  }
});

test('guards go on from the nest sheet too, and the search follows', async ({ page, sell }) => {
  await sell('stoneware jug, 7 x 6 x 9, 3 lb, sold 60, to 40217', 'nest');
  await page.getByRole('combobox', { name: 'Guard of the handle on the right' }).click();
  await page.getByTitle('foam-tube collar').click();
  await saved(page);
  await expect(tile(page, 'Guards')).toContainText('handle, right: cover');
  await page.getByRole('link', { name: /Look over/ }).click();
  await expect(page.locator('.six-faces .pin.guarded')).toHaveCount(1);
});

test('a fill of its own under it, a cross under the lid, a slice out of its length, marks as the house has them: drawn, kept, told at the bench', async ({
  app,
  page,
  sell,
}) => {
  const id = await sell('stoneware bowl, 6 x 6 x 4, 3 lb, sold 60, shipping 14, to 40217', 'nest');
  await tile(page, 'Box').getByRole('combobox').click();
  await page.locator('.ant-select-item-option-content', { hasText: /^14×14×20/ }).click();
  await page.getByRole('button', { name: 'Place by place …' }).click();
  await page.getByRole('combobox', { name: 'Fill under it' }).click();
  await page.locator('.ant-select-item-option-content', { hasText: 'Large bubble, folded' }).last().click();
  await expect(page.locator('[data-view=front] [data-part=fill-base]')).toBeVisible();
  await page.getByRole('button', { name: /^cross of .* under the lid\?$/ }).click();
  await expect(page.locator('[data-view=front] [data-part=cross]')).toBeVisible();
  await page.getByRole('button', { name: /^shortened to .*\?$/ }).click();
  await expect(page.getByRole('button', { name: /^shortened to [^?]*$/ })).toHaveAttribute('aria-pressed', 'true');
  await saved(page);
  await expectAccessible(page);
  const { choice } = (await kept(page)).nest;
  expect(choice?.fillApart).toEqual({ base: 'foldedBubble' });
  expect(choice?.crossIn).toBeGreaterThan(3);
  expect(choice?.shortened?.side).toBe('length');

  await page.goto(`${app.address}/house`);
  await page.getByRole('button', { name: /^Marks and labels\?/ }).click();
  await page.getByRole('button', { name: 'fragile marks', exact: true }).click();
  await saved(page);
  const bench = await page.context().newPage();
  await bench.goto(`${app.address}/parcels/${id}/bench`);
  for (const step of ['Shorten the box', 'Stand the cross on the fill', 'Mark the box'])
    await expect(bench.getByText(step).first()).toBeVisible();
  await bench.close();
  // others pack without
  await page.getByRole('button', { name: 'Take the last change back' }).click();
  await expect(page.getByRole('button', { name: /^Marks and labels\?/ })).toContainText('not said yet');
  await saved(page);
});
