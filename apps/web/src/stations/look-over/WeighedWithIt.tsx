'use client';
import { Button } from 'antd';
import { useState } from 'react';
import { heldIn } from '@inch-nest/contracts';
import type { ParcelUse } from '../../parcel/useParcel.ts';
import { useShop } from '../../session/ShopContext.tsx';

/** What a part and its whole must differ by at least, lb: no piece weighs less. */
const LEAST_LB = 1 / 160;

/**
 * Whether a whole was weighed with this part on it: its weight is then too much by the part's, and is put right with one press. A part
 * that weighs more than that did cannot have been on it.
 */
export function WeighedWithIt({ parcel, whole, pieceId }: { parcel: ParcelUse; whole: ParcelUse; pieceId: string }) {
  const { write } = useShop();
  const [isDone, setDone] = useState(false);
  const held = heldIn(whole.view);
  const at = held.findIndex((one) => one.pieceId === pieceId);
  const of = held[at]?.piece;
  const { weight, count } = parcel.view.piece;
  if (isDone || !of || weight.value === null || of.weight.value === null) return null;
  // of several alike each has its own
  const partLb = (weight.value * count.value) / of.count.value;
  const leftLb = of.weight.value - partLb;
  const title = of.title.value;
  if (leftLb < LEAST_LB)
    return (
      <div className="meaning wrong">
        ✗ {write.weight(partLb)} is no less than {title} weighs, {write.weight(of.weight.value)}: one of the two is wrong, unless that was
        weighed without it
      </div>
    );
  return (
    <div className="meaning weighed-with-it">
      <Button
        onClick={() => {
          whole.keepField('piece', 'weight', write.weight(leftLb), at);
          setDone(true);
        }}
      >
        Was {title} weighed with it on? {write.weight(leftLb)} without
      </Button>
    </div>
  );
}
