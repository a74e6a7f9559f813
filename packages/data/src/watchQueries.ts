import type { Sequelize } from 'sequelize';

/** Whoever watches what the database is asked. */
export interface QueryWatch {
  /** A mark that goes along with a question, so that it is found again among what the server does; null for none. */
  readonly mark: () => string | null;
  /** Told after each, whether it was answered or not; its name is worked out when it is asked for. */
  readonly took: (name: () => string, ms: number) => void;
}

const MOST_NAMED = 160;

/** A question without what it was asked with: no text and no number of anybody's is in it. */
export const nameOfQuery = (sql: string): string =>
  sql
    .replaceAll(/\/\*.*?\*\//g, '')
    .replaceAll(/E?'(?:[^'\\]|''|\\.)*'/g, '?')
    .replaceAll(/(?<!\$)\b\d[\d.]*\b/g, '?')
    .replaceAll(/\?(?:\s*,\s*\?)+/g, '?, …')
    .replaceAll(/\s+/g, ' ')
    // what is looked for tells more than what is wanted of it
    .replace(/^\s*select (?=.{60}).*? from /i, 'select … from ')
    .trim()
    .slice(0, MOST_NAMED);

/** Has every question of a pool marked and timed. */
export function watchQueries(sequelize: Sequelize, { mark, took }: QueryWatch): void {
  const query = sequelize.query.bind(sequelize) as (...asked: unknown[]) => Promise<unknown>;
  const watched = async (sql: unknown, ...more: unknown[]) => {
    const sign = mark();
    const start = performance.now();
    try {
      return await query(sign !== null && typeof sql === 'string' ? `/* ${sign.replaceAll(/[^\w-]/g, '')} */ ${sql}` : sql, ...more);
    } finally {
      took(() => nameOfQuery(typeof sql === 'string' ? sql : (sql as { query: string }).query), performance.now() - start);
    }
  };
  sequelize.query = watched as typeof sequelize.query;
}
