import type { Archetype } from '../../engineering/pieces/Archetype.ts';
import { ARCHETYPES } from '../../engineering/pieces/archetypes.ts';
import { FLAT_SHARE } from '../../engineering/pieces/flatWare.ts';
import { HARD_POINTS } from '../../engineering/pieces/hardPoints.ts';
import type { WrapStock } from '../../engineering/materials/stock.ts';
import { evenStacks } from '../../engineering/stowage/Block.ts';
import { IN2_PER_FT2 } from '../../units/index.ts';
import type { PlanOption } from '../frontier/PlanOption.ts';
import { guessMissing } from '../item/guessMissing.ts';
import { stackedFaceIn } from '../item/stackedIn.ts';
import type { PieceFacts } from '../sale/Order.ts';
import { piecesOf, type PlanRequest } from './PlanRequest.ts';

// Flat things that are alike, stacked before they are wrapped: plates, tiles, books. Common practice, no source.

/** What a pair of hands stacks: fewer are no stack, more fall over or are too heavy to wrap. Judgement. */
const STACK = { fewest: 3, mostBrittle: 12, mostLb: 12, flatShare: 0.5 };
/** Ware is flat where it is flat for standing on edge: a bowl goes into the next, and is no plate. */
const flatShareOf = ({ bends }: Archetype): number => (bends === 'glass' || bends === 'brittle' ? FLAT_SHARE : STACK.flatShare);

/** How one kind of piece is stacked. */
export interface Stacking {
  /** The piece, by its place in the parcel. */
  readonly at: number;
  /** So many at most in one. */
  readonly most: number;
  /** What lies between them, by key; null for what neither breaks nor scratches. */
  readonly interleaf: string | null;
}

/** A parcel with some of its pieces stacked, and the best nest of it. */
export interface Stacked {
  readonly stackings: readonly Stacking[];
  readonly option: PlanOption;
}

/** A request with pieces stacked so. */
export const withStacks = (request: PlanRequest, stackings: readonly Stacking[]): PlanRequest => {
  const of = new Map(stackings.map(({ at, most, interleaf }) => [request.pieceIds[at], { stackOf: most, interleaf }]));
  return {
    ...request,
    order: { ...request.order, pieces: request.order.pieces.map((one) => ({ ...one, ...of.get(one.id) })) },
  };
};

/**
 * Ways to stack what is flat and alike in a parcel: as high as hands stack it, and half as high. None where nothing in it is.
 * What can break or scratch has a sheet between each two: the softest thin one there is enough of.
 */
export function waysToStack(request: PlanRequest): Stacking[][] {
  const high = piecesOf(request).flatMap((facts, at): (Stacking & { readonly facts: PieceFacts })[] => {
    const most = highestOf(facts);
    if (most === null) return [];
    // paper and cloth lie on one another as they are; all else scratches if it does not break
    if (ARCHETYPES[facts.archetype].giveIn > 0) return [{ at, most, interleaf: null, facts }];
    const interleaf = sheetFor(facts, most, request.stock.wraps);
    return interleaf === null ? [] : [{ at, most, interleaf, facts }];
  });
  if (high.length === 0) return [];
  const way = (times: number): Stacking[] =>
    high.map(({ at, most, interleaf, facts }) => {
      const stacks = Math.min(facts.count, times * evenStacks(facts.count, most).length);
      return { at, most: Math.ceil(facts.count / stacks), interleaf };
    });
  const [tall, low] = [way(1), way(2)];
  return low.every(({ most }) => most >= 2) ? [tall, low] : [tall];
}

/** So many of a piece at most stand in one stack, no higher than it is wide; null where it is not for stacking, or is stacked already. */
function highestOf(facts: PieceFacts): number | null {
  const { count, stackOf, nestStepIn, within, hardPoints } = facts;
  const archetype = ARCHETYPES[facts.archetype];
  const isNone = count < STACK.fewest || stackOf > 1 || nestStepIn !== null || within !== null || archetype.cased || facts.keepUpright;
  // the rim of a plate lies with the plate
  if (isNone || hardPoints.some(({ kind }) => kind !== 'rim' && HARD_POINTS[kind].touches)) return null;
  const { sizeIn, weightLb } = guessMissing(facts, archetype);
  const [, across] = stackedFaceIn(sizeIn, null);
  const thickIn = Math.min(...sizeIn);
  if (thickIn > flatShareOf(archetype) * across) return null;
  const most = Math.min(
    Math.floor(across / thickIn + 1e-9),
    Math.floor(STACK.mostLb / weightLb + 1e-9),
    archetype.fragility === null ? count : STACK.mostBrittle,
  );
  return most < 2 ? null : Math.min(most, count);
}

/** Ware that goes into its like, by its name. */
const GOES_INTO_ITS_LIKE =
  /\b(?:bowls?|basins?|buckets?|pails?|flower ?pots?|planters?|(?:lamp ?)?shades?|saucepans?|ramekins?|tumblers?|beakers?|baskets?)\b/i;

/** True of several alike that mostly go into one another, by their name, where nobody said whether they do. Common practice, no source. */
export const mayNest = ({ title, count, stackOf, nestStepIn, within }: PieceFacts): boolean =>
  count > 1 && stackOf === 1 && nestStepIn === null && within === null && GOES_INTO_ITS_LIKE.test(title);

/** Thin foam, then small bubble, then paper, of which neither touches a delicate finish; tissue tears, and a card does not give. */
function sheetFor(facts: PieceFacts, most: number, wraps: readonly WrapStock[]): string | null {
  const { sizeIn } = guessMissing(facts, ARCHETYPES[facts.archetype]);
  const [length, width] = stackedFaceIn(sizeIn, null);
  const ft2 = ((facts.count - evenStacks(facts.count, most).length) * length * width) / IN2_PER_FT2;
  const fit = wraps
    .filter(({ stiff, role, abrasive, onHandFt2, cushion }) => {
      const gives = role === 'surface' ? cushion !== null || abrasive : role === 'conform';
      return !stiff && gives && onHandFt2 >= ft2 && !(abrasive && facts.finish !== 'plain');
    })
    .sort((one, other) => rankOf(one) - rankOf(other) || one.thicknessIn - other.thicknessIn);
  return fit[0]?.key ?? null;
}

const rankOf = ({ role, cushion }: WrapStock): number => (role === 'conform' ? 1 : cushion === null ? 2 : 0);

/**
 * The best nest of a parcel whose flat pieces are stacked; null where none are, or no such nest is found.
 *
 * @param plan works out a plan of a request
 */
export function* bestStacked(
  request: PlanRequest,
  plan: (asked: PlanRequest) => Generator<unknown, PlanOption | null>,
): Generator<unknown, Stacked | null> {
  let best: Stacked | null = null;
  for (const stackings of waysToStack(request)) {
    const option = yield* plan(withStacks(request, stackings));
    if (option && (best === null || option.expectedMinor < best.option.expectedMinor)) best = { stackings, option };
  }
  return best;
}
