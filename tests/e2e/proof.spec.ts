import { execFileSync } from 'node:child_process';
import { unzipSync } from 'fflate';
import sharp from 'sharp';
import type { ShopView } from '@inch-nest/contracts';
import { buy, rated } from './onTheWay.ts';
import { expect, expectAccessible, kept, saved, settled, test } from './bench.ts';

const JPEG = () =>
  sharp({ create: { width: 64, height: 48, channels: 3, background: '#8a6a35' } })
    .jpeg()
    .toBuffer();
const picture = async (name: string) => ({ name, mimeType: 'image/jpeg', buffer: await JPEG() });
const textOf = (pdf: Uint8Array) => execFileSync('pdftotext', ['-layout', '-', '-'], { input: pdf, encoding: 'utf8' }).replace(/\s+/g, ' ');

test('each step has its camera; what is wanted is counted by name, and the picture keeps the name of its step', async ({ page, sell }) => {
  await sell('stoneware bowl, 5 x 5 x 3, 2 lb, sold 60, shipping 14, to 40217', 'bench');
  const card = page.getByRole('region', { name: 'The step in hand' });
  const first = (await card.getByRole('heading', { level: 2 }).textContent())!;
  await card.getByLabel(`Photograph of ${first}`, { exact: true }).setInputFiles(await picture('layer.jpg'));
  await expect(card.getByText('✓ 1 taken')).toBeVisible();
  await expect.poll(async () => (await kept(page)).photos.length).toBe(1);
  const { step } = (await kept(page)).photos[0]!;
  expect(step).toContain('layer:');
  // the step at the end lists what is still missing, by the steps’ own names
  await page.getByRole('list', { name: 'All steps' }).getByRole('button', { name: 'Photographs' }).click();
  const wanted = card.getByRole('list', { name: 'Photographs that are wanted' });
  await expect(wanted.getByRole('listitem').first()).toContainText(`${first}, taken`);
  await expect(card.getByText(/^1 of \d photographs$/)).toBeVisible();
  for (let left = await wanted.getByRole('button', { name: 'Take it' }).count(); left > 0; left--) {
    await wanted
      .locator('input[type=file]')
      .first()
      .setInputFiles(await picture(`${left}.jpg`));
    await expect(wanted.getByRole('button', { name: 'Take it' })).toHaveCount(left - 1);
  }
  await expect(card.getByText(/^(\d) of \1 photographs$/)).toBeVisible();
  await expectAccessible(page);
});

test('practised hands do a stretch at once: fewer cards, every step still noted, and back one by one', async ({ page, sell }) => {
  await sell('stoneware crock, 6 x 6 x 5, 3 lb, sold 60, shipping 14, to 40217', 'bench');
  const card = page.getByRole('region', { name: 'The step in hand' });
  const all = await page.getByRole('list', { name: 'All steps' }).getByRole('button').count();
  await page.getByRole('button', { name: 'In stretches' }).click();
  let actions = 0;
  const sealed = page.getByRole('region', { name: 'Before it is sealed' });
  while ((await card.count()) > 0 && actions < 40) {
    const place = (await card.locator('.step-place').textContent())!;
    const act = card.getByRole('button', { name: /^(Done|It passes|All pass)$/ });
    const tick = card.getByRole('checkbox', { checked: false });
    if ((await tick.count()) > 0) {
      await tick.first().click();
      actions++;
    }
    // what is not measured is left as it was reckoned
    const reckoned = card.getByRole('button', { name: 'Leave it as reckoned' });
    await ((await reckoned.count()) > 0 ? reckoned : act.and(page.locator(':enabled')).first()).click();
    actions++;
    await expect(page.locator('.step-place', { hasText: place })).toHaveCount(0);
  }
  // a good deal fewer than step by step
  expect(actions).toBeLessThan(all * 0.75);
  await saved(page);
  expect((await kept(page)).life.steps).toHaveLength(all);
  await page.getByRole('button', { name: 'Back one step' }).click();
  await expect(card).toBeVisible();
  await expect(sealed).toBeVisible();
});

