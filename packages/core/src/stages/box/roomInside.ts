import type { BoxStock } from '../../engineering/materials/stock.ts';

/** What a box has room for, cubic inches. */
export const roomInside = ({ insideIn: [l, w, d] }: Pick<BoxStock, 'insideIn'>): number => l * w * d;
