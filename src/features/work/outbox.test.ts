import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { flush, send, stamp, waiting } from './components/outbox';

/** A device's own store, as the browser has it. */
function deviceStore(): Pick<Storage, 'getItem' | 'setItem'> {
  const kept = new Map<string, string>();
  return { getItem: (key) => kept.get(key) ?? null, setItem: (key, value) => void kept.set(key, value) };
}

const answers = (...list: readonly (number | Error)[]) => {
  const left = [...list];
  const sent: Record<string, unknown>[] = [];
  vi.stubGlobal('fetch', (_: string, init: { body: string }) => {
    sent.push(JSON.parse(init.body) as Record<string, unknown>);
    const next = left.shift() ?? 200;
    if (next instanceof Error) return Promise.reject(next);
    const body = next === 200 ? { ok: true, value: { stored: 'new' } } : { ok: false, faults: { task: 'This comes later.' } };
    return Promise.resolve(new Response(JSON.stringify(body), { status: next }));
  });
  return sent;
};
const record = (clientId: string) => ({ clientId, task: 'wipe-1', at: 5 });

beforeEach(() => vi.stubGlobal('localStorage', deviceStore()));
afterEach(() => vi.unstubAllGlobals());

describe('a device’s outbox', () => {
  it('lets go of a record once the server has answered, either way', async () => {
    answers(200, 422);
    expect(await send(record('aaaaaaaa'))).toMatchObject({ ok: true });
    expect(await send(record('bbbbbbbb'))).toMatchObject({ ok: false, faults: { task: 'This comes later.' } });
    expect(waiting()).toEqual([]);
  });
  it('keeps what did not get through, with its own time, and sends it in order as queued', async () => {
    const sent = answers(new Error('no network'), 503, new Error('no network'), 200, 200);
    expect(await send(record('aaaaaaaa'))).toEqual({ ok: 'waiting' });
    expect(await send(record('bbbbbbbb'))).toEqual({ ok: 'waiting' });
    expect(waiting().map(({ clientId, queued }) => [clientId, queued])).toEqual([
      ['aaaaaaaa', true],
      ['bbbbbbbb', true],
    ]);
    expect(await flush()).toEqual({ sent: 0, faults: [] });
    expect(await flush()).toEqual({ sent: 2, faults: [] });
    expect(sent.slice(-2)).toEqual([
      { ...record('aaaaaaaa'), queued: true },
      { ...record('bbbbbbbb'), queued: true },
    ]);
    expect(waiting()).toEqual([]);
  });
  it('tells what the server refused of what waited, and goes on with the rest', async () => {
    answers(new Error('off'), new Error('off'), 422, 200);
    await send(record('aaaaaaaa'));
    await send(record('bbbbbbbb'));
    expect(await flush()).toEqual({ sent: 2, faults: ['This comes later.'] });
  });
  it('counts on for one device, whatever is reloaded', () => {
    const [first, second] = [stamp(), stamp()];
    expect(second.device).toBe(first.device);
    expect(second.deviceSequence).toBe(first.deviceSequence + 1);
  });
});
