import { criticalGForSize, FRAGILITY_SPREAD } from '../../engineering/cushion/fragility.ts';
import { ARCHETYPES } from '../../engineering/pieces/archetypes.ts';
import { bearingFractions, formAxis, FORMS } from '../../engineering/pieces/forms.ts';
import { GUARDS, guardLengthAdvisedIn, HARD_POINTS, type Face, type HardPoint } from '../../engineering/pieces/hardPoints.ts';
import type { Triple } from '../../engineering/geometry/wrapLayer.ts';
import { IN_PER_FT } from '../../units/index.ts';
import type { Order, PieceFacts } from '../sale/Order.ts';
import { guessMissing } from './guessMissing.ts';
import type { InspectedPiece } from './InspectedPiece.ts';

/** What is left of the strength round an unfilled hollow; judgement. */
export const UNFILLED_HOLLOW_SHARE = 0.9;

const FACE_AXIS: Readonly<Record<Face, 0 | 1 | 2>> = { left: 0, right: 0, front: 1, back: 1, bottom: 2, top: 2 };

/** Looks one piece over: size, weight, bearing, strength and what decides it. */
export function inspectItem(order: Order, facts: PieceFacts): InspectedPiece {
  const archetype = ARCHETYPES[facts.archetype];
  const form = facts.form ?? archetype.form;
  const { sizeIn, weightLb, guessed } = guessMissing(facts, archetype);
  const bodyG = archetype.referenceG === null ? null : criticalGForSize(archetype.referenceG, Math.max(...sizeIn));
  const weakest = weakestPart(facts);
  return {
    order,
    facts,
    archetype,
    form,
    sizeIn,
    guardedSizeIn: withGuards(sizeIn, facts.hardPoints),
    weightLb,
    guessed,
    wrapAxis: FORMS[form].section === 'cylinder' ? formAxis(form, sizeIn) : (sizeIn.indexOf(Math.max(...sizeIn)) as 0 | 1 | 2),
    bearing: bearingFractions(form, sizeIn),
    bodyG,
    criticalG: bodyG === null ? null : bodyG * weakest.share,
    spread: FRAGILITY_SPREAD,
    governs: weakest.name,
    guards: guardTotals(facts.hardPoints),
    replacementMinor: facts.replacementMinor ?? Math.round(order.soldMinor / order.pieces.length),
  };
}

/** The knock-down acts on every face, since it is inertia; the weakest governs. */
function weakestPart(facts: PieceFacts): { share: number; name: string } {
  const parts = facts.hardPoints.map((point) => {
    const data = HARD_POINTS[point.kind];
    return { share: point.guard ? data.guardedShare : data.bareShare, name: `the ${data.name}` };
  });
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

function guardTotals(points: readonly HardPoint[]): InspectedPiece['guards'] {
  const totals = { weightLb: 0, costMinor: 0, minutes: 0 };
  for (const point of points) {
    if (!point.guard) continue;
    const guard = GUARDS[point.guard];
    const feet = (point.guardLengthIn ?? guardLengthAdvisedIn(point)) / IN_PER_FT;
    totals.weightLb += guard.lbEach + guard.lbPerFt * feet;
    totals.costMinor += guard.minorEach + guard.minorPerFt * feet;
    totals.minutes += guard.minutes;
  }
  return totals;
}
