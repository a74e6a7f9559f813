import { HEAVIEST_LB } from '../../engineering/journey/dropSchedule.ts';
import { stow } from '../box/stowInBox.ts';
import { fillVoids } from '../fill/fillVoids.ts';
import { rateParcel } from '../rate/rateParcel.ts';
import { weighParcel } from '../weight/weighParcel.ts';
import { judgeParcel } from './judgeParcel.ts';
import { everyHeld, fillFinder, looksAtBoxed, shellFinder, type PlanSpace } from './PlanSpace.ts';
import { certificateHolds } from './quietCauses.ts';
import { ceilingOfAll } from './recommend.ts';
import { startTrace, type TraceProgress, type Traced } from './Trace.ts';

const BREATHE_EVERY = 16;

/**
 * Works out every plan there is, one after the other: what the space means, and the slow twin that
 * `searchPruned` is checked against.
 */
export function* searchEvery(space: PlanSpace): Generator<TraceProgress, Traced> {
  const { house, carriages } = space;
  const trace = startTrace(house, ceilingOfAll(space.pieces, house));
  const shellsOf = shellFinder(space);
  const fills = fillFinder(space);
  let batch = 0;
  let boxedToo: boolean | null = null;
  for (const held of everyHeld(space)) {
    // whether a box in a box is looked at is settled by what travels without one
    if (held.inner && !(boxedToo ??= looksAtBoxed(space, trace.isBelowCeiling()))) break;
    for (const shell of shellsOf(held)) {
      const stowed = stow(held, shell);
      for (const innerFill of fills.inner(held)) {
        for (const fill of fills.outer(held, shell)) {
          if (++batch % BREATHE_EVERY === 0) yield trace.progress();
          trace.considered += carriages.length;
          const weighed = weighParcel(fillVoids(stowed, fill, innerFill, house), space.tapes, house);
          if (weighed.grossLb > HEAVIEST_LB || !certificateHolds(weighed)) continue;
          const judge = judgeParcel(weighed, house);
          for (const rated of rateParcel(weighed, carriages).rated) trace.keep(judge(rated));
        }
      }
    }
  }
  return trace.found();
}
