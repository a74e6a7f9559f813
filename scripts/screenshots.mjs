import { mkdirSync } from 'node:fs';
import { dirname, join } from 'node:path';
import { fileURLToPath } from 'node:url';
import { launchBrowser } from './lib/browser.mjs';
import { ensureDebian } from './lib/debian.mjs';
import { runMain } from './lib/stop.mjs';
import { createThrowAwayApp } from './lib/throwAwayApp.mjs';
import { ensureBuild } from './lib/webBuild.mjs';

// Pictures of each main view with the demo data, into docs/screenshots or the folder named.
const root = dirname(dirname(fileURLToPath(import.meta.url)));
const LAPTOP = { width: 1280, height: 800 };
const CELLS = { kind: 'cells', inside: [16, 14], cells: [3, 2], height: 8, caliper: 0.156 };
const VIEWS = [
  { name: 'nest', title: 'puzzle jug', station: 'nest' },
  { name: 'nest-balance', title: 'orrery', station: 'nest', press: 'Open the chart', scroll: '.open-balance' },
  { name: 'nest-drop', title: 'tea urn', station: 'nest', theme: 'night', press: 'drop it', wait: 'It feels' },
  { name: 'new-sale', path: '/new', type: 'stoneware tea urn, 9 x 8 x 14 in, 6 lb 3 oz, sold 84, to 40217, by Friday, 12 lampposts' },
  { name: 'look-over', title: 'Binnacle lamp, copper', station: 'look-over' },
  { name: 'bench', title: 'tea urn', station: 'bench', press: 'Done', wait: 'Step 2 of' },
  { name: 'day', path: '/day' },
  { name: 'weigh', title: 'ground stopper', station: 'weigh' },
  { name: 'rate', title: 'fishing float', station: 'rate' },
  { name: 'send', title: 'signal lamp', station: 'send', press: /^Buy the label/, then: 'Buy it', wait: '✓ bought' },
  { name: 'guess', path: '/guess', type: 'stoneware tea urn, 9 x 8 x 14 in, 6 lb 3 oz, sold 84, paid 22', wait: 'no zone loses money' },
  { name: 'stock', path: '/stock?sheet=order' },
  { name: 'box-shop', path: `/boxshop?order=${encodeURIComponent(JSON.stringify(CELLS))}`, wait: 'each cell' },
  { name: 'cards', path: '/cards', wait: 'Try a parcel' },
  { name: 'house', path: '/house', press: 'What fills the voids?', wait: 'in all' },
  // the folder of these pictures is nobody’s
  { name: 'upkeep', path: '/upkeep', press: 'Back up now', wait: 'Made and read back', said: '/var/lib/inch-nest-shop/backups' },
  { name: 'bench-phone', title: 'tea urn', station: 'bench', wait: /^Step \d+ of/, size: { width: 390, height: 844 } },
];
/** Of a shop on its own network, to whose devices people sign in. */
const SIGNED_VIEWS = [
  { name: 'people', path: '/people', press: 'Add a phone or tablet', wait: 'It serves once' },
  { name: 'sign-in', path: '/day', off: true, wait: 'Who is there?' },
];
const NETWORK = { address: 'https://192.0.2.2:3443', hosts: ['192.0.2.2:3443'], secret: 'of the pictures', root: null };

await runMain(async () => {
  const folder = process.argv[2] ?? join(root, 'docs/screenshots');
  mkdirSync(folder, { recursive: true });
  await ensureDebian({ postgres: true, chromium: true });
  await ensureBuild(root);
  const browser = await launchBrowser();
  try {
    await takeAll(await createThrowAwayApp(root), VIEWS);
    await takeAll(await createThrowAwayApp(root, { byItself: false, network: NETWORK }), SIGNED_VIEWS, signIn);
  } finally {
    await browser.close();
  }

  /** Takes the pictures of an application, and closes it. */
  async function takeAll(app, views, comeIn = async () => {}) {
    try {
      await take(app, views, comeIn);
    } finally {
      await app.close();
    }
  }

  async function take(app, views, comeIn) {
    const shelf = comeIn === signIn ? [] : await app.shelf();
    for (const view of views) {
      const context = await browser.newContext({ viewport: view.size ?? LAPTOP });
      await context.addCookies([{ name: 'theme', value: view.theme ?? 'day', url: app.address }]);
      await comeIn(app, context, view);
      const page = await context.newPage();
      const tag = shelf.find((one) => view.title && one.title.includes(view.title));
      await page.goto(app.address + (view.path ?? `/parcels/${tag.id}/${view.station}`));
      await page.waitForLoadState('networkidle').catch(() => undefined);
      if (view.type) await page.getByRole('textbox').first().fill(view.type);
      if (tag) await page.locator('.slip[aria-busy=false]').waitFor();
      if (view.press) await page.getByText(view.press, { exact: true }).click();
      if (view.then) await page.getByRole('button', { name: view.then, exact: true }).click();
      if (view.wait) await page.getByText(view.wait).first().waitFor();
      if (view.scroll) await page.locator(view.scroll).evaluate((part) => part.scrollIntoView({ block: 'start' }));
      await page.waitForTimeout(700);
      if (view.said)
        await page
          .locator('main code')
          .first()
          .evaluate((part, text) => (part.textContent = text), view.said);
      await page.screenshot({ path: join(folder, `${view.name}.png`) });
      await context.close();
    }
  }
});

/** Odile comes in at a device that is the shop's from then on, and goes again where that is asked. */
async function signIn(app, context, { off = false }) {
  const ask = async (path, data) => {
    const answer = await context.request.post(app.address + path, { headers: { origin: app.address }, data });
    if (!answer.ok()) throw new Error(await answer.text());
  };
  const password = 'harbour lantern row';
  await ask('/api/sign-in', { act: 'code', name: 'Odile', code: app.codeFor('Odile'), password });
  await ask('/api/sign-in', { act: 'password', name: 'Odile', password, keepDevice: true });
  if (off) await ask('/api/session', { act: 'off' });
}
