import type { CushionMaterial } from '../../engineering/cushion/cushionMaterials.ts';
import type { Triple } from '../../engineering/geometry/wrapLayer.ts';
import type { BoxStock, FillStock, TapeStock, WrapStock } from '../../engineering/materials/stock.ts';
import type { Face } from '../../engineering/pieces/hardPoints.ts';
import type { InspectedPiece } from '../item/InspectedPiece.ts';
import type { Interleaved } from './interleaved.ts';

/** How a layer is laid; what is left out is laid straight, bubbles in. No figure of the plan moves. */
export interface LayerPlacing {
  /** Strips across each other, or cornerwise over the piece. */
  readonly laid?: 'crossed' | 'diagonal';
  /** Bubbles away from the piece. */
  readonly bubblesOut?: true;
}

/** A layer somebody asks for. */
export interface LayerChoice extends LayerPlacing {
  readonly material: string;
  /** Halves allowed. */
  readonly turns: number;
  /** A face of the piece over which one more sheet is laid, end to end. */
  readonly doubled?: Face;
}

/** A wrapped bundle as it was measured, in the piece's own axes, and weighed. */
export interface MeasuredBundle {
  readonly sizeIn: Triple;
  readonly weightLb: number | null;
}

/** A layer as it lies on the bundle, with what it takes. */
export interface WrappedLayer {
  readonly stock: WrapStock;
  readonly cushion: CushionMaterial | null;
  readonly turns: number;
  /** n·t, on every side. */
  readonly thicknessIn: number;
  /** The face that has one sheet more, and how thick that is. */
  readonly doubled: { readonly face: Face; readonly thicknessIn: number } | null;
  /** What lies more, or is squeezed out, on some faces; left out where it is even. */
  readonly moreOnFaceIn?: Readonly<Partial<Record<Face, number>>>;
  readonly placing: LayerPlacing;
  /** Of an envelope: room it has to spare, long, wide and deep, inches; below 0 where the bundle does not go in. */
  readonly spareIn?: Triple;
  readonly lengthIn: number;
  readonly sheets: number;
  readonly areaIn2: number;
  readonly weightLb: number;
  readonly costMinor: number;
  readonly minutes: number;
  /** The tape that holds it. */
  readonly tape: TapeStock;
  readonly tapeFt: number;
  /** The bundle after this layer, in the piece's own axes. */
  readonly bundleIn: Triple;
}

/** What is chosen of a box that one bundle has for itself. */
export interface BoxedChoice {
  readonly box: string;
  readonly fill: string;
}

/** A box that one bundle has for itself, beside the other bundles of its parcel; in the piece's own axes. */
export interface BundleBox {
  readonly box: BoxStock;
  /** What lies between it and the bundle. */
  readonly fill: FillStock;
  /** The bundle that goes in. */
  readonly withinIn: Triple;
  readonly insideIn: Triple;
  /** Room between them at either end of each axis, inches; below 0 where it does not go in. */
  readonly gapsIn: Triple;
  readonly tareLb: number;
}

/** What a hand would still feel through the wrap. */
export interface FeelFault {
  readonly where: string;
  readonly hardPointId: string | null;
  readonly coverIn: number;
  readonly wantedIn: number;
}

/** One wrapped piece: a bundle. */
export interface WrappedItem {
  readonly piece: InspectedPiece;
  readonly layers: readonly WrappedLayer[];
  /** What lies between the pieces of a stack; null where nothing does. */
  readonly interleaved: Interleaved | null;
  /** A box of its own round it; left out where it has none. */
  readonly boxed?: BundleBox;
  /** Outside of the bundle, or of its box, in the piece's own axes. */
  readonly bundleIn: Triple;
  /** Thickness of all layers, on every side. */
  readonly coverIn: number;
  /** The same on each face, doubled sheets included. */
  readonly coverOnFaceIn: Readonly<Record<Face, number>>;
  /** How much larger the bundle is than the piece, on the axis where it grew least. */
  readonly growsIn: number;
  readonly weightLb: number;
  readonly costMinor: number;
  readonly minutes: number;
  /** Fails of the feel test; a nest with any is never recommended. */
  readonly feelFaults: readonly FeelFault[];
  /** Requirements of finish and damp that the layers break. */
  readonly missing: readonly ('softFirstLayer' | 'dampBarrier')[];
}

/** One wrap for each piece of a parcel, in their order. */
export type Wraps = readonly [WrappedItem, ...WrappedItem[]];
