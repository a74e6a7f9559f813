import { ARCHETYPES } from '../../engineering/pieces/archetypes.ts';
import { isFlatWare } from '../../engineering/pieces/flatWare.ts';
import { asWish, STANDING_RULES, wishesOf } from '../../engineering/stowage/standingRules.ts';
import type { House } from '../../house/House.ts';
import { guessMissing } from '../item/guessMissing.ts';
import type { PieceFacts } from '../sale/Order.ts';
import { worthMinor } from '../sale/worth.ts';
import { piecesOf, type PlanRequest } from './PlanRequest.ts';

/** Of fewer none stands between others. */
const LEAST_SEVERAL = 3;

/**
 * A parcel's pieces as they are wanted to stand: as somebody said of each, else as the house has it.
 */
export function wishedPieces(request: Pick<PlanRequest, 'order' | 'pieceIds' | 'house'>): readonly [PieceFacts, ...PieceFacts[]] {
  const [first, ...others] = piecesOf(request);
  const onEdge = (one: PieceFacts): PieceFacts =>
    standsOnEdge(one, request.house) ? { ...one, standing: asWish([...wishesOf(one.standing), 'onEnd']) } : one;
  return withDearestBetween([onEdge(first), ...others.map(onEdge)], request);
}

/** True where the house stands something on edge that somebody else might lay flat. */
export const wishesOnEdge = (request: PlanRequest): boolean => piecesOf(request).some((one) => standsOnEdge(one, request.house));

/**
 * True of several alike that are flat and brittle, of which nobody said how they lie, where the house has none lie on another. Common
 * practice, no source.
 */
export function standsOnEdge(facts: PieceFacts, { platesOnEdge }: Pick<House, 'platesOnEdge'>): boolean {
  if (!platesOnEdge || facts.count === 1 || facts.keepUpright || facts.nestStepIn !== null || !saysNothingOfItsWay(facts)) return false;
  const archetype = ARCHETYPES[facts.archetype];
  return isFlatWare(archetype, guessMissing(facts, archetype).sizeIn);
}

const saysNothingOfItsWay = ({ standing }: PieceFacts): boolean => wishesOf(standing).every((rule) => STANDING_RULES[rule].lies === null);

/**
 * Where the house has it so, the dearest of three different ones and more stands between the others, unless somebody said where it
 * stands, or another is as dear. Common practice, no source: what is in the middle is farthest from every blow.
 */
function withDearestBetween(
  facts: readonly [PieceFacts, ...PieceFacts[]],
  request: Pick<PlanRequest, 'order' | 'house'>,
): readonly [PieceFacts, ...PieceFacts[]] {
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
