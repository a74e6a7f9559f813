import { planRequestFor } from '@inch-nest/contracts';
import { ARCHETYPES, verifyPlan } from '@inch-nest/core';
import { freshDatabase } from '../../tests/freshDatabase.ts';
import { bowl, smallShop } from '../../tests/smallShop.ts';
import { inShop, listShelf, loadDemo, readParcel, readShop } from '../index.ts';
import { DEMO_PEOPLE, DEMO_SHOP } from './demoPeople.ts';

test('the demo loads once, a parcel at each step it can have come to, and every plan in it holds', async () => {
  const fresh = await freshDatabase();
  const now = new Date('2026-11-23T10:00:00Z');
  // an earlier start was killed with two parcels of it loaded
  const cut = await smallShop(fresh.owner);
  for (let i = 0; i < 2; i++) await bowl(inShop(fresh.owner, cut.id), cut);
  await fresh.owner.models.shop.update({ demo: true, loading: true }, { where: {} });
  expect(await loadDemo(fresh.owner, now)).toBe('demo loaded anew: an earlier loading was cut short');
  expect(await loadDemo(fresh.owner, now)).toBe('data kept');
  expect(await fresh.owner.models.shop.count()).toBe(1);
  const room = inShop(fresh.database, DEMO_SHOP.id);
  const shop = await readShop(room, now);
  const shelf = await listShelf(room);
  expect(shelf.length).toBeGreaterThanOrEqual(8);
  expect(new Set(shelf.map((tag) => tag.state))).toEqual(
    new Set(['draft', 'planned', 'weighed', 'rated', 'labelled', 'handedOver', 'damaged']),
  );
  expect(shelf.some((tag) => tag.trouble !== null)).toBe(true);
  const boxes = shop.stock.boxes.filter((box) => box.style === 'slotted');
  expect(boxes.length).toBeGreaterThanOrEqual(12);
  expect(boxes.length).toBeLessThanOrEqual(24);
  expect(shop.cards.map((card) => card.carrier)).toEqual(['Ambry Ground', 'Hawser Freight', 'Quillon Post', 'Skerrow Express']);
  const kinds = new Set<string>();
  for (const tag of shelf) {
    const view = await readParcel(room, tag.id, DEMO_PEOPLE[0]!.id);
    kinds.add(view.piece.archetype.value);
    if (view.nest.plan) expect(verifyPlan(view.nest.plan.document, planRequestFor(view, shop))).toEqual([]);
  }
  expect(kinds).toEqual(new Set(Object.keys(ARCHETYPES)));
  await fresh.drop();
}, 400_000);
