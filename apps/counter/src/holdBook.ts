import { rmSync } from 'node:fs';
import { connect, createServer, type Server } from 'node:net';

/**
 * Takes a book for this process alone, for as long as it lives: a socket beside the book that only a living process answers,
 * so that what a killed one left behind holds nobody up.
 *
 * @throws Error when another counter has the book open
 */
export async function holdBook(book: string): Promise<Server> {
  const path = `${book}.open`;
  if (await answers(path)) throw new Error(`another counter has the book ${book} open`);
  rmSync(path, { force: true });
  const held = createServer((socket) => socket.end());
  await new Promise<void>((done, fail) => held.once('error', fail).listen(path, done));
  held.unref();
  return held;
}

const answers = (path: string): Promise<boolean> =>
  new Promise((say) => {
    const socket = connect(path);
    socket.once('connect', () => (socket.destroy(), say(true))).once('error', () => say(false));
  });
