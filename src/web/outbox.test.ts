import 'fake-indexeddb/auto';
import { IDBFactory } from 'fake-indexeddb';
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { flush, keptRecords, letRefusedGo, send } from './outbox';
import { benchStore, closeStore, maySeal, seal, stamp, unseal } from './outbox-store';
import { photoBlob, photoData } from './photo-data';

/** A device's old store, as the browser has it. */
function deviceStore(first: Readonly<Record<string, string>> = {}) {
  const held = new Map<string, string>(Object.entries(first));
  return {
    getItem: (key: string) => held.get(key) ?? null,
    setItem: (key: string, value: string) => void held.set(key, value),
    removeItem: (key: string) => void held.delete(key),
    held,
  };
}

/** What the shop answers, one after another: a status, an answer of its own, or no answer at all. */
const answers = (...list: readonly (number | Response | Error)[]) => {
  const left = [...list];
  const sent: Record<string, unknown>[] = [];
  vi.stubGlobal('fetch', (_: string, init: { body: string }) => {
    sent.push(JSON.parse(init.body) as Record<string, unknown>);
    const next = left.shift() ?? 200;
    if (next instanceof Error) return Promise.reject(next);
    if (next instanceof Response) return Promise.resolve(next);
    const body = next === 200 ? { ok: true, value: { stored: 'new' } } : { ok: false, faults: { task: 'This comes later.' } };
    return Promise.resolve(new Response(JSON.stringify(body), { status: next }));
  });
  return sent;
};
const record = (clientId: string) => ({ clientId, task: 'wipe-1', at: 5 });
const ids = async () => (await keptRecords()).waiting.map((one) => [one.clientId, one.queued ?? false]);

beforeEach(async () => {
  await closeStore();
  globalThis.indexedDB = new IDBFactory();
  vi.stubGlobal('localStorage', deviceStore());
});
afterEach(() => vi.unstubAllGlobals());

