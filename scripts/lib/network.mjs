import { randomBytes } from 'node:crypto';
import { isIP } from 'node:net';
import { dirname, join } from 'node:path';
import { fileURLToPath } from 'node:url';
import { certificateFor, namesHere } from './certificate.mjs';
import { startProcess } from './process.mjs';
import { READY_MS } from './ready.mjs';
import { Stop } from './stop.mjs';

/**
 * How others on the shop's network reach this machine: under which names, with which certificate.
 *
 * @param folder where the shop's own certificate is kept
 */
export async function openNetwork(folder, { listen, httpsPort, hosts = [], own = null }) {
  const names = namesHere(listen, hosts);
  const { key, cert, root } = await certificateFor(folder, names, own);
  const at = (name) => `${isIP(name) === 6 ? `[${name}]` : name}${httpsPort === 443 ? '' : `:${httpsPort}`}`;
  return {
    listen,
    httpsPort,
    key,
    cert,
    root,
    secret: randomBytes(24).toString('base64url'),
    // whoever makes the shop from another device shows that she may: it is printed where the machine is kept
    firstCode: randomBytes(8).toString('hex').toUpperCase(),
    hosts: names.map(at),
    address: `https://${at(names[0])}`,
  };
}

/** Starts what listens for the network and passes on to the application. */
export async function startFront(root, port, { listen, httpsPort, key, cert, secret }, { asRoot = false } = {}) {
  // a port below 1024 is root's to open
  const child = startProcess(
    process.execPath,
    [join(dirname(fileURLToPath(import.meta.url)), 'front.mjs'), listen, String(httpsPort), `http://127.0.0.1:${port}`],
    { cwd: root, stdio: ['pipe', 'pipe', 'inherit'], asRoot: asRoot || httpsPort < 1024, input: JSON.stringify({ key, cert, secret }) },
  );
  await new Promise((resolve, reject) => {
    const not = () => reject(new Stop(`nothing could listen on ${listen}, port ${httpsPort}: is it taken, or not this machine’s?`));
    const late = setTimeout(not, READY_MS);
    child.out.once('data', () => (clearTimeout(late), resolve()));
    void child.gone.then(() => (clearTimeout(late), not()));
  });
  return { pid: child.pid, gone: child.gone, stop: child.stop };
}
