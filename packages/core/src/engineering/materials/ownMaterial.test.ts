import { box, finish, request } from '../../../tests/sampleRequest.ts';
import { planParcel } from '../../planParcel.ts';
import { ORDINARY_FILLS, ORDINARY_WRAPS } from './ordinaryStock.ts';
import { likeOfOwn, ownFill, ownWrap, type MeasuredFill, type MeasuredWrap } from './ownMaterial.ts';

// measured at a bench, worked by hand: ten turns 1.7 in; a sheet 12 × 24 in (2 ft²) of 0.024 lb; 12 in by 175 ft for 17.50
const BUBBLE: MeasuredWrap = {
  name: 'Tiny bubble, blue',
  role: 'conform',
  cushion: 'smallBubble',
  tenTurnsIn: 1.7,
  sheetIn: [12, 24],
  sheetLb: 0.024,
  rollIn: [12, 2100],
  priceMinor: 1750,
  abrasive: true,
};

test('what is measured of small bubble is small bubble', () => {
  const { key, name, thicknessIn, lbPerFt2, ...own } = ownWrap(BUBBLE, []);
  const ordinary = ORDINARY_WRAPS.smallBubble;
  expect([key, name]).toEqual(['own-smallBubble-tiny-bubble-blue', 'Tiny bubble, blue']);
  expect(thicknessIn).toBeCloseTo(ordinary.thicknessIn, 12);
  expect(lbPerFt2).toBeCloseTo(ordinary.lbPerFt2, 12);
  for (const same of ['role', 'cushion', 'rollWidthIn', 'rollLengthIn', 'priceMinor', 'minutesPerTurn', 'abrasive'] as const)
    expect([same, own[same]]).toEqual([same, ordinary[same]]);
});

test('the search takes it as it takes its like', () => {
  const asked = request({}, { stock: { boxes: [box([16, 14, 12])], wraps: [ORDINARY_WRAPS.smallBubble] } });
  const own = { ...asked, stock: { ...asked.stock, wraps: [{ ...ownWrap(BUBBLE, []), onHandFt2: 100 }] } };
  const [one, other] = [asked, own].map((each) => {
    const chosen = finish(planParcel(each));
    if (chosen.kind === 'noPlan') throw new Error(chosen.reasons.join());
    return chosen.recommended;
  });
  expect(other!.choice.layers.map((layer) => layer.turns)).toEqual(one!.choice.layers.map((layer) => layer.turns));
  expect(other!.chance).toBeCloseTo(one!.chance, 12);
  expect(other!.costMinor).toBeCloseTo(one!.costMinor, 9);
});

// a box of 12 in each way is a cubic foot: 0.25 lb of moulded fill, four scoops at 40
test('a box filled and weighed is a fill', () => {
  const scoops: MeasuredFill = {
    name: 'Peanuts',
    cushion: 'mouldedFill',
    boxIn: [12, 12, 12],
    boxfulLb: 0.25,
    unitName: 'scoop',
    unitsInBox: 4,
    unitMinor: 40,
  };
  const { mouldedFill } = ORDINARY_FILLS;
  expect(ownFill(scoops, [])).toEqual({ ...mouldedFill, key: 'own-mouldedFill-peanuts', name: 'Peanuts', onHandFt3: 0 });
});

test('a name that is there twice has two keys, one without a letter has one too', () => {
  const first = ownWrap(BUBBLE, []).key;
  const second = ownWrap(BUBBLE, [first]).key;
  expect(second).toBe(`${first}-2`);
  expect(ownWrap(BUBBLE, [first, second]).key).toBe(`${first}-3`);
  expect(ownWrap({ ...BUBBLE, name: '泡' }, []).key).toBe('own-smallBubble-material');
});

test.each<[string, Partial<MeasuredWrap>, RegExp]>([
  ['ounces taken for pounds', { sheetLb: 24 }, /weighs 1 lb 3\.2 oz at most, not 24 lb/],
  ['no thickness', { tenTurnsIn: 0 }, /ten turns/],
  ['one turn of a foot', { tenTurnsIn: 120 }, /15 in thick at most, not 120 in/],
  ['a cushion like nothing', { cushion: null }, /like one of the materials/],
])('%s is refused', (_, part, why) => expect(() => ownWrap({ ...BUBBLE, ...part }, [])).toThrow(why));

test('what holds together does not cushion, whatever is said', () => expect(ownWrap({ ...BUBBLE, role: 'skin' }, []).cushion).toBeNull());

test('what it is like is read back from its key', () => {
  expect(likeOfOwn(ownWrap(BUBBLE, []).key)).toBe('smallBubble');
  expect(likeOfOwn(ownWrap({ ...BUBBLE, role: 'surface', cushion: null }, []).key)).toBe('surface');
  expect(likeOfOwn('smallBubble')).toBeNull();
});
