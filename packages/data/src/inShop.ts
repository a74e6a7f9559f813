import type {
  CountOptions,
  CreateOptions,
  CreationAttributes,
  DestroyOptions,
  FindOptions,
  Model,
  ModelStatic,
  Sequelize,
  Transaction,
} from 'sequelize';
import type { Database } from './database.ts';
import type { Models } from './models.ts';

/**
 * One shop's rows and nobody else's. Repositories get nothing wider than this, so that a query which names no shop
 * does not compile.
 */
export interface ShopDatabase {
  readonly shopId: string;
  readonly sequelize: Pick<Sequelize, 'transaction' | 'query'>;
  readonly models: ShopModels;
}

type InstanceOf<Table> = Table extends ModelStatic<infer Instance> ? Instance : never;
type RowOf<Table> = InstanceOf<Table> extends Model<infer Row extends object> ? Row : never;
type Born<Row> = Omit<Row, 'shopId'>;
type In = { transaction?: Transaction };

/** A table as one shop sees it: every read and write carries the shop, and what is made belongs to it. */
export interface ShopTable<Row extends object, Instance> {
  findAll(options?: FindOptions<Row>): Promise<Instance[]>;
  findOne(options?: FindOptions<Row>): Promise<Instance | null>;
  /** By its primary key, where that row is this shop's. */
  findByPk(key: string, options?: Omit<FindOptions<Row>, 'where'>): Promise<Instance | null>;
  count(options?: Omit<CountOptions<Row>, 'group'>): Promise<number>;
  max(column: keyof Row & string, options?: Pick<FindOptions<Row>, 'where' | 'transaction'>): Promise<number | null>;
  create(row: Born<Row>, options?: CreateOptions<Row>): Promise<Instance>;
  bulkCreate(rows: readonly Born<Row>[], options?: In): Promise<void>;
  /** @returns how many rows were changed */
  update(change: Partial<Born<Row>>, options: Pick<FindOptions<Row>, 'where'> & In): Promise<number>;
  increment(column: keyof Row & string, options: Pick<FindOptions<Row>, 'where'> & In & { by?: number }): Promise<void>;
  destroy(options: DestroyOptions<Row>): Promise<void>;
}

export type ShopModels = { readonly [Name in keyof Models]: ShopTable<RowOf<Models[Name]>, InstanceOf<Models[Name]>> };

/** A database as one shop sees it. */
export function inShop({ sequelize, models }: Database, shopId: string): ShopDatabase {
  const tables = Object.fromEntries(
    Object.entries(models).map(([name, table]) => [
      name,
      tableOf(table as unknown as ModelStatic<Model>, name === 'shop' ? 'id' : 'shopId', shopId),
    ]),
  );
  return { shopId, sequelize, models: tables as unknown as ShopModels };
}

function tableOf(table: ModelStatic<Model>, column: string, shopId: string): ShopTable<object, unknown> {
  // the shop's own condition stands last: nobody names another
  const own = <Options extends { where?: unknown }>(options?: Options) =>
    ({ ...options, where: { ...(options?.where as object), [column]: shopId } }) as Options & { where: Record<string, unknown> };
  const born = (row: object) => ({ ...row, [column]: shopId }) as CreationAttributes<Model>;
  return {
    findAll: (options) => table.findAll(own(options)),
    findOne: (options) => table.findOne(own(options)),
    findByPk: (key, options) => table.findOne(own({ ...options, where: { [table.primaryKeyAttribute]: key } })),
    count: (options) => table.count(own(options)),
    max: (name, options) => table.max(name, own(options)),
    create: (row, options) => table.create(born(row), options),
    bulkCreate: async (rows, options) => void (await table.bulkCreate(rows.map(born), options)),
    update: async (change, options) => (await table.update(change, own(options) as never))[0],
    increment: async (name, options) => void (await table.increment(name, own(options) as never)),
    destroy: async (options) => void (await table.destroy(own(options))),
  };
}
