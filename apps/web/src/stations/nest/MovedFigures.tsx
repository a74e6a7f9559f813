'use client';
import { Button } from 'antd';
import { formatChance } from '@inch-nest/core';
import { sameContent } from '@inch-nest/contracts';
import { useShop } from '../../session/ShopContext.tsx';
import type { NestUse } from '../../parcel/useNest.ts';
import type { ParcelUse } from '../../parcel/useParcel.ts';

/** Says that what the kept plan was reckoned from has moved since, and offers both. */
export function MovedFigures({ parcel, nest }: { parcel: ParcelUse; nest: NestUse }) {
  const { write } = useShop();
  const kept = parcel.view.nest.plan?.document;
  const now = nest.worked;
  if (!kept || !now || !sameContent(kept.choice, now.choice)) return null;
  const moved = Math.abs(kept.costMinor - now.costMinor) > 0.5 || Math.abs(kept.chance - now.chance) > 1e-6 * kept.chance;
  if (!moved) return null;
  const amended = kept.coreVersion !== now.coreVersion;
  return (
    <div className="banner mind" role="status">
      <p>
        <b>{amended ? 'The reckoning has moved' : 'Figures have moved'}</b> since this nest was kept
        {amended && ` (the way breakage is reckoned was amended, ${kept.coreVersion} to ${now.coreVersion})`}: {write.money(kept.costMinor)}
        , {formatChance(kept.chance)} then; {write.money(now.costMinor)}, {formatChance(now.chance)} now.
      </p>
      <Button onClick={nest.keepAnew}>Keep this nest</Button>
      {nest.recommended && (
        <Button type="primary" onClick={() => nest.take(nest.recommended!.choice)}>
          Take the recommended
        </Button>
      )}
    </div>
  );
}
