import { afterEach, describe, expect, it, vi } from 'vitest';
import { fail, ok } from '@/core/quantity';
import { patiently } from './patience';
import { route } from './route';
import { inThread } from './thread';

const disk = (code: string) => Object.assign(new Error('as the system says it'), { code });
afterEach(() => vi.useRealTimers());

describe('a route', () => {
  const ask = (run: () => Response, headers: Record<string, string> = {}) =>
    route(run)(new Request('http://localhost/api/x?q=secret', { headers }));
  it('answers as it does, and never with an empty 500', async () => {
    expect(await (await ask(() => new Response('fine'))).text()).toBe('fine');
    const answer = await ask(() => {
      throw new Error('Odalys');
    });
    expect(answer.status).toBe(500);
    const words = await answer.text();
    expect(words).toMatch(/Quote fault \d{9}/);
    expect(words).not.toContain('Odalys');
  });
  it('lies in no cache, unless its own route says otherwise', async () => {
    expect((await ask(() => new Response('a record'))).headers.get('cache-control')).toBe('no-store');
    const photo = () => new Response('dots', { headers: { 'cache-control': 'private, max-age=60' } });
    expect((await ask(photo)).headers.get('cache-control')).toBe('private, max-age=60');
  });
  it('says in words what the disk or the file did, as JSON where JSON was asked for', async () => {
    const full = () => {
      throw disk('ENOSPC');
    };
    expect(await (await ask(full)).text()).toContain('The disk is full');
    const answer = await ask(full, { accept: 'application/json' });
    expect([answer.status, await answer.json()]).toMatchObject([507, { ok: false, unwritten: true }]);
  });
});

describe('patience', () => {
  it('tries again while another program holds the file, and others are answered meanwhile', async () => {
    let [tries, others] = [0, 0];
    const timer = setInterval(() => others++, 10);
    const done = await patiently(() => {
      if (++tries < 4) throw disk('SQLITE_BUSY');
      return ok('written');
    });
    clearInterval(timer);
    expect(done).toEqual(ok('written'));
    expect(tries).toBe(4);
    expect(others).toBeGreaterThan(5);
  });
  it('gives up after five seconds, and at once on anything else', async () => {
    let tries = 0;
    const run = (code: string) =>
      patiently(() => {
        tries++;
        throw disk(code);
      });
    await expect(run('SQLITE_FULL')).rejects.toThrow('as the system says it');
    expect(tries).toBe(1);
    vi.useFakeTimers();
    const waits = expect(run('SQLITE_BUSY')).rejects.toThrow('as the system says it');
    await vi.advanceTimersByTimeAsync(6000);
    await waits;
    expect(tries).toBeGreaterThan(30);
  });
  it('leaves a refusal as it is', async () => {
    expect(await patiently(() => fail('not-found', ''))).toEqual(fail('not-found', ''));
  });
});

describe('a thread', () => {
  it('is done without where there is none: the same job in place', async () => {
    expect(await inThread('data', 'soundness', ['nowhere'], (file) => [`looked at ${file}`])).toEqual(['looked at nowhere']);
  });
});
