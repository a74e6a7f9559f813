import { CARD } from '../../../tests/sampleRequest.ts';
import { cardCautions, cardFlaws } from './checkCard.ts';
import type { PriceStep, RateCard, ZoneRule } from './RateCard.ts';
import { zoneOf } from './zoneOf.ts';

const rule = (destinationFrom: string, destinationTo: string, zone: number, origin = '1'): ZoneRule => ({
  originFrom: origin,
  originTo: origin,
  destinationFrom,
  destinationTo,
  zone,
});
const withZones = (...zones: ZoneRule[]): RateCard => ({ ...CARD, zones });
const flaws = (card: RateCard) => cardFlaws(card).map(({ path, message }) => `${path}: ${message}`);
const cautions = (card: RateCard) => cardCautions(card).map(({ path, message }) => `${path}: ${message}`);

test('a plain card has neither flaws nor cautions', () => expect([flaws(CARD), cautions(CARD)]).toEqual([[], []]));

test.each(['../up', 'a b', '.hidden', 'a/b', 'ä', '', 'x'.repeat(61), 'nul\0'])('the name %j is no file’s', (id) =>
  expect(flaws({ ...CARD, id })).toEqual([expect.stringMatching(/^id: a name has letters/)]),
);

test('an end before the beginning', () =>
  expect(flaws({ ...CARD, validFrom: '2026-02-01', validTo: '2026-01-31' })).toEqual([
    'validTo: it ends on 2026-01-31, before it begins on 2026-02-01',
  ]));

test.each<[string, ZoneRule[], number]>([
  ['side by side', [rule('1', '3', 1), rule('4', '9', 2)], 0],
  ['one within the other', [rule('1', '9', 1), rule('45', '46', 2)], 1],
  ['one within the other, the same zone', [rule('1', '9', 1), rule('45', '46', 1)], 0],
  ['by a longer prefix', [rule('100', '139', 1), rule('139', '199', 2)], 1],
  ['from elsewhere', [rule('1', '9', 1, '1'), rule('1', '9', 2, '2')], 0],
  ['abroad twice', [rule('XN', 'XN', 8), rule('XN-1', 'XN-4', 9)], 1],
])('two zones for one way: %s', (_, zones, count) => expect(flaws(withZones(...zones))).toHaveLength(count));

test('as many ways with two zones as every postcode asked one by one would find', () => {
  const zones = [rule('10', '29', 1), rule('25', '40', 2), rule('41', '60', 3), rule('55', '57', 4), rule('70', '99', 5)];
  const card = withZones(...zones);
  const doubled = new Set<string>();
  for (let code = 10_000; code < 100_000; code += 500) {
    const here = zones.filter((one) => zoneOf(withZones(one), '10115', String(code)) !== null).map(({ zone }) => zone);
    if (new Set(here).size > 1) doubled.add(here.join('+'));
  }
  expect(flaws(card)).toHaveLength(doubled.size);
});

test('a hole between zones is named with its ends', () =>
  expect(cautions(withZones(rule('1', '3', 1), rule('42', '9', 2), rule('XN', 'XN', 9)))).toEqual([
    'zones.1: from 1–1, nobody from 40000 to 41999 gets a price: they are in no zone',
  ]));

test('prices that fall with weight, and steps without a price, are told by service and zone', () => {
  const steps: PriceStep[] = [
    { upToLb: 1, byZone: { 1: 800, 2: 900 } },
    { upToLb: 2, byZone: { 1: 790, 2: 950 } },
    { upToLb: 5, byZone: { 1: 900 } },
  ];
  const [service] = CARD.services;
  expect(cautions({ ...CARD, services: [{ ...service!, key: 'slow', name: 'Slow', steps }] })).toEqual([
    'slow: Slow: in zone 1 step 2 costs less than the one before it',
    'slow: Slow: zone 2 has no price in 1 of 3 steps',
  ]);
});
