import path from 'node:path';
import { afterEach, describe, expect, it, vi } from 'vitest';
import type { Db } from '@/data/db';
import { comeAgain, deviceOf, devices, endDevice, KNOWN_DAYS, letIn, noteUse } from '@/data/door/devices';
import { Guesses, LOCK_MS, MOST_WRONG } from '@/data/door/guesses';
import { hasPasscode, isPasscode, sealOf, setPasscode } from '@/data/door/passcode';
import { device, door } from '@/data/schema';
import { trustClock } from '@/data/shop/clock-doubt';
import { demoDb, emptyDb } from '@/data/testing';
import { addressOf, visitor } from './door';
import { isOpen, isOwnersPage, OPEN_ROUTES } from './open-routes';
import { isJson, mayWriteFrom } from './origin';
import { contentPolicy, headersFor } from './policy';
import { routesOf } from './routes-of';

const DAY = 86_400_000;
const NOW = Date.parse('2031-03-05T14:20:00Z');
afterEach(() => vi.unstubAllEnvs());

describe('the door', () => {
  const known = (db: Db, token: string, at = NOW) => deviceOf(db, token, at)?.name ?? null;
  it('knows the passcode by what scrypt leaves of it', async () => {
    const db = emptyDb();
    expect([hasPasscode(db), await isPasscode(db, '')]).toEqual([false, false]);
    expect(await setPasscode(db, 'short', NOW)).toMatchObject({ ok: false, issues: [{ code: 'passcode-length' }] });
    expect((await setPasscode(db, 'lantern-fair', NOW)).ok).toBe(true);
    expect(await isPasscode(db, 'lantern-fair')).toBe(true);
    for (const wrong of ['lantern-fai', 'Lantern-fair', '', 'x'.repeat(1e6)]) expect(await isPasscode(db, wrong)).toBe(false);
    expect(JSON.stringify(db.select().from(door).all())).not.toContain('lantern');
  });
  it('lets a device in by a token of its own, keeps only its hash, and puts it out', () => {
    const db = emptyDb();
    const [one, two] = [letIn(db, { name: 'Tablet', address: '::1' }, NOW), letIn(db, { name: 'Phone', address: '::1' }, NOW)];
    expect(one).not.toBe(two);
    expect([known(db, one), known(db, two), known(db, `${one}x`), known(db, '')]).toEqual(['Tablet', 'Phone', null, null]);
    expect(JSON.stringify(db.select().from(device).all())).not.toContain(one);
    expect(endDevice(db, 1, 'sent away', NOW).ok).toBe(true);
    expect(endDevice(db, 1, 'sent away', NOW).ok).toBe(false);
    expect([known(db, one), known(db, two)]).toEqual([null, 'Phone']);
    expect(devices(db, NOW).map((row) => row.name)).toEqual(['Phone']);
  });
  it('ends what a device held before when it comes in again, and keeps the seal through a new passcode', async () => {
    const db = emptyDb();
    const first = letIn(db, { name: 'Tablet', address: '::1' }, NOW);
    const again = comeAgain(db, first, { name: 'Tablet', address: '::1' }, NOW);
    expect([known(db, first), known(db, again)]).toEqual([null, 'Tablet']);
    expect(known(db, comeAgain(db, 'never-known', { name: 'Phone', address: '::1' }, NOW))).toBe('Phone');
    expect(sealOf(db)).toBe('');
    await setPasscode(db, 'lantern-fair', NOW);
    const seal = sealOf(db);
    expect(seal).toMatch(/^[0-9a-f]{64}$/);
    await setPasscode(db, 'another-fair', NOW);
    expect(sealOf(db)).toBe(seal);
  });
  it('forgets a device that was not used for ninety days, and counts each use', () => {
    const db = emptyDb();
    const token = letIn(db, { name: 'Tablet', address: '::1' }, NOW);
    const late = NOW + (KNOWN_DAYS - 1) * DAY;
    const row = deviceOf(db, token, late);
    if (!row) throw new Error('it is still known');
    noteUse(db, row, late);
    expect(known(db, token, late + (KNOWN_DAYS - 1) * DAY)).toBe('Tablet');
    expect(known(db, token, late + KNOWN_DAYS * DAY)).toBeNull();
  });
  it('puts every other device out with a new passcode', async () => {
    const db = emptyDb();
    const [one, two] = [letIn(db, { name: 'Tablet', address: '::1' }, NOW), letIn(db, { name: 'Phone', address: '::1' }, NOW)];
    await setPasscode(db, 'lantern-fair', NOW, 1);
    expect([known(db, one), known(db, two)]).toEqual(['Tablet', null]);
  });
  it('stands open on this machine alone, and asks for a token on the network', () => {
    const db = emptyDb();
    vi.stubEnv('RENDLE_LAN', '');
    expect(visitor(undefined, db, NOW)).toBe('free');
    vi.stubEnv('RENDLE_LAN', '1');
    expect(visitor(undefined, db, NOW)).toBeNull();
    expect(visitor(letIn(db, { name: 'Tablet', address: '::1' }, NOW), db, NOW)).toMatchObject({ name: 'Tablet' });
  });
  it('is not shut on those who were in by a clock that leapt', () => {
    vi.stubEnv('RENDLE_LAN', '1');
    const db = demoDb(NOW);
    const token = letIn(db, { name: 'Tablet', address: '::1' }, NOW);
    expect(visitor(token, db, NOW + 400 * DAY)).toMatchObject({ name: 'Tablet' });
    expect(visitor(`${token}x`, db, NOW + 400 * DAY)).toBeNull();
    trustClock(db, { personId: 1, nowMs: NOW + 400 * DAY });
    expect(visitor(token, db, NOW + 400 * DAY)).toBeNull();
  });
  it('knows who asks by what the server wrote', () => {
    expect(addressOf(new Headers({ 'x-rendle-peer': '192.168.1.127' }))).toBe('192.168.1.127');
    expect(addressOf(new Headers())).toBe('unknown');
  });
});

