import {
  derivePlan,
  nextBestChanges,
  ORDINARY_FILLS,
  ORDINARY_LINER_BOARD,
  ORDINARY_WRAPS,
  writeBenchSteps,
  writePlanDocument,
  type PlanChoice,
  type PlanRequest,
  type UnitSystem,
} from '@inch-nest/core';
import { box, CHOICE, FACTS, point, request, STOCK } from '../../../../packages/core/tests/sampleRequest.ts';
import { changeWords } from './changeWords.ts';
import { faultWords } from './faultWords.ts';
import { wrapWords } from './wrapWords.ts';
import { writersFor } from './writers.ts';

// Every sentence that a nest makes, of none, one, two and fractions of everything: as people say it.

const WRAPS = Object.values(ORDINARY_WRAPS).map((wrap) => ({ ...wrap, onHandFt2: 500 }));
const FILLS = Object.values(ORDINARY_FILLS).map((fill) => ({ ...fill, onHandFt3: 50 }));
const BOXES = [box([6, 5, 5]), box([8, 8, 8]), box([10, 8, 6]), box([12, 12, 12]), box([20, 16, 14])];
const stock = { ...STOCK, boxes: BOXES, wraps: WRAPS, fills: FILLS, linerBoard: ORDINARY_LINER_BOARD };

/** What nobody says. */
const NEVER: readonly (readonly [what: string, RegExp])[] = [
  [
    'one of several',
    /(?<![\d./½¼¾⅛] ?)\b1 (?:turns|sheets|scoops|strips|pillows|bags|pieces|tubes|pads|layers|times|bundles|photographs)\b/,
  ],
  ['several of one', /\b(?:[2-9]|\d\d+|\d+\.\d+) (?:turn|sheet|scoop|strip|pillow|bag|tube|pad|layer|bundle)\b(?! \w+s\b)/],
  ['none of it to do', /(?<![.\d])\b0 (?:turns|sheets|scoops|strips|pillows|bags|in|cm|pieces)\b(?! in)/],
  ['a word twice', /\b(the|a|of|in|on|to|and|is|it) \1\b/i],
  ['a thing of itself', /\b(\w{4,}?)s? of \1s?\b/i],
  ['what a program calls nothing', /undefined|null|NaN|Infinity|\[object/],
  ['a key', /\b(?:mouldedFill|crumpledPaper|smallBubble|foamSheet\w*|largeBubble|foldedBubble)\b/],
  ['a stop before nothing', /\s[.,;:](?:\s|$)|[,;:]\.|\.\.(?!\.)|\s{2}|\(\)/],
  ['a sentence that begins with a stop', /^\s*[.,;:]/],
];
const wrongIn = (text: string): string[] => NEVER.filter(([, never]) => never.test(text)).map(([what]) => `${what}: ${text}`);

/** Nests of one and two, with every fill, of few and many turns, large and small. */
function* nests(): Generator<{ asked: PlanRequest; choice: PlanChoice }> {
  const one = (more: Partial<typeof FACTS>, choice: Partial<PlanChoice>, count = 1) => ({
    asked: request({ ...more, count }, { stock, house: { cells: true } }),
    choice: { ...CHOICE, ...choice },
  });
  for (const { key: fill } of FILLS)
    for (const chosen of BOXES)
      for (const turns of [0.5, 1, 2])
        yield one(
          { archetype: 'handledWare', weightLb: 2, hardPoints: [{ ...point('handle', 'right'), guard: 'foamTube' }] },
          { fill, box: chosen.key, layers: [{ material: 'smallBubble', turns }] },
        );
  for (const count of [1, 2, 6])
    yield one(
      { archetype: 'blownGlass', lengthIn: 3, widthIn: 3, heightIn: 6, weightLb: 0.6, hardPoints: [point('rim', 'top')] },
      {
        box: '20x16x14',
        cells: count > 1,
        board: true,
        layers: [
          { material: 'tissue', turns: 1 },
          { material: 'largeBubble', turns: 1 },
        ],
      },
      count,
    );
  yield one({ archetype: 'casedInstrument' }, { box: '20x16x14', layers: [], liner: true, crossIn: 3 });
  yield one({}, { box: '12x12x12', inner: { box: '10x8x6', fill: FILLS[0]!.key }, layers: [{ material: 'tissue', turns: 1 }] });
  const two = request({}, { stock });
  const pieces = [
    FACTS,
    { ...FACTS, id: 'second', title: 'jug', hollows: [{ id: 'h', name: 'inside', volumeIn3: 20, filled: true, material: null }] },
  ];
  yield {
    asked: { ...two, order: { ...two.order, pieces }, pieceIds: pieces.map(({ id }) => id) },
    choice: {
      ...CHOICE,
      box: '20x16x14',
      layers: [{ material: 'smallBubble', turns: 1 }],
      others: [{ layers: [{ material: 'smallBubble', turns: 1, doubled: 'bottom' }], orientation: [0, 1, 2] }],
      stand: { along: 0, parts: [0, 1] },
      cells: true,
    },
  };
}

test('the patterns know what nobody says from what people say', () => {
  for (const bad of ['1 turns', '2 sheet of it', 'fill 0 in', 'the the lid', '1 pillow of pillows', 'undefined', 'Done .', 'a, ; b'])
    expect(wrongIn(bad)).not.toEqual([]);
  for (const good of [
    '1 turn',
    '0.5 turns',
    '1 1/2 sheets',
    '2 sheets of crumpled paper',
    '1 in 210',
    '3 times 1 × 34 cm',
    'half a turn less of it',
  ])
    expect(wrongIn(good)).toEqual([]);
});

describe.each<UnitSystem>(['imperial', 'metric'])('in %s units', (system) => {
  const write = writersFor(system, 'USD');
  const made = [...nests()].flatMap(({ asked, choice }) => {
    const derived = derivePlan({ ...asked, units: system }, choice);
    return derived.kind === 'plan' ? [{ asked, option: derived.option }] : [];
  });

  test('there are enough of them', () => expect(made.length).toBeGreaterThan(60));

  test('every step at the bench, and every test with its remedies', () => {
    const said = made.flatMap(({ asked, option }) =>
      writeBenchSteps(option, asked.house, system).flatMap(({ title, says, test: tried }) => [
        title,
        says,
        ...(tried ? [tried.passes, ...tried.remedies.map((remedy) => remedy.says)] : []),
      ]),
    );
    expect([...new Set(said.flatMap(wrongIn))]).toEqual([]);
  });

  test('every fault, wrap and single change', () => {
    const said = made.slice(0, 40).flatMap(({ asked, option }) => {
      const plan = writePlanDocument(option, asked.house);
      return [
        wrapWords(plan, 'no wrap'),
        ...plan.faults.flatMap((fault) => {
          const { title, says } = faultWords(fault, plan, write);
          return [title, says];
        }),
      ];
    });
    const changes = [made[0]!, made[30]!, made.at(-1)!].flatMap(({ asked, option }) =>
      nextBestChanges(asked, option.choice).map(({ change }) => changeWords(change, { request: asked, choice: option.choice })),
    );
    expect([...new Set([...said, ...changes].flatMap(wrongIn))]).toEqual([]);
  });
});
