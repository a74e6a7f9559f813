import { isToFold } from '../box/boxToFold.ts';
import type { ChangeKind } from './ChangeKind.ts';
import type { PlanRequest } from './PlanRequest.ts';
import { mayMix } from './mixFills.ts';
import { fillsOf } from './stockFor.ts';
import { isHousesWay } from '../wrap/housesWay.ts';
import type { WeighedParcel } from '../weight/WeighedParcel.ts';

/** Parts of a change that name something of the stockroom. */
const OF_STOCK = ['material', 'box', 'fill', 'own', 'tube'] as const;

/**
 * True for a change that the house makes of itself, with nothing that somebody left out. What it does not do is told beside the
 * nest, with what it would save, and never taken.
 */
export function houseDoes(change: ChangeKind, { house, stock, locks }: Pick<PlanRequest, 'house' | 'stock' | 'locks'>): boolean {
  const named = change as { readonly [Part in (typeof OF_STOCK)[number]]?: string | null };
  if (locks.without?.some((key) => OF_STOCK.some((part) => named[part] === key))) return false;
  const trusts = (fill: string | null) => fill === null || fillsOf(stock, house, {}, undefined).some(({ key }) => key === fill);
  switch (change.kind) {
    case 'box':
      return house.foldsBoxes || !isToFold({ key: change.box });
    case 'cutDown':
      return house.cutsDown || change.newDepthIn === null;
    case 'shorten':
      return house.shortens || change.shortened === null;
    case 'cross':
      return house.crosses || change.crossIn === 0;
    case 'liner':
      return house.liners === 'mayBe' || change.liner === (house.liners === 'always');
    case 'cells':
      return house.cells || !change.cells;
    case 'tubes':
      return house.cornerTubes || !change.tubes;
    case 'cored':
      return house.cores;
    case 'fill':
    case 'innerFill':
      return trusts(change.fill);
    case 'fillApart':
      return (mayMix(house, locks) || change.fill === null) && trusts(change.fill);
    case 'ownBox':
    case 'shared':
      return house.innerBoxes || change.own === null;
    case 'unboxed':
      return !house.floats;
    case 'turns':
    case 'doubled':
    case 'service':
    case 'turned':
    case 'board':
    case 'unwound':
    case 'between':
    case 'hollow':
    case 'guard':
      return true;
  }
}

/** How many bundles are not wrapped as the house wraps; what somebody chose so may stay so. */
export const countNotHouses = ({ filled }: WeighedParcel, { house, stock }: Pick<PlanRequest, 'house' | 'stock'>): number =>
  filled.stowed.bundles.filter(({ wrapped }) => !isHousesWay(wrapped, stock.wraps, house)).length;
