import type { Page } from '@playwright/test';
import { expect, saved, type App } from './bench.ts';

/** Weighs and rates the parcel that is open, and goes to Send. */
export async function rated(page: Page, app: App, id: string): Promise<void> {
  await page.goto(`${app.address}/parcels/${id}/weigh`);
  await page.getByLabel('Reading 1').fill('3 lb 9 oz');
  await page.getByLabel('Reading 1').press('Enter');
  await expect(page.getByRole('button', { name: 'Kept', exact: true })).toBeVisible();
  await saved(page);
  await page.goto(`${app.address}/parcels/${id}/rate`);
  await page
    .getByRole('button', { name: /^Choose/ })
    .first()
    .click();
  await expect(page.getByText('✓ Chosen')).toBeVisible();
  await saved(page);
  await page.goto(`${app.address}/parcels/${id}/send`);
}
/** Buys the label of the parcel that is open at Send. */
export const buy = async (page: Page) => {
  await page.getByRole('button', { name: /^Buy the label/ }).click();
  await page.getByRole('button', { name: 'Buy it', exact: true }).click();
};
