import { Day } from '../../beside/day/Day.tsx';
import { dayNow, shelfNow } from '../../server/rooms.ts';

export default async function Page() {
  return <Day initial={await dayNow()} shelf={await shelfNow()} />;
}
