import { randomUUID } from 'node:crypto';
import type { Locator, Page } from '@playwright/test';
import type { ShopView } from '@inch-nest/contracts';
import sharp from 'sharp';
import { expect, kept, test, type App } from './bench.ts';

/** Keeps one rule of the house, as its page would. */
async function rule(page: Page, app: App, name: string, value: boolean): Promise<void> {
  const shop = (await (await page.request.get(`${app.address}/api/shop`)).json()) as ShopView;
  const done = await page.request.patch(`${app.address}/api/shop/kept`, {
    headers: { origin: app.address },
    data: { personId: shop.people[0]!.id, changes: [{ id: randomUUID(), path: `house/${name}`, value, basedOn: shop.revision }] },
  });
  expect(await done.json()).toMatchObject({ verdicts: [{ kind: 'kept' }] });
}

const card = (page: Page) => page.getByRole('region', { name: 'The step in hand' });
const title = (page: Page) => card(page).getByRole('heading', { level: 2 });

/** Goes on by touch until something is seen; a press in a step's first moments counts for nothing, so it is pressed again. */
async function onward(page: Page, seen: Locator): Promise<void> {
  for (let left = 25; left > 0 && !(await seen.isVisible()); left--) {
    const now = (await title(page).textContent())!;
    const acts = ['Leave it as reckoned', 'It passes', 'Done'].map((name) => page.getByRole('button', { name, exact: true }));
    await expect(async () => {
      for (const act of acts)
        if ((await title(page).textContent()) === now && (await act.isVisible())) {
          await act.click();
          break;
        }
      await expect(title(page)).not.toHaveText(now, { timeout: 2000 });
    }).toPass({ timeout: 60_000 });
  }
  await expect(seen).toBeVisible();
}

test('a house that waits for pictures: Done asks for one, goes on with it, and without it when that is said', async ({
  app,
  page,
  sell,
}) => {
  await rule(page, app, 'photographsHold', true);
  try {
    await sell('stoneware crock for its pictures, 8 x 8 x 9 in, 5 lb, sold 84, to 40217, by Friday', 'bench');
    const done = page.getByRole('button', { name: 'Done', exact: true });
    const first = page.getByText('Its picture first: the next step hides it.');
    const wanted = page.getByText('wanted: the next step hides it');
    const press = () =>
      expect(async () => {
        await done.click();
        await expect(first).toBeVisible({ timeout: 1500 });
      }).toPass({ timeout: 60_000 });
    // steps that nothing hides go on at once
    await onward(page, wanted);
    const held = (await title(page).textContent())!;
    await press();
    await expect(title(page)).toHaveText(held);
    const buffer = await sharp({ create: { width: 60, height: 40, channels: 3, background: '#557' } })
      .jpeg()
      .toBuffer();
    await card(page)
      .getByLabel(/^Photograph of/)
      .first()
      .setInputFiles({ name: 'layer.jpg', mimeType: 'image/jpeg', buffer });
    await expect(page.getByText('✓ 1 taken')).toBeVisible();
    await expect(first).toBeHidden();
    await done.click();
    await expect(title(page)).not.toHaveText(held);
    // the next that wants one, without: a camera may be flat
    await onward(page, wanted);
    const next = (await title(page).textContent())!;
    await press();
    await page.getByRole('button', { name: 'Go on without it' }).click();
    await expect(title(page)).not.toHaveText(next);
    // what was done is sent when the outbox comes to it
    await expect.poll(async () => (await kept(page)).life.steps.length).toBeGreaterThanOrEqual(2);
    await expect.poll(async () => (await kept(page)).photos.filter(({ of }) => of === 'packing').length).toBe(1);
  } finally {
    await rule(page, app, 'photographsHold', false);
  }
});
