import { spawnSync } from 'node:child_process';
import { join } from 'node:path';
import { planRequestFor } from '@inch-nest/contracts';
import { ARCHETYPES, verifyPlan } from '@inch-nest/core';
import { DEMO_PEOPLE, DEMO_SHOP } from '../../packages/data/src/demo/demoPeople.ts';
import { inShop, listShelf, readParcel, readShop } from '../../packages/data/src/index.ts';
import { freshDatabase } from '../../packages/data/tests/freshDatabase.ts';
import { smallShop } from '../../packages/data/tests/smallShop.ts';

const root = join(__dirname, '../..');
const prepare = (url: string, ...args: string[]) =>
  spawnSync(process.execPath, ['--import', 'tsx', 'packages/data/src/cli/prepare.ts', ...args], {
    cwd: root,
    encoding: 'utf8',
    env: { ...process.env, DATABASE_URL: url },
  });

describe('a reset', () => {
  let fresh: Awaited<ReturnType<typeof freshDatabase>>;
  beforeAll(async () => {
    fresh = await freshDatabase();
    await smallShop(fresh.database);
  });
  afterAll(() => fresh.drop());

  test('refuses data without the demo’s mark, and drops the demo', async () => {
    const { database, owner, url } = fresh;
    const refused = prepare(url, '--reset');
    expect(refused.status).toBe(3);
    expect(refused.stderr).toMatch(/not the demo’s/);
    expect(await database.models.shop.count()).toBe(1);
    expect(prepare(url).stdout).toMatch(/data kept/);
    await database.models.shop.update({ demo: true }, { where: {} });
    expect(prepare(url, '--reset').stdout).toMatch(/demo loaded/);
    expect(await owner.models.shop.count()).toBe(1);
  });

  test('the demo it loads has a parcel at each step it can have come to, of every kind, and every plan in it holds', async () => {
    const room = inShop(fresh.owner, DEMO_SHOP.id);
    const shop = await readShop(room, new Date());
    const shelf = await listShelf(room);
    expect(shelf.length).toBeGreaterThanOrEqual(8);
    expect(new Set(shelf.map((tag) => tag.state))).toEqual(
      new Set(['draft', 'planned', 'weighed', 'rated', 'labelled', 'handedOver', 'damaged']),
    );
    expect(shelf.some((tag) => tag.trouble !== null)).toBe(true);
    const boxes = shop.stock.boxes.filter((box) => box.style === 'slotted');
    expect(boxes.length).toBeGreaterThanOrEqual(12);
    expect(boxes.length).toBeLessThanOrEqual(30);
    expect(shop.cards.map((card) => card.carrier)).toEqual(['Ambry Ground', 'Hawser Freight', 'Quillon Post', 'Skerrow Express']);
    const kinds = new Set<string>();
    for (const tag of shelf) {
      const view = await readParcel(room, tag.id, DEMO_PEOPLE[0]!.id);
      kinds.add(view.piece.archetype.value);
      // of what a sale brought each of its boxes has its part by what all of them cost, some of which were planned later
      const moved = (fault: string) => view.share !== null && fault.startsWith('keptMinor: ');
      if (view.nest.plan)
        expect(verifyPlan(view.nest.plan.document, planRequestFor(view, shop)).filter((fault) => !moved(fault))).toEqual([]);
    }
    expect(kinds).toEqual(new Set(Object.keys(ARCHETYPES)));
  });
});
