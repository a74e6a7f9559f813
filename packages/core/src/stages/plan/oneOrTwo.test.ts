import { box, FACTS, finish, request, STOCK } from '../../../tests/sampleRequest.ts';
import { oneBoxOrTwo, planParcel } from '../../planParcel.ts';
import type { PieceFacts } from '../sale/Order.ts';
import { MOST_SPLIT, ofPart, waysToSplit } from './oneOrTwo.ts';
import type { PlanRequest } from './PlanRequest.ts';

const BOWL: Partial<PieceFacts> = { lengthIn: 6, widthIn: 6, heightIn: 4, weightLb: 2 };
const JAR: Partial<PieceFacts> = { archetype: 'blownGlass', lengthIn: 3.5, widthIn: 3.5, heightIn: 6, weightLb: 0.7 };
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
  const { together, splits, every } = finish(oneBoxOrTwo(of));
  expect(every).toBe(true);
  expect(splits).toHaveLength(1);
  const alone = [0, 1].map((at) => {
    const chosen = finish(planParcel(ofPart(of, [at])));
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
    oneBoxOrTwo(
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
  expect(splits.map(({ parts }) => parts)).toEqual([[[0], [1]]]);
});

// of n things 2ⁿ⁻¹ − 1 pairs of lots: exact
test.each([2, 3, 4, 5])('every way to split %d is met once', (count) => {
  const ways = waysToSplit(asked(Array.from({ length: count }, () => BOWL)));
  expect(ways).toHaveLength(2 ** (count - 1) - 1);
  expect(new Set(ways.map((parts) => JSON.stringify(parts))).size).toBe(ways.length);
  for (const parts of ways) expect(parts.flat().sort()).toEqual(Array.from({ length: count }, (_, i) => i));
});

test('of more than that each goes alone once, the heavy from the light and the dear from the rest', () => {
  const many = Array.from({ length: MOST_SPLIT + 2 }, (_, i): Partial<PieceFacts> => ({ ...BOWL, weightLb: i === 3 ? 20 : 1 }));
  const ways = waysToSplit(asked(many));
  expect(ways.filter((parts) => parts.some((part) => part.length === 1)).length).toBeGreaterThanOrEqual(many.length);
  expect(ways.some((parts) => JSON.stringify(parts[0]) === '[3]')).toBe(true);
  expect(ways.length).toBeLessThan(2 * many.length);
});
