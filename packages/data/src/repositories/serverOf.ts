import { QueryTypes } from 'sequelize';
import type { Database } from '../database.ts';

/** Which server answers, and how many bytes the database takes. */
export async function serverOf({ sequelize }: Pick<Database, 'sequelize'>): Promise<{ server: string; databaseBytes: number }> {
  const [row] = await sequelize.query<{ version: string; bytes: string }>(
    `select current_setting('server_version') as version, pg_database_size(current_database()) as bytes`,
    { type: QueryTypes.SELECT },
  );
  return { server: `PostgreSQL ${row!.version.split(' ')[0]}`, databaseBytes: Number(row!.bytes) };
}
