'use client';

import { useWorker } from '@/ui/worker';
import type { CureFace } from '@/workers/cure';

/** The fan reckoned for another air, in its own worker. */
export const useElsewhere = () =>
  useWorker<CureFace>(() => new Worker(new URL('../../workers/cure.ts', import.meta.url), { type: 'module' }));
