import { isIP } from 'node:net';
import { dirname, join, resolve } from 'node:path';
import { createInterface } from 'node:readline/promises';
import { fileURLToPath } from 'node:url';
import { parseArgs } from 'node:util';
import { archiveSettings, makeArchive } from './lib/archive.mjs';
import { makeState, startCluster } from './lib/cluster.mjs';
import { ensureDebian } from './lib/debian.mjs';
import { namedFile } from './lib/namedFile.mjs';
import { ensureNodePackages } from './lib/nodePackages.mjs';
import { holdState } from './lib/holdState.mjs';
import { openNetwork } from './lib/network.mjs';
import { isTaken } from './lib/ports.mjs';
import { run } from './lib/run.mjs';
import { makeServices, prepareCommand, signInCodeCommand } from './lib/services.mjs';
import { defaultState } from './lib/state.mjs';
import { runMain, Stop } from './lib/stop.mjs';
import { supervise } from './lib/supervise.mjs';
import { ensureBuild } from './lib/webBuild.mjs';

// Installs what is missing, builds, starts database and application with the demo, or with `--own-shop` without it, and prints
// the address.
const root = dirname(dirname(fileURLToPath(import.meta.url)));

await runMain(async () => {
  const { port, reset, yes, state, backups, archive, ownShop, listening } = readOptions();
  if (await staysTaken(port)) throw new Stop(`port ${port} is taken: stop what uses it, or start with npm run demo -- --port ${port + 1}.`);
  if (reset && !yes && !(await agreed())) throw new Stop('nothing was reset.');
  await ensureDebian({ postgres: !process.env.DATABASE_URL });
  await ensureNodePackages(root);
  await ensureBuild(root);
  const cleanUp = [];
  let stopping = null;
  const stop = () =>
    (stopping ??= (async () => {
      for (const step of cleanUp.reverse()) await step();
    })());
  const asked = new Promise((done) => ['SIGINT', 'SIGTERM', 'SIGHUP'].forEach((signal) => process.on(signal, done)));
  try {
    makeState(state);
    cleanUp.push(await holdState(state));
    const { url, ownerUrl } = await openDatabase(state, archive, cleanUp);
    await prepare(ownerUrl, url, { reset, ownShop });
    const network = listening && (await openNetwork(join(state, 'certificate'), listening));
    // only a demo that nothing else reaches signs in by itself
    const byItself = !ownShop && !network;
    const services = makeServices(root, { port, databaseUrl: url, files: join(state, 'files'), backups, network, byItself });
    const keep = async (name, start) => cleanUp.push((await supervise(name, start)).stop);
    await keep('the carriers’ stand-in', services.startCounter);
    await keep('the application', services.startWeb);
    if (network) await keep('what listens for the network', services.startFront);
    if (!byItself) await firstCode(url, network);
    console.log(
      `\nInch Nest is ready: http://127.0.0.1:${port}${network ? `, and for the network ${network.hosts.map((host) => `https://${host}`).join(', ')}` : ''}\nCtrl-C stops it; the data stay${process.env.DATABASE_URL ? ' in your database' : ` in ${state}`}.`,
    );
    await asked;
  } finally {
    await stop();
  }
  console.log('stopped.');
});

/** Where what was killed a moment ago is still leaving, a moment is given to it. */
async function staysTaken(port) {
  for (let left = 10; await isTaken(port); left--) {
    if (left === 0) return true;
    await new Promise((resolve) => setTimeout(resolve, 150));
  }
  return false;
}

