'use client';

import { type Remote, wrap } from 'comlink';
import { useEffect, useRef } from 'react';
import type { RehearsalFace } from '@/workers/rehearsal';

/** The rehearsal in its own worker, started when it is first asked and stopped with the page. */
export function useRehearsal(): () => Remote<RehearsalFace> {
  const kept = useRef<{ readonly worker: Worker; readonly face: Remote<RehearsalFace> } | null>(null);
  useEffect(
    () => () => {
      kept.current?.worker.terminate();
      kept.current = null;
    },
    [],
  );
  return () => {
    if (!kept.current) {
      const worker = new Worker(new URL('../../workers/rehearsal.ts', import.meta.url), { type: 'module' });
      kept.current = { worker, face: wrap<RehearsalFace>(worker) };
    }
    return kept.current.face;
  };
}
