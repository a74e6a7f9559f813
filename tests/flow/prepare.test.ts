import { spawnSync } from 'node:child_process';
import { join } from 'node:path';
import { freshDatabase } from '../../packages/data/tests/freshDatabase.ts';
import { smallShop } from '../../packages/data/tests/smallShop.ts';

const root = join(__dirname, '../..');
const prepare = (url: string, ...args: string[]) =>
  spawnSync(process.execPath, ['--import', 'tsx', 'packages/data/src/cli/prepare.ts', ...args], {
    cwd: root,
    encoding: 'utf8',
    env: { ...process.env, DATABASE_URL: url },
  });

test('a reset refuses data without the demo’s mark, and drops the demo', async () => {
  const { database, owner, url, drop } = await freshDatabase();
  await smallShop(database);
  const refused = prepare(url, '--reset');
  expect(refused.status).toBe(3);
  expect(refused.stderr).toMatch(/not the demo’s/);
  expect(await database.models.shop.count()).toBe(1);
  expect(prepare(url).stdout).toMatch(/data kept/);
  await database.models.shop.update({ demo: true }, { where: {} });
  expect(prepare(url, '--reset').stdout).toMatch(/demo loaded/);
  expect(await owner.models.parcel.count()).toBeGreaterThanOrEqual(8);
  await drop();
});
