import { ORDINARY_FILLS, ORDINARY_WRAPS, type FillStock, type PieceFacts, type PlanRequest } from '@inch-nest/core';
import { box, CARD, request, SERVICE } from '../packages/core/tests/sampleRequest.ts';
import { DEMO_CARDS } from '../packages/data/src/demo/cards/index.ts';
import { DEMO_STOCK } from '../packages/data/src/demo/demoStock.ts';

/** A list of so many, each made from its place. */
const listOf = <One>(count: number, make: (i: number) => One): One[] => Array.from({ length: count }, (_, i) => make(i));

const like = (fill: FillStock, key: string, more: Partial<FillStock>): FillStock => ({ ...fill, key, name: key, ...more });

const WRAPS = [
  ORDINARY_WRAPS.tissue,
  ORDINARY_WRAPS.foamSheet16,
  ORDINARY_WRAPS.smallBubble,
  ORDINARY_WRAPS.mediumBubble,
  ORDINARY_WRAPS.largeBubble,
  ORDINARY_WRAPS.dampBag,
];
const FILLS = [
  ...Object.values(ORDINARY_FILLS),
  like(ORDINARY_FILLS.mouldedFill, 'usedMoulded', { minorPerFt3: 120, lbPerFt3: 0.3 }),
  like(ORDINARY_FILLS.crumpledPaper, 'usedPaper', { minorPerFt3: 90, lbPerFt3: 1.5 }),
];

/** Boxes from 8 × 8 × 6 to 19 × 16 × 15 in, of many prices. */
const boxes = (count: number) =>
  listOf(count, (i) =>
    box([8 + ((i * 7) % 11) + ((i * 13) % 3) * 0.5, 8 + ((i * 5) % 9), 6 + ((i * 3) % 10)], {
      key: `box-${i}`,
      priceMinor: 60 + ((i * 37) % 200),
    }),
  );

/** Services of many prices, some rougher than others. */
const services = (count: number) =>
  listOf(count, (i) => ({
    ...SERVICE,
    key: `service-${i}`,
    handlingFactor: 1 + (((i * 3) % 5) - 2) * 0.05,
    steps: SERVICE.steps.map((step) => ({
      ...step,
      byZone: { '1': step.byZone['1']! + i * 37, '5': step.byZone['5']! + i * 61 - (i % 4) * 90 },
    })),
  }));

/** So many boxes, 6 wraps, 8 fills, so many services, a box in a box and cutting down allowed. */
export const stocked = (boxCount: number, facts: Partial<PieceFacts> = {}, serviceCount = 12): PlanRequest =>
  request(facts, {
    stock: { boxes: boxes(boxCount), wraps: WRAPS, fills: FILLS },
    cards: [{ ...CARD, services: services(serviceCount) }],
    house: { cutsDown: true },
  });

/** So many different pieces in one parcel, small enough to go in one box, from the stockroom of the demo. */
export function several(count: number): PlanRequest {
  const one = request({}, { stock: DEMO_STOCK, cards: [...DEMO_CARDS] });
  const [piece] = one.order.pieces;
  const pieces = PIECES.slice(0, count).map((facts, i) => ({
    ...piece!,
    ...facts,
    lengthIn: 3 + ((i * 7) % 4),
    widthIn: 3 + ((i * 3) % 3),
    heightIn: 2 + ((i * 5) % 4),
    id: `00000000-0000-4000-8000-0000000000${10 + i}`,
    title: `piece ${i}`,
    weightLb: 0.5 + 0.2 * i,
    replacementMinor: 3000 + 500 * i,
  }));
  return { ...one, order: { ...one.order, pieces }, pieceIds: pieces.map(({ id }) => id) };
}

/** Twenty pieces of many sizes and kinds. */
export const PIECES: readonly Partial<PieceFacts>[] = listOf(20, (i) => ({
  archetype: (['compactCeramic', 'handledWare', 'blownGlass', 'denseGlass', 'optics'] as const)[i % 5]!,
  lengthIn: 3 + ((i * 7) % 8),
  widthIn: 3 + ((i * 3) % 4),
  heightIn: 3 + ((i * 5) % 6),
  weightLb: 0.5 + 0.35 * i,
}));
