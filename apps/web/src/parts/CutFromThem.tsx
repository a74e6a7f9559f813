'use client';
import { Button } from 'antd';
import type { OffcutsUsed } from '@inch-nest/core';
import { FromOffcuts } from './FromOffcuts.tsx';
import { useSaveShop } from '../session/useSaveShop.ts';
import { useShop } from '../session/ShopContext.tsx';

/** What of it comes of offcuts, and that it was cut so: what was taken is gone, what is left of it is an offcut again. */
export function CutFromThem({ used }: { used: OffcutsUsed }) {
  const { taken, left } = used;
  const { shop, can } = useShop();
  const saving = useSaveShop();
  if (saving.canTakeBack)
    return (
      <p className="act-row" role="status">
        <span>✓ Cut, and what is left is noted.</span>
        <Button onClick={saving.takeBack}>Take it back</Button>
      </p>
    );
  return (
    <>
      <FromOffcuts used={used} />
      {taken.length > 0 && can('count') && (
        <p className="act-row">
          <Button onClick={() => saving.save({ stock: { ...shop.stock, offcuts: left } })}>It is cut so: note what is left</Button>
        </p>
      )}
    </>
  );
}
