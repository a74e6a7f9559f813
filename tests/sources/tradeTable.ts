import { formatChance, type PieceFacts, type PlanChoice, type Triple } from '@inch-nest/core';
import { derivePlan } from '../../packages/core/src/stages/plan/derivePlan.ts';
import { ORDINARY_FILLS, ORDINARY_WRAPS } from '../../packages/core/src/engineering/materials/ordinaryStock.ts';
import { box, CHOICE, point, request } from '../../packages/core/tests/sampleRequest.ts';
import { inspectItem } from '../../packages/core/src/stages/item/inspectItem.ts';
import { wrapItem } from '../../packages/core/src/stages/wrap/wrapItem.ts';

/** Eight kinds of piece as they are sold. */
export const TRADE_PIECES: readonly { readonly name: string; readonly facts: Partial<PieceFacts> }[] = [
  { name: 'bowl', facts: { archetype: 'compactCeramic', lengthIn: 6, widthIn: 5, heightIn: 5, weightLb: 2 } },
  {
    name: 'jug',
    facts: { archetype: 'handledWare', lengthIn: 9, widthIn: 6, heightIn: 6, weightLb: 2.2, hardPoints: [point('handle', 'right')] },
  },
  { name: 'glass float', facts: { archetype: 'blownGlass', lengthIn: 5, widthIn: 5, heightIn: 5, weightLb: 0.8 } },
  {
    name: 'plaster head',
    facts: { archetype: 'thinFigure', lengthIn: 5, widthIn: 4, heightIn: 9, weightLb: 2.4, hardPoints: [point('ear', 'left')] },
  },
  { name: 'lamp globe', facts: { archetype: 'globeShade', lengthIn: 10, widthIn: 10, heightIn: 10, weightLb: 2.2 } },
  {
    name: 'picture',
    facts: { archetype: 'glazedFlat', lengthIn: 14, widthIn: 1.5, heightIn: 11, weightLb: 2.6, hardPoints: [point('glazing', 'front')] },
  },
  { name: 'paperweight', facts: { archetype: 'denseGlass', lengthIn: 4, widthIn: 4, heightIn: 3, weightLb: 2.8 } },
  { name: 'barometer', facts: { archetype: 'casedInstrument', lengthIn: 10, widthIn: 9, heightIn: 5, weightLb: 3.9 } },
];

type Layers = readonly (readonly [keyof typeof ORDINARY_WRAPS, number])[];
type FillKey = keyof typeof ORDINARY_FILLS;

/** Ten ordinary ways of packing, from careless to careful. */
export const TRADE_WAYS: readonly {
  readonly name: string;
  readonly layers: Layers;
  readonly gapIn: number;
  readonly fill: FillKey;
  readonly inner?: true;
}[] = [
  { name: 'one small bubble, ½ in of paper', layers: [['smallBubble', 1]], gapIn: 0.5, fill: 'crumpledPaper' },
  { name: 'one small bubble, 1 in of paper', layers: [['smallBubble', 1]], gapIn: 1, fill: 'crumpledPaper' },
  { name: 'three turns of paper, 2 in of paper', layers: [['packingPaper', 3]], gapIn: 2, fill: 'crumpledPaper' },
  { name: 'two small bubble, 2 in of moulded', layers: [['smallBubble', 2]], gapIn: 2, fill: 'mouldedFill' },
  {
    name: 'one small, one large, 2 in of pillows',
    layers: [
      ['smallBubble', 1],
      ['largeBubble', 1],
    ],
    gapIn: 2,
    fill: 'airPillows',
  },
  {
    name: 'one small, two large, 2 in of moulded',
    layers: [
      ['smallBubble', 1],
      ['largeBubble', 2],
    ],
    gapIn: 2,
    fill: 'mouldedFill',
  },
  {
    name: 'one small, two large, 2 in of paper',
    layers: [
      ['smallBubble', 1],
      ['largeBubble', 2],
    ],
    gapIn: 2,
    fill: 'crumpledPaper',
  },
  {
    name: 'one small, two large, 3 in of pillows',
    layers: [
      ['smallBubble', 1],
      ['largeBubble', 2],
    ],
    gapIn: 3,
    fill: 'airPillows',
  },
  {
    name: 'two small, three large, 3 in of paper',
    layers: [
      ['smallBubble', 2],
      ['largeBubble', 3],
    ],
    gapIn: 3,
    fill: 'crumpledPaper',
  },
  {
    name: 'one small, two large, snug box, 2½ in of pillows round it',
    layers: [
      ['smallBubble', 1],
      ['largeBubble', 2],
    ],
    gapIn: 2.5,
    fill: 'airPillows',
    inner: true,
  },
];

/** Chance of breakage in all, of shock alone, and what leads. */
export interface TradeCell {
  readonly chance: number;
  readonly shock: number;
  readonly leads: string;
}

/** One kind of piece packed one way, in boxes that fit it exactly, to zone 5. */
export function tradeCell(piece: (typeof TRADE_PIECES)[number], way: (typeof TRADE_WAYS)[number]): TradeCell {
  const wraps = [ORDINARY_WRAPS.tissue, ORDINARY_WRAPS.packingPaper, ORDINARY_WRAPS.smallBubble, ORDINARY_WRAPS.largeBubble];
  const layers = [{ material: 'tissue', turns: 1 }, ...way.layers.map(([material, turns]) => ({ material, turns }))];
  const { order, house, stock } = request(piece.facts);
  const { bundleIn } = wrapItem(inspectItem(order, order.pieces[0]!), layers, { ...stock, wraps }, house);
  const round = (sides: readonly number[], more: number) => sides.map((side) => side + 2 * more) as unknown as Triple;
  const snug = box(round(bundleIn, 0.1), { key: 'snug' });
  const held = way.inner ? snug.insideIn.map((side, i) => side + (i === 2 ? 4 : 2) * 0.156) : bundleIn;
  const outer = box(round(held, way.gapIn), { key: 'outer' });
  const choice: PlanChoice = { ...CHOICE, layers, box: 'outer', fill: way.fill, inner: way.inner ? { box: 'snug', fill: way.fill } : null };
  const derived = derivePlan(
    request(piece.facts, { stock: { wraps, fills: Object.values(ORDINARY_FILLS), boxes: [snug, outer] } }),
    choice,
  );
  if (derived.kind === 'noPlan') throw new Error(`${piece.name}, ${way.name}: ${derived.reasons.join()}`);
  const { causes, chance } = derived.option;
  const leads = causes.reduce((most, cause) => (cause.chance > most.chance ? cause : most));
  return { chance, shock: causes.find((cause) => cause.key === 'shock')?.chance ?? 0, leads: leads.key };
}

/** The whole table as it is printed in docs/model.md. */
export function writeTradeTable(): string {
  const rows = TRADE_WAYS.map((way) => [
    way.name,
    ...TRADE_PIECES.map((piece) => {
      const { chance, leads } = tradeCell(piece, way);
      return `${formatChance(chance)}${leads === 'shock' ? '' : `, ${leads}`}`;
    }),
  ]);
  const line = (cells: readonly string[]) => `| ${cells.join(' | ')} |`;
  return [
    line(['way of packing', ...TRADE_PIECES.map((piece) => piece.name)]),
    line(['---', ...TRADE_PIECES.map(() => '---')]),
    ...rows.map(line),
  ].join('\n');
}
