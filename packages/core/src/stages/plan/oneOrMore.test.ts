import { box, FACTS, finish, request, STOCK } from '../../../tests/sampleRequest.ts';
import { mayGoApart, oneBoxOrMore, planParcel } from '../../planParcel.ts';
import type { PlanOption } from '../frontier/PlanOption.ts';
import type { PieceFacts } from '../sale/Order.ts';
import { compareBoxes, MOST_SHARED, MOST_SKETCHED, ofPart, waysInMore, waysToSplit } from './oneOrMore.ts';
import { worthMinor } from '../sale/worth.ts';
import { piecesOf, type PlanRequest } from './PlanRequest.ts';

const BOWL: Partial<PieceFacts> = { lengthIn: 6, widthIn: 6, heightIn: 4, weightLb: 2 };
const JAR: Partial<PieceFacts> = { archetype: 'blownGlass', lengthIn: 3.5, widthIn: 3.5, heightIn: 6, weightLb: 0.7 };
const ones = (...places: number[]) => places.map((at) => ({ at, count: 1 }));
const splitsOf = (of: PlanRequest) => waysToSplit(ones(...of.pieceIds.keys()), piecesOf(of));
const idOf = (at: number) => `00000000-0000-4000-8000-0000000000${10 + at}`;
const narrow = {
  ...STOCK,
  boxes: [box([12, 12, 12]), box([16, 14, 12]), box([20, 16, 12])],
  fills: STOCK.fills.slice(0, 1),
  wraps: STOCK.wraps.slice(0, 3),
};
function asked(pieces: readonly Partial<PieceFacts>[], boxes = narrow.boxes): PlanRequest {
  const one = request({}, { stock: { ...narrow, boxes }, soldMinor: 9000 });
  const all = pieces.map((facts, at) => ({ ...FACTS, ...facts, id: idOf(at), replacementMinor: 3000 }));
  return { ...one, order: { ...one.order, pieces: all }, pieceIds: all.map(({ id }) => id) };
}

test('two boxes are two parcels: their sums to the cent, as when each is planned by itself', () => {
  const of = asked([BOWL, JAR]);
  const { together, splits, looked } = finish(oneBoxOrMore(of));
  expect(looked).toBe('every');
  expect(splits).toHaveLength(1);
  const alone = [0, 1].map((at) => {
    const chosen = finish(planParcel(ofPart(of, ones(at))));
    if (chosen.kind === 'noPlan') throw new Error('no plan');
    return chosen.recommended;
  });
  const [split] = splits;
  expect(split!.costMinor).toBeCloseTo(alone[0]!.costMinor + alone[1]!.costMinor, 9);
  expect(split!.postageMinor).toBe(alone[0]!.rated.quote.totalMinor + alone[1]!.rated.quote.totalMinor);
  expect(split!.expectedMinor).toBeCloseTo(alone[0]!.expectedMinor + alone[1]!.expectedMinor, 9);
  // boxes go their own ways
  expect(split!.chance).toBeCloseTo(1 - (1 - alone[0]!.chance) * (1 - alone[1]!.chance), 12);
  expect(together!.postageMinor).toBeLessThan(split!.postageMinor);
});

test('where no box holds them all, two do', () => {
  const { together, splits } = finish(
    oneBoxOrMore(
      asked(
        [
          { ...BOWL, lengthIn: 10, widthIn: 10 },
          { ...BOWL, lengthIn: 9, widthIn: 9, heightIn: 8 },
        ],
        [box([12, 12, 12])],
      ),
    ),
  );
  expect(together).toBeNull();
  expect(splits.map(({ parts }) => parts)).toEqual([[ones(0), ones(1)]]);
});

// of n things 2ⁿ⁻¹ − 1 pairs of lots: exact
test.each([2, 3, 4, 5, 6, 7, 8])('every way to split %d is met once', (count) => {
  const ways = splitsOf(asked(Array.from({ length: count }, () => BOWL)));
  expect(ways).toHaveLength(2 ** (count - 1) - 1);
  expect(new Set(ways.map((parts) => JSON.stringify(parts))).size).toBe(ways.length);
  for (const parts of ways) expect(parts.flat().sort()).toEqual(Array.from({ length: count }, (_, i) => i));
});

