import { PastParcels } from '../../beside/past/PastParcels.tsx';
import { pageFor } from '../pageFor.tsx';
import { forEyes } from '../../server/people/forEyes.ts';
import { pastAsked, pastNow, shelfNow } from '../../server/rooms.ts';

export default pageFor('/past', async ({ searchParams }: { searchParams: Promise<Record<string, string | string[] | undefined>> }) => {
  const asked = pastAsked(await searchParams);
  return <PastParcels asked={asked} initial={await forEyes(await pastNow(asked))} shelf={await forEyes(await shelfNow())} />;
});
