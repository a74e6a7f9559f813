import { join, resolve } from 'node:path';
import { parseArgs } from 'node:util';
import { archiveLast, listBases, makeBase, momentOf, restoreTo, switchLog } from './lib/archive.mjs';
import { ensureDebian } from './lib/debian.mjs';
import { reachCluster } from './lib/reachCluster.mjs';
import { defaultState } from './lib/state.mjs';
import { runMain, Stop } from './lib/stop.mjs';

// The archive that `npm run demo -- --archive DIR` fills: makes a base in it, has the database back as of a moment, or lists it.

await runMain(async () => {
  const { what, state, archive, at } = readOptions();
  await ensureDebian({ postgres: true });
  if (what === 'base') {
    const reached = await reachCluster(state);
    try {
      console.log(`made ${makeBase(reached.ownerUrl, state, archive, new Date())}. From now on any moment can be had back.`);
    } finally {
      await reached.close();
    }
    return 0;
  }
  if (what === 'now') {
    const reached = await reachCluster(state);
    const put = switchLog(reached.ownerUrl);
    await reached.close();
    if (!put) throw new Stop('the database does not answer.');
    console.log('what is in the log so far is being put away.');
    return 0;
  }
  if (what === 'restore') {
    const base = await restoreTo(archive, state, at);
    console.log(
      `put back ${at ? `as of ${at.toISOString()}` : 'as of the last that was put away'}, from the base of ${base.at.toISOString()}.`,
    );
    console.log(`Photographs are not in it: put those of a backup, or of the old place, into ${join(state, 'files/photos')}.`);
    console.log(`Start it with: npm run demo -- --state ${state}`);
    return 0;
  }
  const { pieces, last } = archiveLast(archive);
  for (const base of listBases(archive)) console.log(`base of ${base.at.toISOString()}`);
  console.log(`${pieces} pieces of log${last ? `, the last put away ${last.toISOString()}` : ''}`);
  return 0;
});

function readOptions() {
  try {
    const { values, positionals } = parseArgs({
      allowPositionals: true,
      options: { state: { type: 'string', default: defaultState() }, archive: { type: 'string' }, at: { type: 'string' } },
    });
    const what = positionals[0] ?? 'list';
    if (!['base', 'now', 'restore', 'list'].includes(what) || positionals.length > 1)
      throw new Error(`${positionals.join(' ')} is not known`);
    if (!values.archive) throw new Error('name the archive with --archive DIR');
    return { what, state: resolve(values.state), archive: resolve(values.archive), at: values.at ? momentOf(values.at) : null };
  } catch (error) {
    throw new Stop(`${error.message.replace(/\.$/, '')}. Known: base, now, restore, list; --archive DIR, --state DIR, --at MOMENT.`);
  }
}
