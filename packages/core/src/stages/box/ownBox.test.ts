import { box, CHOICE, finish, request, STOCK } from '../../../tests/sampleRequest.ts';
import { planParcel } from '../../planParcel.ts';
import { stockUsed } from '../plan/stockUsed.ts';
import { writeBenchSteps } from '../bench/writeBenchSteps.ts';
import { derivePlan } from '../plan/derivePlan.ts';
import { verifyPlan } from '../plan/verifyPlan.ts';
import { writePlanDocument } from '../plan/writePlanDocument.ts';
import { OWN_BOX, ownBoxOf } from './ownBox.ts';

// A retail box goes into another box, costs nothing, is not in the stockroom, and carries no tape on its print.
// Common practice, no source.

const FACTS = { archetype: 'boxedSet', lengthIn: 8, widthIn: 6, heightIn: 4, weightLb: 3, ownBoxIn: [7, 9, 5] } as const;
const asked = (more: Parameters<typeof request>[0] = {}, locks: Parameters<typeof request>[1] = {}) =>
  request({ ...FACTS, ...more }, { stock: { ...STOCK, boxes: [box([12, 12, 12]), box([14, 12, 10])] }, ...locks });
const NEST = { ...CHOICE, layers: [], inner: { box: OWN_BOX, fill: 'crumpledPaper' }, box: '14x12x10' };
const derive = (of = asked()) => {
  const derived = derivePlan(of, NEST);
  if (derived.kind === 'noPlan') throw new Error(derived.reasons.join());
  return derived.option;
};

test('it is as it was measured, long side first, of thin board, and for nothing', () => {
  expect(ownBoxOf(FACTS)).toMatchObject({ insideIn: [9, 7, 5], priceMinor: 0, onHand: 1 });
  expect(ownBoxOf({ ownBoxIn: null })).toBeNull();
});

test('it weighs and costs as a box of its board does, and nobody counts it down', () => {
  const option = derive();
  const { stowed } = option.rated.weighed.filled;
  expect(stowed.inner!.tareLb).toBeGreaterThan(0.2);
  expect(option.costLines.find(({ key }) => key === 'box')!.amountMinor).toBe(stowed.shell.costMinor);
  expect(stockUsed(option).filter(({ kind }) => kind === 'box')).toEqual([{ kind: 'box', key: '14x12x10', amount: 1 }]);
});

test('the bench opens it, keeps tape off its print, and closes it before it goes into the other', () => {
  const titles = writeBenchSteps(derive(), asked().house).map(({ title }) => title);
  expect(titles.indexOf('Open its own box')).toBeGreaterThanOrEqual(0);
  expect(titles.indexOf('Close its own box')).toBeGreaterThan(titles.indexOf('Open its own box'));
  expect(titles.indexOf('Put the inner box in')).toBeGreaterThan(titles.indexOf('Close its own box'));
});

test('it is searched like any other inner box: the same frontier as working every plan out, and it can be pinned', () => {
  const wanted = asked();
  const [pruned, every] = [finish(planParcel(wanted)), finish(planParcel(wanted, true))];
  if (pruned.kind === 'noPlan' || every.kind === 'noPlan') throw new Error('no plan');
  expect(pruned.frontier.map(({ choice }) => choice)).toEqual(every.frontier.map(({ choice }) => choice));
  const pinned = finish(planParcel(asked({}, { locks: { inner: OWN_BOX } })));
  if (pinned.kind === 'noPlan') throw new Error(pinned.reasons.join());
  expect(pinned.recommended.choice.inner!.box).toBe(OWN_BOX);
  expect(verifyPlan(writePlanDocument(pinned.recommended, wanted.house), wanted)).toEqual([]);
});

test('a piece that does not go into it, or has none, is never put into it', () => {
  const large = finish(planParcel(asked({ lengthIn: 9.5 })));
  if (large.kind === 'noPlan') throw new Error('no plan');
  expect(large.frontier.every(({ choice }) => choice.inner?.box !== OWN_BOX)).toBe(true);
  expect(derivePlan(asked({ ownBoxIn: null }), NEST)).toMatchObject({ kind: 'noPlan' });
});
