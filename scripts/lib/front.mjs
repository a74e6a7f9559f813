import { readFileSync } from 'node:fs';
import { createServer as createHttps } from 'node:https';
import { createServer } from 'node:net';
import { createProxyServer } from 'httpxy';

// What listens for the shop's network, as a process of its own: encrypted, and nothing but that. It tells the application who
// asked and over what, under a secret that only the two know, and passes everything else on as it is.
//
//   node front.mjs LISTEN PORT TARGET      key, chain and secret as JSON on its standard input

const [listen, port, target] = process.argv.slice(2);
const { key, cert, secret } = JSON.parse(readFileSync(0, 'utf8'));
const YEAR_S = 31_536_000;
/** The first byte of an encrypted greeting. */
const HANDSHAKE = 0x16;
const SLOW_MS = 15_000;
const ENCRYPTED_ONLY = 'This shop is reached over https only.\n';

const proxy = createProxyServer({ target, xfwd: false });
proxy.on('error', (error, request, response) => {
  if (!response.headersSent) response.writeHead?.(503, { 'content-type': 'text/plain' });
  response.end?.('the application is being started again: try once more in a moment\n');
});
proxy.on('proxyRes', (answer) => {
  answer.headers['strict-transport-security'] = `max-age=${YEAR_S}`;
});

const encrypted = createHttps({ key, cert, minVersion: 'TLSv1.2' }, (request, response) => {
  // whatever was claimed about the way here is thrown away
  for (const name of Object.keys(request.headers))
    if (/^(x-forwarded-|forwarded$|x-inch-nest-)/.test(name) && name !== 'x-inch-nest-keep') delete request.headers[name];
  request.headers['x-inch-nest-front'] = secret;
  request.headers['x-inch-nest-from'] = request.socket.remoteAddress ?? '';
  void proxy.web(request, response);
});
encrypted.headersTimeout = SLOW_MS;

/** Looks at the first byte: a plain request gets one sentence, and nothing it asked for. */
createServer((socket) => {
  socket.setTimeout(SLOW_MS, () => socket.destroy());
  socket.on('error', () => socket.destroy());
  // looked at while nothing flows: what is put back is what the encrypted side begins with
  socket.once('readable', () => {
    const first = socket.read();
    if (first === null) return;
    if (first[0] !== HANDSHAKE) {
      const head = `HTTP/1.1 426 Upgrade Required\r\nupgrade: TLS/1.2\r\ncontent-type: text/plain\r\ncontent-length: ${ENCRYPTED_ONLY.length}\r\nconnection: close\r\n\r\n`;
      socket.end(`${head}${ENCRYPTED_ONLY}`);
      return;
    }
    socket.setTimeout(0);
    socket.unshift(first);
    encrypted.emit('connection', socket);
  });
}).listen(Number(port), listen, () => process.stdout.write('listening\n'));
