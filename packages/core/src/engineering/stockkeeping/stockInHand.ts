import type { Stockroom } from '../materials/stock.ts';

/** What somebody has in the hand to pack with. */
export interface InHand {
  /** Of each fill so many of its units: pillows, scoops, sheets. */
  readonly fills: readonly { readonly key: string; readonly units: number }[];
  /** Wraps, as much as there is of each. */
  readonly wraps: readonly string[];
}

/** The stockroom as it is for whoever packs with what is in the hand: of a kind that something is in the hand of there is nothing else. */
export function stockInHand(stock: Stockroom, { fills, wraps }: InHand): Stockroom {
  return {
    ...stock,
    fills:
      fills.length === 0
        ? stock.fills
        : stock.fills.flatMap((fill) => {
            const held = fills.find(({ key }) => key === fill.key);
            return held ? [{ ...fill, onHandFt3: held.units * fill.unitFt3 }] : [];
          }),
    wraps: wraps.length === 0 ? stock.wraps : stock.wraps.filter(({ key }) => wraps.includes(key)),
  };
}
