import { cookies } from 'next/headers';
import { notFound } from 'next/navigation';
import { Missing } from '@inch-nest/data';
import { Bench } from '../../../../screens/bench/Bench.tsx';
import { STATION_PATHS, type StationPath } from '../../../../screens/bench/stations.ts';
import { readId } from '../../../../server/readId.ts';
import { parcelNow, shelfNow, shopNow } from '../../../../server/rooms.ts';

export default async function Page({ params }: { params: Promise<{ id: string; station: string }> }) {
  const { station } = await params;
  if (!STATION_PATHS.includes(station as StationPath)) notFound();
  const { people } = await shopNow();
  const chosen = (await cookies()).get('person')?.value;
  const person = people.find((one) => one.id === chosen) ?? people[0]!;
  const view = await readId({ params })
    .then((id) => parcelNow(id, person.id))
    .catch((error: unknown) => {
      if (error instanceof Missing) return null;
      throw error;
    });
  if (!view) notFound();
  return <Bench key={view.id} initial={view} shelf={await shelfNow()} station={station as StationPath} />;
}
