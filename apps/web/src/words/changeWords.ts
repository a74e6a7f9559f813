import {
  boxesOf,
  capital,
  choiceOfBundle,
  GUARDS,
  HARD_POINTS,
  lower,
  OWN_BOX,
  PLACE_NAMES,
  piecesOf,
  toFoldOf,
  wrapsIn,
  type ChangeKind,
  type PlanChoice,
  type PlanRequest,
  type Shortened,
} from '@inch-nest/core';

/** A change in a packer's words; of several different pieces it is said whose. */
export function changeWords(change: ChangeKind, { request, choice }: { request: PlanRequest; choice: PlanChoice | null }): string {
  const pieces = piecesOf(request);
  if (pieces.length === 1 || !OF_BUNDLE.includes(change.kind)) return wordsFor(change, request, choice);
  const at = ('bundle' in change ? change.bundle : undefined) ?? 0;
  const words = wordsFor(change, request, choice && choiceOfBundle(choice, at));
  // told a moment ago of a piece that has left since
  const whose = pieces[at];
  return whose ? `${whose.title}: ${lower(words)}` : words;
}
const OF_BUNDLE: readonly ChangeKind['kind'][] = ['turns', 'doubled', 'turned', 'hollow', 'guard', 'ownBox'];

function wordsFor(change: ChangeKind, request: PlanRequest, choice: PlanChoice | null): string {
  const { stock, cards, order } = request;
  const named = (list: readonly { key: string; name: string }[], key: string) => list.find((one) => one.key === key)?.name ?? key;
  switch (change.kind) {
    case 'turns': {
      const wrap = wrapsIn(stock).find(({ key }) => key === change.material);
      if (wrap?.role === 'sleeve') return `${change.turns > 0 ? 'In' : 'Without'} the ${wrap.name.toLowerCase()}`;
      const before = choice?.layers.find((layer) => layer.material === change.material)?.turns ?? 0;
      return turnsWords(change.turns - before, change.turns, named(stock.wraps, change.material).toLowerCase());
    }
    case 'doubled': {
      const name = named(stock.wraps, change.material).toLowerCase();
      return change.face ? `One sheet more of ${name} over the ${change.face}` : `No extra sheet of ${name}`;
    }
    case 'box':
      return `Box ${toFoldOf(change.box, stock.linerBoard)?.name ?? named(boxesOf({ ...request, locks: {} }).boxes, change.box)}`;
    case 'fill':
      return named(stock.fills, change.fill);
    case 'fillApart':
      return change.fill === null
        ? `The same fill ${PLACE_NAMES[change.place]}`
        : `${named(stock.fills, change.fill)} ${PLACE_NAMES[change.place]}`;
    case 'service':
      return `Send it ${named(
        cards.flatMap((card) => card.services),
        change.service,
      )}`;
    case 'turned':
      return 'Turn it in the box';
    case 'unboxed':
      return 'Without the inner box';
    case 'ownBox': {
      if (change.own === null) return 'Without a box of its own';
      const boxes = boxesOf({ ...request, locks: {} }).boxes;
      const own = change.own === OWN_BOX ? 'In the box it came in' : `In a box of its own, ${named(boxes, change.own)}`;
      return change.box === undefined ? own : `${own}, all in ${named(boxes, change.box)}`;
    }
    case 'cored':
      return `${named(stock.boxes, change.tube)}, as a core from end to end`;
    case 'innerFill':
      return `${named(stock.fills, change.fill)} inside the inner box`;
    case 'liner':
      return change.liner ? 'A second wall in the box' : 'Without the second wall';
    case 'cutDown':
      return change.newDepthIn === null ? 'The box left whole' : 'The box cut down';
    case 'shorten':
      return change.shortened === null ? 'The box as long and wide as it was' : SHORTENED[change.shortened.side].does;
    case 'cross':
      return change.crossIn === 0 ? 'Without the cross under the lid' : 'A cross of board under the lid';
    case 'board':
      return change.board ? 'A board under it, so that it does not sink' : 'Without the board under it';
    case 'shared': {
      const who = change.of.map((at) => lower(piecesOf(request)[at]?.title ?? '')).join(' and ');
      if (change.own === null) return `${capital(who)}: without the box ${change.of.length > 1 ? 'they share' : 'or core round it'}`;
      const boxes = boxesOf({ ...request, locks: {} }).boxes;
      const together = `${capital(who)} together in ${named(boxes, change.own)}`;
      return change.box === undefined ? together : `${together}, all in ${named(boxes, change.box)}`;
    }
    case 'unwound':
      return 'Without the wrap that holds them together';
    case 'tubes':
      return change.tubes ? 'Foam tubes in the corners, so that it does not shift' : 'Without the tubes in the corners';
    case 'cells':
      return request.pieceIds.length > 1
        ? change.cells
          ? 'A board between them'
          : 'Without board between them'
        : change.cells
          ? 'Cells of board between them'
          : 'Without cells between them';
    case 'between': {
      const between = change.pair.map((at) => piecesOf(request)[at]?.title ?? '?').join(' and ');
      const name = named(stock.wraps, change.material).toLowerCase();
      const box = change.box === undefined ? '' : `, in ${named(boxesOf({ ...request, locks: {} }).boxes, change.box)}`;
      return change.folds === 0 ? `No fold between ${between}` : `${capital(name)} folded ${change.folds} thick between ${between}${box}`;
    }
    case 'hollow': {
      const hollow = order.pieces.flatMap((piece) => piece.hollows).find((one) => one.id === change.hollowId);
      return `Fill ${hollow?.name ?? 'the hollow'}`;
    }
    case 'guard': {
      const point = order.pieces.flatMap((piece) => piece.hardPoints).find((one) => one.id === change.hardPointId);
      const name = point ? HARD_POINTS[point.kind].name : 'weak point';
      return change.guard === 'cardFace' ? `Card over the ${name}` : `${aOrAn(GUARDS[change.guard].name)} on the ${name}`;
    }
  }
}

const aOrAn = (name: string): string => `${/^[aeiou]/.test(name) ? 'An' : 'A'} ${name}`;

/** So many turns more or less. */
function turnsWords(by: number, left: number, name: string): string {
  if (left === 0 && by < -1) return `No ${name}`;
  const count = Math.abs(by) === 1 ? 'One' : Math.abs(by) === 0.5 ? 'Half a' : String(Math.abs(by));
  return `${count} ${Math.abs(by) === 0.5 ? `turn ${by > 0 ? 'more' : 'less'}` : `${by > 0 ? 'more' : 'less'} turn${Math.abs(by) > 1 ? 's' : ''}`} of ${name}`;
}

/** How a box that is shortened is called, by the side a slice is taken out of. */
export const SHORTENED = {
  length: { does: 'The box shortened', made: 'shortened', is: 'shortened to' },
  width: { does: 'The box made narrower', made: 'made narrower', is: 'narrowed to' },
} as const;

/** "shortened to 13 in". */
export const shortenedWords = ({ side, newIn }: Shortened, length: (inches: number) => string): string =>
  `${SHORTENED[side].is} ${length(newIn)}`;
