import { join } from 'node:path';
import AxeBuilder from '@axe-core/playwright';
import { expect, test as plain, type Page } from '@playwright/test';
import type { ShelfTag } from '@inch-nest/contracts';
import { createThrowAwayApp } from '../../scripts/lib/throwAwayApp.mjs';

const root = join(import.meta.dirname, '../..');

/** The application on a throw-away cluster with the demo in it; database and application can be restarted. */
export interface App {
  address: string;
  stop(): Promise<void>;
  start(): Promise<void>;
  shelf(): Promise<ShelfTag[]>;
}

export const test = plain.extend<{ open: (title: string, station: string) => Promise<string> }, { app: App }>({
  app: [
    async ({}, use) => {
      const app = await createThrowAwayApp(root);
      await use(app);
      await app.close();
    },
    { scope: 'worker', timeout: 120_000 },
  ],
  /** Opens a demo parcel at a station; returns its address. */
  open: async ({ app, page }, use) => {
    await use(async (title, station) => {
      const tag = (await app.shelf()).find((one) => one.title.includes(title));
      if (!tag) throw new Error(`no ${title} on the shelf`);
      const address = `${app.address}/parcels/${tag.id}/${station}`;
      await page.goto(address);
      return address;
    });
  },
});

export { expect };

/** No violation of WCAG 2.2 AA on the page as it stands. */
export async function expectAccessible(page: Page): Promise<void> {
  const { violations } = await new AxeBuilder({ page }).withTags(['wcag2a', 'wcag2aa', 'wcag21a', 'wcag21aa', 'wcag22aa']).analyze();
  expect(violations.map(({ id, nodes }) => `${id}: ${nodes.map((node) => node.target.join(' ')).join(', ')}`)).toEqual([]);
}

/** Waits until everything typed is in the database. */
export const saved = (page: Page): Promise<void> =>
  expect(page.getByRole('status').filter({ hasText: 'saved' }).first()).toHaveText('✓ saved');

/** The chance on the slip, once the search has settled. */
export async function settled(page: Page): Promise<string> {
  await expect(page.getByRole('complementary', { name: 'Slip' })).toHaveAttribute('aria-busy', 'false', { timeout: 20_000 });
  return (await page.locator('.chance').textContent()) ?? '';
}
