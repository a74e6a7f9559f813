import type { Triple } from '../../engineering/geometry/wrapLayer.ts';
import { restingOf } from '../../engineering/stowage/resting.ts';
import { standIn, type Stand } from '../../engineering/stowage/Stand.ts';
import { standSideBySide, STANDING_RULES, wishesOf, type StandingWish } from '../../engineering/stowage/standingRules.ts';

/** One way to stand together: the order, and which turn of each. */
interface Way {
  readonly stand: Stand;
  readonly turnOf: readonly number[];
}

/** Where somebody has said how pieces stand, so many times as many ways are looked at, each in so many orders at most. */
const LOOKED_AT = { times: 6, orders: 120 };

/**
 * Ways to stand in which every piece stands as somebody wants it: of each way the first order of its parts that does. Where none
 * does they are as they would be if nobody had said anything, and the plan says what is not as it was wanted.
 *
 * @param rules of the pieces, by their place
 * @param beside the place of the one that each is to stand next to; null for none
 * @param outlines of each piece, by its turns
 * @param waysOf the closest ways, so many of them
 */
export function asRuled<Found extends Way>(
  rules: readonly StandingWish[],
  beside: readonly (number | null)[],
  outlines: readonly (readonly Triple[])[],
  most: number,
  waysOf: (many: number) => readonly Found[],
): readonly Found[] {
  if (rules.every((wish) => wishesOf(wish).length === 0) && beside.every((other) => other === null)) return waysOf(most);
  const kept = waysOf(most * LOOKED_AT.times).flatMap((way) => {
    const sizes = way.turnOf.map((turn, at) => outlines[at]![turn]!);
    let orders = 0;
    for (const stand of ordersOf(way.stand)) {
      if (orders++ === LOOKED_AT.orders) break;
      if (standsAsRuled(rules, beside, stand, sizes)) return [{ ...way, stand }];
    }
    return [];
  });
  return kept.length > 0 ? kept.slice(0, most) : waysOf(most);
}

/** True where every piece stands as its rule wants it. */
function standsAsRuled(
  rules: readonly StandingWish[],
  beside: readonly (number | null)[],
  stand: Stand,
  sizes: readonly Triple[],
): boolean {
  const { at, sizeIn } = standIn(stand, sizes);
  const resting = restingOf(
    at.map((atIn, i) => ({ atIn, sizeIn: sizes[i]! })),
    sizeIn,
  );
  return (
    rules.every((wish, i) => wishesOf(wish).every((rule) => STANDING_RULES[rule].holds(resting, i))) &&
    beside.every((other, i) => other === null || standSideBySide(resting, i, other))
  );
}

/** A stand with the parts of every node in every order, as it is first. */
function* ordersOf(stand: Stand): Generator<Stand> {
  if (typeof stand === 'number') yield stand;
  else for (const parts of permutations(stand.parts)) for (const each of everyOf(parts)) yield { ...stand, parts: each };
}

function* everyOf(parts: readonly Stand[]): Generator<readonly Stand[]> {
  const [first, ...rest] = parts;
  if (first === undefined) yield [];
  else for (const one of ordersOf(first)) for (const others of everyOf(rest)) yield [one, ...others];
}

function* permutations<One>(all: readonly One[]): Generator<readonly One[]> {
  if (all.length <= 1) yield all;
  else for (const [i, one] of all.entries()) for (const rest of permutations(all.filter((_, at) => at !== i))) yield [one, ...rest];
}