test('what came back is looked at beside what was sent; the carrier’s folder proves it and says nothing against the shop', async ({
  page,
  app,
  sell,
}) => {
  const id = await sell('brass sextant, 8 x 6 x 4, 4 lb, sold 90, shipping 14, to 40217', 'look-over');
  const number = page.getByLabel('Serial number');
  await number.fill('No 118');
  await number.press('Tab');
  const seal = page.getByLabel('Seal over a seam');
  await seal.fill('S4');
  await seal.press('Tab');
  await saved(page);
  const shop = (await (await fetch(`${app.address}/api/shop`)).json()) as ShopView;
  const personId = shop.people[0]!.id;
  const report = async (happening: object) => {
    const answer = await page.request.post(`${app.address}/api/parcels/${id}/events`, {
      headers: { origin: app.address },
      data: { personId, eventId: crypto.randomUUID(), happening },
    });
    expect(answer.ok(), await answer.text()).toBe(true);
  };
  const { nest } = await kept(page);
  expect(nest.plan).not.toBeNull();
  await page.goto(`${app.address}/parcels/${id}/bench`);
  await settled(page);
  // passed tests, sealed, weighed and out of the door
  const due = await page
    .getByRole('list', { name: 'All steps' })
    .getByRole('button', { name: /^Test: / })
    .allTextContents();
  const KEYS: Record<string, string> = {
    feel: 'feel',
    'bundle size': 'bundleSize',
    touch: 'touch',
    'finger gap': 'fingerGap',
    shake: 'shake',
    'lid press': 'lidPress',
    seams: 'seams',
    'case shake': 'caseShake',
  };
  for (const one of due) await report({ kind: 'testTried', test: KEYS[one.replace('Test: ', '').trim()], result: 'passed' });
  await report({ kind: 'sealed' });
  await rated(page, app, id);
  await buy(page);
  await expect(page.getByRole('region', { name: 'Label', exact: true })).toContainText('✓ bought');
  await report({ kind: 'tagMatched' });
  await report({ kind: 'handedOver' });
  await report({ kind: 'returned' });

  await page.goto(`${app.address}/parcels/${id}/send`);
  const back = page.getByRole('region', { name: 'What came back' });
  await expect(back.getByRole('group', { name: 'As it was sent' })).toContainText('No 118, seal S4');
  await back.getByLabel('Number on it').fill('no. 119');
  await expect(back.getByRole('radio', { name: /^Not the piece that was sent/ })).toBeChecked();
  await back.getByLabel('Number on it').fill('no. 118');
  await expect(back.getByRole('radio', { name: /^The same piece/ })).toBeChecked();
  await back.getByRole('radio', { name: 'seal broken' }).check();
  await expect(back.getByRole('radio', { name: /^Opened on the other side/ })).toBeChecked();
  await back.getByLabel('Photographs of what came back').setInputFiles(await picture('back.jpg'));
  await expect(back.getByAltText('Photograph 1 of what came back')).toBeVisible();
  // what is to be seen is shown upon the picture, which stays as it was taken
  await back.getByRole('button', { name: 'Mark photograph 1 of what came back' }).click();
  const marks = page.getByRole('dialog');
  await marks.getByText('word', { exact: true }).click();
  await marks.getByRole('button', { name: 'Put one in the middle' }).click();
  await marks.getByLabel('Word 1', { exact: true }).fill('cracked at the foot');
  await expectAccessible(page);
  await marks.getByRole('button', { name: 'Keep the marks' }).click();
  await expect(back.getByAltText('Photograph 1 of what came back, marked')).toBeVisible();
  await back.getByRole('button', { name: 'Note the finding' }).click();
  await expect(back.getByRole('status')).toContainText('Noted: opened on the other side');
  await expectAccessible(page);

  const folder = async (reader: 'carrier' | 'shop') => {
    const claim = await page.request.post(`${app.address}/api/parcels/${id}/claim`, {
      headers: { origin: app.address },
      form: { personId, as: 'zip', for: reader },
    });
    return unzipSync(new Uint8Array(await claim.body()));
  };
  const given = await folder('carrier');
  expect(Object.keys(given).sort()).toEqual(['claim.pdf', 'photographs/01-what-came-back.jpg', 'readings.csv']);
  const text = textOf(given['claim.pdf']!);
  for (const said of [
    'Worth $90.00: what it was sold for',
    'number No 118',
    'seal S4',
    'seal broken',
    'Finding: opened',
    'cracked at the foot',
    'edge crush',
    'Shake: ',
  ])
    expect(text).toContain(said);
  for (const own of [/chance/i, /1 in \d/, /missing/i, /reckoned/i, /a nest was kept/i]) expect(text).not.toMatch(own);
  const ours = await folder('shop');
  expect(Object.keys(ours)).toContain('parcel.json');
  expect(textOf(ours['claim.pdf']!)).toMatch(/What is missing.*chance that it breaks/);
});
