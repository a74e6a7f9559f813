import { mkdirSync, readdirSync, readFileSync, statSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';

/** Whoever stands in for a module, a method of another or the clock does so for all that follow. */
const NEEDS_ITS_OWN_ROOM = /\bjest\.(mock|doMock|spyOn|useFakeTimers)\(/;

/**
 * A project whose test files share a few rooms. Jest gives each file a room of its own, in which everything it imports is read
 * anew and is as slow as a program is at first: a third of the time of searches. Files that stand in for modules keep a room of
 * their own.
 *
 * @param project of Jest's configuration, with one root
 * @param test names of its test files
 * @param rooms how many are wanted, each about as long as another
 * @param folder where their files are written
 */
export function together(project, test, rooms, folder) {
  const [source] = project.roots;
  const files = readdirSync(source, { recursive: true, withFileTypes: true })
    .filter((entry) => entry.isFile() && test.test(entry.name))
    .map(({ parentPath, name }) => join(parentPath, name));
  const alone = files.filter((file) => NEEDS_ITS_OWN_ROOM.test(readFileSync(file, 'utf8')));
  const place = join(folder, project.displayName);
  mkdirSync(place, { recursive: true });
  for (const [at, members] of shared(
    files.filter((file) => !alone.includes(file)),
    rooms,
  ).entries()) {
    const lines = members.map(
      (file) => `describe(${JSON.stringify(file.slice(source.length + 1))}, () => void require(${JSON.stringify(file)}));\n`,
    );
    writeFileSync(join(place, `${project.displayName}-${at}.test.ts`), lines.join(''));
  }
  return { ...project, roots: [source, place], testMatch: [...alone, join(place, '*.test.ts')] };
}

/** Files dealt out, the largest first, each to the room that holds least. */
function shared(files, rooms) {
  const held = Array.from({ length: rooms }, () => ({ bytes: 0, members: [] }));
  const sized = files.map((file) => ({ file, bytes: statSync(file).size })).sort((a, b) => b.bytes - a.bytes);
  for (const { file, bytes } of sized) {
    const least = held.reduce((a, b) => (b.bytes < a.bytes ? b : a));
    least.bytes += bytes;
    least.members.push(file);
  }
  return held.map(({ members }) => members).filter((members) => members.length > 0);
}
