'use client';
import { Input, Select } from 'antd';
import { useState } from 'react';
import { parseQuantity, parseWeight, POSTCODE, quoteService, type Shipment, type Triple } from '@inch-nest/core';
import type { CardVersionView } from '@inch-nest/contracts';
import { useShop } from '../../session/ShopContext.tsx';
import { useCard } from './useCard.ts';

/** A parcel that does not exist, priced by one version: what every service would ask, or why it refuses. */
export function TestParcel({ cards }: { cards: readonly CardVersionView[] }) {
  const { shop, person, write } = useShop();
  const [id, setId] = useState((cards.find((card) => card.inForce) ?? cards[0]!).id);
  const [size, setSize] = useState(() => write.size([14, 12, 10]));
  const [weight, setWeight] = useState(() => write.weight(5));
  const [to, setTo] = useState('40217');
  const card = useCard(id);
  const sides = parseQuantity(size, person.system);
  const pounds = parseWeight(weight, person.system);
  const ready = sides.kind === 'dimensions' && sides.inches.length === 3 && pounds.kind === 'weight' && POSTCODE.test(to);
  const shipment: Shipment | null = ready
    ? {
        sizeIn: sides.inches as unknown as Triple,
        weightLb: pounds.pounds,
        originPostcode: shop.originPostcode,
        destinationPostcode: to,
        shipDate: shop.today,
        coverMinor: null,
        signature: false,
        container: null,
        nonRectangular: false,
        goods: [],
      }
    : null;
  const quotes = card && shipment ? card.services.map((service) => quoteService(card, service, shipment)) : [];
  return (
    <section aria-label="Try a parcel" className="test-parcel">
      <h2>Try a parcel</h2>
      <div className="compare-which">
        <Select
          aria-label="By which card"
          value={id}
          popupMatchSelectWidth={false}
          options={cards.map((one) => ({ value: one.id, label: `${one.carrier}, version ${one.version}` }))}
          onChange={setId}
        />
        <Input aria-label="Size of the parcel" value={size} maxLength={60} onChange={(event) => setSize(event.target.value)} />
        <Input aria-label="Weight of the parcel" value={weight} maxLength={40} onChange={(event) => setWeight(event.target.value)} />
        <Input aria-label="To postcode" value={to} maxLength={5} inputMode="numeric" onChange={(event) => setTo(event.target.value)} />
      </div>
      {!ready && (
        <p className="meaning wrong">✗ three sides, a weight and a postcode, please: five digits, abroad with the country in front</p>
      )}
      <ul className="tried">
        {quotes.map((quote) => (
          <li key={quote.service}>
            <b>{quote.serviceName}</b>
            {'refused' in quote ? (
              <span className="soft">✗ {quote.refused}</span>
            ) : (
              <>
                <span className="numeral money">{write.money(quote.totalMinor)}</span>
                <span className="soft">
                  zone {quote.zone} · {quote.lines.map((line) => `${line.label} ${write.money(line.amountMinor)}`).join(', ')}
                  {quote.arrivesOn && ` · there ${write.day(quote.arrivesOn)}`}
                </span>
              </>
            )}
          </li>
        ))}
      </ul>
    </section>
  );
}
