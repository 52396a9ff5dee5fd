'use client';

import { useWorker } from '@/ui/worker';
import type { SolverFace } from '@/workers/solver';

/** The solver in its own worker. */
export const useSolver = () =>
  useWorker<SolverFace>(() => new Worker(new URL('../../workers/solver.ts', import.meta.url), { type: 'module' }));
