import { AsyncLocalStorage } from 'node:async_hooks';
import { afterAll, beforeEach, describe, expect, it } from 'vitest';
import type { Reads } from '@/core/quantity';
import type { Db } from '@/data/db';
import { shop } from '@/data/schema';
import { demoDb, emptyDb } from '@/data/testing';
import { hereOfRequest, lookAgain } from './here-of-request';

const OUNCES: Reads = { mass: 'oz', volume: 'us', temperature: 'F', length: 'in' };
const server = globalThis as { rendleDb?: Db | undefined; rendleRequest?: AsyncLocalStorage<object> | undefined };
const requests = new AsyncLocalStorage<object>();
let db: Db;
const readOunces = (): void => void db.update(shop).set({ reads: OUNCES }).run();

beforeEach(() => {
  db = demoDb(Date.parse('2031-03-05T14:20:00Z'));
  server.rendleDb = db;
  server.rendleRequest = requests;
});
afterAll(() => {
  server.rendleDb = undefined;
  server.rendleRequest = undefined;
});

describe('what a request looks up of its shop', () => {
  it('stays the same within a request, and the next one sees what was changed meanwhile', () => {
    requests.run({}, () => {
      expect(hereOfRequest()?.reads.mass).toBe('g');
      readOunces();
      expect(hereOfRequest()?.reads.mass).toBe('g');
      requests.run({}, () => expect(hereOfRequest()?.reads).toEqual(OUNCES));
    });
  });

  it('is looked up again after the request itself wrote', () => {
    requests.run({}, () => {
      hereOfRequest();
      readOunces();
      lookAgain();
      expect(hereOfRequest()?.reads).toEqual(OUNCES);
    });
  });

  it('is always new outside a request', () => {
    expect(hereOfRequest()?.reads.mass).toBe('g');
    readOunces();
    expect(hereOfRequest()?.reads.mass).toBe('oz');
  });

  it('is nothing before a shop is set up, and where its file cannot be read', () => {
    server.rendleDb = emptyDb();
    expect(hereOfRequest()).toBeNull();
    (db as Db & { readonly $client: { close: () => void } }).$client.close();
    server.rendleDb = db;
    expect(requests.run({}, hereOfRequest)).toBeNull();
  });
});
