import type { WrapStock } from '../../engineering/materials/stock.ts';
import { IN2_PER_FT2 } from '../../units/index.ts';
import type { WrappedItem } from './WrappedItem.ts';

/** True where as much of every sheet is free as these wraps take, of all their pieces together. */
export function sheetsSuffice(wraps: readonly WrappedItem[], free: readonly WrapStock[]): boolean {
  const wantedFt2 = new Map<string, number>();
  for (const { layers, interleaved, piece } of wraps)
    for (const { stock, areaIn2 } of [...layers, ...(interleaved ? [interleaved] : [])])
      wantedFt2.set(stock.key, (wantedFt2.get(stock.key) ?? 0) + (piece.stacks.length * areaIn2) / IN2_PER_FT2);
  return free.every(({ key, onHandFt2 }) => (wantedFt2.get(key) ?? 0) <= Math.max(0, onHandFt2) + 1e-9);
}
