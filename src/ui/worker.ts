'use client';

import { type Remote, wrap } from 'comlink';
import { useEffect, useRef } from 'react';
import { fail, type Result } from '@/core/quantity';

/** A question that takes longer is given up, and its worker with it. */
const LONGEST_MS = 60_000;

/** Asks a worker something that answers with a result; one that cannot be asked answers with a fault. */
export type AskWorker<Face> = <T>(ask: (face: Remote<Face>) => Promise<Result<T>>) => Promise<Result<T>>;

type Running<Face> = { readonly worker: Worker; readonly face: Remote<Face>; readonly broken: Promise<never> };

function run<Face>(worker: Worker): Running<Face> {
  const broken = new Promise<never>((_, reject) => {
    for (const event of ['error', 'messageerror']) worker.addEventListener(event, () => reject(new Error(event)));
  });
  // Whoever waits hears of it; where nobody does, it is no fault of the page.
  broken.catch(() => undefined);
  return { worker, face: wrap<Face>(worker), broken };
}

/**
 * A worker that is started when it is first asked, and anew after it failed. One that does not load, breaks or never answers gives the
 * fault `no-answer`: nothing waits for ever.
 */
export function workerFor<Face>(start: () => Worker): { readonly ask: AskWorker<Face>; readonly stop: () => void } {
  let running: Running<Face> | null = null;
  const stop = (): void => {
    running?.worker.terminate();
    running = null;
  };
  const ask: AskWorker<Face> = async (question) => {
    let timer: ReturnType<typeof setTimeout> | undefined;
    const late = new Promise<never>((_, reject) => {
      timer = setTimeout(() => reject(new Error('late')), LONGEST_MS);
    });
    try {
      running ??= run<Face>(start());
      return await Promise.race([question(running.face), running.broken, late]);
    } catch {
      stop();
      return fail('no-answer', '');
    } finally {
      clearTimeout(timer);
    }
  };
  return { ask, stop };
}

/** The same for a page: stopped with it. `start` names the worker's file where the bundler sees it. */
export function useWorker<Face>(start: () => Worker): AskWorker<Face> {
  const kept = useRef<ReturnType<typeof workerFor<Face>> | null>(null);
  useEffect(
    () => () => {
      kept.current?.stop();
      kept.current = null;
    },
    [],
  );
  return (question) => {
    kept.current ??= workerFor<Face>(start);
    return kept.current.ask(question);
  };
}
