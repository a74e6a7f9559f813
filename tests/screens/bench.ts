import {
  derivePlan,
  nextBestChanges,
  planOrByHand,
  writePlanDocument,
  type PlanChoice,
  type PlanDocument,
  type PlanRequest,
} from '@inch-nest/core';
import { packAnswer, type ParcelView, type SearchAnswer } from '@inch-nest/contracts';
import type { NestUse } from '../../apps/web/src/parcel/useNest.ts';
import type { ParcelUse } from '../../apps/web/src/parcel/useParcel.ts';

type Found = Extract<SearchAnswer, { kind: 'planned' }>;
/** One request is searched once, however many tests ask for it. */
const known = new WeakMap<PlanRequest, Found>();

/** A searched request as the planner's worker answers it. */
export function searched(request: PlanRequest): Found {
  const before = known.get(request);
  if (before) return before;
  const steps = planOrByHand(request);
  let step = steps.next();
  while (!step.done) step = steps.next();
  const answer = packAnswer(step.value.chosen, request, step.value.uncarried);
  if (answer.kind !== 'planned') throw new Error('no plan in this sample');
  known.set(request, answer);
  return answer;
}

/** The nest in hand over a searched request: the recommended one, or a choice made by hand. */
export function nestOf(
  request: PlanRequest,
  by: (choice: PlanChoice) => PlanChoice = (choice) => choice,
): { nest: NestUse; taken: PlanChoice[] } {
  const found = searched(request);
  const choice = by(found.recommended.choice);
  const derived = derivePlan(request, choice);
  if (derived.kind === 'noPlan') throw new Error(derived.reasons.join());
  const plan: PlanDocument = writePlanDocument(derived.option, request.house);
  const taken: PlanChoice[] = [];
  const nest = {
    request,
    found,
    searching: false,
    plan,
    choice,
    worked: plan,
    impossible: [],
    changes: nextBestChanges(request, choice),
    refusals: [],
    turned: null,
    cutToIn: null,
    crossOfIn: null,
    shortenTo: [],
    foldTo: null,
    reasons: [],
    wouldHelp: [],
    recommended: found.recommended,
    locks: {},
    isKept: true,
    take: (next: PlanChoice) => taken.push(next),
    change: (next: (choice: PlanChoice) => Partial<PlanChoice>) => taken.push({ ...choice, ...next(choice) }),
    pin: () => {},
    keepAnew: () => {},
    clash: null,
    problem: null,
    settle: () => {},
  } as unknown as NestUse;
  return { nest, taken };
}

const field = (value: unknown) => ({ text: String(value), value, revision: 1, draft: null, by: 'Odile' });

/** A parcel as its page holds it, as far as the slip and the stations read it. */
export function parcelOf({ order }: PlanRequest, life: object = {}): ParcelUse {
  const pieceFields = ({
    title,
    archetype,
    count,
    stackOf,
    interleaf,
    nestStepIn,
    within,
    beside,
    lengthIn,
    widthIn,
    heightIn,
    weightLb,
    partOf,
    keepUpright,
    standing,
    wholeOrNothing,
    hardPoints,
  }: PlanRequest['order']['pieces'][number]) => ({
    title: field(title),
    archetype: field(archetype),
    count: field(count),
    stackOf: field(stackOf),
    interleaf: field(interleaf),
    nestStepIn: field(nestStepIn),
    within: field(within),
    beside: field(beside),
    size: field([lengthIn, widthIn, heightIn]),
    weight: field(weightLb),
    partOf: field(partOf),
    keepUpright: field(keepUpright),
    standing: field(standing),
    wholeOrNothing: field(wholeOrNothing),
    hardPoints: field(hardPoints),
    accessories: field([]),
  });
  const view = {
    id: 'parcel',
    code: '4K7P',
    saleId: order.id,
    bundleId: 'bundle-0',
    pieceId: order.pieces[0]!.id,
    others: order.pieces.slice(1).map((piece, at) => ({ bundleId: `bundle-${at + 1}`, pieceId: piece.id, piece: pieceFields(piece) })),
    share: null,
    elsewhere: [],
    address: { kept: false, revision: 0 },
    set: [],
    sale: {
      soldMinor: field(order.soldMinor),
      paidMinor: field(order.paidMinor),
      shippingCollectedMinor: field(order.shippingCollectedMinor),
      arriveBy: field(null),
      signatureWish: field('none'),
      boxWish: field('none'),
      job: field('sale'),
      destinationPostcode: field(order.destinationPostcode),
      letter: field(null),
      customs: field(null),
    },
    piece: pieceFields(order.pieces[0]!),
    life: { state: 'planned', sealed: false, rate: null, rateStale: false, weighing: null, ...life },
    nest: { revision: 1, choice: null, locks: {}, reasons: [], plan: null },
    undo: 0,
    redo: 0,
  } as unknown as ParcelView;
  return {
    view,
    put: () => {},
    report: () => {},
    step: () => Promise.resolve(),
    keepField: () => {},
    keeper: { pending: [], settle: () => {} },
    offline: false,
  } as unknown as ParcelUse;
}
