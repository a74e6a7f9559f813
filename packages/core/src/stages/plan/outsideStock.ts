import type { Triple } from '../../engineering/geometry/wrapLayer.ts';
import type { Minor } from '../../units/index.ts';
import type { PlanOption } from '../frontier/PlanOption.ts';
import { boxNotHeld, insideRound } from './boxToGet.ts';
import { AS_IT_STANDS } from '../box/BoxChoices.ts';
import type { ChosenPlan } from './choosePlan.ts';
import type { PlanRequest } from './PlanRequest.ts';
import { eitherSide } from './sideBySide.ts';

/** A nest in a box nobody has, that the stockroom cannot match. */
export interface OutsideNest {
  readonly insideIn: Triple;
  readonly nestCostMinor: Minor;
  readonly chance: number;
  /** What the cheapest nest of the stockroom that breaks no more often costs above it; null where none breaks so seldom. */
  readonly savesMinor: Minor | null;
}

type Planned = Extract<ChosenPlan, { kind: 'planned' }>;

/** Bedding that is tried, inches. */
const BEDDINGS_IN = [0.75, 1, 1.5, 2, 2.5, 3];
/** So much is worth a word, and so many are told. */
const WORTH_A_WORD = { minor: 25, share: 0.02, chance: 3 / 4 };
const MOST_TOLD = 3;

/**
 * Nests with boxes that are not in the stockroom and that nothing in it matches: round the recommended bundle and those on
 * either side of it, with more and with less bedding, the rest of each planned at its best.
 *
 * @param plan plans a request to the end
 * @returns from the cheapest on, each safer than the one before
 */
export function* nestsOutside(
  request: PlanRequest,
  { recommended, frontier }: Planned,
  plan: (request: PlanRequest) => Generator<unknown, PlanOption | null>,
): Generator<unknown, OutsideNest[]> {
  const { thriftier, moreCareful } = eitherSide(recommended, frontier, request.house.care);
  const bundles = [recommended, thriftier, moreCareful].flatMap((one) => (one ? [one.rated.weighed.filled.stowed.blockIn] : []));
  const here = new Set(request.stock.boxes.map(({ insideIn }) => insideIn.join()));
  const sizes = bundles.flatMap((heldIn) => BEDDINGS_IN.map((gapIn) => insideRound(heldIn, gapIn)));
  const found: OutsideNest[] = [];
  for (const insideIn of new Map(sizes.map((size) => [size.join(), size])).values()) {
    if (here.has(insideIn.join())) continue;
    const box = boxNotHeld(insideIn, 'ordinary');
    const option = yield* plan({
      ...request,
      stock: { ...request.stock, boxes: [box] },
      locks: { ...request.locks, box: box.key, inner: null, liner: false, ...AS_IT_STANDS },
    });
    if (option) found.push({ insideIn, nestCostMinor: option.nestCostMinor, chance: option.chance, savesMinor: savedBy(option, frontier) });
  }
  const worthAWord = found.filter(({ nestCostMinor, chance, savesMinor }) =>
    savesMinor === null
      ? chance <= WORTH_A_WORD.chance * Math.min(...frontier.map((one) => one.chance))
      : savesMinor >= Math.max(WORTH_A_WORD.minor, WORTH_A_WORD.share * nestCostMinor),
  );
  const unbeaten = worthAWord.filter((one) => !worthAWord.some((other) => other !== one && beats(other, one)));
  return unbeaten
    .sort((a, b) => (b.savesMinor ?? 0) - (a.savesMinor ?? 0))
    .slice(0, MOST_TOLD)
    .sort((a, b) => a.nestCostMinor - b.nestCostMinor);
}

/** What the cheapest plan that breaks no more often costs above one. */
function savedBy({ nestCostMinor, chance }: PlanOption, frontier: readonly PlanOption[]): Minor | null {
  const asSafe = frontier.filter((one) => one.chance <= chance).map((one) => one.nestCostMinor);
  return asSafe.length > 0 ? Math.min(...asSafe) - nestCostMinor : null;
}

const beats = (one: OutsideNest, other: OutsideNest): boolean =>
  one.nestCostMinor <= other.nestCostMinor &&
  one.chance <= other.chance &&
  (one.nestCostMinor < other.nestCostMinor || one.chance < other.chance);
