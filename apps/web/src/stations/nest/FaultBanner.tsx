'use client';
import { Button } from 'antd';
import { formatChance, type PlanDocument } from '@inch-nest/core';
import { useShop } from '../../session/ShopContext.tsx';
import type { NestUse } from '../../parcel/useNest.ts';
import type { ParcelUse } from '../../parcel/useParcel.ts';
import { applyChange } from '../../parcel/applyChange.ts';
import { faultWords } from '../../words/faultWords.ts';
import { changeWords } from '../../words/changeWords.ts';

/** What is wrong with the nest, first, with the remedy as the strong button. */
export function FaultBanner({ plan, parcel, nest }: { plan: PlanDocument; parcel: ParcelUse; nest: NestUse }) {
  const { write } = useShop();
  const fault = plan.faults[0];
  if (!fault) return null;
  const words = faultWords(fault, plan, write);
  const remedy = fault.blocks ? nest.changes.find((change) => !change.blocks) : undefined;
  const wished =
    fault.kind === 'gap' && !fault.blocks ? nest.changes.find(({ change, keepsWish }) => change.kind === 'box' && keepsWish) : undefined;
  const recommended = fault.blocks && !remedy ? nest.recommended : null;
  return (
    <div className={fault.blocks ? 'banner wrong' : 'banner mind'} role="alert">
      <p>
        <b>{words.title}</b> {words.says}{' '}
        {wished && (
          <>
            {changeWords(wished.change, nest)} keeps it: {formatChance(plan.chance)} becomes {formatChance(wished.chance)},{' '}
            {wished.deltaCostMinor < 0 ? 'saves ' : 'costs '}
            {write.money(Math.abs(wished.deltaCostMinor))}.
          </>
        )}
        {remedy && (
          <>
            {changeWords(remedy.change, nest)}: {formatChance(plan.chance)} becomes {formatChance(remedy.chance)},{' '}
            {remedy.deltaCostMinor < 0 ? 'saves ' : ''}
            {write.money(Math.abs(remedy.deltaCostMinor))}.
          </>
        )}
      </p>
      {remedy && (
        <Button type="primary" onClick={() => applyChange(remedy, parcel, nest)}>
          Do that
        </Button>
      )}
      {recommended && (
        <Button type="primary" onClick={() => nest.take(recommended.choice)}>
          Take the recommended
        </Button>
      )}
    </div>
  );
}
