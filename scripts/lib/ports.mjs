import { createServer } from 'node:net';

/** A port on loopback that nothing listens on. */
export function freePort() {
  return new Promise((resolve, reject) => {
    const server = createServer();
    server.on('error', reject);
    server.listen(0, '127.0.0.1', () => {
      const { port } = server.address();
      server.close(() => resolve(port));
    });
  });
}

/** True when something listens on the port already. */
export function isTaken(port) {
  return new Promise((resolve) => {
    const server = createServer();
    server.on('error', () => resolve(true));
    server.listen(port, '127.0.0.1', () => server.close(() => resolve(false)));
  });
}
