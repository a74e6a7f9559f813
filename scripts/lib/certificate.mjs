import { createPrivateKey, KeyObject, webcrypto, X509Certificate } from 'node:crypto';
import { chmodSync, existsSync, mkdirSync, readFileSync, writeFileSync } from 'node:fs';
import { isIP } from 'node:net';
import { hostname, networkInterfaces } from 'node:os';
import { join } from 'node:path';
import { Stop } from './stop.mjs';

const HOUR_MS = 3_600_000;
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
  // what the package is put together by wants it first
  await import('reflect-metadata');
  const x509 = await import('@peculiar/x509');
  if (!read('root.crt') || !read('root.key')) {
    const pair = await newPair();
    const made = await x509.X509CertificateGenerator.createSelfSigned(
      {
        name: [{ CN: [`Inch Nest on ${hostname()}`] }],
        ...lasting(ROOT_DAYS),
        keys: pair,
        signingAlgorithm: EC,
        extensions: [
          new x509.BasicConstraintsExtension(true, 0, true),
          new x509.KeyUsagesExtension(x509.KeyUsageFlags.keyCertSign | x509.KeyUsageFlags.cRLSign, true),
          await x509.SubjectKeyIdentifierExtension.create(pair.publicKey, false, webcrypto),
        ],
      },
      webcrypto,
    );
    keep('root.key', await privatePem(pair));
    keep('root.crt', made.toString('pem'));
  }
  const leaf = read('leaf.crt');
  if (!leaf || !read('leaf.key') || !serves(new X509Certificate(leaf), names)) {
    const [pair, root] = [await newPair(), new x509.X509Certificate(read('root.crt'))];
    const made = await x509.X509CertificateGenerator.create(
      {
        subject: [{ CN: [names[0]] }],
        issuer: root.subject,
        ...lasting(LEAF_DAYS),
        publicKey: pair.publicKey,
        signingKey: await signingKey(read('root.key')),
        signingAlgorithm: EC,
        extensions: [
          new x509.BasicConstraintsExtension(false, undefined, true),
          new x509.KeyUsagesExtension(x509.KeyUsageFlags.digitalSignature, true),
          new x509.ExtendedKeyUsageExtension([x509.ExtendedKeyUsage.serverAuth]),
          new x509.SubjectAlternativeNameExtension(names.map((name) => ({ type: isIP(name) ? 'ip' : 'dns', value: name }))),
          await x509.SubjectKeyIdentifierExtension.create(pair.publicKey, false, webcrypto),
          await x509.AuthorityKeyIdentifierExtension.create(root, false, webcrypto),
        ],
      },
      webcrypto,
    );
    keep('leaf.key', await privatePem(pair));
    keep('leaf.crt', made.toString('pem'));
  }
  return { key: read('leaf.key'), cert: `${read('leaf.crt').trim()}\n${read('root.crt')}`, root: read('root.crt') };
}

const EC = { name: 'ECDSA', namedCurve: 'P-256', hash: 'SHA-256' };
const newPair = () => webcrypto.subtle.generateKey(EC, true, ['sign', 'verify']);
/** A private key as others read it. */
const privatePem = async ({ privateKey }) => KeyObject.from(privateKey).export({ type: 'pkcs8', format: 'pem' });
const signingKey = (pem) =>
  webcrypto.subtle.importKey('pkcs8', createPrivateKey(pem).export({ type: 'pkcs8', format: 'der' }), EC, false, ['sign']);
/** Good from a moment ago: other clocks are not ours. */
const lasting = (days) => ({ notBefore: new Date(Date.now() - HOUR_MS), notAfter: new Date(Date.now() + days * DAY_MS) });

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
