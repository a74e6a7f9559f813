import { orNone } from '../../engineering/boxshop/orNone.ts';
import { rigidCore } from '../../engineering/boxshop/rigidCore.ts';
import { shopMinutes } from '../../engineering/boxshop/shopMinutes.ts';
import type { Triple } from '../../engineering/geometry/wrapLayer.ts';
import type { BoxStock } from '../../engineering/materials/stock.ts';
import type { Orientation } from '../../engineering/geometry/orientations.ts';
import type { WrappedItem } from '../wrap/WrappedItem.ts';
import { FORMS } from '../../engineering/pieces/forms.ts';
import { gapsAround } from './gapsAround.ts';
import type { StandingCore } from './StandingCore.ts';
import type { Block, Gaps, InnerBox, StowedBox } from './StowedBox.ts';

/** What a wound card tube weighs, lb a cubic inch; judgement. */
const CARD_LB_PER_IN3 = 0.025;

/** True for a tube that is cut to stand in a box, and is none itself. */
export const isCore = ({ style }: Pick<BoxStock, 'style'>): boolean => style === 'tube';

/** Outside across a tube: as measured, else its bore and two walls. */
export const acrossOf = ({ insideIn, measuredOutsideIn, board }: Pick<BoxStock, 'insideIn' | 'measuredOutsideIn' | 'board'>): number =>
  measuredOutsideIn ? measuredOutsideIn[1] : insideIn[1] + 2 * board.caliperIn;

/** A tube cut to a box: its outside as it stands there, along which axis it runs, and how it is cut. */
interface CutCore {
  readonly outsideIn: Triple;
  readonly axis: 0 | 1 | 2;
  readonly order: StandingCore['order'];
  readonly work: ReturnType<typeof rigidCore>;
}

/**
 * A tube cut to the longest side of a box's inside.
 *
 * @returns null where the tube does not go into the box, or is not as long
 */
export function cutToBox(tube: BoxStock, insideIn: Triple): CutCore | null {
  const [boughtIn, boreIn] = tube.insideIn;
  const acrossIn = acrossOf(tube);
  const order = { kind: 'core', inside: insideIn, diameter: acrossIn, wall: (acrossIn - boreIn) / 2 } as const;
  const work = orNone(() => rigidCore(order.inside, order.diameter, order.wall));
  if (!work || work.lengthIn > boughtIn) return null;
  const axis = insideIn.indexOf(Math.max(...insideIn)) as 0 | 1 | 2;
  const outsideIn = ([0, 1, 2] as const).map((at) => (at === axis ? work.lengthIn : acrossIn)) as unknown as Triple;
  return { outsideIn, axis, order, work };
}

/**
 * A tube cut to the longest side of a box's inside, and bundles lying in it: its ends are the box's own walls.
 *
 * Formula: what is round has `(bore − d)/2` all round; what has corners is as near as its corners are, `(bore − √(w² + h²))/2`.
 * Room `π/4·bore²·length` less the bundles. Exact.
 *
 * @param insideIn of the box
 * @returns null where the tube does not go into the box, or is not as long
 */
export function coreRound(
  tube: BoxStock,
  block: Pick<Block, 'bundles' | 'blockIn' | 'emptyIn3'>,
  insideIn: Triple,
): (InnerBox & { readonly insideIn: Triple }) | null {
  const cut = cutToBox(tube, insideIn);
  if (!cut) return null;
  const { outsideIn, axis, order, work } = cut;
  const { lengthIn } = work;
  const boreIn = tube.insideIn[1];
  const acrossIn = acrossOf(tube);
  const { blockIn, emptyIn3 } = block;
  const [wide, high] = ([0, 1, 2] as const).filter((one) => one !== axis).map((one) => blockIn[one]) as [number, number];
  const round = isRoundAlong(block, axis);
  const clearIn = (boreIn - (round ? Math.max(wide, high) : Math.hypot(wide, high))) / 2;
  const within = ([0, 1, 2] as const).map((at) => (at === axis ? lengthIn : blockIn[at] + 2 * clearIn)) as unknown as Triple;
  const takenIn3 = blockIn[axis] * (round ? (Math.PI / 4) * wide * high : wide * high);
  return {
    box: { ...tube, insideIn: within, measuredOutsideIn: outsideIn },
    outsideIn,
    insideIn: within,
    gaps: gapsAround(blockIn, within),
    tareLb: (Math.PI / 4) * (acrossIn ** 2 - boreIn ** 2) * lengthIn * CARD_LB_PER_IN3,
    core: {
      axis,
      lengthIn,
      boreIn,
      roomIn3: Math.max(0, (Math.PI / 4) * boreIn ** 2 * lengthIn - takenIn3 + emptyIn3),
      minutes: shopMinutes('core', work),
      order,
    },
  };
}

type Lying = {
  readonly wrapped: Pick<WrappedItem, 'piece'>;
  readonly layout: { readonly count: number };
  readonly orientation: Orientation;
};

/** One bundle that is round about the tube's own axis. */
export function isRoundAlong({ bundles }: { readonly bundles: readonly Lying[] }, axis: 0 | 1 | 2): boolean {
  const [{ wrapped, layout, orientation }] = bundles as readonly [Lying, ...Lying[]];
  const { form, wrapAxis } = wrapped.piece;
  return bundles.length === 1 && layout.count === 1 && FORMS[form].section === 'cylinder' && orientation[axis] === wrapAxis;
}

/** Gaps that are there to be filled: where a core bears on the box, round all or round some, there is none to speak of. */
export function gapsToFill({ gaps, inner, shared }: Pick<StowedBox, 'gaps' | 'inner' | 'shared'>): Gaps {
  const core = inner ? inner.core : shared?.core;
  if (!core) return gaps;
  const [one, other] = ENDS[core.axis];
  return { ...gaps, [one]: Infinity, [other]: Infinity };
}
const ENDS = [
  ['left', 'right'],
  ['front', 'back'],
  ['bottom', 'top'],
] as const;
