import type { Page } from '@playwright/test';
import { expect, saved, told, type App } from './bench.ts';

/** Weighs and rates a parcel, and goes to Send. */
export async function rated(page: Page, app: App, id: string): Promise<void> {
  await told(app, id, { kind: 'weighed', readingsLb: [3 + 9 / 16], outsideIn: null });
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
