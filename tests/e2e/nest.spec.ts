import type { Page } from '@playwright/test';
import { expect, saved, settled, test } from './bench.ts';

/** A rectangle of a drawing, in inches by the drawing's own scale. */
async function inches(page: Page, view: 'above' | 'front', part: string) {
  return page
    .locator(`.nest-view[data-view=${view}] [data-part="${part}"]`)
    .first()
    .evaluate((rect) => {
      const k = Number(rect.closest('svg')!.getAttribute('data-scale'));
      const of = (name: string) => Number(rect.getAttribute(name) ?? 0) / k;
      return { x: of('x'), y: of('y'), w: of('width'), h: of('height') };
    });
}

test('what is wrong comes first, with its remedy; taking it mends the nest; undo brings it back', async ({ page, open, app }) => {
  await open('Salt-glazed puzzle jug', 'nest');
  const chance = await settled(page);
  const banner = page.locator('.banner.wrong');
  await expect(banner).toContainText('The handle would still be felt.');
  await expect(banner).toContainText('wanted 11/16 in');
  expect((await app.shelf()).find((tag) => tag.title.includes('puzzle jug') && tag.trouble)).toBeTruthy();
  await banner.getByRole('button', { name: 'Do that' }).click();
  await expect(banner).toHaveCount(0);
  await saved(page);
  expect(await settled(page)).not.toBe(chance);
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(banner).toContainText('would still be felt');
  expect(await settled(page)).toBe(chance);
  await page.reload();
  await expect(banner).toContainText('would still be felt');
  await expect(page.getByRole('button', { name: 'Redo' })).toBeEnabled();
});

test('the drawing is the plan: sizes to one scale, layers inside one another, gaps as said', async ({ page, open }) => {
  await open('Mantel orrery', 'nest');
  await settled(page);
  const built = await page.getByRole('group', { name: 'Box', exact: true }).locator('.detail').textContent();
  for (const view of ['above', 'front'] as const) {
    const inside = await inches(page, view, 'inside');
    const layers = await page.locator(`.nest-view[data-view=${view}] [data-part^=layer]`).count();
    expect(layers).toBeGreaterThan(0);
    let outer = inside;
    for (const part of await page
      .locator(`.nest-view[data-view=${view}] [data-part^=layer]`)
      .evaluateAll((rects) => rects.map((rect) => rect.getAttribute('data-part')!))) {
      const layer = await inches(page, view, part);
      expect(layer.x).toBeGreaterThanOrEqual(outer.x - 1e-6);
      expect(layer.x + layer.w).toBeLessThanOrEqual(outer.x + outer.w + 1e-6);
      expect(layer.y + layer.h).toBeLessThanOrEqual(outer.y + outer.h + 1e-6);
      outer = layer;
    }
    const said = await page.locator(`.nest-view[data-view=${view}] .dimension text`).first().textContent();
    expect(parseFloat(said!)).toBeCloseTo(inside.w, 1);
  }
  expect(built).toMatch(/built/);
});

test('a change by hand answers at once: the fill for another, the bedding a quarter inch', async ({ page, open }) => {
  await open('Stoneware tea urn', 'nest');
  await settled(page);
  const bedding = page.getByRole('group', { name: 'Bedding below' }).locator('.amount');
  const before = (await bedding.textContent())!;
  await page.getByRole('button', { name: 'More bedding below' }).click();
  await expect(bedding).not.toHaveText(before);
  await expect(page.locator('.glow')).toBeVisible();
  await page.getByLabel('Fill', { exact: true }).last().click();
  await page.getByTitle('Crumpled paper, tight').click();
  await expect(page.getByRole('group', { name: 'Fill' }).locator('.detail')).toContainText('sheets');
  await saved(page);
  await page.reload();
  await expect(page.getByRole('group', { name: 'Fill' }).locator('.detail')).toContainText('sheets');
});

test('a size too large for any carrier has a nest at a price by hand, and says what each of them lacks', async ({ page, open }) => {
  await open('globe on a stand', 'nest');
  const banner = page.locator('.banner', { hasText: 'price is agreed by hand' });
  await expect(banner).toContainText('Nearest');
  await banner.getByText('What each service lacks').click();
  await expect(banner.getByRole('listitem').first()).toContainText('length and girth');
  await expect(banner).not.toContainText('certified');
  await expect(page.locator('.nest-drawing').first()).toBeVisible();
});

