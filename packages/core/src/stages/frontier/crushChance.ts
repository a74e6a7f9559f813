import { compressionStrengthLbf } from '../../engineering/board/compressionStrength.ts';
import { normalCdf } from '../../engineering/numeric/normal.ts';
import type { Shell } from '../box/StowedBox.ts';

/** All judgement, but that 70 lb may fall on a parcel, times 2.5: common practice, no source. */
const CRUSH = {
  spread: 0.6,
  p95Lbf: 175,
  fullTopIn2: 192,
  humidity: 0.7,
  handling: 0.8,
  perUse: 0.75,
  liner: 1.5,
  fillPsi: 0.3,
};
const P95_Z = 1.6448536269514722;
/** Harm done when the load exceeds the resistance: with cover above the piece, with little, and to flat goods. */
export const HARM = { covered: 0.1, thinTop: 0.5, flat: 1, thinTopIn: 0.75 };

/**
 * Chance that the load on a shell exceeds what it resists. An envelope has no wall that could buckle: 0.
 *
 * Source: McKee (board strength); the rest judgement and common practice.
 */
export function overloadChance({ box, insideIn, outsideIn, liner }: Shell): number {
  if (box.style !== 'slotted') return 0;
  const topIn2 = outsideIn[0] * outsideIn[1];
  const medianLbf = (CRUSH.p95Lbf * Math.min(1, topIn2 / CRUSH.fullTopIn2)) / Math.exp(P95_Z * CRUSH.spread);
  const board = compressionStrengthLbf(box.board.edgeCrushLbPerIn, box.board.caliperIn, 2 * (outsideIn[0] + outsideIn[1]));
  const resistLbf =
    board * CRUSH.humidity * CRUSH.handling * CRUSH.perUse ** box.earlierUses * (liner ? CRUSH.liner : 1) +
    CRUSH.fillPsi * insideIn[0] * insideIn[1];
  return normalCdf(-Math.log(resistLbf / medianLbf) / CRUSH.spread);
}

/** Share of overloads that harm the piece. */
export const crushHarm = (flat: boolean, topIn: number): number =>
  flat ? HARM.flat : topIn < HARM.thinTopIn ? HARM.thinTop : HARM.covered;
