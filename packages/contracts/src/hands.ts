import { z } from 'zod';
import { BENCH_TESTS, readSaleLine, type BenchTestKey, type HandsQuestion, type PlanRequest } from '@inch-nest/core';
import { requestOfLines } from './requestOfLines.ts';
import type { ShopView } from './shopView.ts';
import { zonesReached } from './zonesReached.ts';

/** Invented pieces to practise on, one for each manner of packing that hands must learn. */
export const PRACTICE_PIECES = [
  { key: 'teapot', line: 'Porcelain teapot with a thin spout, 10 x 6 x 7 in, 2 lb 4 oz, sold 68' },
  { key: 'goblet', line: 'Glass goblet on a tall stem, 3.5 x 3.5 x 8 in, 9 oz, sold 40' },
  { key: 'vice', line: 'Cast-iron bench vice, 8 x 5 x 5 in, 14 lb, sold 75' },
  { key: 'camera', line: 'Folding camera, 6 x 4 x 3 in, 1 lb 10 oz, sold 120' },
  { key: 'picture', line: 'Framed print under glass, 16 x 12 x 1.5 in, 4 lb, sold 55' },
  { key: 'figure', line: 'Plaster figure of a dancer, 5 x 4 x 11 in, 2 lb, sold 48' },
  { key: 'crock', line: 'Stoneware crock, 8 x 8 x 9 in, 7 lb, sold 44' },
  { key: 'clock', line: 'Mantel clock in a wooden case, 11 x 6 x 9 in, 6 lb, sold 140' },
] as const;
export type PracticeKey = (typeof PRACTICE_PIECES)[number]['key'];

export const handsAsked = z.object({ piece: z.enum(PRACTICE_PIECES.map(({ key }) => key)).optional() });

/** What hands are asked about one of them. */
export interface Practice {
  /** As the questions see it: its line in words. */
  title: string;
  sizeIn: readonly (number | null)[];
  weightLb: number | null;
  kind: string;
  questions: HandsQuestion[];
}

/** What somebody's tests came to at the bench of late: of so many parcels tested, so many did not pass at first. */
export interface HandsFound {
  personId: string;
  name: string;
  tests: { test: BenchTestKey; parcels: number; failed: number }[];
}

export interface HandsView {
  /** What hands found in so many days. */
  days: number;
  found: HandsFound[];
}

/** A practice piece with all its plan depends on; it goes across the middle of what the shop's carriers reach. */
export const practiceRequest = (key: PracticeKey, shop: ShopView): PlanRequest => {
  const { line } = PRACTICE_PIECES.find((one) => one.key === key)!;
  const read = readSaleLine(line, { today: shop.today, todayIsOver: shop.todayIsOver, system: 'imperial' });
  const zones = zonesReached(shop.cards, shop.originPostcode);
  return requestOfLines([read], shop, `practice-${key}`, zones[zones.length >> 1]?.postcode ?? shop.originPostcode);
};

/** Tests in the order they are made. */
export const inTestOrder = <One extends { test: BenchTestKey }>(tests: readonly One[]): One[] =>
  [...tests].sort((a, b) => BENCH_TESTS.indexOf(a.test) - BENCH_TESTS.indexOf(b.test));
