import { randomUUID } from 'node:crypto';
import { Sequelize } from 'sequelize';
import { migrate, openDatabase, type Database } from '../src/index.ts';
import type { Migration } from '../src/migrate.ts';

/**
 * A database of its own for one test file, on the cluster that the test command started.
 *
 * @param migrations those of an earlier version, to start from its tables
 */
export async function freshDatabase({ migrations }: { migrations?: readonly Migration[] } = {}): Promise<{
  database: Database;
  url: string;
  drop: () => Promise<void>;
}> {
  const cluster = process.env['TEST_DATABASE_URL'];
  if (!cluster) throw new Error('TEST_DATABASE_URL is not set: run npm test -- --only data');
  const name = `test_${randomUUID().replaceAll('-', '')}`;
  const admin = new Sequelize(cluster, { logging: false });
  await admin.query(`create database ${name}`);
  const url = new URL(cluster);
  url.pathname = `/${name}`;
  const database = openDatabase(url.href);
  await migrate(database, migrations);
  return {
    database,
    url: url.href,
    drop: async () => {
      await database.sequelize.close();
      await admin.query(`drop database ${name} with (force)`);
      await admin.close();
    },
  };
}
