'use client';
import { lifeWords } from '@inch-nest/core';
import { useShop } from '../../session/ShopContext.tsx';
import type { ParcelUse } from '../../parcel/useParcel.ts';

/** Everything that happened to the parcel, in order, with who and when; and all of it as a file. */
export function LifeList({ parcel }: { parcel: ParcelUse }) {
  const { shop, write } = useShop();
  const { view } = parcel;
  const when = new Intl.DateTimeFormat('en', { timeZone: shop.zone, dateStyle: 'medium', timeStyle: 'short' });
  const takenBack = new Set(view.events.flatMap((event) => (event.undoOf ? [event.undoOf] : [])));
  return (
    <section aria-label="Its life so far" className="life">
      <h2>Its life so far</h2>
      <ol>
        {view.events.map((event) => (
          <li key={event.id} className={takenBack.has(event.id) ? 'taken-back' : ''}>
            {lifeWords(event, write)}{' '}
            <span className="soft">
              {shop.people.find((person) => person.id === event.personId)?.name}, {when.format(new Date(event.at))}
            </span>
          </li>
        ))}
      </ol>
      <a href={`/api/parcels/${view.id}/export`} download>
        All of it as JSON
      </a>
    </section>
  );
}
