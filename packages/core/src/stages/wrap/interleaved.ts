import type { Orientation } from '../../engineering/geometry/orientations.ts';
import type { Triple } from '../../engineering/geometry/wrapLayer.ts';
import { sheetThicknessIn } from '../../engineering/materials/cushionOf.ts';
import type { WrapStock } from '../../engineering/materials/stock.ts';
import { IN2_PER_FT2 } from '../../units/index.ts';
import type { House } from '../../house/House.ts';
import type { InspectedPiece } from '../item/InspectedPiece.ts';
import { raisedBy, stackAxis, stackedFaceIn } from '../item/stackedIn.ts';

/** Minutes to cut a sheet and lay it on, to lay a piece on its stack, and to tape a stack on three sides; judgement. */
const MINUTES = { sheet: 0.25, piece: 0.1, tape: 0.5 };

/** The sheets between the pieces of a stack. Amounts are of one bundle, all sheets shared out evenly where bundles differ by one. */
export interface Interleaved {
  readonly stock: WrapStock;
  /** What parts two pieces, inches. */
  readonly thicknessIn: number;
  /** A sheet is as long and wide as what lies on it, the longer side first, inches. */
  readonly sheetIn: readonly [long: number, wide: number];
  /** Sheets of all bundles together. */
  readonly sheets: number;
  /** Along which side the pieces are stacked, and by how much the fullest stack is higher by them, inches. */
  readonly axis: 0 | 1 | 2;
  readonly raisesIn: number;
  readonly areaIn2: number;
  readonly weightLb: number;
  readonly costMinor: number;
  readonly minutes: number;
}

/**
 * What lies between the pieces of each stack; null where each is wrapped by itself, or nothing is wanted between them, or the shop keeps
 * that no more: then they are bare against one another, and the nest says so.
 *
 * @param wraps all there are
 */
export function interleave(piece: InspectedPiece, wraps: readonly WrapStock[], { scrapShare }: House): Interleaved | null {
  const { facts, stacks, oneIn } = piece;
  const high = stacks[0]!;
  if (facts.interleaf === null || high === 1) return null;
  const stock = wraps.find(({ key }) => key === facts.interleaf);
  if (!stock) return null;
  const axis = stackAxis(oneIn, facts.nestStepIn);
  const thicknessIn = sheetThicknessIn(stock);
  const sheetIn = stackedFaceIn(oneIn, facts.nestStepIn);
  const sheets = facts.count - stacks.length;
  const each = sheets / stacks.length;
  const areaIn2 = each * sheetIn[0] * sheetIn[1];
  return {
    stock,
    thicknessIn,
    sheetIn,
    sheets,
    axis,
    raisesIn: (high - 1) * raisedBy(thicknessIn, oneIn, facts.nestStepIn),
    areaIn2,
    weightLb: (areaIn2 / IN2_PER_FT2) * stock.lbPerFt2,
    costMinor: (areaIn2 * (1 + scrapShare) * stock.priceMinor) / (stock.rollWidthIn * stock.rollLengthIn),
    minutes: each * MINUTES.sheet,
  };
}

/** Minutes to make one stack, the sheets between its pieces left out; none for a piece that is wrapped by itself. */
export const stackingMinutes = ({ facts, stacks }: Pick<InspectedPiece, 'facts' | 'stacks'>): number =>
  stacks[0] === 1 ? 0 : (facts.count / stacks.length) * MINUTES.piece + MINUTES.tape;

/** Along which axis of the box a stack is stacked as it lies. */
export const stackedAlong = ({ piece }: { readonly piece: InspectedPiece }, orientation: Orientation): 0 | 1 | 2 =>
  orientation.indexOf(stackAxis(piece.oneIn, piece.facts.nestStepIn)) as 0 | 1 | 2;

/** A bundle with its sheets, before anything is round it, inches. */
export const raised = (bundleIn: Triple, interleaved: Interleaved | null): Triple =>
  interleaved === null
    ? bundleIn
    : (bundleIn.map((side, at) => (at === interleaved.axis ? side + interleaved.raisesIn : side)) as unknown as Triple);
