import { Sequelize } from 'sequelize';
import { hushErrors } from './hushErrors.ts';
import { defineModels, type Models } from './models.ts';

/** An open database: the connection pool and its tables. */
export interface Database {
  readonly sequelize: Sequelize;
  readonly models: Models;
}

/** Opens a pool on a PostgreSQL server. Nothing is connected until the first query. */
export function openDatabase(url: string): Database {
  const sequelize = new Sequelize(url, { dialect: 'postgres', logging: false, pool: { max: 8, min: 0, idle: 10_000 } });
  hushErrors(sequelize);
  return { sequelize, models: defineModels(sequelize) };
}
