import { letterOf, planCount, planParcel, writePlanDocument, type ChosenPlan, type PlanDocument, type PlanRequest } from '@inch-nest/core';
import type { NestRequest } from '@inch-nest/contracts';
import { BadInput } from './BadInput.ts';

const PIECE_ID = '00000000-0000-4000-8000-000000000001';
const ORDER_ID = '00000000-0000-4000-8000-000000000002';

/** More plans than this are not worked out one by one. */
const MOST_EVERY = 2_000_000;

/**
 * Searches; the command line times itself, since the core has no clock.
 *
 * @throws BadInput when every plan is asked for and there are more than two million
 */
export function answerPlan(request: NestRequest<'plan'>): unknown {
  const asked = planRequestOf(request);
  const every = request.search === 'every';
  if (every) {
    const count = planCount(asked);
    if (count > MOST_EVERY)
      throw new BadInput([
        { path: 'search', message: `every would work out ${count} plans, at most ${MOST_EVERY}: narrow the stock or pin choices` },
      ]);
  }
  const started = performance.now();
  const chosen = search(asked, every);
  const milliseconds = performance.now() - started;
  if (chosen.kind === 'noPlan') {
    const { reasons, wouldHelp } = chosen;
    return { chosen: null, reasons, wouldHelp, frontier: [], considered: 0, evaluated: 0, milliseconds };
  }
  const plans = (option: Parameters<typeof writePlanDocument>[0]) => planOf(writePlanDocument(option, asked.house));
  return {
    chosen: plans(chosen.recommended),
    recommended: { ceiling: chosen.ceiling, aboveCeiling: chosen.aboveCeiling },
    frontier: chosen.frontier.map(plans),
    considered: chosen.considered,
    evaluated: chosen.evaluated,
    milliseconds,
  };
}

function search(asked: PlanRequest, every: boolean): ChosenPlan {
  const steps = planParcel(asked, every);
  for (let step = steps.next(); ; step = steps.next()) if (step.done) return step.value;
}

function planRequestOf({ piece, stock, house, card, from, to, shipDate, sale, locks }: NestRequest<'plan'>): PlanRequest {
  const { size, weight, value, irreplaceable, accessories: along, ownBox: ownBoxIn, ...facts } = piece;
  const [lengthIn, widthIn, heightIn] = size;
  return {
    order: {
      id: ORDER_ID,
      soldMinor: sale,
      paidMinor: 0,
      shippingCollectedMinor: 0,
      originPostcode: from,
      destinationPostcode: to,
      shipDate,
      pieces: [
        { ...facts, along, ownBoxIn, id: PIECE_ID, lengthIn, widthIn, heightIn, weightLb: weight, replacementMinor: value, irreplaceable },
      ],
    },
    pieceId: PIECE_ID,
    stock,
    house,
    cards: [card],
    locks,
  };
}

/** Room before the nearest bundle: in the inner box where there is one. */
function nearIn({ gaps, inner }: PlanDocument): readonly number[] {
  const { left, front, bottom } = inner?.gaps ?? gaps;
  return [left, front, bottom];
}

/** A plan in the command line's words. */
const planOf = (plan: PlanDocument) => ({
  layers: plan.layers.map(({ key, turns, lengthIn, sheets }) => ({ material: key, turns, length: lengthIn, sheets })),
  box: plan.box.key,
  newDepth: plan.box.newDepthIn,
  liner: plan.box.liner,
  innerBox: plan.inner?.key ?? null,
  fill: plan.fills.map(({ key, where, units, unitName }) => ({ material: key, where, units, unit: unitName })),
  orientation: plan.choice.orientation,
  bundles: plan.block.at.map((at, i) => ({
    bundle: letterOf(i),
    pieces: plan.block.stacks[i],
    // from the inside corner of what holds them
    at: at.map((one, axis) => one + nearIn(plan)[axis]!),
    size: plan.bundleIn,
    weight: plan.piece.weightLb + plan.layers.reduce((sum, layer) => sum + layer.weightLb, 0),
  })),
  service: plan.quote.service,
  cover: plan.choice.coverAdded,
  signature: plan.choice.signature,
  size: plan.box.outsideIn,
  weight: plan.weight.grossLb,
  weightPlusMinus: plan.weight.plusMinusLb,
  arrives: plan.quote.arrivesOn,
  cost: plan.costMinor,
  costLines: plan.costLines.map(({ key, amountMinor }) => ({ line: key, price: amountMinor })),
  expectedCost: plan.expectedMinor,
  chance: plan.chance,
  breaks: plan.chance,
  low: plan.chanceLow,
  high: plan.chanceHigh,
  spoils: plan.spoils,
  decides: plan.piece.governs,
  causes: plan.causes.map(({ key, fate, chance, shareLost }) => ({ cause: key, fate, chance, shareLost })),
  short: [...plan.layers, ...plan.fills].filter(({ short }) => short).map(({ key }) => key),
  shock: plan.shock,
});
