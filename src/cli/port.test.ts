import { spawnSync } from 'node:child_process';
import { createServer } from 'node:net';
import path from 'node:path';
import { describe, expect, it } from 'vitest';

const serve = path.resolve(import.meta.dirname, '../../bin/lib/serve.mjs');
const opened = (port: number | string) => {
  const { status, stderr } = spawnSync(process.execPath, [serve], {
    env: { ...process.env, NODE_ENV: 'production', RENDLE_PORT: String(port), RENDLE_LAN: '', RENDLE_PASSCODE: '' },
    encoding: 'utf8',
  });
  return { status, said: stderr };
};

describe('a port', () => {
  it.each([4190, 6000, 10080, 0, 70000, 'x'])('that no browser opens is refused, and another named: %s', (port) => {
    const { status, said } = opened(port);
    expect([status, said]).toEqual([2, expect.stringMatching(/No browser opens port .* --port (?!4190)\d+/)]);
  });
  it('that is taken is said to be, and the one suggested is not one that browsers refuse', async () => {
    const other = createServer().listen(4188, '127.0.0.1');
    await new Promise((done) => other.once('listening', done));
    try {
      expect(opened(4188)).toEqual({ status: 1, said: expect.stringMatching(/4188 is taken.*--port 4191/s) });
    } finally {
      other.close();
    }
  });
});
