import { Umzug } from 'umzug';
import type { Database } from './database.ts';
import { up as foundation } from './migrations/001-foundation.ts';
import { up as fullerChoices } from './migrations/002-fuller-choices.ts';
import { up as lookedOver } from './migrations/003-looked-over.ts';
import { up as photos } from './migrations/004-photos.ts';
import { up as labels } from './migrations/005-labels.ts';
import { up as papers } from './migrations/006-papers.ts';
import { up as ids } from './migrations/007-ids.ts';
import { up as irreplaceable } from './migrations/008-irreplaceable.ts';
import { up as voiding } from './migrations/009-voiding.ts';
import { up as evidence } from './migrations/010-evidence.ts';
import { up as ownCeiling } from './migrations/011-own-ceiling.ts';
import { up as alike } from './migrations/012-alike.ts';
import { up as jobs } from './migrations/013-jobs.ts';
import { up as ownBox } from './migrations/014-own-box.ts';
import { up as several } from './migrations/015-several.ts';
import { up as templatesOfSeveral } from './migrations/016-templates-of-several.ts';
import { up as stockMoves } from './migrations/017-stock-moves.ts';
import { up as photoStep } from './migrations/018-photo-step.ts';
import { up as people } from './migrations/019-people.ts';
import { up as photosOfPieces } from './migrations/020-photos-of-pieces.ts';
import { up as wholeOrNothing } from './migrations/021-whole-or-nothing.ts';
import { up as templatesOfBoxes } from './migrations/022-templates-of-boxes.ts';
import { up as standing } from './migrations/023-standing.ts';
import { up as boxWish } from './migrations/024-box-wish.ts';
import { up as nestStep } from './migrations/025-nest-step.ts';
import { up as within } from './migrations/026-within.ts';
import { up as interleaf } from './migrations/027-interleaf.ts';
import { up as toldRevision } from './migrations/028-told-revision.ts';
import { runWithin, type RunSql } from './migrations/RunSql.ts';

/** A step from one version's tables to the next one's. */
export interface Migration {
  readonly name: string;
  readonly up: (run: RunSql) => Promise<void>;
}

export const MIGRATIONS: readonly Migration[] = [
  { name: '001-foundation', up: foundation },
  { name: '002-fuller-choices', up: fullerChoices },
  { name: '003-looked-over', up: lookedOver },
  { name: '004-photos', up: photos },
  { name: '005-labels', up: labels },
  { name: '006-papers', up: papers },
  { name: '007-ids', up: ids },
  { name: '008-irreplaceable', up: irreplaceable },
  { name: '009-voiding', up: voiding },
  { name: '010-evidence', up: evidence },
  { name: '011-own-ceiling', up: ownCeiling },
  { name: '012-alike', up: alike },
  { name: '013-jobs', up: jobs },
  { name: '014-own-box', up: ownBox },
  { name: '015-several', up: several },
  { name: '016-templates-of-several', up: templatesOfSeveral },
  { name: '017-stock-moves', up: stockMoves },
  { name: '018-photo-step', up: photoStep },
  { name: '019-people', up: people },
  { name: '020-photos-of-pieces', up: photosOfPieces },
  { name: '021-whole-or-nothing', up: wholeOrNothing },
  { name: '022-templates-of-boxes', up: templatesOfBoxes },
  { name: '023-standing', up: standing },
  { name: '024-box-wish', up: boxWish },
  { name: '025-nest-step', up: nestStep },
  { name: '026-within', up: within },
  { name: '027-interleaf', up: interleaf },
  { name: '028-told-revision', up: toldRevision },
];
const LOCK = 4_117_201;

/** The database is of a later version of the product than this one. */
export class NewerSchema extends Error {
  constructor(readonly unknown: readonly string[]) {
    super(
      `the database was made by a newer Inch Nest (it knows ${unknown.join(', ')}): update this copy, or start with another --state folder`,
    );
  }
}

/**
 * Brings the tables up to date, all of it or nothing: what is carried out and the note of it are one transaction,
 * so that a start killed at any point leaves the version before. Two starters may call it at once: one waits for
 * the other.
 *
 * @param migrations those known; an earlier version's list makes an earlier version's tables
 * @returns names of the migrations it carried out
 * @throws NewerSchema when the database knows migrations that this copy does not
 */
export async function migrate({ sequelize }: Database, migrations: readonly Migration[] = MIGRATIONS): Promise<string[]> {
  return sequelize.transaction(async (transaction) => {
    const run = runWithin(sequelize, transaction);
    await run(`select pg_advisory_xact_lock(${LOCK})`);
    await run('create table if not exists migration (name text primary key, at timestamptz not null default now())');
    const rows = await run<{ name: string }>('select name from migration order by name');
    const unknown = rows.map((row) => row.name).filter((name) => !migrations.some((migration) => migration.name === name));
    if (unknown.length > 0) throw new NewerSchema(unknown);
    const umzug = new Umzug({
      migrations: migrations.map(({ name, up }) => ({ name, up: () => up(run) })),
      storage: {
        executed: () => Promise.resolve(rows.map((row) => row.name)),
        logMigration: async ({ name }) => void (await run('insert into migration (name) values (:name)', { name })),
        unlogMigration: async ({ name }) => void (await run('delete from migration where name = :name', { name })),
      },
      logger: undefined,
    });
    return (await umzug.up()).map((migration) => migration.name);
  });
}
