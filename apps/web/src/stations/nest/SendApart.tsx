'use client';
import { Button } from 'antd';
import { useState } from 'react';
import { isPacked } from '@inch-nest/core';
import { heldIn, type ParcelView, type SplitParcel } from '@inch-nest/contracts';
import type { ParcelUse } from '../../parcel/useParcel.ts';
import { Trouble } from '../../parts/Trouble.tsx';
import { send } from '../../session/http.ts';
import { useShop } from '../../session/ShopContext.tsx';
import type { BoxedWay } from '../../workers/planner.protocol.ts';

interface Props {
  parcel: ParcelUse;
  way: Pick<BoxedWay, 'parts'>;
  /** As it is read out, where more than one such button stands there. */
  label?: string;
  strong?: boolean;
  children: React.ReactNode;
}

/** One press by which the pieces of a parcel go in the boxes of a way, until it is sealed; one undo joins them again. */
export function SendApart({ parcel: { view, put }, way: { parts }, label, strong = false, children }: Props) {
  const { person } = useShop();
  const [problem, setProblem] = useState<string | null>(null);
  const [busy, setBusy] = useState(false);
  const split = async () => {
    setProblem(null);
    setBusy(true);
    const held = heldIn(view);
    const [, ...lots] = parts.map(({ holds }) => holds.map(({ at, count }) => ({ bundleId: held[at]!.bundleId, count })));
    const command: SplitParcel = { personId: person.id, act: 'split', lots };
    try {
      put(await send<ParcelView>('POST', `/api/parcels/${view.id}/pieces`, command));
    } catch (error) {
      setProblem(error instanceof Error ? error.message : 'that did not work');
    }
    setBusy(false);
  };
  if (isPacked(view.life)) return null;
  return (
    <>
      <Button type={strong ? 'primary' : 'default'} loading={busy} onClick={() => void split()} {...(label ? { 'aria-label': label } : {})}>
        {children}
      </Button>
      <Trouble says={problem} />
    </>
  );
}
