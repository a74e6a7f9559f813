import { cornerTubes } from '../../engineering/boxshop/cornerTubes.ts';
import { orNone } from '../../engineering/boxshop/orNone.ts';
import { shopMinutes } from '../../engineering/boxshop/shopMinutes.ts';
import type { Triple } from '../../engineering/geometry/wrapLayer.ts';
import { GUARDS } from '../../engineering/pieces/hardPoints.ts';
import { IN_PER_FT } from '../../units/index.ts';
import type { MadePart } from './madeParts.ts';
import { withPart } from './makeShell.ts';
import type { Gaps, StandingTubes, StowedBox } from './StowedBox.ts';

/** What foam tube comes across, inches. Common practice, no source. */
const ACROSS_IN = [1, 1.5, 2, 2.5, 3, 4];
/** Pressed by less it works loose, by more it presses back harder than a wrap should be; judgement. */
const PRESSED = { least: 0.1, most: 0.5 };
/** Chance of drifting of what stands wedged between four tubes, against what the fill alone holds; judgement. */
export const WEDGED_DRIFT_SHARE = 0.5;

type Room = { readonly insideIn: Triple; readonly gaps: Pick<Gaps, 'left' | 'front'> };

/** The thinnest foam tube that holds what stands in the middle of a box in all four corners; null where none does. */
export function tubesFor({ insideIn, gaps }: Room): Pick<StandingTubes, 'acrossIn' | 'pressedToIn'> | null {
  for (const acrossIn of ACROSS_IN) {
    const tubes = orNone(() => cornerTubes(insideIn, acrossIn, gaps.left, gaps.front));
    if (tubes && tubes.pressedShare >= PRESSED.least && tubes.pressedShare <= PRESSED.most)
      return { acrossIn, pressedToIn: tubes.pressedToIn };
  }
  return null;
}

/**
 * A stowed box with foam tubes standing in its corners; itself where none holds what is in it. They cost and weigh by the
 * foot as foam tube does round a part, and are made at the cutting table.
 */
export function cornered(stowed: StowedBox): StowedBox {
  const { shell, gaps } = stowed;
  const found = shell.box.style === 'slotted' ? tubesFor({ insideIn: shell.insideIn, gaps }) : null;
  if (!found) return stowed;
  const order = { kind: 'tubes', inside: shell.insideIn, diameter: found.acrossIn, gap: gaps.left, gapAcross: gaps.front } as const;
  const work = cornerTubes(order.inside, order.diameter, order.gap, order.gapAcross);
  const feet = (work.count * work.eachIn) / IN_PER_FT;
  const part: MadePart = {
    key: 'tubes',
    boardFt2: 0,
    takenFt2: 0,
    weightLb: feet * GUARDS.foamTube.lbPerFt,
    costMinor: feet * GUARDS.foamTube.minorPerFt,
    minutes: shopMinutes('tubes', work),
    orders: [{ order, times: 1 }],
  };
  // a pressed tube takes as much less of the floor as it is pressed flat; judgement
  const floorIn2 = work.count * (Math.PI / 4) * found.acrossIn * found.pressedToIn;
  return { ...stowed, shell: withPart(shell, part), tubes: { ...found, count: work.count, eachIn: work.eachIn, floorIn2 } };
}
