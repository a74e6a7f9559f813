import { readFile } from 'node:fs/promises';
import type { RateCard } from '@inch-nest/core';
import { expect, expectAccessible, expectRoomFor, saved, settled, test } from './bench.ts';

test('house rules: a school taken moves every plan and can be taken back; a changed figure is marked and goes back', async ({
  app,
  page,
  sell,
}) => {
  const bowl = await sell('porcelain bowl, 4 x 4 x 3, 1 lb, sold 40, to 40217', 'nest', false);
  const back = async () => {
    await page.goto(`${app.address}/parcels/${bowl}/nest`);
    await settled(page);
  };
  await page.goto(`${app.address}/house`);
  await expectAccessible(page);
  const sets = page.getByRole('region', { name: 'Ready sets' });
  await expect(sets.getByRole('button', { name: /Floated/ })).toContainText('in all');
  await sets.getByRole('button', { name: /Floated/ }).click();
  await saved(page);
  await expect(sets.getByRole('button', { name: /Floated/ })).toHaveAttribute('aria-pressed', 'true');
  await back();
  await expect(page.getByRole('button', { name: /Recommended/ })).toContainText('floated in');

  await page.goto(`${app.address}/house`);
  await sets.getByRole('button', { name: /Bedded/ }).click();
  await saved(page);
  await back();
  const weighedUp = page.locator('.three').getByText(/nests weighed up/);
  /** What was weighed up, once the search is through. */
  const whole = async () => {
    await expect(weighedUp).not.toContainText('so far');
    return weighedUp.textContent();
  };
  const before = await whole();
  await page.goto(`${app.address}/house`);
  await page.getByRole('button', { name: /What fills the voids/ }).click();
  await expect(page.getByRole('group', { name: 'What fills the voids?' })).toContainText('·');

  const care = page.getByLabel(/^Care: how many times/);
  await care.fill('3');
  await care.press('Enter');
  await expect(page.getByText('● changed; default 2', { exact: false })).toBeVisible();
  await saved(page);
  await care.fill('999');
  await care.press('Enter');
  await expect(page.locator('.figures .wrong')).toContainText('20');
  await care.press('Escape');
  await page.getByRole('button', { name: /Back to the default: Care/ }).click();
  await saved(page);
  await expect(page.getByText('● changed')).toHaveCount(0);
  await page.getByRole('button', { name: 'Take the last change back' }).click();
  await saved(page);
  await expect(care).toHaveValue('3');
  await page.getByRole('button', { name: /Back to the default: Care/ }).click();
  await saved(page);
  await page.getByText('What each kind of piece stands').click();
  await expect(page.getByRole('row', { name: /optics/ })).toContainText('115 g');
  await expectAccessible(page);
  await back();
  expect(await whole()).toBe(before);
});

