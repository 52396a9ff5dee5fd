'use client';

import type { Remote } from 'comlink';
import { ownNow } from '@/core/material';
import { reads } from '@/core/quantity';
import { useWorker } from '@/ui/worker';
import type { Taught } from '@/workers/serve';

/** A worker of a page, told the shop's units and own ingredients before each question: it has none of its own, and they may have changed. */
export function useShopWorker<Face>(start: () => Worker): () => Remote<Taught<Face>> {
  const ask = useWorker<Taught<Face>>(start);
  return () => {
    const face = ask();
    void (face as Remote<Taught<object>>).learn({ reads: reads(), own: ownNow() });
    return face;
  };
}
