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

test('a size too large for any box says so, nearest miss first', async ({ page, open }) => {
  await open('globe on a stand', 'nest');
  await expect(page.locator('.banner.wrong')).toContainText('No nest', { timeout: 20_000 });
  await expect(page.locator('.banner.wrong')).toContainText('too little');
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

test('cover and signature are asked for where it is rated, and have lines of their own', async ({ page, open }) => {
  await open('Mantel orrery', 'rate');
  await settled(page);
  const first = page.locator('.service').first();
  const cover = page.getByRole('switch', { name: 'Cover it in full' });
  const lines = first.locator('.lines dt');
  await expect(first).toBeVisible();
  const had = (await cover.getAttribute('aria-checked')) === 'true';
  await expect(lines.filter({ hasText: 'cover' })).toHaveCount(had ? 1 : 0);
  await cover.click();
  await expect(lines.filter({ hasText: 'cover' })).toHaveCount(had ? 0 : 1);
  await page.getByRole('switch', { name: 'Signature' }).click();
  await expect(lines.filter({ hasText: 'signature' })).toHaveCount(1);
  await saved(page);
  await page.reload();
  await expect(lines.filter({ hasText: 'signature' })).toHaveCount(1);
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
