import type { Stockroom, WrapStock } from '../../engineering/materials/stock.ts';
import type { InspectedPiece } from '../item/InspectedPiece.ts';
import type { House } from '../../house/House.ts';
import type { LayerChoice, WrappedItem } from './WrappedItem.ts';
import { isThin } from './feelTest.ts';
import { wrapItem } from './wrapItem.ts';

const MOST_CONFORM_TURNS = 4;
const MOST_CUSHION_TURNS = 6;

/** Choices somebody has pinned; the rest is searched. */
export interface WrapLocks {
  readonly layers?: readonly LayerChoice[];
}

/**
 * Every way of wrapping the piece that the plan may choose: surface as the finish asks (none on a plain one) × conforming turns
 * 0 to 4 × cushioning turns 0 to 6 × a damp barrier where required. Those that break a requirement or
 * fail the feel test, or leave the bundle thin or bare, are left out.
 */
export function waysToWrap(piece: InspectedPiece, stock: Stockroom, house: House, locks: WrapLocks = {}): WrappedItem[] {
  if (locks.layers) return [wrapItem(piece, locks.layers, stock.wraps, house)];
  const byRole = (role: WrapStock['role']) => stock.wraps.filter((wrap) => wrap.role === role);
  const ways: WrappedItem[] = [];
  const barrier = piece.facts.dampSensitive
    ? byRole('barrier')
        .slice(0, 1)
        .map((wrap) => ({ material: wrap.key, turns: 1 }))
    : [];
  for (const surface of surfacesFor(piece, byRole('surface'))) {
    for (const conform of turnsOf(byRole('conform'), MOST_CONFORM_TURNS)) {
      for (const cushion of turnsOf(byRole('cushion'), MOST_CUSHION_TURNS)) {
        const choices = [...(surface ? [{ material: surface.key, turns: 1 }] : []), ...conform, ...cushion, ...barrier];
        const wrapped = wrapItem(piece, choices, stock.wraps, house);
        if (isHeld(wrapped) && wrapped.feelFaults.length === 0 && !isThin(piece, wrapped.growsIn) && wrapped.missing.length === 0)
          ways.push(wrapped);
      }
    }
  }
  return ways;
}

/** Never bare: something round every piece, and a cushioning layer round what shock can break. */
const isHeld = ({ piece, layers }: WrappedItem): boolean =>
  layers.length > 0 && (piece.archetype.referenceG === null || layers.some((layer) => layer.cushion !== null));

/** A plain finish needs no layer of its own; a polished one may have a soft one, a touchy one must. */
function surfacesFor({ facts }: InspectedPiece, surfaces: readonly WrapStock[]): (WrapStock | null)[] {
  const soft = surfaces.filter((wrap) => !wrap.abrasive);
  if (facts.finish === 'plain') return [null];
  return facts.finish === 'polished' ? [null, ...soft] : soft;
}

function turnsOf(wraps: readonly WrapStock[], most: number): LayerChoice[][] {
  const ways: LayerChoice[][] = [[]];
  for (const wrap of wraps) {
    for (let turns = 1; turns <= most; turns++) ways.push([{ material: wrap.key, turns }]);
  }
  return ways;
}
