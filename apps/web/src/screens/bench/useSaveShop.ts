'use client';
import { useRouter } from 'next/navigation';
import { useState } from 'react';
import type { SaveShop, ShopView } from '@inch-nest/contracts';
import { Refusal, send } from './http.ts';
import { useSaveState } from './SaveState.tsx';
import { useShop } from './ShopContext.tsx';

type Part = Pick<SaveShop, 'house' | 'stock' | 'facts'>;

/** What can be changed of a shop beside its rules and its stock. */
export const factsOf = ({ name, currency, zone, originPostcode, paper, lastCutOff }: ShopView): NonNullable<Part['facts']> => ({
  name,
  currency,
  zone,
  originPostcode,
  paper,
  lastCutOff,
});

/** Keeps changes of the shop as they are made, each of which can be taken back. */
export function useSaveShop() {
  const { shop, person } = useShop();
  const { mark } = useSaveState();
  const router = useRouter();
  const [problems, setProblems] = useState<readonly string[]>([]);
  const [past, setPast] = useState<readonly Part[]>([]);
  const [revision, setRevision] = useState(shop.revision);
  const put = async (part: Part): Promise<boolean> => {
    mark('shop', 'pending');
    try {
      const next = await send<ShopView>('PUT', '/api/shop', { personId: person.id, basedOn: Math.max(revision, shop.revision), ...part });
      setRevision(next.revision);
      setProblems([]);
      mark('shop', 'done');
      router.refresh();
      return true;
    } catch (error) {
      mark('shop', 'failed');
      setProblems(
        error instanceof Refusal
          ? error.status === 409
            ? ['somebody else changed the shop meanwhile: what they kept is shown now, make your change again']
            : error.problems.map(({ path, message }) => `${path}: ${message}`)
          : ['the bench could not be reached; nothing was changed'],
      );
      if (error instanceof Refusal && error.status === 409) {
        setRevision(0);
        router.refresh();
      }
      return false;
    }
  };
  const before = (part: Part): Part => ({
    ...(part.house ? { house: shop.house } : {}),
    ...(part.stock ? { stock: shop.stock } : {}),
    ...(part.facts ? { facts: factsOf(shop) } : {}),
  });
  return {
    problems,
    /** @returns true once it is kept */
    save: async (part: Part) => {
      const undo = before(part);
      const kept = await put(part);
      if (kept) setPast((all) => [...all, undo]);
      return kept;
    },
    canTakeBack: past.length > 0,
    takeBack: async () => {
      const last = past.at(-1);
      if (last && (await put(last))) setPast((all) => all.slice(0, -1));
    },
  };
}

export type SaveShopUse = ReturnType<typeof useSaveShop>;
