import type { RunSql } from './RunSql.ts';

/** A photograph of the packing says at which step it was taken; those from before say nothing. */
export async function up(run: RunSql): Promise<void> {
  await run('alter table photo add column step text');
}
