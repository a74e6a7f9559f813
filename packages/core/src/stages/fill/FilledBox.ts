import type { FillStock } from '../../engineering/materials/stock.ts';
import type { ByPlace } from './fillPlaces.ts';
import type { Gaps, StowedBox } from '../box/StowedBox.ts';

/** Volume and count of one fill, by place. */
export interface FillAmount {
  readonly stock: FillStock;
  readonly where: 'inner' | 'outer';
  readonly baseFt3: number;
  readonly sidesFt3: number;
  readonly topFt3: number;
  /** All of it, with the overfill. */
  readonly boughtFt3: number;
  readonly units: number;
  /** Its places, where they have not all the same fill: how much of its room lies in each; left out where they have. */
  readonly places?: ByPlace<number>;
  /** The bundle whose own box it fills, or boxes where several are alike; left out for what fills a box of them all. */
  readonly bundle?: number;
  /** It fills the box or core that some of the bundles share. */
  readonly shared?: true;
}

/** True for what fills a box of them all within the outer one. */
export const fillsInner = ({ where, bundle, shared }: Pick<FillAmount, 'where' | 'bundle' | 'shared'>): boolean =>
  where === 'inner' && bundle === undefined && shared === undefined;

/** A face as the ground meets it on the way: what lies between, and how far apart the faces are. */
export type Struck = 'bottom' | 'top' | 'front' | 'back' | 'left' | 'right';

/** A stowed box with its voids filled. */
export interface FilledBox {
  readonly stowed: StowedBox;
  /** Null in an envelope, which has no void. */
  readonly fill: FillStock | null;
  /** What places of the outer box have instead. */
  readonly fillApart: ByPlace<FillStock>;
  readonly innerFill: FillStock | null;
  readonly amounts: readonly FillAmount[];
  /** Gaps as they are once the lid is pressed down and the fill has settled and moved. */
  readonly effectiveGaps: Gaps;
  /** The fill reaches the lid and carries what lies on it. */
  readonly filledToRim: boolean;
  /** Chance that what is in the outer fill has drifted on the way, so that half of the base is gone. */
  readonly driftChance: number;
  /** The same inside the inner box; null without one. */
  readonly effectiveInnerGaps: Gaps | null;
  readonly weightLb: number;
  readonly costMinor: number;
  readonly minutes: number;
}
