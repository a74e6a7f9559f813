import type { PriceStep, RateCard, Service } from '@inch-nest/core';

/** Postcode prefixes of the Alder Isles' regions and their zone from Port Ellery (101). */
const REGIONS: readonly (readonly [from: string, to: string, zone: number])[] = [
  ['100', '139', 1], // Ellery
  ['140', '199', 2], // Brackwater
  ['200', '279', 3], // Cinder Head
  ['280', '349', 3], // Downwick
  ['350', '399', 4], // Farrow
  ['400', '459', 5], // Glasswater
  ['460', '549', 5], // Holm
  ['550', '649', 6], // Kestle
  ['650', '799', 7], // Norrow
  ['800', '899', 8], // Overmere
];

const ZONES = [1, 2, 3, 4, 5, 6, 7, 8];

/** Price for a step: a start, so much a pound, and a share more for each zone. */
const step = (upToLb: number, startMinor: number, perLbMinor: number, perZone: number): PriceStep => ({
  upToLb,
  byZone: Object.fromEntries(ZONES.map((zone) => [zone, Math.round((startMinor + perLbMinor * upToLb) * (1 + perZone * (zone - 1)))])),
});

const pounds = (most: number): number[] => Array.from({ length: most }, (_, i) => i + 1);

const usual = {
  bought: 'online',
  cubic: null,
  containers: null,
  pickupWeekdays: [1, 2, 3, 4, 5],
  rounding: 'step',
  surcharges: [],
  fuelPercent: 0,
  handlingFactor: 1,
} as const;

const SERVICES: readonly Service[] = [
  {
    ...usual,
    key: 'ambry-ground',
    name: 'Ground',
    transitDays: 4,
    cutOff: '16:00',
    steps: pounds(70).map((lb) => step(lb, 540, 36, 0.07)),
    volumetric: { divisorIn3PerLb: 166, aboveIn3: 1728, sideRounding: 'up' },
    limits: { weightLb: 70, longestIn: 48, lengthPlusGirthIn: 108, leastIn: null },
    surcharges: [{ name: 'over 30 in long', when: { kind: 'longestAbove', inches: 30 }, priceMinor: 420, fuelled: true }],
    cover: { includedMinor: 10_000, stepMinor: 10_000, pricePerStepMinor: 165, percent: null, ceilingMinor: 200_000, excludes: [] },
    signatureMinor: 340,
  },
  {
    ...usual,
    key: 'ambry-ground-next',
    name: 'Ground, two days',
    transitDays: 2,
    cutOff: '15:00',
    handlingFactor: 1.05,
    steps: pounds(50).map((lb) => step(lb, 820, 74, 0.1)),
    volumetric: { divisorIn3PerLb: 139, aboveIn3: 0, sideRounding: 'up' },
    limits: { weightLb: 50, longestIn: 36, lengthPlusGirthIn: 84, leastIn: null },
    fuelPercent: 6,
    cover: { includedMinor: 10_000, stepMinor: 10_000, pricePerStepMinor: 150, percent: null, ceilingMinor: 500_000, excludes: [] },
    signatureMinor: 290,
  },
  {
    ...usual,
    key: 'ambry-small',
    name: 'Small parcel',
    transitDays: 5,
    cutOff: '16:00',
    steps: [4, 8, 12, 15.999, 32, 48, 64, 80].map((ounces) => step(ounces / 16, 390, 74, 0.06)),
    volumetric: null,
    limits: { weightLb: 5, longestIn: 16, lengthPlusGirthIn: 54, leastIn: null },
    cover: { includedMinor: 5_000, stepMinor: 5_000, pricePerStepMinor: 120, percent: null, ceilingMinor: 50_000, excludes: [] },
    signatureMinor: null,
  },
];

/** The one card of the demo: Ambry Ground, by the pound, volumetric above a cubic foot. */
export const DEMO_CARD: RateCard = {
  id: 'ambry-ground',
  version: 1,
  carrier: 'Ambry Ground',
  currency: 'USD',
  validFrom: '2020-01-01',
  validTo: null,
  holidays: [],
  containers: [],
  zones: REGIONS.map(([destinationFrom, destinationTo, zone]) => ({
    originFrom: '100',
    originTo: '139',
    destinationFrom,
    destinationTo,
    zone,
  })),
  services: SERVICES,
};
