'use client';
import { Button } from 'antd';
import { formatChance, type PlanDocument, type PlanFault } from '@inch-nest/core';
import { useShop } from '../../session/ShopContext.tsx';
import type { NestUse } from '../../parcel/useNest.ts';
import type { ParcelUse } from '../../parcel/useParcel.ts';
import { applyChange } from '../../parcel/applyChange.ts';
import { changeWords } from '../../words/changeWords.ts';

/** What is wrong with the nest, first, with the remedy as the strong button. */
export function FaultBanner({ plan, parcel, nest }: { plan: PlanDocument; parcel: ParcelUse; nest: NestUse }) {
  const { write } = useShop();
  const fault = plan.faults[0];
  if (!fault) return null;
  const remedy = fault.blocks ? nest.changes.find((change) => !change.blocks) : undefined;
  const recommended = fault.blocks && !remedy ? nest.recommended : null;
  return (
    <div className={fault.blocks ? 'banner wrong' : 'banner mind'} role="alert">
      <p>
        {faultWords(fault, plan, write.length)}{' '}
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

function faultWords(fault: PlanFault, plan: PlanDocument, length: (inches: number) => string): React.ReactNode {
  switch (fault.kind) {
    case 'feel':
      return (
        <>
          <b>{`${fault.where.charAt(0).toUpperCase()}${fault.where.slice(1)} would still be felt.`}</b> Cover {length(fault.coverIn)},
          wanted {length(fault.wantedIn)}.
        </>
      );
    case 'gap':
      return (
        <>
          <b>Too little bedding {fault.face === 'bottom' ? 'below' : fault.face === 'top' ? 'on top' : 'at the sides'}.</b>{' '}
          {length(fault.gapIn)}, wanted {length(fault.wantedIn)}.
        </>
      );
    case 'certificate':
      return (
        <>
          <b>The box is not certified for this.</b> {plan.weight.grossLb.toFixed(1)} lb is more than its board may carry.
        </>
      );
    case 'softFirstLayer':
      return (
        <>
          <b>The finish rubs off.</b> It wants tissue or foam next to it, nothing else.
        </>
      );
    case 'dampBarrier':
      return (
        <>
          <b>It suffers from damp.</b> It wants a bag or film.
        </>
      );
    case 'thin':
      return (
        <>
          <b>Thinly wrapped.</b> The bundle is only {length(fault.growsIn)} larger than the piece.
        </>
      );
    case 'heavyInner':
      return (
        <>
          <b>The inner box is heavy for the piece.</b> It pushes as it lands; the chance counts that.
        </>
      );
    case 'shallow':
      return (
        <>
          <b>A shallow box.</b> Its crush strength is outside of what the formula was fitted for: take it as a guess.
        </>
      );
    case 'noneLeft':
      return (
        <>
          <b>None left of that box.</b> Fetch one or take another.
        </>
      );
  }
}
