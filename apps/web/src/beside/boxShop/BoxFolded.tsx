'use client';
import { Button } from 'antd';
import Link from 'next/link';
import { useState } from 'react';
import { boxMade, type CutOrder } from '@inch-nest/core';
import { useSaveShop } from '../../session/useSaveShop.ts';
import { useShop } from '../../session/ShopContext.tsx';

type Folding = Extract<CutOrder, { kind: 'wrapAround' }>;

/** A box that has been folded joins the boxes on hand, and its board leaves the sheets: from then on it is planned with. */
export function BoxFolded({ order }: { order: Folding }) {
  const { shop, can } = useShop();
  const saving = useSaveShop();
  const [says, setSays] = useState<{ of: Folding; text: string; done: boolean } | null>(null);
  // a row with its price
  if (!can('money')) return null;
  const put = () => {
    try {
      const { box, stock } = boxMade(order, shop.stock, shop.house.labourMinorPerHour);
      saving.save({ stock: { ...shop.stock, ...stock } });
      setSays({ of: order, text: `${box.name}: ${box.onHand} on hand.`, done: true });
    } catch (error) {
      if (!(error instanceof RangeError)) throw error;
      setSays({ of: order, text: `That cannot be: ${error.message}. Count the sheet board anew if there is.`, done: false });
    }
  };
  return (
    <>
      <Button onClick={put}>It is folded: put it with the boxes</Button>
      <span role="status">
        {says?.of === order && (
          <>
            {says.text} {says.done && <Link href="/stock">See it in the stock.</Link>}
          </>
        )}
      </span>
    </>
  );
}
