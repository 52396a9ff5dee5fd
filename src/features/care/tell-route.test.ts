import { existsSync, mkdtempSync, readFileSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import path from 'node:path';
import { afterAll, beforeEach, describe, expect, it, vi } from 'vitest';
import { LANGUAGES } from '@/core/care';
import { ownerDataOf, reportsOf, unseenReports } from '@/data/care/owners';
import { soldPieces } from '@/data/care/queries';
import type { Db } from '@/data/db';
import { demoDb } from '@/data/testing';
import { SLIP_WORDS } from '@/messages/slip';
import { tell } from './tell-route';

const NOW = Date.parse('2031-03-05T14:20:00Z');
const folder = mkdtempSync(path.join(tmpdir(), 'rendle-tell-'));
const held = globalThis as { rendleDb?: Db | undefined };
let db: Db;
let code = '';

beforeEach(() => {
  db = demoDb(NOW);
  held.rendleDb = db;
  vi.stubEnv('RENDLE_DATA', folder);
  vi.useFakeTimers({ now: NOW, toFake: ['Date'] });
  delete (globalThis as { rendleSent?: unknown }).rendleSent;
  code = soldPieces(db, '2031-03-05').find((one) => one.buyer?.startsWith('Odalys'))?.code ?? '';
});
afterAll(() => {
  held.rendleDb = undefined;
  vi.unstubAllEnvs();
  vi.useRealTimers();
  rmSync(folder, { recursive: true, force: true });
});

const PNG = Buffer.from(
  'iVBORw0KGgoAAAANSUhEUgAAAAEAAAABCAYAAAAfFcSJAAAADUlEQVR42mNkYPhfDwAChwGA60e6kgAAAABJRU5ErkJggg==',
  'base64',
);
/** What the page is told after a form was sent. */
async function send(fields: Readonly<Record<string, string | File>>, to = code): Promise<string> {
  const form = new FormData();
  for (const [name, value] of Object.entries(fields)) form.set(name, value);
  const answer = await tell(new Request(`http://localhost/care/${to}/tell`, { method: 'POST', body: form }), to);
  expect(answer.status).toBe(303);
  return new URL(answer.headers.get('location') ?? '', 'http://localhost').search;
}
const planId = () => ownerDataOf(db, code)?.plan.id ?? 0;

describe('what an owner sends from the page', () => {
  it('is taken, in their language, and stands before the shop', async () => {
    expect(await send({ what: 're-oiled', lang: 'de' })).toBe('?told=re-oiled&lang=de');
    expect(await send({ what: 'refill' })).toBe('?told=refill');
    expect(unseenReports(db).map((one) => one.kind)).toEqual(['re-oiled', 'refill']);
    expect(ownerDataOf(db, code)?.reOiledOn).toEqual(['2031-03-05']);
  });
  it('says in their language when nothing can be written', async () => {
    const client = (db as unknown as { $client: { pragma: (set: string) => unknown } }).$client;
    client.pragma('query_only = 1');
    try {
      for (const what of ['re-oiled', 'stop']) expect(await send({ what, lang: 'fr' })).toBe('?told=not-written&lang=fr');
    } finally {
      client.pragma('query_only = 0');
    }
    for (const language of LANGUAGES) expect(SLIP_WORDS[language].page.told['not-written']).toBeTruthy();
  });
  it('keeps a photo with words that were taken, and nothing of what is no photo', async () => {
    expect(await send({ what: 'wrong', note: 'a crack', photo: new File([PNG], 'crack.png') })).toBe('?told=wrong');
    const [report] = reportsOf(db, planId());
    expect(report?.photo).toMatch(/^[0-9a-f]{64}$/);
    expect(existsSync(path.join(folder, 'files', report?.photo ?? ''))).toBe(true);
    expect(reportsOf(db, planId())[0]?.photoBytes).toBe(readFileSync(path.join(folder, 'files', report?.photo ?? '')).length);
    expect(await send({ what: 'wrong', note: 'more', photo: new File(['<svg onload=x>'], 'x.png') })).toBe('?told=not-a-photo');
    expect(reportsOf(db, planId())).toHaveLength(1);
  });
  it('is refused in words when it is empty, nonsense, too large, or of no piece', async () => {
    expect(await send({ what: 'wrong', note: '  ' })).toBe('?told=say-what');
    expect(await send({ what: 'everything' })).toBe('?told=not-understood');
    expect(await send({ what: 'refill' }, 'NOSUCHCODE')).toBe('?told=not-found');
    const large = new Request(`http://localhost/care/${code}/tell`, {
      method: 'POST',
      headers: { 'content-length': '19000000' },
      body: 'x',
    });
    expect((await tell(large, code)).headers.get('location')).toContain('told=not-a-photo');
    expect(reportsOf(db, planId())).toEqual([]);
  });
  it('keeps a second thing that is wrong on the same day, the same form once, and so many a day', async () => {
    for (const note of ['a crack', 'a crack', 'and it smells']) expect(await send({ what: 'wrong', note })).toBe('?told=wrong');
    expect(reportsOf(db, planId()).map((one) => one.note)).toEqual(expect.arrayContaining(['a crack', 'and it smells']));
    expect(reportsOf(db, planId())).toHaveLength(2);
    for (let i = 0; i < 10; i++) expect(await send({ what: 'wrong', note: `more ${i}` })).toBe('?told=wrong');
    expect(await send({ what: 'refill' })).toBe('?told=enough');
  });
  it('keeps the words of what is wrong beyond the day’s measure, without photos, fifty a day', async () => {
    for (let i = 0; i < 12; i++) expect(await send({ what: 'wrong', note: `more ${i}` })).toBe('?told=wrong');
    const photo = new File([PNG], 'crack.png');
    expect(await send({ what: 'wrong', note: 'it burst and cut my hand', photo, lang: 'de' })).toBe('?told=words-kept&lang=de');
    expect(reportsOf(db, planId()).find((one) => one.note.includes('cut my hand'))).toMatchObject({ photo: null, photoBytes: 0 });
    for (let i = 0; i < 37; i++) expect(await send({ what: 'wrong', note: `and ${i}` })).toBe('?told=words-kept');
    expect(await send({ what: 'wrong', note: 'the fifty-first' })).toBe('?told=enough');
    for (const language of LANGUAGES) expect(SLIP_WORDS[language].page.told['words-kept']).toBeTruthy();
  });
  it('keeps them while nobody knows what day it is, at the latest moment that is sure', async () => {
    vi.setSystemTime(NOW + 400 * 86_400_000);
    expect(await send({ what: 'wrong', note: 'a splinter', photo: new File([PNG], 'x.png') })).toBe('?told=words-kept');
    expect(await send({ what: 'refill' })).toBe('?told=enough');
    const [report] = reportsOf(db, planId());
    expect(report).toMatchObject({ note: 'a splinter', photo: null });
    expect(report?.at).toBeLessThanOrEqual(NOW);
  });
  it('counts bytes as they come, whatever the head claims, and reads no more of a code that had its day', async () => {
    const flood = async (): Promise<{ readonly told: string; readonly read: number }> => {
      let read = 0;
      const body = new ReadableStream<Uint8Array>({
        pull(to) {
          read += 1_000_000;
          if (read > 100_000_000) to.close();
          else to.enqueue(new Uint8Array(1_000_000));
        },
      });
      const request = new Request(`http://localhost/care/${code}/tell`, { method: 'POST', body, duplex: 'half' } as RequestInit);
      return { told: (await tell(request, code)).headers.get('location') ?? '', read };
    };
    const first = await flood();
    expect(first.told).toContain('told=not-a-photo');
    expect(first.read).toBeLessThan(16_000_000);
    for (let i = 0; i < 60; i++) await flood();
    const last = await flood();
    expect(last.told).toContain('told=enough');
    expect(last.read).toBeLessThan(3_000_000);
    vi.setSystemTime(NOW + 86_400_000);
    expect(await send({ what: 'refill' })).toBe('?told=refill');
  });
  it('stops letters and asks for them again; a piece that was said to be gone comes back', async () => {
    expect(await send({ what: 'stop' })).toBe('?told=stop');
    expect(ownerDataOf(db, code)).toMatchObject({ stopped: true });
    expect(await send({ what: 'letters' })).toBe('?told=letters');
    expect(await send({ what: 'ended' })).toBe('?told=ended');
    expect(ownerDataOf(db, code)).toMatchObject({ ended: true });
    await send({ what: 'letters' });
    expect(ownerDataOf(db, code)).toMatchObject({ ended: false, stopped: false });
  });
});
