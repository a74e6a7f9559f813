import { headers } from 'next/headers';
import { notFound } from 'next/navigation';
import type { ReactNode } from 'react';
import { Bench } from '../../../frame/Bench.tsx';
import { openingPerson } from '../../../server/actingPerson.ts';
import { findParcel, shelfNow, shopNow } from '../../../server/rooms.ts';

/** One parcel at the bench; its stations are pages in the middle of it, and what is planned stays while they change. */
export default async function Layout({ params, children }: { params: Promise<{ id: string }>; children: ReactNode }) {
  const [shop, shelf] = await Promise.all([shopNow(), shelfNow()]);
  const person = await openingPerson(shop);
  // what a browser keeps for the bench holds no other buyer
  const kept = (await headers()).has('x-inch-nest-keep');
  const view = await findParcel(params, person.id);
  if (!view) notFound();
  return (
    <Bench key={view.id} initial={view} shelf={kept ? shelf.filter((tag) => tag.id === view.id) : shelf}>
      {children}
    </Bench>
  );
}
