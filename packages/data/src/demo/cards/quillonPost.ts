import type { RateCard, Service } from '@inch-nest/core';
import { abroadToo, ISLES, step, USUAL } from './alderIsles.ts';

const COVER: Service['cover'] = {
  includedMinor: 5_000,
  stepMinor: 5_000,
  pricePerStepMinor: 120,
  percent: null,
  ceilingMinor: 50_000,
  excludes: [],
};
const LIMITS: Service['limits'] = { weightLb: 20, longestIn: null, lengthPlusGirthIn: null, leastIn: null };

/** One price whatever it weighs, in one of the post's own free containers. */
const fixed = (key: string, name: string, container: string, priceMinor: number): Service => ({
  ...USUAL,
  key,
  name,
  transitDays: 3,
  cutOff: '17:00',
  containers: [container],
  steps: [step(20, priceMinor, 0, 0.02)],
  limits: LIMITS,
  cover: COVER,
  signatureMinor: 365,
});

/** Quillon Post: letters and small parcels, by the ounce; free thin boxes and envelopes at fixed prices. */
export const QUILLON_POST: RateCard = {
  ...ISLES,
  id: 'quillon-post',
  carrier: 'Quillon Post',
  holidays: [],
  containers: [
    { key: 'quillon-small', name: 'Post’s small box', style: 'slotted', insideIn: [9, 6, 4], outsideIn: [9.2, 6.2, 4.4], weightLb: 20 },
    {
      key: 'quillon-middle',
      name: 'Post’s middle box',
      style: 'slotted',
      insideIn: [13, 11, 6],
      outsideIn: [13.2, 11.2, 6.4],
      weightLb: 20,
    },
    {
      key: 'quillon-large',
      name: 'Post’s large box',
      style: 'slotted',
      insideIn: [14, 13, 11],
      outsideIn: [14.2, 13.2, 11.4],
      weightLb: 20,
    },
    {
      key: 'quillon-padded',
      name: 'Post’s padded envelope',
      style: 'padded',
      insideIn: [13, 10, 1],
      outsideIn: [13.5, 10.5, 1.2],
      weightLb: 20,
    },
  ],
  services: [
    {
      ...USUAL,
      key: 'quillon-letter',
      name: 'Large letter',
      transitDays: 3,
      cutOff: '17:00',
      pickupWeekdays: [1, 2, 3, 4, 5, 6],
      steps: [4, 8, 12, 16].map((ounces) => step(ounces / 16, 180, 140, 0.03)),
      limits: { weightLb: 1, longestIn: 19, lengthPlusGirthIn: 50, leastIn: null },
      cover: { ...COVER, includedMinor: 0 },
      surcharges: [{ name: 'thicker than a letter', when: { kind: 'volumeAbove', in3: 260 }, priceMinor: 900, fuelled: false }],
    },
    {
      ...USUAL,
      key: 'quillon-parcel',
      name: 'Small parcel',
      transitDays: 5,
      cutOff: '17:00',
      pickupWeekdays: [1, 2, 3, 4, 5, 6],
      steps: abroadToo(
        [4, 8, 12, 15.999, 32, 48, 64, 80].map((ounces) => step(ounces / 16, 390, 74, 0.06)),
        1.9,
        350,
      ),
      limits: { weightLb: 5, longestIn: 16, lengthPlusGirthIn: 54, leastIn: null },
      cover: COVER,
      signatureMinor: 365,
    },
    fixed('quillon-fixed-small', 'Small box, fixed price', 'quillon-small', 980),
    fixed('quillon-fixed-middle', 'Middle box, fixed price', 'quillon-middle', 1690),
    fixed('quillon-fixed-large', 'Large box, fixed price', 'quillon-large', 2290),
    fixed('quillon-fixed-padded', 'Padded envelope, fixed price', 'quillon-padded', 890),
  ],
};
