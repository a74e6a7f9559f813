import 'server-only';

// The one place of the server that reads the environment.

/** Where files are kept. */
export function filesFolder(): string {
  const folder = process.env['INCH_NEST_FILES'];
  if (!folder) throw new Error('INCH_NEST_FILES is not set: start with npm run demo, or name a folder for the photographs in it');
  return folder;
}

/** Where the carriers' counter listens; null where none is connected. */
export const counterAddress = (): string | null => process.env['INCH_NEST_COUNTER'] ?? null;
