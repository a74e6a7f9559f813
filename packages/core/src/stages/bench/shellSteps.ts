import { shortenBox } from '../../engineering/boxshop/shortenBox.ts';
import { cornerTubes } from '../../engineering/boxshop/cornerTubes.ts';
import { cutOf } from '../../engineering/boxshop/cutOf.ts';
import type { BoxStock } from '../../engineering/materials/stock.ts';
import { formatSize, IN_PER_FT, type UnitSystem } from '../../units/index.ts';
import { isFolded } from '../box/boxMade.ts';
import type { MadePart, MadePartKey } from '../box/madeParts.ts';
import { isToFold } from '../box/boxToFold.ts';
import { isEnvelope } from '../box/makeShell.ts';
import type { Shell } from '../box/StowedBox.ts';
import { STANDING_MINUTES } from '../weight/standingMinutes.ts';
import { act, type Part } from './stepParts.ts';

/** How lengths and bundles are said. */
export interface Say {
  readonly length: (inches: number) => string;
  /** A bundle by its place in the list, as it bears its letters. */
  readonly nameOf: (bundle: number) => string;
}

/** How each thing made for a box is said and done; what a plan makes has its words here, or does not compile. */
const MADE_STEPS: Readonly<Record<MadePartKey, (part: MadePart, shell: Shell, say: Say) => Part>> = {
  folded: ({ minutes, orders, takenFt2 }, _, { length }) =>
    act(
      'box:fold',
      'Cut the box from one sheet',
      `Of board ${panelsOf(orders, length)}: cut the corners out, score every fold, and fold each once by itself.`,
      minutes,
      [{ what: 'sheet board', amount: Math.round(takenFt2 * 10) / 10, unit: 'square feet' }],
    ),
  shortened: ({ minutes, orders }, { shortened }, { length }) => {
    const { sliceIn, trimIn } = sliceOf(orders);
    return act(
      'box:shorten',
      shortened?.side === 'width' ? 'Make the box narrower' : 'Shorten the box',
      `Cut a slice of ${length(sliceIn)} out of the middle of both ${shortened?.side === 'width' ? 'short' : 'long'} sides, flaps and all${trimIn > 0 ? `; trim ${length(trimIn)} off every flap` : ''}. Push the halves together and tape both joints, walls and flaps.`,
      minutes,
    );
  },
  cutDown: ({ minutes }, { newDepthIn }, { length }) =>
    act(
      'box:cutDown',
      'Cut the box down',
      `New fold line at ${length(newDepthIn ?? 0)}; slit the corners to it; trim the flaps to meet.`,
      minutes,
    ),
  liner: ({ minutes, orders }, _, { length }) =>
    act('box:liner', 'Line the box', `A panel of board on all six faces, the lid’s last: ${panelsOf(orders, length)}.`, minutes),
  cells: ({ minutes, orders, takenFt2 }, _, { length }) =>
    act(
      'box:cells',
      orders.some(({ order }) => order.kind === 'cells') ? 'Cut the cells' : 'Cut the boards between',
      orders.some(({ order }) => order.kind === 'cells')
        ? `Of board ${panelsOf(orders, length)}; strips slot halfway into one another. Each bundle stands in a cell of its own, snug and not forced.`
        : `Of board ${panelsOf(orders, length)}: one stands between each and the next as they are put in.`,
      minutes,
      [{ what: 'sheet board', amount: Math.round(takenFt2 * 10) / 10, unit: 'square feet' }],
    ),
  folds: ({ minutes, folds = [] }, _, { length, nameOf }) =>
    act(
      'box:folds',
      folds.length === 1 ? 'Make the fold between' : 'Make the folds between',
      `${folds
        .map(
          ({ name, count, sidesIn: [long, short], pair }) =>
            `Tear ${name.toLowerCase()} ${length(count * long)} long and ${length(short)} wide and fold it ${count} thick, ${length(long)} × ${length(short)}, for between ${pair.map(nameOf).join(' and ')}`,
        )
        .join('. ')}. Tape ${folds.length === 1 ? 'it' : 'each'} shut; ${folds.length === 1 ? 'it goes' : 'they go'} in with them.`,
      minutes,
      folds.map(({ name, count }) => ({ what: name, amount: count, unit: 'thicknesses' })),
    ),
  cross: ({ minutes, orders, takenFt2 }, { crossIn }, { length }) =>
    act(
      'box:cross',
      'Stand the cross on the fill',
      `Two strips of board ${panelsOf(orders, length)}, slotted halfway into one another, from corner to corner: on the fill they take up the ${length(crossIn ?? 0)} under the lid.`,
      minutes,
      [{ what: 'sheet board', amount: Math.round(takenFt2 * 10) / 10, unit: 'square feet' }],
    ),
  around: ({ minutes, wrap }, _, { length }) => {
    const { name, turns, lengthIn, sheets } = wrap!;
    return act(
      'around',
      'Wrap them together',
      `As they will stand, hard against one another: ${sheets === 1 ? 'one piece' : `${sheets} pieces side by side`} of ${name.toLowerCase()}, ${length(lengthIn)} long, ${turns} ${turns === 1 ? 'turn' : 'turns'} round them all; fold the ends in and tape them.`,
      minutes,
      [{ what: name, amount: turns, unit: turns === 1 ? 'turn' : 'turns', stock: { kind: 'wrap', key: wrap!.key } }],
    );
  },
  tubes: ({ minutes, orders }, _, { length }) => {
    const { diameter, each, count, pressedTo } = tubesIn(orders);
    return act(
      'box:tubes',
      'Stand the tubes in the corners',
      `${count} of foam tube ${length(diameter)} across, cut ${length(each)} long: one upright in each corner, pressed to ${length(pressedTo)} between the bundle and the corner. What stands between them does not shift.`,
      minutes,
      [{ what: 'foam tube', amount: Math.round((count * each * 10) / IN_PER_FT) / 10, unit: 'feet' }],
    );
  },
  board: ({ minutes, orders, takenFt2 }, _, { length }) =>
    act('box:board', 'Lay the board in', `A pad of board ${panelsOf(orders, length)}, flat on the base: on it nothing sinks.`, minutes, [
      { what: 'sheet board', amount: Math.round(takenFt2 * 10) / 10, unit: 'square feet' },
    ]),
};

