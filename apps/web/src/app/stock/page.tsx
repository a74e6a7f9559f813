import { StockSheet } from '../../beside/stock/StockSheet.tsx';
import { pageFor } from '../pageFor.tsx';
import { forEyes } from '../../server/people/forEyes.ts';
import { shelfNow } from '../../server/rooms.ts';

export default pageFor('/stock', async ({ searchParams }: { searchParams: Promise<Record<string, string | string[] | undefined>> }) => {
  const { sheet } = await searchParams;
  return <StockSheet shelf={await forEyes(await shelfNow())} {...(typeof sheet === 'string' ? { asked: sheet } : {})} />;
});
