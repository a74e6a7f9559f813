import type { Minor } from '../units/index.ts';

/** How a shop packs and what it counts: its own judgement, all of it editable. */
export interface House {
  readonly name: string;
  /** The sides taken by hand on the questions of the house, by key: those that move no figure are kept by this alone. */
  readonly sides: Readonly<Record<string, string>>;
  /** Weight of the expected loss, 0.25 to 20: 1 as it comes, 2 as most packers would have it. */
  readonly care: number;
  readonly labourMinorPerHour: Minor;
  /** Least bedding between bundle and box on every side. */
  readonly leastGapIn: number;
  /** Least bedding between an inner box and the outer one. */
  readonly leastInnerBoxGapIn: number;
  /** Least room between a bundle and the inner box round it. */
  readonly snugGapIn: number;
  /** Least between two bundles of a parcel, and between something dense and something delicate. */
  readonly betweenIn: number;
  readonly betweenDenseIn: number;
  /** Fill above the rim, pressed down by the lid, as a share of the inside depth. */
  readonly overfillShare: number;
  /** Wrap lost to offcuts. */
  readonly scrapShare: number;
  /** Allows a box in a box. */
  readonly innerBoxes: boolean;
  /** Allows nothing but a box in a box. */
  readonly floats: boolean;
  /** Stands what it packs in a rigid tube from end to end of its box, where that pays. */
  readonly cores: boolean;
  /** A second wall of board panels inside the outer box. */
  readonly liners: 'never' | 'mayBe' | 'always';
  /** Cuts a box that is too deep down to the depth wanted. */
  readonly cutsDown: boolean;
  /** Takes a slice out of a box that is too long or too wide, where that pays. */
  readonly shortens: boolean;
  /** Folds a box to measure from sheet board, where that pays. */
  readonly foldsBoxes: boolean;
  /** Takes up spare depth with a cross of board under the lid, where that pays. */
  readonly crosses: boolean;
  /** Foam tubes standing in the corners, where that pays. */
  readonly cornerTubes: boolean;
  /** Cells of board between pieces that are alike, where that pays. */
  readonly cells: boolean;
  /** The dearest of three different pieces and more stands between the others. */
  readonly dearestBetween: boolean;
  /** Of plates and their like that are alike none lies on another: they stand on edge, where any box takes them so. */
  readonly platesOnEdge: boolean;
  /** What goes next to the surface; `asFinish` leaves a plain finish without. */
  readonly firstLayer: 'asFinish' | 'tissue' | 'paper' | 'foam' | 'none';
  readonly bubble: 'smallThenLarge' | 'largeOnly' | 'either';
  /** Cushion materials the shop does not trust in a gap, by key. */
  readonly refusedFills: readonly string[];
  /** Gives each place of a box a fill of its own where that pays: under it, at its sides, on top. */
  readonly mixesFills: boolean;
  /** Requirements that hold; one switched off becomes a risk that counts. */
  readonly rules: { readonly softFirstLayer: boolean; readonly dampBarrier: boolean };
  /** Strong tape on the layers rather than one that comes off easily. */
  readonly strongInnerTape: boolean;
  readonly seams: 'crossAndSide' | 'everyEdge' | 'bands' | 'skin';
  readonly openingNote: boolean;
  readonly photographs: boolean;
  /** A step whose picture the next one hides waits until it is taken, or somebody says that it goes on without. */
  readonly photographsHold: boolean;
  /** Tests beyond the usual ones. */
  readonly extraTests: readonly ('bounce' | 'tapeLoad')[];
  readonly cover: 'byRisk' | 'included' | 'always';
  /** Worth from which a piece is covered in full whatever the risk says, and signed for; null for never. */
  readonly dearFromMinor: Minor | null;
  /** Worth up to which the simplified customs declaration serves. */
  readonly customsSimplifiedToMinor: Minor;
  /** Sale price from which the venue wants a signature; null for never. */
  readonly signatureFromMinor: Minor | null;
  /** Minutes of writing and refunding when a piece has broken. */
  readonly troubleMinutes: number;
  /** Chance that a claim is accepted, with photographs of the packing and without. */
  readonly claimAcceptedPhotographed: number;
  readonly claimAcceptedBare: number;
  /** Less bedding than the house wishes is refused, not only said. */
  readonly strictGaps: boolean;
  /** A nest that breaks more often is recommended only where none is below it; another for what cannot be replaced. */
  readonly mostChance: number;
  readonly mostChanceIrreplaceable: number;
  /** Another for a kind of piece, by the kind's key. */
  readonly mostChanceByKind: Readonly<Record<string, number>>;
  /** Worth from which the shop asks whether a piece can be replaced; null for never. */
  readonly irreplaceableFromMinor: Minor | null;
  /** Sending that costs more than this share of what the buyer paid, postage included, is called folly. */
  readonly follyShare: number;
  /** Worth from which a box in a box is named with its price and gain for what is brittle. */
  readonly boxInBoxFromMinor: Minor;
  /** Share of parcels that vanish; shown apart from breakage. */
  readonly lossShare: number;
  /** κ: this shop's breakage against the model's, with its 90% interval. */
  readonly kappa: Kappa;
}

/** Learned factor on the exposure, a gamma variable. */
export interface Kappa {
  /** Shape of its gamma distribution: 3 and what has broken since. */
  readonly shape: number;
  readonly value: number;
  readonly low: number;
  readonly high: number;
}

/**
 * κ before anything was learned: Gamma(3, 3), mean 1, 90% interval 0.273 to 2.099.
 *
 * Source: quantiles of χ² with 6 degrees of freedom over 6, Abramowitz & Stegun table 26.8 (1.635, 12.592).
 */
export const KAPPA_AT_FIRST: Kappa = { shape: 3, value: 1, low: 1.635 / 6, high: 12.592 / 6 };

/** The house we ship with: bedded, every seam, photographed. */
export const BEDDED_HOUSE: House = {
  name: 'bedded',
  sides: {},
  care: 2,
  labourMinorPerHour: 1800,
  leastGapIn: 2,
  leastInnerBoxGapIn: 2,
  snugGapIn: 0,
  betweenIn: 0,
  betweenDenseIn: 2,
  overfillShare: 0.06,
  scrapShare: 0.08,
  innerBoxes: true,
  floats: false,
  cores: false,
  liners: 'never',
  cutsDown: false,
  shortens: false,
  foldsBoxes: false,
  crosses: false,
  cornerTubes: false,
  cells: false,
  dearestBetween: false,
  platesOnEdge: true,
  firstLayer: 'asFinish',
  bubble: 'either',
  refusedFills: [],
  mixesFills: false,
  rules: { softFirstLayer: true, dampBarrier: true },
  strongInnerTape: false,
  seams: 'crossAndSide',
  openingNote: true,
  photographs: true,
  photographsHold: false,
  extraTests: [],
  cover: 'byRisk',
  dearFromMinor: null,
  customsSimplifiedToMinor: 40_000,
  signatureFromMinor: null,
  troubleMinutes: 30,
  claimAcceptedPhotographed: 0.7,
  claimAcceptedBare: 0.1,
  strictGaps: false,
  mostChance: 0.02,
  mostChanceIrreplaceable: 0.005,
  mostChanceByKind: {},
  irreplaceableFromMinor: 100_000,
  follyShare: 0.6,
  boxInBoxFromMinor: 30_000,
  lossShare: 0.003,
  kappa: KAPPA_AT_FIRST,
};
