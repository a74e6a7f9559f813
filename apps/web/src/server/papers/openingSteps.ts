import {
  HARD_POINTS,
  laidOf,
  letterOf,
  lower,
  movedAs,
  planBundles,
  standingIn,
  type PlanBundle,
  type PlanDocument,
} from '@inch-nest/core';
import { countOfPlan } from '../../drawings/nestGeometry.ts';
import { lettersOf } from '../../words/wrapWords.ts';

/**
 * What the buyer does, outermost first: the plan backwards.
 *
 * @param along what goes with the piece, to be looked for before the fill is thrown away
 */
export function openingSteps(plan: PlanDocument, along: readonly string[] = []): string[] {
  const { inner, fills, box } = plan;
  const bundles = planBundles(plan);
  const count = countOfPlan(plan);
  const { around } = plan;
  const lift =
    around && !around.some
      ? `Lift the whole out with both hands and unwind the ${around.name.toLowerCase()} that holds them together: ${count} bundles come apart.`
      : liftWords(bundles, count, plan);
  const onTop = fills.find((fill) => fill.where === 'outer' && fill.topFt3 > 0);
  const letters = lettersOf(bundles);
  return [
    box.style === 'slotted' ? 'Cut the tape only: the blade no deeper than the board.' : 'Open the envelope at one end.',
    ...(box.crossIn === undefined ? [] : ['Lift out the cross of board.']),
    ...(plan.tubes ? ['Pull the foam tubes out of the corners.'] : []),
    ...(onTop ? [`Take out the ${onTop.name.toLowerCase()} on top.`] : []),
    ...(inner
      ? [
          inner.core ? 'Lift out the tube; push what is in it out from one end.' : 'Lift out the inner box and open it the same way.',
          ...(count > 1 ? [lift] : []),
        ]
      : [lift]),
    ...(along.length > 0 ? [`Look for what goes with it: ${along.join(', ')}.`] : []),
    ...(bundles.length === 1
      ? unwindSteps(bundles[0])
      : bundles.map((bundle, at) => `${letters[at]!}, ${bundle.piece.title}: ${lower(unwindSteps(bundle, true).join(' '))}`)),
  ];
}

/** The last that was put in comes out first. */
function liftWords(bundles: readonly PlanBundle[], count: number, plan: PlanDocument): string {
  const { around, shared } = plan;
  if (count === 1) return 'Lift the bundle out with both hands.';
  if (bundles.length === 1) {
    const nested = bundles[0]!.block.pitchIn ? ': they stand in one another' : '';
    return `Lift out ${count} bundles, ${letterOf(count - 1)} first, A last${nested}.`;
  }
  const letters = lettersOf(bundles);
  // what goes in as one comes out as one
  const some = around?.of && around.some ? { of: around.of, atIn: around.some.atIn } : (shared ?? null);
  const nearest = (at: number) => (some?.of.includes(at) ? some.atIn : bundles[at]!.block.at[0]!);
  const out = bundles
    .map((_, at) => {
      // what stands in another comes out before that
      const root = movedAs(plan, at);
      return { at, root, corner: nearest(root), deep: standingIn(plan, root).indexOf(at) };
    })
    .sort(
      (a, b) =>
        b.corner[2] - a.corner[2] ||
        b.corner[1] - a.corner[1] ||
        b.corner[0] - a.corner[0] ||
        b.root - a.root ||
        b.deep - a.deep ||
        b.at - a.at,
    )
    .map(({ at }) => letters[at]!);
  const of = some?.of.map((at) => letters[at]!) ?? [];
  const last = out.find((one) => of.includes(one));
  const as = of.join(' and ');
  const asOne = shared ? `the ${shared.core ? 'tube' : 'box'} of ${as}` : `${as} as one`;
  const inTurn = out.flatMap((one) => (one === last ? [asOne] : of.includes(one) ? [] : [one]));
  const opened = shared?.core ? ` Push ${as} out of their tube from one end.` : shared ? ` Open the box of ${as} the same way.` : '';
  const apart = around?.of ? ` Unwind the ${around.name.toLowerCase()} that holds ${as} together.` : opened;
  const within = bundles.flatMap(({ block }, at) => (block.within ? `${letters[at]!} in ${letters[block.within.at]!}` : []));
  const nested = within.length > 0 ? `; they stand in one another, ${within.join(', ')}` : '';
  return `Lift out ${count} bundles, one after the other: ${inTurn.join(', ')}${nested}.${apart}`;
}

/**
 * What is done with one bundle.
 *
 * @param inOne layers that are taken off alike are told in one sentence
 */
function unwindSteps({ layers, piece, block, boxed, interleaved }: PlanBundle, inOne = false): string[] {
  const count = block.stacks.length;
  const of = count === 1 ? '' : ' from each';
  const takenOff = ({ stiff, sleeve, tape }: PlanBundle['layers'][number]) => ({
    does: sleeve ? 'Slide it out of' : stiff ? 'Take off' : 'Unwind',
    tape: tape.easyOff ? 'the tape peels off' : 'cut the tape, away from the piece',
  });
  const together: { does: string; tape: string; what: string[] }[] = [];
  for (const layer of [...layers].reverse()) {
    const { does, tape } = takenOff(layer);
    const last = together.at(-1);
    if (inOne && last?.does === does && last.tape === tape) last.what.push(laidOf(layer));
    else together.push({ does, tape, what: [laidOf(layer)] });
  }
  return [
    ...(boxed ? [count === 1 ? 'Open its box the same way and lift it out.' : 'Open each box the same way and lift it out.'] : []),
    ...together.map(({ does, tape, what }) => `${does} ${what.join(', then ')}${of}; ${tape}.`),
    ...piece.hardPoints.filter((point) => point.guard).map((point) => `Take the guard off the ${HARD_POINTS[point.kind].name} last.`),
    ...(block.pieces > count
      ? [
          `Take the tape off ${count === 1 ? 'the stack before it is' : 'the stacks before they are'} lifted apart${interleaved ? '; a sheet lies between each two' : ''}.`,
        ]
      : []),
  ];
}
