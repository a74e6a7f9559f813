import { BOARD_GRADES } from '../../engineering/materials/boardGrades.ts';
import type { Triple } from '../../engineering/geometry/wrapLayer.ts';
import type { BoxStock } from '../../engineering/materials/stock.ts';
import type { Minor } from '../../units/index.ts';
import { AS_IT_STANDS } from '../box/BoxChoices.ts';
import type { ChosenPlan } from './choosePlan.ts';
import type { PlanRequest } from './PlanRequest.ts';

/** A box nobody has, with which the ceiling would hold. */
export interface BoxToGet {
  readonly insideIn: Triple;
  readonly wall: 'single' | 'double';
  readonly chance: number;
  /** Against the safest nest of the stockroom. */
  readonly deltaCostMinor: Minor;
}

type Planned = Extract<ChosenPlan, { kind: 'planned' }>;

/** Bedding that is tried, from less to more, inches. */
const BEDDINGS_IN = [2, 3, 4];
/** What a box is taken to cost, by the board in it; judgement. */
const MINOR_PER_FT2 = 22;

/**
 * The least box that would bring the chance below the ceiling where nothing in the stockroom does: a little more
 * bedding round the safest nest, then more, in single board and in double; null where none of them does.
 *
 * @param chosen the planning that stayed above its ceiling
 * @param plan plans a request to the end
 */
export function leastBoxToGet(request: PlanRequest, chosen: Planned, plan: (request: PlanRequest) => ChosenPlan): BoxToGet | null {
  const { recommended, ceiling } = chosen;
  const { stowed } = recommended.rated.weighed.filled;
  const heldIn = stowed.inner?.outsideIn ?? stowed.blockIn;
  for (const gapIn of BEDDINGS_IN) {
    const insideIn = insideRound(heldIn, gapIn);
    for (const grade of ['ordinary', 'double'] as const) {
      const box = boxNotHeld(insideIn, grade);
      const answer = plan({
        ...request,
        stock: { ...request.stock, boxes: [...request.stock.boxes, box] },
        locks: { ...request.locks, box: box.key, liner: false, ...AS_IT_STANDS },
      });
      if (answer.kind === 'planned' && answer.recommended.chance <= ceiling)
        return {
          insideIn,
          wall: box.board.wall,
          chance: answer.recommended.chance,
          deltaCostMinor: answer.recommended.nestCostMinor - recommended.nestCostMinor,
        };
    }
  }
  return null;
}

/** Inside of the least box in whole inches that leaves so much bedding round something. */
export function insideRound(heldIn: Triple, gapIn: number): Triple {
  const [l, w, d] = heldIn.map((side) => Math.ceil(side + 2 * gapIn - 1e-9)) as unknown as Triple;
  return [Math.max(l, w), Math.min(l, w), d];
}

/** A box nobody has, at what its board is taken to cost. */
export function boxNotHeld(insideIn: Triple, grade: 'ordinary' | 'double'): BoxStock {
  const [l, w, d] = insideIn;
  return {
    key: 'to-get',
    name: insideIn.join('×'),
    insideIn,
    measuredOutsideIn: null,
    board: BOARD_GRADES[grade],
    priceMinor: Math.round(((2 * (l + w) * (d + w)) / 144) * MINOR_PER_FT2 * (grade === 'double' ? 2 : 1)),
    earlierUses: 0,
    onHand: 1,
    style: 'slotted',
    container: null,
  };
}
