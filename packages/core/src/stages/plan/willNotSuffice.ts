import type { PlanRequest } from './PlanRequest.ts';
import { freeStock } from './stockFor.ts';
import type { Stockroom } from '../../engineering/materials/stock.ts';
import { countedStock } from '../../engineering/stockkeeping/countedStock.ts';
import type { StockKind, StockUse } from '../../engineering/stockkeeping/StockMove.ts';

/** Something that more is wanted of than there is. */
export interface ShortStock {
  readonly kind: StockKind;
  readonly key: string;
  readonly name: string;
  /** Square feet, cubic feet, boxes, or square feet of sheet board. */
  readonly wanted: number;
  readonly onHand: number;
  /** The parcels that want it, in the order they go. */
  readonly codes: readonly string[];
  /** Those that what is there does not reach to any more. */
  readonly without: readonly string[];
}

/** Less than this is a rounding, in what is counted. */
const HARDLY_ANY = 1e-6;

/**
 * What several kept nests together want more of than there is, in the order of the stockroom; first come, first served.
 * Boxes of a carrier’s own and what the stockroom no longer lists are left out.
 *
 * @param nests what each takes, those that go first at the front
 */
export function willNotSuffice(
  nests: readonly { readonly code: string; readonly uses: readonly StockUse[] }[],
  stock: Stockroom,
): ShortStock[] {
  return countedStock(stock).flatMap(({ kind, key, name, onHand }) => {
    const wanting = nests.flatMap(({ code, uses }) => {
      const amount = uses.filter((use) => use.kind === kind && use.key === key).reduce((sum, use) => sum + use.amount, 0);
      return amount > 0 ? [{ code, amount }] : [];
    });
    const wanted = wanting.reduce((sum, { amount }) => sum + amount, 0);
    // what nobody wants is not missed, however far below nothing its count stands
    if (wanting.length === 0 || wanted <= onHand + HARDLY_ANY) return [];
    let left = onHand;
    const without = wanting.flatMap(({ code, amount }) => ((left -= amount) < -HARDLY_ANY ? [code] : []));
    return [{ kind, key, name, wanted, onHand, codes: wanting.map(({ code }) => code), without }];
  });
}

/** Tells of one nest what it wants more of than is free for it; nothing where nobody counts. */
export function shortCounter(request: Pick<PlanRequest, 'stock' | 'reserved'>): (uses: readonly StockUse[]) => ShortStock[] {
  if (request.reserved === undefined) return () => [];
  const free = freeStock(request);
  return (uses) => willNotSuffice([{ code: '', uses }], free);
}