test('a nest changed and left at once is kept all the same', async ({ page, open }) => {
  await open('Pressed-fern picture', 'nest');
  await settled(page);
  const amount = page.getByRole('group', { name: 'Bedding below' }).locator('.amount');
  const before = (await amount.textContent())!;
  await page.getByRole('button', { name: 'More bedding below' }).click();
  await page.getByRole('link', { name: /Sale/ }).first().click();
  await page.waitForURL(/sale/);
  await open('Pressed-fern picture', 'nest');
  await expect(amount).toBeVisible();
  await expect(amount).not.toHaveText(before);
});

test('cover and signature are asked for where it is rated, and have lines of their own', async ({ page, sell }) => {
  await sell('brass orrery, 8 x 7 x 9, 3 lb 2 oz, sold 240, shipping 22, to 30115', 'rate');
  const lines = page.locator('.service:not(.refused)').filter({ hasText: 'Ground' }).first().locator('.lines dt');
  const cover = page.getByRole('radiogroup', { name: 'Cover' });
  const signature = page.getByRole('radiogroup', { name: 'Signature' });
  await cover.getByText(/^included/).click();
  await expect(lines.filter({ hasText: 'cover' })).toHaveCount(0);
  await expect(page.getByText('Dear for its cover: worth $240.00')).toBeVisible();
  await cover.getByText(/^in full/).click();
  await expect(lines.filter({ hasText: 'cover' })).toHaveCount(1);
  await signature.getByText('add it').click();
  await expect(lines.filter({ hasText: 'signature' })).toHaveCount(1);
  await saved(page);
  await page.reload();
  await expect(lines.filter({ hasText: 'signature' })).toHaveCount(1);
  await signature.getByText('ask the buyer').click();
  await expect(page.locator('.buyer-sentence')).toContainText('signed for');
  await expect(lines.filter({ hasText: 'signature' })).toHaveCount(0);
  await saved(page);
});

test('every service of every card answers; those too late for the promise are marked; what is left is said', async ({ page, sell }) => {
  await sell('stoneware bowl, 5 x 5 x 4, 2 lb, sold 60, shipping 14, to 40217', 'sale');
  await page.getByLabel('Promised there by').fill('today');
  await saved(page);
  await page.getByRole('link', { name: /Rate/ }).click();
  await settled(page);
  await expect(page.locator('.service')).toHaveCount(11);
  await expect(page.locator('.service.refused').first()).toContainText('✗');
  const offered = page.locator('.service:not(.refused)');
  await expect(offered.first()).toContainText(/there \w+/);
  await expect(offered.first()).toContainText('kept from the sale');
  await expect(offered.filter({ hasText: 'after the day that was promised' }).first()).toBeVisible();
  const prices = await offered.locator('.price').allTextContents();
  const minor = prices.map((text) => parseFloat(text.replace(/[^\d.]/g, '')));
  expect([...minor].sort((a, b) => a - b)).toEqual(minor);
});

test('when what a kept nest was reckoned from moves, the sheet says so and offers both', async ({ page, open }) => {
  await open('Pressed-fern picture', 'look-over');
  await settled(page);
  await page.getByLabel('Weight', { exact: true }).fill('4 lb 1 oz');
  await saved(page);
  await page.getByRole('link', { name: /Wrap/ }).click();
  const moved = page.locator('.banner.mind').filter({ hasText: 'Figures have moved' });
  await expect(moved).toContainText('then');
  await moved.getByRole('button', { name: 'Keep this nest' }).click();
  await expect(moved).toHaveCount(0);
  await saved(page);
  await page.reload();
  await settled(page);
  await expect(moved).toHaveCount(0);
});

test('stale answers are never shown: of many quick changes the last one stands', async ({ page, open }) => {
  await open('Aneroid barometer', 'look-over');
  await settled(page);
  const weight = page.getByLabel('Weight', { exact: true });
  for (const typed of ['4 lb', '5 lb', '6 lb', '7 lb', '8 lb']) await weight.fill(typed);
  await expect(page.getByRole('link', { name: /Look over/ })).toContainText('8 lb');
  await settled(page);
  await expect(page.getByRole('link', { name: /Look over/ })).toContainText('8 lb');
  await saved(page);
});
