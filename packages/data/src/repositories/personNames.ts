import type { Transaction } from 'sequelize';
import type { ShopDatabase } from '../inShop.ts';

/** Names of whoever stands in some rows; nothing is asked of the database where there are none. */
export async function personNames(
  { person }: ShopDatabase['models'],
  rows: readonly { personId: string }[],
  transaction: Transaction,
): Promise<(personId: string) => string> {
  const people = rows.length > 0 ? await person.findAll({ where: { id: rows.map((row) => row.personId) }, transaction }) : [];
  return (personId) => people.find((one) => one.id === personId)?.name ?? '';
}
