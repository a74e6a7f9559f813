import type { AddressCommand, AddressView, ShopView } from '@inch-nest/contracts';
import type { ShopDatabase } from '../inShop.ts';
import { Refused } from '../refusals.ts';
import { appendEvent } from './eventRepository.ts';
import { lockParcel } from './parcelRows.ts';
import { personOf } from './personOf.ts';

const NONE: AddressView = { name: '', lines: [], revision: 0 };

/** Where a parcel's buyer lives, for what is printed; null where nobody has said. */
export async function addressOf({ models }: ShopDatabase, saleId: string): Promise<AddressView | null> {
  const row = await models.address.findByPk(saleId);
  return row && { name: row.name, lines: row.lines, revision: row.revision };
}

/**
 * Shows where the buyer lives and notes who asked, or keeps it.
 *
 * @returns the address as it then stands
 * @throws Refused when somebody else has changed it since
 */
export async function useAddress(
  database: ShopDatabase,
  shop: ShopView,
  parcelId: string,
  command: AddressCommand,
  now: Date,
): Promise<AddressView> {
  const person = personOf(shop, command.personId);
  const { models, sequelize } = database;
  return sequelize.transaction(async (transaction) => {
    const { parcel, sale } = await lockParcel(database, parcelId, transaction);
    const row = await models.address.findByPk(sale.id, { transaction });
    const kept = row ? { name: row.name, lines: row.lines, revision: row.revision } : NONE;
    if (command.act === 'show') {
      await appendEvent(
        database,
        { id: command.eventId, parcelId, personId: person.id, happening: { kind: 'addressShown' }, now, undoOf: null },
        transaction,
      );
      return kept;
    }
    if (command.basedOn !== kept.revision)
      throw new Refused([{ path: 'address', message: 'somebody changed the address since: show it again' }]);
    const next = { name: command.name, lines: command.lines, revision: kept.revision + 1 };
    const by = { personId: person.id, at: now };
    if (row) await row.update({ ...next, ...by }, { transaction });
    else await models.address.create({ saleId: sale.id, ...next, ...by }, { transaction });
    await parcel.increment('revision', { transaction });
    return next;
  });
}
