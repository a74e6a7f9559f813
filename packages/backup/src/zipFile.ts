import { createHash } from 'node:crypto';
import { once } from 'node:events';
import { Readable } from 'node:stream';
import { ZipFile } from 'yazl';
import type { Part } from './manifest.ts';

/** A ZIP that is written a part after the other, none of them held whole. */
export interface ZipWriter {
  readonly stream: NodeJS.ReadableStream;
  /** Adds a part from its pieces; resolves when it is written. */
  add(name: string, pieces: AsyncIterable<Uint8Array | string> | Iterable<Uint8Array | string>, squeeze?: boolean): Promise<Part>;
  end(): void;
}

export function zipWriter(at: Date): ZipWriter {
  const zip = new ZipFile();
  // a part that cannot be read ends the file with it
  zip.on('error', (error: Error) => (zip.outputStream as Readable).destroy(error));
  // whoever took it has gone: what is under way ends, and lets the database go
  const gone = new Promise<never>((_, reject) => zip.outputStream.once('close', () => reject(new Error('nobody takes the copy any more'))));
  gone.catch(() => {});
  return {
    stream: zip.outputStream,
    async add(name, pieces, squeeze = true) {
      const hash = createHash('sha256');
      let bytes = 0;
      async function* counted() {
        for await (const piece of pieces) {
          const part = typeof piece === 'string' ? Buffer.from(piece) : piece;
          hash.update(part);
          bytes += part.byteLength;
          yield part;
        }
      }
      const source = Readable.from(counted(), { objectMode: false });
      zip.addReadStream(source, name, { mtime: at, compress: squeeze, mode: 0o100600 });
      await Promise.race([once(source, 'end'), gone]).finally(() => source.destroy());
      return { bytes, sha256: hash.digest('hex') };
    },
    end: () => zip.end(),
  };
}
