import 'server-only';
import { hash, verify } from '@node-rs/argon2';

/** How a password or a PIN is kept: argon2id with the package's own settings (19 MiB, two turns, one lane), a new salt each time. */
export const hashSecret = (secret: string): Promise<string> => hash(secret.normalize('NFKC'));

let nobodys: Promise<string> | null = null;

/** Whether a secret is the one that was hashed. Where there is none it takes as long, so that nobody learns by the clock who is known. */
export async function isSecret(kept: string | null | undefined, told: string): Promise<boolean> {
  const compared = kept ?? (await (nobodys ??= hashSecret('nobody has chosen this')));
  const same = await verify(compared, told.normalize('NFKC'));
  return same && kept != null;
}
