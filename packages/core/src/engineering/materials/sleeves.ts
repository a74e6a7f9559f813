import { isEnvelope } from '../board/envelope.ts';
import type { Triple } from '../geometry/wrapLayer.ts';
import { IN2_PER_FT2 } from '../../units/index.ts';
import type { BoxStock, Stockroom, WrapStock } from './stock.ts';

/** What a padded envelope is lined with, a side; judgement. */
export const PADDING = { cushion: 'smallBubble', thicknessIn: 0.15 } as const;

/** Minutes to slide a bundle into an envelope, fold it over and close it; judgement. */
const SLEEVE_MINUTES = 0.75;

/**
 * An envelope of the shop's own as a wrap that goes round one bundle inside a box; null for what is none, and for a carrier's own,
 * which leaves with its carrier. A padded one cushions as its lining does, one that is stiffened is a card on both sides. Its two
 * faces are all of it that is taken: nothing is torn off, nothing is scrap.
 */
function sleeveOf(box: BoxStock): WrapStock | null {
  if (!isEnvelope(box) || box.container !== null) return null;
  const stiff = box.style === 'stiffened';
  const [lengthIn, widthIn] = box.insideIn;
  return {
    key: box.key,
    name: box.name,
    role: 'sleeve',
    cushion: stiff ? null : PADDING.cushion,
    thicknessIn: stiff ? box.board.caliperIn : PADDING.thicknessIn,
    rollWidthIn: widthIn,
    rollLengthIn: 2 * lengthIn,
    priceMinor: box.priceMinor,
    lbPerFt2: box.board.lbPerFt2,
    minutesPerTurn: SLEEVE_MINUTES,
    abrasive: true,
    stiff,
    reused: false,
    onHandFt2: (Math.max(0, box.onHand) * 2 * lengthIn * widthIn) / IN2_PER_FT2,
    sleeve: { insideIn: box.insideIn },
  };
}

/** All that goes round a bundle: the sheets, and after them the envelopes that one may lie in. Made once for each stockroom. */
export function wrapsIn({ wraps, boxes }: Pick<Stockroom, 'wraps' | 'boxes'>): readonly WrapStock[] {
  const known = madeOf.get(boxes);
  if (known?.wraps === wraps) return known.all;
  const all = [...wraps, ...boxes.flatMap((box) => sleeveOf(box) ?? [])];
  madeOf.set(boxes, { wraps, all });
  return all;
}
const madeOf = new WeakMap<readonly BoxStock[], { readonly wraps: readonly WrapStock[]; readonly all: readonly WrapStock[] }>();

/** The axes of a bundle from its longest side to its thinnest: so it lies in an envelope. */
const fromLongest = (sizeIn: Triple): readonly [0 | 1 | 2, 0 | 1 | 2, 0 | 1 | 2] =>
  ([0, 1, 2] as const).toSorted((one, other) => sizeIn[other] - sizeIn[one]) as unknown as [0 | 1 | 2, 0 | 1 | 2, 0 | 1 | 2];

/** Room an envelope has to spare round a bundle, long, wide and deep, inches; below 0 where it does not go in. */
export function spareInSleeve(sizeIn: Triple, insideIn: Triple): Triple {
  return fromLongest(sizeIn).map((axis, at) => insideIn[at]! - sizeIn[axis]) as unknown as Triple;
}

/** True where a bundle goes into an envelope. */
export const goesIntoSleeve = (sizeIn: Triple, { sleeve }: Pick<WrapStock, 'sleeve'>): boolean =>
  sleeve !== undefined && spareInSleeve(sizeIn, sleeve.insideIn).every((spare) => spare >= -1e-9);

/**
 * Outside of a bundle in an envelope: one that is padded is folded over round it, one that is stiff stays as long and wide as it is.
 *
 * @param sheetIn thickness of one face of it
 */
export function sleevedIn(sizeIn: Triple, insideIn: Triple, { stiff }: Pick<WrapStock, 'stiff'>, sheetIn: number): Triple {
  const outsideIn = [0, 0, 0];
  fromLongest(sizeIn).forEach((axis, at) => {
    outsideIn[axis] = (stiff && at < 2 ? Math.max(sizeIn[axis], insideIn[at]!) : sizeIn[axis]) + 2 * sheetIn;
  });
  return outsideIn as unknown as Triple;
}
