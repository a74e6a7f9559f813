import { X509Certificate } from 'node:crypto';
import { chmodSync, existsSync, mkdirSync, readFileSync, writeFileSync } from 'node:fs';
import { isIP } from 'node:net';
import { hostname, networkInterfaces } from 'node:os';
import { join } from 'node:path';
import { Stop } from './stop.mjs';

const DAY_MS = 86_400_000;
const ROOT_DAYS = 3650;
/** Browsers take no server's certificate that is good for longer. */
const LEAF_DAYS = 397;
const RENEW_DAYS = 30;

/** Names and addresses under which others on the network may reach this machine. */
export function namesHere(listen, more = []) {
  const addresses = Object.values(networkInterfaces())
    .flat()
    .filter(({ internal, address }) => !internal && !address.startsWith('fe80'))
    .map(({ address }) => address);
  const name = hostname().toLowerCase();
  const any = listen === '0.0.0.0' || listen === '::';
  return [
    ...new Set([...more, ...(any ? addresses.filter((one) => listen === '::' || isIP(one) === 4) : [listen]), name, `${name}.local`]),
  ];
}

/**
 * A certificate for this machine: somebody's own from two files, or one that the shop makes itself, signed by a root that is made
 * once, so that a phone is told only once whom to trust. Renewed when it soon runs out or the machine has got another address.
 *
 * @param folder where the shop's own are kept, for their owner alone
 * @returns key and chain in PEM, and the root to trust; null where it is somebody's own
 */
export async function certificateFor(folder, names, own) {
  if (own) return { ...readOwn(own, names), root: null };
  mkdirSync(folder, { recursive: true, mode: 0o700 });
  const file = (name) => join(folder, name);
  const keep = (name, text) => {
    writeFileSync(file(name), text, { mode: 0o600 });
    chmodSync(file(name), 0o600);
  };
  const read = (name) => (existsSync(file(name)) ? readFileSync(file(name), 'utf8') : null);
  const { generate } = await import('selfsigned');
  if (!read('root.crt') || !read('root.key')) {
    const root = await generate([{ name: 'commonName', value: `Inch Nest on ${hostname()}` }], {
      ...EC,
      notAfterDate: new Date(Date.now() + ROOT_DAYS * DAY_MS),
      extensions: [
        { name: 'basicConstraints', cA: true, pathLenConstraint: 0, critical: true },
        { name: 'keyUsage', keyCertSign: true, cRLSign: true, critical: true },
      ],
    });
    keep('root.key', root.private);
    keep('root.crt', root.cert);
  }
  const leaf = read('leaf.crt');
  if (!leaf || !read('leaf.key') || !serves(new X509Certificate(leaf), names)) {
    const made = await generate([{ name: 'commonName', value: names[0] }], {
      ...EC,
      notAfterDate: new Date(Date.now() + LEAF_DAYS * DAY_MS),
      ca: { key: read('root.key'), cert: read('root.crt') },
      extensions: [
        { name: 'basicConstraints', cA: false, critical: true },
        { name: 'keyUsage', digitalSignature: true, critical: true },
        { name: 'extKeyUsage', serverAuth: true },
        { name: 'subjectAltName', altNames: names.map((name) => (isIP(name) ? { type: 7, ip: name } : { type: 2, value: name })) },
      ],
    });
    keep('leaf.key', made.private);
    keep('leaf.crt', made.cert);
  }
  return { key: read('leaf.key'), cert: `${read('leaf.crt').trim()}\n${read('root.crt')}`, root: read('root.crt') };
}

const EC = { keyType: 'ec', curve: 'P-256', algorithm: 'sha256' };

/** Whether a certificate is good for every name, and for a while yet. */
function serves(certificate, names) {
  const left = Date.parse(certificate.validTo) - Date.now();
  return left > RENEW_DAYS * DAY_MS && names.every((name) => Boolean(isIP(name) ? certificate.checkIP(name) : certificate.checkHost(name)));
}

function readOwn({ cert, key }, names) {
  try {
    const chain = readFileSync(cert, 'utf8');
    const certificate = new X509Certificate(chain);
    if (Date.parse(certificate.validTo) < Date.now()) throw new Error(`${cert} ran out on ${certificate.validTo}`);
    if (!names.some((name) => (isIP(name) ? certificate.checkIP(name) : certificate.checkHost(name))))
      throw new Error(`${cert} is for none of ${names.join(', ')}: name what it is for with --host`);
    return { key: readFileSync(key, 'utf8'), cert: chain };
  } catch (error) {
    throw new Stop(`the certificate cannot be used: ${error.message}.`);
  }
}
