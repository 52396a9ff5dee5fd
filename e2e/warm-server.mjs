// A shop's server that is kept warm from test to test: each test hands it a folder of its own, as if it had been started there.
import { writeFileSync } from 'node:fs';
import path from 'node:path';
import Database from 'better-sqlite3';

/** What goes by itself after a minute (post, copies, a look at the file) belongs to no test that is over by then. */
const LONG_MS = 60_000;
for (const name of ['setTimeout', 'setInterval']) {
  const begin = globalThis[name];
  globalThis[name] = (run, ms, ...rest) => (ms >= LONG_MS ? begin(() => undefined, LONG_MS).unref() : begin(run, ms, ...rest));
}

/** Statements that the server has run: the budgets ask for it. */
let statements = 0;
const statement = Object.getPrototypeOf(new Database(':memory:').prepare('select 1'));
for (const name of ['run', 'get', 'all', 'iterate']) {
  const real = statement[name];
  statement[name] = function (...with_) {
    statements++;
    return real.apply(this, with_);
  };
}

let lock = null;

/** All that the server holds of a shop it holds by a name of its own on the process. */
function letGo() {
  globalThis.rendleDb?.$client?.close();
  for (const { worker } of globalThis.rendleThreads?.values() ?? []) void worker.terminate();
  for (const held of globalThis.rendleLocks ?? []) held.close();
  for (const name of Object.keys(globalThis)) if (name.startsWith('rendle')) delete globalThis[name];
  lock?.close();
}

/** The folder is taken as a server takes it that is started there. */
function take(folder) {
  lock = new Database(path.join(folder, 'open.lock'), { timeout: 0 });
  lock.exec('begin exclusive');
  const { pid, env } = process;
  writeFileSync(
    path.join(folder, 'open.lock.json'),
    JSON.stringify({ pid, port: env.RENDLE_PORT, what: 'shop', since: new Date().toISOString() }),
  );
}

process.on('message', (asked) => {
  if (asked === 'statements') return process.send({ statements });
  letGo();
  Object.assign(process.env, { RENDLE_DATA: asked.folder, RENDLE_CLOCK_FILE: asked.clock });
  take(asked.folder);
  process.send('open');
});
// The runner is gone: nobody hands over another folder.
process.on('disconnect', () => process.exit(0));

await import('../bin/lib/serve.mjs');
