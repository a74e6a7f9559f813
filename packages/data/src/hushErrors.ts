import type { Sequelize } from 'sequelize';

/** What an error of the database carries along of what was asked, and of the rows it failed on. */
const TOLD = ['sql', 'parameters', 'parent', 'original', 'errors', 'fields'];

/**
 * Keeps what was asked of the database out of every log: errors still carry it, for whoever looks for it by name, but it is no
 * longer among what is written down when an error is. It may be where a buyer lives.
 */
export function hushErrors(sequelize: Sequelize): void {
  const query = sequelize.query.bind(sequelize) as (...asked: unknown[]) => Promise<unknown>;
  const hushed = (...asked: unknown[]) =>
    query(...asked).catch((error: unknown) => {
      throw hush(error);
    });
  sequelize.query = hushed as typeof sequelize.query;
}

/** The same error, saying no more than what kind it is, the database's own sentence, and where. */
export function hush(error: unknown): unknown {
  if (typeof error !== 'object' || error === null) return error;
  for (const name of TOLD)
    if (Object.hasOwn(error, name))
      Object.defineProperty(error, name, { value: (error as Record<string, unknown>)[name], enumerable: false });
  return error;
}
