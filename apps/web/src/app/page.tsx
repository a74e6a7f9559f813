import { redirect } from 'next/navigation';
import { shelfNow } from '../server/rooms.ts';

/** Opens on the first parcel of the shelf. */
export default async function Page() {
  const [first] = await shelfNow();
  redirect(first ? `/parcels/${first.id}/nest` : '/new');
}
