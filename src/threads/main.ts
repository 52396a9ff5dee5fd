import { parentPort, workerData } from 'node:worker_threads';
import { type Ingredient, knowOwn } from '@/core/material';
import { type Reads, readIn } from '@/core/quantity';
import { JOBS } from './jobs';

type Asked = {
  readonly id: number;
  readonly job: string;
  readonly args: readonly unknown[];
  /** The shop’s ways: a thread has none of its own. */
  readonly ways: { readonly reads: Reads; readonly own: readonly Ingredient[] };
};

/** One thread of the shop: does one kind of job, and answers with what came of it or what went wrong. */
const jobs = JOBS[workerData as keyof typeof JOBS] as Readonly<Record<string, (...args: never[]) => unknown>>;

parentPort?.on('message', async ({ id, job, args, ways }: Asked) => {
  try {
    readIn(ways.reads);
    knowOwn(ways.own);
    const run = Object.hasOwn(jobs, job) ? jobs[job] : undefined;
    if (!run) throw new Error(`no job ${job}`);
    parentPort?.postMessage({ id, value: await run(...(args as never[])) });
  } catch (fault) {
    const { name, message, code } = fault as Error & { readonly code?: string };
    parentPort?.postMessage({ id, fault: { name, message, code } });
  }
});
