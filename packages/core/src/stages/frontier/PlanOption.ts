import type { Orientation } from '../../engineering/geometry/orientations.ts';
import type { Grid } from '../../engineering/stowage/Block.ts';
import type { Stand } from '../../engineering/stowage/Stand.ts';
import type { Minor } from '../../units/index.ts';
import type { SharedChoice } from '../box/SharedChoice.ts';
import type { AroundChoice } from '../box/around.ts';
import type { FoldChoice } from '../box/folds.ts';
import type { Shortened } from '../box/Shortened.ts';
import type { ByPlace } from '../fill/fillPlaces.ts';
import type { Cause } from './causes.ts';
import type { RatedParcel } from '../rate/RatedParcel.ts';
import type { Added } from '../item/addedTo.ts';
import type { BoxedChoice, LayerChoice } from '../wrap/WrappedItem.ts';

/** Everything a packer decides about one bundle, or several that are alike. */
export interface BundleChoice extends Added {
  readonly layers: readonly LayerChoice[];
  readonly orientation: Orientation;
  /** A box of its own beside the other bundles, and what fills it; left out, or null, for none. */
  readonly boxed?: BoxedChoice | null;
  /** How several alike bundles stand: so many along, across and upon one another; left out for one. */
  readonly grid?: Grid;
}

/** Everything a packer decides about one nest; the rest follows from it. The first bundle stands in it by itself. */
export interface PlanChoice extends BundleChoice {
  /** The bundles of the parcel’s other pieces, in their order; left out where there are none. */
  readonly others?: readonly BundleChoice[];
  /** How different bundles stand together; left out for one. */
  readonly stand?: Stand;
  readonly inner: { readonly box: string; readonly fill: string } | null;
  readonly box: string;
  /** The depth the outer box is cut down to; null for whole. */
  readonly newDepthIn: number | null;
  /** What it is shortened to; left out, or null, for as long and wide as it is. */
  readonly shortened?: Shortened | null;
  /** Height of a cross that takes up spare depth under the lid; 0 or left out for none. */
  readonly crossIn?: number;
  /** A second wall inside the outer box. */
  readonly liner: boolean;
  /** Null in an envelope, which has no void. */
  readonly fill: string | null;
  /** What places of the box have instead, by key; left out where all have the same. */
  readonly fillApart?: ByPlace<string>;
  /** Bedding under the bundle where somebody set it by hand; null for the middle. */
  readonly baseGapIn: number | null;
  /** Fill pressed in beyond what was reckoned, as a share of it; left out for none. It costs and weighs, and no cushion figure moves. */
  readonly extraFill?: number;
  /** A board under the bundle, on which it does not sink into loose fill. */
  readonly board: boolean;
  /** Cells of board between bundles that are alike; left out where they stand against one another. */
  readonly cells?: boolean;
  /** Foam tubes standing in the corners; left out where there are none. */
  readonly tubes?: boolean;
  /** Folds of wrap between bundles that are not alike; left out where there are none. */
  readonly between?: readonly FoldChoice[];
  /** Wrap round all of several bundles; left out, or null, where they go in one by one. */
  readonly around?: AroundChoice | null;
  /** Some of several bundles in one box, or a core, beside the others; left out, or null, where they stand in none. */
  readonly shared?: SharedChoice | null;
  readonly service: string;
  readonly coverAdded: boolean;
  readonly signature: boolean;
}

export interface CostLine {
  readonly key: 'postage' | 'cover' | 'signature' | 'box' | 'wraps' | 'fill' | 'sundries' | 'labour';
  readonly amountMinor: number;
}

/** A complete plan, judged. Money here is unrounded; screens round each line once. */
export interface PlanOption {
  readonly rated: RatedParcel;
  readonly choice: PlanChoice;
  readonly causes: readonly Cause[];
  /** The same for each bundle by itself, in their order. */
  readonly bundleCauses: readonly (readonly Cause[])[];
  /** Chance that the piece breaks, κ included. */
  readonly chance: number;
  /** Chance that it is spoilt, wet or rubbed or bent, κ included. */
  readonly spoils: number;
  readonly costLines: readonly CostLine[];
  readonly costMinor: Minor;
  /** The same without cover and signature: what the nest itself costs to pack and send. */
  readonly nestCostMinor: Minor;
  /** What a total loss would cost the shop. */
  readonly lossMinor: Minor;
  /** What is expected to be lost: loss × Σ of chances × shares of the value. */
  readonly riskMinor: Minor;
  /** Cost of the nest + care × what is expected to be lost; no cover is credited, since a piece that breaks is gone. */
  readonly expectedMinor: Minor;
  readonly minutes: number;
}
