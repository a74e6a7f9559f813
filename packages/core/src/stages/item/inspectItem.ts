import { criticalGForSize, FRAGILITY_SPREAD } from '../../engineering/cushion/fragility.ts';
import { ARCHETYPES } from '../../engineering/pieces/archetypes.ts';
import { bearingFractions, formAxis, FORMS } from '../../engineering/pieces/forms.ts';
import {
  FACE_AXIS,
  GUARDS,
  guardLengthAdvisedIn,
  HARD_POINTS,
  shareLeft,
  type Face,
  type HardPoint,
} from '../../engineering/pieces/hardPoints.ts';
import type { Triple } from '../../engineering/geometry/wrapLayer.ts';
import { evenStacks } from '../../engineering/stowage/Block.ts';
import { ORDINARY_FILLS } from '../../engineering/materials/ordinaryStock.ts';
import { IN3_PER_FT3, IN_PER_FT } from '../../units/index.ts';
import type { Along, Hollow, Order, PieceFacts } from '../sale/Order.ts';
import { goesWhole, worthBeside, worthMinor } from '../sale/worth.ts';
import { withAdded, type Added } from './addedTo.ts';
import { guessMissing } from './guessMissing.ts';
import { stackedIn } from './stackedIn.ts';
import type { InspectedPiece } from './InspectedPiece.ts';

/** What is left of the strength round an unfilled hollow; judgement. */
export const UNFILLED_HOLLOW_SHARE = 0.9;

/**
 * Looks one piece over: size, weight, bearing, strength and what decides it.
 *
 * @param added what a plan puts on it beyond what is there
 */
export function inspectItem(order: Order, told: PieceFacts, added: Added = {}): InspectedPiece {
  const facts = withAdded(told, added);
  const archetype = ARCHETYPES[facts.archetype];
  const form = facts.form ?? archetype.form;
  const one = guessMissing(facts, archetype);
  const { guessed } = one;
  const stacks = evenStacks(facts.count, facts.stackOf);
  const sizeIn = stackedIn(one.sizeIn, stacks[0]!, facts.nestStepIn);
  // what is stacked weighs alike, so that all of it weighs what it does
  const weightLb = facts.stackOf === 1 ? one.weightLb : (one.weightLb * facts.count) / stacks.length;
  const { fragility } = archetype;
  const bodyG = fragility && criticalGForSize(fragility.referenceG, Math.max(...sizeIn), fragility.sizeExponent);
  const weakest = weakestPart(facts);
  return {
    order,
    facts,
    added,
    archetype,
    form,
    sizeIn,
    oneIn: one.sizeIn,
    stacks,
    guardedSizeIn: withGuards(sizeIn, facts.hardPoints),
    weightLb,
    guessed,
    wrapAxis: FORMS[form].section === 'cylinder' ? formAxis(form, sizeIn) : (sizeIn.indexOf(Math.max(...sizeIn)) as 0 | 1 | 2),
    bearing: bearingFractions(form, sizeIn),
    bodyG,
    criticalG: bodyG === null ? null : bodyG * weakest.share,
    spread: FRAGILITY_SPREAD,
    ownHeightIn: (fragility?.ownHeightIn ?? 0) * weakest.share,
    governs: weakest.name,
    guards: sumUp([...facts.hardPoints.flatMap(guardOf), ...facts.hollows.flatMap(hollowFill)]),
    along: sumAlong(facts.along),
    replacementMinor: worthMinor(facts, order),
    goesWhole: goesWhole(facts, order),
    besideMinor: worthBeside(facts, order),
  };
}

const sumAlong = (along: readonly Along[]): InspectedPiece['along'] => ({
  weightLb: along.reduce((sum, { count, weightLb }) => sum + count * (weightLb ?? 0), 0),
  roomIn3: roomOf(along),
  withinIn3: roomOf(along.filter(({ place }) => place === 'inner')),
});

const roomOf = (along: readonly Along[]): number =>
  along.reduce((sum, { count, sizeIn }) => sum + (sizeIn ? count * sizeIn[0] * sizeIn[1] * sizeIn[2] : 0), 0);

/** The knock-down acts on every face, since it is inertia; the weakest governs. */
function weakestPart(facts: PieceFacts): { share: number; name: string } {
  const parts = facts.hardPoints.map((point) => ({ share: shareLeft(point), name: `the ${HARD_POINTS[point.kind].name}` }));
  const hollows = facts.hollows
    .filter((hollow) => !hollow.filled)
    .map((hollow) => ({ share: UNFILLED_HOLLOW_SHARE, name: `the hollow (${hollow.name})` }));
  return [...parts, ...hollows].reduce((weakest, part) => (part.share < weakest.share ? part : weakest), { share: 1, name: 'the body' });
}

/** Each side grows by the thickest guard on either of its faces. */
function withGuards(sizeIn: Triple, points: readonly HardPoint[]): Triple {
  const thickest: Partial<Record<Face, number>> = {};
  for (const point of points) {
    if (point.guard) thickest[point.face] = Math.max(thickest[point.face] ?? 0, GUARDS[point.guard].thicknessIn);
  }
  const grown: [number, number, number] = [...sizeIn];
  for (const [face, thickness] of Object.entries(thickest)) grown[FACE_AXIS[face as Face]] += thickness;
  return grown;
}

type Weighed = InspectedPiece['guards'];

function guardOf(point: HardPoint): Weighed[] {
  if (!point.guard) return [];
  const guard = GUARDS[point.guard];
  const feet = (point.guardLengthIn ?? guardLengthAdvisedIn(point)) / IN_PER_FT;
  return [{ weightLb: guard.lbEach + guard.lbPerFt * feet, costMinor: guard.minorEach + guard.minorPerFt * feet, minutes: guard.minutes }];
}

/** What a hollow is filled with; nothing while it is empty. */
function hollowFill({ filled, volumeIn3, material }: Hollow): Weighed[] {
  const fill = ORDINARY_FILLS[material ?? 'crumpledPaper'];
  const ft3 = volumeIn3 / IN3_PER_FT3;
  return filled ? [{ weightLb: ft3 * fill.lbPerFt3, costMinor: ft3 * fill.minorPerFt3, minutes: ft3 * fill.minutesPerFt3 }] : [];
}

const sumUp = (parts: readonly Weighed[]): Weighed =>
  parts.reduce(
    (sum, one) => ({
      weightLb: sum.weightLb + one.weightLb,
      costMinor: sum.costMinor + one.costMinor,
      minutes: sum.minutes + one.minutes,
    }),
    { weightLb: 0, costMinor: 0, minutes: 0 },
  );