test('stock: counts move the plan’s warnings; CSV goes out and comes back equal, a bad one is refused by line', async ({
  app,
  page,
  sell,
}) => {
  const jug = await sell('stoneware jug, 7 x 6 x 9, 3 lb, sold 60, to 40217', 'nest');
  const pin = page.getByRole('group', { name: 'Box', exact: true }).getByRole('combobox');
  await pin.click();
  await page.locator('.ant-select-item-option').filter({ hasText: '16×16×16' }).click();
  await saved(page);
  await page.goto(`${app.address}/stock`);
  await expectAccessible(page);
  const download = page.waitForEvent('download');
  await page.getByRole('button', { name: 'To CSV' }).click();
  const file = await download;
  const text = await readFile(await file.path(), 'utf8');
  expect(text.split('\n')[0]).toContain('key');
  expect(text).toContain('14x14x14');

  const onHand = page.getByLabel('16×16×16 on hand');
  await onHand.fill('0');
  await onHand.press('Enter');
  await saved(page);
  await page.goto(`${app.address}/parcels/${jug}/nest`);
  await settled(page);
  await expect(page.locator('.banner').filter({ hasText: 'None left of that box' })).toBeVisible();
  await pin.click();
  await expect(page.locator('.ant-select-item-option').filter({ hasText: '16×16×16' })).toContainText('none left');

  await page.goto(`${app.address}/stock`);
  const chooser = page.waitForEvent('filechooser');
  await page.getByRole('button', { name: 'From CSV' }).click();
  await (
    await chooser
  ).setFiles({ name: 'bad.csv', mimeType: 'text/csv', buffer: Buffer.from(text.replace('14x14x14', '14x14x14\n=1+1')) });
  await expect(page.locator('.banner.wrong')).toContainText(/boxes\.csv:\d+: /);
  await page.reload();
  await expect(page.getByLabel('16×16×16 on hand')).toHaveValue('0');
  const again = page.waitForEvent('filechooser');
  await page.getByRole('button', { name: 'From CSV' }).click();
  await (await again).setFiles({ name: 'good.csv', mimeType: 'text/csv', buffer: Buffer.from(text) });
  // what it would change is said first
  await expect(page.getByRole('region', { name: 'Take boxes over' })).toContainText('16×16×16: on hand 0 → 5');
  await page.getByRole('button', { name: 'Take it over' }).click();
  await expect(page.getByLabel('16×16×16 on hand')).toHaveValue('5');
  await saved(page);

  await page.getByLabel('Built outside of 16×16×16').fill('17 x 16.5 x 17');
  await page.getByLabel('Built outside of 16×16×16').press('Enter');
  await saved(page);
  await page.reload();
  await expect(page.getByLabel('Built outside of 16×16×16')).toHaveValue('17 × 16 1/2 × 17 in');
});

test('from the box in the hand: which pieces it would do for, and one is packed in it', async ({ app, page, sell }) => {
  const prism = await sell('glass ship prism, 6 x 4 x 4, 5 lb, sold 70, to 40217', 'nest', false);
  await page.goto(`${app.address}/stock`);
  await page.getByRole('button', { name: 'What would go into 16×16×16?' }).click();
  const dialog = page.getByRole('dialog');
  await expect(dialog.getByRole('status')).toContainText('pieces still to be packed would do');
  await expect(dialog.getByRole('listitem').filter({ hasText: 'globe on a stand' })).toContainText('no:');
  await dialog.getByRole('listitem').filter({ hasText: 'glass ship prism' }).getByRole('button', { name: 'Pack it in this' }).click();
  await expect(dialog.getByText('✓ pinned')).toBeVisible();
  await page.goto(`${app.address}/parcels/${prism}/nest`);
  await settled(page);
  await expect(page.getByRole('group', { name: 'Box', exact: true })).toContainText('16×16×16');
  await expect(page.getByRole('button', { name: 'Unpin box' })).toBeVisible();
});

test('guess ahead: zone by zone, what to ask, which lose money, a sentence, and it becomes a sale', async ({ app, page }) => {
  await page.goto(`${app.address}/guess`);
  await page.keyboard.type('stoneware tea urn, 9 x 8 x 14 in, 6 lb 3 oz, sold 84, paid 22');
  await expect(page.getByText('no zone loses money')).toBeVisible();
  await expect(page.locator('.guess-table tbody tr')).toHaveCount(9);
  const left = await page.locator('.guess-table tbody tr td:last-child').allTextContents();
  const minor = left.map((text) => parseFloat(text.replace(/[^\d.]/g, '')));
  expect([...minor].sort((a, b) => b - a)).toEqual(minor);
  await expect(page.locator('.buyer-sentence')).toContainText('depending on where you are');
  await page.getByLabel('Ask for shipping').fill('0');
  await page.getByLabel('Ask for shipping').press('Enter');
  await page.locator('#guess-line').fill('stoneware tea urn, 9 x 8 x 14 in, 6 lb 3 oz, sold 40, paid 22');
  await expect(page.getByText(/zones? .*lose/)).toBeVisible();
  await expectAccessible(page);
  // several for one parcel are guessed together
  await page
    .locator('#guess-line')
    .fill('stoneware tea urn, 9 x 8 x 14 in, 6 lb 3 oz, sold 84, paid 22 + brass lamp, 7 x 7 x 9 in, 2 lb, sold 40, paid 8');
  await expect(page.locator('.buyer-sentence')).toContainText('Each travels');
  await page.locator('#guess-line').fill('stoneware tea urn, 9 x 8 x 14 in, 6 lb 3 oz, sold 40, paid 22');
  await page.getByLabel('It sold! To which postcode?').fill('12');
  await page.getByRole('button', { name: 'Make it a sale' }).click();
  await expect(page.getByText('a postcode has five digits')).toBeVisible();
  await page.getByLabel('It sold! To which postcode?').fill('40217');
  await page.getByRole('button', { name: 'Make it a sale' }).click();
  await page.waitForURL(/look-over/);
  await expect(page.getByRole('heading', { level: 1 })).toHaveText('stoneware tea urn');
});

