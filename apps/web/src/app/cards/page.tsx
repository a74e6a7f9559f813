import { RateCards } from '../../beside/cards/RateCards.tsx';
import { shelfNow } from '../../server/rooms.ts';

export default async function Page() {
  return <RateCards shelf={await shelfNow()} />;
}
