import { BoxShop } from '../../beside/boxShop/BoxShop.tsx';
import { shelfNow } from '../../server/rooms.ts';

export default async function Page() {
  return <BoxShop shelf={await shelfNow()} />;
}
