import { randomUUID } from 'node:crypto';
import { Sequelize } from 'sequelize';
import { grantApplication, migrate, openDatabase, type Database } from '../src/index.ts';
import type { Migration } from '../src/migrate.ts';

/**
 * A database of its own for one test file, on the cluster that the test command started.
 *
 * @param migrations those of an earlier version, to start from its tables; then the application has no rights in it
 * @returns the database as the application works with it and as its owner does, and the owner's address
 */
export async function freshDatabase({ migrations }: { migrations?: readonly Migration[] } = {}): Promise<{
  database: Database;
  owner: Database;
  url: string;
  drop: () => Promise<void>;
}> {
  const cluster = process.env['TEST_DATABASE_URL'];
  const application = process.env['TEST_APPLICATION_URL'];
  if (!cluster || !application) throw new Error('TEST_DATABASE_URL and TEST_APPLICATION_URL are not set: run npm test -- --only data');
  const name = `test_${randomUUID().replaceAll('-', '')}`;
  const admin = new Sequelize(cluster, { logging: false });
  await admin.query(`create database ${name}`);
  const within = (address: string) => {
    const url = new URL(address);
    url.pathname = `/${name}`;
    return url;
  };
  const owner = openDatabase(within(cluster).href);
  await migrate(owner, migrations);
  if (!migrations) await grantApplication(owner, within(application).username);
  const database = migrations ? owner : openDatabase(within(application).href);
  return {
    database,
    owner,
    url: within(cluster).href,
    drop: async () => {
      await database.sequelize.close();
      if (database !== owner) await owner.sequelize.close();
      await admin.query(`drop database ${name} with (force)`);
      await admin.close();
    },
  };
}
