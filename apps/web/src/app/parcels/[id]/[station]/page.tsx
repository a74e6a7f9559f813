import { cookies } from 'next/headers';
import { notFound } from 'next/navigation';
import { Bench } from '../../../../screens/bench/Bench.tsx';
import { STATION_PATHS, type StationPath } from '../../../../screens/bench/stations.ts';
import { findParcel, shelfNow, shopNow } from '../../../../server/rooms.ts';

export default async function Page({ params }: { params: Promise<{ id: string; station: string }> }) {
  const { station } = await params;
  if (!STATION_PATHS.includes(station as StationPath)) notFound();
  const { people } = await shopNow();
  const chosen = (await cookies()).get('person')?.value;
  const person = people.find((one) => one.id === chosen) ?? people[0]!;
  const view = await findParcel(params, person.id);
  if (!view) notFound();
  return <Bench key={view.id} initial={view} shelf={await shelfNow()} station={station as StationPath} />;
}
