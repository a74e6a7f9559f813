import { tooShallowForMcKee } from '../../engineering/board/compressionStrength.ts';
import type { House } from '../../house/House.ts';
import { isEnvelope } from '../box/makeShell.ts';
import type { Gaps, StowedBox } from '../box/StowedBox.ts';
import { certificateHolds } from '../frontier/quietCauses.ts';
import { HEAVY_INNER_RATIO, innerMassRatio } from '../frontier/shockJourney.ts';
import type { RatedParcel } from '../rate/RatedParcel.ts';
import type { WeighedParcel } from '../weight/WeighedParcel.ts';
import { isThin } from '../wrap/feelTest.ts';
import type { PlanFault } from './PlanDocument.ts';

/** What is wrong with a plan, the blocking faults first: its nest, and the service it is to go by. */
export const faultsOf = ({ weighed, refused }: RatedParcel, house: House): PlanFault[] => {
  const faults = findFaults(weighed, house);
  return refused ? [{ kind: 'noService', blocks: true, serviceName: refused.serviceName, why: refused.refused }, ...faults] : faults;
};

/** What is wrong with a nest, the blocking faults first. */
export function findFaults(weighed: WeighedParcel, house: House): PlanFault[] {
  const { filled } = weighed;
  const { stowed } = filled;
  const { wrapped } = stowed;
  const small = tooSmall(stowed);
  if (small) return [small];
  const wantedIn = stowed.inner ? house.leastInnerBoxGapIn : house.leastGapIn;
  return [
    ...wrapped.missing.map((kind): PlanFault => ({ kind, blocks: true })),
    ...wrapped.feelFaults.map((fault): PlanFault => ({ kind: 'feel', blocks: true, ...fault })),
    ...(isEnvelope(stowed.shell.box) ? [] : thinGaps(stowed.gaps, wantedIn)),
    ...(stowed.inner ? thinGaps(stowed.inner.gaps, house.snugGapIn) : []),
    ...(certificateHolds(weighed) ? [] : [{ kind: 'certificate', blocks: true } as const]),
    ...(isThin(wrapped.piece, wrapped.growsIn) ? [{ kind: 'thin', blocks: false, growsIn: wrapped.growsIn } as const] : []),
    ...(innerMassRatio(filled) > HEAVY_INNER_RATIO ? [{ kind: 'heavyInner', blocks: false } as const] : []),
    ...(!isEnvelope(stowed.shell.box) && tooShallowForMcKee(stowed.shell.outsideIn) ? [{ kind: 'shallow', blocks: false } as const] : []),
    ...(stowed.shell.box.onHand > 0 && (stowed.inner?.box.onHand ?? 1) > 0 ? [] : [{ kind: 'noneLeft', blocks: false } as const]),
  ];
}

/** The narrowest gap that is below what the house wants, if any. */
function thinGaps(gaps: Gaps, wantedIn: number): PlanFault[] {
  const [face, gapIn] = (Object.entries(gaps) as [keyof Gaps, number][]).reduce((least, one) => (one[1] < least[1] - 1e-9 ? one : least));
  return gapIn < wantedIn - 1e-9 ? [{ kind: 'gap', blocks: true, face, gapIn, wantedIn }] : [];
}

const SIDES = [
  ['long', 'left', 'right'],
  ['wide', 'front', 'back'],
  ['deep', 'bottom', 'top'],
] as const;

/** The side on which what is held goes least into its box, where it does not go in at all. */
function tooSmall({ gaps, inner }: StowedBox): PlanFault | null {
  const short = (of: Gaps, box: 'box' | 'inner') =>
    SIDES.map(([side, one, other]) => ({ kind: 'tooSmall', blocks: true, box, side, shortIn: -(of[one] + of[other]) }) as const).filter(
      (fault) => fault.shortIn > 1e-9,
    );
  const all = [...(inner ? short(inner.gaps, 'inner') : []), ...short(gaps, 'box')];
  return all.sort((a, b) => b.shortIn - a.shortIn)[0] ?? null;
}
