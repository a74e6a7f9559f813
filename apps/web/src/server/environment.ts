import 'server-only';

// The one place of the server that reads the environment.

/** Where files are kept. */
export function filesFolder(): string {
  const folder = process.env['INCH_NEST_FILES'];
  if (!folder) throw new Error('INCH_NEST_FILES is not set: start with npm run demo, or name a folder for the photographs in it');
  return folder;
}

/** Where the carriers' counter listens and the secret it knows us by; null where none is connected. */
export function counterAccess(): { address: string; secret: string | null } | null {
  const address = process.env['INCH_NEST_COUNTER'];
  return address ? { address, secret: process.env['INCH_NEST_COUNTER_SECRET'] ?? null } : null;
}
