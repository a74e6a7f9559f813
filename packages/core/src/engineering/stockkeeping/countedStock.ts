import type { Stockroom, WrapStock } from '../materials/stock.ts';
import { IN2_PER_FT2 } from '../../units/index.ts';
import { SHEET_BOARD, type StockKind } from './StockMove.ts';

/** One thing of a stockroom as it is counted. */
export interface CountedItem {
  readonly kind: StockKind;
  readonly key: string;
  readonly name: string;
  /** Square feet, cubic feet, boxes, or square feet of sheet board. */
  readonly onHand: number;
  /** Price of one of what is counted, minor units; not whole. */
  readonly eachMinor: number;
  /** What is bought at once: a roll, one of what the packer counts, a box. */
  readonly pack: number;
  /** It comes back used and is not sold anywhere. */
  readonly secondhand: boolean;
}

/** What a whole roll or sheet covers, square feet. */
export const rollFt2Of = ({ rollWidthIn, rollLengthIn }: Pick<WrapStock, 'rollWidthIn' | 'rollLengthIn'>): number =>
  (rollWidthIn * rollLengthIn) / IN2_PER_FT2;

/** Everything that is counted, in the order of the stockroom; carriers’ own boxes are not. */
export const countedStock = ({ wraps, fills, boxes, linerBoard }: Stockroom): CountedItem[] => [
  ...wraps.map((wrap): CountedItem => {
    const rollFt2 = rollFt2Of(wrap);
    return {
      kind: 'wrap',
      key: wrap.key,
      name: wrap.name,
      onHand: wrap.onHandFt2,
      eachMinor: wrap.priceMinor / rollFt2,
      pack: rollFt2,
      secondhand: wrap.reused,
    };
  }),
  ...fills.map(({ key, name, onHandFt3, minorPerFt3, unitFt3 }): CountedItem => ({
    kind: 'fill',
    key,
    name,
    onHand: onHandFt3,
    eachMinor: minorPerFt3,
    pack: unitFt3,
    secondhand: false,
  })),
  ...boxes
    .filter(({ container }) => container === null)
    .map(({ key, name, onHand, priceMinor, earlierUses }): CountedItem => ({
      kind: 'box',
      key,
      name,
      onHand,
      eachMinor: priceMinor,
      pack: 1,
      secondhand: earlierUses > 0,
    })),
  ...(linerBoard
    ? [
        {
          kind: 'board' as const,
          key: SHEET_BOARD,
          name: 'Sheet board',
          onHand: linerBoard.onHandFt2,
          eachMinor: linerBoard.minorPerFt2,
          pack: 1,
          secondhand: false,
        },
      ]
    : []),
];
