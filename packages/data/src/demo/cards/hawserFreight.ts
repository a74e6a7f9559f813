import type { RateCard } from '@inch-nest/core';
import { ISLES, step, USUAL } from './alderIsles.ts';

/** Steps of a freight carrier: few and wide. */
const WEIGHTS_LB = [20, 30, 40, 50, 70, 90, 120, 150];

/** Hawser Freight: what is too long for the others, by weight and by length; slow, and stacked high. */
export const HAWSER_FREIGHT: RateCard = {
  ...ISLES,
  id: 'hawser-freight',
  carrier: 'Hawser Freight',
  holidays: [],
  containers: [],
  services: [
    {
      ...USUAL,
      key: 'hawser-long',
      name: 'Long goods',
      transitDays: 7,
      cutOff: '12:00',
      pickupWeekdays: [2, 4],
      handlingFactor: 1.1,
      crushFactor: 1.3,
      steps: WEIGHTS_LB.map((weight) => step(weight, 1490, 22, 0.07)),
      volumetric: { divisorIn3PerLb: 194, aboveIn3: 5184, sideRounding: 'up' },
      limits: { weightLb: 150, longestIn: 108, lengthPlusGirthIn: 165, leastIn: [30, 4, 4] },
      surcharges: [
        { name: 'over 60 in long', when: { kind: 'longestAbove', inches: 60 }, priceMinor: 900, fuelled: true },
        { name: 'over 84 in long', when: { kind: 'longestAbove', inches: 84 }, priceMinor: 1400, fuelled: true },
      ],
      fuelPercent: 5,
      cover: { includedMinor: 10_000, stepMinor: 10_000, pricePerStepMinor: 210, percent: null, ceilingMinor: 300_000, excludes: [] },
      signatureMinor: 450,
    },
  ],
};
