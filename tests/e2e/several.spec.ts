import type { Page } from '@playwright/test';
import { membersOf } from '@inch-nest/core';
import { heldIn } from '@inch-nest/contracts';
import { expect, expectAccessible, kept, saved, settled, test } from './bench.ts';

const LINE =
  'binnacle lamp, 6 x 6 x 10 in, 4 lb, sold 120, to 40217, for QQ–SX + lamp glass, 4 x 4 x 7 in, 8 oz, sold 30 + oak stand, 10 x 7 x 3 in, 2 lb, sold 40';
const titles = async (page: Page) => heldIn(await kept(page)).map(({ piece }) => piece.title.value);

test('three pieces on one line: looked over each, one more put in, taken out, and back', async ({ app, page }) => {
  test.setTimeout(120_000);
  await page.goto(`${app.address}/new`);
  await page.keyboard.type(LINE);
  await expect(page.locator('.readings').getByText('piece: oak stand')).toBeVisible();
  await page.keyboard.press('Enter');
  await page.waitForURL(/look-over/);
  await expect(page.getByRole('heading', { level: 1 })).toHaveText('binnacle lamp, lamp glass and oak stand');
  await settled(page);
  expect((await kept(page)).sale.soldMinor.value).toBe(19_000);
  await expectAccessible(page);

  // what is typed is kept of the piece in hand
  await page.getByRole('tab', { name: /lamp glass/ }).click();
  await page.getByLabel('Weight', { exact: true }).fill('9 oz');
  await expect.poll(async () => (await kept(page)).others[0]!.piece.weight.value).toBeCloseTo(9 / 16, 9);
  expect((await kept(page)).piece.weight.value).toBe(4);
  await page.getByRole('combobox', { name: 'Comes off' }).click();
  await page.locator('.ant-select-item-option', { hasText: 'A binnacle lamp' }).click();
  await expect.poll(async () => (await kept(page)).others[0]!.piece.partOf.value?.pieceId).toBe((await kept(page)).pieceId);

  // into another, so far out of it, and taken out again
  await page.getByRole('combobox', { name: 'Goes into' }).click();
  await page
    .locator('.ant-select-item-option', { hasText: /^A binnacle lamp/ })
    .last()
    .click();
  await page.getByLabel('How far it stands out').fill('1 1/2');
  await page.keyboard.press('Enter');
  const within = async () => (await kept(page)).others[0]!.piece.within.value;
  await expect.poll(within).toEqual({ pieceId: (await kept(page)).pieceId, standsOutIn: 1.5 });
  for (const _ of [1, 2]) await page.getByRole('button', { name: 'Undo' }).click();
  await expect.poll(within).toBeNull();

  // one more, by keyboard; a line without a name is one sentence
  await page.getByRole('button', { name: 'One more piece' }).click();
  await page.keyboard.type('9 x 9 x 9');
  await page.keyboard.press('Enter');
  await expect(page.getByText(/name the piece first/)).toBeVisible();
  await page.getByRole('textbox', { name: 'One more piece' }).fill('brass key, 3 x 1 x 1/2 in, 2 oz');
  await page.keyboard.press('Enter');
  await expect.poll(() => titles(page)).toEqual(['binnacle lamp', 'lamp glass', 'oak stand', 'brass key']);
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect.poll(() => titles(page)).toEqual(['binnacle lamp', 'lamp glass', 'oak stand']);

  // aside, and back
  await page.getByRole('tab', { name: /oak stand/ }).click();
  await page.getByRole('button', { name: 'Take oak stand out' }).click();
  await page.getByRole('menuitem', { name: /aside/ }).click();
  await expect.poll(() => titles(page)).toEqual(['binnacle lamp', 'lamp glass']);
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect.poll(() => titles(page)).toEqual(['binnacle lamp', 'lamp glass', 'oak stand']);
});

test('a decanter is asked after its stopper, which comes off as a piece of its own and is taken off first at the bench', async ({
  page,
  sell,
}) => {
  await sell('cut glass decanter, 5 x 5 x 10 in, 2 lb 8 oz, sold 45, to 40217', 'look-over', false);
  const asks = page.getByRole('group', { name: 'Its stopper' });
  await asks.getByRole('button', { name: 'It comes off' }).click();
  const line = page.getByLabel('One more piece');
  await expect(line).toHaveValue('stopper, ');
  await line.press('End');
  await line.pressSequentially('2 x 2 x 3 in, 6 oz');
  await line.press('Enter');
  await expect(page.getByRole('tab', { name: /stopper/ })).toBeVisible();
  const [decanter, stopper] = heldIn(await kept(page));
  expect([stopper!.piece.archetype.value, stopper!.piece.partOf.value?.pieceId]).toEqual([
    decanter!.piece.archetype.value,
    decanter!.pieceId,
  ]);
  // the decanter is measured without it, and nobody asks again
  await page.getByRole('tab', { name: /decanter/ }).click();
  await expect(page.getByLabel('Size without stopper')).toHaveValue('5 x 5 x 10 in');
  await expect(asks).toBeHidden();
  await expectAccessible(page);
  await page.goto(page.url().replace(/look-over$/, 'nest'));
  await settled(page);
  await page.getByRole('button', { name: /Recommended/ }).click();
  await saved(page);
  await page.goto(page.url().replace(/nest$/, 'bench'));
  await expect(page.getByRole('heading', { name: 'Take off: stopper' })).toBeVisible();
});

