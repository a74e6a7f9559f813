import {
  BOARD_GRADES,
  compressionStrengthLbf,
  IN2_PER_FT2,
  LINER_STRENGTH,
  cutOf,
  shopMinutes,
  withScraps,
  type CutOrder,
  type CutWork,
  type House,
  type SheetBoard,
  type Triple,
} from '@inch-nest/core';
import { gradeWith, insideOf } from './cutKinds.ts';

/** What one order comes to. */
export interface CutSums {
  readonly work: CutWork;
  readonly boardFt2: number;
  readonly wasteFt2: number;
  readonly minutes: number;
  /** Board and minutes, minor units; of the board nothing where the stockroom has no sheet. */
  readonly costMinor: number;
  /** What the box bears on end, pounds-force, before and after; null where no box is made or changed. */
  readonly bearsLbf: { readonly before: number | null; readonly after: number } | null;
}

/** An order worked out, or the sentence why it cannot be. */
export function sumsOf(
  order: CutOrder,
  sheet: SheetBoard | null,
  { labourMinorPerHour }: Pick<House, 'labourMinorPerHour'>,
): CutSums | string {
  let work: CutWork;
  try {
    work = cutOf(order);
  } catch (error) {
    if (!(error instanceof RangeError)) throw error;
    return inWords(error.message);
  }
  const boardFt2 = work.boardUsedIn2 / IN2_PER_FT2;
  const minutes = shopMinutes(order.kind, work);
  return {
    work,
    boardFt2,
    wasteFt2: work.wasteIn2 / IN2_PER_FT2,
    minutes,
    costMinor: withScraps(boardFt2) * (sheet?.minorPerFt2 ?? 0) + (minutes * labourMinorPerHour) / 60,
    bearsLbf: bearsOf(order, work),
  };
}

/** McKee of the box as it was and as it will be: the walls' length counts, a second wall half as much again. */
function bearsOf(order: CutOrder, { outsideIn }: CutWork): CutSums['bearsLbf'] {
  if (!('caliper' in order)) return null;
  const { edgeCrushLbPerIn, caliperIn } = gradeWith(order.caliper)?.[1] ?? { ...BOARD_GRADES.ordinary, caliperIn: order.caliper };
  const around = ([l, w]: readonly number[]) => compressionStrengthLbf(edgeCrushLbPerIn, caliperIn, 2 * (l! + w!));
  const outside = ([l, w]: Triple) => [l + 2 * caliperIn, w + 2 * caliperIn];
  switch (order.kind) {
    case 'lower':
    case 'shorten':
      return { before: around(outside(order.box)), after: around(outsideIn!) };
    case 'wrapAround':
      return { before: null, after: around(outsideIn!) };
    case 'liner': {
      const box = BOARD_GRADES.ordinary;
      const before = compressionStrengthLbf(
        box.edgeCrushLbPerIn,
        box.caliperIn,
        2 * (insideOf(order)[0] + insideOf(order)[1]) + 8 * box.caliperIn,
      );
      return { before, after: before * LINER_STRENGTH };
    }
    default:
      return null;
  }
}

const NAMES: Readonly<Record<string, string>> = {
  caliper: 'the board',
  newDepth: 'the new depth',
  new: 'the new side',
  diameter: 'the tube',
  wall: 'the wall',
  bore: 'the bore',
  gap: 'the gap',
  cells: 'cells',
  count: 'so many',
  inside: 'the inside',
  height: 'the height',
};

/** What the core finds impossible, with the figure by its own name. */
export function inWords(message: string): string {
  const [, name, rest] = /^(\w+?)(?:In)? (.*)$/.exec(message) ?? [];
  return name && rest ? `${NAMES[name] ?? name} ${rest}` : message;
}
