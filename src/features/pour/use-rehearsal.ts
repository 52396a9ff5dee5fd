'use client';

import { useWorker } from '@/ui/worker';
import type { RehearsalFace } from '@/workers/rehearsal';

/** The rehearsal in its own worker. */
export const useRehearsal = () =>
  useWorker<RehearsalFace>(() => new Worker(new URL('../../workers/rehearsal.ts', import.meta.url), { type: 'module' }));