test('drawn and changed each by itself, stood otherwise, and sent in two boxes in one step; one undo joins them', async ({
  app,
  page,
  sell,
}) => {
  test.setTimeout(180_000);
  const id = await sell(LINE.replaceAll('QQ–SX', 'QR–SX'), 'nest');
  const above = page.locator('[data-view=above]');
  await expect(above.locator('[data-bundle]')).toHaveCount(3);
  await expectAccessible(page);
  await expect(page.getByRole('complementary', { name: 'Slip' }).getByText(/decides it/)).toHaveText(/^[ABC], .* decides it/);

  // a turn more of the one in hand leaves the others alone
  const before = (await kept(page)).nest.choice!;
  await page.getByRole('tab', { name: /oak stand/ }).click();
  await page
    .getByRole('button', { name: /^More turns of/ })
    .first()
    .click();
  await expect.poll(async () => (await kept(page)).nest.choice!.others![1]!.layers).not.toEqual(before.others![1]!.layers);
  const after = (await kept(page)).nest.choice!;
  expect([after.layers, after.others![0]]).toEqual([before.layers, before.others![0]]);
  await saved(page);

  // two change places
  await page.getByRole('combobox', { name: 'Two change places' }).focus();
  await page.keyboard.press('Enter');
  await page.keyboard.press('ArrowDown');
  await page.keyboard.press('Enter');
  await expect.poll(async () => (await kept(page)).nest.choice!.stand).not.toEqual(before.stand);
  await saved(page);

  // one is dragged to the side of another, and one undo has it stand as it did
  const swappedStand = (await kept(page)).nest.choice!.stand;
  const front = page.locator('[data-view=front]');
  await front.scrollIntoViewIfNeeded();
  const [one, other] = [await front.locator('[data-move=A]').boundingBox(), await front.locator('[data-move=C]').boundingBox()];
  await page.mouse.move(one!.x + one!.width / 2, one!.y + one!.height / 2);
  await page.mouse.down();
  await page.mouse.move(other!.x + 5, other!.y + other!.height / 2, { steps: 6 });
  await expect(front.locator('.move-edge')).toHaveCount(1);
  await page.mouse.up();
  await expect.poll(async () => (await kept(page)).nest.choice!.stand).not.toEqual(swappedStand);
  expect(membersOf((await kept(page)).nest.choice!.stand!).sort()).toEqual([0, 1, 2]);
  await saved(page);
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect.poll(async () => (await kept(page)).nest.choice!.stand).toEqual(swappedStand);
  await saved(page);

  await page.getByRole('button', { name: 'Compare', exact: true }).click();
  const ways = page.locator('.boxed-way');
  // in one box, in two by the three ways there are, and each by itself
  await expect(ways).toHaveCount(5);
  await expect(ways.getByRole('button', { name: 'Send in three boxes: A, B and C' })).toBeVisible();
  await ways
    .getByRole('button', { name: /^Send in two boxes/ })
    .first()
    .click();
  await expect.poll(async () => (await kept(page)).set.length).toBe(2);
  const view = await kept(page);
  const sibling = view.set.find((one) => one.id !== id)!;
  expect(view.share!.soldMinor).toBeLessThan(19_000);
  expect((await app.shelf()).find((tag) => tag.id === sibling.id)).toMatchObject({ title: sibling.title, state: 'draft' });
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect.poll(() => titles(page)).toHaveLength(3);
  expect((await kept(page)).share).toBeNull();
  expect((await app.shelf()).some((tag) => tag.id === sibling.id)).toBe(false);
});

