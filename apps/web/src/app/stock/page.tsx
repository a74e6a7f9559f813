import { StockSheet } from '../../beside/stock/StockSheet.tsx';
import { shelfNow } from '../../server/rooms.ts';

export default async function Page() {
  return <StockSheet shelf={await shelfNow()} />;
}
