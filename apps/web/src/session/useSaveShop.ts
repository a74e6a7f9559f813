'use client';
import { useState } from 'react';
import { shopChangesBetween, takenBack, type KeptShop, type ToldMove } from '@inch-nest/contracts';
import { useShop } from './ShopContext.tsx';

/**
 * Keeps changes of the shop as they are made, each of which can be taken back. What is given is compared with what is
 * shown: only the rules, rows and cells that differ are sent, so that nobody's other change is touched.
 */
export function useSaveShop() {
  const { shop, kept, keeper } = useShop();
  const [past, setPast] = useState<readonly { path: string; value: unknown }[][]>([]);
  const put = (changes: readonly { path: string; value: unknown }[]) =>
    keeper.set(changes.map((change) => ({ ...change, seen: shop.heldRevision })));
  const problems = keeper.pending.flatMap((one) => (one.problem ? [{ path: one.path, says: one.problem }] : []));
  return {
    /** What cannot be kept as it is, each with its part of the shop. */
    problems,
    clashes: keeper.pending.flatMap((one) => (one.clash ? [{ path: one.path, mine: one.value, theirs: one.clash }] : [])),
    settle: keeper.settle,
    /** Lets go of what cannot be kept. */
    drop: keeper.drop,
    save: (part: Partial<KeptShop>) => {
      const changes = shopChangesBetween(kept, part);
      if (changes.length === 0) return;
      const back = part.stock || part.house || part.facts || part.people ? invert(kept, part) : [];
      put(changes);
      setPast((all) => [...all, back]);
    },
    /** Something came or went: no value that is typed over, but a move of its own. */
    tell: (move: ToldMove) => {
      put([{ path: `moves/${crypto.randomUUID()}`, value: move }]);
      setPast((all) => [...all, [{ path: `moves/${crypto.randomUUID()}`, value: takenBack(move, kept.stock) }]]);
    },
    canTakeBack: past.length > 0,
    takeBack: () => {
      const last = past.at(-1);
      if (!last) return;
      put(last);
      setPast((all) => all.slice(0, -1));
    },
  };
}

/** What takes a change back: from the shop as it would be to the shop as it is, in those parts alone. */
function invert(kept: KeptShop, part: Partial<KeptShop>): { path: string; value: unknown }[] {
  const touched: Partial<KeptShop> = {
    ...(part.house ? { house: kept.house } : {}),
    ...(part.facts ? { facts: kept.facts } : {}),
    ...(part.stock ? { stock: kept.stock } : {}),
    ...(part.people ? { people: kept.people } : {}),
  };
  return shopChangesBetween({ ...kept, ...part }, touched);
}

export type SaveShopUse = ReturnType<typeof useSaveShop>;
