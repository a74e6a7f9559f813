import { box, finish, request } from '../../../tests/sampleRequest.ts';
import { planParcel } from '../../planParcel.ts';
import { boxesToKeep, type PackedParcel } from './boxesToKeep.ts';
import { derivePlan } from './derivePlan.ts';

const STOCKED = [box([12, 12, 12]), box([16, 14, 12]), box([20, 20, 20])];

/** A bowl of some size packed as recommended from a stockroom. */
function packed(size: number, boxes = STOCKED): PackedParcel {
  const asked = request({ lengthIn: size, widthIn: size, heightIn: size }, { stock: { boxes } });
  const chosen = finish(planParcel(asked));
  if (chosen.kind === 'noPlan') throw new Error(chosen.reasons.join('; '));
  return { request: asked, choice: chosen.recommended.choice };
}
const run = (parcels: readonly PackedParcel[], most?: number) => finish(boxesToKeep(parcels, { boxes: STOCKED }, most));
const SMALL = [packed(4), packed(4), packed(4.5)];

test('small things that went in a large box: a small one would have saved, and is named first', () => {
  const { more, parcels, unfit } = run(SMALL);
  expect([parcels, unfit]).toEqual([3, 0]);
  const [first] = more;
  expect(first!.parcels).toBe(3);
  expect(Math.max(...first!.box.insideIn)).toBeLessThan(12);
  // what it saves is what putting each of them into it by hand saves
  const inIt = SMALL.map(({ request: asked, choice }) => {
    const stock = { ...asked.stock, boxes: [...asked.stock.boxes, first!.box] };
    const [now, then] = [choice, { ...choice, box: first!.box.key, newDepthIn: null, baseGapIn: null }].map((one) =>
      derivePlan({ ...asked, stock }, one),
    );
    if (now!.kind === 'noPlan' || then!.kind === 'noPlan') throw new Error('both can be packed');
    return now!.option.expectedMinor - then!.option.expectedMinor;
  });
  expect(first!.earnsMinor).toBeCloseTo(
    inIt.reduce((sum, one) => sum + one, 0),
    6,
  );
});

test('a size that nothing went into earned nothing, one that all went into earned most', () => {
  const { kept } = run(SMALL);
  expect(kept.map(({ box: { key } }) => key)[0]).toBe('12x12x12');
  expect(kept[0]!.parcels).toBe(3);
  expect(kept.find(({ box: { key } }) => key === '20x20x20')).toMatchObject({ parcels: 0, earnsMinor: 0 });
});

test('the best set of as many is no worse than the stockroom, and of more no worse than of fewer', () => {
  const some = [...SMALL, packed(7), packed(9)];
  const [one, two, three] = [1, 2, 3].map((most) => run(some, most).best);
  expect(three!.savesMinor).toBeGreaterThanOrEqual(0);
  expect(two!.savesMinor).toBeGreaterThanOrEqual(one!.savesMinor);
  expect(three!.savesMinor).toBeGreaterThanOrEqual(two!.savesMinor);
  expect(three!.exact && three!.mostMinor).toBeCloseTo(three!.savesMinor, 6);
  expect(one!.boxes).toHaveLength(1);
});

test('run twice it answers the same to the bit, and says how far it has come', () => {
  const steps = [...boxesToKeep(SMALL, { boxes: STOCKED })];
  expect(steps).toEqual([0, 1, 2].map((done) => ({ done, of: 3 })));
  expect(run(SMALL)).toEqual(run(SMALL));
});

test('nothing was packed: nothing earned, nothing to add', () =>
  expect(run([])).toMatchObject({ parcels: 0, more: [], best: { savesMinor: 0 } }));
