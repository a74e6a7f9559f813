import { execFileSync } from 'node:child_process';
import { mkdtempSync, readFileSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import type { Page } from '@playwright/test';
import { BinaryBitmap, Code128Reader, HybridBinarizer, RGBLuminanceSource } from '@zxing/library';
import sharp from 'sharp';
import type { CounterSwitches } from '@inch-nest/contracts';
import { expect, expectAccessible, kept, printed, saved, test, type App } from './bench.ts';
import { buy, rated } from './onTheWay.ts';

const tell = (app: App, switches: Partial<CounterSwitches>) =>
  app.atCounter('/switches', { method: 'PUT', body: JSON.stringify(switches) });
const charges = async (app: App) => ((await (await app.atCounter('/charges')).json()) as { charges: number }).charges;
const desk = (page: Page) => page.getByRole('region', { name: 'Label', exact: true });

const BOWL = 'stoneware bowl, 5 x 5 x 4, 2 lb, sold 60, shipping 14, to 40217, for ZZ–GL';

test('from label to the door: bought once, papers, tag matched by scan, handed over, arrived', async ({ page, app, sell }) => {
  test.setTimeout(120_000);
  const before = await charges(app);
  await rated(page, app, await sell(BOWL, null));
  await expectAccessible(page);
  await buy(page);
  await expect(desk(page)).toContainText('✓ bought');
  expect(await charges(app)).toBe(before + 1);
  const { labels, code, id } = await kept(page);
  const { tracking } = labels[0]!;
  expect(labels).toHaveLength(1);

  // the label as printed: its text, and its code read back from a picture of it
  const folder = mkdtempSync(join(tmpdir(), 'inch-nest-label-'));
  const pdf = await printed(page, app, id, 'label');
  writeFileSync(join(folder, 'label.pdf'), await pdf.body());
  const text = execFileSync('pdftotext', ['-layout', join(folder, 'label.pdf'), '-'], { encoding: 'utf8' });
  for (const said of [tracking!, code, '40217', 'ZZ–GL', 'Lantern Row Salvage']) expect(text).toContain(said);
  execFileSync('pdftoppm', ['-r', '203', '-png', '-singlefile', join(folder, 'label.pdf'), join(folder, 'label')]);
  const { data, info } = await sharp(readFileSync(join(folder, 'label.png')))
    .greyscale()
    .raw()
    .toBuffer({ resolveWithObject: true });
  const light = new RGBLuminanceSource(new Uint8ClampedArray(data), info.width, info.height);
  expect(new Code128Reader().decode(new BinaryBitmap(new HybridBinarizer(light))).getText()).toBe(tracking);

  await page.getByRole('button', { name: 'Handed over' }).click();
  await expect(page.getByRole('region', { name: 'Hand over' }).getByRole('alert')).toContainText('the tag is not matched');
  const scan = page.getByLabel('Scan the tag, then the label');
  await scan.fill('P:XXXX');
  await scan.press('Enter');
  await expect(page.getByText('P:XXXX belongs to another parcel')).toBeVisible();
  await scan.fill(`P:${code}`);
  await scan.press('Enter');
  await scan.fill(tracking!);
  await scan.press('Enter');
  await expect(page.getByText('✓ Matched.')).toBeVisible();
  await page.getByRole('button', { name: 'Handed over' }).click();
  await expect(page.getByRole('group', { name: 'What became of it' })).toBeVisible();
  await app.atCounter('/clock', {
    method: 'PUT',
    body: JSON.stringify({ now: new Date(Date.now() + 4 * 86_400_000).toISOString() }),
  });
  await page.reload();
  await expect(page.locator('.tracking')).toContainText('delivered');
  await app.atCounter('/clock', { method: 'PUT', body: JSON.stringify({ now: null }) });
  await page.getByRole('button', { name: 'Arrived whole' }).click();
  await expect(page.getByRole('button', { name: 'Arrived whole' })).toHaveAttribute('aria-pressed', 'true');
  expect((await kept(page)).life.state).toBe('delivered');
  const life = page.getByRole('region', { name: 'Its life so far' });
  await expect(life.getByRole('listitem')).toHaveText(
    [
      'sold',
      'a nest was kept',
      'weighed',
      'rated',
      'label bought',
      'asked for, with the buyer’s address: label',
      'tag matched',
      'handed over',
      'arrived whole',
    ].map((said) => new RegExp(`^\\d\\d:\\d\\d.* ${said}`)),
  );
  const waiting = page.waitForEvent('download');
  await life.getByRole('link', { name: 'All of it as JSON' }).click();
  const taken = JSON.parse(readFileSync(await (await waiting).path(), 'utf8')) as { version: number; parcel: { events: unknown[] } };
  expect([taken.version, taken.parcel.events.length]).toEqual([1, 9]);
  await expectAccessible(page);
});

test('a counter that drops the line after charging: one label, one charge', async ({ page, app, sell }) => {
  const before = await charges(app);
  await rated(page, app, await sell(BOWL, null));
  await tell(app, { drops: true });
  await buy(page);
  await expect(desk(page)).toContainText('asked for, no answer yet');
  await expectAccessible(page);
  await tell(app, {});
  await page.getByRole('button', { name: 'Ask again' }).click();
  await expect(desk(page)).toContainText('✓ bought');
  expect(await charges(app)).toBe(before + 1);
  expect((await kept(page)).labels).toHaveLength(1);
});

test('another price: nothing is bought, both are shown; given back it can be bought anew', async ({ page, app, sell }) => {
  const before = await charges(app);
  await rated(page, app, await sell(BOWL, null));
  await tell(app, { dearerMinor: 35 });
  await buy(page);
  await expect(desk(page)).toContainText('not bought: another price');
  await expect(desk(page)).toContainText(/Agreed \$\d+\.\d\d, asked \$\d+\.\d\d/);
  expect(await charges(app)).toBe(before);
  await tell(app, {});
  await buy(page);
  await expect(desk(page)).toContainText('✓ bought');
  await page.getByRole('button', { name: 'Give it back' }).click();
  await page.getByRole('tooltip').or(page.locator('.ant-popconfirm')).getByRole('button', { name: 'Give it back' }).click();
  await expect(desk(page)).toContainText('given back');
  await buy(page);
  await expect(desk(page).getByText('✓ bought')).toHaveCount(1);
  expect(await charges(app)).toBe(before + 2);
});

test('application and counter killed while a label is bought: afterwards it is known what became of it', async ({ page, app, sell }) => {
  test.setTimeout(120_000);
  const before = await charges(app);
  const id = await sell(BOWL, null);
  await rated(page, app, id);
  await tell(app, { fails: 'afterCharge' });
  await buy(page);
  // charged at the counter, and nobody here knows it yet
  await expect.poll(() => charges(app)).toBe(before + 1);
  await app.crash('web');
  await app.crash('counter');
  await app.openCounter();
  await app.openWeb();
  await page.goto(`${app.address}/parcels/${id}/send`);
  await expect(desk(page)).toContainText('✓ bought');
  expect(await charges(app)).toBe(before + 1);
  expect((await kept(page)).labels).toHaveLength(1);
});

test('nothing is bought for an address that moved after the price was taken', async ({ page, app, sell }) => {
  const id = await sell(BOWL, null);
  await rated(page, app, id);
  await page.goto(`${app.address}/parcels/${id}/sale`);
  await page.getByLabel('To postcode').fill('81350');
  await saved(page);
  await page.goto(`${app.address}/parcels/${id}/send`);
  await buy(page);
  await expect(desk(page).getByRole('alert')).toContainText('address changed');
  expect((await kept(page)).labels).toEqual([]);
});

const papersOf = (page: Page) => page.getByRole('region', { name: 'Papers' });

test('on a tablet, abroad: address hidden until asked, customs filled in, what is due printed and said, fetched', async ({
  page,
  app,
  sell,
}) => {
  test.setTimeout(150_000);
  await page.setViewportSize({ width: 820, height: 1180 });
  const id = await sell('stoneware bowl, 5 x 5 x 4, 2 lb, sold 60, shipping 24, to XN-04021, for EV–XN', null);
  await page.goto(`${app.address}/parcels/${id}/sale`);
  await expect(page.getByText('abroad, XN: a customs sheet goes with it')).toBeVisible();
  const address = page.getByRole('region', { name: 'Buyer’s address' });
  await address.getByRole('button', { name: 'Write it' }).click();
  await address.getByRole('textbox').fill('Edda Vik');
  await address.getByRole('button', { name: 'Keep it' }).click();
  await expect(address.getByRole('alert')).toContainText('at least one line');
  await address.getByRole('textbox').fill('Edda Vik\nSkarvik 12\nVestby');
  await address.getByRole('button', { name: 'Keep it' }).click();
  await expect(address).toContainText('Kept, and hidden');
  expect(await page.content()).not.toContain('Skarvik');
  const customs = page.getByRole('region', { name: 'Customs' });
  await customs.getByText('for repair').click();
  await expect(customs).toContainText('a repair must say why');
  await saved(page);
  const refused = await printed(page, app, id, 'customs');
  expect([refused.status(), await refused.text()]).toEqual([422, expect.stringContaining('a repair must say why')]);
  await customs.getByLabel('In words, why').fill('the rim is chipped');
  await customs.getByLabel('In words, why').press('Enter');
  await expect(customs).not.toContainText('must say why');
  await saved(page);
  await expectAccessible(page);
  await rated(page, app, id);
  await expect(desk(page)).toContainText('The carrier asks the same');
  await buy(page);
  await expect(desk(page)).toContainText('✓ bought');

  const due = papersOf(page).getByRole('button', { name: /^Print what is due/ });
  await expect(due).toContainText('box tag, packing slip, opening card, customs sheet, label');
  const pdf = await printed(page, app, id, 'tag,slip,opening,customs,label');
  const file = join(mkdtempSync(join(tmpdir(), 'inch-nest-due-')), 'due.pdf');
  writeFileSync(file, await pdf.body());
  const text = execFileSync('pdftotext', ['-layout', file, '-'], { encoding: 'utf8' });
  for (const said of ['Edda Vik', 'Skarvik 12', 'Customs declaration', 'the rim is chipped', 'How to open it'])
    expect(text).toContain(said);
  expect(text.split('\f').filter((one) => one.trim() !== '')).toHaveLength(5);
  // a link to where somebody lives is nobody else's, and is written down as asked for
  const [link] = await Promise.all([page.context().waitForEvent('request', (asked) => /until=\d+&pass=/.test(asked.url())), due.click()]);
  expect(link.method()).toBe('GET');
  await expect.poll(async () => (await kept(page)).events.filter((event) => event.kind === 'papersAsked').length).toBe(2);
  expect((await kept(page)).events.filter((event) => event.kind === 'papersAsked')).toHaveLength(2);
  expect((await kept(page)).life.printed).toEqual([]);
  await page.getByRole('button', { name: 'Yes, printed' }).click();
  await expect(papersOf(page)).toContainText('Everything due has come out');
  expect((await kept(page)).life.printed).toEqual(['tag', 'slip', 'opening', 'customs', 'label']);

  await page.goto(`${app.address}/parcels/${id}/sale`);
  await address.getByRole('button', { name: 'Show it' }).click();
  await expect(address.getByRole('textbox')).toHaveValue('Edda Vik\nSkarvik 12\nVestby');
  expect((await kept(page)).events.filter((event) => event.kind === 'addressShown')).toHaveLength(1);

  await page.goto(`${app.address}/pickups`);
  await expectAccessible(page);
  const waiting = page.locator('section.pickup li').filter({ hasText: 'EV–XN' });
  await expect(waiting).toContainText('tag not matched yet');
  const carrier = page.locator('section.pickup').filter({ hasText: 'EV–XN' });
  await carrier.getByRole('button', { name: /^Have \d+ fetched/ }).click();
  await expect(carrier).toContainText(/✓ fetches .*PU\d+/);
  await page.goto(`${app.address}/parcels/${id}/send`);
  await page.getByRole('button', { name: 'They match, I looked' }).click();
  await page.getByRole('button', { name: 'Handed over' }).click();
  await expect(page.getByRole('group', { name: 'What became of it' })).toBeVisible();
  await expectAccessible(page);
  expect((await kept(page)).life.state).toBe('handedOver');
});

test('two parcels to one buyer go together: 1 of 2 on the sheets, both numbers in the message', async ({ page, app, sell }) => {
  test.setTimeout(120_000);
  const line = (what: string) => `${what}, 5 x 5 x 4, 2 lb, sold 60, shipping 14, to 40217, for TW–GL`;
  const first = await sell(line('stoneware bowl'), null);
  const second = await sell(line('stoneware jug'), null);
  await rated(page, app, second);
  await page.getByRole('button', { name: 'They go together' }).click();
  const set = page.getByRole('region', { name: 'Parcels that go together' });
  await expect(set.getByRole('listitem')).toHaveCount(2);
  await expect(papersOf(page).getByRole('button', { name: /^Print what is due/ })).toContainText('one of several');
  await buy(page);
  await expect(desk(page)).toContainText('✓ bought');
  const { labels, set: members } = await kept(page);
  await expect(page.locator('.buyer-sentence')).toContainText(/it is one of 2 parcels: .*stoneware bowl with/);
  await expect(page.locator('.buyer-sentence')).toContainText(labels[0]!.tracking!);
  expect(members.map((member) => member.id).sort()).toEqual([first, second].sort());
  // whoever matches the tag, hands over or has it fetched is told what would stay behind
  const other = members.find((member) => member.id === first)!.code;
  await expect(page.getByRole('region', { name: 'Tag and label' }).getByRole('note')).toContainText(/of 2\. 1 of 2 would stay behind/);
  await expect(page.getByRole('region', { name: 'Hand over' })).toContainText(`parcel ${other}`);
  await page.goto(`${app.address}/pickups`);
  await expect(page.locator('section.pickup li').filter({ hasText: 'stoneware jug' })).toContainText(`${other} would stay behind`);
  await page.goto(`${app.address}/parcels/${second}/send`);
  await set.getByRole('button', { name: 'This one goes alone' }).click();
  await expect(set.getByRole('listitem')).toHaveCount(0);
  await expect(set.getByRole('button', { name: 'They go together' })).toBeVisible();
});
