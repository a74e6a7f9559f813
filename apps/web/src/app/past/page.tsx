import { PastParcels } from '../../beside/past/PastParcels.tsx';
import { pastAsked, pastNow, shelfNow } from '../../server/rooms.ts';

export default async function Page({ searchParams }: { searchParams: Promise<Record<string, string | string[] | undefined>> }) {
  const asked = pastAsked(await searchParams);
  return <PastParcels asked={asked} initial={await pastNow(asked)} shelf={await shelfNow()} />;
}
