import { Buffer } from 'node:buffer';
import type { Page } from '@playwright/test';
import sharp from 'sharp';
import { expect, expectAccessible, kept, saved, settled, test } from './bench.ts';

const piece = async (page: Page) => (await kept(page)).piece;

const pins = (page: Page) => page.locator('.six-faces .pin');

test('a usable plan stands from the first line on; the kind is one key away', async ({ app, page }) => {
  await page.goto(`${app.address}/new`);
  await page.keyboard.type('plain thing, 6 x 5 x 5, 2 lb, sold 40, to 40217');
  await page.keyboard.press('Enter');
  await page.waitForURL(/look-over/);
  const before = await settled(page);
  expect(before).toMatch(/1 in [\d,]+/);
  const kind = (name: string) => page.getByRole('region', { name: 'What kind of piece' }).getByRole('button', { name });
  await expect(kind('compact ceramic')).toHaveAttribute('aria-pressed', 'true');
  await page.locator('body').press('o');
  await expect(kind('optics')).toHaveAttribute('aria-pressed', 'true');
  await saved(page);
  expect((await piece(page)).archetype.value).toBe('optics');
  expect(await settled(page)).not.toBe(before);
});

test('hard points are pinned by mouse and by keys, moved, guarded and taken off', async ({ page, sell }) => {
  await sell('porcelain bowl, 6 x 6 x 4, 1 lb 8 oz, sold 40, to 40217', 'look-over', false);
  const bare = await settled(page);
  const front = page.locator('.six-faces [data-face=front]');
  await expect(front).toHaveAttribute('aria-label', /cover .+ in, gap .+ in/);
  await front.scrollIntoViewIfNeeded();
  const panel = (await front.locator('.panel').boundingBox())!;
  await page.mouse.click(panel.x + panel.width * 0.25, panel.y + panel.height * 0.25);
  await expect(pins(page)).toHaveCount(1);
  await saved(page);
  const point = async () => (await piece(page)).hardPoints.value[0]!;
  expect(await point()).toMatchObject({ face: 'front', across: expect.closeTo(0.25, 1), up: expect.closeTo(0.75, 1), guard: null });
  expect(await settled(page)).not.toBe(bare);

  const { across } = await point();
  await pins(page).first().focus();
  await page.keyboard.press('ArrowRight');
  await page.keyboard.press('ArrowRight');
  await saved(page);
  expect((await point()).across).toBeCloseTo(across + 0.1, 6);

  await page.getByRole('combobox', { name: 'Guard of hard point 1' }).click();
  await page.getByTitle('end cap').click();
  await saved(page);
  expect((await point()).guard).toBe('cap');
  await expect(page.getByText(/^guarded: the piece keeps \d+% of its strength/)).toBeVisible();
  await expectAccessible(page);

  await page.locator('.six-faces [data-face=top]').focus();
  await page.keyboard.press('Enter');
  await expect(pins(page)).toHaveCount(2);
  await pins(page).nth(1).focus();
  await page.keyboard.press('Delete');
  await expect(pins(page)).toHaveCount(1);
  await saved(page);
});

test('inside and around it: hollows, what moves, parts, original box, storage wrap, serial and seal', async ({ page, open }) => {
  await open('Ship-to-shore receiver', 'look-over');
  await settled(page);
  await page.getByRole('button', { name: 'A hollow' }).click();
  await page.getByLabel('Room in the hollow').fill('2 x 3 x 4 in');
  await page.getByLabel('Room in the hollow').press('Enter');
  const room = page.getByLabel('Room in the hollow');
  await expect(room).toHaveValue('24 in³');
  await room.fill('a cupful');
  await expect(page.getByText('✗ its room, like 20 or 2 x 3 x 4 in')).toBeVisible();
  await room.press('Escape');
  await expect(room).toHaveValue('24 in³');

  const steady = page.getByRole('group', { name: 'Steadying it' });
  for (const step of await steady.getByRole('checkbox').all()) await step.check();
  const moving = async () => (await piece(page)).movingParts.value;
  await expect.poll(moving).toBe('steadied');
  await saved(page);
  await steady.getByRole('checkbox').first().uncheck();
  await expect.poll(moving).toBe('shifting');

  await page.getByRole('button', { name: 'A part or accessory' }).click();
  await page.getByLabel('How many', { exact: true }).fill('2');
  await page.getByLabel('How many', { exact: true }).press('Enter');
  await page.getByLabel('What', { exact: true }).fill('brass pan');
  await page.getByLabel('What', { exact: true }).press('Enter');
  await page.getByLabel('What becomes of brass pan').click();
  await page.getByTitle('part: comes off').click();
  await page.getByText('part of the value', { exact: true }).click();
  await page.getByRole('switch', { name: 'Still in its storage wrap' }).click();
  await page.getByLabel('Seal over a seam').fill('LR 0042');
  await page.getByLabel('Worth, if not the sold price').fill('120');
  await saved(page);
  const facts = await piece(page);
  expect(facts.hollows.value).toMatchObject([{ name: 'the hollow', volumeIn3: 24, filled: false }]);
  expect(facts.accessories.value).toMatchObject([{ name: 'brass pan', count: 2, part: 'off' }]);
  expect([facts.originalBox.value, facts.storageWrap.value, facts.seal.value, facts.serial.value]).toEqual([
    'ofValue',
    true,
    'LR 0042',
    'HM 40127',
  ]);
  expect(facts.replacementMinor.value).toBe(12_000);
  await expectAccessible(page);
});

