import {
  letterOf,
  offInOrder,
  planBundles,
  planCount,
  planParcel,
  writePlanDocument,
  type ChosenPlan,
  type PieceFacts,
  type PlanDocument,
  type PlanRequest,
} from '@inch-nest/core';
import type { NestRequest } from '@inch-nest/contracts';
import { BadInput } from './BadInput.ts';

/** Ids of the pieces of one request, by their place. */
const idOf = (at: number): string => `00000000-0000-4000-8000-0000000001${String(at).padStart(2, '0')}`;
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

function planRequestOf({ piece, pieces, stock, house, card, from, to, shipDate, sale, locks }: NestRequest<'plan'>): PlanRequest {
  const facts = piece ? [factsOf(piece, idOf(0))] : factsOfAll(pieces ?? []);
  const unknown = facts.findIndex(({ interleaf }) => interleaf !== null && !stock.wraps.some(({ key }) => key === interleaf));
  if (unknown >= 0)
    throw new BadInput([
      { path: piece ? 'piece.interleaf' : `pieces.${unknown}.interleaf`, message: `the stock has no wrap ${facts[unknown]!.interleaf}` },
    ]);
  const order = {
    id: ORDER_ID,
    soldMinor: sale,
    paidMinor: 0,
    shippingCollectedMinor: 0,
    originPostcode: from,
    destinationPostcode: to,
    shipDate,
    pieces: facts,
  };
  return { order, pieceIds: facts.map(({ id }) => id), stock, house, cards: [card], locks };
}

type AskedPieces = NonNullable<NestRequest<'plan'>['pieces']>;
type AskedPiece = NonNullable<NestRequest<'plan'>['piece']>;

/** Facts of a piece, but what it goes into: that is known when all of them are. */
const factsOf = (piece: AskedPiece, id: string, partOf: PieceFacts['partOf'] = null): PieceFacts => {
  const {
    size,
    weight,
    value,
    irreplaceable,
    accessories: along,
    ownBox: ownBoxIn,
    nestStep: nestStepIn,
    within: _,
    beside: _b,
    ...facts
  } = piece;
  const [lengthIn, widthIn, heightIn] = size;
  return {
    ...facts,
    along,
    ownBoxIn,
    nestStepIn,
    within: null,
    beside: null,
    id,
    partOf,
    lengthIn,
    widthIn,
    heightIn,
    weightLb: weight,
    replacementMinor: value,
    irreplaceable,
  };
};

/**
 * Pieces with the parts that come off them, each part after its whole.
 *
 * @throws BadInput where a part comes off after one that its piece does not have, or parts wait for one another
 */
function factsOfAll(pieces: AskedPieces): PieceFacts[] {
  const all: PieceFacts[] = [];
  pieces.forEach(({ parts, ...piece }, at) => {
    const whole = factsOf(piece, idOf(all.length));
    all.push(whole);
    const ids = new Map(parts.map(({ title }, i) => [title, idOf(all.length + i)]));
    parts.forEach(({ after, loosens, ...part }, i) => {
      if (after !== null && !ids.has(after))
        throw new BadInput([{ path: `pieces.${at}.parts.${i}.after`, message: `${piece.title} has no part called ${after}` }]);
      all.push(factsOf(part, idOf(all.length), { pieceId: whole.id, after: after === null ? null : ids.get(after)!, loosens }));
    });
    try {
      offInOrder(all);
    } catch (error) {
      if (error instanceof RangeError) throw new BadInput([{ path: `pieces.${at}.parts`, message: error.message }]);
      throw error;
    }
  });
  return withOthers(all, pieces);
}

