'use client';
import { Button } from 'antd';
import { countedTitle, evenStacks, formatChance, isBetterSo, piecesOf, waysToStack, type Stacking } from '@inch-nest/core';
import type { NestUse } from '../../parcel/useNest.ts';
import type { ParcelUse } from '../../parcel/useParcel.ts';
import { pieceInHand } from '../../parcel/bundleInHand.ts';
import { planner } from '../../parcel/planner.ts';
import { isAnyWrapped } from '../../parcel/isAnyWrapped.ts';
import { useAfterSearch } from '../../parcel/useAfterSearch.ts';
import { useShop } from '../../session/ShopContext.tsx';

/** Plates, tiles, books, each wrapped by itself: what stacking them would make, with a sheet between each two of what breaks. */
export function StackThem({ parcel, nest }: { parcel: ParcelUse; nest: NestUse }) {
  const { write } = useShop();
  const { request, found } = nest;
  const best = useStacked(nest);
  if (!best || !found || nest.searching) return null;
  const now = found.kind === 'planned' ? found.recommended : null;
  if (!isBetterSo(best, now, found.kind === 'planned' ? found.ceiling : 1)) return null;
  const facts = piecesOf(request);
  const stack = () => {
    for (const { at, most, interleaf } of best.stackings) {
      const { keepField } = pieceInHand(parcel, at);
      // what lies between them first: they are never bare against one another
      keepField('piece', 'interleaf', JSON.stringify(interleaf));
      keepField('piece', 'stackOf', String(most));
    }
  };
  const nameOf = (key: string) => request.stock.wraps.find((wrap) => wrap.key === key)?.name ?? key;
  return (
    <div className="banner mind" role="status">
      <p>
        <b>Stacked they go for less:</b> {best.stackings.map((one) => howStacked(one, facts[one.at]!, nameOf)).join('; ')}.{' '}
        {now
          ? `${write.money(best.costMinor)} in place of ${write.money(now.costMinor)}, ${formatChance(best.chance)} in place of ${formatChance(now.chance)}.`
          : `${write.money(best.costMinor)}, ${formatChance(best.chance)}.`}
      </p>
      <Button type="primary" onClick={stack}>
        Stack them so
      </Button>
    </div>
  );
}

/** `24 tiles in 2 stacks of 12, a sheet of thin foam between each two`. */
function howStacked({ most, interleaf }: Stacking, facts: ReturnType<typeof piecesOf>[number], nameOf: (key: string) => string): string {
  const stacks = evenStacks(facts.count, most);
  const how = stacks.length === 1 ? 'in one stack' : `in ${stacks.length} stacks of ${[...new Set(stacks)].join(' or ')}`;
  return `${countedTitle(facts)} ${how}${interleaf === null ? '' : `, ${nameOf(interleaf).toLowerCase()} between each two`}`;
}

/** What stacking would make, where there is something to stack and nothing was wrapped yet. */
function useStacked(nest: NestUse) {
  return useAfterSearch(nest, !isAnyWrapped(nest.request) && waysToStack(nest.request).length > 0, async (of) => {
    const said = await planner().stacked(of);
    return said.kind === 'stacked' ? said.best : null;
  });
}
