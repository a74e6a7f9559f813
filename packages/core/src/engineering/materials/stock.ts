import type { Offcut } from '../boxshop/offcuts.ts';
import type { CushionKey } from '../cushion/cushionMaterials.ts';
import type { DropTest } from '../dropTest/testedCurve.ts';
import type { Triple } from '../geometry/wrapLayer.ts';
import type { Minor } from '../../units/index.ts';

/** Where a wrap stands in the order, from the piece outward; a sleeve is an envelope that one bundle lies in. */
export type WrapRole = 'surface' | 'conform' | 'cushion' | 'skin' | 'sleeve' | 'barrier';

/** A sheet material as it lies in the stockroom. */
export interface WrapStock {
  readonly key: string;
  readonly name: string;
  readonly role: WrapRole;
  /** Null for what protects a finish but not against shock. */
  readonly cushion: CushionKey | null;
  /** The shop’s own drops on it, which make its curve; left out where there are none. */
  readonly dropTests?: readonly DropTest[] | null | undefined;
  /** Effective thickness of one turn under light tension. */
  readonly thicknessIn: number;
  readonly rollWidthIn: number;
  readonly rollLengthIn: number;
  /** Price of the whole roll or sheet. */
  readonly priceMinor: Minor;
  readonly lbPerFt2: number;
  readonly minutesPerTurn: number;
  /** Can mark a rubbed or uncured finish. */
  readonly abrasive: boolean;
  /** Card that keeps something flat from bending: half a turn lies on one side, a whole one on both. */
  readonly stiff: boolean;
  readonly reused: boolean;
  readonly onHandFt2: number;
  /** An envelope of the shop's own that goes round one bundle: nothing is wound or torn; left out for sheets. */
  readonly sleeve?: { readonly insideIn: Triple } | undefined;
}

/** A void fill as it lies in the stockroom. */
export interface FillStock {
  readonly key: string;
  readonly name: string;
  readonly cushion: CushionKey;
  /** The shop’s own drops on it, as of a wrap. */
  readonly dropTests?: readonly DropTest[] | null | undefined;
  readonly lbPerFt3: number;
  readonly minorPerFt3: Minor;
  readonly minutesPerFt3: number;
  /** What the packer counts, and how much one of it fills. */
  readonly unitName: string;
  readonly unitFt3: number;
  readonly onHandFt3: number;
}

/** Board a box is made of. */
export interface BoardGrade {
  readonly name: string;
  readonly edgeCrushLbPerIn: number;
  readonly caliperIn: number;
  readonly lbPerFt2: number;
  readonly wall: 'single' | 'double';
}

/** One size of box as it lies in the stockroom. */
export interface BoxStock {
  readonly key: string;
  readonly name: string;
  /** Nominal inside: length ≥ width, depth. */
  readonly insideIn: Triple;
  /** Built outside as measured; null until it has been. */
  readonly measuredOutsideIn: Triple | null;
  readonly board: BoardGrade;
  readonly priceMinor: Minor;
  /** How often it has been through the post before. */
  readonly earlierUses: number;
  readonly onHand: number;
  /**
   * A slotted box, or an envelope for flat goods: padded, or stiff on both sides; or a tube that is cut to stand in a box as a
   * rigid core, with its length as bought and its bore twice for an inside.
   */
  readonly style: BoxStyle;
  /** A carrier's own container by its card's key; null for the shop's own. */
  readonly container: string | null;
}

export type BoxStyle = 'slotted' | 'padded' | 'stiffened' | 'tube';

/** Board for panels: liners and pads. */
export interface SheetBoard {
  readonly board: BoardGrade;
  readonly minorPerFt2: number;
  readonly onHandFt2: number;
}

/** A tape. */
export interface TapeStock {
  readonly key: string;
  readonly name: string;
  readonly lbPerFt: number;
  readonly minorPerFt: number;
  readonly easyOff: boolean;
}

/** What the shop has to hand, as the planner sees it. */
export interface Stockroom {
  readonly wraps: readonly WrapStock[];
  readonly fills: readonly FillStock[];
  readonly boxes: readonly BoxStock[];
  readonly innerTape: TapeStock;
  readonly outerTape: TapeStock;
  /** What liners are cut from; null where there is none. */
  readonly linerBoard: SheetBoard | null;
  /** What of that board is in pieces that were left over from others. */
  readonly offcuts?: readonly Offcut[] | null | undefined;
}
