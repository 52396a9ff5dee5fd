'use client';

import { useShopWorker } from '@/web/use-shop-worker';
import type { BoardFace } from '@/workers/board';

/** Reads the fields of a board in a picture, in its own worker. */
export const useBoardReader = () =>
  useShopWorker<BoardFace>(() => new Worker(new URL('../../workers/board.ts', import.meta.url), { type: 'module' }));
