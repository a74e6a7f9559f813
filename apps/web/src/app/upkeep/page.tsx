import { Upkeep } from '../../beside/upkeep/Upkeep.tsx';
import { shelfNow } from '../../server/rooms.ts';
import { upkeepNow } from '../../server/upkeep/upkeepNow.ts';

export default async function Page() {
  return <Upkeep initial={await upkeepNow()} shelf={await shelfNow()} />;
}
