import type { PieceFacts } from '../sale/Order.ts';
import type { ChangeKind } from './ChangeKind.ts';
import type { PlanRequest } from './PlanRequest.ts';

/** The request a change leaves behind: guards and filled hollows are facts of the piece; every other change leaves it as it is. */
export function requestAfter(request: PlanRequest, change: ChangeKind): PlanRequest {
  switch (change.kind) {
    case 'hollow':
      return withPiece(request, change.bundle, ({ hollows }) => ({
        hollows: hollows.map((one) => (one.id === change.hollowId ? { ...one, filled: true } : one)),
      }));
    case 'guard':
      return withPiece(request, change.bundle, ({ hardPoints }) => ({
        hardPoints: hardPoints.map((one) => (one.id === change.hardPointId ? { ...one, guard: change.guard } : one)),
      }));
    default:
      return request;
  }
}

const withPiece = (request: PlanRequest, bundle = 0, next: (facts: PieceFacts) => Partial<PieceFacts>): PlanRequest => ({
  ...request,
  order: {
    ...request.order,
    pieces: request.order.pieces.map((facts) => (facts.id === request.pieceIds[bundle] ? { ...facts, ...next(facts) } : facts)),
  },
});
