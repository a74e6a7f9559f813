import { journey } from '../../../tests/sampleJourney.ts';
import { chanceHigherThan, dropsPerJourney, FACE_CHANCES, medianDropIn } from './dropHeights.ts';
import { designDropIn } from './dropSchedule.ts';
import { shockChance, type Journey } from './shockChance.ts';

test('32 nodes are within half a percent of a rule four times finer', () => {
  const fine = (way: Journey) =>
    shockChance({ ...way, faces: [...way.faces, { chance: 0, layers: [{ areaIn2: 1, thicknessIn: 1, curve: { a: 5, b: 0.1, p: 9 } }] }] });
  for (const criticalG of [60, 120, 240, 400]) {
    const way = journey({ criticalG });
    expect(shockChance(way) / fine(way)).toBeCloseTo(1, 2);
  }
});

test('bounds and directions', () => {
  expect(shockChance(journey({ criticalG: 1e6 }))).toBeLessThan(1e-6);
  expect(shockChance(journey({ criticalG: 0.1 }))).toBeGreaterThan(0.999);
  expect(shockChance(journey({ zone: 8 }))).toBeGreaterThan(shockChance(journey({ zone: 1 })));
  expect(shockChance(journey({ handlingFactor: 1.3 }))).toBeGreaterThan(shockChance(journey()));
  expect(shockChance(journey({ criticalG: 130 }))).toBeLessThan(shockChance(journey()));
  expect(() => shockChance(journey({ grossWeightLb: 151 }))).toThrow(RangeError);
});

// ISTA Procedure 1A (values from memory): a band's lower bound belongs to the heavier band
test.each([
  [1, 30],
  [20.99, 30],
  [21, 24],
  [40.9, 24],
  [41, 18],
  [60.9, 18],
  [61, 12],
  [99.9, 12],
  [100, 8],
  [150, 8],
])('a parcel of %p lb is dropped from %p in', (weightLb, heightIn) => expect(designDropIn(weightLb)).toBe(heightIn));

test('heights, drops and faces', () => {
  expect(medianDropIn(5)).toBe(7);
  // by hand: at 20 lb (30 − 6·ln 2/ln 3)/30 of it; at a class’s middle as the schedule has it
  expect(medianDropIn(20)).toBeCloseTo(7 * (1 - (0.2 * Math.log(2)) / Math.log(3)), 12);
  expect([30, 50, 78, 122, 150].map((lb) => medianDropIn(lb) / 7)).toEqual(
    [24, 18, 12, 8, 8].map((drop) => expect.closeTo(drop / 30, 12) as number),
  );
  expect(chanceHigherThan(7, 7)).toBeCloseTo(0.5, 12);
  expect([0, 1, 2, 5, 8].map(dropsPerJourney)).toEqual([4, 5, 5, 7, 8]);
  expect(Object.values(FACE_CHANCES).reduce((sum, chance) => sum + chance, 0)).toBeCloseTo(1, 12);
});

test('handling has no step: an ounce more never lifts a parcel higher, nor lowers it by much', () => {
  for (let lb = 1; lb < 149; lb += 0.0625) {
    const [lighter, heavier] = [medianDropIn(lb), medianDropIn(lb + 0.0625)];
    expect(heavier).toBeLessThanOrEqual(lighter);
    expect(heavier / lighter).toBeGreaterThan(0.995);
  }
});

test('what stands a bare drop by itself breaks less, and drifting never spares it', () => {
  expect(shockChance(journey({ ownHeightIn: 6 }))).toBeLessThan(shockChance(journey({ ownHeightIn: 2 })));
  const { faces } = journey();
  const worse = [{ ...faces[0]!, layers: faces[0]!.layers.slice(0, 2) }, ...faces.slice(1)];
  const [still, always] = [shockChance(journey()), shockChance(journey({ drift: { chance: 1, faces: worse } }))];
  expect(always).toBeGreaterThan(still);
  expect(shockChance(journey({ drift: { chance: 0.15, faces: worse } }))).toBeCloseTo(0.85 * still + 0.15 * always, 12);
});
