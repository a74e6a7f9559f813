import { HouseRules } from '../../beside/house/HouseRules.tsx';
import { shelfNow } from '../../server/rooms.ts';

export default async function Page() {
  return <HouseRules shelf={await shelfNow()} />;
}
