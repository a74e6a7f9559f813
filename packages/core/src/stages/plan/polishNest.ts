import type { House } from '../../house/House.ts';
import { waysToGuard } from '../item/addedTo.ts';
import { carefulMinor, recommend, type Recommendation } from '../frontier/recommend.ts';
import type { PlanChoice, PlanOption } from '../frontier/PlanOption.ts';
import { layerChanges, without } from './bundleChanges.ts';
import { countBare } from './countBare.ts';
import { countNotHouses } from './houseDoes.ts';
import { deriver, type Deriver } from './derivePlan.ts';
import { countWrapCautions } from './findFaults.ts';
import { bundleChoice, bundleLocks, piecesOf, withBundle, type PlanRequest } from './PlanRequest.ts';
import { isBetter } from './sideBySide.ts';
import { soundOptions } from './soundOptions.ts';

/** Rounds at most, and nests worked out at most: the search has come close already; judgement. */
const MOST_ROUNDS = 8;
const MOST_TRIED = 320;
/** Above the ceiling a nest is safer than another where it breaks so much less often; judgement. */
const CLEARLY_SAFER = 0.98;
/** No step that spoils a finish so much more often is taken for safety’s sake; judgement. */
const SPOILS_MORE = 0.002;

/**
 * The nest found, with the steps taken that the search does not: half turns and doubled sheets where they are worth more than a
 * tie, and of several pieces, of which the search looks at a few wraps each, whole turns and guards too. Step by step, each time
 * the best single one: no promise that no other combination is better still.
 *
 * Pauses with the best so far after each step that was tried.
 *
 * @param frontier nests that were found beside it: what is taken is even with the best of them all
 * @param ceiling chance above which a nest is recommended only where none is below it
 */
export function* polishNest(
  request: PlanRequest,
  found: Recommendation,
  frontier: readonly PlanOption[],
  ceiling: number,
  derive: Deriver = deriver(request),
): Generator<Recommendation, Recommendation> {
  const sound = soundOptions(request, derive);
  const countCautions = ({ rated }: PlanOption) => countWrapCautions(rated.weighed.filled.stowed, request.house);
  const countOffHouse = ({ rated }: PlanOption) => countNotHouses(rated.weighed, request);
  const several = piecesOf(request).length > 1;
  const met: PlanOption[] = [found.option, ...frontier];
  let best = found;
  let tried = 0;
  // what is worse of one bundle stays so while the others change; whether the nest keeps below its ceiling is another matter
  const worse = new Set<string>();
  for (let round = 0; round < MOST_ROUNDS && tried < MOST_TRIED; round++) {
    const now = best.option;
    const [cautions, offHouse] = [countCautions(now), countOffHouse(now)];
    const keyOf = ({ what }: Step) => `${now.chance > ceiling} ${what}`;
    const steps = [...stepsFrom(request, now, several)].filter((step) => !worse.has(keyOf(step))).slice(0, MOST_TRIED - tried);
    tried += steps.length;
    const options: PlanOption[] = [];
    for (const step of steps) {
      yield best;
      const option = sound(step.after);
      const isSound =
        option !== null && countBare(option.rated.weighed) === 0 && countCautions(option) <= cautions && countOffHouse(option) <= offHouse;
      if (!isSound || isWorse(option, now, ceiling, request.house)) worse.add(keyOf(step));
      if (!isSound || (now.chance > ceiling && option.spoils > now.spoils + SPOILS_MORE)) continue;
      if (!step.finely || isWorthIt(option, now, ceiling)) options.push(option);
    }
    met.push(...options);
    const next = recommend(several ? met : [now, ...options], ceiling, request.house)!;
    if (next.option === now) break;
    best = next;
  }
  return best;
}

/** A step finer than the search’s own: worth more than a tie, or what brings a nest nearer to the ceiling. */
const isWorthIt = (after: PlanOption, now: PlanOption, ceiling: number): boolean =>
  now.chance > ceiling ? after.chance < CLEARLY_SAFER * now.chance : after.chance <= ceiling && isBetter(after, now, true);

/** No safer where it should be, or neither expected to cost less nor the safer of two that are even. */
const isWorse = (after: PlanOption, now: PlanOption, ceiling: number, house: House): boolean =>
  now.chance > ceiling
    ? after.chance >= now.chance
    : after.expectedMinor >= now.expectedMinor && carefulMinor(after, house) >= carefulMinor(now, house);

/** More of what only keeps a surface than anybody lays round it. Common practice, no source. */
const MOST_ON_SURFACE = 2;
const isHeaped = (layers: PlanChoice['layers'], { stock }: PlanRequest): boolean =>
  layers.some(
    ({ material, turns }) => turns > MOST_ON_SURFACE && stock.wraps.some((wrap) => wrap.key === material && wrap.role === 'surface'),
  );

interface Step {
  /** Which bundle is changed, and into what. */
  readonly what: string;
  readonly after: PlanChoice;
  readonly finely: boolean;
}

/** Single steps from a nest, bundle after bundle; none of a bundle whose layers are pinned. */
function* stepsFrom(request: PlanRequest, { choice, rated }: PlanOption, several: boolean): Generator<Step> {
  // a box in a box that the few wraps of the search wanted is no longer wanted, it may be, by better ones
  if (several && choice.inner && !request.house.floats && request.locks.inner === undefined)
    yield { what: JSON.stringify(choice), after: { ...choice, inner: null, baseGapIn: null }, finely: false };
  for (const [at, facts] of piecesOf(request).entries()) {
    const locks = bundleLocks(request.locks, at);
    const own = bundleChoice(choice, at);
    const leftOut = request.locks.without;
    if (!locks.layers)
      for (const { layers, finely } of layerChanges(request.stock, own.layers, facts, {
        isTooSmall: false,
        piece: rated.weighed.filled.stowed.bundles[at]!.wrapped.piece,
        ...(leftOut ? { without: leftOut } : {}),
      }))
        if ((finely || several) && !isHeaped(layers, request))
          yield { what: JSON.stringify([at, layers, own.guards]), after: withBundle(choice, at, { ...own, layers }), finely };
    if (several && !locks.guards && !locks.filledHollows && !locks.bundle)
      for (const added of waysToGuard(facts, request.house))
        if (JSON.stringify(added.guards) !== JSON.stringify(own.guards))
          yield {
            what: JSON.stringify([at, own.layers, added]),
            after: withBundle(choice, at, { ...without(without(own, 'guards'), 'filledHollows'), ...added }),
            finely: false,
          };
  }
}
