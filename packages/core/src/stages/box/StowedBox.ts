import type { Orientation } from '../../engineering/geometry/orientations.ts';
import type { Triple } from '../../engineering/geometry/wrapLayer.ts';
import type { BoxStock } from '../../engineering/materials/stock.ts';
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
}

/** A bundle placed in a box, with an inner box or without. */
export interface StowedBox {
  readonly wrapped: WrappedItem;
  /** How the piece's own axes lie along length, width and depth of the box. */
  readonly orientation: Orientation;
  /** The bundle as it lies. */
  readonly bundleIn: Triple;
  readonly inner: InnerBox | null;
  readonly box: BoxStock;
  /** Outside as rated: measured, else built from the board. */
  readonly outsideIn: Triple;
  /** Between bundle, or inner box, and the outer box. */
  readonly gaps: Gaps;
}

/** Why a box does not do. */
export interface BoxRefusal {
  readonly box: BoxStock;
  /** In a packer's words: which side, by how much. */
  readonly reason: string;
  /** The worst shortfall, inches; 0 when the reason is another. */
  readonly shortIn: number;
}
