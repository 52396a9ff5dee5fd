'use client';

import { useShopWorker } from '@/web/use-shop-worker';
import type { SolverFace } from '@/workers/solver';

/** The solver in its own worker. */
export const useSolver = () =>
  useShopWorker<SolverFace>(() => new Worker(new URL('../../workers/solver.ts', import.meta.url), { type: 'module' }));
