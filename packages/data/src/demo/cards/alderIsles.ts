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
/** Norland, the country across the water: one zone. */
const ABROAD = { from: 'XN', to: 'XN', zone: 9 };

/** What the carriers of the isles have in common. */
export const ISLES: Pick<RateCard, 'version' | 'currency' | 'validFrom' | 'validTo' | 'zones'> = {
  version: 1,
  currency: 'USD',
  validFrom: '2020-01-01',
  validTo: null,
  zones: [...REGIONS, [ABROAD.from, ABROAD.to, ABROAD.zone] as const].map(([destinationFrom, destinationTo, zone]) => ({
    originFrom: '100',
    originTo: '139',
    destinationFrom,
    destinationTo,
    zone,
  })),
};

/** A service as most are; each says what is its own. */
export const USUAL: Pick<
  Service,
  | 'bought'
  | 'cubic'
  | 'containers'
  | 'pickupWeekdays'
  | 'cutOff'
  | 'rounding'
  | 'surcharges'
  | 'fuelPercent'
  | 'handlingFactor'
  | 'crushFactor'
  | 'volumetric'
  | 'signatureMinor'
> = {
  bought: 'online',
  cubic: null,
  containers: null,
  pickupWeekdays: [1, 2, 3, 4, 5],
  cutOff: '16:00',
  rounding: 'step',
  surcharges: [],
  fuelPercent: 0,
  handlingFactor: 1,
  crushFactor: 1,
  volumetric: null,
  signatureMinor: null,
};

/** Price for a step: a start, so much a pound, and a share more for each zone. */
export const step = (upToLb: number, startMinor: number, perLbMinor: number, perZone: number): PriceStep => ({
  upToLb,
  byZone: Object.fromEntries(ZONES.map((zone) => [zone, Math.round((startMinor + perLbMinor * upToLb) * (1 + perZone * (zone - 1)))])),
});

/** One step for each pound. */
export const byThePound = (most: number, startMinor: number, perLbMinor: number, perZone: number): PriceStep[] =>
  Array.from({ length: most }, (_, i) => step(i + 1, startMinor, perLbMinor, perZone));

/** The same steps with a price for Norland: so many times the farthest region's, and a fee for handing it on. */
export const abroadToo = (steps: readonly PriceStep[], times: number, feeMinor: number): PriceStep[] =>
  steps.map(({ upToLb, byZone }) => ({
    upToLb,
    byZone: { ...byZone, [ABROAD.zone]: Math.round(byZone[ZONES.at(-1)!]! * times) + feeMinor },
  }));