/** @throws BadInput where a piece goes into one that is not there, or is to stand next to such a one */
function withOthers(all: readonly PieceFacts[], pieces: AskedPieces): PieceFacts[] {
  const asked = pieces.flatMap(({ parts, ...piece }, at) => [
    { piece, path: `pieces.${at}` },
    ...parts.map((part, i) => ({ piece: part, path: `pieces.${at}.parts.${i}` })),
  ]);
  return all.map((facts, at) => {
    const {
      piece: { within, beside },
      path,
    } = asked[at]!;
    const idCalled = (title: string, of: string): string => {
      const other = all.find((one) => one.title === title && one.id !== facts.id);
      if (!other) throw new BadInput([{ path: `${path}.${of}`, message: `there is no other piece called ${title}` }]);
      return other.id;
    };
    return {
      ...facts,
      within: within && { pieceId: idCalled(within.piece, 'within.piece'), standsOutIn: within.standsOut },
      beside: beside && idCalled(beside, 'beside'),
    };
  });
}

/** Room before the nearest bundle: in the inner box where there is one. */
function nearIn({ gaps, inner }: PlanDocument): readonly number[] {
  const { left, front, bottom } = inner?.gaps ?? gaps;
  return [left, front, bottom];
}

/** Every bundle in the command line's words: the letters run through them all. */
function bundlesOf(plan: PlanDocument) {
  let letter = 0;
  const bundles = planBundles(plan);
  const firstOf = (kind: number) => letterOf(bundles.slice(0, kind).reduce((sum, { block }) => sum + block.at.length, 0));
  return bundles.flatMap((bundle, kind) =>
    bundle.block.at.map((at, i) => ({
      bundle: letterOf(letter++),
      ...(plan.others ? { piece: bundle.piece.title, layers: layersOf(bundle) } : {}),
      pieces: bundle.block.stacks[i],
      // from the inside corner of what holds them
      at: at.map((one, axis) => one + nearIn(plan)[axis]!),
      ...(plan.shared?.of.includes(kind) ? { shared: { box: plan.shared.key, fill: plan.shared.fill } } : {}),
      ...(bundle.block.within ? { within: firstOf(bundle.block.within.at) } : {}),
      ...(bundle.boxed ? { boxed: { box: bundle.boxed.key, fill: bundle.boxed.fill } } : {}),
      size: bundle.bundleIn,
      weight: bundle.piece.weightLb + bundle.layers.reduce((sum, layer) => sum + layer.weightLb, 0),
      ...(plan.risks ? { chance: plan.risks[kind]!.chance, spoils: plan.risks[kind]!.spoils } : {}),
    })),
  );
}

const layersOf = ({ layers }: Pick<PlanDocument, 'layers'>) =>
  layers.map(({ key, turns, lengthIn, sheets }) => ({ material: key, turns, length: lengthIn, sheets }));

/** What decides whether it breaks: a part of the piece, and of several pieces which. */
function decidesIn(plan: PlanDocument): string {
  const { risks } = plan;
  if (!risks) return plan.piece.governs;
  const most = risks.reduce((worst, { chance }, at) => (chance > risks[worst]!.chance ? at : worst), 0);
  const { title, governs } = planBundles(plan)[most]!.piece;
  return `${title}: ${governs}`;
}

/** A plan in the command line's words. */
const planOf = (plan: PlanDocument) => ({
  layers: layersOf(plan),
  box: plan.box.key,
  newDepth: plan.box.newDepthIn,
  ...(plan.box.shortened ? { shortened: plan.box.shortened } : {}),
  ...(plan.box.crossIn ? { crossIn: plan.box.crossIn } : {}),
  liner: plan.box.liner,
  innerBox: plan.inner?.key ?? null,
  fill: plan.fills.map(({ key, where, units, unitName }) => ({ material: key, where, units, unit: unitName })),
  orientation: plan.choice.orientation,
  bundles: bundlesOf(plan),
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
  decides: decidesIn(plan),
  causes: plan.causes.map(({ key, fate, chance, shareLost }) => ({ cause: key, fate, chance, shareLost })),
  short: [...planBundles(plan).flatMap(({ layers }) => layers), ...plan.fills].filter(({ short }) => short).map(({ key }) => key),
  shock: plan.shock,
});
