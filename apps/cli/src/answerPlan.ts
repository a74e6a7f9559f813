import { planParcel, writePlanDocument, type ChosenPlan, type PlanDocument, type PlanRequest } from '@inch-nest/core';
import type { NestRequest } from '@inch-nest/contracts';

const PIECE_ID = '00000000-0000-4000-8000-000000000001';
const ORDER_ID = '00000000-0000-4000-8000-000000000002';

/** Searches; the command line times itself, since the core has no clock. */
export function answerPlan(request: NestRequest<'plan'>): unknown {
  const asked = planRequestOf(request);
  const started = performance.now();
  const chosen = search(asked, request.search === 'every');
  const milliseconds = performance.now() - started;
  if (chosen.kind === 'noPlan') return { chosen: null, reasons: chosen.reasons, frontier: [], considered: 0, evaluated: 0, milliseconds };
  const plans = (option: Parameters<typeof writePlanDocument>[0]) => planOf(writePlanDocument(option, asked.house));
  return {
    chosen: plans(chosen.recommended),
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
  const { size, weight, value, ...facts } = piece;
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
      pieces: [{ ...facts, id: PIECE_ID, lengthIn, widthIn, heightIn, weightLb: weight, replacementMinor: value }],
    },
    pieceId: PIECE_ID,
    stock,
    house,
    cards: [card],
    locks,
  };
}

/** A plan in the command line's words. */
const planOf = (plan: PlanDocument) => ({
  layers: plan.layers.map(({ key, turns, lengthIn, sheets }) => ({ material: key, turns, length: lengthIn, sheets })),
  box: plan.box.key,
  innerBox: plan.inner?.key ?? null,
  fill: plan.fills.map(({ key, where, units, unitName }) => ({ material: key, where, units, unit: unitName })),
  orientation: plan.choice.orientation,
  service: plan.quote.service,
  cover: plan.choice.coverAdded,
  signature: plan.choice.signature,
  size: plan.box.outsideIn,
  weight: plan.weight.grossLb,
  cost: plan.costMinor,
  costLines: plan.costLines.map(({ key, amountMinor }) => ({ line: key, price: amountMinor })),
  expectedCost: plan.expectedMinor,
  chance: plan.chance,
  causes: plan.causes.map(({ key, chance, shareLost }) => ({ cause: key, chance, shareLost })),
});
