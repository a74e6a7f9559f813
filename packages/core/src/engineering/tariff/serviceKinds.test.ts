import { CARD, SERVICE, SHIPMENT } from '../../../tests/sampleRequest.ts';
import { arrivalDay, collectionDay } from './arrivalDay.ts';
import { coverPriceMinor } from './coverPrice.ts';
import { edgeNudges } from './edgeNudges.ts';
import type { Shipment } from './Quote.ts';
import { quoteService } from './quoteService.ts';
import type { RateCard, Service } from './RateCard.ts';

const FREE = {
  key: 'free',
  name: 'Free box',
  style: 'slotted' as const,
  insideIn: [8, 6, 4] as const,
  outsideIn: [8.2, 6.2, 4.4] as const,
  weightLb: 20,
};
const ENVELOPE = { ...FREE, key: 'flat', name: 'Flat envelope', style: 'padded' as const, weightLb: 4 };
const card: RateCard = { ...CARD, containers: [FREE, ENVELOPE] };
const quote = (ship: Partial<Shipment>, service: Partial<Service> = {}) =>
  quoteService(card, { ...SERVICE, ...service }, { ...SHIPMENT, ...ship });

describe('tiers of outside volume', () => {
  const cubic = [
    { upToIn3: 864, byZone: { '5': 610 } },
    { upToIn3: 1000, byZone: { '5': 790 } },
  ];
  const service = { cubic, steps: [], volumetric: null, limits: { ...SERVICE.limits, weightLb: 20, longestIn: 18 } };
  test.each<[string, Partial<Shipment>, object]>([
    ['a volume on the tier is on the tier', { sizeIn: [12, 12, 6] }, { totalMinor: 610, billedBy: 'cubic' }],
    ['a hair above is the next', { sizeIn: [12, 12, 6.01] }, { totalMinor: 790 }],
    ['its weight does not matter', { sizeIn: [10, 10, 10], weightLb: 19.9 }, { totalMinor: 790 }],
    ['up to its limit', { weightLb: 20.1 }, { refused: 'weighs 20 lb 1.6 oz, at most 20 lb' }],
    ['its side counts', { sizeIn: [18.5, 5, 5] }, { refused: '18 1/2 in long, at most 18 in' }],
    ['above the last tier', { sizeIn: [10, 10, 10.1] }, { refused: 'larger than its price table' }],
  ])('%s', (_, ship, answer) => expect(quote(ship, service)).toMatchObject(answer));
});

describe('fixed-price containers', () => {
  const fixed = { containers: ['free', 'flat'], volumetric: null, steps: [{ upToLb: 20, byZone: { '1': 870, '5': 870 } }] };
  test.each<[string, Partial<Shipment>, Partial<Service>, object]>([
    ['its own box at one price', { container: 'free', weightLb: 19 }, fixed, { totalMinor: 870 }],
    ['to every zone the same', { container: 'free', destinationPostcode: '13900' }, fixed, { totalMinor: 870 }],
    ['not another box', {}, fixed, { refused: 'takes only Free box, Flat envelope' }],
    ['not with another service', { container: 'free' }, {}, { refused: 'a carrier’s free box goes by its own service only' }],
    ['each to its own weight', { container: 'flat', weightLb: 5 }, fixed, { refused: 'weighs 5 lb, at most 4 lb in Flat envelope' }],
    ['only those it lists', { container: 'flat' }, { ...fixed, containers: ['free'] }, { refused: 'takes only Free box' }],
  ])('%s', (_, ship, service, answer) => expect(quote(ship, service)).toMatchObject(answer));
});

describe('what else makes a price', () => {
  const peak = { kind: 'peak' as const, from: '2026-11-20', to: '2026-11-24' };
  test.each<[string, Partial<Shipment>, Service['surcharges'][number]['when'], boolean]>([
    ['the last day of the peak', {}, peak, true],
    ['the day after', { shipDate: '2026-11-25' }, peak, false],
    ['a tube', { nonRectangular: true }, { kind: 'nonRectangular' }, true],
    ['a box', {}, { kind: 'nonRectangular' }, false],
    ['a side on the threshold', {}, { kind: 'longestAbove', inches: 10 }, false],
    ['a side above it', { sizeIn: [10.1, 10, 10] }, { kind: 'longestAbove', inches: 10 }, true],
  ])('%s', (_, ship, when, applies) =>
    expect(quote(ship, { surcharges: [{ name: 'more', when, priceMinor: 77, fuelled: false }] })).toMatchObject({
      totalMinor: 980 + (applies ? 77 : 0),
    }),
  );

  // 31000 − 10000 = 21000 at 1.25% is 262.5, rounded half up
  test('cover by percent or by steps; goods it excludes', () => {
    expect(coverPriceMinor({ ...SERVICE.cover, percent: 1.25 }, 31_000)).toBe(263);
    expect(coverPriceMinor(SERVICE.cover, 31_000)).toBe(3 * 165);
    expect(coverPriceMinor(SERVICE.cover, 10_000)).toBe(0);
    const cover = { ...SERVICE.cover, excludes: ['paperGoods'] };
    expect(quote({ goods: ['paperGoods'], coverMinor: 31_000 }, { cover })).toMatchObject({ refused: 'does not cover that kind of goods' });
    expect(quote({ goods: ['paperGoods'] }, { cover })).toMatchObject({ coverMinor: 0 });
    expect(quote({ goods: ['handledWare'] }, { cover })).toMatchObject({ coverMinor: 10_000 });
  });

  test('too small for its limits', () =>
    expect(quote({ sizeIn: [5, 3, 3] }, { limits: { ...SERVICE.limits, leastIn: [6, 3, 0.25] } })).toMatchObject({
      refused: 'at least 6 × 3 × 1/4 in',
    }));
});

