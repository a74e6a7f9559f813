import { request } from '../../../tests/sampleRequest.ts';
import { planParcel } from '../../planParcel.ts';
import { shortCounter } from '../../stages/plan/willNotSuffice.ts';
import { writePlanDocument } from '../../stages/plan/writePlanDocument.ts';
import { stockInHand, type InHand } from './stockInHand.ts';

const asked = request();
const { stock } = asked;
const fill = stock.fills[0]!;

test('of a kind that nothing is in the hand of everything is there', () =>
  expect(stockInHand(stock, { fills: [], wraps: [] })).toEqual(stock));

test('so many of a unit are so much of the fill, and there is no other', () =>
  expect(stockInHand(stock, { fills: [{ key: fill.key, units: 6 }], wraps: [] }).fills).toEqual([
    { ...fill, onHandFt3: 6 * fill.unitFt3 },
  ]));

test('what the stockroom does not list is in nobody’s hand', () =>
  expect(stockInHand(stock, { fills: [{ key: 'gone', units: 6 }], wraps: ['gone'] })).toMatchObject({ fills: [], wraps: [] }));

describe('planned with', () => {
  const planned = (hand: InHand) => {
    const of = { ...asked, stock: stockInHand(stock, hand), reserved: [] };
    const search = planParcel(of);
    let step = search.next();
    while (!step.done) step = search.next();
    if (step.value.kind === 'noPlan') throw new Error(step.value.reasons.join());
    const plan = writePlanDocument(step.value.recommended, of.house);
    return { plan, short: shortCounter(of)(plan.uses ?? []) };
  };

  test('plenty of it, the nest is made of it and it suffices', () => {
    const { plan, short } = planned({ fills: [{ key: fill.key, units: 1000 }], wraps: [] });
    expect(plan.fills.map(({ name }) => name)).toEqual(plan.fills.map(() => fill.name));
    expect(plan.fills.length).toBeGreaterThan(0);
    expect(short).toEqual([]);
  });

  test('a single unit of it, what more it would take is told', () => {
    const { plan, short } = planned({ fills: [{ key: fill.key, units: 0.5 }], wraps: [] });
    expect(short.length > 0 || plan.fills.length === 0).toBe(true);
  });

  test('one wrap, no other is round it', () => {
    const [wrap] = stock.wraps.filter(({ role }) => role === 'cushion');
    const { plan } = planned({ fills: [], wraps: [wrap!.key] });
    expect(new Set(plan.choice.layers.map((layer) => layer.material))).toEqual(new Set(plan.choice.layers.length > 0 ? [wrap!.key] : []));
  });
});
