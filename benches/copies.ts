import { createHash } from 'node:crypto';
import { copyFileSync, mkdirSync, mkdtempSync, readdirSync, rmSync, statSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { openCopy, restoreCopy, writeCopy } from '@inch-nest/backup';
import { inShop } from '@inch-nest/data';
import { freshDatabase } from '../packages/data/tests/freshDatabase.ts';
import { manyParcels } from '../packages/data/tests/manyParcels.ts';
import { bowl, NOW, smallShop, tell } from '../packages/data/tests/smallShop.ts';

// A shop of five thousand parcels, a picture each, copied whole and put back: against copying its pictures alone, file by file.

const PARCELS = 5_000;
const PICTURE_BYTES = 60_000;

async function time<Done>(work: () => Promise<Done>): Promise<readonly [ms: number, done: Done]> {
  const start = performance.now();
  const done = await work();
  return [performance.now() - start, done];
}

const folder = mkdtempSync(join(tmpdir(), 'inch-nest-bench-copies-'));
const fresh = await freshDatabase();
try {
  const shop = await smallShop(fresh.owner);
  const room = inShop(fresh.owner, shop.id);
  const over = await bowl(room, shop);
  await tell(room, over, { kind: 'weighed', readingsLb: [3], outsideIn: null }, NOW);
  await manyParcels(fresh.owner, over, PARCELS);
  const photos = join(folder, 'photos');
  for (let i = 0; i < PARCELS; i++) {
    const content = createHash('sha256').update(String(i)).digest('hex');
    mkdirSync(join(photos, content.slice(0, 2)), { recursive: true });
    const bytes = createHash('shake256', { outputLength: PICTURE_BYTES }).update(content).digest();
    for (const name of [content, `${content}-small`])
      writeFileSync(join(photos, content.slice(0, 2), `${name}.jpg`), bytes.subarray(0, name === content ? PICTURE_BYTES : 6_000));
    await fresh.owner.sequelize.query(
      `insert into photo (id, shop_id, parcel_id, person_id, at, "of", content, width, height)
       select gen_random_uuid(), shop_id, id, $1, now(), 'piece', $2, 10, 8 from parcel order by id offset $3 limit 1`,
      { bind: [shop.people[0]!.id, content, i] },
    );
  }
  const plain = join(folder, 'plain');
  const [plainMs] = await time(() => {
    for (const name of readdirSync(photos, { recursive: true, encoding: 'utf8' }).filter((one) => one.endsWith('.jpg'))) {
      mkdirSync(join(plain, name, '..'), { recursive: true });
      copyFileSync(join(photos, name), join(plain, name));
    }
    return Promise.resolve();
  });
  const path = join(folder, 'all.zip');
  const [madeMs, manifest] = await time(() => writeCopy({ database: fresh.owner, photos, now: NOW }, path));
  const place = await freshDatabase({ migrations: [] });
  const copy = await openCopy(path);
  const [backMs, told] = await time(() => restoreCopy(copy, place.owner, join(folder, 'back')));
  await copy.close();
  await place.drop();
  const report = (what: string, figure: string) => console.log(`${`  ${what}`.padEnd(76)} ${figure}`);
  const bytes = manifest.pictures.reduce((sum, one) => sum + one.bytes, 0);
  console.log(
    `${PARCELS.toLocaleString('en')} parcels, ${told.rows.toLocaleString('en')} rows, ${told.pictures.toLocaleString('en')} pictures:\n`,
  );
  report(
    'a backup over its pictures alone, in bytes',
    (statSync(path).size / bytes).toFixed(2) + `  (${(statSync(path).size / 1e6).toFixed(0)} MB)`,
  );
  report('written, over copying the pictures file by file', `${(madeMs / plainMs).toFixed(1)}  (${(madeMs / 1000).toFixed(1)} s)`);
  report('put back and compared, over writing it', `${(backMs / madeMs).toFixed(1)}  (${(backMs / 1000).toFixed(1)} s)`);
} finally {
  await fresh.drop();
  rmSync(folder, { recursive: true, force: true });
}
