import { inTestOrder, type HandsFound, type HandsView } from '@inch-nest/contracts';
import type { BenchTestKey } from '@inch-nest/core';
import { col, fn, literal, Op } from 'sequelize';
import type { ShopDatabase } from '../inShop.ts';

/** What hands found so long ago says little of them now; judgement. */
const DAYS = 90;
const DAY_MS = 86_400_000;

/** A press that was taken back found nothing. */
const STANDS = literal('not exists (select 1 from life_event back where back.parcel_id = event.parcel_id and back.undo_of = event.id)');

interface Counted {
  personId: string;
  test: BenchTestKey;
  parcels: string;
  failed: string;
}

/**
 * What each person's tests at the bench came to of late: of how many parcels each was made, and of how many it did not pass at
 * first.
 *
 * @param only one person's; null for everybody's
 */
export async function handsOfLate({ models }: ShopDatabase, now: Date, only: string | null): Promise<HandsView> {
  const test = literal("body ->> 'test'");
  const counted = (await models.event.findAll({
    attributes: [
      'personId',
      [test, 'test'],
      [fn('count', fn('distinct', col('parcel_id'))), 'parcels'],
      [literal("count(distinct parcel_id) filter (where body ->> 'result' = 'failed')"), 'failed'],
    ],
    where: {
      [Op.and]: [
        { kind: 'testTried', at: { [Op.gte]: new Date(now.getTime() - DAYS * DAY_MS) } },
        STANDS,
        ...(only ? [{ personId: only }] : []),
      ],
    },
    group: ['personId', test] as never,
    raw: true,
  })) as unknown as Counted[];
  const people = await models.person.findAll({ where: { id: [...new Set(counted.map(({ personId }) => personId))] } });
  const found = people.map(({ id, name }): HandsFound => ({
    personId: id,
    name,
    tests: inTestOrder(
      counted
        .filter(({ personId }) => personId === id)
        .map((one) => ({ test: one.test, parcels: Number(one.parcels), failed: Number(one.failed) })),
    ),
  }));
  return { days: DAYS, found: found.sort((a, b) => a.name.localeCompare(b.name)) };
}
