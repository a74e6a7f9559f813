import { execFileSync } from 'node:child_process';
import type { Page } from '@playwright/test';
import type { ShopView } from '@inch-nest/contracts';
import { expect, printed, saved, settled, test } from './bench.ts';

// A metric person walks through every view and every paper, and meets no pounds, inches or cubic feet but the carrier's
// own steps, which have hers beside them.

/** A figure with a unit that is not hers. A carrier's step may stand with hers after it; “1 in 240” is a chance. */
const NOT_HERS = /(?<![\w.,])\d[\d.,/ ]*\s?(?:lbs?|oz|ft|ft²|ft³|in³|in²|psi|in(?! \d| all\b| full\b))(?![\w³²])(?!\s?\()/g;
const strange = (text: string): string[] =>
  [...text.replace(/\s+/g, ' ').matchAll(NOT_HERS)].map(
    ({ 0: found, index }) => `${found} … ${text.replace(/\s+/g, ' ').slice(Math.max(0, index - 50), index + 40)}`,
  );

const words = async (page: Page): Promise<string> => {
  const body = await page.locator('body').innerText();
  const labels = await page
    .locator('[aria-label], [placeholder], [title]')
    .evaluateAll((all) =>
      all.map((one) => [one.getAttribute('aria-label'), one.getAttribute('placeholder'), one.getAttribute('title')].join(' ')).join(' \n '),
    );
  const values = await page.locator('input').evaluateAll((all) => all.map((one) => (one as HTMLInputElement).value).join(' \n '));
  return `${body}\n${labels}\n${values}`;
};

test.beforeEach(async ({ app, page }) => {
  const shop = (await (await fetch(`${app.address}/api/shop`)).json()) as ShopView;
  await page.context().addCookies([{ name: 'person', value: shop.people[1]!.id, url: app.address }]);
  const tam = {
    personId: shop.people[1]!.id,
    changes: [{ id: crypto.randomUUID(), path: `people/${shop.people[1]!.id}/system`, value: 'metric', basedOn: shop.revision }],
  };
  const kept = await page.request.patch(`${app.address}/api/shop/kept`, { headers: { origin: app.address }, data: tam });
  expect(kept.ok()).toBe(true);
});

test('units are chosen where they are shown, each person’s own, and stay', async ({ page, open }) => {
  await open('Salt-glazed puzzle jug', 'nest');
  await settled(page);
  const units = page.getByLabel('Units');
  await expect(page.getByRole('contentinfo')).toContainText('cm and kg');
  await units.click();
  await page.getByTitle('inches and pounds').click();
  await expect(page.getByRole('link', { name: /^Look over/ })).toContainText(/lb|oz/);
  await saved(page);
  await page.reload();
  await expect(page.getByRole('link', { name: /^Look over/ })).toContainText(/lb|oz/);
});

test('every station of a parcel speaks metric', async ({ page, open }) => {
  test.setTimeout(180_000);
  for (const [title, stations] of [
    ['Salt-glazed puzzle jug', ['nest', 'bench', 'look-over', 'rate']],
    ['Brass signal lamp', ['weigh', 'rate', 'send', 'sale']],
  ] as const)
    for (const station of stations) {
      await open(title, station);
      await settled(page);
      // what was typed stays as it was typed
      const typed = await page
        .locator('input')
        .evaluateAll((all) => all.map((one) => (one as HTMLInputElement).value).filter((text) => / in$|lb|oz/.test(text)));
      const found = strange(
        (await words(page))
          .split('\n')
          .filter((line) => !typed.includes(line.trim()))
          .join('\n'),
      ).filter((one) => !typed.some((text) => text.includes(one.split(' … ')[0]!)));
      expect(found, `${title}, ${station}`).toEqual([]);
    }
});

test('what lies beside the way speaks metric', async ({ app, page }) => {
  test.setTimeout(120_000);
  for (const path of ['/day', '/stock', '/house', '/pickups', '/past']) {
    await page.goto(`${app.address}${path}`);
    await page.waitForLoadState('networkidle').catch(() => undefined);
    expect(strange(await words(page)), path).toEqual([]);
  }
  await page.goto(`${app.address}/stock`);
  for (const sheet of ['Wraps', 'Fills', 'Tapes, board', 'Guards']) {
    await page.getByText(sheet, { exact: true }).first().click();
    expect(strange(await words(page)), sheet).toEqual([]);
  }
});

test('every paper speaks metric to whoever prints it', async ({ app, page, open }) => {
  await open('Storm glass', 'send');
  const id = /parcels\/([\w-]+)/.exec(page.url())![1]!;
  for (const path of ['tag', 'bench', 'record', 'slip,opening,label', '/api/day/sheet']) {
    const paper = path.startsWith('/') ? await page.request.get(app.address + path) : await printed(page, app, id, path);
    expect(paper.ok(), path).toBe(true);
    const text = execFileSync('pdftotext', ['-layout', '-', '-'], { input: await paper.body(), encoding: 'utf8' });
    expect(strange(text), path).toEqual([]);
    expect(text.length).toBeGreaterThan(40);
  }
});
