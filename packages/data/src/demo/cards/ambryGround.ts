import type { RateCard } from '@inch-nest/core';
import { abroadToo, byThePound, ISLES, USUAL } from './alderIsles.ts';

/** Ambry Ground: by the pound, by size above a cubic foot; cheap and slow. */
export const AMBRY_GROUND: RateCard = {
  ...ISLES,
  id: 'ambry-ground',
  carrier: 'Ambry Ground',
  holidays: [],
  containers: [],
  services: [
    {
      ...USUAL,
      key: 'ambry-ground',
      name: 'Ground',
      transitDays: 4,
      steps: abroadToo(byThePound(70, 540, 36, 0.07), 1.7, 700),
      volumetric: { divisorIn3PerLb: 166, aboveIn3: 1728, sideRounding: 'up' },
      limits: { weightLb: 70, longestIn: 48, lengthPlusGirthIn: 108, leastIn: null },
      surcharges: [{ name: 'over 30 in long', when: { kind: 'longestAbove', inches: 30 }, priceMinor: 420, fuelled: true }],
      cover: { includedMinor: 10_000, stepMinor: 10_000, pricePerStepMinor: 165, percent: null, ceilingMinor: 200_000, excludes: [] },
      signatureMinor: 340,
    },
    {
      ...USUAL,
      key: 'ambry-ground-next',
      name: 'Ground, two days',
      transitDays: 2,
      cutOff: '15:00',
      handlingFactor: 1.05,
      steps: byThePound(50, 820, 74, 0.1),
      volumetric: { divisorIn3PerLb: 139, aboveIn3: 0, sideRounding: 'up' },
      limits: { weightLb: 50, longestIn: 36, lengthPlusGirthIn: 84, leastIn: null },
      fuelPercent: 6,
      cover: { includedMinor: 10_000, stepMinor: 10_000, pricePerStepMinor: 150, percent: null, ceilingMinor: 500_000, excludes: [] },
      signatureMinor: 290,
    },
  ],
};
