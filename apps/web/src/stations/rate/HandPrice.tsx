'use client';
import { useId } from 'react';
import { FigureField } from '../../parts/FigureField.tsx';
import { useShop } from '../../session/ShopContext.tsx';

const MOST_MINOR = 10_000_000;

interface Props {
  /** The price agreed, once it is. */
  agreedMinor: number | null;
  /** What it might come to, carried on from the tables; null where nothing was reckoned. */
  reckonedMinor: number | null;
  onAgree: (priceMinor: number) => void;
}

/** No service takes it: a price agreed with somebody who does, typed in. */
export function HandPrice({ agreedMinor, reckonedMinor, onAgree }: Props) {
  const { write } = useShop();
  const id = useId();
  return (
    <li className={agreedMinor === null ? 'service' : 'service on'}>
      <div className="service-head">
        <h2>Price by hand</h2>
        {agreedMinor !== null && <span className="numeral money price">{write.money(agreedMinor)}</span>}
      </div>
      <p className="soft">
        No service in reach takes it.{' '}
        {reckonedMinor !== null && `Carried on from the tables it might come to ${write.money(reckonedMinor)}. `}
        Agree a price with a carrier of long or heavy goods and write it here; their label is theirs to print.
      </p>
      <FigureField id={id} label="Agreed" kind="money" value={agreedMinor ?? 0} least={0} most={MOST_MINOR} onKeep={onAgree} />
      {agreedMinor !== null && <p>✓ Chosen</p>}
    </li>
  );
}
