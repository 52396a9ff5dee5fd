'use client';

import { type Remote, wrap } from 'comlink';
import { useEffect, useRef } from 'react';

/** A worker's face, started when it is first asked for and stopped with the page. `start` names the worker's file where the bundler sees it. */
export function useWorker<Face>(start: () => Worker): () => Remote<Face> {
  const kept = useRef<{ readonly worker: Worker; readonly face: Remote<Face> } | null>(null);
  useEffect(
    () => () => {
      kept.current?.worker.terminate();
      kept.current = null;
    },
    [],
  );
  return () => {
    if (!kept.current) {
      const worker = start();
      kept.current = { worker, face: wrap<Face>(worker) };
    }
    return kept.current.face;
  };
}
