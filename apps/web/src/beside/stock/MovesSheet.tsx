'use client';
import Link from 'next/link';
import { countedStock, localTime, stockName, type MoveReason } from '@inch-nest/core';
import { nameAmong, type MoveView } from '@inch-nest/contracts';
import { useSheet, type SortsBy } from '../../parts/useSheet.tsx';
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
  const nameOf = ({ kind, key }: MoveView) => names.get(stockName({ kind, key })) ?? key;
  const by: SortsBy<MoveView> = {
    when: ({ at }) => at,
    stock: nameOf,
    what: ({ why }) => WHY[why],
    amount: ({ amount }) => amount,
    paid: ({ paidMinor }) => paidMinor ?? 0,
  };
  const words = (move: MoveView) => [nameOf(move), WHY[move.why], move.supplier, move.parcel?.code].filter(Boolean).join(' ');
  const { shown, head, finder } = useSheet(moves, by, words, ({ id }) => String(id));
  if (moves.length === 0) return <p>Nothing has moved yet.</p>;
  return (
    <>
      {finder('what came and went')}
      <div className="sheet-scroll">
        <table className="stock-table">
          <thead>
            <tr>
              {head('when', 'When')}
              {head('stock', 'Stock')}
              {head('what', 'What')}
              {head('amount', 'How much')}
              {head('paid', 'Paid')}
              <th>By</th>
            </tr>
          </thead>
          <tbody>
            {shown.map(({ id, at, kind, key, why, amount, paidMinor, supplier, parcel, personId }) => (
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
      </div>
    </>
  );
}
