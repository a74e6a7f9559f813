import { IN2_PER_FT2 } from '../../units/index.ts';
import type { CutPart } from './CutPart.ts';

/** Pieces of board that are left over from others, so many of one size; inches. */
export interface Offcut {
  readonly lengthIn: number;
  readonly widthIn: number;
  readonly count: number;
}

/** What is narrower than this is thrown away: no pad, liner or strip comes of it; inches, judgement. */
export const OFFCUT_LEAST_IN = 3;
/** A part may be larger than its offcut by what a rule does not tell; inches. */
const RULE_IN = 1 / 64;

/** One part and what it is cut from. */
export interface FromOffcut {
  readonly part: Pick<CutPart, 'name' | 'lengthIn' | 'heightIn'>;
  /** The longer side first. */
  readonly from: Pick<Offcut, 'lengthIn' | 'widthIn'>;
  /** That is what another part has left of one. */
  readonly isRest: boolean;
}

/** Which parts come of what is left over, which need a new sheet, and what is left afterwards. */
export interface OffcutsUsed {
  readonly taken: readonly FromOffcut[];
  /** So many of each part for which no piece is large enough. */
  readonly lacking: readonly { readonly part: FromOffcut['part']; readonly count: number }[];
  readonly left: readonly Offcut[];
}

type Rectangle = readonly [lengthIn: number, widthIn: number];

const area = ([length, width]: Rectangle): number => length * width;
const holds = ([length, width]: Rectangle, [long, wide]: Rectangle): boolean => length >= long - RULE_IN && width >= wide - RULE_IN;

/** So many parts of one size in rows, all lying one way. */
const howMany = ([length, width]: Rectangle, [long, wide]: Rectangle): number =>
  Math.floor((length + RULE_IN) / long) * Math.floor((width + RULE_IN) / wide);

/** What is left of a piece on either side of a corner that is cut out of it: of two cuts through, the one that leaves the larger rest. */
function restsOf([length, width]: Rectangle, [long, wide]: Rectangle): Rectangle[] {
  const [beyond, above] = [Math.max(0, length - long), Math.max(0, width - wide)];
  const across: Rectangle[] = [
    [beyond, width],
    [long, above],
  ];
  const along: Rectangle[] = [
    [length, above],
    [beyond, wide],
  ];
  const largest = (rests: readonly Rectangle[]) => Math.max(...rests.map(area));
  const rests = largest(along) > largest(across) ? along : across;
  return rests.filter((rest) => Math.min(...rest) >= OFFCUT_LEAST_IN);
}

/** Pieces of one size together, the largest first. */
function gathered(pieces: readonly Rectangle[]): Offcut[] {
  const bySize = new Map<string, Offcut>();
  for (const piece of pieces) {
    const [lengthIn, widthIn] = [Math.max(...piece), Math.min(...piece)];
    const size = `${lengthIn} ${widthIn}`;
    bySize.set(size, { lengthIn, widthIn, count: (bySize.get(size)?.count ?? 0) + 1 });
  }
  return [...bySize.values()].sort((a, b) => b.lengthIn * b.widthIn - a.lengthIn * a.widthIn);
}

/**
 * Parts cut from what is left over: the largest first, each from the smallest piece that holds it, either way round (which way the
 * flutes of an offcut run is not known), and by cuts that go through from edge to edge, as a knife and a rule make them. What is
 * left of a piece is a piece again.
 *
 * @param parts what is to be cut; inches
 * @param offcuts the pieces there are; inches
 */
export function cutFromOffcuts(
  parts: readonly Pick<CutPart, 'name' | 'count' | 'lengthIn' | 'heightIn'>[],
  offcuts: readonly Offcut[],
): OffcutsUsed {
  const pieces = offcuts.flatMap(({ lengthIn, widthIn, count }) =>
    Array.from({ length: count }, (): { size: Rectangle; isRest: boolean } => ({ size: [lengthIn, widthIn], isRest: false })),
  );
  const taken: FromOffcut[] = [];
  const lacking: { part: FromOffcut['part']; count: number }[] = [];
  const sizeOf = ({ lengthIn, heightIn }: FromOffcut['part']): Rectangle => [lengthIn, heightIn];
  for (const { count, name, lengthIn, heightIn } of [...parts].sort((a, b) => area(sizeOf(b)) - area(sizeOf(a)))) {
    const part = { name, lengthIn, heightIn };
    for (let served = 0; served < count; served++) {
      const size = sizeOf(part);
      const ways = pieces
        .flatMap(({ size: piece, isRest }, at) => ([size, [size[1], size[0]]] as const).map((lying) => ({ at, piece, isRest, lying })))
        .filter(({ piece, lying }) => holds(piece, lying));
      const rest = ({ piece, lying }: (typeof ways)[number]) => Math.max(0, ...restsOf(piece, lying).map(area));
      const alike = ({ piece, lying }: (typeof ways)[number]) => Math.min(count - served, howMany(piece, lying));
      // the smallest piece, and of its two ways the one that gives more of them, then the one that leaves the larger rest
      const [best] = ways.sort((a, b) => area(a.piece) - area(b.piece) || alike(b) - alike(a) || rest(b) - rest(a) || a.at - b.at);
      if (!best) {
        lacking.push({ part, count: count - served });
        break;
      }
      const from = { lengthIn: Math.max(...best.piece), widthIn: Math.min(...best.piece) };
      taken.push({ part, from, isRest: best.isRest });
      pieces.splice(best.at, 1, ...restsOf(best.piece, best.lying).map((rest) => ({ size: rest, isRest: true })));
    }
  }
  return { taken, lacking, left: gathered(pieces.map(({ size }) => size)) };
}

/** Board in pieces that are left over, square feet. */
export const offcutsFt2 = (offcuts: readonly Offcut[]): number =>
  offcuts.reduce((sum, { lengthIn, widthIn, count }) => sum + count * lengthIn * widthIn, 0) / IN2_PER_FT2;
