import { existsSync, readdirSync } from 'node:fs';
import { quiet, run, isRoot } from './run.mjs';
import { Stop } from './stop.mjs';

const POSTGRES_HOME = '/usr/lib/postgresql';
/** Without a window and all that belongs to one: a fifth quicker in the end-to-end tests than the whole browser. */
export const CHROMIUM = '/usr/bin/chromium-headless-shell';
/** Reads printed papers back in tests. */
const PDF_TO_TEXT = '/usr/bin/pdftotext';

/** Folder of the newest PostgreSQL server's programs, or null. */
export function postgresBin() {
  if (!existsSync(POSTGRES_HOME)) return null;
  const versions = readdirSync(POSTGRES_HOME).filter((name) => existsSync(`${POSTGRES_HOME}/${name}/bin/postgres`));
  versions.sort((a, b) => Number(b) - Number(a));
  return versions.length > 0 ? `${POSTGRES_HOME}/${versions[0]}/bin` : null;
}

/** Installs Debian's packages that are missing; says which, and what to do when it may not. */
export async function ensureDebian({ chromium = false, postgres = true, poppler = false }) {
  const missing = [
    ...(postgres && !postgresBin() ? ['postgresql'] : []),
    ...(chromium && !existsSync(CHROMIUM) ? ['chromium-headless-shell'] : []),
    ...(poppler && !existsSync(PDF_TO_TEXT) ? ['poppler-utils'] : []),
  ];
  if (missing.length === 0) return;
  const byHand = `apt-get install ${missing.join(' ')}`;
  if (!quiet('which', ['apt-get']).ok)
    throw new Stop(`${missing.join(' and ')} missing and this is no Debian: install it by hand, then start again.`);
  const asRoot = isRoot() ? [] : quiet('which', ['sudo']).ok ? ['sudo'] : null;
  if (!asRoot)
    throw new Stop(
      `${missing.join(' and ')} missing, and neither root nor sudo is here to install it: have someone run "${byHand}", then start again.`,
    );
  console.log(`installing Debian's ${missing.join(' and ')} …`);
  // the packages' own cluster is not wanted: this project keeps a private one
  const options = ['-y', '--no-install-recommends', '-q', '-o', 'Dpkg::Use-Pty=0'];
  const environment = { ...process.env, DEBIAN_FRONTEND: 'noninteractive', PG_CREATE_MAIN_CLUSTER: 'no' };
  const apt = (...args) =>
    run([...asRoot, 'apt-get'][0], [...asRoot, 'apt-get'].slice(1).concat(args), {
      env: environment,
      stdio: ['inherit', 'ignore', 'inherit'],
    });
  await apt('update', '-q');
  if ((await apt('install', ...options, ...missing)) !== 0)
    throw new Stop(`Debian's ${missing.join(' and ')} could not be installed: run "${byHand}" as root, then start again.`);
}
