import { existsSync, readFileSync } from 'node:fs';
import { join } from 'node:path';
import { APPLICATION, OWNER, startCluster } from './cluster.mjs';
import { holdState } from './holdState.mjs';
import { Stop } from './stop.mjs';

/**
 * The database of a state folder, whether it runs or not: where it does, that one is spoken to; where it does not, it is started
 * for as long as it takes.
 *
 * @returns addresses for the tables' owner and for the application, and what lets it go
 */
export async function reachCluster(state) {
  if (!existsSync(join(state, 'cluster'))) throw new Stop(`there are no data in ${state}: name another folder with --state.`);
  const letGo = await holdState(state).catch(() => null);
  if (!letGo) return running(state);
  const cluster = await startCluster(state).catch(async (error) => {
    await letGo();
    throw error;
  });
  return {
    url: cluster.url,
    ownerUrl: cluster.ownerUrl,
    async close() {
      await cluster.stop();
      await letGo();
    },
  };
}

/** The one that somebody else runs in this folder. */
function running(state) {
  const [, , , port] = readFileSync(join(state, 'cluster/postmaster.pid'), 'utf8').split('\n');
  const url = (role, file) => `postgres://${role}:${readFileSync(join(state, file), 'utf8').trim()}@127.0.0.1:${port}/inchnest`;
  return { url: url(APPLICATION, 'password-app'), ownerUrl: url(OWNER, 'password'), close: async () => {} };
}
