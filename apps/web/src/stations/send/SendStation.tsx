'use client';
import { useMemo } from 'react';
import type { BenchUse } from '../../parcel/BenchContext.tsx';
import { useShop } from '../../session/ShopContext.tsx';
import { CameBack } from './CameBack.tsx';
import { ClaimFolder } from './ClaimFolder.tsx';
import { GoTogether } from './GoTogether.tsx';
import { HandOver } from './HandOver.tsx';
import { LabelDesk } from './LabelDesk.tsx';
import { LifeList } from './LifeList.tsx';
import { MatchTag } from './MatchTag.tsx';
import { benchPlanFor, packingShots, shotWords, type LabelMove } from '@inch-nest/contracts';
import { labelMovesSay } from '../../words/labelMoves.ts';
import { Papers } from './Papers.tsx';
import { titleOf } from '../../words/titleOf.ts';

/** The label, the papers, tag against label, and out of the door. */
export function SendStation({ parcel }: BenchUse) {
  const { shop, write } = useShop();
  const { view } = parcel;
  const weighed = view.life.weighing;
  const packing = view.photos.filter((photo) => photo.of === 'packing').length;
  const steps = useMemo(() => benchPlanFor(view, shop)?.steps ?? [], [view, shop]);
  const shots = shotWords(packingShots(view.photos, steps));
  return (
    <div className="send">
      <h1 dir="auto">{titleOf(view)}</h1>
      <p className="soft sub">
        {weighed && !view.life.weighingStale ? `Weighed ${write.weight(weighed.weightLb)}` : 'Not weighed since it last changed'}, to{' '}
        {String(view.sale.destinationPostcode.value)}, parcel <b className="numeral">{view.code}</b>,{' '}
        {shots ?? `${packing} ${packing === 1 ? 'photograph' : 'photographs'}`} of the packing.
      </p>
      <Moved moves={view.labels.find((label) => label.state === 'bought')?.moved ?? []} />
      <LabelDesk parcel={parcel} />
      <GoTogether parcel={parcel} />
      <Papers parcel={parcel} />
      <MatchTag parcel={parcel} />
      <HandOver parcel={parcel} />
      <CameBack parcel={parcel} />
      <ClaimFolder parcel={parcel} />
      <LifeList parcel={parcel} />
    </div>
  );
}

/** The label at risk, first of all. */
function Moved({ moves }: { moves: readonly LabelMove[] }) {
  const says = labelMovesSay(moves);
  return says ? (
    <p className="banner wrong" role="alert">
      <b>Label at risk.</b> {says}
    </p>
  ) : null;
}
