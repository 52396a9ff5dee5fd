import { parentPort, workerData } from 'node:worker_threads';
import { JOBS } from './jobs';

type Asked = {
  readonly id: number;
  readonly job: string;
  readonly args: readonly unknown[];
};

/** One thread of the shop: does one kind of job, and answers with what came of it or what went wrong. */
const loading: Promise<Readonly<Record<string, (...args: never[]) => unknown>>> = JOBS[workerData as keyof typeof JOBS]();

parentPort?.on('message', async ({ id, job, args }: Asked) => {
  try {
    const jobs = await loading;
    const run = Object.hasOwn(jobs, job) ? jobs[job] : undefined;
    if (!run) throw new Error(`no job ${job}`);
    parentPort?.postMessage({ id, value: await run(...(args as never[])) });
  } catch (fault) {
    const { name, message, code } = fault as Error & { readonly code?: string };
    parentPort?.postMessage({ id, fault: { name, message, code } });
  }
});