test('two of three are wrapped together, the glass among them has a box of its own, and two share one: by keys, drawn, and stepped at the bench', async ({
  page,
  sell,
}) => {
  test.setTimeout(120_000);
  await sell(LINE.replaceAll('QQ–SX', 'QT–SX'), 'nest');
  const ring = page.locator('[data-view=above] [data-part=around]');
  await expect(ring).toHaveCount(0);
  await page.getByRole('combobox', { name: 'Wrapped together' }).focus();
  await page.keyboard.press('Enter');
  await page.keyboard.press('ArrowDown');
  await page.keyboard.press('Enter');
  await expect(ring).toHaveCount(1);
  await page.getByRole('group', { name: 'Which are wrapped together' }).getByRole('checkbox', { name: 'C', exact: true }).focus();
  await page.keyboard.press('Space');
  await expect.poll(async () => (await kept(page)).nest.choice!.around?.of).toEqual([0, 1]);
  await expect(ring).toHaveCount(1);
  await page.getByRole('tab', { name: /lamp glass/ }).click();
  const own = page.locator('[data-view=above] [data-part=own-box]');
  await expect(own).toHaveCount(0);
  await page.getByRole('combobox', { name: 'A box of its own' }).focus();
  await page.keyboard.press('Enter');
  await page.keyboard.press('ArrowDown');
  await page.keyboard.press('Enter');
  await expect(own).toHaveCount(1);
  await expect.poll(async () => (await kept(page)).nest.choice!.others![0]!.boxed).toBeTruthy();
  expect((await kept(page)).nest.choice!.boxed ?? null).toBeNull();
  await expectAccessible(page);
  await saved(page);
  await page.getByRole('link', { name: /Bench/ }).first().click();
  const steps = page.getByRole('list', { name: 'All steps' });
  await expect(steps.getByText('B, form its box')).toHaveCount(1);
  await expect(steps.getByText('Test: B, own box shake')).toHaveCount(1);
  await expect(steps.getByText('Wrap A and B together')).toHaveCount(1);
  await expect(steps.getByText(/^Put .+ in$/)).toHaveCount(2);

  // a box that two share takes the place of the wrap round two
  await page.getByRole('link', { name: /Box/ }).first().click();
  const theirs = page.locator('[data-view=above] [data-part=shared-box]');
  await expect(theirs).toHaveCount(0);
  await page.getByRole('combobox', { name: 'Box or core for some' }).focus();
  await page.keyboard.press('Enter');
  await page.keyboard.press('ArrowDown');
  await page.keyboard.press('Enter');
  await expect(theirs).toHaveCount(1);
  await expect(ring).toHaveCount(0);
  await expect.poll(async () => (await kept(page)).nest.choice!.shared?.of).toHaveLength(2);
  await saved(page);
  await page.getByRole('link', { name: /Bench/ }).first().click();
  await expect(steps.getByText('Test: shared box shake')).toHaveCount(1);
  await steps.getByText(/^Put the box of . and . in$/).click();
  const card = page.getByRole('region', { name: 'The step in hand' });
  await expect(card.getByRole('heading', { name: /^Put the box of/ })).toBeInViewport();
  await expect(card.locator('[data-part=shared-box]')).toHaveCount(1);
});

test('at the bench on a tablet: A, B and C one after the other, each passing its own tests, put in in turn, sealed', async ({
  page,
  sell,
}) => {
  test.setTimeout(180_000);
  await page.setViewportSize({ width: 820, height: 1180 });
  await sell(LINE.replaceAll('QQ–SX', 'QS–SX'), 'bench');
  const steps = page.getByRole('list', { name: 'All steps' });
  for (const letter of ['A', 'B', 'C']) await expect(steps.getByText(new RegExp(`^(Test: )?${letter}, feel`))).toHaveCount(1);
  await expect(steps.getByText(/^Put [ABC] in$/)).toHaveCount(3);
  await page.getByRole('button', { name: 'Calm' }).click();
  const card = page.getByRole('region', { name: 'The step in hand' });
  for (let i = 0; i < 60 && (await card.count()) > 0; i++) {
    const heading = card.getByRole('heading', { level: 2 });
    const title = await heading.textContent();
    if (title === 'Papers inside')
      for (const box of await card.getByRole('checkbox').all()) {
        await box.click();
        await expect(box).toBeChecked();
      }
    // a press in a step's first moments counts for nothing: it is pressed again while it still stands there
    await expect(async () => {
      const key = card.getByRole('button', { name: /^(Done|It passes|Leave it as reckoned)$/ });
      if ((await heading.textContent()) === title) await key.last().click();
      await expect(heading.filter({ hasText: title! })).toHaveCount(0, { timeout: 3000 });
    }).toPass({ timeout: 60_000 });
  }
  await saved(page);
  await page.getByRole('button', { name: 'Seal it' }).click();
  await expect.poll(async () => (await kept(page)).life.sealed).toBe(true);
  const { life } = await kept(page);
  expect(Object.keys(life.bundles)).toHaveLength(3);
  for (const { tests } of Object.values(life.bundles)) expect(tests.feel).toBe('passed');
});
