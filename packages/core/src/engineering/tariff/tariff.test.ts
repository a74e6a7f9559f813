import { CARD, SERVICE, SHIPMENT } from '../../../tests/sampleRequest.ts';
import { billableWeight, volumetricWeightLb } from './billableWeight.ts';
import { lengthPlusGirthIn } from './girth.ts';
import type { Shipment } from './Quote.ts';
import { quoteService } from './quoteService.ts';
import type { Service } from './RateCard.ts';
import { zoneOf } from './zoneOf.ts';

const shipment = (more: Partial<Shipment> = {}): Shipment => ({ ...SHIPMENT, ...more });
const quote = (ship: Partial<Shipment>, service: Partial<Service> = {}) => quoteService(CARD, { ...SERVICE, ...service }, shipment(ship));

describe('billable weight', () => {
  // worked by hand: 12.3 × 12.3 × 12.8 → sides up 13 × 13 × 13 = 2197 in³ / 166 = 13.235 lb
  test('volume above a cubic foot, sides rounded up first', () => {
    expect(volumetricWeightLb(SERVICE.volumetric!, [12.3, 12.3, 12.8])).toBeCloseTo(2197 / 166, 12);
    expect(billableWeight(SERVICE, [12.3, 12.3, 12.8], 4)).toEqual({ billableLb: 2197 / 166, volumetricLb: 2197 / 166, why: 'volume' });
    expect(volumetricWeightLb(SERVICE.volumetric!, [12, 12, 12])).toBeNull(); // just a cubic foot is not above it
  });

  test.each<[Service['rounding'], number, number]>([
    ['step', 3.2, 3.2],
    ['ounce', 3.2, 52 / 16],
    ['pound', 3.2, 4],
    ['pound', 1, 1], // 1.000 lb is not 2 lb
    ['pound', 1 + 1e-9, 1],
    ['pound', 1.001, 2],
    ['halfKilogram', 3.2, 1.5 / 0.45359237],
  ])('rounded to the %s: %p lb is %p lb', (rounding, weightLb, billed) =>
    expect(billableWeight({ rounding, volumetric: null }, [5, 5, 5], weightLb).billableLb).toBeCloseTo(billed, 9),
  );
});

test('zones by prefix ranges', () => {
  expect(zoneOf(CARD, '10115', '13900')).toBe(1);
  expect(zoneOf(CARD, '10115', '80000')).toBe(5);
  expect(zoneOf(CARD, '10115', '90000')).toBeNull();
  expect(zoneOf(CARD, '20115', '10000')).toBeNull();
});

// common tariff rule: length + girth = L + 2(W + H)
test('length plus girth takes the longest side as length', () => expect(lengthPlusGirthIn([10, 20, 5])).toBe(20 + 2 * 15));

describe('a price, line by line', () => {
  test('base from the first step not below', () => {
    // 3.2 lb → step 4 lb (index 3) to zone 5: 800 + 60·3 = 980
    expect(quote({})).toMatchObject({
      zone: 5,
      stepLb: 4,
      stepBelowLb: 3,
      billedBy: 'weight',
      totalMinor: 980,
      lines: [{ label: '4 lb to zone 5', amountMinor: 980 }],
    });
    expect(quote({ weightLb: 4 })).toMatchObject({ stepLb: 4 });
    expect(quote({ weightLb: 4.0001 })).toMatchObject({ stepLb: 5, totalMinor: 1040 });
  });

  test('surcharges, fuel on the fuelled ones, cover and signature', () => {
    const surcharges: Service['surcharges'] = [
      { name: 'long', when: { kind: 'longestAbove', inches: 9 }, priceMinor: 400, fuelled: true },
      { name: 'remote', when: { kind: 'destination', from: '402', to: '403' }, priceMinor: 250, fuelled: false },
      { name: 'big', when: { kind: 'volumeAbove', in3: 1000 }, priceMinor: 999, fuelled: true },
      { name: 'heavy', when: { kind: 'weightAbove', lb: 3 }, priceMinor: 100, fuelled: false },
      { name: 'wide', when: { kind: 'secondAbove', inches: 9.5 }, priceMinor: 50, fuelled: false },
    ];
    // fuel 7.5% of 980 + 400 = 103.5 → 104; cover (31000 − 10000)/10000 → 3 × 165
    const answer = quote({ coverMinor: 31_000, signature: true }, { surcharges, fuelPercent: 7.5 });
    expect(answer).toMatchObject({
      lines: [
        { label: '4 lb to zone 5', amountMinor: 980 },
        { label: 'long', amountMinor: 400 },
        { label: 'remote', amountMinor: 250 },
        { label: 'heavy', amountMinor: 100 },
        { label: 'wide', amountMinor: 50 },
        { label: 'fuel 7.5%', amountMinor: 104 },
        { label: 'cover', amountMinor: 495 },
        { label: 'signature', amountMinor: 300 },
      ],
      totalMinor: 2679,
      coverMinor: 31_000,
    });
  });

  test.each<[string, Partial<Shipment>, Partial<Service>, RegExp]>([
    ['too heavy', { weightLb: 71 }, {}, /at most 70 lb/],
    ['too long', { sizeIn: [49, 5, 5] }, {}, /long, at most 48 in/],
    ['too big round', { sizeIn: [40, 20, 20] }, {}, /girth 120 in, at most 108 in/],
    ['nowhere', { destinationPostcode: '99999' }, {}, /does not go/],
    ['too early', { shipDate: '2019-12-31' }, {}, /that day/],
    ['worth too much', { coverMinor: 300_000 }, {}, /does not cover/],
    ['unsigned', { signature: true }, { signatureMinor: null }, /no signature/],
    ['unpriced', {}, { steps: [{ upToLb: 5, byZone: { '1': 100 } }] }, /no price for zone 5/],
    ['off the table', {}, { steps: [{ upToLb: 2, byZone: { '5': 100 } }] }, /heavier than its price table/],
  ])('refused: %s', (_, ship, service, why) => {
    const answer = quote(ship, service);
    expect('refused' in answer && answer.refused).toMatch(why);
  });
});
