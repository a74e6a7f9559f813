import { QueryTypes } from 'sequelize';
import type { Database } from '../database.ts';

const LOCK = 4_117_202;

/**
 * Does something that one process at a time may do.
 *
 * @returns what it gave; null where another process is at it
 */
export const lockBackups = <Made>({ sequelize }: Pick<Database, 'sequelize'>, work: () => Promise<Made>): Promise<Made | null> =>
  sequelize.transaction(async (transaction) => {
    const [lock] = await sequelize.query<{ held: boolean }>(`select pg_try_advisory_xact_lock(${LOCK}) as held`, {
      transaction,
      type: QueryTypes.SELECT,
    });
    return lock!.held ? work() : null;
  });
