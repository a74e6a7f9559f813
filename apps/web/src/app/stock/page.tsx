import { StockSheet } from '../../screens/stock/StockSheet.tsx';
import { shelfNow } from '../../server/rooms.ts';

export default async function Page() {
  return <StockSheet shelf={await shelfNow()} />;
}
