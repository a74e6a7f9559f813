import { box, point, request, STOCK, told } from '../../../tests/sampleRequest.ts';
import { BOARD_GRADES } from '../../engineering/materials/boardGrades.ts';
import { ORDINARY_TAPES, ORDINARY_WRAPS } from '../../engineering/materials/ordinaryStock.ts';
import type { BoxStock, Stockroom } from '../../engineering/materials/stock.ts';
import { BEDDED_HOUSE, type House } from '../../house/House.ts';
import { stowAsTold } from '../box/stowAsTold.ts';
import { fillVoids } from '../fill/fillVoids.ts';
import { inspectItem } from '../item/inspectItem.ts';
import type { PieceFacts } from '../sale/Order.ts';
import { weighParcel } from '../weight/weighParcel.ts';
import { wrapItem } from '../wrap/wrapItem.ts';
import { combinedChance, expectedShare } from './judgeParcel.ts';
import { certificateHolds, quietCauses } from './quietCauses.ts';

interface Setting {
  facts?: Partial<PieceFacts>;
  layers?: [string, number][];
  inside?: [number, number, number];
  box?: Partial<BoxStock>;
  house?: Partial<House>;
  stock?: Partial<Stockroom>;
}

const WRAPS = [
  ORDINARY_WRAPS.tissue,
  ORDINARY_WRAPS.smallBubble,
  ORDINARY_WRAPS.largeBubble,
  ORDINARY_WRAPS.stretchFilm,
  ORDINARY_WRAPS.dampBag,
];

function weigh({ facts = {}, layers = [['largeBubble', 1]], inside = [12, 12, 12], box: more = {}, house = {}, stock = {} }: Setting) {
  const { order } = request(facts);
  const rules = { ...BEDDED_HOUSE, ...house };
  const wrapped = wrapItem(
    inspectItem(order, order.pieces[0]!),
    layers.map(([material, turns]) => ({ material, turns })),
    { ...STOCK, ...stock, wraps: WRAPS },
    rules,
  );
  const filled = fillVoids(stowAsTold(wrapped, told(box(inside, more)))!, STOCK.fills[0]!, null, rules);
  return { weighed: weighParcel(filled, { ...STOCK, ...stock }, rules), rules };
}

const chances = (setting: Setting): Record<string, number> => {
  const { weighed, rules } = weigh(setting);
  return Object.fromEntries(quietCauses(weighed, rules).map((cause) => [cause.key, cause.chance]));
};

describe('crush, worked by hand', () => {
  // outside 12.312: BCT 5.87·32·√(49.248·0.156) = 520.6; resists 520.6·0.56 + 0.3·144 = 334.8; the load's median is
  // 175·(151.6/192)/e^(1.645·0.6) = 51.5; Φ(−ln(334.8/51.5)/0.6)·0.1
  test('a new box of ordinary board', () => expect(chances({})['crush']).toBeCloseTo(9.0479e-5, 8));

  test('one earlier use costs a quarter of the board’s strength: it resists 261.9', () => {
    expect(chances({ box: { earlierUses: 1 } })['crush']).toBeCloseTo(3.3586e-4, 7);
  });

  test('a thin top gap lets five times as much through', () => {
    const thin = chances({ inside: [12, 12, 6.5] })['crush']!;
    expect(thin / chances({ inside: [12, 12, 12] })['crush']!).toBeCloseTo(5, 6);
  });

  test('flat goods take all of it', () => {
    const flat = chances({ facts: { archetype: 'paperGoods', lengthIn: 9, widthIn: 7, heightIn: 1, weightLb: 1 } })['crush']!;
    expect(flat / chances({})['crush']!).toBeCloseTo(10, 6);
  });
});

describe('contact', () => {
  // Φ((0.70 − 0.45)/0.2)·0.02 for each bare hard point
  test('each bare point counts, a guarded one does not', () => {
    expect(chances({ facts: { hardPoints: [point('rim', 'top')] } })['contact']).toBeCloseTo(0.017887, 6);
    expect(chances({ facts: { hardPoints: [point('rim', 'top'), point('handle', 'left')] } })['contact']).toBeCloseTo(0.0354541, 6);
    expect(chances({ facts: { hardPoints: [point('rim', 'top', { guard: 'cap' })] } })['contact']).toBeUndefined();
  });
});

