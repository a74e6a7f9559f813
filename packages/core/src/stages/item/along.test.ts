import { box, CHOICE, finish, request, STOCK } from '../../../tests/sampleRequest.ts';
import { planParcel } from '../../planParcel.ts';
import { writeBenchSteps } from '../bench/writeBenchSteps.ts';
import { derivePlan } from '../plan/derivePlan.ts';
import type { Along } from '../sale/Order.ts';

// What goes along weighs by itself, takes its room from the fill, and has its own step before the box is closed.

const LEADS: Along = { id: 'leads', name: 'test leads', count: 2, weightLb: 0.5, sizeIn: [4, 3, 2], place: 'bag' };
const option = (along: readonly Along[]) => {
  const asked = request({ along }, { stock: { ...STOCK, boxes: [box([12, 12, 12])] } });
  const derived = derivePlan(asked, CHOICE);
  if (derived.kind === 'noPlan') throw new Error(derived.reasons.join());
  return { ...derived.option, asked };
};
const [bare, laden] = [option([]), option([LEADS])];
const weighed = ({ rated }: typeof bare) => rated.weighed;

test('weight: a pound of leads, less the fill they take the place of', () => {
  const fillLb = weighed(bare).filled.weightLb - weighed(laden).filled.weightLb;
  expect(fillLb).toBeGreaterThan(0);
  expect(weighed(laden).grossLb - weighed(bare).grossLb).toBeCloseTo(1 - fillLb, 9);
  expect(weighed(laden).parts.find(({ part }) => part === 'what goes with it')!.weightLb).toBe(1);
});

test('room: two of 4 × 3 × 2 in and the six in a hundred above the rim come off the fill, from the top first', () => {
  const [before, after] = [weighed(bare).filled.amounts[0]!, weighed(laden).filled.amounts[0]!];
  expect(before.boughtFt3 - after.boughtFt3).toBeCloseTo((48 / 1728) * 1.06, 12);
  expect(before.topFt3 - after.topFt3).toBeCloseTo(48 / 1728, 12);
  expect([after.baseFt3, after.sidesFt3]).toEqual([before.baseFt3, before.sidesFt3]);
  // more than there is on top goes from the sides, and never below nothing
  const much = weighed(option([{ ...LEADS, count: 60 }])).filled.amounts[0]!;
  expect([much.topFt3, much.boughtFt3 >= 0]).toEqual([0, true]);
});

test('the bench puts it in before the top fill, and is told where', () => {
  const steps = writeBenchSteps(laden, laden.asked.house);
  const at = steps.findIndex(({ key }) => key === 'along:leads:2');
  expect(steps[at]).toMatchObject({ title: 'Put in: 2 × test leads', says: expect.stringMatching(/^In a bag .*4 × 3 × 2/) as string });
  expect(at).toBeLessThan(steps.findIndex(({ key }) => key === 'box:top'));
  expect(at).toBeGreaterThan(steps.findIndex(({ key }) => key === 'box:in'));
});

test('what nobody weighed or measured counts for nothing, and is put in all the same', () => {
  const unsaid = option([{ ...LEADS, weightLb: null, sizeIn: null }]);
  expect(weighed(unsaid).grossLb).toBe(weighed(bare).grossLb);
  expect(writeBenchSteps(unsaid, unsaid.asked.house).some(({ key }) => key === 'along:leads:2')).toBe(true);
});

test('searched with what goes along: the same frontier as working every plan out', () => {
  const asked = request({ along: [{ ...LEADS, weightLb: 2 }] }, { stock: { ...STOCK, boxes: [box([12, 12, 12]), box([14, 12, 10])] } });
  const [pruned, every] = [finish(planParcel(asked)), finish(planParcel(asked, true))];
  if (pruned.kind === 'noPlan' || every.kind === 'noPlan') throw new Error('no plan');
  expect(pruned.frontier.map(({ choice }) => choice)).toEqual(every.frontier.map(({ choice }) => choice));
});

test('counts and weights that are none are refused by name', () => {
  expect(() => option([{ ...LEADS, count: 0 }])).toThrow(/count of test leads/);
  expect(() => option([{ ...LEADS, weightLb: -1 }])).toThrow(/weightLb of test leads/);
});

describe('in the inner box', () => {
  const boxed = (along: readonly Along[]) => {
    const asked = request({ along }, { stock: { ...STOCK, boxes: [box([10, 10, 10]), box([16, 14, 12])] } });
    const derived = derivePlan(asked, { ...CHOICE, box: '16x14x12', inner: { box: '10x10x10', fill: STOCK.fills[0]!.key } });
    if (derived.kind === 'noPlan') throw new Error(derived.reasons.join());
    return { ...derived.option, asked };
  };
  const keysOf = (of: ReturnType<typeof boxed>) => writeBenchSteps(of, of.asked.house).map(({ key }) => key);

  test('it is put in before that is closed, and takes no room from the fill round it', () => {
    const [within, beside, none] = [boxed([{ ...LEADS, place: 'inner' }]), boxed([{ ...LEADS, place: 'beside' }]), boxed([])];
    const keys = keysOf(within);
    expect(keys.indexOf('along:leads:2')).toBeGreaterThan(keys.indexOf('inner:form'));
    expect(keys.indexOf('along:leads:2')).toBeLessThan(keys.indexOf('inner:close'));
    expect(keysOf(beside).indexOf('along:leads:2')).toBeGreaterThan(keysOf(beside).indexOf('inner:close'));
    const outer = (of: typeof none) => weighed(of).filled.amounts.find(({ where }) => where === 'outer')!.boughtFt3;
    expect(outer(within)).toBe(outer(none));
    expect(outer(beside)).toBeLessThan(outer(none));
    expect(weighed(within).grossLb - weighed(none).grossLb).toBeCloseTo(1, 9);
  });

  test('without one it goes beside, and says so', () => {
    const without = option([{ ...LEADS, place: 'inner' }]);
    const says = writeBenchSteps(without, without.asked.house).find(({ key }) => key === 'along:leads:2')!.says;
    expect(says).toMatch(/^Beside what is packed/);
    expect(weighed(without).filled.amounts[0]!.boughtFt3).toBe(weighed(laden).filled.amounts[0]!.boughtFt3);
  });
});
