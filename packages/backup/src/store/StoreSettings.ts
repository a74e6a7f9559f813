import { readFile } from 'node:fs/promises';
import { z } from 'zod';

/** Buyers' addresses travel: in the clear to this machine alone. */
const isSafe = (address: string): boolean => {
  const { protocol, hostname } = new URL(address);
  return protocol === 'https:' || (protocol === 'http:' && ['127.0.0.1', 'localhost', '[::1]'].includes(hostname));
};

const storeSettings = z.strictObject({
  endpoint: z
    .url('is no address')
    .refine((address) => URL.canParse(address) && isSafe(address), 'must begin with https:// (buyers’ addresses are in a backup)'),
  region: z.string().min(1).default('us-east-1'),
  bucket: z.string().min(3, 'is too short').max(63, 'is too long'),
  /** Before each name in the bucket, like `shop/`. */
  prefix: z.string().max(200).default(''),
  accessKeyId: z.string().min(1, 'is empty'),
  secretAccessKey: z.string().min(1, 'is empty'),
  /** The bucket in the path, not in the host name: as most stores of one's own want it. */
  pathStyle: z.boolean().default(true),
});

/** Where copies go besides, and who is let in there: a bucket that speaks the S3 protocol. */
export type StoreSettings = z.infer<typeof storeSettings>;

/** A file of settings does not do. */
export class StoreUnknown extends Error {}

/**
 * The settings of a store, from a JSON file that its user alone should be able to read.
 *
 * @throws StoreUnknown with what is wrong, field by field; never with what stands in a field
 */
export async function readStoreSettings(file: string): Promise<StoreSettings> {
  const text = await readFile(file, 'utf8').catch(() => null);
  if (text === null) throw new StoreUnknown(`the file about the store (${file}) is not there or cannot be read`);
  const read = parsed(text);
  if (read === undefined) throw new StoreUnknown(`the file about the store (${file}) is no JSON`);
  const known = storeSettings.safeParse(read);
  if (known.success) return known.data;
  const wrong = known.error.issues.map(({ path, message, code }) =>
    code === 'unrecognized_keys' ? message.toLowerCase() : `${path.join('.') || 'all of it'}: ${message}`,
  );
  throw new StoreUnknown(`the file about the store (${file}) does not do: ${wrong.join('; ')}`);
}

function parsed(text: string): unknown {
  try {
    return JSON.parse(text) as unknown;
  } catch {
    return undefined;
  }
}
