import type { Stockroom } from '../materials/stock.ts';
import { averagePrice } from './averagePrice.ts';
import { rollFt2Of } from './countedStock.ts';
import type { PriceThen, StockMove } from './StockMove.ts';

/**
 * A stockroom after one move: the count goes up or down, and the price follows a delivery that was paid for.
 *
 * @returns null where the stockroom does not hold it
 */
export function movedStock(
  stock: Stockroom,
  { kind, key, amount, paidMinor, priceThen }: Pick<StockMove, 'kind' | 'key' | 'amount' | 'paidMinor' | 'priceThen'>,
): Stockroom | null {
  const priced = (onHand: number, eachMinor: number): number => {
    if (paidMinor === null) return eachMinor;
    return restored(eachMinor, priceThen) ?? averagePrice(onHand, eachMinor, amount, paidMinor);
  };
  const within = <Row extends { readonly key: string }>(rows: readonly Row[], move: (row: Row) => Row): readonly Row[] | null =>
    rows.some((row) => row.key === key) ? rows.map((row) => (row.key === key ? move(row) : row)) : null;
  switch (kind) {
    case 'box': {
      const boxes = within(stock.boxes, (box) => ({
        ...box,
        onHand: box.onHand + amount,
        priceMinor: Math.round(priced(box.onHand, box.priceMinor)),
      }));
      return boxes && { ...stock, boxes };
    }
    case 'wrap': {
      const wraps = within(stock.wraps, (wrap) => {
        const rollFt2 = rollFt2Of(wrap);
        const priceMinor = Math.round(priced(wrap.onHandFt2, wrap.priceMinor / rollFt2) * rollFt2);
        return { ...wrap, onHandFt2: wrap.onHandFt2 + amount, priceMinor };
      });
      return wraps && { ...stock, wraps };
    }
    case 'fill': {
      const fills = within(stock.fills, (fill) => ({
        ...fill,
        onHandFt3: fill.onHandFt3 + amount,
        minorPerFt3: Math.round(priced(fill.onHandFt3, fill.minorPerFt3)),
      }));
      return fills && { ...stock, fills };
    }
    case 'board': {
      const { linerBoard } = stock;
      return (
        linerBoard && {
          ...stock,
          linerBoard: {
            ...linerBoard,
            onHandFt2: linerBoard.onHandFt2 + amount,
            minorPerFt2: priced(linerBoard.onHandFt2, linerBoard.minorPerFt2),
          },
        }
      );
    }
  }
}

/** The price before a delivery that is taken back, where it still is what that delivery made it: an empty shelf has no average to go back to. */
const restored = (eachMinor: number, then: PriceThen | undefined): number | null =>
  then && Math.abs(eachMinor - then.becameMinor) < 1e-6 * Math.max(1, eachMinor) ? then.wasMinor : null;
