import { createHash, createHmac } from 'node:crypto';
import { createServer, type IncomingMessage, type ServerResponse } from 'node:http';
import type { AddressInfo } from 'node:net';

/** A bucket on loopback that answers as the public S3 protocol says: objects, listing in pages, uploads in parts. */
export interface BucketStandIn {
  readonly address: string;
  readonly objects: Map<string, Buffer>;
  /** How many requests came, by method. */
  readonly asked: Record<string, number>;
  /** What goes wrong there: nothing, no answer is whole, or a byte changes as it is kept. */
  trouble: 'none' | 'spoils' | 'fails';
  close(): Promise<void>;
}

export const KEY = { accessKeyId: 'lantern-row', secretAccessKey: 'a secret of the bench' };
export const BUCKET = 'fen-lane';
const REGION = 'us-east-1';
const PAGE = 3;

const sha256 = (text: string | Buffer) => createHash('sha256').update(text).digest('hex');
const hmac = (key: string | Buffer, text: string) => createHmac('sha256', key).update(text).digest();

/** The signature that a request should have, worked out from the published description of signature version 4. */
function signatureOf({ method, headers }: IncomingMessage, url: URL): string {
  const signed = /SignedHeaders=([^,]+)/.exec(headers.authorization ?? '')?.[1] ?? '';
  const encode = (text: string) =>
    encodeURIComponent(text).replaceAll(/[!'()*]/g, (char) => `%${char.codePointAt(0)!.toString(16).toUpperCase()}`);
  const query = [...url.searchParams]
    .map(([name, value]) => `${encode(name)}=${encode(value)}`)
    .sort()
    .join('&');
  const named = signed.split(';').map((name) => `${name}:${String(headers[name] ?? '').trim()}\n`);
  const request = [method, url.pathname, query, named.join(''), signed, headers['x-amz-content-sha256']].join('\n');
  const at = String(headers['x-amz-date']);
  const scope = `${at.slice(0, 8)}/${REGION}/s3/aws4_request`;
  const key = [at.slice(0, 8), REGION, 's3', 'aws4_request'].reduce<string | Buffer>(hmac, `AWS4${KEY.secretAccessKey}`);
  return hmac(key, ['AWS4-HMAC-SHA256', at, scope, sha256(request)].join('\n')).toString('hex');
}

export async function bucketStandIn(): Promise<BucketStandIn> {
  const objects = new Map<string, Buffer>();
  const parts = new Map<string, Map<number, Buffer>>();
  const asked: Record<string, number> = {};
  const bucket: BucketStandIn = {
    get address() {
      return `http://127.0.0.1:${(server.address() as AddressInfo).port}`;
    },
    objects,
    asked,
    trouble: 'none',
    close: () => new Promise((resolve) => server.close(() => resolve()).closeAllConnections()),
  };
  const keep = (name: string, bytes: Buffer) => {
    const kept = Buffer.from(bytes);
    if (bucket.trouble === 'spoils') kept[kept.length >> 1]! ^= 1;
    objects.set(name, kept);
  };
  const refuse = (response: ServerResponse, status: number, code: string) =>
    response.writeHead(status, { 'content-type': 'application/xml' }).end(`<Error><Code>${code}</Code><Message>${code}</Message></Error>`);
  const list = (response: ServerResponse, url: URL) => {
    const prefix = url.searchParams.get('prefix') ?? '';
    const names = [...objects.keys()].filter((name) => name.startsWith(prefix)).sort();
    const from = Number(url.searchParams.get('continuation-token') ?? 0);
    const page = names.slice(from, from + PAGE);
    const more = from + PAGE < names.length;
    const rows = page.map((name) => `<Contents><Key>${name}</Key><Size>${objects.get(name)!.length}</Size></Contents>`).join('');
    response
      .writeHead(200, { 'content-type': 'application/xml' })
      .end(
        `<ListBucketResult><IsTruncated>${more}</IsTruncated>${more ? `<NextContinuationToken>${from + PAGE}</NextContinuationToken>` : ''}${rows}</ListBucketResult>`,
      );
  };
  const answer = (request: IncomingMessage, response: ServerResponse, body: Buffer) => {
    const { method = '' } = request;
    asked[method] = (asked[method] ?? 0) + 1;
    const url = new URL(request.url ?? '/', bucket.address);
    const authorization = request.headers.authorization ?? '';
    if (bucket.trouble === 'fails') return refuse(response, 503, 'SlowDown');
    if (!authorization.includes(`Credential=${KEY.accessKeyId}/`)) return refuse(response, 403, 'InvalidAccessKeyId');
    if (!authorization.endsWith(`Signature=${signatureOf(request, url)}`)) return refuse(response, 403, 'SignatureDoesNotMatch');
    if (request.headers['x-amz-content-sha256'] !== sha256(body)) return refuse(response, 400, 'XAmzContentSHA256Mismatch');
    const [, of, ...rest] = decodeURIComponent(url.pathname).split('/');
    const name = rest.join('/');
    if (of !== BUCKET) return refuse(response, 404, 'NoSuchBucket');
    if (method === 'GET' && !name) return list(response, url);
    const upload = url.searchParams.get('uploadId');
    if (method === 'POST' && url.searchParams.has('uploads')) {
      parts.set(name, new Map());
      return response.writeHead(200).end(`<InitiateMultipartUploadResult><UploadId>${name}</UploadId></InitiateMultipartUploadResult>`);
    }
    if (method === 'PUT' && upload) {
      parts.get(upload)!.set(Number(url.searchParams.get('partNumber')), body);
      return response.writeHead(200, { etag: `"${sha256(body).slice(0, 32)}"` }).end();
    }
    if (method === 'POST' && upload) {
      keep(name, Buffer.concat([...parts.get(upload)!].sort(([one], [other]) => one - other).map(([, part]) => part)));
      return response.writeHead(200).end(`<CompleteMultipartUploadResult><Key>${name}</Key></CompleteMultipartUploadResult>`);
    }
    if (method === 'PUT') {
      keep(name, body);
      return response.writeHead(200, { etag: `"${sha256(body).slice(0, 32)}"` }).end();
    }
    const found = objects.get(name);
    if (!found && method === 'GET') return refuse(response, 404, 'NoSuchKey');
    if (method === 'GET') return response.writeHead(200, { 'content-length': found!.length }).end(found);
    if (method === 'DELETE') {
      objects.delete(name);
      return response.writeHead(204).end();
    }
    return refuse(response, 405, 'MethodNotAllowed');
  };
  const server = createServer((request, response) => {
    const chunks: Buffer[] = [];
    request.on('data', (chunk: Buffer) => chunks.push(chunk)).on('end', () => answer(request, response, Buffer.concat(chunks)));
  });
  await new Promise<void>((resolve) => server.listen(0, '127.0.0.1', resolve));
  return bucket;
}
