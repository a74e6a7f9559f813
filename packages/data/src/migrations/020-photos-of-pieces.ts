import type { RunSql } from './RunSql.ts';

/** Photographs are found by the piece they show, and what is drawn upon them by the photograph, however much is past. */
export async function up(run: RunSql): Promise<void> {
  await run(`
    create index photo_piece on photo (piece_id);
    create index photo_marks on life_event ((body #>> '{photoId}')) where kind = 'photoMarked';
  `);
}
