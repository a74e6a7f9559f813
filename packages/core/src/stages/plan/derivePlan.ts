import { HEAVIEST_LB } from '../../engineering/journey/dropSchedule.ts';
import { isEnvelope } from '../box/makeShell.ts';
import { stowAsTold } from '../box/stowAsTold.ts';
import { fillVoids } from '../fill/fillVoids.ts';
import { judgePlan } from '../frontier/judgePlan.ts';
import type { PlanChoice, PlanOption } from '../frontier/PlanOption.ts';
import { inspectItem } from '../item/inspectItem.ts';
import { carriages, rateParcel } from '../rate/rateParcel.ts';
import { readSale } from '../sale/readSale.ts';
import { weighParcel } from '../weight/weighParcel.ts';
import { wrapItem } from '../wrap/wrapItem.ts';
import type { PlanRequest } from './PlanRequest.ts';
import { boxesOf } from './stockFor.ts';

/** A choice worked out, or why it cannot be carried out at all. */
export type Derived =
  { readonly kind: 'plan'; readonly option: PlanOption } | { readonly kind: 'noPlan'; readonly reasons: readonly string[] };

const none = (...reasons: string[]): Derived => ({ kind: 'noPlan', reasons });

/**
 * Works one choice out through every stage, as the search does for each of its own. A nest that breaks a
 * rule is still worked out; its faults are in its document.
 */
export function derivePlan(request: PlanRequest, choice: PlanChoice): Derived {
  const { stock, house, cards } = request;
  const order = readSale(request.order);
  const facts = order.pieces.find((piece) => piece.id === request.pieceId);
  if (!facts) throw new RangeError(`pieceId must be one of the order’s pieces, not ${request.pieceId}`);
  const missing = choice.layers.find((layer) => !stock.wraps.some((wrap) => wrap.key === layer.material));
  if (missing) return none(`${missing.material} is not in the stockroom`);
  const { boxes } = boxesOf({ stock, cards, locks: {} });
  const box = boxes.find((one) => one.key === choice.box);
  const inner = choice.inner && boxes.find((one) => one.key === choice.inner!.box);
  if (!box || inner === undefined) return none('that box is not in the stockroom');
  const fill = isEnvelope(box) ? null : stock.fills.find((one) => one.key === choice.fill);
  const innerFill = choice.inner && stock.fills.find((one) => one.key === choice.inner!.fill);
  if (fill === undefined || innerFill === undefined) return none('that fill is not in the stockroom');
  if (choice.liner && !stock.linerBoard) return none('there is no board for a liner');
  const piece = inspectItem(order, facts);
  const wrapped = wrapItem(piece, choice.layers, stock, house);
  const stowed = stowAsTold(wrapped, {
    ...choice,
    inner,
    box,
    liner: choice.liner ? stock.linerBoard : null,
  });
  if (!stowed) return none(`the bundle does not go into ${inner ? inner.name : box.name} so`);
  if (Object.values(stowed.gaps).some((gap) => gap < -1e-9) || Object.values(stowed.inner?.gaps ?? {}).some((gap: number) => gap < 0))
    return none(`the bundle does not go into ${inner ? inner.name : box.name}`);
  const weighed = weighParcel(fillVoids(stowed, fill, innerFill, house), stock, house);
  if (weighed.grossLb > HEAVIEST_LB) return none(`${weighed.grossLb.toFixed(0)} lb is more than the ${HEAVIEST_LB} lb the model knows`);
  const { rated, refused } = rateParcel(
    weighed,
    carriages(cards, piece, house, {
      service: choice.service,
      coverAdded: choice.coverAdded,
      signature: choice.signature,
    }),
  );
  const one = rated[0];
  return one
    ? { kind: 'plan', option: judgePlan(one, choice.baseGapIn, house) }
    : none(...refused().map((refusal) => `${refusal.serviceName}: ${refusal.refused}`));
}
