import { execFileSync } from 'node:child_process';
import { mkdtempSync, readFileSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import type { Page } from '@playwright/test';
import { unzipSync } from 'fflate';
import sharp from 'sharp';
import type { ShopView } from '@inch-nest/contracts';
import { expect, expectAccessible, kept, saved, settled, test, type App } from './bench.ts';

const BOWL = 'stoneware bowl, 5 x 5 x 4, 2 lb, sold 60, shipping 14, to 40217, for ZZ–GL';
const card = (page: Page) => page.getByRole('region', { name: 'The step in hand' });
const title = (page: Page) => card(page).getByRole('heading', { level: 2 });
const shopOf = async (app: App) => (await (await fetch(`${app.address}/api/shop`)).json()) as ShopView;
const done = (page: Page) => page.getByRole('button', { name: 'Done', exact: true });

/** Does the step in hand by the one big key, and waits until the next stands there. */
async function byKey(page: Page, key = 'Space'): Promise<void> {
  const before = (await title(page).textContent())!;
  // a step takes no key in its first moments, and on a slow machine those come late: pressed again while it still stands there
  await expect(async () => {
    await page.waitForTimeout(330);
    if ((await title(page).textContent()) === before) await page.locator('body').press(key);
    await expect(title(page)).not.toHaveText(before, { timeout: 3000 });
  }).toPass({ timeout: 60_000 });
}

/** Goes on by touch until a step of that name stands there. */
async function until(page: Page, name: RegExp): Promise<void> {
  for (let i = 0; i < 30; i++) {
    const now = (await title(page).textContent())!;
    if (name.test(now)) return;
    const leave = page.getByRole('button', { name: 'Leave it as reckoned' });
    const passes = page.getByRole('button', { name: 'It passes' });
    // a press in a step's first moments counts for nothing: it is pressed again while it still stands there
    await expect(async () => {
      if ((await title(page).textContent()) === now)
        await ((await leave.isVisible()) ? leave : (await passes.isVisible()) ? passes : done(page)).click();
      await expect(title(page)).not.toHaveText(now, { timeout: 3000 });
    }).toPass({ timeout: 60_000 });
  }
}
const picture = () =>
  sharp({ create: { width: 320, height: 240, channels: 3, background: '#876' } })
    .jpeg()
    .toBuffer();

test('a whole parcel by one key: steps, tests, bundle measured, ticked, sealed, and the stockroom counted down', async ({
  page,
  app,
  sell,
}) => {
  test.setTimeout(180_000);
  const id = await sell(BOWL, 'bench');
  const before = await shopOf(app);
  await expectAccessible(page);
  await expect(title(page)).toBeVisible();
  while (!/Measure and weigh/.test((await title(page).textContent())!)) await byKey(page);
  const reckoned = (await kept(page)).nest.plan!.document;
  await page.getByLabel('Bundle, as it lies: long, wide, high').fill(reckoned.bundleIn.map((side) => (side + 0.25).toFixed(2)).join(' x '));
  await page.getByLabel('Its weight').fill('1 lb');
  await expect(page.getByText('lighter than the bare piece')).toBeVisible();
  await page.getByLabel('Its weight').fill('2 lb 9 oz');
  await page.getByRole('button', { name: 'Go by this' }).click();
  await expect(page.getByText(/^Still in reach: .*\$\d/)).toBeVisible();
  await page.getByLabel('Its weight').blur();
  await byKey(page);
  await saved(page);
  const measured = await kept(page);
  expect(measured.life.bundle!.weightLb).toBeCloseTo(2.5625, 4);
  expect(measured.nest.locks.bundle!.sizeIn[0]).toBeCloseTo(reckoned.bundleIn[0] + 0.25, 2);
  while (!/Papers inside/.test((await title(page).textContent())!)) await byKey(page);
  await expect(page.getByRole('button', { name: 'Seal it' })).toHaveCount(0);
  // what nobody has ticked is asked after, and the step stays
  await expect(async () => {
    await page.keyboard.press('Space');
    await expect(card(page).getByRole('alert')).toContainText('Not ticked', { timeout: 1500 });
  }).toPass({ timeout: 60_000 });
  await expect(title(page)).toHaveText('Papers inside');
  await card(page).getByRole('checkbox').click();
  await expect(card(page).getByRole('checkbox')).toBeChecked();
  while (!/^Photographs$/.test((await title(page).textContent())!)) await byKey(page);
  await page.getByLabel('Photographs of the packing').setInputFiles({ name: 'shut.jpg', mimeType: 'image/jpeg', buffer: await picture() });
  await expect(card(page).getByText(/^1 of 6 photographs$|^1 of \d+ photographs$/)).toBeVisible();
  await byKey(page);
  while (!/^Weigh and measure$/.test((await title(page).textContent())!)) await byKey(page);
  const list = page.getByRole('region', { name: 'Before it is sealed' });
  await expect(list).toContainText('Everything is in');
  await expect(list).toContainText('Every test passed');
  await expectAccessible(page);
  await list.getByRole('button', { name: 'Seal it' }).click();
  await expect(page.getByRole('heading', { name: '✓ Sealed' })).toBeVisible();
  await saved(page);
  const sealed = await kept(page);
  expect(sealed.life.sealed).toBe(true);
  // the figures it is sealed with are those of the bundle as it was measured
  expect(sealed.nest.plan!.document.bundleIn[0]).toBeCloseTo(reckoned.bundleIn[0] + 0.25, 2);
  expect(sealed.photos.filter((photo) => photo.of === 'packing')).toHaveLength(1);
  const after = await shopOf(app);
  const boxKey = sealed.nest.plan!.document.box.key;
  const count = (shop: ShopView, key: string) => shop.stock.boxes.find((box) => box.key === key)?.onHand ?? 0;
  if (before.stock.boxes.some((box) => box.key === boxKey)) expect(count(after, boxKey)).toBe(count(before, boxKey) - 1);
  for (const use of sealed.events.find((event) => event.kind === 'sealed')!.used!.filter((one) => one.kind === 'wrap')) {
    const feet = (shop: ShopView) => shop.stock.wraps.find((wrap) => wrap.key === use.key)!.onHandFt2;
    expect(feet(before) - feet(after)).toBeCloseTo(use.amount, 3);
  }

  // opened again: for a reason, what can be used again comes back as used, the closing is due anew
  await page.getByRole('button', { name: 'Open it again …' }).click();
  await page.getByLabel('Why').fill('the card is missing');
  await page.getByRole('region', { name: 'Sealed' }).getByRole('checkbox').last().check();
  await page.getByRole('button', { name: 'Open it', exact: true }).click();
  await expect(title(page)).toBeVisible();
  await saved(page);
  const opened = await kept(page);
  expect([opened.life.sealed, opened.life.weighingStale, opened.life.tests.shake, opened.life.tests.feel]).toEqual([
    false,
    false,
    'untried',
    'passed',
  ]);
  const reused = opened.events.find((event) => event.kind === 'sealOpened')!.reused!;
  expect(reused).toHaveLength(1);
  expect(id).toBe(opened.id);
});

test('a shake that fails: a remedy changes plan, cost and stock, and then it must pass', async ({ page, app, sell }) => {
  test.setTimeout(180_000);
  await sell(BOWL, 'bench');
  await until(page, /^Papers inside$/);
  await card(page).getByRole('checkbox').click();
  await expect(card(page).getByRole('checkbox')).toBeChecked();
  await until(page, /^Shake$/);
  const before = await kept(page);
  await page.getByRole('button', { name: 'It fails' }).click();
  await expect(page.getByText('It failed. Put it right, then test again:')).toBeVisible();
  await expectAccessible(page);
  await page.getByRole('button', { name: 'More fill where it moved' }).click();
  await expect(page.getByText('Put right: now it must pass.')).toBeVisible();
  await saved(page);
  const after = await kept(page);
  expect(after.nest.choice!.extraFill).toBe(0.1);
  const fill = (view: typeof after) => view.nest.plan!.document.fills.find((one) => one.where === 'outer')!.boughtFt3;
  expect(fill(after)).toBeCloseTo(fill(before) * 1.1, 9);
  expect(after.nest.plan!.document.costMinor).toBeGreaterThan(before.nest.plan!.document.costMinor);
  expect(after.life.tests.shake).toBe('remedied');
  const refused = await page.request.post(`${app.address}/api/parcels/${after.id}/events`, {
    headers: { origin: app.address },
    data: { personId: (await shopOf(app)).people[0]!.id, eventId: crypto.randomUUID(), happening: { kind: 'sealed' } },
  });
  expect(refused.status()).toBe(422);
  expect(await refused.text()).toContain('the shake test must pass after the remedy');
  await page.getByRole('button', { name: 'It passes' }).click();
  await expect(title(page)).toHaveText('Lid press');
  await saved(page);
  expect((await kept(page)).life.tests.shake).toBe('passed');
  await page.getByRole('button', { name: 'Skip it …' }).click();
  await page.getByLabel('Why it is skipped').fill('the lid is glued');
  await page.getByRole('button', { name: 'Skip it', exact: true }).click();
  await expect(title(page)).toHaveText('Photographs');
  await page.getByRole('button', { name: 'Back one step' }).click();
  await expect(title(page)).toHaveText('Lid press');
  await saved(page);
  expect((await kept(page)).life.tests.lidPress).toBe('untried');

  // sealed, the stockroom gives what the remedy took
  await until(page, /^Weigh and measure$/);
  await page.getByRole('button', { name: 'Seal it' }).click();
  await expect(page.getByRole('heading', { name: '✓ Sealed' })).toBeVisible();
  await saved(page);
  const sealed = await kept(page);
  const taken = sealed.events.find((event) => event.kind === 'sealed')!.used!;
  expect(taken.filter((use) => use.kind === 'fill').reduce((sum, use) => sum + use.amount, 0)).toBeCloseTo(fill(before) * 1.1, 6);
});

test('the server dies in the middle of a step and of a photograph: nothing is lost, all of it arrives once and in order', async ({
  page,
  app,
  sell,
}) => {
  test.setTimeout(180_000);
  const id = await sell(BOWL, 'bench');
  await expect(title(page)).toBeVisible();
  // the page is opened once under its keeper, so that it is kept
  await page.evaluate(() => navigator.serviceWorker.ready);
  await page.reload();
  await expect(title(page)).toBeVisible();
  await page.waitForLoadState('networkidle');
  // the scale's page is kept too, though nobody has been there
  await expect
    .poll(() => page.evaluate(async (of) => (await caches.match(new URL(`/parcels/${of}/weigh`, location.href).href)) !== undefined, id))
    .toBe(true);
  // of the parcels that lie elsewhere the browser keeps nothing, and none of their buyers
  const shelf = await app.shelf();
  const own = shelf.find((tag) => tag.id === id)!;
  const others = shelf.filter((tag) => tag.id !== id).flatMap((tag) => [tag.id, tag.tag, tag.title]);
  const keptHere = await page.evaluate(async () => {
    const store = await caches.open('inch-nest-2');
    const texts = (await store.keys())
      .filter(({ url }) => !url.includes('/_next/'))
      .map(async (request) => `${request.url}\n${await (await store.match(request))!.text()}`);
    return (await Promise.all(texts)).join('\n');
  });
  expect(keptHere).toContain(id);
  for (const said of others.filter((one) => ![own.tag, own.postcode, own.title].includes(one))) expect(keptHere).not.toContain(said);
  await app.crash('web');
  const first = (await title(page).textContent())!;
  await done(page).click();
  await expect(title(page)).not.toHaveText(first);
  await expect(page.getByText(/things? waits? to be sent/)).toBeVisible();
  await page.reload();
  await expect(title(page)).toBeVisible();
  await expect(title(page)).not.toHaveText(first);
  await until(page, /^Papers inside$/);
  await card(page).getByRole('checkbox').click();
  await expect(card(page).getByRole('checkbox')).toBeChecked();
  await until(page, /^Photographs$/);
  await page.getByLabel('Photographs of the packing').setInputFiles({ name: 'a.jpg', mimeType: 'image/jpeg', buffer: await picture() });
  await expect(page.getByAltText('Photograph that waits to be sent')).toBeVisible();
  await done(page).click();
  await until(page, /^Weigh and measure$/);
  await page.getByRole('button', { name: 'Seal it' }).click();
  await expect(page.getByRole('heading', { name: '✓ Sealed' })).toBeVisible();
  await page.reload();
  await expect(page.getByRole('heading', { name: '✓ Sealed' })).toBeVisible();
  await page.getByRole('link', { name: 'Weigh it' }).click();
  await page.getByLabel('Reading 1').fill('4 lb 2 oz');
  await page.getByLabel('Reading 1').press('Enter');
  await expect(page.getByRole('button', { name: 'Kept', exact: true })).toBeVisible();
  await app.openWeb();
  await expect(page.getByText(/things? waits? to be sent/)).toHaveCount(0);
  await saved(page);
  const view = await kept(page);
  expect(view.id).toBe(id);
  expect(view.life.sealed).toBe(true);
  expect(view.life.weighing!.readingsLb).toEqual([4.125]);
  expect(view.photos.filter((photo) => photo.of === 'packing')).toHaveLength(1);
  const steps = view.events.flatMap((event) => (event.kind === 'stepDone' ? [event.step] : []));
  expect(new Set(steps).size).toBe(steps.length);
  expect(steps[0]).toMatch(/^[0-9a-f-]{36}:(layer|guard):/);
  expect(view.events.filter((event) => event.kind === 'sealed')).toHaveLength(1);
  // the server knows of the seal: there is no more to keep
  await page.goto(`${app.address}/parcels/${id}/bench`);
  await expect
    .poll(() =>
      page.evaluate(async () => (await (await caches.open('inch-nest-2')).keys()).filter(({ url }) => url.includes('/parcels/')).length),
    )
    .toBe(0);
});

test('what the server refuses stays to be seen, with its reason', async ({ page, sell }) => {
  await sell(BOWL, 'bench');
  await expect(title(page)).toBeVisible();
  await page.route('**/api/parcels/*/events', (route) =>
    route.fulfill({ status: 422, json: { problems: [{ path: 'stepDone', message: 'this parcel is sealed' }] } }),
  );
  await done(page).click();
  const refused = page.getByRole('alert').filter({ hasText: 'was refused: this parcel is sealed' });
  await expect(refused).toBeVisible();
  await expectAccessible(page);
  await page.unroute('**/api/parcels/*/events');
  await refused.getByRole('button', { name: 'Let it go' }).click();
  await expect(refused).toHaveCount(0);
});

test('a scanner anywhere leads to its parcel and never sets off a key; in a field the code is taken out again', async ({
  page,
  app,
  sell,
}) => {
  const id = await sell(BOWL, 'nest');
  const { code } = await kept(page);
  // as a scanner sends: sign after sign at its own clock's 5 ms, whatever the page and the machine do meanwhile
  const scan = (text: string) =>
    page.evaluate(
      (signs) => {
        const began = performance.now();
        const send = (kind: 'keydown' | 'keyup', key: string, at: number) => {
          const event = new KeyboardEvent(kind, {
            key,
            code: key === 'Enter' ? key : /\d/.test(key) ? `Digit${key}` : /[a-z]/i.test(key) ? `Key${key.toUpperCase()}` : 'Semicolon',
            bubbles: true,
            cancelable: true,
          });
          Object.defineProperty(event, 'timeStamp', { value: at });
          return (document.activeElement ?? document.body).dispatchEvent(event);
        };
        signs.forEach((key, i) => {
          // what a key that nobody took leaves in a field
          if (send('keydown', key, began + i * 5) && key !== 'Enter') document.execCommand('insertText', false, key);
          send('keyup', key, began + i * 5 + 2);
        });
      },
      [...text, 'Enter'],
    );
  await page.goto(`${app.address}/stock`);
  await page.waitForLoadState('networkidle');
  const theme = await page.locator('html').getAttribute('data-theme');
  // n would turn the theme, 1 to 9 would jump: none of them may; a page that is not awake yet is scanned at once more
  await expect(async () => {
    await scan(`P:${code}`);
    await expect(page).toHaveURL(new RegExp(`/parcels/${id}/bench`), { timeout: 3_000 });
  }).toPass();
  expect(await page.locator('html').getAttribute('data-theme')).toBe(theme);
  await page.getByRole('button', { name: 'Pause' }).click();
  await expect(page.getByText('Paused. Scan the tag')).toBeVisible();
  await scan(`P:${code}`);
  await expect(page.getByText('Paused. Scan the tag')).toHaveCount(0);
  await scan('P:n1n2n3');
  await expect(page.getByText('P:n1n2n3: nothing here has this code')).toBeVisible();
  await expect(page).toHaveURL(new RegExp(`/parcels/${id}/bench`));
  expect(await page.locator('html').getAttribute('data-theme')).toBe(theme);
  await page.locator('body').press('1');
  await expect(page).toHaveURL(/\/sale$/);
  const field = page.getByLabel('Sold for');
  await field.fill('61');
  await field.focus();
  await scan(`P:${code}`);
  await expect(page).toHaveURL(new RegExp(`/parcels/${id}/bench`));
  await saved(page);
  expect((await kept(page)).sale.soldMinor.value).toBe(6100);
  const bin = (await app.shelf()).find((tag) => tag.bin)!;
  await scan(`B:${bin.bin}`);
  await expect(page).toHaveURL(/\/parcels\//);
  await expect(page.getByText(`B:${bin.bin}: `)).toBeVisible();
});

test('the scale: swings, settles, three readings by themselves; too much, drifting, unplugged', async ({ page, sell }) => {
  test.setTimeout(120_000);
  await sell(BOWL, 'weigh');
  await page.getByRole('button', { name: 'Use the stand-in scale' }).click();
  const scale = page.getByRole('group', { name: 'stand-in scale' });
  const load = page.getByLabel('What lies on the stand-in scale');
  await expect(scale).toContainText('nothing on it');
  await load.fill('4 lb 2 oz');
  for (let i = 1; i <= 3; i++) {
    await scale.getByRole('button', { name: 'Put it on' }).click();
    await expect(page.getByLabel(`Reading ${i}`)).toHaveValue(/4 lb [12]/);
    await scale.getByRole('button', { name: 'Take it off' }).click();
    await expect(scale).toContainText('nothing on it');
  }
  await expectAccessible(page);
  await expect(page.getByText('Write on the box:')).toBeVisible();
  await load.fill('90 lb');
  await scale.getByRole('button', { name: 'Put it on' }).click();
  await expect(scale).toContainText('too much for this scale');
  await scale.getByRole('checkbox').check();
  await load.fill('2 lb');
  await scale.getByRole('button', { name: 'Put it on' }).click();
  await page.waitForTimeout(2500);
  await expect(page.getByLabel('Reading 1')).toHaveValue(/4 lb/);
  await scale.getByRole('button', { name: 'Pull the plug' }).click();
  await expect(page.getByRole('button', { name: 'Use the stand-in scale' })).toBeVisible();
  await page.getByRole('button', { name: 'Keep this weight' }).click();
  await expect(page.getByRole('button', { name: 'Kept', exact: true })).toBeVisible();
  await saved(page);
  const { weighing } = (await kept(page)).life;
  expect(weighing!.readingsLb).toHaveLength(3);
  expect(Math.abs(weighing!.weightLb - 4.125) * 16).toBeLessThanOrEqual(0.2);
});

test('two benches on one parcel, one of them a phone: each sees the other’s step', async ({ page, app, sell, browser }) => {
  const id = await sell(BOWL, 'bench');
  const phone = await (await browser.newContext({ viewport: { width: 390, height: 844 }, hasTouch: true })).newPage();
  await phone.goto(`${app.address}/parcels/${id}/bench`);
  await settled(phone);
  const first = (await title(phone).textContent())!;
  await expect(title(page)).toHaveText(first);
  await done(phone).tap();
  await expect(title(phone)).not.toHaveText(first);
  await expect(title(page)).toHaveText((await title(phone).textContent())!);
  expect(await phone.evaluate(() => document.documentElement.scrollWidth)).toBeLessThanOrEqual(390);
  await expectAccessible(phone);
  await phone.context().close();
});

test('broken at the bench is noted with what it costs', async ({ page, sell }) => {
  await sell(BOWL, 'bench');
  await page.getByRole('button', { name: 'It broke …' }).click();
  await page.getByLabel('What happened').fill('slipped off the mat');
  await expect(page.getByText(/^Costs \$74\.00/)).toBeVisible();
  await page.getByRole('button', { name: 'It is broken' }).click();
  await expect(page.getByText('It broke at the bench.')).toBeVisible();
  await saved(page);
  expect((await kept(page)).life.state).toBe('brokenAtBench');
});

test('the claim folder of what arrived broken: what is missing said, one PDF, one ZIP; its photographs stay', async ({
  page,
  app,
  open,
}) => {
  await open('Cider jar', 'send');
  const folder = page.getByRole('region', { name: 'Claim folder' });
  await expect(folder).toContainText('No photograph of the packing');
  await expectAccessible(page);
  const { id, code } = await kept(page);
  const shop = await shopOf(app);
  const photo = crypto.randomUUID();
  const added = await page.request.post(`${app.address}/api/parcels/${id}/photos?personId=${shop.people[0]!.id}&id=${photo}&of=packing`, {
    headers: { origin: app.address, 'content-type': 'application/octet-stream' },
    data: await picture(),
  });
  expect(added.ok(), await added.text()).toBe(true);
  const removed = await page.request.patch(`${app.address}/api/parcels/${id}/photos`, {
    headers: { origin: app.address },
    data: { personId: shop.people[0]!.id, id: photo, removed: true },
  });
  expect([removed.status(), await removed.text()]).toEqual([422, expect.stringContaining('evidence while the claim is open')]);
  const bare = await page.request.get(`${app.address}/api/parcels/${id}/claim?as=zip`);
  expect([bare.status(), await bare.text()]).toEqual([403, expect.stringContaining('this link has passed')]);
  const claim = await page.request.post(`${app.address}/api/parcels/${id}/claim`, {
    headers: { origin: app.address },
    form: { personId: shop.people[0]!.id, as: 'zip', for: 'shop' },
  });
  const zip = unzipSync(new Uint8Array(await claim.body()));
  expect(Object.keys(zip).sort()).toEqual(['claim.pdf', 'parcel.json', 'photographs/01-the-packing.jpg', 'readings.csv']);
  expect(new TextDecoder().decode(zip['readings.csv'])).toMatch(/^at,reading,pounds\r\n\d{4}-.*,1,\d/);
  const file = join(mkdtempSync(join(tmpdir(), 'inch-nest-claim-')), 'claim.pdf');
  writeFileSync(file, zip['claim.pdf']!);
  const text = execFileSync('pdftotext', ['-layout', file, '-'], { encoding: 'utf8' });
  for (const said of ['Claim: Cider jar', code, 'Arrived broken', 'What is missing', 'Photograph 1, the packing'])
    expect(text).toContain(said);
  expect(readFileSync(file).subarray(0, 5).toString()).toBe('%PDF-');
});

test('the day’s pulling and tearing: by bin, longest sheets first, ticks kept, on paper', async ({ page, app }) => {
  await page.goto(`${app.address}/day`);
  const pull = page.getByRole('region', { name: 'Pull list' });
  const bins = (await pull.locator('.bin').allTextContents()).filter((bin) => bin !== 'no bin');
  expect(bins.length).toBeGreaterThan(1);
  expect(bins).toEqual([...bins].sort((a, b) => a.localeCompare(b, 'en', { numeric: true })));
  await expect(page.getByRole('region', { name: 'Tear list' })).toContainText('ft in all');
  await expectAccessible(page);
  const shop = (await (await page.request.get(`${app.address}/api/shop`)).json()) as ShopView;
  const bubble = shop.stock.wraps.find(({ key }) => key === 'smallBubble')!;
  const count = async (onHandFt2: number) =>
    page.request.patch(`${app.address}/api/shop/kept`, {
      headers: { origin: app.address },
      data: {
        personId: shop.people[0]!.id,
        changes: [{ id: crypto.randomUUID(), path: 'wraps/smallBubble/onHandFt2', value: onHandFt2, basedOn: shop.revision }],
      },
    });
  // what the day's nests together want more of than there is is said before anything is torn, whatever others have kept today
  const short = page.getByRole('region', { name: 'Will not suffice' });
  expect((await count(5000)).ok()).toBe(true);
  await page.reload();
  await expect(pull).toBeVisible();
  await expect(short.getByText(/Small bubble/)).toHaveCount(0);
  expect((await count(1)).ok()).toBe(true);
  await page.reload();
  await expect(short).toContainText(/Small bubble: .* wanted, 1\.0 ft² there; not enough for/);
  await count(bubble.onHandFt2);
  await page.reload();
  await pull.getByRole('checkbox').first().check();
  await page.reload();
  await expect(pull.getByRole('checkbox').first()).toBeChecked();
  for (const path of ['/api/day/sheet', '/api/labels?of=bins', '/api/labels?of=boxes']) {
    const pdf = await page.request.get(`${app.address}${path}`);
    expect((await pdf.body()).subarray(0, 5).toString()).toBe('%PDF-');
  }
});
