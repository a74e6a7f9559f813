import { asWish, STANDING_RULES, wishesOf } from '../../engineering/stowage/standingRules.ts';
import type { PieceFacts } from '../sale/Order.ts';
import { worthMinor } from '../sale/worth.ts';
import { piecesOf, type PlanRequest } from './PlanRequest.ts';

/** Of fewer none stands between others. */
const LEAST_SEVERAL = 3;

/**
 * A parcel's pieces as they are wanted to stand: as somebody said of each; where the house has it so, the dearest of three different
 * ones and more stands between the others, unless somebody said where it stands, or another is as dear. Common practice, no source:
 * what is in the middle is farthest from every blow.
 */
export function wishedPieces(request: Pick<PlanRequest, 'order' | 'pieceIds' | 'house'>): readonly [PieceFacts, ...PieceFacts[]] {
  const facts = piecesOf(request);
  if (!request.house.dearestBetween || facts.length < LEAST_SEVERAL) return facts;
  const worth = facts.map((one) => worthMinor(one, request.order) / one.count);
  const [first, second] = [...worth].sort((a, b) => b - a) as [number, number];
  const dearest = worth.indexOf(first);
  const wishes = wishesOf(facts[dearest]!.standing);
  if (first === second || wishes.some((rule) => STANDING_RULES[rule].lies === null)) return facts;
  const placed = (one: PieceFacts, at: number): PieceFacts => (at === dearest ? { ...one, standing: asWish([...wishes, 'between']) } : one);
  const [one, ...others] = facts;
  return [placed(one, 0), ...others.map((other, i) => placed(other, i + 1))];
}
