import 'server-only';

// The one place of the server that reads the environment.

/** Where files are kept. */
export function filesFolder(): string {
  const folder = process.env['INCH_NEST_FILES'];
  if (!folder) throw new Error('INCH_NEST_FILES is not set: start with npm run demo, or name a folder for the photographs in it');
  return folder;
}

/** Where backups go, the files with the passphrase they are sealed with and about the store they go to besides; null where no folder is named for them. */
export function backupAccess(): { folder: string; passphraseFile: string | null; storeFile: string | null } | null {
  const folder = process.env['INCH_NEST_BACKUPS'];
  const file = (name: string) => process.env[name] || null;
  return folder
    ? { folder, passphraseFile: file('INCH_NEST_BACKUP_PASSPHRASE_FILE'), storeFile: file('INCH_NEST_BACKUP_STORE_FILE') }
    : null;
}

/**
 * True where this machine signs in by itself: whoever sits at it says who she is. Only ever for a demo that no other machine can
 * reach; anywhere else people sign in.
 */
export const signsInByItself = (): boolean => process.env['INCH_NEST_SIGN_IN'] === 'itself';

/** Names and ports under which other machines reach this one, and the secret of what listens for them; null where none do. */
export function networkAccess(): { hosts: readonly string[]; secret: string } | null {
  const [hosts, secret] = [process.env['INCH_NEST_HOSTS'], process.env['INCH_NEST_FRONT_SECRET']];
  return hosts && secret ? { hosts: hosts.split(','), secret } : null;
}

/** What whoever makes the shop from another device shows; null where none can. */
export const firstCode = (): string | null => process.env['INCH_NEST_FIRST_CODE'] || null;

/** The certificate of the shop's own that others are to trust, in PEM; null where it has somebody else's, or none. */
export const rootCertificate = (): string | null => process.env['INCH_NEST_ROOT_CERTIFICATE'] || null;

/** Where other machines of the shop's network reach this one; null where only this machine does. */
export const shopAddress = (): string | null => process.env['INCH_NEST_ADDRESS'] || null;

/** What is asked of whoever reads counts and times, where anything is. */
export const metricsToken = (): string | null => process.env['INCH_NEST_METRICS_TOKEN'] || null;

/** Where the carriers' counter listens and the secret it knows us by; null where none is connected. */
export function counterAccess(): { address: string; secret: string | null } | null {
  const address = process.env['INCH_NEST_COUNTER'];
  return address ? { address, secret: process.env['INCH_NEST_COUNTER_SECRET'] ?? null } : null;
}
