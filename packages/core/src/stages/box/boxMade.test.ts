import { finish, request, STOCK } from '../../../tests/sampleRequest.ts';
import { planParcel } from '../../planParcel.ts';
import { writeBenchSteps } from '../bench/writeBenchSteps.ts';
import { boxMade } from './boxMade.ts';

const SHEET = { board: STOCK.boxes[0]!.board, minorPerFt2: 60, onHandFt2: 40 };
const order = { kind: 'wrapAround', inside: [31.5, 10.75, 5.5], caliper: SHEET.board.caliperIn } as const;
const stock = { boxes: STOCK.boxes, linerBoard: SHEET };

// a sheet folded up to 31.5 × 10.75 × 5.5 in board of caliper t is (L + t + 2(D + t) + 2·4) × (2(W + t) + 2(D + t)), with a tenth
// for scrap: exact
test('one more box on hand, and the board it took has gone from the sheets', () => {
  const { box, stock: after } = boxMade(order, stock, 1800);
  expect(box).toMatchObject({ insideIn: [31.5, 10.75, 5.5], onHand: 1, style: 'slotted', name: '31.5×10.75×5.5, folded here' });
  expect(after.boxes).toHaveLength(stock.boxes.length + 1);
  const t = order.caliper;
  const [l, w] = [31.5 + t + 2 * (5.5 + t) + 8, 2 * (10.75 + t) + 2 * (5.5 + t)];
  const corners = 4 * (5.5 + t + 4) * (5.5 + t);
  const feet2 = SHEET.onHandFt2 - after.linerBoard!.onHandFt2;
  expect(feet2).toBeLessThanOrEqual((1.1 * l * w) / 144 + 1e-9);
  expect(feet2).toBeGreaterThan((1.1 * (l * w - 2 * corners)) / 144);
  expect(box.priceMinor).toBeGreaterThan(Math.round(feet2 * 60));
});

test('a second of the same makes two of it, not two sorts', () => {
  const one = boxMade(order, stock, 1800);
  const two = boxMade(order, { ...stock, ...one.stock }, 1800);
  expect(two.box.onHand).toBe(2);
  expect(two.stock.boxes).toHaveLength(one.stock.boxes.length);
});

test('without sheets, or with too little of them, it is refused', () => {
  expect(() => boxMade(order, { ...stock, linerBoard: null }, 1800)).toThrow(/sheet board on hand/);
  expect(() => boxMade(order, { ...stock, linerBoard: { ...SHEET, onHandFt2: 3 } }, 1800)).toThrow(/not enough/);
});

test('what no box on hand holds goes into the one that was asked for and folded', () => {
  const facts = { archetype: 'casedInstrument', lengthIn: 31.5, widthIn: 10.6, heightIn: 5.5, weightLb: 6.5 } as const;
  const asked = request(facts, { stock: { ...STOCK, linerBoard: SHEET } });
  const none = finish(planParcel(asked));
  if (none.kind !== 'noPlan') throw new Error('a box on hand holds it');
  const { stock: after } = boxMade({ ...order, inside: none.wantedIn! }, asked.stock, 1800);
  const chosen = finish(planParcel({ ...asked, stock: { ...asked.stock, ...after } }));
  if (chosen.kind === 'noPlan') throw new Error(chosen.reasons.join('; '));
  expect(chosen.recommended.rated.weighed.filled.stowed.shell.box.name).toMatch(/folded here/);
});

test('a case may go in snugly, and is told of the box it comes better in', () => {
  const none = finish(planParcel(request({ archetype: 'casedInstrument', lengthIn: 31.5, widthIn: 10.5, heightIn: 5.5, weightLb: 6.5 })));
  if (none.kind !== 'noPlan') throw new Error('a box on hand holds it');
  // two inches all round, and a quarter for a sheet of paper
  expect(none.wantedIn).toEqual([35.5, 14.5, 9.5]);
  expect(none.wouldHelp[0]).toMatch(/^a box of at least .* in inside, better 35 1\/2 × 14 1\/2 × 9 1\/2 in, 2 in wider all round$/);
});

test('folded round its foot it has no bottom to tape: its sides go up and its corners are taped', () => {
  const { box } = boxMade({ ...order, inside: [12, 12, 12] }, stock, 1800);
  const says = (boxes: typeof stock.boxes) => {
    const asked = request({}, { stock: { ...STOCK, boxes } });
    const chosen = finish(planParcel(asked));
    if (chosen.kind === 'noPlan') throw new Error(chosen.reasons.join());
    return writeBenchSteps(chosen.recommended, asked.house).find(({ key }) => key === 'box:form')!.says;
  };
  expect(says([box])).toMatch(/fold the four sides up and tape the corners/);
  expect(says([{ ...box, key: '12x12x12' }])).toMatch(/form and tape the bottom/);
});
