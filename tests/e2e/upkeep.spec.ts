import { readFileSync } from 'node:fs';
import { unzipSync, strFromU8 } from 'fflate';
import type { Download, Locator, Page } from '@playwright/test';
import type { AuditPage, AuditWhat } from '@inch-nest/contracts';
import { expect, test } from './bench.ts';

/** Parts of a ZIP that was taken away, by their names. */
const partsOf = (path: string) => Object.fromEntries(Object.entries(unzipSync(readFileSync(path))).map(([name, part]) => [name, part]));

/** What a press takes away. */
const takenBy = async (page: Page, button: Locator): Promise<Download> => {
  const taken = page.waitForEvent('download');
  await button.click();
  return taken;
};

/** What is written down of one kind, the latest first. */
const audit = async (address: string, of: AuditWhat['of']): Promise<AuditWhat[]> =>
  ((await (await fetch(`${address}/api/audit?of=${of}`)).json()) as AuditPage).lines.map(({ what }) => what);

test('a backup is made by a press, read through, and taken away whole', async ({ app, page, sell }) => {
  await sell('brass ship’s bell for a backup, 8 x 8 x 9 in, 9 lb, sold 120, to 40217, by Friday', 'sale', false);
  await page.goto(`${app.address}/upkeep`);
  await page.getByRole('button', { name: 'Back up now' }).click();
  // all of it is written and read through again: on a slow machine that takes its time
  await expect(page.getByText(/Made and read back: [\d,]+ rows/)).toBeVisible({ timeout: 90_000 });
  const row = page.getByRole('row', { name: /by hand, stays/ }).first();
  await row.getByRole('button', { name: /^Check/ }).click();
  await expect(page.getByText('Read through: all of it is as it was written.')).toBeVisible();
  const taken = await takenBy(page, row.getByText('Take it away'));
  expect(taken.suggestedFilename()).toMatch(/^inch-nest-\d{8}-\d{6}-by-hand\.zip$/);
  const parts = partsOf(await taken.path());
  expect(strFromU8(parts['tables/piece.jsonl']!)).toContain('bell for a backup');
  // both are written down, with whoever did it
  const written = await audit(app.address, 'access');
  expect(written).toEqual(expect.arrayContaining([expect.objectContaining({ act: 'backupMade' })]));
  expect(written).toContainEqual(expect.objectContaining({ act: 'takenAway', about: taken.suggestedFilename() }));
  const { tables } = JSON.parse(strFromU8(parts['manifest.json']!)) as { tables: { name: string; rows: number }[] };
  expect(strFromU8(parts['tables/parcel.jsonl']!).trim().split('\n')).toHaveLength(tables.find(({ name }) => name === 'parcel')!.rows);
});

test('the shop goes along as open files; its link passes, and names no other file', async ({ app, page, request }) => {
  await page.goto(`${app.address}/upkeep`);
  const taken = await takenBy(page, page.getByText('As open files'));
  expect(taken.suggestedFilename()).toMatch(/^shop-\d{4}-\d\d-\d\d\.zip$/);
  const parts = partsOf(await taken.path());
  expect(strFromU8(parts['lists/parcel.csv']!).split('\n')[0]).toContain('code');
  expect(Object.keys(parts)).toContain('lists/columns.csv');
  for (const of of ['shop', '../../password', 'inch-nest-20261123-020000.zip'])
    expect((await request.get(`${app.address}/api/upkeep/files?of=${encodeURIComponent(of)}`)).status()).toBe(403);
  const asked = await request.post(`${app.address}/api/upkeep/files`, {
    headers: { origin: app.address },
    form: { personId: crypto.randomUUID(), of: '../../password' },
  });
  expect(asked.status()).toBe(404);
});
