import { formatChance } from '../../units/index.ts';
import { AS_IT_STANDS } from '../box/BoxChoices.ts';
import { PACKING_WAYS, packingWay, type PackingWay } from '../box/packingWay.ts';
import { isEnvelope } from '../box/makeShell.ts';
import type { PlanSpace } from '../frontier/PlanSpace.ts';
import type { PlanOption } from '../frontier/PlanOption.ts';
import { evenWithin } from '../frontier/recommend.ts';
import { traceFrontier } from '../frontier/traceFrontier.ts';

/** A way of packing that lost, its best plan if it has one, and why not in one sentence. */
export interface OtherWay {
  readonly way: PackingWay;
  readonly name: string;
  readonly best: PlanOption | null;
  readonly whyNot: string;
}

/** The way a judged plan packs. */
export const wayOf = ({ rated }: PlanOption): PackingWay => {
  const { shell, inner } = rated.weighed.filled.stowed;
  return packingWay(shell, inner);
};

/**
 * One sentence for each way of packing that lost to a plan: what its own best plan costs more or risks
 * more, or why it cannot be done at all. House rules that forbid a way are lifted for the comparison.
 *
 * @param money writes minor units as a person reads them
 */
export function* otherWays(space: PlanSpace, recommended: PlanOption, money: (minor: number) => string): Generator<unknown, OtherWay[]> {
  const own = wayOf(recommended);
  const found: OtherWay[] = [];
  for (const { key, name } of PACKING_WAYS) {
    if (key === own) continue;
    const traced = yield* traceFrontier(allowing(space, key));
    const best = traced.best?.option ?? null;
    found.push({ way: key, name, best, whyNot: best ? compare(best, recommended, money) : impossible(space, key) });
  }
  return found;
}

/** The space with one way alone, whatever the house thinks of it. */
const allowing = (space: PlanSpace, way: PackingWay): PlanSpace => ({
  ...space,
  way,
  house: {
    ...space.house,
    innerBoxes: way === 'boxInBox' || (way === 'carrierBox' && space.house.innerBoxes),
    floats: way === 'boxInBox',
    liners: way === 'lined' ? 'always' : 'never',
    cutsDown: way === 'cutDown',
  },
  // what was pinned stays pinned, but for the choice that makes the way
  locks: Object.fromEntries(
    Object.entries(space.locks).filter(([lock]) => !(lock === 'inner' || lock === 'liner' || lock in AS_IT_STANDS)),
  ),
});

function compare(best: PlanOption, recommended: PlanOption, money: (minor: number) => string): string {
  const dearer = best.nestCostMinor - recommended.nestCostMinor;
  const worse = best.expectedMinor - recommended.expectedMinor;
  const cost =
    Math.abs(dearer) < 0.5 ? 'costs the same' : `${dearer > 0 ? 'costs' : 'saves'} ${money(Math.abs(dearer))}${dearer > 0 ? ' more' : ''}`;
  const chance = `breaks ${formatChance(best.chance)} instead of ${formatChance(recommended.chance)}`;
  if (worse > 0.5) return `${cost} and ${chance}: ${money(worse)} worse in all`;
  if (best.chance >= recommended.chance && -worse <= evenWithin(recommended.nestCostMinor))
    return `${cost} and ${chance}: as good in all, and it breaks no less often`;
  // only what the house rules forbid can beat the recommended plan
  return worse < -0.5
    ? `${cost} and ${chance}: ${money(-worse)} better in all, but the house rules leave it out`
    : `${cost} and ${chance}: as good in all`;
}

/** Why a way has no plan at all. */
function impossible({ room, wraps, pieces }: PlanSpace, way: PackingWay): string {
  if (wraps.length === 0) return 'no way of wrapping passes the feel test';
  switch (way) {
    case 'envelope':
      if (!pieces.every(({ archetype }) => archetype.flat)) return 'an envelope is for what is flat or soft';
      return room.boxes.some(isEnvelope) ? 'no envelope on hand takes it' : 'there is no envelope in the stockroom';
    case 'carrierBox':
      return room.boxes.some((box) => box.container !== null)
        ? 'no free box takes it with bedding round it'
        : 'no carrier’s card lists a free box';
    case 'lined':
      return room.linerBoard ? 'no box holds it with a liner and bedding' : 'there is no board for a liner';
    case 'cutDown':
      return 'no box is so much too deep that cutting it down would pay';
    case 'boxInBox':
      return 'no two boxes on hand go round it with bedding between them';
    case 'bedded':
      return 'no box on hand holds it with bedding all round';
  }
}
