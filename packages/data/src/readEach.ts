import type { Transaction } from 'sequelize';

/**
 * Reads several things: at once over as many connections, or one after the other within a transaction, which has one connection
 * that is asked nothing before it has answered.
 */
export async function readEach<Read extends unknown[]>(
  transaction: Transaction | undefined,
  ...reads: { [At in keyof Read]: () => Promise<Read[At]> }
): Promise<Read> {
  if (!transaction) return (await Promise.all(reads.map((read) => read()))) as Read;
  const found: unknown[] = [];
  for (const read of reads) found.push(await read());
  return found as Read;
}
