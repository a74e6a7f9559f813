import { StockSheet } from '../../beside/stock/StockSheet.tsx';
import { shelfNow } from '../../server/rooms.ts';

export default async function Page({ searchParams }: { searchParams: Promise<Record<string, string | string[] | undefined>> }) {
  const { sheet } = await searchParams;
  return <StockSheet shelf={await shelfNow()} {...(typeof sheet === 'string' ? { asked: sheet } : {})} />;
}
