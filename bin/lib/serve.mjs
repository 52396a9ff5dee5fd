// Serves the built app: HTTP on loopback, or HTTP or HTTPS to the local network behind a passcode.
import { AsyncLocalStorage } from 'node:async_hooks';
import { readFileSync } from 'node:fs';
import { createServer as createHttp } from 'node:http';
import { createServer as createHttps } from 'node:https';
import path from 'node:path';
import next from 'next';
import { opensInBrowsers, otherPort } from './ports.mjs';

const { RENDLE_PORT = '4180', RENDLE_LAN = '', RENDLE_CERT = '', RENDLE_KEY = '' } = process.env;
const port = Number(RENDLE_PORT);
const isLan = RENDLE_LAN === '1';
const isSecure = RENDLE_CERT !== '' && RENDLE_KEY !== '';
const dir = path.resolve(import.meta.dirname, '../..');

if (!opensInBrowsers(port)) {
  console.error(`No browser opens port ${RENDLE_PORT}. Choose another: --port ${otherPort(port)}`);
  process.exit(2);
}

/** On loopback only this machine's own names are answered, so that no other site can speak to the shop through a browser. */
const isOwnName = (host = '') => /^(localhost|127\.0\.0\.1|\[::1\])(:\d+)?$/.test(host);

const app = next({ dev: false, dir, hostname: isLan ? '0.0.0.0' : '127.0.0.1', port });
/** Photos and papers are up to 12 MB, and what goes round them. */
const MOST_SENT = 13_000_000;

/**
 * Who asks, written over whatever was sent under this name. A proxy on this machine passes others on and names them last in
 * X-Forwarded-For: those are not this machine itself, whatever they claim.
 */
const peerOf = (request) => {
  const from = request.socket.remoteAddress ?? 'unknown';
  const passedOn = request.headers['x-forwarded-for']?.split(',').at(-1)?.trim().slice(0, 60);
  return passedOn && /^(127\.|::1$|::ffff:127\.)/.test(from) ? `${passedOn}, passed on` : from;
};

/** Ways to ask that the app knows; another is answered here. */
const METHODS = ['GET', 'HEAD', 'POST', 'PUT', 'PATCH', 'DELETE', 'OPTIONS'];

/** Whether an address can be read: no escape in it is broken, and none of a nought. */
const isReadable = (address) => {
  try {
    return !decodeURIComponent(address).includes('\0');
  } catch {
    return false;
  }
};
const refuse = (response, status, words) => {
  response.writeHead(status, { 'content-type': 'text/plain; charset=utf-8', connection: 'close' });
  response.end(words);
};

/** What one request has looked up, for all that is drawn in it. */
const requests = new AsyncLocalStorage();
globalThis.rendleRequest = requests;

/** Answers once the app is ready; who asks before then waits. */
let sayReady;
const ready = new Promise((done) => {
  sayReady = done;
});
const answer = async (request, response) => {
  if (!isLan && !isOwnName(request.headers.host)) {
    response.writeHead(421).end('This shop answers on this machine only.');
    return;
  }
  if (!METHODS.includes(request.method ?? '')) return refuse(response, 405, 'This shop is not asked that way.');
  if (!isReadable(request.url ?? '')) return refuse(response, 400, 'This address cannot be read.');
  // What is sent says how long it is, and is never longer than a photo or a paper may be: nothing larger is even read.
  if (!['GET', 'HEAD', 'OPTIONS'].includes(request.method ?? '')) {
    const length = Number(request.headers['content-length'] ?? Number.NaN);
    if (!(length <= MOST_SENT)) {
      const words = Number.isNaN(length) ? 'Say how long it is (Content-Length).' : 'This is larger than 12 MB. Send it smaller.';
      return refuse(response, Number.isNaN(length) ? 411 : 413, words);
    }
  }
  request.headers['x-rendle-peer'] = peerOf(request);
  const handle = await ready;
  await requests.run({}, () => handle(request, response));
};
const server = isSecure
  ? createHttps({ cert: readFileSync(RENDLE_CERT), key: readFileSync(RENDLE_KEY) }, answer)
  : createHttp(answer);
// A tablet keeps its connection between two touches: one closed after the usual five seconds could be closed just as the next touch comes.
server.keepAliveTimeout = 75_000;
server.headersTimeout = 80_000;
server.on('error', (error) => {
  console.error(error.code === 'EADDRINUSE' ? `Port ${port} is taken. Choose another: --port ${otherPort(port)}` : String(error));
  process.exit(1);
});
// The port first: one that is taken is said at once, not after the app was loaded.
await new Promise((done) => server.listen(port, isLan ? '0.0.0.0' : '127.0.0.1', done));
await app.prepare();
sayReady(app.getRequestHandler());
/** What is written is on the disk already; closing folds the log in, so that the next start finds a file closed in order. */
for (const signal of ['SIGINT', 'SIGTERM'])
  process.on(signal, () => {
    try {
      globalThis.rendleDb?.$client?.close();
    } finally {
      process.exit(0);
    }
  });
