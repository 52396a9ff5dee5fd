import 'server-only';
import { existsSync } from 'node:fs';
import path from 'node:path';
import { Worker } from 'node:worker_threads';
import { MS_PER_MINUTE } from '@/core/quantity';
import type { Jobs } from '@/threads/jobs';

type Thread = keyof Jobs;
// biome-ignore lint/suspicious/noExplicitAny: any function, whatever it takes
type Call = (...args: any[]) => unknown;

/** A job that takes longer than this is given up, and its thread with it. */
const LONGEST_MS = 5 * MS_PER_MINUTE;
/** Bundled by a step of its own and loaded as a file; the app's bundler must not follow it. */
const bundle = (): string =>
  path.join(/* turbopackIgnore: true */ process.cwd(), process.env.RENDLE_THREADS ?? '.threads', 'main.mjs');

type Answer = {
  readonly id: number;
  readonly value?: unknown;
  readonly fault?: { name: string; message: string; code?: string };
};
type Open = { readonly worker: Worker; readonly waiting: Map<number, (answer: Answer) => void> };
const held = globalThis as { rendleThreads?: Map<Thread, Open>; rendleJobs?: number };

function openThread(name: Thread): Open {
  held.rendleThreads ??= new Map();
  const known = held.rendleThreads.get(name);
  if (known) return known;
  const worker = new Worker(/* turbopackIgnore: true */ bundle(), { workerData: name });
  // An idle thread does not keep the process from ending.
  worker.unref();
  const waiting: Open['waiting'] = new Map();
  worker.on('message', (answer: Answer) => waiting.get(answer.id)?.(answer));
  const ended = (fault: unknown): void => {
    if (held.rendleThreads?.get(name)?.worker === worker) held.rendleThreads.delete(name);
    const message = fault instanceof Error ? fault.message : `the thread ended (${fault})`;
    for (const [id, done] of waiting) done({ id, fault: { name: 'ThreadEnded', message } });
  };
  worker.on('error', ended);
  worker.on('exit', ended);
  const open = { worker, waiting };
  held.rendleThreads.set(name, open);
  return open;
}

/** Whether jobs run beside this one; under tests and in development they are run in place. */
export const hasThreads = (): boolean =>
  process.env.NODE_ENV === 'production' && existsSync(/* turbopackIgnore: true */ bundle());

/** Opens a thread before it is asked for: loading what it needs takes a second or two. */
export function readyThread(name: Thread): void {
  if (hasThreads()) openThread(name);
}

/** What a thread gave back, buffers as they were: a copied one is a plain array of bytes. */
const asBuffers = (value: unknown): unknown => {
  if (value instanceof Uint8Array) return Buffer.from(value.buffer, value.byteOffset, value.byteLength);
  if (typeof value !== 'object' || value === null || Array.isArray(value)) return value;
  return Object.fromEntries(Object.entries(value).map(([key, one]) => [key, one instanceof Uint8Array ? asBuffers(one) : one]));
};

/**
 * Runs a job in its thread, so that other clients are answered meanwhile.
 * @param here the same job, for where there are no threads: under tests and in development it is run in place
 * @throws what the job threw, by its name, message and code
 */
export async function inThread<T extends Thread, J extends keyof Jobs[T] & string>(
  thread: T,
  job: J,
  args: Jobs[T][J] extends Call ? Parameters<Jobs[T][J]> : never,
  here: Jobs[T][J],
): Promise<Jobs[T][J] extends Call ? Awaited<ReturnType<Jobs[T][J]>> : never> {
  type Done = Jobs[T][J] extends Call ? Awaited<ReturnType<Jobs[T][J]>> : never;
  if (!hasThreads()) return (await (here as Call)(...args)) as Done;
  const { worker, waiting } = openThread(thread);
  held.rendleJobs = (held.rendleJobs ?? 0) + 1;
  const id = held.rendleJobs;
  const { value, fault } = await new Promise<Answer>((done) => {
    const timer = setTimeout(() => void worker.terminate(), LONGEST_MS);
    timer.unref();
    waiting.set(id, (answer) => {
      clearTimeout(timer);
      waiting.delete(id);
      done(answer);
    });
    worker.postMessage({ id, job, args });
  });
  if (fault) throw Object.assign(new Error(fault.message), { name: fault.name, ...(fault.code ? { code: fault.code } : {}) });
  return asBuffers(value) as Done;
}