describe('the rest, as the model’s table has it', () => {
  const flat = { archetype: 'paperGoods', lengthIn: 9, widthIn: 7, heightIn: 1, weightLb: 1 } as const;
  test.each<[string, Setting, string, number | undefined]>([
    ['rubbed without tissue', { facts: { finish: 'rubsOff' } }, 'scuff', 0.15],
    ['polished without tissue', { facts: { finish: 'polished' } }, 'scuff', 0.02],
    [
      'polished in tissue',
      {
        facts: { finish: 'polished' },
        layers: [
          ['tissue', 1],
          ['largeBubble', 1],
        ],
      },
      'scuff',
      undefined,
    ],
    ['plain', {}, 'scuff', undefined],
    ['damp without a bag', { facts: { dampSensitive: true } }, 'wet', 0.02],
    [
      'damp in a bag',
      {
        facts: { dampSensitive: true },
        layers: [
          ['largeBubble', 1],
          ['dampBag', 1],
        ],
      },
      'wet',
      0.002,
    ],
    ['parts that shift', { facts: { movingParts: 'shifting' } }, 'inside', 0.1],
    ['parts steadied', { facts: { movingParts: 'steadied' } }, 'inside', undefined],
    ['strong tape and no note', { stock: { innerTape: ORDINARY_TAPES.clear }, house: { openingNote: false } }, 'opening', 0.003],
    ['strong tape with a note', { stock: { innerTape: ORDINARY_TAPES.clear } }, 'opening', undefined],
    [
      'film on a bare handle',
      {
        facts: { hardPoints: [point('handle', 'left')] },
        layers: [
          ['largeBubble', 1],
          ['stretchFilm', 2],
        ],
      },
      'overTight',
      0.02,
    ],
    [
      'film on a guarded one',
      {
        facts: { hardPoints: [point('handle', 'left', { guard: 'foamTube' })] },
        layers: [
          ['largeBubble', 1],
          ['stretchFilm', 2],
        ],
      },
      'overTight',
      undefined,
    ],
    [
      'film on a rim',
      {
        facts: { hardPoints: [point('rim', 'top')] },
        layers: [
          ['largeBubble', 1],
          ['stretchFilm', 2],
        ],
      },
      'overTight',
      undefined,
    ],
    ['a chart without stiffeners', { facts: flat }, 'bend', 0.05],
    ['a chart with corners at the wall', { facts: flat, inside: [10.5, 12, 12] }, 'bend', 1 - 0.95 * 0.97],
    [
      'a weight beyond the board',
      { facts: { archetype: 'rigidMetal', weightLb: 30 }, box: { board: BOARD_GRADES.thinFree } },
      'burst',
      0.05,
    ],
  ])('%s', (_, setting, key, chance) => {
    const found = chances(setting)[key];
    if (chance === undefined) expect(found).toBeUndefined();
    else expect(found).toBeCloseTo(chance, 12);
  });

  test('a small heavy piece on hardly any bedding goes through the board', () => {
    const dense = { archetype: 'rigidMetal', lengthIn: 2, widthIn: 2, heightIn: 2, weightLb: 60 } as const;
    expect(chances({ facts: dense, inside: [4, 4, 3.2], layers: [] })['punch']).toBe(0.3);
    expect(chances({ facts: { ...dense, weightLb: 1 } })['punch']).toBeUndefined();
  });
});

describe('the board’s certificate', () => {
  // Item 222 / Rule 41 (values from memory): single wall ECT 32 carries 65 lb and 75 united inches
  test.each<[string, Setting, boolean]>([
    ['60 lb on ordinary board', { facts: { archetype: 'rigidMetal', weightLb: 60 } }, true],
    ['70 lb on ordinary board', { facts: { archetype: 'rigidMetal', weightLb: 70 } }, false],
    ['74 united inches', { inside: [24, 24, 24] }, true],
    ['76 united inches', { inside: [25, 25, 24.5] }, false],
    ['board below the table', { box: { board: { ...BOARD_GRADES.thinFree, edgeCrushLbPerIn: 20 } } }, false],
  ])('%s', (_, setting, holds) => expect(certificateHolds(weigh(setting).weighed)).toBe(holds));
});

test('causes combine as one minus the product, raised by κ; shares of value weigh them', () => {
  const causes = [
    { key: 'shock', chance: 0.1, shareLost: 1 },
    { key: 'scuff', chance: 0.2, shareLost: 0.3 },
  ] as const;
  expect(combinedChance(causes, 1)).toBeCloseTo(1 - 0.9 * 0.8, 12);
  expect(combinedChance(causes, 2)).toBeCloseTo(1 - (0.9 * 0.8) ** 2, 12);
  expect(expectedShare(causes, 1)).toBeCloseTo(0.1 + 0.3 * 0.2, 12);
  expect(expectedShare(causes, 2)).toBeCloseTo(0.19 + 0.3 * 0.36, 12);
  expect(combinedChance([], 1)).toBeCloseTo(0, 15);
});