test('practice: from the day to a piece that is asked about part by part, each answer told how it would turn out', async ({
  app,
  page,
}) => {
  await page.goto(`${app.address}/day`);
  await page.getByRole('link', { name: 'Practice' }).click();
  await page.getByRole('button', { name: 'Stoneware crock' }).click();
  const piece = page.getByRole('region', { name: 'Stoneware crock' });
  await expect(piece.getByRole('heading', { level: 2 })).toContainText('1 of');
  const questions = Number(/1 of (\d+)/.exec((await piece.getByRole('heading', { level: 2 }).textContent())!)![1]);
  for (let at = 1; at <= questions; at++) {
    await expect(piece.getByRole('heading', { level: 2 })).toContainText(`${at} of ${questions}`);
    await expect(piece.getByText('As the nest has it')).toHaveCount(0);
    await piece.getByRole('listitem').getByRole('button').first().click();
    await expect(piece.getByText('As the nest has it').first()).toBeVisible();
    await piece.getByRole('button', { name: /Next question|How it went/ }).click();
  }
  await expect(piece.getByRole('heading', { name: /as a good packer would/ })).toBeVisible();
  await piece.getByRole('button', { name: 'The next piece' }).click();
  await expect(page.getByRole('region', { name: /Mantel clock/ })).toBeVisible();
});

