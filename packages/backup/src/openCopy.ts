import { createHash, randomUUID } from 'node:crypto';
import { createReadStream, createWriteStream } from 'node:fs';
import { open, rm } from 'node:fs/promises';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { pipeline } from 'node:stream/promises';
import { openPromise, type Entry, type ZipFile } from 'yauzl';
import { BUILD, MANIFEST, manifestSchema, pictureEntry, tableEntry, type Manifest, type Part } from './manifest.ts';
import { isSealed, NotOpened, opening, SEALED_HEADER, SEALED_MARK } from './sealing.ts';
import { thenClosed } from './thenClosed.ts';

/** A copy cannot be read at all; the message says why, in words for whoever wants it back. */
export class Unreadable extends Error {}

/** A copy that is open: its parts are found by name, and read as they flow. */
export interface OpenedCopy {
  readonly manifest: Manifest;
  /** @throws Unreadable where there is no such part */
  read(entry: string): Promise<AsyncIterable<Uint8Array>>;
  close(): Promise<void>;
}

/**
 * Opens a copy; a sealed one into a draft of its own, which goes when it is closed.
 *
 * @throws Unreadable when it is no copy of ours, cut short, sealed with another passphrase, or of a later build
 */
export async function openCopy(path: string, passphrase?: string): Promise<OpenedCopy> {
  const { place, drop } = await unsealed(path, passphrase);
  try {
    const zip = await openPromise(place, { autoClose: false, lazyEntries: true }).catch(() => {
      throw new Unreadable('this file is no copy that can be read: it is cut short, damaged at its end, or another kind of file');
    });
    const entries = await entriesOf(zip);
    const read = async (name: string): Promise<AsyncIterable<Uint8Array>> => {
      const entry = entries.get(name);
      if (!entry) throw new Unreadable(`${name} is not in it`);
      return new Promise((resolve, reject) => zip.openReadStream(entry, (error, stream) => (error ? reject(error) : resolve(stream))));
    };
    const close = async () => {
      zip.close();
      await drop();
    };
    return { manifest: await manifestOf(read), read, close };
  } catch (error) {
    await drop();
    throw error;
  }
}

/** Where the copy lies open, and what takes that away again. */
async function unsealed(path: string, passphrase: string | undefined): Promise<{ place: string; drop: () => Promise<void> }> {
  const file = await open(path, 'r').catch((error: NodeJS.ErrnoException) => {
    throw new Unreadable(`the file cannot be opened (${error.code})`);
  });
  const header = Buffer.alloc(SEALED_HEADER);
  const { bytesRead } = await thenClosed(file.read(header, 0, SEALED_HEADER, 0), file);
  if (bytesRead === 0) throw new Unreadable('the file is empty');
  if (!isSealed(header.subarray(0, SEALED_MARK))) return { place: path, drop: async () => {} };
  if (!passphrase) throw new Unreadable('this copy is sealed: say the file with its passphrase');
  const place = join(tmpdir(), `inch-nest-open-${randomUUID()}`);
  const drop = () => rm(place, { force: true });
  try {
    await pipeline([
      createReadStream(path, { start: SEALED_HEADER }),
      await opening(passphrase, header),
      createWriteStream(place, { mode: 0o600 }),
    ]);
  } catch (error) {
    await drop();
    throw error instanceof NotOpened ? new Unreadable(error.message) : error;
  }
  return { place, drop };
}

function entriesOf(zip: ZipFile): Promise<ReadonlyMap<string, Entry>> {
  const entries = new Map<string, Entry>();
  return new Promise((resolve, reject) => {
    zip.on('entry', (entry: Entry) => {
      entries.set(entry.fileName, entry);
      zip.readEntry();
    });
    zip.on('end', () => resolve(entries));
    zip.on('error', () => reject(new Unreadable('the list of what is in this copy is damaged')));
    zip.readEntry();
  });
}

async function manifestOf(read: OpenedCopy['read']): Promise<Manifest> {
  const pieces: Uint8Array[] = [];
  try {
    for await (const piece of await read(MANIFEST)) pieces.push(piece);
  } catch {
    throw new Unreadable('its list of contents (manifest.json) is missing or damaged: it was cut short, or is no copy of Inch Nest');
  }
  const told = JSON.parse(Buffer.concat(pieces).toString('utf8')) as { build?: unknown };
  if (typeof told.build === 'number' && told.build > BUILD)
    throw new Unreadable(
      `it was written by a newer Inch Nest (build ${told.build} of copies; this one knows ${BUILD}): update this one first`,
    );
  const found = manifestSchema.safeParse(told);
  if (!found.success) throw new Unreadable('its list of contents (manifest.json) is not one of Inch Nest');
  return found.data;
}

/** Each part of a copy by its entry, with what it should be and how a person calls it. */
export const partsOf = ({
  tables,
  pictures,
  lists,
}: Manifest): { readonly entry: string; readonly says: string; readonly part: Part }[] => [
  ...tables.map(({ name, ...part }) => ({ entry: tableEntry(name), says: `the table ${name}`, part })),
  ...pictures.map(({ name, ...part }) => ({ entry: pictureEntry(name), says: `the picture ${name.slice(0, 12)}…`, part })),
  ...lists.map(({ name, ...part }) => ({ entry: `lists/${name}`, says: `the list ${name}`, part })),
];

/** True where what was read is what it should be. */
export async function isWhole(pieces: AsyncIterable<Uint8Array | string>, part: Part): Promise<boolean> {
  const hash = createHash('sha256');
  let bytes = 0;
  for await (const piece of pieces) {
    hash.update(piece);
    bytes += Buffer.byteLength(piece);
  }
  return bytes === part.bytes && hash.digest('hex') === part.sha256;
}

/** Reads a whole copy and says, part by part, what of it is damaged; none where it can be put back as it was. */
export async function damagesOf(copy: OpenedCopy): Promise<string[]> {
  const damaged: string[] = [];
  for (const { entry, says, part } of partsOf(copy.manifest)) {
    const whole = await copy
      .read(entry)
      .then(
        (pieces) => isWhole(pieces, part),
        () => false,
      )
      .catch(() => false);
    if (!whole) damaged.push(says);
  }
  return damaged;
}

/** A copy that is opened for it, read through whole and closed: what it says of itself, and what of it is damaged. */
export async function readThrough(path: string, passphrase?: string): Promise<{ manifest: Manifest; damaged: string[] }> {
  const copy = await openCopy(path, passphrase);
  return { manifest: copy.manifest, damaged: await thenClosed(damagesOf(copy), copy) };
}
