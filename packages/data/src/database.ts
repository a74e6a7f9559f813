import { Sequelize } from 'sequelize';
import { hushErrors } from './hushErrors.ts';
import { watchQueries, type QueryWatch } from './watchQueries.ts';
import { defineModels, type Models } from './models.ts';

/** An open database: the connection pool and its tables. */
export interface Database {
  readonly sequelize: Sequelize;
  readonly models: Models;
}

/** Opens a pool on a PostgreSQL server. Nothing is connected until the first query; whoever watches is told of each. */
export function openDatabase(url: string, watch?: QueryWatch): Database {
  const sequelize = new Sequelize(url, { dialect: 'postgres', logging: false, pool: { max: 8, min: 0, idle: 10_000 } });
  hushErrors(sequelize);
  if (watch) watchQueries(sequelize, watch);
  return { sequelize, models: defineModels(sequelize) };
}
