'use client';

import { useShopWorker } from '@/web/use-shop-worker';
import type { RehearsalFace } from '@/workers/rehearsal';

/** The rehearsal in its own worker. */
export const useRehearsal = () =>
  useShopWorker<RehearsalFace>(() => new Worker(new URL('../../workers/rehearsal.ts', import.meta.url), { type: 'module' }));
