import type { StockAhead, StockKind } from '@inch-nest/core';
import { writeTable } from './readTable.ts';

/** What each kind of stock is counted in. */
const UNIT: Readonly<Record<StockKind, string>> = { wrap: 'ft2', fill: 'ft3', box: 'boxes', board: 'ft2' };
const COLUMNS = ['key', 'name', 'kind', 'buy', 'packs', 'unit', 'about', 'on hand', 'kept by nests', 'a week', 'days left', 'order by'];

const rounded = (figure: number): number => Number(figure.toFixed(2));

/** A shopping list as CSV: amounts in feet and pieces, money in whole units, only what is to be bought. */
export const writeOrderCsv = (ahead: readonly StockAhead[]): string =>
  writeTable(
    COLUMNS,
    ahead
      .filter(({ toBuy }) => toBuy > 0)
      .map((one) => ({
        key: one.key,
        name: one.name,
        kind: one.kind,
        buy: rounded(one.toBuy),
        packs: Math.round(one.toBuy / one.pack),
        unit: UNIT[one.kind],
        about: (one.costMinor / 100).toFixed(2),
        'on hand': rounded(one.onHand),
        'kept by nests': rounded(one.reserved),
        'a week': rounded(one.perWeek),
        'days left': one.daysLeft === null ? '' : Math.floor(one.daysLeft),
        'order by': one.orderBy ?? '',
      })),
  );