/** Width of the slice that shortens a box, and what is trimmed off its flaps. */
function sliceOf(orders: MadePart['orders']): { readonly sliceIn: number; readonly trimIn: number } {
  const order = orders.map((one) => one.order).find((one) => one.kind === 'shorten')!;
  return shortenBox(order.box, order.side, order.new, order.caliper);
}

/** Foam tubes as they are cut. */
function tubesIn(orders: MadePart['orders']) {
  const order = orders.map((one) => one.order).find((one) => one.kind === 'tubes')!;
  const { count, eachIn, pressedToIn } = cornerTubes(order.inside, order.diameter, order.gap, order.gapAcross);
  return { diameter: order.diameter, each: eachIn, count, pressedTo: pressedToIn };
}

/** What is cut, with its sizes, those of one size together: "2 of 15 1/4 × 7". */
function panelsOf(orders: MadePart['orders'], length: (inches: number) => string): string {
  const counts = new Map<string, number>();
  for (const { order, times } of orders)
    for (const { count, lengthIn, heightIn } of cutOf(order).parts) {
      const size = `${length(lengthIn)} × ${length(heightIn)}`;
      counts.set(size, (counts.get(size) ?? 0) + count * times);
    }
  return [...counts].map(([size, count]) => (count === 1 ? size : `${count} of ${size}`)).join(', ');
}

/** A step with what the box shop cuts for it. */
const madeStep = (part: MadePart, shell: Shell, say: Say): Part => ({
  ...MADE_STEPS[part.key](part, shell, say),
  ...(part.orders.length > 0 ? { cuts: part.orders } : {}),
});

/** Making the outer box ready: cut down, formed, lined. */
export function shellSteps(shell: Shell, say: Say, system: UnitSystem): Part[] {
  const { box, made } = shell;
  const steps = (...keys: MadePartKey[]) => made.filter(({ key }) => keys.includes(key)).map((part) => madeStep(part, shell, say));
  return [
    ...steps('folded', 'shortened', 'cutDown'),
    act(
      'box:form',
      isEnvelope(box) ? 'Open the envelope' : 'Form the box',
      `${box.name} (${formatSize(box.insideIn, system)} inside)${formed(box)}.`,
      STANDING_MINUTES.formBox,
    ),
    ...steps('liner'),
  ];
}

/** What hands do to a box before anything goes in. One that is folded round its foot has no bottom to close. */
const formed = (box: BoxStock): string =>
  isEnvelope(box) ? '' : isFolded(box) || isToFold(box) ? ': fold the four sides up and tape the corners' : ': form and tape the bottom';

/**
 * What goes round several bundles, before they go into anything.
 *
 * @param some names of those it goes round; null for all of them
 */
export const roundThem = (shell: Shell, say: Say, some: string | null): Part[] =>
  madeSteps('around', shell, say).map((part) =>
    some === null ? part : { ...part, title: `Wrap ${some} together`, says: part.says.replace('round them all', `round ${some}`) },
  );

/** What stands between what is held and the walls, before its sides are filled. */
export const inTheCorners = (shell: Shell, say: Say): Part[] => madeSteps('tubes', shell, say);

/** What goes on the fill, under the lid. */
export const onTheFill = (shell: Shell, say: Say): Part[] => madeSteps('cross', shell, say);

/** What goes in on the base, before what lies on it or stands in it: the board, then the cells, unless those go into an inner box. */
export const onTheBase = (shell: Shell, inner: unknown, say: Say): Part[] => [
  ...madeSteps('board', shell, say),
  ...(inner ? [] : partingSteps(shell, say)),
];

/** What goes into an inner box on its base, before what stands in it. */
export const onTheInnerBase = (shell: Shell, say: Say): Part[] =>
  partingSteps(shell, say).map((part) => ({ ...part, key: part.key.replace('box:', 'inner:') }));

/** What parts the bundles: cells or boards, then folds. */
const partingSteps = (shell: Shell, say: Say): Part[] => [...madeSteps('cells', shell, say), ...madeSteps('folds', shell, say)];

const madeSteps = (key: MadePartKey, shell: Shell, say: Say): Part[] =>
  shell.made.filter((part) => part.key === key).map((part) => madeStep(part, shell, say));
