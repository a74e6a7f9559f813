import { boxTareLb, outsideOf } from '../../engineering/board/boxBlank.ts';
import { envelopeOutsideOf, envelopeTareLb } from '../../engineering/board/envelope.ts';
import { takesCross } from '../../engineering/boxshop/crossDivider.ts';
import { linerPanels } from '../../engineering/boxshop/linerPanels.ts';
import type { Triple } from '../../engineering/geometry/wrapLayer.ts';
import type { BoxStock, SheetBoard } from '../../engineering/materials/stock.ts';
import { FACES } from '../../engineering/pieces/hardPoints.ts';
import { aroundPart } from './around.ts';
import { isToFold } from './boxToFold.ts';
import { boardPart, crossPart, cutDownPart, foldedPart, foldsPart, linerPart, shortenedPart, type MadePart } from './madeParts.ts';
import type { Block, Shell } from './StowedBox.ts';
import type { Shortened } from './Shortened.ts';

/** Outside of a whole box as it is rated: what the stockroom measured, else built from its board. */
export const builtOutsideIn = (box: BoxStock): Triple => box.measuredOutsideIn ?? outsideOf(box.insideIn, box.board.caliperIn);

/** A box as it stands in the stockroom, or as it will once it is folded. */
export function wholeShell(box: BoxStock): Shell {
  const folded = isToFold(box) ? foldedPart(box) : null;
  return {
    box,
    newDepthIn: null,
    shortened: null,
    crossIn: null,
    liner: false,
    insideIn: box.insideIn,
    outsideIn: builtOutsideIn(box),
    tareLb: folded ? folded.boardFt2 * box.board.lbPerFt2 : boxTareLb(box.insideIn, box.board.lbPerFt2),
    costMinor: box.priceMinor,
    minutes: folded?.minutes ?? 0,
    made: folded ? [folded] : [],
  };
}

/** The same box with a slice taken out of both walls along a side: outside and tare go down with it. */
export function shortened(shell: Shell, to: Shortened): Shell {
  const { box, insideIn, outsideIn } = shell;
  const part = shortenedPart(box, insideIn, to);
  const axis = AXIS_OF[to.side];
  const along = (size: Triple, lessIn: number) => size.map((side, at) => (at === axis ? side - lessIn : side)) as unknown as Triple;
  const lessIn = insideIn[axis] - to.newIn;
  const leftIn = along(insideIn, lessIn);
  return {
    ...shell,
    shortened: to,
    insideIn: leftIn,
    outsideIn: along(outsideIn, lessIn),
    tareLb: boxTareLb(leftIn, box.board.lbPerFt2),
    minutes: shell.minutes + part.minutes,
    made: [...shell.made, part],
  };
}
export const AXIS_OF = { length: 0, width: 1 } as const;

/** The same box cut down: the outside and the tare go down with the depth. */
export function cutDown(shell: Shell, newDepthIn: number): Shell {
  const { box, insideIn, outsideIn } = shell;
  const part = cutDownPart(box, insideIn, newDepthIn);
  const loweredIn: Triple = [insideIn[0], insideIn[1], newDepthIn];
  return {
    ...shell,
    newDepthIn,
    insideIn: loweredIn,
    outsideIn: [outsideIn[0], outsideIn[1], outsideIn[2] - (insideIn[2] - newDepthIn)],
    tareLb: boxTareLb(loweredIn, box.board.lbPerFt2),
    minutes: shell.minutes + part.minutes,
    made: [...shell.made, part],
  };
}

/** The same shell with something made for it put in. */
export const withPart = (shell: Shell, part: MadePart): Shell => ({
  ...shell,
  tareLb: shell.tareLb + part.weightLb,
  costMinor: shell.costMinor + part.costMinor,
  minutes: shell.minutes + part.minutes,
  made: [...shell.made, part],
});

/** The same shell with a second wall on all six faces; null when no inside would be left. */
export function lined(shell: Shell, sheet: SheetBoard): Shell | null {
  if (Math.min(...shell.insideIn) <= 2 * sheet.board.caliperIn) return null;
  const { insideIn } = linerPanels(shell.insideIn, sheet.board.caliperIn, FACES);
  return { ...withPart(shell, linerPart(shell.insideIn, sheet)), liner: true, insideIn };
}

/** The same shell with its spare depth taken up by a cross under the lid; null where none would be left under it, or it has no room for one. */
export function crossed(shell: Shell, crossIn: number, sheet: SheetBoard): Shell | null {
  const [lengthIn, widthIn, depthIn] = shell.insideIn;
  if (!(crossIn > 0 && crossIn < depthIn && takesCross(lengthIn, widthIn, sheet.board.caliperIn))) return null;
  const insideIn: Triple = [lengthIn, widthIn, depthIn - crossIn];
  return { ...withPart(shell, crossPart(shell.insideIn, crossIn, sheet)), crossIn, insideIn };
}

/** The same shell with a board laid under the bundle; one and the same however often it is asked for. */
export function boarded(shell: Shell, sheet: SheetBoard): Shell {
  const known = boardedOf.get(shell);
  if (known?.sheet === sheet) return known.shell;
  const made = withPart(shell, boardPart(shell.insideIn, sheet));
  boardedOf.set(shell, { sheet, shell: made });
  return made;
}
const boardedOf = new WeakMap<Shell, { readonly sheet: SheetBoard; readonly shell: Shell }>();

/** The same shell with what parts the bundles in it, and what is round them all, where anything is. */
export function celled(shell: Shell, { cells, folds, around }: Pick<Block, 'cells' | 'folds' | 'around'>): Shell {
  const ready = cells ? withPart(shell, cells) : shell;
  const parted = folds.length > 0 ? withPart(ready, foldsPart(folds)) : ready;
  return around ? withPart(parted, aroundPart(around)) : parted;
}

/** True for a shell with a board in it. */
export const hasBoard = ({ made }: Pick<Shell, 'made'>): boolean => made.some(({ key }) => key === 'board');

/** An envelope round a flat bundle: as thick as what it holds. */
export const envelopeRound = (box: BoxStock, heldIn: number): Shell => ({
  box,
  newDepthIn: null,
  shortened: null,
  crossIn: null,
  liner: false,
  insideIn: [box.insideIn[0], box.insideIn[1], heldIn],
  outsideIn: envelopeOutsideOf(box.insideIn[0], box.insideIn[1], heldIn, box.board.caliperIn),
  tareLb: envelopeTareLb(box.insideIn[0], box.insideIn[1], box.board.lbPerFt2),
  costMinor: box.priceMinor,
  minutes: 0,
  made: [],
});

export { isEnvelope } from '../../engineering/board/envelope.ts';
