import type { Minor } from '../../units/index.ts';
import type { ChosenPlan } from './choosePlan.ts';
import type { PlanRequest } from './PlanRequest.ts';

/** The nest of what keeps its way up, if it might lie. */
export interface LaidDown {
  readonly chance: number;
  /** Against the safest nest of the stockroom in which it stands. */
  readonly deltaCostMinor: Minor;
}

/** Whether a thing may lie is for whoever has it in hand to say: it is asked where that leaves no more than this share of the chance; judgement. */
const WORTH_ASKING = 1 / 2;

/**
 * What laying down would bring where nothing in the stockroom stays below the ceiling: a tall piece that keeps its way up
 * goes into few boxes, and with little under it and above. Null where nothing keeps its way up, or where it would bring little.
 *
 * @param plan plans a request to the end
 */
export function bestLaidDown(
  request: PlanRequest,
  { recommended }: Extract<ChosenPlan, { kind: 'planned' }>,
  plan: (request: PlanRequest) => ChosenPlan,
): LaidDown | null {
  const { order } = request;
  if (!order.pieces.some(({ keepUpright }) => keepUpright)) return null;
  const pieces = order.pieces.map((piece) => ({ ...piece, keepUpright: false }));
  const lying = plan({ ...request, order: { ...order, pieces } });
  if (lying.kind !== 'planned' || lying.recommended.chance > WORTH_ASKING * recommended.chance) return null;
  const { chance, nestCostMinor } = lying.recommended;
  return { chance, deltaCostMinor: nestCostMinor - recommended.nestCostMinor };
}
