import { point, request, STOCK } from '../../../tests/sampleRequest.ts';
import { BEDDED_HOUSE } from '../../house/House.ts';
import { inspectItem } from '../item/inspectItem.ts';
import { waysToWrap } from './waysToWrap.ts';
import { wrapItem } from './wrapItem.ts';

const inspect = (facts: Parameters<typeof request>[0]) => {
  const { order } = request(facts);
  return inspectItem(order, order.pieces[0]!);
};
const wrap = (facts: Parameters<typeof request>[0], ...layers: [string, number][]) =>
  wrapItem(
    inspect(facts),
    layers.map(([material, turns]) => ({ material, turns })),
    STOCK,
    BEDDED_HOUSE,
  );

test('each layer starts from the bundle the one before left', () => {
  const wrapped = wrap({ archetype: 'denseGlass' }, ['smallBubble', 2], ['largeBubble', 1]);
  expect(wrapped.layers.map((layer) => layer.bundleIn)).toEqual(
    [
      [6.68, 5.68, 5.68],
      [7.58, 6.58, 6.58],
    ].map((size) => size.map((side) => expect.closeTo(side, 10) as number)),
  );
  expect(wrapped.coverIn).toBeCloseTo(0.79, 12);
  // 2·(2(5 + 5)) + π·0.17·4 = 42.136 in; width 6 + 5 + 0.68 = 11.68 → one sheet of 12
  expect(wrapped.layers[0]).toMatchObject({ lengthIn: expect.closeTo(42.1363, 3) as number, sheets: 1 });
  expect(wrapped.layers[0]!.weightLb).toBeCloseTo(((42.1363 * 12) / 144) * 0.012, 5);
});

test('used bubble has four fifths of its thickness', () => {
  const used = STOCK.wraps.map((one) => ({ ...one, reused: one.key === 'largeBubble' }));
  expect(wrapItem(inspect({}), [{ material: 'largeBubble', turns: 1 }], { ...STOCK, wraps: used }, BEDDED_HOUSE).coverIn).toBeCloseTo(
    0.36,
    12,
  );
});

test.each<[string, Parameters<typeof request>[0], [string, number][], string[]]>([
  ['edges need 0.45 in', {}, [['smallBubble', 2]], ['every edge']],
  ['0.45 in is enough', {}, [['largeBubble', 1]], []],
  ['a handle needs 0.70 in', { hardPoints: [point('handle', 'right')] }, [['largeBubble', 1]], ['the handle']],
  ['its collar counts', { hardPoints: [point('handle', 'right', { guard: 'foamTube' })] }, [['largeBubble', 1]], []],
  ['nothing brittle, nothing felt', { archetype: 'rigidMetal' }, [], []],
])('feel test: %s', (_, facts, layers, where) => expect(wrap(facts, ...layers).feelFaults.map((fault) => fault.where)).toEqual(where));

test('what finish and damp require', () => {
  expect(wrap({ finish: 'rubsOff' }, ['largeBubble', 1]).missing).toEqual(['softFirstLayer']);
  expect(wrap({ finish: 'rubsOff' }, ['tissue', 1], ['largeBubble', 1]).missing).toEqual([]);
  expect(wrap({ dampSensitive: true }, ['largeBubble', 1]).missing).toEqual(['dampBarrier']);
});

test('ways to wrap keep every rule and include what a packer would do', () => {
  const ways = waysToWrap(inspect({ finish: 'rubsOff' }), STOCK, BEDDED_HOUSE);
  expect(ways.length).toBeGreaterThan(10);
  expect(ways.every((way) => way.feelFaults.length === 0 && way.missing.length === 0)).toBe(true);
  expect(
    ways.some((way) => way.layers.map((layer) => `${layer.turns}${layer.stock.key}`).join() === '1tissue,1smallBubble,2largeBubble'),
  ).toBe(true);
});

// common practice, no source: nothing goes into a box bare
test('nothing is left bare, and what shock can break gets a cushion', () => {
  const ways = (archetype: 'rigidMetal' | 'optics' | 'casedInstrument') =>
    waysToWrap(inspect({ archetype, finish: 'polished' }), STOCK, BEDDED_HOUSE);
  expect(ways('rigidMetal').every((way) => way.layers.length > 0)).toBe(true);
  expect(ways('rigidMetal').some((way) => way.layers.every((layer) => layer.cushion === null))).toBe(true);
  expect(ways('optics').every((way) => way.layers.some((layer) => layer.cushion !== null))).toBe(true);
  // what has a case of its own needs no wrap forced round it
  expect(ways('casedInstrument').some((way) => way.layers.length === 0)).toBe(true);
});

test('unknown material and impossible turns are refused', () => {
  expect(() => wrap({}, ['velvet', 1])).toThrow(/velvet/);
  expect(() => wrap({}, ['largeBubble', -1])).toThrow(RangeError);
  expect(() => wrap({}, ['largeBubble', NaN])).toThrow(RangeError);
});
