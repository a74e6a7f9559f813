import { mkdir, readdir, rm, stat } from 'node:fs/promises';
import { join } from 'node:path';
import { copiesToKeep } from './rotation.ts';

/** A copy as it lies in the folder of copies. */
export interface KeptCopy {
  readonly name: string;
  readonly at: Date;
  /** Somebody made it; it stays until somebody takes it away. */
  readonly byHand: boolean;
  readonly sealed: boolean;
  readonly bytes: number;
}

const NAME = /^inch-nest-(\d{4})(\d\d)(\d\d)-(\d\d)(\d\d)(\d\d)(-by-hand)?\.zip(\.sealed)?$/;

/** What a copy is called: its moment, in UTC. */
export const copyName = (at: Date, { byHand, sealed }: { byHand: boolean; sealed: boolean }): string =>
  `inch-nest-${at.toISOString().slice(0, 19).replaceAll(/[-:]/g, '').replace('T', '-')}${byHand ? '-by-hand' : ''}.zip${sealed ? '.sealed' : ''}`;

/** When and how a copy was made, by its name; null for what is none. */
export function readCopyName(name: string): Omit<KeptCopy, 'bytes'> | null {
  const found = NAME.exec(name);
  if (!found) return null;
  const [year, month, day, hour, minute, second] = found.slice(1, 7).map(Number) as [number, number, number, number, number, number];
  return {
    name,
    at: new Date(Date.UTC(year, month - 1, day, hour, minute, second)),
    byHand: found[7] !== undefined,
    sealed: found[8] !== undefined,
  };
}

/** The copies of a folder, newest first; none where there is no such folder. */
export async function listCopies(folder: string): Promise<KeptCopy[]> {
  const names = await readdir(folder).catch(() => []);
  const found = names.flatMap((name) => readCopyName(name) ?? []);
  const copies = await Promise.all(
    found.map(async (one) => {
      const { size } = await stat(join(folder, one.name)).catch(() => ({ size: -1 }));
      return { ...one, bytes: size };
    }),
  );
  return copies.filter(({ bytes }) => bytes >= 0).sort((a, b) => b.at.getTime() - a.at.getTime());
}

/** Which of some copies stay: of those that made themselves what the rotation keeps, and all by hand; in their order. */
export function copiesThatStay(copies: readonly KeptCopy[]): KeptCopy[] {
  const kept = new Set(copiesToKeep(copies.filter(({ byHand }) => !byHand).map(({ at }) => at)));
  return copies.filter(({ byHand, at }) => byHand || kept.has(at));
}

/** Takes away what need not be kept of the copies that made themselves; those by hand stay. */
export async function rotateCopies(folder: string): Promise<string[]> {
  const all = await listCopies(folder);
  const stay = new Set(copiesThatStay(all));
  const gone = all.filter((one) => !stay.has(one));
  for (const { name } of gone) await rm(join(folder, name), { force: true });
  return gone.map(({ name }) => name);
}

/** Makes the folder of copies, for its user alone. */
export const makeCopyFolder = async (folder: string): Promise<void> => void (await mkdir(folder, { recursive: true, mode: 0o700 }));
