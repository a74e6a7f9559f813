import { tearList, willNotSuffice } from '@inch-nest/core';
import type { DayView, ShopView } from '@inch-nest/contracts';
import type { ShopDatabase } from '../inShop.ts';
import { TO_PACK } from './reservedStock.ts';
import { listShelf } from './shelfRepository.ts';

const NOT_BEGUN = ['planned'];

/** What is due by today and not packed yet: pieces by bin, and what their kept nests take, in cutting order. */
export async function readDay(database: ShopDatabase, shop: ShopView): Promise<DayView> {
  const due = (await listShelf(database)).filter((tag) => tag.shipBy <= shop.today && TO_PACK.includes(tag.state));
  const parcels = await database.models.parcel.findAll({ where: { id: due.map((tag) => tag.id) } });
  const plans = await database.models.plan.findAll({ where: { id: parcels.flatMap((parcel) => parcel.planId ?? []) } });
  const planOf = (id: string) => plans.find((plan) => plan.id === parcels.find((parcel) => parcel.id === id)?.planId)?.document ?? null;
  const kept = due.flatMap(({ id, code, state }) => {
    const plan = planOf(id);
    return plan ? [{ code, state, plan }] : [];
  });
  return {
    day: shop.today,
    pull: due
      .map(({ id, code, bin, title, tag, shipBy, minutes }) => ({
        id,
        code,
        bin,
        title,
        tag,
        shipBy,
        minutes,
        planned: planOf(id) !== null,
      }))
      .sort((a, b) => (a.bin ?? '~').localeCompare(b.bin ?? '~', 'en', { numeric: true }) || a.code.localeCompare(b.code)),
    tear: tearList(kept.filter(({ state }) => NOT_BEGUN.includes(state))),
    // sealing alone counts down: what is being packed wants its stock too
    short: willNotSuffice(
      kept.map(({ code, plan }) => ({ code, uses: plan.uses ?? [] })),
      shop.stock,
    ),
  };
}

/** Every bin that holds something, in the order of the shelves. */
export async function listBins(database: ShopDatabase): Promise<string[]> {
  const bins = (await listShelf(database)).flatMap((tag) => tag.bin ?? []);
  return [...new Set(bins)].sort((a, b) => a.localeCompare(b, 'en', { numeric: true }));
}
