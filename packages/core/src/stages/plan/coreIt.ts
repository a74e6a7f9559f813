import type { BoxStock } from '../../engineering/materials/stock.ts';
import { roomInside } from '../box/roomInside.ts';
import { isCore } from '../box/core.ts';
import { isEnvelope } from '../box/makeShell.ts';
import { orientationsOf } from '../box/orientationsOf.ts';
import { recommend, type Recommendation } from '../frontier/recommend.ts';
import type { PlanChoice, PlanOption } from '../frontier/PlanOption.ts';
import type { NoPlan } from './explainNoPlan.ts';
import { inBox } from './inBox.ts';
import { piecesOf, type PlanRequest } from './PlanRequest.ts';
import type { Deriver } from './derivePlan.ts';
import { soundOptions } from './soundOptions.ts';
import { boxesOf, fillsOf } from './stockFor.ts';

/** Boxes that are tried round a core, the smallest that take it first, and nests whose fills are looked at more closely. */
const MOST_BOXES = 6;
const MOST_LOOKED_AT = 3;

/** The tubes a request may use as a core: the pinned one, else those on hand where the house has them. */
export const coresOf = ({ stock, house, locks }: PlanRequest): readonly BoxStock[] =>
  locks.inner !== undefined
    ? stock.boxes.filter((box) => isCore(box) && box.key === locks.inner)
    : house.cores && house.innerBoxes
      ? stock.boxes.filter((box) => isCore(box) && box.onHand > 0 && !locks.without?.includes(box.key))
      : [];

/** True where somebody has pinned a tube as the inner box. */
export const pinsCore = ({ stock, locks }: PlanRequest): boolean => stock.boxes.some((box) => isCore(box) && box.key === locks.inner);

/** Why there is no nest in the tube somebody has pinned. */
export const noCore = ({ stock, locks }: PlanRequest): NoPlan => ({
  kind: 'noPlan',
  reasons: [`${stock.boxes.find(({ key }) => key === locks.inner)!.name} goes into no box on hand with it inside`],
  wouldHelp: ['a longer or wider tube, a turn less, or no core'],
});

/** The request as the search takes it: a pinned tube is put in afterwards, round what was found. */
export const withoutCore = (request: PlanRequest): PlanRequest => {
  if (!pinsCore(request)) return request;
  const { inner: _tube, ...locks } = request.locks;
  return { ...request, locks };
};

/**
 * The wraps of a nest in a rigid core that stands in its box from end to end, where the house has tubes and that comes out
 * better, or where somebody has pinned one; the nest itself where it does not. The search itself knows no cores, since one is
 * cut to the box it goes into.
 *
 * @param ceiling chance above which a nest is recommended only where none is below it
 * @returns null where one must be and none goes into a box with what it is to hold
 */
export function coreIt(request: PlanRequest, found: Recommendation, ceiling: number, derive: Deriver): Recommendation | null {
  const tubes = coresOf(request);
  if (tubes.length === 0) return found;
  const { house, locks, stock } = request;
  // somebody has pinned one, or the house wants something round everything
  const must = pinsCore(request) || (house.floats && !found.option.choice.inner);
  const sound = soundOptions(request, derive);
  const fills = fillsOf(stock, house, locks, locks.fill ?? undefined);
  const within = fillsOf(stock, house, locks, locks.innerFill);
  const sounds = (choices: readonly PlanChoice[]): PlanOption[] => choices.flatMap((choice) => sound(choice) ?? []);
  const cheapest = (options: readonly PlanOption[]) => [...options].sort((a, b) => a.expectedMinor - b.expectedMinor);
  const first = tubes.flatMap((tube) => {
    let boxes = 0;
    return boxesRound(request, tube).flatMap((box) => {
      if (boxes === MOST_BOXES) return [];
      const tried = sounds(
        lyingWays(request, found.option.choice).flatMap((choice) =>
          inBox(choice, box, request).flatMap((one) =>
            within.map(({ key }) => ({ ...one, inner: { box: tube.key, fill: key }, fill: one.fill ?? key })),
          ),
        ),
      );
      if (tried.length > 0) boxes++;
      return tried;
    });
  });
  const looked = cheapest(first)
    .slice(0, MOST_LOOKED_AT)
    .flatMap(({ choice }) => sounds(fills.filter(({ key }) => key !== choice.fill).map(({ key }) => ({ ...choice, fill: key }))));
  const cored = [...first, ...looked];
  if (must) return recommend(cored, ceiling, house);
  return recommend([found.option, ...cored], ceiling, house)!;
}

/** The shop's own boxes a tube goes into, the smallest first; the pinned one whatever it is. */
function boxesRound(request: PlanRequest, tube: BoxStock): BoxStock[] {
  const { box: pinned } = request.locks;
  return boxesOf(request)
    .boxes.filter((box) => !isEnvelope(box) && box.container === null && (pinned === undefined ? box.onHand > 0 : box.key === pinned))
    .filter(({ insideIn }) => Math.min(...insideIn) > tube.insideIn[1])
    .sort((a, b) => roomInside(a) - roomInside(b));
}

/** A nest lying each way its first piece may, or as somebody pinned it; without what belongs to its box. */
function lyingWays(request: PlanRequest, choice: PlanChoice): PlanChoice[] {
  const bare: PlanChoice = { ...choice, liner: false, board: false, baseGapIn: null };
  if (choice.others || request.locks.orientation) return [bare];
  return orientationsOf(piecesOf(request)[0]).map((orientation) => ({ ...bare, orientation }));
}
