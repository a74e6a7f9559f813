import { QueryTypes, type Sequelize, type Transaction } from 'sequelize';

/** Carries out SQL within the transaction of the migration; answers the rows, where there are any. */
export type RunSql = <Row = unknown>(sql: string, replacements?: Record<string, unknown>) => Promise<Row[]>;

/** Ties what a migration carries out to one transaction, so that it and the note of it stand or fall together. */
export const runWithin =
  (sequelize: Sequelize, transaction: Transaction): RunSql =>
  async <Row>(sql: string, replacements?: Record<string, unknown>) =>
    (await sequelize.query(sql, { transaction, type: QueryTypes.RAW, ...(replacements ? { replacements } : {}) }))[0] as Row[];
