import type { Happening } from './LifeEvent.ts';
import { box, CHOICE, point, request } from '../../../tests/sampleRequest.ts';
import { writeBenchSteps } from '../bench/writeBenchSteps.ts';
import type { PlanChoice } from '../frontier/PlanOption.ts';
import { derivePlan } from '../plan/derivePlan.ts';
import { lifeWords, stepWords } from './lifeWords.ts';

const rate = {
  service: 'ground',
  serviceName: 'Ground',
  cardId: 'card',
  cardVersion: 1,
  weightLb: 3.5,
  outsideIn: [12, 12, 12] as const,
  priceMinor: 985,
  coverAdded: false,
  signature: false,
};
const say = (happening: Happening) =>
  lifeWords(
    { id: 'e', seq: 1, at: '2026-11-26T10:00:00Z', personId: 'p', undoOf: null, ...happening },
    {
      money: (minor) => `$${(minor / 100).toFixed(2)}`,
      weight: (lb) => `${lb} lb`,
      size: (inches) => `${inches.join(' × ')} in`,
      nameOf: (key) => ({ largeBubble: 'Large bubble' })[key] ?? key,
    },
  );

test.each<[Happening, string]>([
  [{ kind: 'weighed', readingsLb: [3.4, 3.5], outsideIn: null }, 'weighed, 3.5 lb'],
  [{ kind: 'weighed', readingsLb: [], outsideIn: null }, 'the weighing was taken back'],
  [{ kind: 'labelBought', labelId: 'l', rate }, 'label bought: Ground, $9.85'],
  [{ kind: 'testTried', test: 'shake', result: 'failed' }, 'shake test failed'],
  [{ kind: 'damaged' }, 'arrived broken'],
])('%j', (happening, words) => expect(say(happening)).toBe(words));

const LAID_OUT: [string, Parameters<typeof request>, Partial<PlanChoice>][] = [
  [
    'guarded, with a hollow and what goes along',
    [
      {
        hardPoints: [point('handle', 'right', { guard: 'foamTube' })],
        hollows: [{ id: 'h', name: 'inside', volumeIn3: 40, filled: true, material: null }],
        along: [{ id: 'k', name: 'key', count: 2, weightLb: 0.1, sizeIn: null, place: 'bag' }],
      },
    ],
    {},
  ],
  [
    'six alike in cells',
    [{ count: 6, archetype: 'blownGlass', lengthIn: 3, widthIn: 3, heightIn: 4 }],
    { grid: [3, 2, 1], box: '16x14x12', cells: true },
  ],
  [
    'stacked',
    [{ count: 12, stackOf: 4, archetype: 'paperStack', lengthIn: 10, widthIn: 7, heightIn: 0.25, weightLb: 0.4 }],
    { box: '16x14x12' },
  ],
  [
    'in a case, marked, with a cross and two fills',
    [{ archetype: 'casedInstrument' }, { house: { sides: { case: 'leave', marks: 'fragile' } } }],
    { box: '16x14x16', crossIn: 3, fillApart: { base: 'crumpledPaper' } },
  ],
  ['shortened, with tubes in its corners', [{}], { box: '16x14x12', shortened: { side: 'length', newIn: 13 }, tubes: true }],
  [
    'six alike, wrapped together',
    [{ count: 6, archetype: 'blownGlass', lengthIn: 3, widthIn: 3, heightIn: 4 }],
    { grid: [3, 2, 1], box: '16x14x12', around: { material: 'largeBubble', turns: 1 } },
  ],
  ['in a core', [{ lengthIn: 6, widthIn: 2, heightIn: 2 }], { box: '16x14x12', inner: { box: 'tube', fill: 'crumpledPaper' } }],
  ['a box in a box', [{ lengthIn: 4, widthIn: 4, heightIn: 4 }], { box: '16x14x16', inner: { box: '8x8x8', fill: 'crumpledPaper' } }],
];

test.each(LAID_OUT)('every step that can be done is told in words, never by its key: %s', (_, [facts = {}, more = {}], choice) => {
  const asked = request(facts, {
    ...more,
    stock: {
      boxes: [box([36, 4, 4], { key: 'tube', style: 'tube' }), box([8, 8, 8]), box([12, 12, 12]), box([16, 14, 12]), box([16, 14, 16])],
    },
  });
  const derived = derivePlan(asked, { ...CHOICE, ...choice });
  if (derived.kind === 'noPlan') throw new Error(derived.reasons.join());
  for (const { key } of writeBenchSteps(derived.option, asked.house)) {
    const said = stepWords(key, (name) => `the ${name}`);
    expect(said).not.toMatch(/:|x\d|^$/);
    // what nobody has words for is told by its key, with spaces
    if (key.includes(':')) expect(said).not.toBe(key.replace(/^bundle\d*:/, '').replaceAll(':', ' '));
  }
});
