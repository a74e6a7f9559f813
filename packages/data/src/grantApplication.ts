import type { Database } from './database.ts';
import type { Models } from './models.ts';

/** What the application may do with a table; a list names the only columns it may write anew. */
interface Rights {
  readonly insert?: true;
  readonly update?: true | readonly string[];
  readonly delete?: true;
}

/**
 * What the application may do beside reading, table by table. What is evidence (events, plans, weighings, photographs, labels,
 * changes) can be added to and never changed or taken away, whatever the application is made to say: only what a row has
 * become since, like a photograph that was put aside, is written beside it.
 */
const RIGHTS: Readonly<Record<keyof Models, Rights>> = {
  shop: { insert: true, update: true },
  shopChange: { insert: true },
  stockMove: { insert: true },
  person: { insert: true, update: ['system', 'name', 'position', 'role', 'sees_money', 'sends', 'gone'] },
  credential: { insert: true, update: ['password_hash', 'pin_hash', 'changed_at'] },
  device: { insert: true, update: ['name', 'seen_at', 'idle_minutes', 'revoked_at'] },
  session: { insert: true, update: ['active_at', 'locked'], delete: true },
  accessCode: { insert: true, update: ['used_at'] },
  accessNote: { insert: true },
  sale: { insert: true, update: true },
  piece: { insert: true, update: true },
  parcel: { insert: true, update: true },
  bundle: { insert: true, update: ['parcel_id', 'position'] },
  change: { insert: true, update: ['undone'] },
  event: { insert: true },
  plan: { insert: true },
  weighing: { insert: true },
  box: { insert: true, update: true, delete: true },
  material: { insert: true, update: true, delete: true },
  card: { insert: true, update: ['withdrawn'] },
  template: { insert: true },
  photo: { insert: true, update: ['removed'] },
  label: { insert: true, update: ['state', 'tracking', 'charged_minor', 'problem'] },
  address: { insert: true, update: true },
  pickup: { insert: true },
};

/**
 * Gives the role that the application works under just these rights, whatever it had before. The tables belong to another
 * role, which makes them.
 *
 * @param role name of the role
 */
export async function grantApplication({ sequelize, models }: Database, role: string): Promise<void> {
  const quoted = `"${role.replaceAll('"', '""')}"`;
  await sequelize.transaction(async (transaction) => {
    const run = (sql: string) => sequelize.query(sql, { transaction });
    await run(`revoke all on all tables in schema public from ${quoted}, public; revoke create on schema public from ${quoted}, public`);
    await run(`grant usage on schema public to ${quoted}`);
    // a copy of everything says which version's tables it holds
    await run(`grant select on migration to ${quoted}`);
    // how often somebody has guessed wrong is counted in a table that belongs to no shop
    await run(`grant select, insert, update, delete on sign_in_limit to ${quoted}`);
    for (const [name, rights] of Object.entries(RIGHTS) as [keyof Models, Rights][]) {
      const granted = [
        'select',
        ...(rights.insert ? ['insert'] : []),
        ...(rights.update ? [rights.update === true ? 'update' : `update (${rights.update.join(', ')})`] : []),
        ...(rights.delete ? ['delete'] : []),
      ];
      await run(`grant ${granted.join(', ')} on ${models[name].tableName} to ${quoted}`);
    }
  });
}
