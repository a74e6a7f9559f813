'use client';
import { Select } from 'antd';
import { useState } from 'react';
import type { CardVersionView } from '@inch-nest/contracts';
import { useShop } from '../../session/ShopContext.tsx';
import { compareCards } from './compareCards.ts';
import { useCard } from './useCard.ts';

const MOST_SHOWN = 200;

/** Two versions side by side: only what differs. */
export function CompareCards({ cards }: { cards: readonly CardVersionView[] }) {
  const { write } = useShop();
  const options = cards.map((card) => ({ value: card.id, label: `${card.carrier}, version ${card.version}` }));
  const twice = cards.find((card, i) => cards.findIndex((other) => other.cardKey === card.cardKey) !== i);
  const [beforeId, setBefore] = useState(twice?.id ?? cards[1]!.id);
  const [afterId, setAfter] = useState(cards.find((card) => card.cardKey === twice?.cardKey)?.id ?? cards[0]!.id);
  const [before, after] = [useCard(beforeId), useCard(afterId)];
  const found = before && after ? compareCards(before, after, write.money) : null;
  return (
    <section aria-label="Compare two versions" className="compare">
      <h2>Compare two</h2>
      <div className="compare-which">
        <Select aria-label="Earlier version" value={beforeId} options={options} popupMatchSelectWidth={false} onChange={setBefore} />
        <Select aria-label="Later version" value={afterId} options={options} popupMatchSelectWidth={false} onChange={setAfter} />
      </div>
      {found?.length === 0 && <p className="soft">They are the same.</p>}
      {found && found.length > 0 && (
        <table className="stock-table">
          <thead>
            <tr>
              <th>What</th>
              <th>Before</th>
              <th>After</th>
            </tr>
          </thead>
          <tbody>
            {found.slice(0, MOST_SHOWN).map((one) => (
              <tr key={one.what}>
                <th scope="row">{one.what}</th>
                <td className="numeral">{one.before}</td>
                <td className="numeral">
                  <b>{one.after}</b>
                </td>
              </tr>
            ))}
          </tbody>
        </table>
      )}
      {found && found.length > MOST_SHOWN && <p className="soft">and {found.length - MOST_SHOWN} more</p>}
    </section>
  );
}
