import { randomUUID } from 'node:crypto';
import type { BoxStock, FillStock, WrapStock } from '@inch-nest/core';
import {
  applyShopChange,
  clashes,
  countPath,
  nameAmong,
  readShopPart,
  sameContent,
  shopPart,
  toldMove,
  type KeepCommand,
  type KeptShop,
  type ShopView,
  type Verdict,
} from '@inch-nest/contracts';
import type { Transaction } from 'sequelize';
import type { ShopDatabase } from '../inShop.ts';
import { personOf } from './personOf.ts';
import { keptShop, readShop } from './shopRepository.ts';
import { countsMoved, noteMoves, type NotedMove } from './stockMoves.ts';
import { boxRow, fillRow, wrapRow } from './stockRows.ts';

/**
 * Keeps changes of a shop: single rules, facts, rows and cells, each for itself. Two people on two cells never clash;
 * on one, the later is told what stands there. A change heard twice counts once, and each is kept with what was before.
 *
 * @returns what became of each change, in their order
 */
export async function keepShop(database: ShopDatabase, shop: ShopView, { personId, changes }: KeepCommand, now: Date): Promise<Verdict[]> {
  const person = personOf(shop, personId);
  return database.sequelize.transaction(async (transaction) => {
    const row = (await database.models.shop.findOne({ transaction, lock: transaction.LOCK.UPDATE }))!;
    const marks = { ...row.marks };
    const revision = (row.revision ?? 1) + 1;
    const before = keptShop(await readShop(database, now, transaction));
    let after = before;
    const verdicts: Verdict[] = [];
    const moves: NotedMove[] = [];
    for (const { id, path, value, basedOn } of changes) {
      const part = shopPart(path);
      const present = part ? readShopPart(after, part) : undefined;
      const known = await database.models.shopChange.findByPk(id, { transaction });
      if (known || (present !== undefined && sameContent(present, value))) {
        verdicts.push({ path, kind: 'kept', revision });
        continue;
      }
      if (clashes(marks[path], { basedOn, personId: person.id })) {
        const by = nameAmong(shop.people, marks[path]!.by);
        verdicts.push({ path, kind: 'clash', theirs: { text: textOf(present), by, revision: revision - 1 } });
        continue;
      }
      const next = applyShopChange(after, path, value);
      if ('problem' in next) {
        verdicts.push({ path, kind: 'refused', problem: next.problem });
        continue;
      }
      const told = part?.room === 'moves' ? toldMove.parse(value) : null;
      moves.push(
        ...(told
          ? [{ ...told, id, personId: person.id, at: now }]
          : countsMoved(after.stock, next.stock).map((one) => ({ ...one, why: 'counted' as const, personId: person.id, at: now }))),
      );
      after = next;
      // what came or went moves a count: whoever is typing that is told
      marks[told ? countPath(told) : path] = { revision, by: person.id };
      verdicts.push({ path, kind: 'kept', revision });
      await database.models.shopChange.create(
        { id, path, before: present ?? null, after: value, personId: person.id, at: now },
        { transaction },
      );
    }
    if (after !== before) {
      await writeShop(database, before, after, transaction);
      await noteMoves(database, moves, transaction);
      const { innerTape, outerTape, linerBoard, offcuts } = after.stock;
      await row.update(
        { house: after.house, ...after.facts, tapes: { innerTape, outerTape, linerBoard, offcuts }, marks, revision },
        { transaction },
      );
    }
    // whatever was kept stands at the newest revision, which moved on only if something did
    return after === before ? verdicts.map((one) => (one.kind === 'kept' ? { ...one, revision: revision - 1 } : one)) : verdicts;
  });
}

/** How somebody else's value is told where it clashes. */
const textOf = (value: unknown): string =>
  value === undefined || value === null ? 'nothing' : typeof value === 'string' ? value : JSON.stringify(value);

/** Writes the rows that are not what they were, and no other. */
async function writeShop({ models }: ShopDatabase, before: KeptShop, after: KeptShop, transaction: Transaction): Promise<void> {
  for (const [position, { id, ...is }] of after.people.entries()) {
    const was = before.people.find((person) => person.id === id);
    if (!was) await models.person.create({ id, ...is, position }, { transaction });
    else if (!sameContent(was, { id, ...is })) await models.person.update(is, { where: { id }, transaction });
  }
  await rows<BoxStock>(before.stock.boxes, after.stock.boxes, {
    put: async (box, position) => {
      const made = await models.box.update(boxRow(box), { where: { key: box.key }, transaction });
      if (made === 0) await models.box.create({ id: randomUUID(), position, ...boxRow(box) }, { transaction });
    },
    take: (key) => models.box.destroy({ where: { key }, transaction }),
  });
  const material = (kind: 'wrap' | 'fill') => ({
    put: async (row: ReturnType<typeof wrapRow>, position: number) => {
      const made = await models.material.update(row, { where: { kind, key: row.key }, transaction });
      if (made === 0) await models.material.create({ id: randomUUID(), position, ...row }, { transaction });
    },
    take: (key: string) => models.material.destroy({ where: { kind, key }, transaction }),
  });
  await rows<WrapStock>(before.stock.wraps, after.stock.wraps, {
    ...material('wrap'),
    put: (wrap, position) => material('wrap').put(wrapRow(wrap), position),
  });
  await rows<FillStock>(before.stock.fills, after.stock.fills, {
    ...material('fill'),
    put: (fill, position) => material('fill').put(fillRow(fill), position),
  });
}

/** Puts what is new or not what it was, takes what is gone. */
async function rows<Row extends { readonly key: string }>(
  before: readonly Row[],
  after: readonly Row[],
  { put, take }: { put: (row: Row, position: number) => Promise<unknown>; take: (key: string) => Promise<unknown> },
): Promise<void> {
  for (const row of before) if (!after.some((one) => one.key === row.key)) await take(row.key);
  for (const [position, row] of after.entries()) {
    const own = before.find((one) => one.key === row.key);
    if (own !== row && !(own && sameContent(own, row))) await put(row, position);
  }
}