function readOptions() {
  try {
    const { values } = parseArgs({
      options: {
        port: { type: 'string', default: '3000' },
        reset: { type: 'boolean', default: false },
        yes: { type: 'boolean', default: false },
        state: { type: 'string' },
        'own-shop': { type: 'boolean', default: false },
        backups: { type: 'string' },
        archive: { type: 'string' },
        'passphrase-file': { type: 'string' },
        'backup-store': { type: 'string' },
        listen: { type: 'string' },
        'https-port': { type: 'string', default: '3443' },
        host: { type: 'string', multiple: true, default: [] },
        cert: { type: 'string' },
        key: { type: 'string' },
      },
    });
    const port = Number(values.port);
    if (!Number.isInteger(port) || port < 1 || port > 65535) throw new Error(`--port ${values.port} is not a port`);
    const passphraseFile = values['passphrase-file'] && resolve(values['passphrase-file']);
    const storeFile = namedFile(values['backup-store'], 'about a store');
    const ownShop = values['own-shop'];
    if (ownShop && values.reset) throw new Error('a shop of your own is never reset');
    // what is sold for a living never lies beside what is made up
    const state = resolve(values.state ?? `${defaultState()}${ownShop ? '-shop' : ''}`);
    const backups = { folder: resolve(values.backups ?? join(state, 'backups')), passphraseFile, storeFile };
    return {
      ...values,
      port,
      state,
      backups,
      archive: values.archive && resolve(values.archive),
      ownShop,
      listening: readListening(values),
    };
  } catch (error) {
    throw new Stop(
      `${error.message}. Known: --port N, --reset, --yes, --state DIR, --own-shop, --backups DIR, --archive DIR, --passphrase-file FILE, --backup-store FILE, --listen ADDRESS, --https-port N, --host NAME, --cert FILE, --key FILE.`,
    );
  }
}

/** Where others on the network reach it; null where none do. */
function readListening({ listen, 'https-port': told, host: hosts, cert, key }) {
  if (!listen) {
    if (hosts.length > 0 || cert || key) throw new Error('--host, --cert and --key go with --listen');
    return null;
  }
  if (!isIP(listen)) throw new Error(`--listen ${listen} is not an address: 0.0.0.0 is every one of this machine’s`);
  const httpsPort = Number(told);
  if (!Number.isInteger(httpsPort) || httpsPort < 1 || httpsPort > 65535) throw new Error(`--https-port ${told} is not a port`);
  if (Boolean(cert) !== Boolean(key)) throw new Error('--cert and --key go together');
  const strange = hosts.find((name) => !/^[a-z0-9.:-]{1,100}$/i.test(name));
  if (strange) throw new Error(`--host ${strange} is not a name`);
  return {
    listen,
    httpsPort,
    hosts: hosts.map((name) => name.toLowerCase()),
    own: cert ? { cert: resolve(cert), key: resolve(key) } : null,
  };
}

/** Where nobody can sign in yet, a code by which the owner does; where there is no shop yet, one by which it is made from another device. */
async function firstCode(url, network) {
  const { args, env } = signInCodeCommand(url, ['--if-nobody', ...(network ? ['--first-code', network.firstCode] : [])]);
  await run(process.execPath, args, { cwd: root, env });
}

async function agreed() {
  if (!process.stdin.isTTY) throw new Stop('--reset drops the demo’s data: say --yes as well where nobody can be asked.');
  const ask = createInterface({ input: process.stdin, output: process.stdout });
  const answer = await ask.question('Drop the demo’s data and load it afresh? [y/N] ');
  ask.close();
  return /^y/i.test(answer.trim());
}

/** Addresses of the database: a private one that is kept running, or that of a server of somebody's own. */
async function openDatabase(state, archive, cleanUp) {
  const { DATABASE_URL: url, DATABASE_OWNER_URL: ownerUrl } = process.env;
  if (url) return { url, ownerUrl: ownerUrl || url };
  if (archive) makeArchive(archive);
  const settings = archive ? archiveSettings(archive) : [];
  let port;
  const cluster = await supervise('the database', async () => {
    const started = await startCluster(state, { port, settings });
    port = started.port;
    return started;
  });
  cleanUp.push(cluster.stop);
  return cluster.now;
}

async function prepare(ownerUrl, url, { reset, ownShop }) {
  const role = url === ownerUrl ? null : decodeURIComponent(new URL(url).username);
  if (!role)
    console.log(
      'DATABASE_OWNER_URL is not set: the application owns its tables and could change evidence in them. Name the tables’ owner in it.',
    );
  const { args, env } = prepareCommand(ownerUrl, { role, reset, ownShop });
  if ((await run(process.execPath, args, { cwd: root, env })) !== 0)
    throw new Stop('the database could not be prepared: see the sentence above.');
}
