import { expect, test } from './bench.ts';
import { mkdtempSync, chmodSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { startCluster } from '../../scripts/lib/cluster.mjs';
import { freePort } from '../../scripts/lib/ports.mjs';
import { quiet } from '../../scripts/lib/run.mjs';
import { makeServices, prepareCommand } from '../../scripts/lib/services.mjs';

const root = join(import.meta.dirname, '../..');
const NETWORK = {
  address: 'https://192.0.2.2:3443',
  hosts: ['192.0.2.2:3443'],
  secret: 'of this test',
  firstCode: 'FEDCBA9876543210',
};
const ANOTHER = {
  facts: { name: 'Another', zone: 'Europe/London', currency: 'USD', originPostcode: '10115', paper: 'a4', lastCutOff: '16:00' },
  people: [{ name: 'Bram', system: 'metric' }],
  set: 'bedded',
  password: 'another one of words',
  materials: true,
};

test('a place of one’s own: asked for at the first start, made once, and a first sale planned in it', async ({ page, browser }) => {
  const folder = mkdtempSync(join(tmpdir(), 'inch-nest-own-'));
  chmodSync(folder, 0o755);
  const cluster = await startCluster(join(folder, 'state'), { fast: true });
  const { args, env } = prepareCommand(cluster.ownerUrl, { ownShop: true });
  expect(quiet(process.execPath, args, { cwd: root, env })).toMatchObject({ ok: true });
  const port = (await freePort()) as number;
  const services = makeServices(root, {
    port,
    databaseUrl: cluster.url,
    files: join(folder, 'files'),
    network: NETWORK as unknown as null,
    silent: true,
    say: () => {},
  });
  const web = await services.startWeb();
  try {
    // whatever is asked for, the shop comes first; its doors say so
    await page.goto(`${web.address}/past`);
    expect((await page.request.get(`${web.address}/api/shelf`)).status()).toBe(401);
    // whoever reaches it first over the network does not own it by that: the machine printed a code
    const afar = (code?: string) =>
      page.request.post(`${web.address}/api/first`, {
        headers: { origin: 'https://192.0.2.2:3443', host: '192.0.2.2:3443', 'x-inch-nest-front': NETWORK.secret },
        data: { ...ANOTHER, ...(code ? { code } : {}) },
      });
    for (const code of [undefined, '0123456789ABCDEF']) {
      const refused = await afar(code);
      expect([refused.status(), await refused.text()]).toEqual([422, expect.stringMatching(/the code that the machine printed/)]);
    }
    await page.getByLabel('Its name').fill('Fen Lane Finds');
    await page.getByRole('button', { name: /Make it/ }).click();
    await expect(page.getByText(/somebody packs there/)).toBeVisible();
    await page.getByLabel('Who packs there, a name on each line').fill('Una\nPiet');
    await page.getByLabel('Sent from, postcode').fill('10115');
    await page.getByRole('button', { name: /Make it/ }).click();
    await expect(page.getByText(/at least 10 signs: a few words/)).toBeVisible();
    await page.getByLabel(/^Una’s password/).fill('fen lane and a jug');
    await page.getByRole('button', { name: /Make it/ }).click();
    // whoever made it is in, with codes against a forgotten password
    await expect(page.locator('.recovery li')).toHaveCount(8);
    await page.getByRole('button', { name: 'They are put away' }).click();
    await expect(page.getByText(/Nothing is on hand yet/)).toBeVisible();
    await expect(page.getByText('Fen Lane Finds')).toBeVisible();
    const again = await page.request.post(`${web.address}/api/first`, {
      headers: { origin: web.address },
      data: ANOTHER,
    });
    expect(again.status()).toBe(422);
    // the right code comes as far as that
    const late = await afar('fedc-ba98-7654-3210');
    expect([late.status(), await late.text()]).toEqual([422, expect.stringMatching(/there is a shop here already/)]);
    await page.goto(`${web.address}/new`);
    await page.getByRole('textbox').first().fill('stoneware jug, 20 x 18 x 30 cm, 2.1 kg, sold 84, to 40217, by Friday');
    await page.keyboard.press('Enter');
    await page.waitForURL(/look-over/);
    await page.goto(page.url().replace('look-over', 'nest'));
    await expect(page.getByText(/No nest: no box on hand holds it/)).toBeVisible();
    // a stranger's browser sees nothing of it
    const stranger = await browser.newContext();
    const other = await stranger.newPage();
    await other.goto(page.url());
    await expect(other.getByRole('button', { name: 'Come in' })).toBeVisible();
    expect(await other.content()).not.toContain('stoneware');
    await stranger.close();
  } finally {
    await web.stop();
    await cluster.stop();
    rmSync(folder, { recursive: true, force: true });
  }
});
