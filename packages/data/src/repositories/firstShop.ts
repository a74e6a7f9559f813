import { randomUUID } from 'node:crypto';
import {
  BEDDED_HOUSE,
  houseOfSet,
  ORDINARY_FILLS,
  ORDINARY_LINER_BOARD,
  ORDINARY_TAPES,
  ORDINARY_WRAPS,
  READY_SETS,
  type Stockroom,
} from '@inch-nest/core';
import type { FirstShop } from '@inch-nest/contracts';
import type { Database } from '../database.ts';
import { Refused } from '../refusals.ts';
import { createShop } from './shopRepository.ts';

const LOCK = 4_117_203;

/**
 * Makes the shop of a place that has none yet; of two who begin at once the second is told so.
 *
 * @param passwordHash by which the first of its people, who owns it, signs in
 * @returns ids of its people, in their order
 * @throws Refused where there is a shop already
 */
export async function makeFirstShop(
  database: Database,
  { facts, people, set, materials }: Omit<FirstShop, 'password' | 'code'>,
  passwordHash: string,
  now: Date,
): Promise<string[]> {
  const { sequelize, models } = database;
  const ready = READY_SETS.find(({ key }) => key === set)!;
  const persons = people.map(({ name, system }, at) => ({
    id: randomUUID(),
    name: name.trim(),
    system,
    // whoever is named first owns it; the others pack until they are given more
    role: at === 0 ? ('owner' as const) : ('packer' as const),
    seesMoney: false,
    sends: false,
    gone: false,
  }));
  await sequelize.transaction(async (transaction) => {
    await sequelize.query(`select pg_advisory_xact_lock(${LOCK})`, { transaction });
    if ((await models.shop.count()) > 0) throw new Refused([{ path: 'shop', message: 'there is a shop here already: open it anew' }]);
    await createShop(
      database,
      {
        shop: { id: randomUUID(), ...facts, house: houseOfSet(ready, BEDDED_HOUSE), demo: false },
        people: persons,
        stock: firstStock(materials),
        cards: [],
        ownerHash: passwordHash,
      },
      now,
    );
  });
  return persons.map(({ id }) => id);
}

/** A stockroom in which nothing lies yet. */
const firstStock = (materials: boolean): Stockroom => ({
  boxes: [],
  wraps: materials ? Object.values(ORDINARY_WRAPS) : [],
  fills: materials ? Object.values(ORDINARY_FILLS) : [],
  innerTape: ORDINARY_TAPES.paper,
  outerTape: ORDINARY_TAPES.clear,
  linerBoard: { ...ORDINARY_LINER_BOARD, onHandFt2: 0 },
});
