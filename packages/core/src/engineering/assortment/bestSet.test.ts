import fc from 'fast-check';
import { bestSet } from './bestSet.ts';

const money = fc.integer({ min: 0, max: 100 });
const shop = fc.integer({ min: 1, max: 9 }).chain((candidates) =>
  fc.record({
    costs: fc.array(
      fc.array(fc.oneof({ weight: 4, arbitrary: money }, { weight: 1, arbitrary: fc.constant(Infinity) }), {
        minLength: candidates,
        maxLength: candidates,
      }),
      {
        minLength: 1,
        maxLength: 12,
      },
    ),
    most: fc.integer({ min: 1, max: 4 }),
  }),
);
const none = (costs: readonly (readonly number[])[]) => costs.map(() => 120);
const totalOf = (costs: readonly (readonly number[])[], set: readonly number[]) =>
  costs.reduce((sum, row, i) => sum + Math.min(none(costs)[i]!, ...set.map((j) => row[j]!)), 0);

/** Every set of so many, one after the other. */
function leastOfAll(costs: readonly (readonly number[])[], most: number): number {
  let least = totalOf(costs, []);
  const go = (from: number, set: readonly number[]) => {
    least = Math.min(least, totalOf(costs, set));
    if (set.length < most) for (let j = from; j < costs[0]!.length; j++) go(j + 1, [...set, j]);
  };
  go(0, []);
  return least;
}

describe('the best set of so many', () => {
  test('is the least of all sets, tried one after the other', () =>
    fc.assert(
      fc.property(shop, ({ costs, most }) => {
        const found = bestSet(costs, none(costs), most);
        expect(found.exact).toBe(true);
        expect(found.total).toBe(leastOfAll(costs, most));
        expect(found.bound).toBe(found.total);
        expect(found.set.length).toBeLessThanOrEqual(most);
        expect(totalOf(costs, found.set)).toBe(found.total);
      }),
      { numRuns: 300 },
    ));

  test('cut short, what was found stands with a bound that no set is below, and saves at least 1 − 1/e of the most', () =>
    fc.assert(
      fc.property(shop, ({ costs, most }) => {
        const found = bestSet(costs, none(costs), most, 0);
        const least = leastOfAll(costs, most);
        const nothing = totalOf(costs, []);
        expect(found.bound).toBeLessThanOrEqual(least);
        expect(found.total).toBeGreaterThanOrEqual(least);
        expect(nothing - found.total).toBeGreaterThanOrEqual((1 - 1 / Math.E) * (nothing - least) - 1e-9);
      }),
      { numRuns: 300 },
    ));

  test('one more to choose from, or one more in the set, never costs more', () =>
    fc.assert(
      fc.property(shop, ({ costs, most }) => {
        const { total } = bestSet(costs, none(costs), most);
        expect(bestSet(costs, none(costs), most + 1).total).toBeLessThanOrEqual(total);
        const more = costs.map((row, i) => [...row, (i * 37) % 90]);
        expect(bestSet(more, none(more), most).total).toBeLessThanOrEqual(total);
      }),
    ));

  // greedy takes the middle first and needs two more; the best two are the ends
  test('where the greedy choice is a trap it is left again', () => {
    const costs = [
      [0, 100, 40],
      [0, 100, 40],
      [100, 0, 40],
      [100, 0, 40],
    ];
    expect(bestSet(costs, [100, 100, 100, 100], 2)).toEqual({ set: [0, 1], total: 0, bound: 0, exact: true });
  });

  test('nobody and nothing', () => {
    expect(bestSet([], [], 3)).toMatchObject({ set: [], total: 0 });
    expect(bestSet([[Infinity]], [50], 3)).toMatchObject({ set: [], total: 50, exact: true });
  });
});
