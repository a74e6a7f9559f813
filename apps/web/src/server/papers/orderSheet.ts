import type { StockAhead } from '@inch-nest/core';
import type { ShopView, StockView } from '@inch-nest/contracts';
import { lastsWords, stockAmount, toBuyWords } from '../../words/stockAmount.ts';
import type { Writers } from '../../words/writers.ts';
import { drawPages, flow, line, rule, SHEETS, type Block } from './paper.ts';

const MARGIN = 0.6;

/** The shopping list on paper: what to buy, about what it costs, and why. */
export function orderSheet(
  { name, paper }: Pick<ShopView, 'name' | 'paper'>,
  { ahead, today, weeks }: Pick<StockView, 'ahead' | 'today' | 'weeks'>,
  write: Writers,
): Promise<Buffer> {
  const lasts = (one: StockAhead) => (one.available < 0 ? lastsWords(one, write) : `lasts: ${lastsWords(one, write)}`);
  const wanted = ahead.filter(({ toBuy }) => toBuy > 0);
  const total = wanted.reduce((sum, { costMinor }) => sum + costMinor, 0);
  const blocks: Block[] =
    wanted.length === 0
      ? [{ text: 'Nothing is to be bought yet.', size: 13 }]
      : [
          ...wanted.flatMap((one): Block[] => [
            {
              text: `${one.name}: ${toBuyWords(one, write)}, about ${write.money(one.costMinor)}`,
              size: 14,
              font: 'strong',
              tick: true,
              after: 0,
            },
            {
              text: `${stockAmount(one.kind, one.onHand, write)} left, ${stockAmount(one.kind, one.reserved, write)} of it kept by nests; ${stockAmount(one.kind, one.perWeek, write)} a week; ${lasts(one)}`,
              size: 11,
              after: 0.14,
            },
          ]),
          { text: `About ${write.money(total)} in all.`, size: 14, font: 'head' },
        ];
  return drawPages(`To buy, ${today}`, [
    flow(SHEETS[paper].full, blocks, (page, [wide], sheet) => {
      line(page, 'To buy', { x: MARGIN, y: 0.5, width: wide - 2 * MARGIN }, 24, 'head');
      const says = `${name}, ${today}, for ${weeks} ${weeks === 1 ? 'week' : 'weeks'} beyond the wait${sheet > 1 ? ` · ${sheet}` : ''}`;
      line(page, says, { x: MARGIN, y: 0.9, width: wide - 2 * MARGIN }, 12);
      rule(page, 1.2, MARGIN, wide - MARGIN);
      return 1.35;
    }),
  ]);
}
