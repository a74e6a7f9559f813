import {
  ARCHETYPES,
  BEDDED_HOUSE,
  countryOf,
  countedTitle,
  formatChance,
  GUARDS,
  HARD_POINTS,
  kindPresets,
  parseQuantity,
  plainFacts,
  planBundles,
  planParcel,
  writePlanDocument,
  type ArchetypeKey,
  type ChosenPlan,
  type Finish,
  type HardPoint,
  type PieceFacts,
  type PlanRequest,
} from '@inch-nest/core';
import { DEMO_CARDS } from '../../packages/data/src/demo/cards/index.ts';
import type { DemoParcel } from '../../packages/data/src/demo/DemoParcel.ts';
import { DEMO_PARCELS } from '../../packages/data/src/demo/demoParcels.ts';
import { DEMO_STOCK } from '../../packages/data/src/demo/demoStock.ts';

const read = <Value>(text: string | undefined, otherwise: Value): Value => (text === undefined ? otherwise : (JSON.parse(text) as Value));

function factsOf({ piece }: DemoParcel): PieceFacts {
  const archetype = read<ArchetypeKey>(piece['archetype'], 'compactCeramic');
  const presets = kindPresets(ARCHETYPES[archetype], null, piece['title']);
  const size = parseQuantity(piece['size'] ?? '', 'imperial');
  const weight = parseQuantity(piece['weight'] ?? '', 'imperial');
  const [lengthIn = null, widthIn = null, heightIn = null] = size.kind === 'dimensions' ? size.inches : [];
  return {
    ...plainFacts('piece', archetype, piece['title']),
    count: Number(piece['count'] ?? 1),
    stackOf: Number(piece['stackOf'] ?? 1),
    lengthIn,
    widthIn,
    heightIn,
    weightLb: weight.kind === 'weight' ? weight.pounds : null,
    finish: read<Finish>(piece['finish'], presets.finish),
    hardPoints: read<readonly HardPoint[]>(piece['hardPoints'], presets.hardPoints),
    movingParts: read<PieceFacts['movingParts']>(piece['movingParts'], 'none'),
  };
}

/** One piece of the demo and the nest that is recommended for it, as a row; null where no service takes it. */
export interface DemoNest {
  readonly title: string;
  readonly cells: readonly string[];
  readonly chance: number;
  readonly ceiling: number;
  readonly aboveCeiling: boolean;
  readonly costMinor: number;
  readonly abroad: boolean;
  readonly insideIn3: number;
  readonly pieceLb: number;
}

/** The pieces of a demo parcel that go in its first box. */
const piecesOfDemo = (parcel: DemoParcel): PieceFacts[] => [
  factsOf(parcel),
  ...(parcel.others ?? [])
    .filter(({ inABoxOfItsOwn }) => !inABoxOfItsOwn)
    .map(({ piece }, at) => ({ ...factsOf({ ...parcel, piece }), id: `piece-${at + 2}` })),
];

/** A demo piece as the planner takes it. */
export function demoRequest(parcel: DemoParcel): PlanRequest {
  return {
    order: {
      id: 'order',
      soldMinor: Math.round(Number(parcel.sale.soldMinor) * 100),
      paidMinor: 0,
      shippingCollectedMinor: 0,
      originPostcode: '10115',
      destinationPostcode: parcel.sale.destinationPostcode,
      shipDate: '2026-11-26',
      pieces: piecesOfDemo(parcel),
    },
    pieceIds: piecesOfDemo(parcel).map(({ id }) => id),
    stock: DEMO_STOCK,
    house: BEDDED_HOUSE,
    cards: DEMO_CARDS,
    locks: {},
  };
}

/** What the planner answers for a demo piece. */
export function planDemo(parcel: DemoParcel): { request: PlanRequest; chosen: ChosenPlan } {
  const request = demoRequest(parcel);
  const steps = planParcel(request);
  let step = steps.next();
  while (!step.done) step = steps.next();
  return { request, chosen: step.value };
}

export function demoNest(parcel: DemoParcel, { request, chosen } = planDemo(parcel)): DemoNest | null {
  if (chosen.kind === 'noPlan') return null;
  const plan = writePlanDocument(chosen.recommended, request.house);
  const least = Math.min(...Object.values<number>({ ...plan.gaps }));
  const most = Math.max(...Object.values<number>({ ...plan.gaps }));
  const inches = (value: number) => String(Number(value.toFixed(1)));
  return {
    title: plan.piece.title,
    cells: [
      planBundles(plan)
        .map(({ piece, block }) => countedTitle({ title: piece.title, count: block.pieces }))
        .join(' and '),
      [parcel.piece['size'], parcel.piece['weight']].filter(Boolean).join(', '),
      `$${parcel.sale.soldMinor}`,
      planBundles(plan)
        .map(({ piece, layers }) =>
          [
            ...piece.hardPoints.flatMap(({ kind, guard }) => (guard ? [`${GUARDS[guard].name} on the ${HARD_POINTS[kind].name}`] : [])),
            ...layers.map(({ turns, name }) => `${turns} ${name.toLowerCase()}`),
          ].join(', '),
        )
        .join('; ') || 'none',
      `${plan.inner ? `${plan.inner.name} in ` : ''}${plan.box.name}${plan.choice.board ? ', on a board' : ''}`,
      plan.fills.length > 0 ? `${plan.fills.at(-1)!.name.toLowerCase()}, ${inches(least)}–${inches(most)} in` : 'none',
      `$${(plan.costMinor / 100).toFixed(2)}`,
      `${formatChance(plan.chance)}${chosen.aboveCeiling ? ', above the ceiling' : ''}`,
    ],
    chance: plan.chance,
    ceiling: chosen.ceiling,
    aboveCeiling: chosen.aboveCeiling,
    costMinor: plan.costMinor,
    abroad: countryOf(parcel.sale.destinationPostcode) !== null,
    insideIn3: plan.box.insideIn.reduce((volume, side) => volume * side, 1),
    pieceLb: plan.piece.weightLb,
  };
}

/** Every piece of the demo. */
export const demoNests = (): (DemoNest | null)[] => DEMO_PARCELS.map((parcel) => demoNest(parcel));

/** Their nests as a markdown table. */
export const writeDemoNests = (nests: readonly (DemoNest | null)[]): string =>
  [
    '| piece | size, weight | sold | wraps | box | fill | cost | breaks |',
    `|${' --- |'.repeat(8)}`,
    ...nests.map((nest, i) =>
      nest ? `| ${nest.cells.join(' | ')} |` : `| ${DEMO_PARCELS[i]!.piece['title']} | | | no service takes it | | | | |`,
    ),
  ].join('\n');
