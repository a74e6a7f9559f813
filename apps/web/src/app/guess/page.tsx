import { GuessAhead } from '../../beside/guess/GuessAhead.tsx';
import { shelfNow } from '../../server/rooms.ts';

export default async function Page() {
  return <GuessAhead shelf={await shelfNow()} />;
}
