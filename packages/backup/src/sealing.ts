import { createCipheriv, createDecipheriv, randomBytes, scrypt, type ScryptOptions } from 'node:crypto';
import { Transform, type TransformCallback } from 'node:stream';

// A copy sealed with a passphrase: the key by scrypt (RFC 7914), the content in pieces of 64 KiB, each by AES-256-GCM (NIST SP
// 800-38D) under a nonce of its own that counts them and says which is the last, so that none is changed, moved, or left off.

const MAGIC = Buffer.from('inch-nest-sealed-1\n');
const SALT = 16;
const NONCE_START = 7;
const PIECE = 65_536;
const TAG = 16;
const HEADER = MAGIC.length + SALT + NONCE_START;
const SCRYPT: ScryptOptions = { N: 2 ** 16, r: 8, p: 1, maxmem: 128 * 1024 * 1024 };

/** A sealed copy does not open. */
export class NotOpened extends Error {}

/** True for the beginning of a sealed copy. */
export const isSealed = (start: Uint8Array): boolean => MAGIC.equals(Buffer.from(start.subarray(0, MAGIC.length)));
/** So many bytes tell whether a copy is sealed. */
export const SEALED_MARK = MAGIC.length;

const keyOf = (passphrase: string, salt: Uint8Array): Promise<Buffer> =>
  new Promise((resolve, reject) =>
    scrypt(passphrase.normalize('NFKC'), salt, 32, SCRYPT, (error, key) => (error ? reject(error) : resolve(key))),
  );

function nonceOf(start: Uint8Array, count: number, last: boolean): Buffer {
  const nonce = Buffer.alloc(12);
  nonce.set(start, 0);
  nonce.writeUInt32BE(count, NONCE_START);
  nonce[11] = last ? 1 : 0;
  return nonce;
}

/** Cuts what flows through into pieces of a size, the last one as long as it is. */
abstract class InPieces extends Transform {
  private held: Buffer = Buffer.alloc(0);
  private count = 0;

  protected abstract readonly size: number;
  protected abstract readonly work: (piece: Buffer, count: number, last: boolean) => Buffer;

  override _transform(chunk: Buffer, _: BufferEncoding, done: TransformCallback): void {
    try {
      this.held = this.held.length === 0 ? chunk : Buffer.concat([this.held, chunk]);
      // a whole piece is held back until more comes: it may be the last
      let at = 0;
      for (; this.held.length - at > this.size; at += this.size)
        this.push(this.work(this.held.subarray(at, at + this.size), this.count++, false));
      this.held = this.held.subarray(at);
      done();
    } catch (error) {
      done(error as Error);
    }
  }

  override _flush(done: TransformCallback): void {
    try {
      this.push(this.work(this.held, this.count, true));
      done();
    } catch (error) {
      done(error as Error);
    }
  }
}

/** Seals what flows through it. */
export async function sealing(passphrase: string): Promise<Transform> {
  const salt = randomBytes(SALT);
  const start = randomBytes(NONCE_START);
  const key = await keyOf(passphrase, salt);
  const stream = new (class extends InPieces {
    protected readonly size = PIECE;
    protected readonly work = (piece: Buffer, count: number, last: boolean) => {
      const cipher = createCipheriv('aes-256-gcm', key, nonceOf(start, count, last));
      return Buffer.concat([cipher.update(piece), cipher.final(), cipher.getAuthTag()]);
    };
  })();
  stream.push(Buffer.concat([MAGIC, salt, start]));
  return stream;
}

/**
 * Opens what flows through it.
 *
 * @param header the first bytes of the copy, which are not to be sent through
 * @returns a stream that fails with NotOpened where the passphrase is another, or the copy was changed or cut
 */
export async function opening(passphrase: string, header: Uint8Array): Promise<Transform> {
  const salt = header.subarray(MAGIC.length, MAGIC.length + SALT);
  const start = header.subarray(MAGIC.length + SALT, HEADER);
  const key = await keyOf(passphrase, salt);
  return new (class extends InPieces {
    protected readonly size = PIECE + TAG;
    protected readonly work = (piece: Buffer, count: number, last: boolean) => {
      if (piece.length < TAG) throw new NotOpened('the sealed copy is cut short');
      const decipher = createDecipheriv('aes-256-gcm', key, nonceOf(start, count, last));
      decipher.setAuthTag(piece.subarray(piece.length - TAG));
      try {
        return Buffer.concat([decipher.update(piece.subarray(0, piece.length - TAG)), decipher.final()]);
      } catch {
        throw new NotOpened(
          count === 0
            ? 'the passphrase is not the one this copy was sealed with (or its beginning is damaged)'
            : `the sealed copy is damaged ${Math.round((count * PIECE) / 1000)} kB from its beginning, or cut short there`,
        );
      }
    };
  })();
}
/** So many bytes stand before the sealed content. */
export const SEALED_HEADER = HEADER;
