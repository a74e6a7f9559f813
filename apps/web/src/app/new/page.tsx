import { NewSale } from '../../beside/new/NewSale.tsx';
import { shelfNow } from '../../server/rooms.ts';

export default async function Page() {
  return <NewSale shelf={await shelfNow()} />;
}
