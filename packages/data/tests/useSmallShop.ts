import { inShop, type ShopDatabase } from '../src/index.ts';
import { freshDatabase } from './freshDatabase.ts';
import { smallShop } from './smallShop.ts';

/** A fresh database with the small shop in it, for the tests of one file. */
export interface SmallShopUse {
  /** The database's own address, for who listens to it. */
  url: string;
  shop: Awaited<ReturnType<typeof smallShop>>;
  room: ShopDatabase;
}

/** Opens it; what it returns is filled in before the first test runs. */
export function useSmallShop(): SmallShopUse {
  const use = {} as SmallShopUse;
  let drop: (() => Promise<void>) | null = null;
  beforeAll(async () => {
    const fresh = await freshDatabase();
    drop = fresh.drop;
    use.url = fresh.url;
    use.shop = await smallShop(fresh.database);
    use.room = inShop(fresh.database, use.shop.id);
  });
  afterAll(() => drop?.());
  return use;
}