test('of more than that each goes alone once, the heavy from the light and the dear from the rest', () => {
  const many = Array.from({ length: MOST_SKETCHED + 2 }, (_, i): Partial<PieceFacts> => ({ ...BOWL, weightLb: i === 3 ? 20 : 1 }));
  const ways = splitsOf(asked(many));
  expect(ways.filter((parts) => parts.some((part) => part.length === 1)).length).toBeGreaterThanOrEqual(many.length);
  expect(ways.some((parts) => JSON.stringify(parts[0]) === '[3]')).toBe(true);
  expect(ways.length).toBeLessThan(2 * many.length);
});

// partitions of n things are Bell's numbers 1, 2, 5, 15, 52, 203; in one lot there is one, in two 2ⁿ⁻¹ − 1: exact
test.each([
  [3, 5],
  [4, 15],
  [5, 52],
  [6, 203],
])('every way to put %d in three boxes and more is met once', (count, bell) => {
  const ways = waysInMore(count);
  expect(ways).toHaveLength(bell - 1 - (2 ** (count - 1) - 1));
  expect(new Set(ways.map((boxes) => JSON.stringify(boxes))).size).toBe(ways.length);
  for (const boxes of ways) expect(boxes.flat().sort()).toEqual(Array.from({ length: count }, (_, i) => i));
});

test('what goes by itself in each box goes in three, and that is the best there is: no way was left out', () => {
  const large = { ...BOWL, lengthIn: 9, widthIn: 9, heightIn: 8 };
  const { together, splits, looked } = finish(oneBoxOrMore(asked([large, large, large], [box([12, 12, 12])])));
  expect(together).toBeNull();
  expect(looked).toBe('every');
  expect(splits.map(({ parts }) => parts)).toEqual([[ones(0), ones(1), ones(2)]]);
  const alone = finish(planParcel(ofPart(asked([large], [box([12, 12, 12])]), ones(0))));
  if (alone.kind === 'noPlan') throw new Error('no plan');
  expect(splits[0]!.costMinor).toBeCloseTo(3 * alone.recommended.costMinor, 9);
  expect(splits[0]!.chance).toBeCloseTo(1 - (1 - alone.recommended.chance) ** 3, 12);
});

/** Plans by a price that is known: a box costs 500 and a pound 90, and holds so many pounds. */
const priced = (most: number) =>
  function* (of: PlanRequest): Generator<unknown, PlanOption | null> {
    const pounds = piecesOf(of).reduce((sum, { weightLb, count }) => sum + weightLb! * count, 0);
    const costMinor = 500 + 90 * pounds;
    const plan = { costMinor, expectedMinor: costMinor, chance: 0.01, minutes: 5, rated: { quote: { totalMinor: costMinor } } };
    return pounds > most ? null : (plan as unknown as PlanOption);
  };

describe('by a price that is known: a box costs 500 and a pound 90, and holds so many pounds', () => {
  const of = (pounds: readonly number[]) => asked(pounds.map((weightLb) => ({ ...BOWL, weightLb })));

  // bin packing by hand: 6+4 and 5+5 fill two boxes of 10 and no more is needed; of 7, 6, 5, 4 and 3 three are needed
  test.each([
    [[6, 5, 5, 4], 2],
    [[7, 6, 5, 4, 3], 3],
    [[9, 8, 7], 3],
    [[6, 6, 6, 6, 6], 5],
  ])('%p pounds go in %d boxes of ten', (pounds, boxes) => {
    const { splits, looked } = finish(compareBoxes(of(pounds), priced(10)));
    expect(looked).toBe(pounds.length > 4 ? 'roughly' : 'every');
    expect(splits[0]!.parts).toHaveLength(boxes);
    expect(splits[0]!.costMinor).toBe(500 * boxes + 90 * pounds.reduce((sum, one) => sum + one, 0));
    for (const { parts } of splits)
      for (const part of parts) expect(part.reduce((sum, { at }) => sum + pounds[at]!, 0)).toBeLessThanOrEqual(10);
  });

  // of n pieces there are 2ⁿ − 1 lots, each planned once: exact
  test.each([2, 3, 4])('it is told how many lots of %d pieces were looked at, until all of them were', (count) => {
    const slowly = function* (asks: PlanRequest): Generator<unknown, PlanOption | null> {
      yield 'so far';
      return yield* priced(60)(asks);
    };
    const told = [...compareBoxes(of(Array.from({ length: count }, (_, i) => 1 + i)), slowly)];
    expect(told.map(({ done }) => done)).toEqual(Array.from({ length: 2 ** count - 1 }, (_, i) => i));
    expect(told.at(-1)).toEqual({ done: 2 ** count - 2, of: 2 ** count - 1 });
    for (const { done, of: all } of told) expect(done).toBeLessThan(all);
  });

  test('of many the best two are split again; where no two hold them each goes alone', () => {
    const again = finish(compareBoxes(of([9, 1, 1, 1, 1, 1, 1, 1, 1]), priced(16)));
    expect(again.looked).toBe('some');
    expect(again.together).toBeNull();
    expect(again.splits[0]!.parts).toHaveLength(2);
    expect(again.splits.some(({ parts }) => parts.length === 3)).toBe(true);
    for (const { parts } of again.splits)
      expect(
        parts
          .flat()
          .map(({ at }) => at)
          .sort(),
      ).toEqual([0, 1, 2, 3, 4, 5, 6, 7, 8]);
    expect(finish(compareBoxes(of(Array<number>(9).fill(8)), priced(10))).splits.map(({ parts }) => parts.length)).toEqual([9]);
  });

  // 36 pounds in boxes of 18 want an even partition, which neither the heaviest ones nor one by itself give: 8+7+3 and 6+5+4+2+1
  test.each([
    ['as they are planned', 0],
    ['a tenth above that, one more than another', 0.1],
  ])('of five to eight every way is sketched, %s, and the best is found', (_, above) => {
    const roughly = function* (asks: PlanRequest): Generator<unknown, PlanOption | null> {
      const found = yield* priced(18)(asks);
      const share = 1 + above * ((asks.pieceIds.length * 7) % 3) * 0.5;
      return found && { ...found, expectedMinor: found.expectedMinor * share };
    };
    const pounds = [8, 7, 6, 5, 4, 3, 2, 1];
    const { splits, looked } = finish(compareBoxes(of(pounds), priced(18), false, roughly));
    expect(looked).toBe('roughly');
    expect(splits[0]!.parts).toHaveLength(2);
    expect(splits[0]!.parts.map((part) => part.reduce((sum, { at }) => sum + pounds[at]!, 0))).toEqual([18, 18]);
    // what is shown is planned, not sketched
    expect(splits[0]!.expectedMinor).toBe(2 * 500 + 36 * 90);
  });
});