describe('arrival, counted by hand', () => {
  // 2026-11-24 is a Tuesday
  test.each<[string, Partial<Service>, string[], string, string | null, string | null]>([
    ['four working days on', {}, [], '2026-11-24', null, '2026-11-30'],
    ['a holiday between', {}, ['2026-11-26'], '2026-11-24', null, '2026-12-01'],
    ['ready after the cut-off', {}, [], '2026-11-24', '16:01', '2026-12-01'],
    ['ready on the cut-off', {}, [], '2026-11-24', '16:00', '2026-11-30'],
    ['sent on a Saturday', { transitDays: 1 }, [], '2026-11-28', null, '2026-12-01'],
    ['the same day', { transitDays: 0 }, [], '2026-11-24', null, '2026-11-24'],
    ['no pick-up at all', { pickupWeekdays: [] }, [], '2026-11-24', null, null],
  ])('%s', (_, service, holidays, sent, readyAt, arrives) =>
    expect(arrivalDay({ ...SERVICE, ...service }, holidays, sent, readyAt)).toBe(arrives),
  );

  test('collected on the first working day', () => {
    expect(collectionDay(SERVICE, [], '2026-11-28')).toBe('2026-11-30');
    expect(collectionDay(SERVICE, ['2026-11-30'], '2026-11-28')).toBe('2026-12-01');
  });
});

describe('price edges near a parcel', () => {
  const edges = (ship: Partial<Shipment>, more: Partial<Service> = {}) => {
    const service = { ...SERVICE, ...more };
    const shipment = { ...SHIPMENT, ...ship };
    const answer = quoteService(card, service, shipment);
    if ('refused' in answer) throw new Error(answer.refused);
    return edgeNudges(card, service, shipment, answer);
  };

  // 3.2 lb pays the 4 lb step; 60 cents a step
  test('weight both ways', () =>
    expect(edges({})).toEqual(
      expect.arrayContaining([
        { by: 'weight', direction: 'less', amount: expect.closeTo(0.2, 9) as number, deltaMinor: -60 },
        { by: 'weight', direction: 'more', amount: expect.closeTo(0.8, 9) as number, deltaMinor: 60 },
      ]),
    ));

  // 10.4 in long: 0.4 off saves the surcharge; 1.9 more in length makes 1728 in³ … and volume bills
  test('length: a surcharge saved, a refusal ahead', () => {
    const surcharges = [{ name: 'long', when: { kind: 'longestAbove' as const, inches: 10 }, priceMinor: 400, fuelled: false }];
    const found = edges({ sizeIn: [10.4, 8, 8] }, { surcharges, volumetric: null, limits: { ...SERVICE.limits, longestIn: 12 } });
    expect(found).toContainEqual({ by: 'length', direction: 'less', amount: expect.closeTo(0.4, 9) as number, deltaMinor: -400 });
    expect(found).toContainEqual({ by: 'length', direction: 'more', amount: expect.closeTo(1.6, 9) as number, deltaMinor: null });
  });

  // 13 × 13 × 13 in bills 13.2 lb, the 14 lb step; an inch less is 12.2 lb, the 13 lb step
  test('volumetric: an inch less saves a step', () =>
    expect(edges({ sizeIn: [12.3, 12.3, 12.8], weightLb: 4 })).toContainEqual({
      by: 'length',
      direction: 'less',
      amount: expect.closeTo(0.8, 9) as number,
      deltaMinor: -60,
    }));

  test('volume: a cubic tier saved', () => {
    const cubic = [
      { upToIn3: 864, byZone: { '5': 610 } },
      { upToIn3: 2000, byZone: { '5': 790 } },
    ];
    expect(edges({ sizeIn: [12.5, 12, 6] }, { cubic, steps: [], volumetric: null })).toContainEqual({
      by: 'volume',
      direction: 'less',
      amount: expect.closeTo(0.5, 9) as number,
      deltaMinor: -180,
    });
  });
});
