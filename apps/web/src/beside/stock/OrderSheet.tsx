'use client';
import { Button, Select } from 'antd';
import { Download, PackagePlus, Printer } from 'lucide-react';
import { stockName, type StockAhead } from '@inch-nest/core';
import type { StockView } from '@inch-nest/contracts';
import { useShop } from '../../session/ShopContext.tsx';
import { lastsWords, stockAmount, toBuyWords } from '../../words/stockAmount.ts';

const WEEKS = [1, 2, 4, 8, 13];

/** What goes, how long it lasts, and what to buy: the soonest first. */
export function OrderSheet({
  stock,
  weeks,
  onWeeks,
  onCame,
}: {
  stock: StockView;
  weeks: number;
  onWeeks: (weeks: number) => void;
  /** A delivery of this is at the door. */
  onCame: (item: StockAhead) => void;
}) {
  const { write } = useShop();
  const { ahead, valueMinor } = stock;
  const moving = ahead.filter(({ perWeek, reserved, toBuy }) => perWeek > 0 || reserved > 0 || toBuy > 0).sort(sooner);
  const total = ahead.reduce((sum, { costMinor }) => sum + costMinor, 0);
  const wanted = ahead.filter(({ toBuy }) => toBuy > 0).length;
  const of = (one: StockAhead, amount: number) => stockAmount(one.kind, amount, write);
  return (
    <>
      <p className="stock-worth">
        {wanted > 0 ? (
          <>
            <b className="numeral">{wanted}</b> to buy, about <b className="numeral">{write.money(total)}</b>,
          </>
        ) : (
          'Nothing is to be bought yet'
        )}{' '}
        for{' '}
        <Select
          aria-label="Weeks to buy for"
          value={weeks}
          options={WEEKS.map((value) => ({ value, label: value === 1 ? '1 week' : `${value} weeks` }))}
          popupMatchSelectWidth={false}
          onChange={onWeeks}
        />{' '}
        beyond the wait. What is there is worth <b className="numeral">{write.money(valueMinor)}</b> at what was paid.
      </p>
      <span className="stock-actions">
        <a className="link-button" href={`/api/stock?as=pdf&weeks=${weeks}`} target="_blank" rel="noreferrer">
          <Printer size={20} aria-hidden /> Shopping list
        </a>
        <a className="link-button" href={`/api/stock?as=csv&weeks=${weeks}`}>
          <Download size={20} aria-hidden /> As CSV
        </a>
      </span>
      <table className="stock-table ahead-table">
        <thead>
          <tr>
            <th>Stock</th>
            <th>Left</th>
            <th>Kept by nests</th>
            <th>Goes a week</th>
            <th>Lasts</th>
            <th>Order by</th>
            <th>Buy</th>
            <th>
              <span className="unseen">A delivery</span>
            </th>
          </tr>
        </thead>
        <tbody>
          {moving.map((one) => (
            <tr key={stockName(one)} className={one.toBuy > 0 ? 'out' : ''}>
              <th scope="row">{one.name}</th>
              <td className="numeral">{of(one, one.onHand)}</td>
              <td className="numeral">{one.reserved > 0 ? of(one, one.reserved) : '—'}</td>
              <td className="numeral">{one.perWeek > 0 ? of(one, one.perWeek) : '—'}</td>
              <td>{lastsWords(one, write)}</td>
              <td>
                {one.orderBy ? write.day(one.orderBy) : '—'}
                <br />
                <span className="soft">{waitWords(one)}</span>
              </td>
              <td className="numeral">
                {one.toBuy > 0 ? (
                  <>
                    <b>{toBuyWords(one, write)}</b>
                    <br />
                    <span className="soft">{write.money(one.costMinor)}</span>
                  </>
                ) : (
                  '—'
                )}
              </td>
              <td>
                <Button icon={<PackagePlus size={20} aria-hidden />} aria-label={`${one.name} came`} onClick={() => onCame(one)}>
                  came
                </Button>
              </td>
            </tr>
          ))}
        </tbody>
      </table>
      {moving.length === 0 && <p>Nothing has gone yet: what is sealed is counted from now on.</p>}
    </>
  );
}

/** What is to be bought stands first, then what lasts least. */
const sooner = (a: StockAhead, b: StockAhead): number =>
  Number(b.toBuy > 0) - Number(a.toBuy > 0) || (a.daysLeft ?? Infinity) - (b.daysLeft ?? Infinity) || a.name.localeCompare(b.name);

/** How long one waits for it, and whether that was ever timed. */
function waitWords({ timed, leadDays, secondhand }: StockAhead): string {
  const days = leadDays === 1 ? 'a day' : `${leadDays} days`;
  return secondhand ? 'comes back used' : timed ? `last took ${days}` : `if it takes ${days}`;
}