describe('alike ones, by a price that is known: a box costs 500 and a pound 90, and holds so many pounds', () => {
  const row = (...counts: number[]) => asked(counts.map((count) => ({ ...BOWL, weightLb: 1, count })));
  const counts = (way: { parts: readonly (readonly { count: number }[])[] }) => way.parts.map((part) => part.map(({ count }) => count));

  // shared out evenly, no box has more than one above another: n = q·boxes + r, r boxes with q + 1
  test.each(Array.from({ length: 24 }, (_, i) => i + 2))('%d of a sort are shared out evenly among two boxes and more', (count) => {
    const { splits, looked } = finish(compareBoxes(row(count), priced(60)));
    expect(looked).toBe(count <= 3 ? 'every' : 'evenly');
    expect(splits.map(({ parts }) => parts.length)).toEqual(Array.from({ length: Math.min(count, MOST_SHARED) - 1 }, (_, i) => i + 2));
    for (const way of splits) {
      const each = counts(way).flat();
      expect(each.reduce((sum, one) => sum + one, 0)).toBe(count);
      expect(Math.max(...each) - Math.min(...each)).toBeLessThanOrEqual(1);
    }
  });

  test('twelve in boxes of five pounds go in three, the fewest that hold them', () => {
    const { together, splits } = finish(compareBoxes(row(12), priced(5)));
    expect(together).toBeNull();
    expect(counts(splits[0]!)).toEqual([[4], [4], [4]]);
    expect(splits[0]!.costMinor).toBe(3 * 500 + 12 * 90);
  });

  test('of two sorts each goes whole or in halves, every way once, and none is lost', () => {
    const { splits, looked } = finish(compareBoxes(row(6, 5), priced(60)));
    expect(looked).toBe('halves');
    // partitions of four halves are Bell’s 15; two of the first sort are alike and meet as one where exchanged
    const keys = splits.map(({ parts }) =>
      parts
        .map((part) => JSON.stringify(part))
        .sort()
        .join(),
    );
    expect(new Set(keys).size).toBe(keys.length);
    for (const { parts } of splits)
      expect([0, 1].map((at) => parts.flat().reduce((sum, one) => sum + (one.at === at ? one.count : 0), 0))).toEqual([6, 5]);
    expect(
      splits.some(
        (way) =>
          JSON.stringify(way.parts) ===
          JSON.stringify([
            [
              { at: 0, count: 3 },
              { at: 1, count: 3 },
            ],
            [
              { at: 0, count: 3 },
              { at: 1, count: 2 },
            ],
          ]),
      ),
    ).toBe(true);
  });

  test('what is worth nothing with one of them broken stays together', () => {
    const of = asked([{ ...BOWL, count: 2, wholeOrNothing: true }]);
    expect(finish(compareBoxes(of, priced(60))).splits).toEqual([]);
  });

  test('some of alike ones are worth their share, and the whole of what was pinned is forgotten', () => {
    const one = row(12);
    const of = {
      ...one,
      order: { ...one.order, soldMinor: 12_000, pieces: one.order.pieces.map((piece) => ({ ...piece, replacementMinor: null })) },
    };
    const part = ofPart(of, [{ at: 0, count: 5 }]);
    expect(piecesOf(part).map(({ count }) => count)).toEqual([5]);
    expect(worthMinor(piecesOf(part)[0], part.order)).toBe(5000);
    expect(part.order.pieces.reduce((sum, { count }) => sum + count, 0)).toBe(12);
  });
});

