import { box, CHOICE, point, request, STOCK } from '../../../tests/sampleRequest.ts';
import { BOARD_GRADES } from '../../engineering/materials/boardGrades.ts';
import type { PlanChoice } from '../frontier/PlanOption.ts';
import { derivePlan } from './derivePlan.ts';
import { boxFaceOf } from '../box/boxFaceOf.ts';
import { blockingFaults } from './findFaults.ts';
import { writePlanDocument } from './writePlanDocument.ts';

const NEST: PlanChoice = {
  ...CHOICE,
  layers: [
    { material: 'smallBubble', turns: 1 },
    { material: 'largeBubble', turns: 2 },
  ],
  box: '16x14x12',
};

const faults = (facts: Parameters<typeof request>[0], choice: Partial<PlanChoice> = {}, more: Parameters<typeof request>[1] = {}) => {
  const asked = request(facts, more);
  const derived = derivePlan(asked, { ...NEST, ...choice });
  if (derived.kind === 'noPlan') throw new Error(derived.reasons.join());
  return writePlanDocument(derived.option, asked.house).faults;
};
const kinds = (...asked: Parameters<typeof faults>) => faults(...asked).map((fault) => fault.kind);

test('an ordinary nest has none', () => expect(kinds({})).toEqual([]));

test.each<[string, Parameters<typeof faults>, string, boolean]>([
  ['an edge felt', [{}, { layers: [{ material: 'smallBubble', turns: 2 }] }], 'feel', true],
  ['a finish that rubs off without tissue', [{ finish: 'rubsOff' }], 'softFirstLayer', true],
  ['damp without a bag', [{ dampSensitive: true }], 'dampBarrier', true],
  ['less bedding below than wished', [{}, { baseGapIn: 1 }], 'gap', false],
  ['less of it in a house that is strict', [{}, { baseGapIn: 1 }, { house: { strictGaps: true } }], 'gap', true],
  ['a gap into which loose fill does not go', [{}, { baseGapIn: 0.4 }], 'hollowGap', true],
  [
    'board too weak for the weight',
    [{ archetype: 'rigidMetal', weightLb: 30 }, {}, { stock: { boxes: [box([16, 14, 12], { board: BOARD_GRADES.thinFree })] } }],
    'certificate',
    true,
  ],
  ['a thin bundle', [{}, { layers: [{ material: 'largeBubble', turns: 1 }] }], 'thin', false],
  ['no box left', [{}, {}, { stock: { boxes: [box([16, 14, 12], { onHand: 0 })] } }], 'noneLeft', false],
  [
    'a shallow box',
    [{ heightIn: 2, widthIn: 5 }, { box: 'flat' }, { stock: { boxes: [box([16, 14, 8], { key: 'flat' })] } }],
    'shallow',
    false,
  ],
])('%s: said, and blocking or not', (_, asked, kind, blocks) => {
  expect(faults(...asked).find((fault) => fault.kind === kind)).toMatchObject({ blocks });
});

test('what must be mended before it is sealed names each part, and no words twice', () => {
  const asked = request({ hardPoints: [point('handle', 'right'), point('spout', 'left'), point('spout', 'right', { id: 'other' })] });
  const derived = derivePlan(asked, { ...NEST, layers: [{ material: 'smallBubble', turns: 1 }] });
  if (derived.kind === 'noPlan') throw new Error(derived.reasons.join());
  const said = blockingFaults(derived.option, asked.house);
  expect(said).toEqual(
    expect.arrayContaining(['the handle would still be felt through the wrap', 'the spout would still be felt through the wrap']),
  );
  expect(new Set(said).size).toBe(said.length);
});

test('an inner box heavier than half the piece deserves a word', () => {
  const boxes = [...STOCK.boxes, box([18, 18, 18]), box([12, 12, 12], { key: 'heavy', board: BOARD_GRADES.heavyDouble })];
  expect(kinds({ weightLb: 1 }, { inner: { box: 'heavy', fill: 'mouldedFill' }, box: '18x18x18' }, { stock: { boxes } })).toContain(
    'heavyInner',
  );
  expect(kinds({ weightLb: 12 }, { inner: { box: 'heavy', fill: 'mouldedFill' }, box: '18x18x18' }, { stock: { boxes } })).not.toContain(
    'heavyInner',
  );
});

test('what blocks comes before what does not', () => {
  const all = faults({ finish: 'rubsOff' }, { layers: [{ material: 'largeBubble', turns: 1 }], baseGapIn: 1 });
  expect(all.map((fault) => fault.blocks)).toEqual([...all.map((fault) => fault.blocks)].sort((a, b) => Number(b) - Number(a)));
  expect(all.length).toBeGreaterThanOrEqual(3);
});

test.each<[Parameters<typeof boxFaceOf>[0]['face'], PlanChoice['orientation'], string]>([
  ['right', [0, 1, 2], 'right'],
  ['right', [1, 0, 2], 'back'],
  ['top', [0, 2, 1], 'back'],
  ['top', [2, 1, 0], 'right'],
  ['front', [0, 2, 1], 'bottom'],
  ['left', [2, 1, 0], 'bottom'],
])('a point on the %s, lying %j, looks at the box’s %s', (face, orientation, boxFace) => {
  expect(boxFaceOf(point('handle', face), orientation)).toBe(boxFace);
});
