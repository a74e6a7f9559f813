import { freshDatabase } from '../../tests/freshDatabase.ts';
import { bowl, smallShop } from '../../tests/smallShop.ts';
import { inShop, listShelf, loadDemo } from '../index.ts';
import { DEMO_PARCELS } from './demoParcels.ts';
import { DEMO_SHOP } from './demoPeople.ts';

// What the whole of it holds is looked at where a reset loads it (tests/flow/prepare.test.ts).
const FEW = DEMO_PARCELS.slice(0, 2);

test('the demo loads once; what an earlier start was killed over goes, and it loads anew', async () => {
  const fresh = await freshDatabase();
  const now = new Date('2026-11-23T10:00:00Z');
  // an earlier start was killed with two parcels of it loaded
  const cut = await smallShop(fresh.owner);
  for (let i = 0; i < 2; i++) await bowl(inShop(fresh.owner, cut.id), cut);
  await fresh.owner.models.shop.update({ demo: true, loading: true }, { where: {} });
  expect(await loadDemo(fresh.owner, now, FEW)).toBe('demo loaded anew: an earlier loading was cut short');
  expect(await loadDemo(fresh.owner, now, FEW)).toBe('data kept');
  expect(await fresh.owner.models.shop.count()).toBe(1);
  expect(await listShelf(inShop(fresh.database, DEMO_SHOP.id))).toHaveLength(FEW.length);
  await fresh.drop();
});
