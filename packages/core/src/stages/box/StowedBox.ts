import type { Orientation } from '../../engineering/geometry/orientations.ts';
import type { Triple } from '../../engineering/geometry/wrapLayer.ts';
import type { Layout } from '../../engineering/stowage/Block.ts';
import type { RestingByFace } from '../../engineering/stowage/resting.ts';
import type { Between, Stand } from '../../engineering/stowage/Stand.ts';
import type { BoxStock, FillStock } from '../../engineering/materials/stock.ts';
import type { Face } from '../../engineering/pieces/hardPoints.ts';
import type { Around } from './around.ts';
import type { PlacedFold } from './folds.ts';
import type { MadePart } from './madeParts.ts';
import type { StandingCore } from './StandingCore.ts';
import type { Shortened } from './Shortened.ts';
import type { WrappedItem } from '../wrap/WrappedItem.ts';

/** Room on each face between what is inside and a box's wall, inches. */
export interface Gaps {
  readonly bottom: number;
  readonly top: number;
  readonly front: number;
  readonly back: number;
  readonly left: number;
  readonly right: number;
}

/** A bundle in its inner box. */
export interface InnerBox {
  readonly box: BoxStock;
  readonly outsideIn: Triple;
  readonly gaps: Gaps;
  readonly tareLb: number;
  /** It is a tube that stands in the outer box from end to end; null for a box. */
  readonly core: StandingCore | null;
}

/** A box, or a core, in which some of several bundles stand together, beside the others. */
export interface SharedBox extends InnerBox {
  /** Which of the bundles, by their place in the parcel. */
  readonly of: readonly number[];
  /** What lies between them and it. */
  readonly fill: FillStock;
  /** Its near lower corner within the block; `outsideIn` and this are as it lies there. */
  readonly atIn: Triple;
  readonly insideIn: Triple;
  /** Outside of what stands in it. */
  readonly withinIn: Triple;
  /** Room left among what stands in it, cubic inches; and before each of the parcel's bundles, as far as `withinIn`. */
  readonly emptyIn3: number;
  readonly emptyIn: Readonly<Record<Face, readonly number[]>>;
}

/** An outer box, or an envelope, as it is made ready: whole, shortened or cut down, with a second wall or without. */
export interface Shell {
  readonly box: BoxStock;
  /** The depth it is cut down to; null for whole. */
  readonly newDepthIn: number | null;
  /** What it is shortened to; null for as long and wide as it was. */
  readonly shortened: Shortened | null;
  /** Height of the cross that takes up spare depth under its lid; null without one. */
  readonly crossIn: number | null;
  readonly liner: boolean;
  /** The inside that is left. */
  readonly insideIn: Triple;
  /** Outside as rated: measured, else built from the board. */
  readonly outsideIn: Triple;
  readonly tareLb: number;
  /** The box and what was done to it. */
  readonly costMinor: number;
  /** Minutes of cutting and lining, beyond forming and closing. */
  readonly minutes: number;
  /** What was made for it, in the order it is made; its weight, cost and minutes are in the figures above. */
  readonly made: readonly MadePart[];
}

/** One bundle as it lies, or several alike that stand together. */
export interface LyingBundle {
  readonly wrapped: WrappedItem;
  /** How the piece's own axes lie along length, width and depth of the box. */
  readonly orientation: Orientation;
  /** One bundle as it lies. */
  readonly bundleIn: Triple;
  /** From one to the next of its like: less than its own side where one sits in the other. */
  readonly pitchIn: Triple;
  /** How those that are alike stand against one another. */
  readonly layout: Layout;
  /** Board between neighbours of them, inches; 0 without. */
  readonly wallIn: number;
  /** Outside of those that are alike, and its near lower corner within the block. */
  readonly sizeIn: Triple;
  readonly atIn: Triple;
  /** The other bundle it stands in; null where it stands in none. */
  readonly within: Within | null;
}

/** Which bundle another stands in, the axis along which it does, and by how much it stands out of that, inches. */
export interface Within {
  readonly at: number;
  readonly axis: 0 | 1 | 2;
  readonly standsOutIn: number;
}

/** All bundles of a parcel as they stand together. */
export interface Block {
  /** One for each piece of the parcel, in their order. */
  readonly bundles: readonly [LyingBundle, ...LyingBundle[]];
  readonly stand: Stand;
  /** What each rests on when a face strikes. */
  readonly resting: RestingByFace;
  /** What parts the bundles, cells among those that are alike and boards between others; null where they stand against one another. */
  readonly cells: MadePart | null;
  /** Boards between neighbours that are not alike, from the near lower corner of them all. */
  readonly boards: readonly Between[];
  /** Folds of wrap between neighbours that are not alike, from the same corner. */
  readonly folds: readonly PlacedFold[];
  /** Wrap round them all; null where they go in one by one. */
  readonly around: Around | null;
  /** A box or a core in which some of them stand beside the others; null where there is none. */
  readonly shared: SharedBox | null;
  /** Outside of all bundles with what is round them, and what is empty and to be filled within that. */
  readonly blockIn: Triple;
  readonly emptyIn3: number;
}

/** Foam tubes that stand upright in the corners of a box. */
export interface StandingTubes {
  readonly count: number;
  readonly acrossIn: number;
  readonly eachIn: number;
  /** What each is pressed to between the corner and what stands in the middle. */
  readonly pressedToIn: number;
  /** Floor that all of them take, square inches. */
  readonly floorIn2: number;
}

/** Bundles placed in a box, with an inner box or without. */
export interface StowedBox extends Block {
  readonly inner: InnerBox | null;
  readonly shell: Shell;
  /** Between bundles, or inner box, and the shell. */
  readonly gaps: Gaps;
  /** By how much what is soft is pressed together along each axis to go in; left out where it is not. */
  readonly pressedIn?: Triple;
  /** A board under the bundle, on which it does not sink into loose fill. */
  readonly board: boolean;
  /** In the corners; null without. */
  readonly tubes: StandingTubes | null;
}

/** Why a box does not do. */
export interface BoxRefusal {
  readonly box: BoxStock;
  /** In a packer's words: which side, by how much. */
  readonly reason: string;
  /** The worst shortfall, inches; 0 when the reason is another. */
  readonly shortIn: number;
}
