import { box, CHOICE, point, request } from '../../../tests/sampleRequest.ts';
import type { House } from '../../house/House.ts';
import type { PlanChoice, PlanOption } from '../frontier/PlanOption.ts';
import { derivePlan } from '../plan/derivePlan.ts';
import { writeBenchSteps } from './writeBenchSteps.ts';

const steps = (facts: Parameters<typeof request>[0] = {}, choice: Partial<PlanChoice> = {}, house: Partial<House> = {}) => {
  const asked = request(facts, {
    house,
    stock: {
      boxes: [
        box([8, 8, 8]),
        box([12, 12, 12]),
        box([16, 14, 16], { earlierUses: 1 }),
        box([12, 9, 2], { key: 'flat', style: 'stiffened' }),
      ],
    },
  });
  const derived = derivePlan(asked, { ...CHOICE, ...choice });
  if (derived.kind === 'noPlan') throw new Error(derived.reasons.join());
  return { list: writeBenchSteps(derived.option, asked.house), option: derived.option };
};
const titles = (...asked: Parameters<typeof steps>) => steps(...asked).list.map((step) => step.title);
const sum = (list: ReturnType<typeof writeBenchSteps>) => list.reduce((total, step) => total + step.minutes, 0);

const SETTINGS: [string, Parameters<typeof steps>][] = [
  ['a plain nest', [{}]],
  [
    'guards and hollows',
    [
      {
        hardPoints: [point('handle', 'right', { guard: 'foamTube' })],
        hollows: [{ id: 'h', name: 'inside', volumeIn3: 40, filled: true, material: null }],
      },
    ],
  ],
  [
    'a box in a box',
    [
      { lengthIn: 4, widthIn: 4, heightIn: 4 },
      { box: '16x14x16', inner: { box: '8x8x8', fill: 'crumpledPaper' } },
    ],
  ],
  ['cut down and lined', [{}, { box: '16x14x16', newDepthIn: 11, liner: true }]],
  [
    'an envelope',
    [
      { archetype: 'paperGoods', lengthIn: 9, widthIn: 7, heightIn: 0.5, weightLb: 0.5 },
      { box: 'flat', fill: null },
    ],
  ],
  ['nobody photographs', [{}, {}, { photographs: false }]],
];

test.each(SETTINGS)('the minutes are the plan’s: %s', (_, asked) => {
  const { list, option }: { list: ReturnType<typeof writeBenchSteps>; option: PlanOption } = steps(...asked);
  expect(sum(list)).toBeCloseTo(option.minutes, 9);
  expect(new Set(list.map((step) => step.key)).size).toBe(list.length);
});

// the order packers work in; common practice, no source
test('in the order it is done', () => {
  const order = titles({ hardPoints: [point('handle', 'right', { guard: 'foamTube' })] });
  expect(order).toEqual([
    'Guard the handle',
    'Large bubble: 1 turn',
    'Feel',
    'Bundle size',
    'Measure and weigh the bundle',
    'Form the box',
    'Base of the box',
    'Put the bundle in',
    'Sides of the box',
    'Touch',
    'Finger gap',
    'Top of the box',
    'Shake',
    'Lid press',
    'Papers inside',
    'Photographs',
    'Tape the seams',
    'Seams',
    'Weigh and measure',
  ]);
});

test('what a nest has, its steps have', () => {
  expect(titles({}, { box: '16x14x16', newDepthIn: 11, liner: true })).toEqual(
    expect.arrayContaining(['Cut the box down', 'Line the box', 'Old labels off']),
  );
  const floated = titles({ lengthIn: 4, widthIn: 4, heightIn: 4 }, { box: '16x14x16', inner: { box: '8x8x8', fill: 'crumpledPaper' } });
  expect(floated.indexOf('Close the inner box')).toBeLessThan(floated.indexOf('Form the box'));
  expect(floated).toContain('Put the inner box in');
  const flat = titles({ archetype: 'paperGoods', lengthIn: 9, widthIn: 7, heightIn: 0.5, weightLb: 0.5 }, { box: 'flat', fill: null });
  expect(flat).not.toEqual(expect.arrayContaining(['Lid press']));
  expect(flat).not.toContain('Feel');
  expect(titles({ movingParts: 'steadied' })[0]).toBe('Case shake');
});

test('amounts: a layer says what to tear and how it goes on; fill adds up to what was bought', () => {
  const { list, option } = steps({}, { layers: [{ material: 'largeBubble', turns: 2, doubled: 'left' }] });
  const layer = list.find((step) => step.title.startsWith('Large bubble'))!;
  expect(layer.says).toMatch(
    /^Tear one piece .* in long\. 2 turns, bubbles in, snug, not tight\. Fold the ends in\. One sheet more over the left, end to end\. One strip of paper tape\.$/,
  );
  const fills = list.filter((step) => / of the box$/.test(step.title)).map((step) => step.amounts[0]!.amount);
  const bought = option.rated.weighed.filled.amounts[0]!;
  expect(Math.abs(fills.reduce((total, one) => total + one, 0) - bought.boughtFt3 / bought.stock.unitFt3)).toBeLessThanOrEqual(0.75);
  const tests = list.filter((step) => step.test);
  expect(tests.every((step) => step.test!.passes.length > 10 && step.test!.remedies.length > 0)).toBe(true);
});