describe('wrong words', () => {
  const wrong = (guesses: Guesses, address: string, n: number, at = NOW) =>
    Array.from({ length: n }, (_, i) => guesses.begin(address, at + i).waitMs);
  it('wait longer each time, and ten of them lock their address out for a quarter of an hour', () => {
    const guesses = new Guesses();
    expect(wrong(guesses, 'a', 6)).toEqual([500, 1000, 2000, 4000, 8000, 8000]);
    expect(guesses.lockedUntil('a', NOW + 10)).toBeNull();
    wrong(guesses, 'a', MOST_WRONG.address - 6, NOW + 10);
    expect(guesses.lockedUntil('a', NOW + 20)).toBe(NOW + LOCK_MS);
    expect(guesses.lockedUntil('b', NOW + 20)).toBeNull();
    expect(guesses.lately(NOW + 20)).toEqual([{ address: 'a', wrong: MOST_WRONG.address, lastMs: NOW + 13 }]);
    expect(guesses.lockedUntil('a', NOW + LOCK_MS)).toBeNull();
  });
  it('of many addresses lock all that are not known out', () => {
    const guesses = new Guesses();
    for (let i = 0; i < MOST_WRONG.all; i++) wrong(guesses, `a${i}`, 1, NOW + i);
    expect(guesses.lockedUntil('another', NOW + 100)).toBe(NOW + LOCK_MS);
    // A proxy on this machine that names nobody: whoever is behind it counts, and is locked out with the rest.
    expect(guesses.lockedUntil('127.0.0.1', NOW + 100)).toBe(NOW + LOCK_MS);
  });
  it('are forgotten once the right one came, and tries at once all count', () => {
    const guesses = new Guesses();
    wrong(guesses, 'a', 3);
    const { waitMs, right } = guesses.begin('a', NOW + 5);
    expect(waitMs).toBe(4000);
    right();
    expect(guesses.lately(NOW + 6)).toEqual([]);
  });
  it('do not grow without end, nor forward in time', () => {
    const guesses = new Guesses();
    for (let i = 0; i < 5000; i++) guesses.begin(`a${i}`, NOW);
    expect(guesses.lately(NOW)).toHaveLength(1000);
    expect(guesses.lately(NOW - DAY)).toEqual([]);
  });
});