test('a photograph is kept upright and without its notes; what is none is refused and nothing stored', async ({ page, sell }) => {
  await sell('porcelain bowl, 6 x 6 x 4, 1 lb 8 oz, sold 40, to 40217', 'look-over', false);
  // 40 wide and 20 high, told to be turned, with a place in its notes
  const camera = await sharp({ create: { width: 40, height: 20, channels: 3, background: '#b5482a' } })
    .jpeg()
    .withExif({ IFD0: { Artist: 'somebody' }, IFD3: { GPSLatitudeRef: 'N', GPSLatitude: '51/1 30/1 0/1' } })
    .withMetadata({ orientation: 6 })
    .toBuffer();
  expect(camera.includes('somebody')).toBe(true);
  const picker = page.getByLabel('Photographs', { exact: true });
  await picker.setInputFiles({ name: 'head.jpg', mimeType: 'image/jpeg', buffer: camera });
  const shots = page.getByRole('region', { name: 'Photographs of the piece' }).getByRole('img');
  await expect(shots).toHaveCount(1);
  const source = (await page.getByRole('region', { name: 'Photographs of the piece' }).getByRole('link').getAttribute('href'))!;
  const stored = Buffer.from(await (await page.request.get(new URL(source, page.url()).href)).body());
  expect(await sharp(stored).metadata()).toMatchObject({ format: 'jpeg', width: 20, height: 40 });
  expect(stored.includes('somebody')).toBe(false);
  expect((await sharp(stored).metadata()).exif).toBeUndefined();

  const png = await sharp({ create: { width: 8, height: 8, channels: 3, background: '#000' } })
    .png()
    .toBuffer();
  const huge = await sharp({ create: { width: 10_000, height: 10_000, channels: 3, background: '#fff' } })
    .png({ compressionLevel: 9 })
    .toBuffer();
  const bad: [string, Buffer, RegExp][] = [
    ['empty.jpg', Buffer.alloc(0), /empty/],
    ['script.jpg', Buffer.from('<svg xmlns="http://www.w3.org/2000/svg"><script>alert(1)</script></svg>'), /no JPEG, PNG, WebP or HEIC/],
    ['words.png', Buffer.from('not a picture at all'), /no JPEG, PNG, WebP or HEIC/],
    ['../../cut.jpg', camera.subarray(0, camera.length - 40), /cut short|no JPEG/],
    ['large.png', huge, /megapixels/],
  ];
  for (const [name, buffer, why] of bad) {
    await picker.setInputFiles({ name, mimeType: 'image/jpeg', buffer });
    await expect(page.getByRole('region', { name: 'Photographs of the piece' }).getByRole('alert').filter({ hasText: name })).toContainText(
      why,
    );
    await expect(shots).toHaveCount(1);
  }
  await picker.setInputFiles({ name: 'b.png', mimeType: 'image/png', buffer: png });
  await expect(shots).toHaveCount(2);
  await page.getByRole('button', { name: 'Take photograph 2 out' }).click();
  await expect(shots).toHaveCount(1);
  await page.getByRole('button', { name: 'Put it back' }).click();
  await expect(shots).toHaveCount(2);
  await page.reload();
  await expect(shots).toHaveCount(2);
  await expectAccessible(page);
});

test('a piece with its nest is kept as a template and packed so next time', async ({ app, page, open }) => {
  await open('Stoneware tea urn', 'look-over');
  await settled(page);
  await page.getByLabel('Keep this piece and its nest as').fill('urns');
  await page.getByRole('button', { name: 'Keep the template' }).click();
  await expect(page.getByText('Kept as urns.')).toBeVisible();

  await page.goto(`${app.address}/new`);
  await page.keyboard.type('glazed tea urn, 9 x 8 x 13, 6 lb, sold 70, to 81350');
  await page.keyboard.press('Enter');
  await page.waitForURL(/look-over/);
  await settled(page);
  const before = page.getByRole('region', { name: 'As last time' });
  await expect(before.getByText('not yet arrived').first()).toBeVisible();
  const row = before.getByRole('listitem').filter({ hasText: 'the shop’s template' });
  await row.getByRole('button', { name: 'Pack it so' }).click();
  await expect(page.getByText('Packed as urns.')).toBeVisible();
  await saved(page);
  const view = await kept(page);
  expect(view.nest.choice!.box).toBe('14x14x20');
  expect(view.piece.hardPoints.value).toMatchObject([
    { kind: 'handle', guard: 'foamTube' },
    { kind: 'tap', guard: 'foamTube' },
  ]);
  expect(view.piece.title.value).toBe('glazed tea urn');
});

test('its own box, kept and measured inside, is an inner box to choose: opened, closed on paper, never counted down', async ({
  page,
  sell,
}) => {
  await sell('boxed game set, 8 x 6 x 4, 3 lb, sold 80, to 40217', 'look-over', false);
  await page.getByText('kept', { exact: true }).click();
  const inside = page.getByLabel('Inside of its own box');
  await inside.fill('9 x 7');
  await expect(page.getByText('✗ all three sides are wanted here')).toBeVisible();
  await inside.fill('9 x 7 x 5');
  await expect.poll(async () => (await piece(page)).ownBoxIn.value).toEqual([9, 7, 5]);
  await page.goto(page.url().replace(/look-over$/, 'nest'));
  await settled(page);
  await page.getByRole('button', { name: /Recommended/ }).click();
  await saved(page);
  await page.getByRole('combobox', { name: 'Inner box', exact: true }).click();
  await page.getByTitle('Its own box').click();
  await expect.poll(async () => (await kept(page)).nest.choice!.inner?.box).toBe('ownBox');
  await page.goto(page.url().replace(/nest$/, 'bench'));
  const steps = page.getByRole('list', { name: 'All steps' });
  await expect(steps.getByText('Open its own box')).toBeVisible();
  await expect(steps.getByText('Close its own box')).toBeVisible();
});
