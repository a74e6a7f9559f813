import type { RateCard } from '@inch-nest/core';
import { byThePound, ISLES, USUAL } from './alderIsles.ts';

/** Skerrow Express: fast, always by size, tight limits, cover as a share of the value. */
export const SKERROW_EXPRESS: RateCard = {
  ...ISLES,
  id: 'skerrow-express',
  carrier: 'Skerrow Express',
  holidays: [],
  containers: [],
  services: [
    {
      ...USUAL,
      key: 'skerrow-morning',
      name: 'Next morning',
      transitDays: 1,
      cutOff: '14:30',
      handlingFactor: 0.9,
      steps: byThePound(40, 2150, 165, 0.09),
      rounding: 'pound',
      volumetric: { divisorIn3PerLb: 139, aboveIn3: 0, sideRounding: 'up' },
      limits: { weightLb: 40, longestIn: 30, lengthPlusGirthIn: 76, leastIn: null },
      fuelPercent: 9,
      surcharges: [{ name: 'far region', when: { kind: 'destination', from: '800', to: '899' }, priceMinor: 650, fuelled: true }],
      cover: {
        includedMinor: 10_000,
        stepMinor: 10_000,
        pricePerStepMinor: 0,
        percent: 1.2,
        ceilingMinor: 300_000,
        excludes: ['glazedFlat'],
      },
      signatureMinor: 0,
    },
    {
      ...USUAL,
      key: 'skerrow-second',
      name: 'Second day',
      transitDays: 2,
      cutOff: '15:30',
      handlingFactor: 0.95,
      steps: byThePound(40, 1390, 118, 0.08),
      rounding: 'pound',
      volumetric: { divisorIn3PerLb: 139, aboveIn3: 0, sideRounding: 'up' },
      limits: { weightLb: 40, longestIn: 30, lengthPlusGirthIn: 76, leastIn: null },
      fuelPercent: 9,
      surcharges: [{ name: 'far region', when: { kind: 'destination', from: '800', to: '899' }, priceMinor: 650, fuelled: true }],
      cover: {
        includedMinor: 10_000,
        stepMinor: 10_000,
        pricePerStepMinor: 0,
        percent: 1,
        ceilingMinor: 300_000,
        excludes: ['glazedFlat'],
      },
      signatureMinor: 275,
    },
  ],
};
