import type { RateCard, Service } from '@inch-nest/core';
import { abroadToo, byThePound, ISLES, USUAL } from './alderIsles.ts';

/** What both services have in common: always by size, tight limits, cover as a share of the value. */
const EXPRESS = {
  ...USUAL,
  rounding: 'pound',
  volumetric: { divisorIn3PerLb: 139, aboveIn3: 0, sideRounding: 'up' },
  limits: { weightLb: 40, longestIn: 30, lengthPlusGirthIn: 76, leastIn: null },
  fuelPercent: 9,
  surcharges: [{ name: 'far region', when: { kind: 'destination', from: '800', to: '899' }, priceMinor: 650, fuelled: true }],
} as const satisfies Partial<Service>;

const cover = (percent: number): Service['cover'] => ({
  includedMinor: 10_000,
  stepMinor: 10_000,
  pricePerStepMinor: 0,
  percent,
  ceilingMinor: 300_000,
  excludes: ['glazedFlat'],
});

/** Skerrow Express: fast and dear. */
export const SKERROW_EXPRESS: RateCard = {
  ...ISLES,
  id: 'skerrow-express',
  carrier: 'Skerrow Express',
  holidays: [],
  containers: [],
  services: [
    {
      ...EXPRESS,
      key: 'skerrow-morning',
      name: 'Next morning',
      transitDays: 1,
      cutOff: '14:30',
      handlingFactor: 0.9,
      steps: byThePound(40, 2150, 165, 0.09),
      cover: cover(1.2),
      signatureMinor: 0,
    },
    {
      ...EXPRESS,
      key: 'skerrow-second',
      name: 'Second day',
      transitDays: 2,
      cutOff: '15:30',
      handlingFactor: 0.95,
      steps: abroadToo(byThePound(40, 1390, 118, 0.08), 1.6, 600),
      cover: cover(1),
      signatureMinor: 275,
    },
  ],
};
