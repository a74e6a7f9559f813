'use client';
import { Button } from 'antd';
import Link from 'next/link';
import { useState } from 'react';
import type { ParcelView } from '@inch-nest/contracts';
import { send } from '../../session/http.ts';
import { useShop } from '../../session/ShopContext.tsx';
import type { ParcelUse } from '../../parcel/useParcel.ts';
import { useShelf } from '../../parcel/useShelf.ts';
import { Trouble } from '../../parts/Trouble.tsx';

const OPEN = ['draft', 'planned', 'packing', 'sealed', 'weighed', 'rated', 'labelled'];

/** Several parcels to one buyer: put together they are 1 of 2 and 2 of 2, on labels, tags and sheets. */
export function GoTogether({ parcel }: { parcel: ParcelUse }) {
  const { person } = useShop();
  const { view, put } = parcel;
  const [problem, setProblem] = useState<string | null>(null);
  const shelf = useShelf();
  const buyer = view.sale.buyer.value;
  const others = (shelf ?? []).filter(
    (one) =>
      buyer !== null &&
      one.tag === buyer &&
      one.postcode === view.sale.destinationPostcode.value &&
      one.id !== view.id &&
      OPEN.includes(one.state),
  );
  const apart = others.filter((one) => !view.set.some((member) => member.id === one.id));
  if (view.set.length < 2 && apart.length === 0) return null;
  const together = (parcelIds: string[]) =>
    send<ParcelView>('POST', `/api/parcels/${view.id}/together`, { personId: person.id, parcelIds }).then(put, (error: Error) =>
      setProblem(error.message),
    );
  return (
    <section aria-label="Parcels that go together" className="together">
      <h2>Parcels that go together</h2>
      {view.set.length > 1 && (
        <>
          <ol>
            {view.set.map((one) => (
              <li key={one.id}>
                {one.id === view.id ? <b>{one.title}, this one</b> : <Link href={`/parcels/${one.id}/send`}>{one.title}</Link>}{' '}
                <span className="numeral">
                  {one.code}
                  {one.tracking && ` · ${one.tracking}`}
                </span>
              </li>
            ))}
          </ol>
          <Button onClick={() => void together([view.id])}>This one goes alone</Button>
        </>
      )}
      {apart.length > 0 && (
        <div className="act-row">
          <span>
            {apart.map((one) => one.title).join(' and ')} {apart.length === 1 ? 'goes' : 'go'} to {buyer} too.
          </span>
          <Button onClick={() => void together([...new Set([view.id, ...view.set.map((one) => one.id), ...apart.map((one) => one.id)])])}>
            They go together
          </Button>
        </div>
      )}
      <Trouble says={problem} />
    </section>
  );
}
