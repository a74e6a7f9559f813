import { request, STOCK } from '../../../tests/sampleRequest.ts';
import { ORDINARY_WRAPS } from '../../engineering/materials/ordinaryStock.ts';
import { BEDDED_HOUSE, type House } from '../../house/House.ts';
import { inspectItem } from '../item/inspectItem.ts';
import { isHousesWay } from './housesWay.ts';
import { waysToWrap } from './waysToWrap.ts';
import { wrapItem } from './wrapItem.ts';
import type { LayerChoice } from './WrappedItem.ts';

// A house that takes a side on the first layer, or on bubble, has it on every bundle. Rules of the house, no source.

const WRAPS = Object.values(ORDINARY_WRAPS).map((wrap) => ({ ...wrap, onHandFt2: 100 }));
const stock = { ...STOCK, wraps: WRAPS };
const pieceWith = (finish: 'plain' | 'polished' | 'rubsOff') => {
  const { order } = request({ finish, hardPoints: [] });
  return inspectItem(order, order.pieces[0]!);
};
const house = (sides: Partial<House>): House => ({ ...BEDDED_HOUSE, ...sides });
const wrapped = (layers: readonly LayerChoice[], sides: Partial<House>, finish: Parameters<typeof pieceWith>[0] = 'polished') =>
  isHousesWay(wrapItem(pieceWith(finish), layers, stock, house(sides)), WRAPS, house(sides));
const of = (...materials: string[]): LayerChoice[] => materials.map((material) => ({ material, turns: 1 }));

test.each<[Partial<House>, string[], boolean]>([
  [{ firstLayer: 'none' }, ['largeBubble'], true],
  [{ firstLayer: 'none' }, ['tissue', 'largeBubble'], false],
  [{ firstLayer: 'tissue' }, ['tissue', 'largeBubble'], true],
  [{ firstLayer: 'tissue' }, ['largeBubble'], false],
  [{ firstLayer: 'tissue' }, ['packingPaper', 'largeBubble'], false],
  [{ firstLayer: 'paper' }, ['packingPaper', 'largeBubble'], true],
  [{ firstLayer: 'foam' }, ['foamSheet16', 'largeBubble'], true],
  [{ firstLayer: 'foam' }, ['tissue', 'foamSheet16', 'largeBubble'], false],
  [{ firstLayer: 'asFinish' }, ['packingPaper', 'largeBubble'], true],
  [{ bubble: 'smallThenLarge' }, ['smallBubble', 'largeBubble'], true],
  [{ bubble: 'smallThenLarge' }, ['largeBubble'], false],
  [{ bubble: 'smallThenLarge' }, ['smallBubble'], true],
  [{ bubble: 'largeOnly' }, ['smallBubble', 'largeBubble'], false],
  [{ bubble: 'largeOnly' }, ['largeBubble'], true],
  [{ bubble: 'either' }, ['largeBubble'], true],
])('%j: %j is the house’s way: %s', (sides, materials, is) => {
  expect(wrapped(of(...materials), sides)).toBe(is);
});

test('where the finish forbids what the house names, what the finish asks is the house’s way', () => {
  expect(wrapped(of('packingPaper', 'largeBubble'), { firstLayer: 'paper' }, 'rubsOff')).toBe(false);
  expect(wrapped(of('tissue', 'largeBubble'), { firstLayer: 'paper' }, 'rubsOff')).toBe(true);
});

test.each(['plain', 'polished', 'rubsOff'] as const)('%s: whatever the search takes is the house’s way, whatever its sides', (finish) => {
  for (const firstLayer of ['asFinish', 'tissue', 'paper', 'foam', 'none'] as const)
    for (const bubble of ['smallThenLarge', 'largeOnly', 'either'] as const) {
      const own = house({ firstLayer, bubble });
      const ways = waysToWrap(pieceWith(finish), stock, own);
      expect(ways.length).toBeGreaterThan(0);
      expect(ways.filter((way) => !isHousesWay(way, WRAPS, own))).toEqual([]);
    }
});
