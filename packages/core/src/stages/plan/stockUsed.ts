import { SHEET_BOARD, summedUses, type StockUse } from '../../engineering/stockkeeping/StockMove.ts';
import { IN2_PER_FT2 } from '../../units/index.ts';
import { boxesWithin } from '../box/boxed.ts';
import { isToFold } from '../box/boxToFold.ts';
import { OWN_BOX } from '../box/ownBox.ts';
import type { PlanOption } from '../frontier/PlanOption.ts';

/** What the bench really took of a material, where that is not what the step said; both in what the step counts. */
export interface UsedInstead {
  readonly kind: 'wrap' | 'fill';
  readonly key: string;
  readonly planned: number;
  readonly amount: number;
}

/**
 * What sealing a nest takes from the stockroom: each material as planned, scaled by what the bench really
 * used of it, and each box. A carrier's own container comes from the carrier.
 */
export function stockUsed({ rated }: Pick<PlanOption, 'rated'>, instead: readonly UsedInstead[] = []): StockUse[] {
  const { stowed, amounts } = rated.weighed.filled;
  const planned: StockUse[] = [
    ...stowed.bundles.flatMap(({ wrapped, layout }) =>
      wrapped.layers.map(({ stock, areaIn2 }) =>
        stock.sleeve
          ? { kind: 'box' as const, key: stock.key, amount: layout.count }
          : { kind: 'wrap' as const, key: stock.key, amount: (layout.count * areaIn2) / IN2_PER_FT2 },
      ),
    ),
    ...stowed.bundles.flatMap(({ wrapped: { interleaved }, layout }) =>
      interleaved
        ? [{ kind: 'wrap' as const, key: interleaved.stock.key, amount: (layout.count * interleaved.areaIn2) / IN2_PER_FT2 }]
        : [],
    ),
    ...amounts.map(({ stock, boughtFt3 }) => ({ kind: 'fill' as const, key: stock.key, amount: boughtFt3 })),
    ...[{ box: stowed.shell.box, times: 1 }, ...boxesWithin(stowed)]
      .filter(({ box }) => box.container === null && box.key !== OWN_BOX && !isToFold(box))
      .map(({ box, times }) => ({ kind: 'box' as const, key: box.key, amount: times })),
    ...stowed.shell.made.flatMap(({ folds = [] }) => folds.map(({ key, ft2 }) => ({ kind: 'wrap' as const, key, amount: ft2 }))),
    ...stowed.shell.made.flatMap(({ wrap }) => (wrap ? [{ kind: 'wrap' as const, key: wrap.key, amount: wrap.ft2 }] : [])),
    ...stowed.shell.made
      .filter((part) => part.takenFt2 > 0)
      .map((part) => ({ kind: 'board' as const, key: SHEET_BOARD, amount: part.takenFt2 })),
  ];
  return summedUses(planned).map((use) => {
    const told = instead.filter((one) => one.kind === use.kind && one.key === use.key);
    const wanted = told.reduce((sum, one) => sum + one.planned, 0);
    return wanted > 0 ? { ...use, amount: (use.amount * told.reduce((sum, one) => sum + one.amount, 0)) / wanted } : use;
  });
}
