import { HEAVIEST_LB } from '../../engineering/journey/dropSchedule.ts';
import type { FillStock } from '../../engineering/materials/stock.ts';
import type { House } from '../../house/House.ts';
import { IN3_PER_FT3 } from '../../units/index.ts';
import { standingAreaIn2 } from '../box/folds.ts';
import { isEnvelope } from '../box/makeShell.ts';
import { gapsIn, type Held } from '../box/stowInBox.ts';
import type { Shell } from '../box/StowedBox.ts';
import type { Struck } from '../fill/FilledBox.ts';
import { SINKING_PSI } from '../fill/effectiveGaps.ts';
import { alongIn3 } from '../fill/fillVoids.ts';
import { leastOf, type Packed, type ShellFigures } from './searchFigures.ts';
import { gapRanges, type FillGroup, type GapRange } from './shockCeilings.ts';

/** What all shells round one inner box come to at their best, whatever is in the box. */
export interface ShellsRange {
  /** Least cost with fill and postage, and least postage, in minor units, for what weighs so much before shell and fill. */
  leastMinor(weightLb: number): { readonly costMinor: number; readonly postageMinor: number };
  /** The most that shell and fill add, lb. */
  readonly mostLb: number;
  /** Least chance that the boards give way under a stack. */
  readonly overload: number;
  /** What each group of fills makes of the widest gap on a face. */
  readonly gaps: (face: Struck) => readonly GapRange[];
}

/** Weights are told apart by so much, each taken as the lightest of its like. */
const LIKE_LB = 0.25;
/** Nothing lies so heavy, and so light, that it would sink more, or less. */
const WEIGHTLESS = 0;
const LEADEN = 1e6;
const STRUCK: readonly Struck[] = ['bottom', 'top', 'front', 'back', 'left', 'right'];

/** Room between what is held and a shell, cubic feet; an envelope has none. */
export function voidRound({ heldIn, inner, emptyIn3, bundles }: Held, { box, insideIn }: Shell): number {
  if (isEnvelope(box)) return 0;
  const round = Math.max(0, insideIn[0] * insideIn[1] * insideIn[2] - heldIn[0] * heldIn[1] * heldIn[2]);
  return Math.max(0, round + (inner ? 0 : emptyIn3) - alongIn3({ bundles, inner })) / IN3_PER_FT3;
}

/** Ranges of lists of shells, each list worked out once. */
export function shellsRange(
  { fills, groups, house }: { fills: readonly FillStock[]; groups: readonly FillGroup[]; house: House },
  cheapest: (figures: ShellFigures, weightLb: number) => number,
): (shells: readonly ShellFigures[], packed: Packed) => ShellsRange {
  const least = leastOf(fills, house);
  const bought = 1 + house.overfillShare;
  const known = new Map<readonly ShellFigures[], ShellsRange>();
  const make = (shells: readonly ShellFigures[], { held }: Packed): ShellsRange => {
    const filled = shells.map((figures) => ({ figures, boughtFt3: voidRound(held, figures.shell) * bought }));
    const byWeight = new Map<number, { costMinor: number; postageMinor: number }>();
    const widest = new Map(STRUCK.map((face) => [face, groups.map(({ bearingShare, ceiling }) => ({ mostIn: 0, bearingShare, ceiling }))]));
    for (const { shell } of shells) {
      for (const weightLb of [WEIGHTLESS, LEADEN]) {
        const ranges = gapRanges(
          gapsIn(held, shell),
          {
            weightLb,
            baseAreaIn2: held.inner ? held.heldIn[0] * held.heldIn[1] : standingAreaIn2(held),
            insideDepthIn: shell.insideIn[2],
            overfillShare: house.overfillShare,
            onBoard: false,
            sinkingPsi: SINKING_PSI.box,
          },
          groups,
        );
        for (const [face, kept] of widest)
          ranges(face).forEach(({ mostIn }, group) => (kept[group]!.mostIn = Math.max(kept[group]!.mostIn, mostIn)));
      }
    }
    return {
      mostLb: Math.max(0, ...filled.map(({ figures, boughtFt3 }) => figures.weightLb + boughtFt3 * least.mostLbPerFt3)),
      overload: Math.min(1, ...shells.map((figures) => figures.overload(held.inner))),
      gaps: (face) => widest.get(face)!,
      leastMinor(weightLb) {
        const like = Math.floor(weightLb / LIKE_LB);
        let found = byWeight.get(like);
        if (!found) {
          found = { costMinor: Infinity, postageMinor: Infinity };
          for (const { figures, boughtFt3 } of filled) {
            const leastLb = like * LIKE_LB + figures.weightLb + boughtFt3 * least.lbPerFt3;
            if (leastLb > HEAVIEST_LB || leastLb > figures.certifiedLb) continue;
            const postageMinor = cheapest(figures, leastLb);
            found.postageMinor = Math.min(found.postageMinor, postageMinor);
            found.costMinor = Math.min(found.costMinor, postageMinor + figures.costMinor + boughtFt3 * least.minorPerFt3);
          }
          byWeight.set(like, found);
        }
        return found;
      },
    };
  };
  return (shells, packed) => {
    let range = known.get(shells);
    if (!range) known.set(shells, (range = make(shells, packed)));
    return range;
  };
}
