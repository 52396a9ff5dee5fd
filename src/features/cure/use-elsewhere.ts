'use client';

import { useShopWorker } from '@/web/use-shop-worker';
import type { CureFace } from '@/workers/cure';

/** The fan reckoned for another air, in its own worker. */
export const useElsewhere = () =>
  useShopWorker<CureFace>(() => new Worker(new URL('../../workers/cure.ts', import.meta.url), { type: 'module' }));