describe('a device’s outbox', () => {
  it('lets go of a record once the server has answered, either way', async () => {
    answers(200, 422);
    expect(await send(record('aaaaaaaa'))).toMatchObject({ ok: true });
    expect(await send(record('bbbbbbbb'))).toMatchObject({ ok: false, faults: { task: 'This comes later.' } });
    expect(await keptRecords()).toEqual({ waiting: [], refused: [] });
  });
  it('keeps what did not get through, with its own time, and sends it in order as queued', async () => {
    const sent = answers(new Error('no network'), new Error('no network'), 503, 200, 200);
    expect(await send(record('aaaaaaaa'))).toEqual({ ok: 'waiting', door: false });
    expect(await send(record('bbbbbbbb'))).toEqual({ ok: 'waiting', door: false });
    expect(await ids()).toEqual([
      ['aaaaaaaa', true],
      ['bbbbbbbb', false],
    ]);
    expect(await flush()).toEqual({ sent: 0, faults: [], door: false, left: 2 });
    expect(await flush()).toEqual({ sent: 2, faults: [], door: false, left: 0 });
    expect(sent.slice(-2)).toEqual([
      { ...record('aaaaaaaa'), queued: true, photoData: null },
      { ...record('bbbbbbbb'), queued: true, photoData: null },
    ]);
    expect(await ids()).toEqual([]);
  });
  it('sends what waited before what comes now', async () => {
    const sent = answers(new Error('off'), 200, 200);
    await send(record('aaaaaaaa'));
    expect(await send(record('bbbbbbbb'))).toEqual({ ok: true });
    expect(sent.map(({ clientId, queued }) => [clientId, queued ?? false])).toEqual([
      ['aaaaaaaa', false],
      ['aaaaaaaa', true],
      ['bbbbbbbb', false],
    ]);
  });
  it('tells what the server refused of what waited, keeps it with its photo until it was read, and goes on with the rest', async () => {
    answers(new Error('off'), new Error('off'), 422, 200);
    const photo = new Blob(['\xff\xd8\xff'], { type: 'image/jpeg' });
    await send({ ...record('aaaaaaaa'), photo });
    await send(record('bbbbbbbb'));
    expect(await flush()).toEqual({ sent: 2, faults: ['This comes later.'], door: false, left: 0 });
    const [one] = (await keptRecords()).refused;
    expect([one?.record.clientId, one?.why, one?.record.photo?.size]).toEqual(['aaaaaaaa', 'This comes later.', photo.size]);
    await letRefusedGo('aaaaaaaa');
    expect((await keptRecords()).refused).toEqual([]);
  });
  it('keeps a record through a shut door, a full disk, another page’s answer and nonsense', async () => {
    const page = new Response('<html>Sign in to the network</html>', { status: 200 });
    answers(401, 507, 500, 403, page, new Response('{"ok":"yes"}', { status: 200 }));
    expect(await send(record('aaaaaaaa'))).toEqual({ ok: 'waiting', door: true });
    for (let i = 0; i < 5; i++) expect(await flush()).toMatchObject({ sent: 0, faults: [] });
    expect(await ids()).toEqual([['aaaaaaaa', true]]);
    expect((await flush()).sent).toBe(1);
  });
  it('refuses a record before it counts when the device is full and the shop is silent; the shop’s own word is enough', async () => {
    const db = await benchStore();
    const full = vi.spyOn(db, 'transaction').mockImplementation(() => {
      throw new DOMException('full', 'QuotaExceededError');
    });
    answers(new Error('off'), 200, 422);
    const refused = await send(record('aaaaaaaa'));
    expect(refused).toMatchObject({ ok: false });
    expect(JSON.stringify(refused)).toContain('This device can keep nothing more');
    expect(await send(record('aaaaaaaa'))).toEqual({ ok: true });
    expect(await send(record('bbbbbbbb'))).toMatchObject({ ok: false, faults: { task: 'This comes later.' } });
    full.mockRestore();
    expect(await ids()).toEqual([]);
  });
  it('works where a browser keeps nothing at all, as long as the shop answers', async () => {
    vi.stubGlobal('indexedDB', {
      open: () => {
        throw new DOMException('private', 'SecurityError');
      },
    });
    answers(200, new Error('off'));
    expect(await send(record('aaaaaaaa'))).toEqual({ ok: true });
    expect(await send(record('bbbbbbbb'))).toMatchObject({ ok: false });
    expect([await keptRecords(), await flush()]).toEqual([
      { waiting: [], refused: [] },
      { sent: 0, faults: [], door: false, left: 0 },
    ]);
    const [first, second] = [await stamp(), await stamp()];
    expect(second).toEqual({ device: first.device, deviceSequence: first.deviceSequence + 1 });
  });
  it('loses nothing and sends nothing twice in vain with two tabs at once', async () => {
    const taken = new Set<string>();
    vi.stubGlobal('fetch', async (_: string, init: { body: string }) => {
      await new Promise((resolve) => setTimeout(resolve, 1));
      taken.add((JSON.parse(init.body) as { clientId: string }).clientId);
      return new Response('{"ok":true}');
    });
    const names = Array.from({ length: 20 }, (_, i) => `record-${i}`);
    const results = await Promise.all([...names.map((name) => send(record(name))), flush(), flush()]);
    expect(results.slice(0, 20).every((one) => 'ok' in one && one.ok === true)).toBe(true);
    expect([...taken].sort()).toEqual([...names].sort());
    expect(await ids()).toEqual([]);
  });
  it('counts on for one device, whatever is reloaded', async () => {
    const first = await stamp();
    await closeStore();
    const [second, third] = await Promise.all([stamp(), stamp()]);
    expect([second.device, third.device]).toEqual([first.device, first.device]);
    expect([second.deviceSequence, third.deviceSequence].sort()).toEqual([first.deviceSequence + 1, first.deviceSequence + 2]);
  });
  it('takes over what an older house had written down, before it lets go of it there', async () => {
    const photo = `data:image/jpeg;base64,${btoa('\xff\xd8\xff123')}`;
    const old = deviceStore({
      'rendle-outbox': JSON.stringify([{ ...record('aaaaaaaa'), photoData: photo }, record('bbbbbbbb'), 'nonsense', { task: 1 }]),
      'rendle-refused': JSON.stringify([{ record: record('cccccccc'), why: 'late' }]),
      'rendle-device': 'tablet-old',
      'rendle-sequence': '41',
    });
    vi.stubGlobal('localStorage', old);
    const { waiting, refused } = await keptRecords();
    expect(waiting.map((one) => [one.clientId, one.photo?.size ?? 0, one.photo?.type])).toEqual([
      ['aaaaaaaa', 6, 'image/jpeg'],
      ['bbbbbbbb', 0, undefined],
    ]);
    expect(refused.map((one) => one.why)).toEqual(['late']);
    expect(await stamp()).toEqual({ device: 'tablet-old', deviceSequence: 42 });
    expect(old.held.size).toBe(0);
    const sent = answers();
    await flush();
    expect(sent.map((one) => one.photoData)).toEqual([photo, null]);
  });
});

