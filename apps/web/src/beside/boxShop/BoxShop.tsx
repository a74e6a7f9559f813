'use client';
import { useSearchParams } from 'next/navigation';
import { useState } from 'react';
import type { CutOrder } from '@inch-nest/core';
import { cutRequest, type ShelfTag } from '@inch-nest/contracts';
import { SidePage } from '../../frame/SidePage.tsx';
import { useShop } from '../../session/ShopContext.tsx';
import { CUT_KINDS, ownCaliper } from './cutKinds.ts';
import { CutTable } from './CutTable.tsx';

/** What is made for want of a box that fits: from a box in stock, from a nest’s own figures, or by hand. The order stands in the address. */
export function BoxShop({ shelf }: { shelf: ShelfTag[] }) {
  const { stock } = useShop().shop;
  const asked = useSearchParams().get('order');
  const [order, setOrder] = useState<CutOrder>(
    () => readOrder(asked) ?? CUT_KINDS.cross.begin(stock.boxes[0]?.insideIn ?? [12, 10, 8], ownCaliper(stock)),
  );
  const take = (next: CutOrder) => {
    setOrder(next);
    window.history.replaceState(null, '', `/boxshop?order=${encodeURIComponent(JSON.stringify(next))}`);
  };
  return (
    <SidePage shelf={shelf}>
      <h1>Box shop</h1>
      <p className="soft sub">For want of the right box: what to cut, to the sixteenth, with what it takes and what it bears.</p>
      <CutTable order={order} onChange={take} />
    </SidePage>
  );
}

/** An order from a link; null where there is none that holds. */
function readOrder(text: string | null): CutOrder | null {
  if (!text) return null;
  try {
    const read = cutRequest.safeParse(JSON.parse(text));
    if (!read.success) return null;
    // how it was to be drawn is no part of it
    return Object.fromEntries(Object.entries(read.data).filter(([name]) => name !== 'format')) as unknown as CutOrder;
  } catch {
    return null;
  }
}
