import { tooShallowForMcKee } from '../../engineering/board/compressionStrength.ts';
import type { House } from '../../house/House.ts';
import { isEnvelope } from '../box/makeShell.ts';
import type { Gaps } from '../box/StowedBox.ts';
import { certificateHolds } from '../frontier/quietCauses.ts';
import { HEAVY_INNER_RATIO, innerMassRatio } from '../frontier/shockJourney.ts';
import type { WeighedParcel } from '../weight/WeighedParcel.ts';
import { isThin } from '../wrap/feelTest.ts';
import type { PlanFault } from './PlanDocument.ts';

/** What is wrong with a nest, the blocking faults first. */
export function findFaults(weighed: WeighedParcel, house: House): PlanFault[] {
  const { filled } = weighed;
  const { stowed } = filled;
  const { wrapped } = stowed;
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
