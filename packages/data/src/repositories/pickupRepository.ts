import { collectionDay, countedTitle, recordParcel, staysBehind, type ParcelState } from '@inch-nest/core';
import { Op } from 'sequelize';
import type { AskPickup, PickupList, PickupOfCarrier, ShopView, WaitingParcel } from '@inch-nest/contracts';
import type { ShopDatabase } from '../inShop.ts';
import { labelsAtRisk } from './labelsAtRisk.ts';
import { eventOf } from './parcelRows.ts';
import { readEach } from '../readEach.ts';
import type { ParcelRow } from '../rows.ts';
import { personNames } from './personNames.ts';
import { personOf } from './personOf.ts';
import { membersOf, placeAmong } from './setRepository.ts';

/** Every labelled parcel that has not gone, by carrier and by the cut-off it must make. */
export async function listPickups(database: ShopDatabase, shop: ShopView): Promise<PickupList> {
  const { models, sequelize } = database;
  const { today: day, time } = shop;
  const parcels = await models.parcel.findAll({ where: { state: 'labelled' } });
  const atRisk = await labelsAtRisk(database, parcels);
  return sequelize.transaction(async (transaction) => {
    const ids = parcels.map((parcel) => parcel.id);
    const [labels, bundles, events, pickups] = await readEach(
      transaction,
      () => models.label.findAll({ where: { parcelId: ids, state: 'bought' }, transaction }),
      () => models.bundle.findAll({ where: { parcelId: ids }, order: [['position', 'asc']], transaction }),
      () => models.event.findAll({ where: { parcelId: ids }, transaction }),
      () => models.pickup.findAll({ where: { day: { [Op.gte]: day } }, order: [['at', 'desc']], limit: 100, transaction }),
    );
    const pieces = await models.piece.findAll({ where: { id: bundles.map((bundle) => bundle.pieceId) }, transaction });
    const sales = await models.sale.findAll({ where: { id: parcels.map((parcel) => parcel.saleId) }, transaction });
    const sets = await membersOf(database, parcels, transaction);
    const nameOf = await personNames(models, pickups, transaction);
    const waiting = parcels.flatMap((parcel): (WaitingParcel & { cardId: string })[] => {
      const label = labels.find((one) => one.parcelId === parcel.id);
      if (!label?.tracking) return [];
      const card = shop.cards.find((one) => one.id === label.rate.cardId);
      const service = card?.services.find((one) => one.key === label.rate.service);
      const sale = sales.find((one) => one.id === parcel.saleId)!;
      const life = recordParcel(events.filter((event) => event.parcelId === parcel.id).map(eventOf));
      return [
        {
          cardId: label.rate.cardId,
          id: parcel.id,
          code: parcel.code,
          tag: sale.buyer ?? sale.destinationPostcode,
          title: bundles
            .filter((bundle) => bundle.parcelId === parcel.id)
            .map((bundle) => countedTitle(pieces.find((piece) => piece.id === bundle.pieceId)!))
            .join(', '),
          serviceName: label.rate.serviceName,
          tracking: label.tracking,
          cutOff: service?.cutOff ?? shop.lastCutOff,
          day: card && service ? collectionDay(service, card.holidays, day, time) : null,
          matched: life.tagMatched,
          moved: atRisk.get(parcel.id) ?? [],
          set: placeInSet(parcel, parcel.together ? sets.get(parcel.together) : []),
        },
      ];
    });
    const carriers = [...new Set(waiting.map((one) => one.cardId))].map((cardId): PickupOfCarrier => {
      const own = waiting
        .filter((one) => one.cardId === cardId)
        .sort((a, b) => (a.day ?? '~').localeCompare(b.day ?? '~') || a.cutOff.localeCompare(b.cutOff) || a.code.localeCompare(b.code));
      const asked = pickups.find((one) => one.cardKey === cardId && one.day >= day);
      return {
        cardId,
        carrier: shop.cards.find((card) => card.id === cardId)?.carrier ?? cardId,
        parcels: own.map((one) => withoutCard(one)),
        asked: asked ? { day: asked.day, reference: asked.reference, count: asked.tracking.length, by: nameOf(asked.personId) } : null,
      };
    });
    return { day, time, carriers: carriers.sort((a, b) => first(a).localeCompare(first(b)) || a.carrier.localeCompare(b.carrier)) };
  });
}

/** What is told of a parcel that waits: its carrier is told already. */
function withoutCard({ id, code, tag, title, serviceName, tracking, cutOff, day, matched, moved, set }: WaitingParcel): WaitingParcel {
  return { id, code, tag, title, serviceName, tracking, cutOff, day, matched, moved, set };
}

/** @param members of its set, in the order of their codes */
function placeInSet(parcel: ParcelRow, members: readonly ParcelRow[] = []): WaitingParcel['set'] {
  const place = placeAmong(parcel, members);
  return place && { ...place, behind: members.filter(({ state }) => staysBehind(state as ParcelState)).map(({ code }) => code) };
}

const first = ({ parcels }: PickupOfCarrier): string => `${parcels[0]?.day ?? '~'} ${parcels[0]?.cutOff ?? ''}`;

/** Notes a pick-up that a carrier has promised; told twice it counts once. */
export async function keepPickup(
  { models }: ShopDatabase,
  shop: ShopView,
  { id, cardId, day, personId }: AskPickup,
  tracking: readonly string[],
  reference: string,
  now: Date,
): Promise<void> {
  const person = personOf(shop, personId);
  if (await models.pickup.findByPk(id)) return;
  await models.pickup.create({ id, cardKey: cardId, day, tracking: [...tracking], reference, personId: person.id, at: now });
}
