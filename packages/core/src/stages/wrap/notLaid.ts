import { wrapsIn } from '../../engineering/materials/sleeves.ts';
import type { LayerChoice } from './WrappedItem.ts';
import type { WrapStockroom } from './wrapItem.ts';

/** Why a layer somebody asks for cannot be laid; null where it can. */
export function notLaid({ material, turns, doubled }: LayerChoice, stock: WrapStockroom): string | null {
  const wrap = wrapsIn(stock).find(({ key }) => key === material);
  if (!wrap) return `${material} is not in the stockroom`;
  if (wrap.role === 'sleeve' && ((turns !== 0 && turns !== 1) || doubled))
    return `${wrap.name} goes round a bundle once: it has no turns and no face of it is doubled`;
  return null;
}
