'use client';
import { useShop } from '../../session/ShopContext.tsx';
import type { ParcelUse } from '../../parcel/useParcel.ts';
import { lifeByDay, spanWords, timesWords } from '../../words/lifeByDay.ts';

/** Everything that happened to the parcel, day by day, with who and when; and all of it as a file. */
export function LifeList({ parcel }: { parcel: ParcelUse }) {
  const { shop, write } = useShop();
  const { view } = parcel;
  const materials = [...shop.stock.wraps, ...shop.stock.fills];
  const nameOf = (key: string) => materials.find((one) => one.key === key)?.name ?? key;
  return (
    <section aria-label="Its life so far" className="life">
      <h2>Its life so far</h2>
      {lifeByDay(view.events, shop, { ...write, nameOf }).map(({ day, lines }) => (
        <div key={day}>
          <h3>{day}</h3>
          <ol>
            {lines.map((line) => (
              <li key={line.id} className={line.takenBack ? 'taken-back' : ''}>
                <span className="numeral soft">{spanWords(line)}</span> {timesWords(line)} <span className="soft">{line.who}</span>
              </li>
            ))}
          </ol>
        </div>
      ))}
      <a href={`/api/parcels/${view.id}/export`} download>
        All of it as JSON
      </a>
    </section>
  );
}