describe('a photo on its way', () => {
  it('is the same after there and back, at any size', async () => {
    for (const size of [0, 1, 3, 0x8000, 100_001]) {
      const bytes = Uint8Array.from({ length: size }, (_, i) => (i * 31) % 256);
      const back = photoBlob(await photoData(new Blob([bytes], { type: 'image/png' })));
      expect(back?.type).toBe('image/png');
      expect(new Uint8Array((await back?.arrayBuffer()) ?? new ArrayBuffer(0))).toEqual(bytes);
    }
  });
  it('is none where it is no picture', () => {
    for (const other of [null, 5, '', 'data:text/html;base64,eA==', 'data:image/png,x', 'data:image/png;base64,%%%'])
      expect(photoBlob(other)).toBeNull();
  });
});

describe('a device that is sent away', () => {
  const bytes = new Uint8Array(32).fill(7);
  const waitingText = async (): Promise<string> => {
    const rows = await (await benchStore()).getAll('waiting');
    return (
      JSON.stringify(rows) +
      rows.map(({ sealed }) => (sealed ? Buffer.from((sealed as { bytes: ArrayBuffer }).bytes).toString('latin1') : '')).join()
    );
  };
  it('keeps what it has not sent, unreadable, in its order, and sends it once it is let in again', async () => {
    await unseal(bytes);
    answers(new Error('away'), new Error('away'));
    const photo = new Blob(['dots'], { type: 'image/png' });
    await send({ ...record('aaaaaaaa'), photo });
    await send(record('bbbbbbbb'));
    expect(await waitingText()).toContain('wipe-1');
    expect(await seal()).toBe(2);
    expect(await maySeal()).toBe(false);
    expect(await waitingText()).not.toMatch(/wipe-1|dots/);
    // Closed records are not sent, and shut nobody out.
    const none = answers();
    expect(await flush()).toEqual({ sent: 0, faults: [], door: false, left: 2 });
    expect(none).toEqual([]);
    await unseal(bytes);
    const sent = answers();
    expect(await flush()).toMatchObject({ sent: 2, left: 0 });
    expect(sent).toMatchObject([
      { clientId: 'aaaaaaaa', task: 'wipe-1', at: 5, photoData: await photoData(photo) },
      { clientId: 'bbbbbbbb', photoData: null },
    ]);
  });
  it('closes what was refused with its reason, and opens both', async () => {
    await unseal(bytes);
    answers(new Error('away'), 422);
    await send(record('aaaaaaaa'));
    await flush();
    expect((await keptRecords()).refused).toMatchObject([{ why: 'This comes later.' }]);
    await seal();
    expect((await keptRecords()).refused).toEqual([]);
    expect(JSON.stringify(await (await benchStore()).getAll('refused'))).not.toContain('later');
    await unseal(bytes);
    expect((await keptRecords()).refused).toMatchObject([
      { record: { clientId: 'aaaaaaaa', task: 'wipe-1' }, why: 'This comes later.' },
    ]);
  });
  it('closes nothing it could not open again: without the shop’s key records stay as they are', async () => {
    answers(new Error('away'));
    await send(record('aaaaaaaa'));
    expect(await seal()).toBe(1);
    expect(await ids()).toEqual([['aaaaaaaa', true]]);
  });
});
