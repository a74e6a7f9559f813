import { headers } from 'next/headers';
import { notFound } from 'next/navigation';
import type { ReactNode } from 'react';
import { Bench } from '../../../frame/Bench.tsx';
import { actingPerson } from '../../../server/actingPerson.ts';
import { pageFor } from '../../pageFor.tsx';
import { forEyes } from '../../../server/people/forEyes.ts';
import { findParcel, shelfNow } from '../../../server/rooms.ts';

/** One parcel at the bench; its stations are pages in the middle of it, and what is planned stays while they change. */
export default pageFor('/parcels/[id]', async ({ params, children }: { params: Promise<{ id: string }>; children: ReactNode }) => {
  const shelf = await forEyes(await shelfNow());
  // what a browser keeps for the bench holds no other buyer
  const kept = (await headers()).has('x-inch-nest-keep');
  const view = await findParcel(params, (await actingPerson()).id);
  if (!view) notFound();
  return (
    <Bench key={view.id} initial={await forEyes(view)} shelf={kept ? shelf.filter((tag) => tag.id === view.id) : shelf}>
      {children}
    </Bench>
  );
});
