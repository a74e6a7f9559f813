import { randomUUID } from 'node:crypto';
import { cardFlaws, type RateCard } from '@inch-nest/core';
import { rateCard, type CardVersionView, type ShopView } from '@inch-nest/contracts';
import type { ShopDatabase } from '../inShop.ts';
import { Missing, Refused } from '../refusals.ts';
import { cardRow } from './cardRow.ts';
import { personOf } from './personOf.ts';

const MOST_VERSIONS = 200;

/** Every version of every card the shop holds, by carrier, the newest first. */
export async function listCards({ models }: ShopDatabase, shop: ShopView): Promise<CardVersionView[]> {
  const rows = await models.card.findAll({
    order: [
      ['carrier', 'asc'],
      ['cardKey', 'asc'],
      ['version', 'desc'],
    ],
  });
  return rows.map(({ id, cardKey, version, carrier, validFrom, validTo, document, withdrawn }) => ({
    id,
    cardKey,
    version,
    carrier,
    validFrom,
    validTo,
    withdrawn,
    inForce: shop.cards.some((card) => card.id === cardKey && card.version === version),
    services: document.services.map((service) => service.name),
  }));
}

/**
 * Takes a card in as a new version beside the earlier ones, which stay for the parcels rated by them.
 *
 * @throws Refused when that version, or a later one, is here already, when it is in another currency, or when it is flawed
 */
export async function addCard({ models, sequelize }: ShopDatabase, shop: ShopView, card: RateCard): Promise<void> {
  if (card.currency !== shop.currency)
    throw new Refused([{ path: 'currency', message: `the shop counts in ${shop.currency}, this card in ${card.currency}` }]);
  const flaws = cardFlaws(card);
  if (flaws.length > 0) throw new Refused(flaws);
  await sequelize.transaction(async (transaction) => {
    await models.shop.findByPk(shop.id, { transaction, lock: transaction.LOCK.UPDATE });
    const where = { cardKey: card.id };
    const newest: number = (await models.card.max('version', { where, transaction })) ?? 0;
    if (card.version <= newest)
      throw new Refused([
        {
          path: 'version',
          message: `version ${newest} of ${card.id} is here already: give this one a higher number, nothing is written over`,
        },
      ]);
    if ((await models.card.count({ transaction })) >= MOST_VERSIONS)
      throw new Refused([{ path: 'version', message: `the shop holds ${MOST_VERSIONS} versions already` }]);
    await models.card.create(cardRow(card), { transaction });
  });
}

/**
 * One version, whole.
 *
 * @throws Missing when there is none of that id
 */
export async function readCard({ models }: ShopDatabase, shop: ShopView, id: string): Promise<RateCard> {
  const row = await models.card.findOne({ where: { id } });
  if (!row) throw new Missing('there is no such rate card');
  return rateCard.parse(row.document);
}

/**
 * Takes a version out of force, or puts it back in: parcels that were rated by it keep it, no other is rated by it. Who did so
 * is a change of the shop.
 *
 * @throws Missing when there is none of that id
 */
export async function withdrawCard(
  { models, sequelize }: ShopDatabase,
  shop: ShopView,
  wanted: { id: string; withdrawn: boolean; personId: string },
  now: Date,
): Promise<void> {
  const person = personOf(shop, wanted.personId);
  await sequelize.transaction(async (transaction) => {
    const card = await models.card.findOne({ where: { id: wanted.id }, transaction, lock: transaction.LOCK.UPDATE });
    if (!card) throw new Missing('there is no such rate card');
    if (card.withdrawn === wanted.withdrawn) return;
    await models.shopChange.create(
      {
        id: randomUUID(),
        path: `card/${card.id}/withdrawn`,
        before: card.withdrawn,
        after: wanted.withdrawn,
        personId: person.id,
        at: now,
      },
      { transaction },
    );
    await card.update({ withdrawn: wanted.withdrawn }, { transaction });
    await models.shop.increment('revision', { where: {}, transaction });
  });
}
