'use client';
import Link from 'next/link';
import { countedStock, localTime, stockName, type MoveReason } from '@inch-nest/core';
import { nameAmong, type MoveView } from '@inch-nest/contracts';
import { useShop } from '../../session/ShopContext.tsx';
import { stockAmount } from '../../words/stockAmount.ts';

const WHY: Readonly<Record<MoveReason, string>> = {
  counted: 'counted',
  received: 'came in',
  used: 'used',
  spoiled: 'spoiled',
  cameBack: 'came back',
  takenBack: 'taken back',
};

/** The latest moves of what is counted, with who told them and which parcel took it. */
export function MovesSheet({ moves }: { moves: readonly MoveView[] }) {
  const { shop, write } = useShop();
  const clock = (at: string) => {
    const { day, time } = localTime(new Date(at), shop.zone);
    return `${write.day(day)} ${time}`;
  };
  const names = new Map(countedStock(shop.stock).map((one) => [stockName(one), one.name]));
  if (moves.length === 0) return <p>Nothing has moved yet.</p>;
  return (
    <table className="stock-table">
      <thead>
        <tr>
          <th>When</th>
          <th>Stock</th>
          <th>What</th>
          <th>How much</th>
          <th>Paid</th>
          <th>By</th>
        </tr>
      </thead>
      <tbody>
        {moves.map(({ id, at, kind, key, why, amount, paidMinor, supplier, parcel, personId }) => (
          <tr key={id}>
            <td className="numeral">{clock(at)}</td>
            <th scope="row">{names.get(stockName({ kind, key })) ?? key}</th>
            <td>
              {WHY[why]}
              {supplier && ` from ${supplier}`}
              {parcel && (
                <>
                  {' '}
                  <Link href={`/parcels/${parcel.id}/bench`} className="numeral">
                    {parcel.code}
                  </Link>
                </>
              )}
            </td>
            <td className="numeral">
              {amount > 0 ? '+' : '−'}
              {stockAmount(kind, Math.abs(amount), write)}
            </td>
            <td className="numeral">{paidMinor === null ? '—' : write.money(paidMinor)}</td>
            <td>{personId ? nameAmong(shop.people, personId) : 'as it began'}</td>
          </tr>
        ))}
      </tbody>
    </table>
  );
}
