import { afterEach, describe, expect, it, vi } from 'vitest';
import { ok } from '@/core/quantity';
import { workerFor } from './worker';

vi.mock('comlink', () => ({ wrap: (worker: unknown) => worker }));

class Fake extends EventTarget {
  stopped = false;
  terminate(): void {
    this.stopped = true;
  }
}
const never = () => new Promise<never>(() => undefined);
const given = () => {
  const started: Fake[] = [];
  const { ask, stop } = workerFor(() => {
    const worker = new Fake();
    started.push(worker);
    return worker as unknown as Worker;
  });
  return { started, ask, stop };
};
const NO_ANSWER = { ok: false, issues: [{ code: 'no-answer', path: '' }] };

afterEach(() => vi.useRealTimers());

describe('a worker', () => {
  it('is started when it is first asked, and once', async () => {
    const { started, ask } = given();
    expect(started).toHaveLength(0);
    expect([await ask(async () => ok(1)), await ask(async () => ok(2))]).toEqual([ok(1), ok(2)]);
    expect(started).toHaveLength(1);
  });
  it.each(['error', 'messageerror'])('that ends in an %s says so to whoever waits, and is started anew', async (event) => {
    const { started, ask } = given();
    const waiting = ask(never);
    started[0]?.dispatchEvent(new Event(event));
    expect(await waiting).toMatchObject(NO_ANSWER);
    expect(started[0]?.stopped).toBe(true);
    expect(await ask(async () => ok(3))).toEqual(ok(3));
    expect(started).toHaveLength(2);
  });
  it('that throws, or cannot be started at all, says so', async () => {
    const { ask } = given();
    expect(await ask(() => Promise.reject(new Error('broken')))).toMatchObject(NO_ANSWER);
    const refused = workerFor(() => {
      throw new Error('no workers here');
    });
    expect(await refused.ask(async () => ok(1))).toMatchObject(NO_ANSWER);
  });
  it('that never answers is given up', async () => {
    vi.useFakeTimers();
    const { started, ask } = given();
    const waiting = ask(never);
    await vi.advanceTimersByTimeAsync(60_000);
    expect(await waiting).toMatchObject(NO_ANSWER);
    expect(started[0]?.stopped).toBe(true);
  });
});
