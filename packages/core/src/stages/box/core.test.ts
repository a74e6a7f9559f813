import { box, CHOICE, finish, request } from '../../../tests/sampleRequest.ts';
import { BEDDED_HOUSE } from '../../house/House.ts';
import { takeSides } from '../../house/questions.ts';
import { planParcel } from '../../planParcel.ts';
import { writeBenchSteps } from '../bench/writeBenchSteps.ts';
import type { PlanChoice } from '../frontier/PlanOption.ts';
import { derivePlan } from '../plan/derivePlan.ts';
import { nextBestChanges } from '../plan/nextBestChanges.ts';
import { boxesOf } from '../plan/stockFor.ts';
import { stockUsed } from '../plan/stockUsed.ts';
import { verifyPlan } from '../plan/verifyPlan.ts';
import { writePlanDocument } from '../plan/writePlanDocument.ts';

/** A wound tube of 4 in bore and an eighth of an inch of card, 36 in of it. */
const TUBE = box([36, 4, 4], { key: 'tube', name: 'Card tube', measuredOutsideIn: [36, 4.25, 4.25], style: 'tube', priceMinor: 240 });
const LONG = { boxes: [box([20, 8, 8]), box([20, 10, 10]), TUBE] };
/** A spyglass: round, 14 in long and 2 in across. */
const SPYGLASS = { archetype: 'optics', form: 'tube', lengthIn: 14, widthIn: 2, heightIn: 2, weightLb: 1.5 } as const;
const asked = request(SPYGLASS, { stock: LONG });
const CORED: PlanChoice = {
  ...CHOICE,
  layers: [{ material: 'largeBubble', turns: 1 }],
  box: '20x8x8',
  fill: 'crumpledPaper',
  inner: { box: 'tube', fill: 'crumpledPaper' },
};

const plan = (choice: Partial<PlanChoice> = {}, of = asked) => {
  const derived = derivePlan(of, { ...CORED, ...choice });
  if (derived.kind === 'noPlan') throw new Error(derived.reasons.join());
  return derived.option;
};

test('cut to the inside less a sixteenth, from end to end of the longest side, the gaps of a round bundle all round it', () => {
  const { inner, gaps, blockIn } = plan().rated.weighed.filled.stowed;
  expect(inner!.core).toMatchObject({ axis: 0, lengthIn: 20 - 1 / 16, boreIn: 4, minutes: 2 });
  expect(inner!.outsideIn).toEqual([20 - 1 / 16, 4.25, 4.25]);
  expect([gaps.left, gaps.right]).toEqual([1 / 32, 1 / 32]);
  expect([gaps.front, gaps.bottom]).toEqual([(8 - 4.25) / 2, (8 - 4.25) / 2]);
  // one turn of large bubble: 0.45 in a side round 2 in, so that (4 − 2.9) / 2 is left
  expect(blockIn[1]).toBeCloseTo(2.9, 9);
  expect(inner!.gaps.front).toBeCloseTo(0.55, 9);
  expect(inner!.gaps.bottom).toBeCloseTo(0.55, 9);
  expect(inner!.gaps.left).toBeCloseTo((20 - 1 / 16 - blockIn[0]) / 2, 9);
});

test('what has corners is as near to the wall as its corners are', () => {
  const square = request({ ...SPYGLASS, form: 'block' }, { stock: LONG });
  const { inner } = plan({}, square).rated.weighed.filled.stowed;
  expect(inner!.gaps.front).toBeCloseTo((4 - Math.hypot(2.9, 2.9)) / 2, 9);
  // 3 in square with its turn is 3.9 in: its corners are 5.5 in apart, and do not go in
  const thick = request({ ...SPYGLASS, form: 'block', widthIn: 3, heightIn: 3 }, { stock: LONG });
  const { faults } = writePlanDocument(plan({}, thick), thick.house);
  expect(faults[0]).toMatchObject({ kind: 'tooSmall', box: 'inner' });
});

// a ring of card 4 1/4 in outside and 4 in inside, 19 15/16 in long, at 0.025 lb a cubic inch
test('weighs, costs, takes time and leaves the stockroom: by its ring, its price, its cut, one tube', () => {
  const option = plan();
  const { inner, amounts } = { ...option.rated.weighed.filled.stowed, ...option.rated.weighed.filled };
  const ringIn3 = (Math.PI / 4) * (4.25 ** 2 - 4 ** 2) * (20 - 1 / 16);
  expect(inner!.tareLb).toBeCloseTo(ringIn3 * 0.025, 9);
  expect(stockUsed(option)).toContainEqual({ kind: 'box', key: 'tube', amount: 1 });
  const boxes = option.costLines.find(({ key }) => key === 'box')!.amountMinor;
  expect(boxes).toBeCloseTo(240 + 100, 9);
  // the room in it is a cylinder less a cylinder
  const bundleIn3 = (Math.PI / 4) * 2.9 ** 2 * option.rated.weighed.filled.stowed.blockIn[0];
  const room = (Math.PI / 4) * 16 * (20 - 1 / 16) - bundleIn3;
  expect(amounts.find(({ where }) => where === 'inner')!.boughtFt3).toBeCloseTo(room / 1728, 9);
  expect(verifyPlan(writePlanDocument(option, asked.house), asked)).toEqual([]);
});

