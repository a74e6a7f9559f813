'use client';
import { Button } from 'antd';
import { formatChance, isWorthLaying, mayLie } from '@inch-nest/core';
import { heldIn } from '@inch-nest/contracts';
import type { NestUse } from '../../parcel/useNest.ts';
import type { ParcelUse } from '../../parcel/useParcel.ts';
import { pieceInHand } from '../../parcel/bundleInHand.ts';
import { planner } from '../../parcel/planner.ts';
import { isAnyWrapped } from '../../parcel/isAnyWrapped.ts';
import { useAfterSearch } from '../../parcel/useAfterSearch.ts';
import { useShop } from '../../session/ShopContext.tsx';

/** What keeps its way up goes into few boxes: what lying would make of it, and one press for whoever knows that it may. */
export function MayLie({ parcel, nest }: { parcel: ParcelUse; nest: NestUse }) {
  const { write } = useShop();
  const { request, found } = nest;
  const best = useAfterSearch(nest, !isAnyWrapped(request) && mayLie(request) !== null, async (of) => {
    const said = await planner().laidDown(of);
    return said.kind === 'laidDown' ? said.best : null;
  });
  if (!best || !found || nest.searching) return null;
  const now = found.kind === 'planned' ? found.recommended : null;
  if (!isWorthLaying(best, now, found.kind === 'planned' ? found.ceiling : 1)) return null;
  const standing = heldIn(parcel.view).flatMap(({ piece }, at) => (piece.keepUpright.value ? [at] : []));
  const it = standing.length === 1 ? 'it' : 'they';
  return (
    <div className="banner mind" role="status">
      <p>
        <b>
          Must {it} keep {it === 'it' ? 'its' : 'their'} way up?
        </b>{' '}
        Laid down {it} would go for {write.money(best.costMinor)}
        {now && ` in place of ${write.money(now.costMinor)}`}, {formatChance(best.chance)}
        {now && ` in place of ${formatChance(now.chance)}`}.
      </p>
      <Button onClick={() => standing.forEach((at) => pieceInHand(parcel, at).keepField('piece', 'keepUpright', 'false'))}>
        {it === 'it' ? 'It' : 'They'} may lie
      </Button>
    </div>
  );
}
