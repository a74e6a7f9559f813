import type { ArchetypeKey } from '../../engineering/pieces/Archetype.ts';
import { ARCHETYPES } from '../../engineering/pieces/archetypes.ts';
import type { SidesTold } from '../../units/index.ts';
import { plainFacts } from '../sale/plainFacts.ts';
import { guessMissing } from './guessMissing.ts';

const guess = (kind: ArchetypeKey, [lengthIn, widthIn, heightIn]: SidesTold, weightLb: number | null = null) =>
  guessMissing({ ...plainFacts('piece', kind), lengthIn, widthIn, heightIn, weightLb }, ARCHETYPES[kind]);

test('a piece told by its height alone is as large all round as its kind is at that height', () => {
  const { sizeIn, guessed } = guess('thinFigure', [null, null, 18]);
  const [l, w, h] = ARCHETYPES.thinFigure.typicalSizeIn;
  expect(sizeIn).toEqual([(18 * l) / h, (18 * w) / h, 18]);
  expect(guessed.sides).toEqual([true, true, false]);
});

// sizes as dealers list such pieces; common practice, no source
test.each<[string, ArchetypeKey, SidesTold, number, number, number]>([
  ['a brass table lamp', 'fineMetal', [null, null, 22], 6, 4, 10],
  ['a doll', 'thinFigure', [null, null, 18], 2, 4, 8],
  ['a brass candlestick', 'fineMetal', [null, null, 9], 1.5, 2.5, 5],
  ['a bronze bust', 'resinWood', [null, null, 12], 26, 6, 12],
  ['a walking cane', 'resinWood', [36, null, null], 1, 1, 9],
])('%s is as slender as it weighs', (_, kind, sides, weightLb, least, most) => {
  const { sizeIn } = guess(kind, sides, weightLb);
  const across = sizeIn.toSorted((a, b) => a - b).slice(0, 2);
  expect(Math.max(...sizeIn)).toBe(Math.max(...sides.filter((side) => side !== null)));
  across.forEach((side) => {
    expect(side).toBeGreaterThan(least);
    expect(side).toBeLessThanOrEqual(most);
  });
});

test('a vase told high and wide is as deep as it is wide', () => {
  const { sizeIn } = guess('compactCeramic', [5, null, 12]);
  const [l, w] = ARCHETYPES.compactCeramic.typicalSizeIn;
  expect(sizeIn).toEqual([5, (5 * w) / l, 12]);
});

// what hangs is told as 14 by 11, or 11 wide and 14 high, and is no foot thick
test.each<[ArchetypeKey, SidesTold, SidesTold, number]>([
  ['glazedFlat', [14, 11, null], [14, null, 11], 1],
  ['glazedFlat', [11, null, 14], [11, null, 14], 1],
  ['paperGoods', [14, 11, null], [14, 11, null], 2],
  ['paperGoods', [11, null, 14], [11, 14, null], 2],
  ['paperGoods', [null, null, 18], [18, null, null], 2],
])('%s of %j: its thickness is what nobody told', (kind, told, known, thin) => {
  const { sizeIn, guessed } = guess(kind, told);
  expect(guessed.sides).toEqual(known.map((side) => side === null));
  known.forEach((side, axis) => side !== null && expect(sizeIn[axis]).toBe(side));
  expect(sizeIn[thin]).toBeLessThan(Math.min(...told.filter((side) => side !== null)) / 4);
});

// common practice, no source
test.each<[string, ArchetypeKey, number, number]>([
  ['dinner plate', 'compactCeramic', 0.75, 1.5],
  ['Imari charger, chipped', 'compactCeramic', 0.75, 1.5],
  ['mixing bowl with lid', 'compactCeramic', 3, 5],
  ['glass fishing float', 'blownGlass', 10, 10],
  ['brass ship bell', 'rigidMetal', 10, 10],
])('a %s told as ten inches across is as high as such things are', (title, kind, least, most) => {
  const facts = { ...plainFacts('piece', kind, title), lengthIn: 10, widthIn: 10, heightIn: null };
  const [, , height] = guessMissing(facts, ARCHETYPES[kind]).sizeIn;
  expect(height).toBeGreaterThanOrEqual(least);
  expect(height).toBeLessThanOrEqual(most);
});

test('a platter told by its length, and a bowl by its height, are as flat as such things are', () => {
  const sides = (title: string, lengthIn: number | null, heightIn: number | null) =>
    guessMissing({ ...plainFacts('piece', 'compactCeramic', title), lengthIn, heightIn }, ARCHETYPES.compactCeramic).sizeIn;
  const [long, wide, high] = sides('meat platter', 16, null);
  expect(long).toBe(16);
  expect(wide).toBeLessThan(16);
  expect(high).toBeLessThan(2.5);
  expect(sides('mixing bowl', null, 4)).toEqual([10, 10, 4]);
});

test('a side that was told as thin is its thickness', () => {
  expect(guess('glazedFlat', [14, 1, null]).guessed.sides).toEqual([false, false, true]);
  expect(guess('paperGoods', [14, 11, 0.25]).sizeIn).toEqual([14, 11, 0.25]);
});

// what stands on a round foot, told by its height and how wide it is. Common practice, no source
test.each<[string, ArchetypeKey]>([
  ['brass table lamp', 'fineMetal'],
  ['kerosene lamp w/shade', 'fineMetal'],
  ['pair of candlesticks, heavy', 'fineMetal'],
  ['enamel bucket', 'rigidMetal'],
])('a %s is as deep as it is wide', (title, kind) => {
  const sides = (lengthIn: number | null, widthIn: number | null) =>
    guessMissing({ ...plainFacts('piece', kind, title), lengthIn, widthIn, heightIn: 16 }, ARCHETYPES[kind]).sizeIn;
  expect(sides(7, null)).toEqual([7, 7, 16]);
  expect(sides(null, 7)).toEqual([7, 7, 16]);
});

test('a wall clock is not', () => {
  const facts = { ...plainFacts('piece', 'clockwork', 'wall clock'), lengthIn: 12, widthIn: null, heightIn: 24 };
  expect(guessMissing(facts, ARCHETYPES.clockwork).sizeIn[1]).toBeLessThan(12);
});

test('what has one size everywhere has it, whatever it weighs', () => {
  const facts = { ...plainFacts('piece', 'paperStack', 'LP records'), lengthIn: null, widthIn: null, heightIn: null, weightLb: 0.5 };
  const { sizeIn, guessed } = guessMissing(facts, ARCHETYPES.paperStack);
  expect(sizeIn).toEqual([12.4, 12.4, 0.16]);
  expect(guessed.sides).toEqual([true, true, true]);
});