test('it is cut, filled, and seen to bear: steps that add up to the plan’s minutes, with what is cut', () => {
  const option = plan();
  const steps = writeBenchSteps(option, asked.house);
  expect(steps.reduce((sum, { minutes }) => sum + minutes, 0)).toBeCloseTo(option.minutes, 9);
  const titles = steps.map(({ title }) => title);
  expect(titles).toEqual(
    expect.arrayContaining([
      'Cut the core',
      'Slide the bundle in',
      'Round it in the core',
      'Put the core in',
      'See that the core bears at both ends',
    ]),
  );
  expect(titles.some((title) => /inner box/i.test(title))).toBe(false);
  const cut = steps.find(({ key }) => key === 'inner:form')!;
  expect(cut.says).toMatch(/^Card tube: cut to 19 15\/16 in, square/);
  expect(cut.cuts).toEqual([{ order: { kind: 'core', inside: [20, 8, 8], diameter: 4.25, wall: 0.125 }, times: 1 }]);
});

test('no fault is found where it bears on the box; where it does not go in, is too short or stands in an envelope there is no plan', () => {
  const { faults } = writePlanDocument(plan({ box: '20x10x10' }), asked.house);
  expect(faults.filter(({ kind }) => kind === 'hollowGap')).toEqual([]);
  // the house wishes two inches round an inner box: said of the sides, never of the ends
  expect(faults.find(({ kind }) => kind === 'gap')).toBeUndefined();
  expect(writePlanDocument(plan(), asked.house).faults.find(({ kind }) => kind === 'gap')).toMatchObject({ gapIn: 1.875 });
  const refused = (boxes: ReturnType<typeof box>[], key: string) =>
    derivePlan(request(SPYGLASS, { stock: { boxes } }), { ...CORED, box: key });
  expect(refused([box([20, 4, 4]), TUBE], '20x4x4')).toMatchObject({
    kind: 'noPlan',
    reasons: [expect.stringMatching(/Card tube does not go into/)],
  });
  expect(refused([box([40, 8, 8]), TUBE], '40x8x8')).toMatchObject({ kind: 'noPlan' });
  expect(refused([box([20, 12, 4], { key: 'flat', style: 'padded' }), TUBE], 'flat')).toMatchObject({ kind: 'noPlan' });
});

test('a tube is no box: nothing is put into it that goes out in it', () => {
  expect(boxesOf(asked).boxes.map(({ key }) => key)).toEqual(['20x8x8', '20x10x10']);
  expect(derivePlan(asked, { ...CHOICE, box: 'tube' })).toMatchObject({ kind: 'noPlan' });
  const alone = finish(planParcel(request(SPYGLASS, { stock: { boxes: [TUBE] } })));
  expect(alone.kind).toBe('noPlan');
});

const SHELLED = takeSides(BEDDED_HOUSE, { held: 'shelled' });
const best = (of: typeof asked) => {
  const result = finish(planParcel(of));
  if (result.kind === 'noPlan') throw new Error(result.reasons.join());
  return result.recommended;
};

// common practice, no source: the house that shells puts what is long and thin into a tube; the bedded one does not
test('the house that shells takes a tube where that is better by its own judgement, and others take none', () => {
  expect(best(asked).choice.inner?.box).not.toBe('tube');
  // the core of a roll that is used up costs next to nothing
  const rolls = { boxes: [...LONG.boxes.filter((one) => one !== TUBE), box([16, 4, 4]), { ...TUBE, priceMinor: 10 }] };
  const of = request(SPYGLASS, { stock: rolls, house: SHELLED });
  const taken = best(of);
  expect(taken.choice.inner?.box).toBe('tube');
  const without = best({ ...of, house: { ...SHELLED, cores: false } });
  expect(without.choice.inner?.box).toBe('16x4x4');
  expect(taken.expectedMinor).toBeLessThan(without.expectedMinor);
  expect(verifyPlan(writePlanDocument(taken, of.house), of)).toEqual([]);
});

test('whoever pins a tube has it round whatever is best otherwise, or hears why not', () => {
  const pinned = { ...asked, locks: { ...asked.locks, inner: 'tube' } };
  const taken = best(pinned);
  expect(taken.choice.inner?.box).toBe('tube');
  expect(taken.rated.weighed.filled.stowed.inner!.core).not.toBeNull();
  const thick = request({ ...SPYGLASS, widthIn: 5, heightIn: 5 }, { stock: LONG, locks: { inner: 'tube' } });
  expect(finish(planParcel(thick))).toMatchObject({ kind: 'noPlan', reasons: ['Card tube goes into no box on hand with it inside'] });
});

test('a tube is offered as a single change where the house has them', () => {
  // a light piece in so heavy a tube would bring the caution of a heavy inner box
  const heavier = request({ ...SPYGLASS, weightLb: 4 }, { stock: LONG });
  const bare: PlanChoice = { ...CORED, inner: null };
  const kinds = (house: typeof BEDDED_HOUSE) => nextBestChanges({ ...heavier, house }, bare).map(({ change }) => change.kind);
  expect(kinds({ ...BEDDED_HOUSE, cores: true })).toContain('cored');
  expect(kinds(BEDDED_HOUSE)).not.toContain('cored');
});
