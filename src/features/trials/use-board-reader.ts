'use client';

import { useWorker } from '@/ui/worker';
import type { BoardFace } from '@/workers/board';

/** Reads the fields of a board in a picture, in its own worker. */
export const useBoardReader = () =>
  useWorker<BoardFace>(() => new Worker(new URL('../../workers/board.ts', import.meta.url), { type: 'module' }));
