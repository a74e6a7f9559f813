import { finish, request } from '../../../tests/sampleRequest.ts';
import { ORDINARY_FILLS, ORDINARY_WRAPS } from '../../engineering/materials/ordinaryStock.ts';
import { houseOfSet, READY_SETS } from '../../house/readySets.ts';
import { packedOtherwise, planParcel } from '../../planParcel.ts';
import type { PackedParcel } from './boxesToKeep.ts';
import type { Otherwise } from './packedOtherwise.ts';

/** A bowl of some size packed as recommended. */
function packed(size: number): PackedParcel {
  const asked = request({ lengthIn: size, widthIn: size, heightIn: size });
  const chosen = finish(planParcel(asked));
  if (chosen.kind === 'noPlan') throw new Error(chosen.reasons.join('; '));
  return { request: asked, choice: chosen.recommended.choice };
}
const SOME = [packed(4), packed(4.5), packed(5.5)];
const made = (way: Otherwise, parcels: readonly PackedParcel[] = SOME) => finish(packedOtherwise(parcels, [way]))[0]!;
const best = (asked: PackedParcel['request']) => {
  const chosen = finish(planParcel(asked));
  if (chosen.kind === 'noPlan') throw new Error(chosen.reasons.join('; '));
  return chosen.recommended;
};

test('the shop as it is moves nothing', () =>
  expect(made({ key: 'same', house: SOME[0]!.request.house })).toMatchObject({
    parcels: 3,
    unfit: 0,
    moved: 0,
    costMinor: 0,
    expectedMinor: 0,
    minutes: 0,
  }));

test('a ready set is what packing each of them by it makes', () => {
  const house = houseOfSet(READY_SETS[2]!, SOME[0]!.request.house);
  const found = made({ key: 'tightRoll', house });
  const [now, then] = [SOME.map((one) => best(one.request)), SOME.map((one) => best({ ...one.request, house }))];
  const sum = (of: typeof now, figure: 'costMinor' | 'chance' | 'minutes') => of.reduce((all, one) => all + one[figure], 0);
  expect(found.costMinor).toBeCloseTo(sum(then, 'costMinor') - sum(now, 'costMinor'), 6);
  expect(found.minutes).toBeCloseTo(sum(then, 'minutes') - sum(now, 'minutes'), 6);
  expect(found.breaks).toBeCloseTo(sum(then, 'chance'), 12);
  expect(found.breaksNow).toBeCloseTo(sum(now, 'chance'), 12);
});

/** What the search weighs: cost, and the loss as many times as the house counts it. */
const weighedUp = ({ costMinor, expectedMinor }: ReturnType<typeof made>) => {
  const { care } = SOME[0]!.request.house;
  return costMinor + care * (expectedMinor - costMinor);
};
// a search among more is never worse, among less never better: exact mathematics
test.each<[string, Otherwise]>([
  ['medium bubble', { key: 'mediumBubble', addsWrap: ORDINARY_WRAPS.mediumBubble }],
  ['thin foam', { key: 'foamSheet16', addsWrap: ORDINARY_WRAPS.foamSheet16 }],
  ['air pillows', { key: 'airPillows', addsFill: ORDINARY_FILLS.airPillows }],
])('%s in the stockroom beside the rest makes nothing dearer, the loss counted', (_, way) =>
  expect(weighedUp(made(way))).toBeLessThanOrEqual(1e-6),
);

test('one material less makes nothing cheaper, and one that none of them took moves nothing', () => {
  const taken = new Set(SOME.flatMap(({ choice }) => [choice.fill, ...choice.layers.map(({ material }) => material)]));
  const { wraps, fills } = SOME[0]!.request.stock;
  for (const { key } of [...wraps, ...fills]) {
    const found = made({ key, without: key });
    expect(weighedUp(found)).toBeGreaterThanOrEqual(-1e-6);
    if (!taken.has(key)) expect([found.moved, found.unfit]).toEqual([0, 0]);
  }
});

test('without a fill nothing can be packed in a box: that is counted, not summed', () => {
  const { fills } = SOME[0]!.request.stock;
  const [last] = fills;
  const only = SOME.map((one) => ({ ...one, request: { ...one.request, stock: { ...one.request.stock, fills: [last!] } } }));
  expect(made({ key: last!.key, without: last!.key }, only)).toMatchObject({ parcels: 0, unfit: 3, costMinor: 0 });
});

test('of many some stand for all, and how far it has come is said to the end', () => {
  const many = Array.from({ length: 60 }, (_, i) => SOME[i % 3]!);
  const said: number[] = [];
  const run = packedOtherwise(many, [{ key: 'same', house: SOME[0]!.request.house }]);
  let step = run.next();
  for (; !step.done; step = run.next()) said.push(step.value.done / step.value.of);
  expect(step.value[0]!.parcels).toBe(16);
  expect(said).toEqual([...said].sort((a, b) => a - b));
  expect(said.at(-1)!).toBeLessThan(1);
});
