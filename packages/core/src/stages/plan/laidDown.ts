import type { PlanOption } from '../frontier/PlanOption.ts';
import { isBetterSo } from './isBetterSo.ts';
import { piecesOf, type PlanRequest } from './PlanRequest.ts';

/** Above the ceiling it is asked where lying leaves no more than this share of the chance; judgement. */
const MUCH_SAFER = 1 / 2;

/**
 * A request in which nothing keeps its way up; null where nothing does. A tall piece that stands goes into few boxes, and with little
 * under it and above; whether it may lie is for whoever has it in hand to say.
 */
export function mayLie(request: PlanRequest): PlanRequest | null {
  if (!piecesOf(request).some(({ keepUpright }) => keepUpright)) return null;
  const held = new Set(request.pieceIds);
  const pieces = request.order.pieces.map((piece) => (held.has(piece.id) ? { ...piece, keepUpright: false } : piece));
  return { ...request, order: { ...request.order, pieces } };
}

type Figures = Pick<PlanOption, 'expectedMinor' | 'chance'>;

/**
 * True of a nest in which all may lie that is worth asking for beside the one in which some stand: cheaper, with what is expected to
 * break, or above the ceiling much safer.
 *
 * @param standing null where there is none
 */
export const isWorthLaying = (lying: Figures, standing: Figures | null, ceiling: number): boolean =>
  (standing !== null && standing.chance > ceiling && lying.chance <= MUCH_SAFER * standing.chance) || isBetterSo(lying, standing, ceiling);
