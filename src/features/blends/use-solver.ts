'use client';

import { type Remote, wrap } from 'comlink';
import { useEffect, useRef } from 'react';
import type { SolverFace } from '@/workers/solver';

/** The solver in its own worker, started when it is first asked and stopped with the page. */
export function useSolver(): () => Remote<SolverFace> {
  const kept = useRef<{ readonly worker: Worker; readonly face: Remote<SolverFace> } | null>(null);
  useEffect(
    () => () => {
      kept.current?.worker.terminate();
      kept.current = null;
    },
    [],
  );
  return () => {
    if (!kept.current) {
      const worker = new Worker(new URL('../../workers/solver.ts', import.meta.url), { type: 'module' });
      kept.current = { worker, face: wrap<SolverFace>(worker) };
    }
    return kept.current.face;
  };
}