test('rate cards: out and in as files and equal, a new version beside the old, compared, tried; hostile ones refused whole', async ({
  app,
  page,
}) => {
  await page.goto(`${app.address}/cards`);
  const quillon = page.getByRole('region', { name: 'Quillon Post' });
  await expect(quillon.getByRole('listitem')).toHaveCount(1);
  await expectAccessible(page);
  const take = async (name: string) => {
    const waiting = page.waitForEvent('download');
    await quillon.getByRole('link', { name }).first().click();
    return readFile(await (await waiting).path());
  };
  const [json, zip] = [await take('JSON'), await take('CSV in a ZIP')];
  const card = JSON.parse(json.toString()) as RateCard;
  const files = page.getByLabel('Files of a card');
  const give = (name: string, buffer: Buffer) => files.setInputFiles({ name, mimeType: 'application/octet-stream', buffer });

  await give('same.json', json);
  await expect(page.locator('.banner.wrong')).toContainText('version 1 of quillon-post is here already');
  await give('same.zip', zip);
  await expect(page.locator('.banner.wrong')).toContainText('version 1 of quillon-post is here already');
  const step = card.services[0]!.steps[0]!;
  const dearer = {
    ...card,
    version: 2,
    services: [
      { ...card.services[0]!, steps: [{ ...step, byZone: { ...step.byZone, '5': 999 } }, ...card.services[0]!.steps.slice(1)] },
      ...card.services.slice(1),
    ],
  };
  const hostile: [string, Buffer, RegExp][] = [
    ['ten.json', Buffer.alloc(10_000_000, ' '), /at most 1(\.02)? MB/],
    ['none.json', Buffer.from('{"id":'), /not JSON/],
    [
      'twice.json',
      Buffer.from(JSON.stringify({ ...dearer, services: [{ ...card.services[0]!, steps: [step, step] }] })),
      /steps must rise/,
    ],
    ['cut.zip', zip.subarray(0, zip.length - 60), /cut short|missing/],
    ['prices.csv', Buffer.from('service,step,unit\n=HYPERLINK("x"),1,lb\n'), /is missing/],
  ];
  for (const [name, buffer, why] of hostile) {
    await give(name, buffer);
    await expect(page.locator('.banner.wrong')).toContainText(why);
  }
  await expect(quillon.getByRole('listitem')).toHaveCount(1);

  // a first step dearer than the second is asked about, and only taken in when somebody means it
  const asked = page.getByRole('alert').filter({ hasText: 'Look at this first' });
  await give('two.json', Buffer.from(JSON.stringify(dearer)));
  await expect(asked).toContainText('in zone 5 step 2 costs less than the one before it');
  await expectAccessible(page);
  await asked.getByRole('button', { name: 'Leave it out' }).click();
  await expect(quillon.getByRole('listitem')).toHaveCount(1);
  await give('two.json', Buffer.from(JSON.stringify(dearer)));
  await asked.getByRole('button', { name: 'It is meant so: take it in' }).click();
  await expect(quillon.getByRole('listitem')).toHaveCount(2);
  await expect(quillon.getByRole('listitem').first()).toContainText('✓ in force');
  await expect(quillon.getByRole('listitem').last()).toContainText('not in force');
  await quillon.getByRole('button', { name: 'Take out of force' }).click();
  await expect(quillon.getByRole('listitem').first()).toContainText('taken out of force');
  await expect(quillon.getByRole('listitem').last()).toContainText('✓ in force');
  await quillon.getByRole('button', { name: 'Put back in force' }).click();
  await expect(quillon.getByRole('listitem').first()).toContainText('✓ in force');
  const compare = page.getByRole('region', { name: 'Compare two versions' });
  await expect(compare.getByRole('row', { name: /to 0.25 lb, zone 5/ })).toContainText('$9.99');

  const tried = page.getByRole('region', { name: 'Try a parcel' });
  await expect(tried.getByRole('listitem')).toHaveCount(2);
  await tried.getByLabel('Weight of the parcel').fill('a lot');
  await expect(tried.getByText('✗ three sides')).toBeVisible();
  await expectAccessible(page);
});

test('beside the way: accessible by night; narrower, nothing runs off, and all of it is reached', async ({ app, page }) => {
  await page.context().addCookies([{ name: 'theme', value: 'night', url: app.address }]);
  for (const path of ['/day', '/stock', '/house', '/pickups', '/cards', '/guess', '/boxshop', '/hands', '/new']) {
    await page.setViewportSize({ width: 1280, height: 800 });
    await page.goto(app.address + path);
    await page.waitForLoadState('networkidle').catch(() => undefined);
    await expectAccessible(page);
    await expectRoomFor(page);
  }
});

test.describe('by touch', () => {
  test.use({ hasTouch: true, viewport: { width: 820, height: 1180 } });
  test('a finger pins a hard point, takes a kind and adds a turn', async ({ page, open }) => {
    await open('Porcelain gauge dial', 'look-over');
    await settled(page);
    await page.getByRole('button', { name: /thin blown glass/ }).tap();
    await expect(page.getByRole('button', { name: /thin blown glass/ })).toHaveAttribute('aria-pressed', 'true');
    // what the kind changes has been said: a page that moves under a finger is touched twice
    await saved(page);
    await settled(page);
    const pins = await page.locator('.six-faces .pin').count();
    await page.locator('.six-faces [data-face=back] .touch').tap();
    await expect(page.locator('.six-faces .pin')).toHaveCount(pins + 1);
    await saved(page);
    await page.getByRole('link', { name: /Wrap/ }).tap();
    await settled(page);
    await page.getByRole('button', { name: /Recommended/ }).tap();
    await saved(page);
    const amount = page.locator('.tile.layer .amount').first();
    const before = await amount.textContent();
    await page
      .locator('.tile.layer')
      .first()
      .getByRole('button', { name: /^More turns/ })
      .tap();
    await expect(amount).not.toHaveText(before!);
  });
});
