import { createHash } from 'node:crypto';
import { createReadStream, createWriteStream } from 'node:fs';
import { rm } from 'node:fs/promises';
import { Readable } from 'node:stream';
import { pipeline } from 'node:stream/promises';
import { readCopyName, type KeptCopy } from '../copyFolder.ts';
import { StoreTrouble, type CopyStore } from './CopyStore.ts';
import type { StoreSettings } from './StoreSettings.ts';

/** A large copy goes in parts of so much; ten thousand of them are the most a store takes, 160 GB. */
const PART_BYTES = 16 * 2 ** 20;
const TRIES = 3;
const WAIT_MS = { connect: 10_000, answer: 120_000 };

/**
 * Opens a store that speaks the S3 protocol, with requests signed by its fourth version. Nothing is asked of it yet.
 *
 * Every method throws `StoreTrouble` with one sentence.
 */
export async function openStore({
  endpoint,
  region,
  bucket,
  prefix,
  accessKeyId,
  secretAccessKey,
  pathStyle,
}: StoreSettings): Promise<CopyStore> {
  // a quarter of a second that nobody without a store waits for
  const [{ DeleteObjectCommand, GetObjectCommand, paginateListObjectsV2, S3Client }, { Upload }] = await Promise.all([
    import('@aws-sdk/client-s3'),
    import('@aws-sdk/lib-storage'),
  ]);
  const client = new S3Client({
    endpoint,
    region,
    forcePathStyle: pathStyle,
    credentials: { accessKeyId, secretAccessKey },
    maxAttempts: TRIES,
    requestHandler: { connectionTimeout: WAIT_MS.connect, requestTimeout: WAIT_MS.answer },
    // not every store knows the newer sums; what was put is read back whole instead
    requestChecksumCalculation: 'WHEN_REQUIRED',
    responseChecksumValidation: 'WHEN_REQUIRED',
  });
  const says = `${bucket}${prefix && `/${prefix}`} at ${new URL(endpoint).host}`;
  const at = (name: string) => ({ Bucket: bucket, Key: `${prefix}${name}` });
  const told = async <Answer>(what: string, work: () => Promise<Answer>): Promise<Answer> => {
    try {
      return await work();
    } catch (error) {
      throw error instanceof StoreTrouble ? error : new StoreTrouble(`${what} ${says}: ${reasonOf(error)}`);
    }
  };
  const open = async (name: string): Promise<Readable> => {
    const { Body } = await client.send(new GetObjectCommand(at(name)));
    if (!(Body instanceof Readable)) throw new StoreTrouble(`${name} came from ${says} without anything in it`);
    return Body;
  };
  const remove = (name: string) =>
    told('a copy could not be taken away from', async () => void (await client.send(new DeleteObjectCommand(at(name)))));
  return {
    says,
    list: () =>
      told('what lies there could not be asked of', async () => {
        const found: KeptCopy[] = [];
        for await (const { Contents } of paginateListObjectsV2({ client }, { Bucket: bucket, Prefix: prefix })) {
          for (const { Key, Size } of Contents ?? []) {
            const copy = readCopyName((Key ?? '').slice(prefix.length));
            if (copy) found.push({ ...copy, bytes: Size ?? 0 });
          }
        }
        return found.sort((one, other) => other.at.getTime() - one.at.getTime());
      }),
    put: (file, name) =>
      told('a copy could not be put into', async () => {
        const body = createReadStream(file);
        try {
          await new Upload({ client, params: { ...at(name), Body: body }, partSize: PART_BYTES, queueSize: 1 }).done();
        } finally {
          body.destroy();
        }
        const [sent, came] = await Promise.all([sumOf(createReadStream(file)), sumOf(await open(name))]);
        if (sent === came) return;
        await remove(name);
        throw new StoreTrouble(`${name} did not come back from ${says} as it was put there, and was taken away again`);
      }),
    fetch: (name, into) =>
      told('a copy could not be fetched from', async () => {
        try {
          await pipeline(await open(name), createWriteStream(into, { mode: 0o600 }));
        } catch (error) {
          await rm(into, { force: true });
          throw error;
        }
      }),
    remove,
    close: () => client.destroy(),
  };
}

async function sumOf(stream: Readable): Promise<string> {
  const sum = createHash('sha256');
  await pipeline(stream, sum);
  return sum.digest('hex');
}

const REASONS: Readonly<Record<string, string>> = {
  NoSuchBucket: 'there is no such bucket',
  NoSuchKey: 'there is none of that name',
  AccessDenied: 'the key does not open it',
  InvalidAccessKeyId: 'the key is not known there',
  SignatureDoesNotMatch: 'the secret is not the one of the key',
  RequestTimeTooSkewed: 'the clocks of both machines differ too much',
  ECONNREFUSED: 'nobody answers there',
  ENOTFOUND: 'there is no machine of that name',
  TimeoutError: 'it did not answer in time',
};

/** Why a store would not, in words where they are known. */
function reasonOf(error: unknown): string {
  const { name = '', code = '', message = '' } = error as { name?: string; code?: string; message?: string };
  const known = Object.keys(REASONS).find((key) => [name, code, ...message.split(/\W/)].includes(key));
  return (known && REASONS[known]) ?? (message || name || 'it did not say why');
}
