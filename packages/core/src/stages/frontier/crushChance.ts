import { compressionStrengthLbf } from '../../engineering/board/compressionStrength.ts';
import { LINER_STRENGTH } from '../../engineering/boxshop/linerPanels.ts';
import { normalCdf } from '../../engineering/numeric/normal.ts';
import type { BoxStock } from '../../engineering/materials/stock.ts';
import type { Triple } from '../../engineering/geometry/wrapLayer.ts';
import type { InnerBox, Shell } from '../box/StowedBox.ts';

/** All judgement, but that 70 lb may fall on a parcel, times 2.5: common practice, no source. */
const LOAD = { spread: 0.6, p95Lbf: 175, fullPerimeterIn: 56 };
/** Of what new dry board resists, so much is left on the way. */
const ON_THE_WAY = 0.56;
/** What is left of a box that has been through the post. Judgement. */
export const PER_EARLIER_USE = 0.75;
/** What the fill carries where it reaches the lid. */
const FILL_PSI = 0.3;
const P95_Z = 1.6448536269514722;

/** Harm done when the load exceeds the resistance: in an inner box, and outside one with all above it or nothing. */
export const CRUSH_HARM = { least: 0.1, bare: 0.4, roomIn: 0.5, spreadIn: 0.2 };

/**
 * Chance that the load on a shell exceeds what it and an inner box resist. An envelope has no wall that could
 * buckle: 0.
 *
 * Formula: load lognormal, σ 0.6, 95th percentile 175 lbf · carrier's factor · min(1, √(perimeter / 56 in));
 * resistance 0.56 × (McKee of the outer box × 1.5 with a second wall × 0.75 for each earlier use + McKee of the
 * inner box) + 0.3 psi × inside top area where it is filled to the rim.
 *
 * Source: McKee (board strength); the rest judgement and common practice.
 *
 * @param carrierFactor of the load, by the carrier's card; 1 where nothing is known
 * @param filledToRim the fill carries too
 */
export function overloadChance(
  { box, insideIn, outsideIn, liner }: Shell,
  inner: Pick<InnerBox, 'box' | 'outsideIn'> | null,
  carrierFactor: number,
  filledToRim: boolean,
): number {
  if (box.style !== 'slotted') return 0;
  const perimeterIn = 2 * (outsideIn[0] + outsideIn[1]);
  const medianLbf =
    (LOAD.p95Lbf * carrierFactor * Math.min(1, Math.sqrt(perimeterIn / LOAD.fullPerimeterIn))) / Math.exp(P95_Z * LOAD.spread);
  const resistLbf =
    ON_THE_WAY *
      (strengthLbf(box, outsideIn) * PER_EARLIER_USE ** box.earlierUses * (liner ? LINER_STRENGTH : 1) +
        (inner ? strengthLbf(inner.box, inner.outsideIn) : 0)) +
    (filledToRim ? FILL_PSI * insideIn[0] * insideIn[1] : 0);
  return normalCdf(-Math.log(resistLbf / medianLbf) / LOAD.spread);
}

const strengthLbf = ({ board }: BoxStock, [l, w]: Triple): number =>
  compressionStrengthLbf(board.edgeCrushLbPerIn, board.caliperIn, 2 * (l + w));

/**
 * Share of overloads that harm the piece: few in an inner box, more the less room and cover lie above it.
 *
 * @param kindShare the kind's own share
 * @param topIn room above what is held, and the piece's cover there; inches
 */
export const crushHarm = (kindShare: number, inInnerBox: boolean, topIn: number, coverIn: number): number =>
  kindShare *
  (inInnerBox
    ? CRUSH_HARM.least
    : CRUSH_HARM.least + CRUSH_HARM.bare * normalCdf((CRUSH_HARM.roomIn - topIn - coverIn / 2) / CRUSH_HARM.spreadIn));
