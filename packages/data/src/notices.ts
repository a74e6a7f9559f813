import pg from 'pg';
import { notice, type Notice } from '@inch-nest/contracts';
import type { ShopDatabase } from './inShop.ts';

const CHANNEL = 'inch_nest';
const AGAIN_MS = [500, 2000, 5000, 15_000];

/** Tells every server where somebody is. */
export async function tellHere(
  { sequelize, shopId }: ShopDatabase,
  here: Omit<Extract<Notice, { of: 'here' }>, 'of' | 'shop'>,
): Promise<void> {
  const told: Notice = { of: 'here', shop: shopId, ...here };
  await sequelize.query(`select pg_notify('${CHANNEL}', $1)`, { bind: [JSON.stringify(told)] });
}

/**
 * Listens to a database for good, over a connection of its own that is opened again whenever it is lost.
 *
 * @param onAgain it listens again after a while in which something may have been missed
 * @returns what ends it
 */
export function listenForNotices(url: string, onNotice: (told: Notice) => void, onAgain: () => void): () => void {
  let client: pg.Client | null = null;
  let timer: NodeJS.Timeout | null = null;
  let tries = 0;
  let ended = false;
  const open = async () => {
    const own = new pg.Client({ connectionString: url, keepAlive: true });
    client = own;
    let lost = false;
    const lose = () => {
      if (lost || ended) return;
      lost = true;
      void own.end().catch(() => undefined);
      timer = setTimeout(() => void open(), AGAIN_MS[Math.min(tries++, AGAIN_MS.length - 1)]);
    };
    own.on('error', lose);
    own.on('end', lose);
    own.on('notification', ({ payload }) => {
      const read = notice.safeParse(parsed(payload ?? ''));
      if (read.success) onNotice(read.data);
    });
    try {
      await own.connect();
      await own.query(`listen ${CHANNEL}`);
      if (tries > 0) onAgain();
      tries = 0;
    } catch {
      lose();
    }
  };
  void open();
  return () => {
    ended = true;
    if (timer) clearTimeout(timer);
    void client?.end().catch(() => undefined);
  };
}

function parsed(text: string): unknown {
  try {
    return JSON.parse(text);
  } catch {
    return null;
  }
}