describe('routes', () => {
  it('stand open only where they are listed, all others are closed', () => {
    const routes = routesOf(path.resolve('src/app'));
    expect(routes.length).toBeGreaterThan(40);
    const open = routes.filter(([, open]) => open).map(([route]) => route);
    expect(open).toEqual(['/care/{code}', '/care/{code}/file', '/care/{code}/ics', '/care/{code}/tell', '/enter']);
    expect(OPEN_ROUTES).toEqual(expect.arrayContaining(open));
  });
  it('are not opened by what only looks like one of them', () => {
    for (const closed of [
      '/care',
      '/care/',
      '/care/a/other',
      '/care/a/tell/x',
      '/enter/x',
      '/enterx',
      '/icon',
      '/sw.js/x',
      `/care/${'a'.repeat(300)}`,
    ])
      expect([closed, isOpen(closed)]).toEqual([closed, false]);
    expect([isOwnersPage('/care/ABC'), isOwnersPage('/care'), isOwnersPage('/enter')]).toEqual([true, false, false]);
  });
});

describe('a write', () => {
  const from = (headers: Record<string, string>, method = 'POST') =>
    mayWriteFrom({ method, headers: new Headers({ host: 'shop.local:4180', ...headers }) });
  it('comes from a page of this very address', () => {
    expect(from({ origin: 'http://shop.local:4180' })).toBe(true);
    expect(from({ 'sec-fetch-site': 'same-origin' })).toBe(true);
    expect(from({ origin: 'http://shop.local:4180', 'sec-fetch-site': 'same-origin' })).toBe(true);
    expect(from({}, 'GET')).toBe(true);
  });
  it('is refused from anywhere else, and from nowhere', () => {
    for (const headers of [
      {},
      { origin: 'null' },
      { origin: 'http://shop.local' },
      { origin: 'http://shop.local:4180.evil.example' },
      { origin: 'not an address' },
      { 'sec-fetch-site': 'same-site' },
      { 'sec-fetch-site': 'none' },
      { origin: 'http://shop.local:4180', 'sec-fetch-site': 'cross-site' },
    ] as Record<string, string>[])
      for (const method of ['POST', 'PUT', 'PATCH', 'DELETE', 'FOO'])
        expect([headers, from(headers, method)]).toEqual([headers, false]);
  });
  it('of JSON is sent as JSON', () => {
    const type = (text: string) => isJson(new Headers({ 'content-type': text }));
    expect([type('application/json'), type('Application/JSON; charset=utf-8')]).toEqual([true, true]);
    for (const other of ['text/plain', 'multipart/form-data', 'application/x-www-form-urlencoded', 'application/jsonp', ''])
      expect(type(other)).toBe(false);
    expect(isJson(new Headers())).toBe(false);
  });
});

describe('policies', () => {
  it('allow no inline script but by nonce, and no frame', () => {
    const policy = contentPolicy('abc', false);
    expect(policy).toContain("script-src 'self' 'nonce-abc' 'wasm-unsafe-eval';");
    expect(policy).toContain("frame-ancestors 'none'");
    expect(policy).not.toContain("'unsafe-eval'");
    expect(policy.split(';').find((part) => part.trim().startsWith('script-src'))).not.toContain('unsafe-inline');
  });
  it('give camera and microphone to the bench, and demand TLS only where it is spoken', () => {
    const camera = (pathname: string) =>
      headersFor(pathname, false)['permissions-policy']?.startsWith('camera=(self), microphone=(self)');
    expect(['/work/31-006/bench', '/work/round'].map(camera)).toEqual([true, true]);
    expect(['/', '/work/31-006', '/work/bench/x', '/shop', '/care/ABC'].map(camera)).toEqual([false, false, false, false, false]);
    expect(headersFor('/', false)['strict-transport-security']).toBeUndefined();
    expect(headersFor('/', true)['strict-transport-security']).toBe('max-age=15552000');
  });
});
