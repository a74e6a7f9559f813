import { Op, type Transaction } from 'sequelize';
import type { ShopDatabase } from '../inShop.ts';

/** Undo never crosses these, nor a count or an import. */
const BARRIERS = ['sealed', 'labelBought'];
const MOST_STEPS = 100;

/** Which of a person's own changes can still be taken back or done again: those since the last barrier. */
async function changesInReach(models: ShopDatabase['models'], parcelId: string, personId: string, transaction: Transaction) {
  const barrier = await models.event.findOne({ where: { parcelId, kind: BARRIERS }, order: [['seq', 'desc']], transaction });
  return { parcelId, personId, undoOf: null, ...since(barrier) };
}

/** Changes kept after an event, by the house's own order; one noted before that was kept goes by its time. */
const since = (barrier: { at: Date; afterChange?: number | null } | null) => {
  if (!barrier) return {};
  const { afterChange, at } = barrier;
  return afterChange === null || afterChange === undefined ? { at: { [Op.gt]: at } } : { seq: { [Op.gt]: afterChange } };
};

/** The change a person would take back next, and the one to be done again. */
export async function findStep(
  { models }: ShopDatabase,
  parcelId: string,
  personId: string,
  direction: 'undo' | 'redo',
  transaction: Transaction,
) {
  const mine = await changesInReach(models, parcelId, personId, transaction);
  const done = await models.change.findOne({ where: { ...mine, undone: false }, order: [['seq', 'desc']], transaction });
  if (direction === 'undo') return done;
  return models.change.findOne({
    where: { ...mine, undone: true, seq: { [Op.gt]: done?.seq ?? 0 } },
    order: [['seq', 'asc']],
    transaction,
  });
}

/** How many steps can be taken back and done again, at most a hundred. */
export async function countSteps(
  { models }: ShopDatabase,
  parcelId: string,
  personId: string,
  transaction: Transaction,
): Promise<{ undo: number; redo: number }> {
  const mine = await changesInReach(models, parcelId, personId, transaction);
  const done = await models.change.findAll({
    where: { ...mine, undone: false },
    attributes: ['seq'],
    order: [['seq', 'desc']],
    limit: MOST_STEPS,
    transaction,
  });
  const redo = await models.change.count({ where: { ...mine, undone: true, seq: { [Op.gt]: done[0]?.seq ?? 0 } }, transaction });
  return { undo: done.length, redo };
}
