import { box, CHOICE, request } from '../../../tests/sampleRequest.ts';
import type { House } from '../../house/House.ts';
import type { PlanChoice } from '../frontier/PlanOption.ts';
import { derivePlan } from '../plan/derivePlan.ts';
import { shotsOf } from './shots.ts';
import { writeBenchSteps } from './writeBenchSteps.ts';

const BOXES = [box([8, 8, 8]), box([12, 12, 12]), box([16, 14, 16]), box([12, 9, 2], { key: 'flat', style: 'stiffened' })];
function stepsOf(facts: Parameters<typeof request>[0] = {}, choice: Partial<PlanChoice> = {}, house: Partial<House> = {}) {
  const asked = request(facts, { house, stock: { boxes: BOXES } });
  const derived = derivePlan(asked, { ...CHOICE, ...choice });
  if (derived.kind === 'noPlan') throw new Error(derived.reasons.join());
  return writeBenchSteps(derived.option, asked.house);
}
const LAYERS = [
  { material: 'tissue', turns: 1 },
  { material: 'smallBubble', turns: 2 },
];

// what a claim is looked at by: each layer before it is hidden, base, in the nest, full, closed; common practice, no source
test('each layer, the base, the piece in its nest, the full box and the closed one want a photograph', () =>
  expect(shotsOf(stepsOf({}, { layers: LAYERS })).map(({ title }) => title)).toEqual([
    'Tissue: 1 turn',
    'Small bubble: 2 turns',
    'Base of the box',
    'Put the bundle in',
    'Top of the box',
    'Tape the seams',
  ]));

test('of a box in a box what lies in the inner one is taken before that is shut', () => {
  const list = stepsOf({ lengthIn: 4, widthIn: 4, heightIn: 4 }, { box: '16x14x16', inner: { box: '8x8x8', fill: 'crumpledPaper' } });
  const keys = shotsOf(list).map(({ key }) => key);
  expect(keys).toEqual(expect.arrayContaining(['inner:in', 'box:in']));
  expect(list.findIndex(({ key }) => key === 'inner:in')).toBeLessThan(list.findIndex(({ key }) => key === 'inner:close'));
});

test('an envelope has no fill to show and is shown closed', () => {
  const facts = { archetype: 'paperGoods', lengthIn: 9, widthIn: 7, heightIn: 0.5, weightLb: 0.5 } as const;
  expect(shotsOf(stepsOf(facts, { box: 'flat', fill: null })).map(({ key }) => key)).toEqual(expect.arrayContaining(['box:in', 'close']));
});

test('a house that photographs the piece alone wants none of the packing', () =>
  expect(shotsOf(stepsOf({}, {}, { photographs: false }))).toEqual([]));

// the top of the fill goes on once: whoever opens the box finds the papers first; common practice, no source
test('papers are laid in before the top of the fill, and never after the box is shut', () => {
  for (const list of [
    stepsOf(),
    stepsOf({ archetype: 'paperGoods', lengthIn: 9, widthIn: 7, heightIn: 0.5, weightLb: 0.5 }, { box: 'flat', fill: null }),
  ]) {
    const at = (key: string) => list.findIndex((step) => step.key === key);
    expect(at('papers')).toBeGreaterThan(at('box:in'));
    expect(at('papers')).toBeLessThan(at('close'));
    if (at('box:top') >= 0) expect(at('papers')).toBeLessThan(at('box:top'));
  }
});
