import { offerBare, offerBoxes, offerInBox, whyNot } from './stages/box/offerBoxes.ts';
import { fillVoids } from './stages/fill/fillVoids.ts';
import { traceFrontier, type SearchProgress } from './stages/frontier/traceFrontier.ts';
import { inspectItem } from './stages/item/inspectItem.ts';
import { choosePlan, type ChosenPlan } from './stages/plan/choosePlan.ts';
import type { PlanRequest } from './stages/plan/PlanRequest.ts';
import { rateParcel, zoneCards, type ZonedCard } from './stages/rate/rateParcel.ts';
import type { Rating } from './stages/rate/RatedParcel.ts';
import { readSale } from './stages/sale/readSale.ts';
import { waysToWrap } from './stages/wrap/waysToWrap.ts';
import type { WrappedItem } from './stages/wrap/WrappedItem.ts';
import { weighParcel } from './stages/weight/weighParcel.ts';

/**
 * The flow, from a sale to the plan of least expected cost. Each line is one stage; what a stage makes
 * holds what the stage before it made, so that a plan reads backwards to the sale.
 *
 * A generator: it yields its progress every few dozen boxes, so that whoever runs it can stop it.
 *
 * @param every evaluates each plan instead of skipping those provably beaten: slow, for checking
 * @throws RangeError on facts out of bounds
 */
export function* planParcel(request: PlanRequest, every = false): Generator<SearchProgress, ChosenPlan> {
  const order = readSale(request.order);
  const [piece] = order.pieces.filter((facts) => facts.id === request.pieceId).map((facts) => inspectItem(order, facts));
  if (!piece) throw new RangeError(`pieceId must be one of the order’s pieces, not ${request.pieceId}`);
  const bundles = waysToWrap(piece, request.stock, request.house, request.locks);
  const cards = zoneCards(request.cards, order);
  const traced = yield* traceFrontier(rateEveryBox(request, bundles, cards), request.house, every);
  return choosePlan(traced, traced.best ? [] : whyNoPlan(request, bundles, cards));
}

/** Boxes, fills, weighs and prices each bundle in every way, one after the other as they are asked for. */
function* rateEveryBox(
  { stock, house, locks }: PlanRequest,
  bundles: readonly WrappedItem[],
  cards: readonly ZonedCard[],
): Generator<Rating> {
  const fills = locks.fill === undefined ? stock.fills : stock.fills.filter((fill) => fill.key === locks.fill);
  const offers = [...(locks.inner ? [] : [offerBare]), ...(locks.inner === null || !house.innerBoxes ? [] : [offerInBox])];
  for (const offer of offers) {
    for (const bundle of bundles) {
      for (const stowed of offer(bundle, stock.boxes, house, locks)) {
        for (const fill of fills) {
          const weighed = weighParcel(fillVoids(stowed, fill, stowed.inner && fill, house), stock, house.photographs);
          yield rateParcel(weighed, cards, house, locks);
        }
      }
    }
  }
}

/** Why nothing came of it, nearest miss first. */
function whyNoPlan({ stock, house, locks }: PlanRequest, bundles: readonly WrappedItem[], cards: readonly ZonedCard[]): string[] {
  const smallest = bundles.reduce<WrappedItem | null>((least, one) => (!least || one.coverIn < least.coverIn ? one : least), null);
  if (!smallest) return ['no way of wrapping passes the feel test with what is in the stockroom'];
  const fits = [...offerBoxes(smallest, stock.boxes, house, locks)][0];
  if (!fits) {
    const misses = whyNot(smallest, stock.boxes, house).sort((a, b) => a.shortIn - b.shortIn);
    return ['no box on hand holds it', ...misses.slice(0, 3).map(({ box, reason }) => `${box.name}: ${reason}`)];
  }
  const fill = stock.fills.find((one) => locks.fill === undefined || one.key === locks.fill);
  if (!fill) return ['no fill in the stockroom'];
  const { refused } = rateParcel(
    weighParcel(fillVoids(fits, fill, fits.inner && fill, house), stock, house.photographs),
    cards,
    house,
    locks,
  );
  return ['no service carries it', ...refused().map((one) => `${one.serviceName}: ${one.refused}`)];
}
