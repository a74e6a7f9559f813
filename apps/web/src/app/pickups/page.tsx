import { Pickups } from '../../beside/pickups/Pickups.tsx';
import { pickupsNow, shelfNow } from '../../server/rooms.ts';

export default async function Page() {
  return <Pickups initial={await pickupsNow()} shelf={await shelfNow()} />;
}
