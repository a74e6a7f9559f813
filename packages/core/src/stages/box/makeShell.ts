import { boxTareLb, outsideOf } from '../../engineering/board/boxBlank.ts';
import { envelopeOutsideOf, envelopeTareLb } from '../../engineering/board/envelope.ts';
import { linerPanels } from '../../engineering/boxshop/linerPanels.ts';
import type { Triple } from '../../engineering/geometry/wrapLayer.ts';
import type { BoxStock, SheetBoard } from '../../engineering/materials/stock.ts';
import { FACES } from '../../engineering/pieces/hardPoints.ts';
import { IN2_PER_FT2 } from '../../units/index.ts';
import type { Shell } from './StowedBox.ts';

/** Minutes to cut a box down, and to cut and set a liner; judgement. */
const MINUTES = { cutDown: 3, liner: 4 };
/** Board lost to offcuts when a liner is cut; judgement. */
const LINER_SCRAP_SHARE = 0.1;

/** Outside of a whole box as it is rated: what the stockroom measured, else built from its board. */
export const builtOutsideIn = (box: BoxStock): Triple => box.measuredOutsideIn ?? outsideOf(box.insideIn, box.board.caliperIn);

/** A box as it stands in the stockroom. */
export const wholeShell = (box: BoxStock): Shell => ({
  box,
  newDepthIn: null,
  liner: false,
  insideIn: box.insideIn,
  outsideIn: builtOutsideIn(box),
  tareLb: boxTareLb(box.insideIn, box.board.lbPerFt2),
  costMinor: box.priceMinor,
  minutes: 0,
});

/** The same box cut down: the outside and the tare go down with the depth. */
export function cutDown(shell: Shell, newDepthIn: number): Shell {
  const { box, insideIn, outsideIn } = shell;
  const loweredIn: Triple = [box.insideIn[0], box.insideIn[1], newDepthIn];
  return {
    ...shell,
    newDepthIn,
    insideIn: [insideIn[0], insideIn[1], newDepthIn],
    outsideIn: [outsideIn[0], outsideIn[1], outsideIn[2] - (box.insideIn[2] - newDepthIn)],
    tareLb: boxTareLb(loweredIn, box.board.lbPerFt2),
    minutes: shell.minutes + MINUTES.cutDown,
  };
}

/** The same shell with a second wall on all six faces; null when no inside would be left. */
export function lined(shell: Shell, { board, minorPerFt2 }: SheetBoard): Shell | null {
  if (Math.min(...shell.insideIn) <= 2 * board.caliperIn) return null;
  const { insideIn, parts } = linerPanels(shell.insideIn, board.caliperIn, FACES);
  const areaFt2 = parts.reduce((sum, part) => sum + part.lengthIn * part.heightIn, 0) / IN2_PER_FT2;
  return {
    ...shell,
    liner: true,
    insideIn,
    tareLb: shell.tareLb + areaFt2 * board.lbPerFt2,
    costMinor: shell.costMinor + areaFt2 * (1 + LINER_SCRAP_SHARE) * minorPerFt2,
    minutes: shell.minutes + MINUTES.liner,
  };
}

/** An envelope round a flat bundle: as thick as what it holds. */
export const envelopeRound = (box: BoxStock, heldIn: number): Shell => ({
  box,
  newDepthIn: null,
  liner: false,
  insideIn: [box.insideIn[0], box.insideIn[1], heldIn],
  outsideIn: envelopeOutsideOf(box.insideIn[0], box.insideIn[1], heldIn, box.board.caliperIn),
  tareLb: envelopeTareLb(box.insideIn[0], box.insideIn[1], box.board.lbPerFt2),
  costMinor: box.priceMinor,
  minutes: 0,
});

export const isEnvelope = (box: BoxStock): boolean => box.style !== 'slotted';
