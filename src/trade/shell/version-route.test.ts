import { beforeEach, expect, it } from 'vitest';
import type { Db } from '@/data/db';
import { changeRooms } from '@/data/shop/commands';
import { demoDb } from '@/data/testing';
import { GET, pageVersion } from './version-route';

let db: Db;

beforeEach(() => {
  db = demoDb(Date.parse('2031-03-05T14:20:00Z'));
  (globalThis as { rendleDb?: Db }).rendleDb = db;
});

it('the version answers 304 until something is recorded, and then another version', async () => {
  const ask = (etag = '') => GET(new Request('http://shop/api/version', { headers: { 'if-none-match': etag } }));
  const first = ask();
  expect(await first.json()).toEqual({ version: pageVersion(db) });
  const etag = first.headers.get('etag') ?? '';
  expect(ask(etag).status).toBe(304);
  changeRooms(db, [{ id: 1, capacity: 9 }]);
  const next = ask(etag);
  expect([next.status, next.headers.get('etag') === etag]).toEqual([200, false]);
});
