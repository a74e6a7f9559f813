import type { CutOrder } from '../../engineering/boxshop/CutOrder.ts';

/** A tube as it stands in a box from end to end, with what is in it. */
export interface StandingCore {
  /** Side of the box it runs along. */
  readonly axis: 0 | 1 | 2;
  readonly lengthIn: number;
  readonly boreIn: number;
  /** Room in it beside the bundles, cubic inches. */
  readonly roomIn3: number;
  readonly minutes: number;
  readonly order: CutOrder;
}
