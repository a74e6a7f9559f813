import { dirname } from 'node:path';
import { fileURLToPath } from 'node:url';
import { launchBrowser } from '../scripts/lib/browser.mjs';
import { createThrowAwayApp } from '../scripts/lib/throwAwayApp.mjs';

// One plain parcel from the typed line to its label by keys alone: how many are pressed, beside how many may be. What is typed
// (the line, the bundle's measure, the weight) is counted by itself.
const root = dirname(dirname(fileURLToPath(import.meta.url)));
const MOST_KEYS = 90;
const LINE = 'stoneware bowl, 7 x 7 x 4 in, 2 lb 6 oz, sold 64, shipping 14, to 40217';

const app = await createThrowAwayApp(root);
const browser = await launchBrowser();
let [pressed, signs] = [0, 0];
const by = new Map();
try {
  const page = await browser.newPage({ viewport: { width: 1280, height: 800 }, reducedMotion: 'reduce' });
  let place = 'the line';
  const press = async (key) => {
    await page.keyboard.press(key);
    pressed++;
    by.set(place, (by.get(place) ?? 0) + 1);
  };
  const type = async (text) => {
    await page.keyboard.type(text);
    signs += text.length;
  };
  const still = () => page.waitForTimeout(500);
  /** Tabs until something of that name has the focus. */
  const tabTo = async (name) => {
    for (let tabs = 0; tabs < 60; tabs++) {
      await press('Tab');
      const now = await page.evaluate(() => {
        const at = document.activeElement;
        const label = at?.id ? document.querySelector(`label[for="${at.id}"]`)?.textContent : '';
        return `${at?.getAttribute('aria-label') ?? ''} ${label ?? ''} ${at?.textContent ?? ''}`;
      });
      if (name.test(now)) return;
    }
    throw new Error(`no Tab leads to ${name}`);
  };
  const settled = () => page.locator('.slip[aria-busy=false] .chance').waitFor();
  const title = () => page.locator('.step-card h2').first().textContent();

  await page.goto(`${app.address}/new`);
  await type(LINE);
  await press('Enter');
  await page.waitForURL(/look-over/);
  await settled();

  place = 'the nest';
  await press('3');
  await page.waitForURL(/nest/);
  await settled();
  await press('t');
  await page
    .getByRole('button', { name: /^Recommended/ })
    .and(page.locator('[aria-pressed=true]'))
    .waitFor();
  await still();

  place = 'the bench';
  await press('6');
  await page.waitForURL(/bench/);
  await page.locator('.step-card').waitFor();
  for (let step = 0; step < 60; step++) {
    await still();
    const seal = page.getByRole('button', { name: 'Seal it' });
    if (await seal.isVisible().catch(() => false)) {
      await tabTo(/^ ?.*Seal it/);
      await press('Enter');
      break;
    }
    const before = await title();
    await press('Space');
    await still();
    if ((await title()) !== before) continue;
    // what is not ticked is asked after, and one press ticks it
    const ticks = page.getByRole('button', { name: /^(They are in|All of it is in|It is in)/ });
    if (await ticks.isVisible().catch(() => false)) {
      await tabTo(/is in|are in/);
      await press('Enter');
    }
  }
  await page.getByRole('heading', { name: '✓ Sealed' }).waitFor();

  place = 'the scale';
  await press('7');
  await page.waitForURL(/weigh/);
  await tabTo(/Reading 1/);
  await type('3 lb 9 oz');
  await press('Enter');
  await page.getByRole('button', { name: 'Kept', exact: true }).waitFor();

  place = 'the rate';
  await press('8');
  await page.waitForURL(/rate/);
  await page
    .getByRole('button', { name: /^Choose/ })
    .first()
    .waitFor();
  await still();
  await press('c');
  await page.getByText('✓ Chosen').waitFor();

  place = 'the label';
  await press('9');
  await page.waitForURL(/send/);
  await still();
  await tabTo(/^ ?.*Buy the label/);
  await press('Enter');
  await page.getByRole('button', { name: 'Buy it' }).waitFor();
  await still();
  await press('Enter');
  await page.getByText('✓ bought').waitFor();
  for (const [where, keys] of by) console.log(`${`keys pressed at ${where}`.padEnd(76)} ${keys}`);
  console.log(
    `${'a plain parcel from its line to its label by keys alone'.padEnd(76)} ${pressed} keys, ${(pressed / MOST_KEYS).toFixed(2)} of the limit ${MOST_KEYS}; ${signs} signs typed`,
  );
} finally {
  await browser.close();
  await app.close();
}
