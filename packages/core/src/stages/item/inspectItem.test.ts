import { FACTS, point, request } from '../../../tests/sampleRequest.ts';
import { archetypeFromTitle } from '../../engineering/pieces/archetypeFromTitle.ts';
import { ARCHETYPES } from '../../engineering/pieces/archetypes.ts';
import { bearingFractions, formAxis } from '../../engineering/pieces/forms.ts';
import { inspectItem } from './inspectItem.ts';

const { order } = request();
const inspect = (facts: Partial<typeof FACTS>) => inspectItem(order, { ...FACTS, ...facts });

test('the weakest part governs, on every face; a guard gives most of it back', () => {
  const bare = inspect({ archetype: 'handledWare', lengthIn: 6, hardPoints: [point('handle', 'right'), point('rim', 'top')] });
  expect(bare).toMatchObject({ bodyG: 160, criticalG: 160 * 0.85, ownHeightIn: 2 * 0.85, governs: 'the handle' });
  const guarded = inspect({ archetype: 'handledWare', lengthIn: 6, hardPoints: [point('handle', 'right', { guard: 'foamTube' })] });
  // a collar gives back six tenths of the 0.15 that a bare handle takes
  expect(guarded.criticalG).toBeCloseTo(160 * (0.85 + 0.6 * 0.15), 10);
  expect(guarded.guardedSizeIn).toEqual([6.4, 5, 5]);
  // a collar round half a hoop that stands out an inch, and half an inch: foam tube at 0.02 lb and 30 cents a foot
  const collarIn = Math.PI + 0.5;
  expect(guarded.guards.weightLb).toBeCloseTo((0.02 * collarIn) / 12, 12);
  expect(guarded.guards.costMinor).toBeCloseTo((30 * collarIn) / 12, 12);
});

test('an unfilled hollow costs strength, a filled one does not', () => {
  const hollow = { id: 'h', name: 'inside', volumeIn3: 20, material: null };
  expect(inspect({ hollows: [{ ...hollow, filled: false }] })).toMatchObject({ criticalG: 170 * 0.9, governs: 'the hollow (inside)' });
  const filled = inspect({ hollows: [{ ...hollow, filled: true }] });
  expect(filled.criticalG).toBe(170);
  // 20 in³ of tight paper at 1.3 lb and 110 cents a cubic foot; pillows weigh less
  expect(filled.guards.weightLb).toBeCloseTo((20 / 1728) * 1.3, 12);
  expect(filled.guards.costMinor).toBeCloseTo((20 / 1728) * 110, 12);
  expect(inspect({ hollows: [{ ...hollow, filled: true, material: 'airPillows' }] }).guards.weightLb).toBeCloseTo((20 / 1728) * 0.12, 12);
});

test('what shock does not limit has no critical acceleration', () =>
  expect(inspect({ archetype: 'rigidMetal' })).toMatchObject({ criticalG: null, bodyG: null }));

test('a missing weight or side is guessed, and says so', () => {
  const noWeight = inspect({ weightLb: null });
  expect(noWeight.guessed).toEqual({ sides: [false, false, false], weight: true });
  expect(noWeight.weightLb).toBeCloseTo(0.0133 * 150, 10);
  const noSide = inspect({ heightIn: null, title: 'inkstand' });
  expect(noSide.guessed.sides).toEqual([false, false, true]);
  expect(noSide.sizeIn).toEqual([6, 5, 5]);
  const onlyWeight = inspect({ lengthIn: null, widthIn: null, heightIn: null, weightLb: 8 * 0.0133 * 150 });
  expect(onlyWeight.sizeIn[0]).toBeCloseTo(12, 6);
});

test('forms: the axis and what bears', () => {
  expect(formAxis('cylinder', [9, 8, 14])).toBe(2);
  expect(formAxis('cylinder', [10, 10, 3])).toBe(2);
  expect(formAxis('framed', [14, 1.25, 11])).toBe(1);
  expect(formAxis('block', [9, 12, 6])).toBe(1);
  expect(bearingFractions('cylinder', [4, 4, 8])).toEqual([0.35, 0.35, 0.78]);
  expect(bearingFractions('framed', [14, 1.25, 11])).toEqual([0.9, 0.25, 0.9]);
});

test.each([
  ['Stoneware tea urn', 'handledWare'],
  ['Pressed-fern picture', 'glazedFlat'],
  ['Salt-glazed puzzle jug', 'handledWare'],
  ['a set of hydrometers', 'boxedSet'],
  ['Aneroid barometer in an oak case', 'casedInstrument'],
  ['something else', null],
])('%s is taken for %s', (title, key) => expect(archetypeFromTitle(title)).toBe(key));

test('archetypes are whole: own key, own hotkey, known form', () => {
  const all = Object.values(ARCHETYPES);
  expect(all).toHaveLength(24);
  expect(new Set(all.map((one) => one.hotkey)).size).toBe(24);
});
