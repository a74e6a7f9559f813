import type { House } from '../../house/House.ts';
import type { FillStock, WrapStock } from '../../engineering/materials/stock.ts';
import type { Minor } from '../../units/index.ts';
import type { PlanChoice, PlanOption } from '../frontier/PlanOption.ts';
import type { PackedParcel } from './boxesToKeep.ts';
import type { PlanRequest } from './PlanRequest.ts';

/** Another way for the shop: other rules, or another material in the stockroom or gone from it. */
export type Otherwise = { readonly key: string } & (
  | { readonly house: House }
  | { readonly addsWrap: WrapStock }
  | { readonly addsFill: FillStock }
  | { readonly without: string }
);

/** What another way would have made of parcels, against the shop as it is; all of it summed over those both ways have a nest for. */
export interface OtherwiseMade {
  readonly key: string;
  readonly parcels: number;
  /** Parcels that have a nest now and none that way. */
  readonly unfit: number;
  /** Parcels that would have had another nest. */
  readonly moved: number;
  readonly costMinor: Minor;
  /** Cost, the expected loss with it. */
  readonly expectedMinor: Minor;
  readonly minutes: number;
  /** Parcels that are expected to break: now, and that way. */
  readonly breaksNow: number;
  readonly breaks: number;
}

/** So many parcels stand for all, spread over the time they were packed in. */
const MOST_PARCELS = 16;

/**
 * What other ways would have made of parcels as they were packed: each is searched anew with the shop as it is and with each
 * of the ways, and the recommended nests are compared, with nothing pinned.
 *
 * A generator: it yields often, so that whoever runs it can stop it and say how far it has come.
 *
 * @param bestOf searches for the nest to recommend; null where there is none
 */
export function* madeOtherwise(
  parcels: readonly PackedParcel[],
  ways: readonly Otherwise[],
  bestOf: (request: PlanRequest) => Generator<unknown, PlanOption | null>,
): Generator<{ readonly done: number; readonly of: number }, OtherwiseMade[]> {
  const looked = spread(parcels, MOST_PARCELS);
  const of = looked.length * (ways.length + 1);
  const sums = ways.map(({ key }) => ({
    key,
    parcels: 0,
    unfit: 0,
    moved: 0,
    costMinor: 0,
    expectedMinor: 0,
    minutes: 0,
    breaksNow: 0,
    breaks: 0,
  }));
  let done = 0;
  const best = function* (request: PlanRequest): Generator<{ done: number; of: number }, PlanOption | null> {
    const search = bestOf(request);
    let step = search.next();
    for (; !step.done; step = search.next()) yield { done, of };
    done++;
    return step.value;
  };
  for (const { request } of looked) {
    const open = { ...request, locks: {} };
    const now = yield* best(open);
    if (!now) {
      done += ways.length;
      continue;
    }
    for (const [at, way] of ways.entries()) {
      // one less of what is not in it anyway leaves it as it is
      const same = 'without' in way && !materialsOf(now.choice).has(way.without);
      if (same) done++;
      const then = same ? now : yield* best(requestThatWay(open, way));
      const sum = sums[at]!;
      if (!then) {
        sum.unfit++;
        continue;
      }
      sum.parcels++;
      if (JSON.stringify(then.choice) !== JSON.stringify(now.choice)) sum.moved++;
      sum.costMinor += then.costMinor - now.costMinor;
      sum.expectedMinor += then.expectedMinor - now.expectedMinor;
      sum.minutes += then.minutes - now.minutes;
      sum.breaksNow += now.chance;
      sum.breaks += then.chance;
    }
  }
  return sums;
}

/** Every wrap and fill of a nest, by key. */
const materialsOf = ({ fill, inner, ...first }: PlanChoice): Set<string | null> =>
  new Set([fill, inner?.fill ?? null, ...[first, ...(first.others ?? [])].flatMap(({ layers }) => layers.map(({ material }) => material))]);

/** What is asked of the search when the shop goes another way. */
function requestThatWay(request: PlanRequest, way: Otherwise): PlanRequest {
  if ('house' in way) return { ...request, house: way.house };
  const { stock } = request;
  if ('addsWrap' in way) return { ...request, stock: { ...stock, wraps: [...stock.wraps, way.addsWrap] } };
  if ('addsFill' in way) return { ...request, stock: { ...stock, fills: [...stock.fills, way.addsFill] } };
  const others = <Item extends { key: string }>(items: readonly Item[]) => items.filter(({ key }) => key !== way.without);
  return { ...request, stock: { ...stock, wraps: others(stock.wraps), fills: others(stock.fills) } };
}

/** So many of a list at most, evenly from its beginning to its end. */
const spread = <Item>(list: readonly Item[], most: number): Item[] =>
  list.length <= most ? [...list] : Array.from({ length: most }, (_, i) => list[Math.floor((i * list.length) / most)]!);