test('a box for each is among them where the buyer asked for it, however many there are', () => {
  const of = asked(Array.from({ length: 7 }, () => BOWL));
  // a box costs as much whatever is in it, so that nobody else would take seven
  const inSeven = (each: boolean) => finish(compareBoxes(of, priced(60), each)).splits.filter(({ parts }) => parts.length === 7);
  expect(inSeven(false)).toEqual([]);
  expect(inSeven(true).map(({ parts }) => parts)).toEqual([ones(...of.pieceIds.keys()).map((one) => [one])]);
});

test('what no box holds names the boxes that come nearest, not the envelopes', () => {
  const large = { ...BOWL, lengthIn: 9, widthIn: 9, heightIn: 8 };
  const envelope = { ...box([13, 10, 1]), key: 'envelope', name: 'stiff envelope', style: 'stiffened' as const };
  const chosen = finish(planParcel(asked([large, large], [envelope, box([12, 12, 12])])));
  if (chosen.kind !== 'noPlan') throw new Error('there should be none');
  expect(chosen.reasons[0]).toBe('no box on hand holds it');
  expect(chosen.reasons.slice(1).join()).not.toMatch(/envelope/);
  expect(chosen.reasons.slice(1).join()).toMatch(/12×12×12/);
});

test('six different pieces: no split that would be looked at of more of them is better than the best that is found', () => {
  const made = asked(
    Array.from({ length: 6 }, (_, i) => ({ ...(i % 2 ? JAR : BOWL), lengthIn: 4 + i / 2, weightLb: 0.6 + 0.5 * i })),
    narrow.boxes.slice(1, 2),
  );
  const of = { ...made, stock: { ...made.stock, wraps: made.stock.wraps.slice(2) } };
  const { splits, looked } = finish(oneBoxOrMore(of));
  expect(looked).toBe('roughly');
  const planned = (part: readonly number[]) => {
    const chosen = finish(planParcel(ofPart(of, ones(...part))));
    return chosen.kind === 'planned' ? chosen.recommended.expectedMinor : Infinity;
  };
  for (const parts of waysToSplit(ones(...of.pieceIds.keys()), piecesOf(of), 5))
    expect(splits[0]!.expectedMinor).toBeLessThanOrEqual(parts.reduce((sum, part) => sum + planned(part), 0) + 1e-6);
});

describe('whether several boxes may be better is known from sketches', () => {
  const flatAndBulky = asked([
    { ...BOWL, archetype: 'glazedFlat', lengthIn: 15, widthIn: 11, heightIn: 1, weightLb: 3 },
    { ...BOWL, heightIn: 7, weightLb: 4 },
  ]);
  test.each([
    ['a bowl and a jar', asked([BOWL, JAR])],
    ['a picture and a jug', flatAndBulky],
    ['two bowls alike', asked([{ ...BOWL, count: 2 }])],
  ])('of %s: never no where the comparison finds them better', (_, of) => {
    const { together, splits } = finish(oneBoxOrMore(of));
    const oneMinor = together!.expectedMinor;
    const [least] = splits;
    // what the best of them expects is no more than any of them does as sketched
    expect(finish(mayGoApart(of, least!.expectedMinor * 1.01))).toBe(true);
    if (least!.expectedMinor < oneMinor) expect(finish(mayGoApart(of, oneMinor))).toBe(true);
    expect(finish(mayGoApart(of, least!.expectedMinor / 1.2))).toBe(false);
  });

  test('of many different ones nobody knows without asking', () =>
    expect(finish(mayGoApart(asked(Array.from({ length: 6 }, () => JAR)), 1e9))).toBe(false));
});
