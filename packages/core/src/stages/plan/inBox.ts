import type { Triple } from '../../engineering/geometry/wrapLayer.ts';
import type { BoxStock } from '../../engineering/materials/stock.ts';
import { roomInside } from '../box/roomInside.ts';
import { toFoldOf } from '../box/boxToFold.ts';
import { isEnvelope } from '../box/makeShell.ts';
import type { PlanChoice } from '../frontier/PlanOption.ts';
import { BY_HAND } from '../rate/byHand.ts';
import type { WeighedParcel } from '../weight/WeighedParcel.ts';
import type { BoxedChoice, Wraps } from '../wrap/WrappedItem.ts';
import { waysToStand, type Way } from '../box/waysToStand.ts';
import { deriver, type Deriver } from './derivePlan.ts';
import { findFaults } from './findFaults.ts';
import { withBoxed, type PlanRequest } from './PlanRequest.ts';
import { boxesOf } from './stockFor.ts';

/**
 * A choice put into another box: what belongs to the old box goes with it, an envelope takes no fill, and a carrier's own box
 * takes its service along.
 *
 * @returns one for each service that takes the box where the service in hand does not; none where nobody does
 */
export function inBox(choice: PlanChoice, box: BoxStock, { stock, cards }: Pick<PlanRequest, 'stock' | 'cards'>): PlanChoice[] {
  const taken: PlanChoice = {
    ...choice,
    box: box.key,
    newDepthIn: null,
    ...(choice.shortened ? { shortened: null } : {}),
    ...(choice.crossIn ? { crossIn: 0 } : {}),
    baseGapIn: null,
    ...(choice.fillApart && isEnvelope(box) ? { fillApart: {} } : {}),
    fill: isEnvelope(box) ? null : (choice.fill ?? stock.fills[0]?.key ?? null),
  };
  const services = cards.flatMap((card) => card.services);
  const takes = ({ containers }: (typeof services)[number]) =>
    box.container === null ? containers === null : (containers?.includes(box.container) ?? false);
  const now = services.find(({ key }) => key === choice.service);
  if (now ? takes(now) : choice.service === BY_HAND && !box.container) return [taken];
  const others = services.filter(takes);
  return others.length > 0 ? others.map(({ key }) => ({ ...taken, service: key })) : [taken];
}

/**
 * A choice put into another box by hand, by the service that comes out best where the one in hand does not take that box.
 * Different bundles that do not go in as they stand are stood otherwise, where they do then and nobody has pinned how they stand.
 */
export function takeBox(request: PlanRequest, choice: PlanChoice, key: string): PlanChoice {
  const box = boxesOf({ ...request, locks: {} }).boxes.find((one) => one.key === key) ?? toFoldOf(key, request.stock.linerBoard);
  if (!box) return { ...choice, box: key };
  const [first, ...more] = inBox(choice, box, request);
  return standingBest(request, [first!, ...more]);
}

/** A choice with one of its bundles put into a box of its own by hand, or out of it; all stood otherwise where they only go in then. */
export const takeOwnBox = (request: PlanRequest, choice: PlanChoice, at: number, boxed: BoxedChoice | null): PlanChoice =>
  standingBest(request, [withBoxed(choice, at, boxed)]);

/** Of some choices, each stood so that it goes into its box, the one that comes out best. */
export function standingBest(request: PlanRequest, choices: readonly PlanChoice[]): PlanChoice {
  const derive = deriver(request);
  const ways = choices.flatMap((one) => stoodToFit(request, one, derive));
  if (ways.length === 1) return ways[0]!;
  const expected = (one: PlanChoice) => {
    const derived = derive(one);
    return derived.kind === 'plan' && !derived.option.rated.refused ? derived.option.expectedMinor : Infinity;
  };
  return ways.reduce((best, one) => (expected(one) < expected(best) ? one : best));
}

/** The next larger slotted boxes on hand of the shop’s own, by what they hold. */
export const largerBoxes = (request: Pick<PlanRequest, 'stock' | 'cards' | 'locks'>, than: BoxStock, most: number): BoxStock[] => {
  return boxesOf(request)
    .boxes.filter((box) => box.onHand > 0 && !isEnvelope(box) && box.container === null && roomInside(box) > roomInside(than))
    .sort((a, b) => roomInside(a) - roomInside(b))
    .slice(0, most);
};

/** Ways of standing looked at where what is in hand does not fit. */
const MOST_STANDS = 24;

/**
 * The same nest with its bundles stood so that they go into its box.
 *
 * @returns itself alone where it fits, where it holds one bundle or nobody may stand it otherwise, and where nothing fits
 */
export function stoodToFit(request: PlanRequest, choice: PlanChoice, derive: Deriver): PlanChoice[] {
  if (!choice.others || request.locks.stand !== undefined) return [choice];
  const weighed = derive.weighed(choice);
  if (!weighed || !isTooSmall(weighed, request)) return [choice];
  const { shell } = weighed.filled.stowed;
  const fitting = standingWays(request, choice, weighed, derive)
    .filter(({ blockIn }) => choice.inner !== null || blockIn.every((side, axis) => side <= shell.insideIn[axis]! + 1e-9))
    .map(({ way }): PlanChoice => ({ ...stoodAs(choice, way), baseGapIn: null }))
    .filter((one) => {
      const stood = derive.weighed(one);
      return stood !== null && !isTooSmall(stood, request);
    });
  return fitting.length > 0 ? fitting : [choice];
}

/** A choice whose different bundles lie and stand in a way. */
export const stoodAs = (choice: PlanChoice, { lies: [own, ...others], stand }: Way): PlanChoice => ({
  ...choice,
  ...own,
  stand,
  others: choice.others!.map((one, at) => ({ ...one, ...others[at]! })),
});

/** A way of standing, and how large all is that stands so. */
interface StandingWay {
  readonly way: Way;
  readonly blockIn: Triple;
}

/** Ways in which the bundles of a choice may stand: the same in every box, and asked for with each. */
function standingWays(request: PlanRequest, choice: PlanChoice, weighed: WeighedParcel, derive: Deriver): StandingWay[] {
  const known = waysOf.get(derive) ?? new Map<string, StandingWay[]>();
  waysOf.set(derive, known);
  const { cells, between, around, shared } = choice;
  const bundles = [choice, ...choice.others!].map(({ layers, guards, filledHollows, boxed }) => [layers, guards, filledHollows, boxed]);
  const key = JSON.stringify([bundles, cells, between, around, shared]);
  const met = known.get(key);
  if (met) return met;
  const wraps = weighed.filled.stowed.bundles.map(({ wrapped }) => wrapped) as unknown as Wraps;
  const ways = waysToStand(wraps, request.locks, MOST_STANDS).flatMap((way): StandingWay[] => {
    const stood = derive.weighed(stoodAs(choice, way));
    return stood ? [{ way, blockIn: stood.filled.stowed.blockIn }] : [];
  });
  known.set(key, ways);
  return ways;
}
const waysOf = new WeakMap<Deriver, Map<string, StandingWay[]>>();

/** True where what is held does not go into its box. */
export const isTooSmall = (weighed: WeighedParcel, { house }: Pick<PlanRequest, 'house'>): boolean =>
  findFaults(weighed, house)[0]?.kind === 'tooSmall';
