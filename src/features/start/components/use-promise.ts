'use client';

import { useEffect, useState } from 'react';
import type { Offer, ShopNow } from '@/core/batch';
import { type LotChoice, stepsFor } from '@/core/cost';
import { OIL_SHARES, SLOW_WOOD_FACTOR } from '@/core/cure';
import { handsScale } from '@/core/regimen';
import type { Design } from '@/data/catalogue/catalogue';
import { sayIssue } from '@/messages';
import type { RegimenChoice } from '@/trade/use-regimens';
import { useWorker } from '@/ui/worker';
import { reads } from '@/web/here';
import type { PlannerFace } from '@/workers/planner';

/** What a promise is asked for; it is not asked while any of it is still open. */
type Wish = {
  readonly regimen: RegimenChoice | undefined;
  readonly shape: Design | undefined;
  readonly count: number | null;
  readonly lots: Readonly<Record<string, LotChoice | undefined>>;
  readonly beyond: boolean;
  readonly slowsCure: boolean;
  readonly startMs: number | null;
  readonly dueMs: number | null;
  /** What meets no food waits until it may be handled, not for the cure for food. */
  readonly meetsFood: boolean;
};
export type PromiseState = { readonly offer: Offer | null; readonly fault: string };

/** What the shop can honestly promise, reckoned off the page's own thread; asked anew when what is wished changes, an older answer is dropped. */
export function usePromise(shop: ShopNow, wish: Wish): PromiseState | null {
  const planner = useWorker<PlannerFace>(() => new Worker(new URL('@/workers/planner.ts', import.meta.url), { type: 'module' }));
  const [promised, setPromised] = useState<PromiseState | null>(null);
  const { regimen: of, shape: drawn, lots: from, ...plain } = wish;
  const wished = JSON.stringify([
    of?.revisionId,
    drawn?.geometry,
    drawn?.area,
    Object.entries(from).map(([slot, lot]) => [slot, lot?.id]),
    plain,
  ]);
  // biome-ignore lint/correctness/useExhaustiveDependencies: the promise follows what was wished alone; all else stands still for the page
  useEffect(() => {
    let stale = false;
    const { regimen, shape, count, lots, beyond, slowsCure, startMs, dueMs, meetsFood } = wish;
    if (!regimen || !shape || !count || startMs === null) return setPromised(null);
    const chosen = Object.values(lots).filter((lot) => lot !== undefined);
    const slowest = [...chosen].sort((a, b) => (b.a0Hours ?? 0) - (a.a0Hours ?? 0))[0];
    const mode = slowest?.mode ?? 'settle';
    void planner((face) =>
      face.offer(shop, {
        steps: stepsFor(regimen, lots),
        geometry: shape.geometry,
        scale: handsScale(shape.area),
        beyond,
        pieces: count,
        dwells: Object.fromEntries(Object.entries(lots).flatMap(([slot, lot]) => (lot ? [[slot, lot.bound] as const] : []))),
        a0Hours:
          (slowest?.a0Hours ?? 0) *
          (meetsFood ? 1 : OIL_SHARES.handle) *
          (slowsCure && mode === 'oxidise' ? SLOW_WOOD_FACTOR : 1),
        mode,
        vapour: chosen.some((lot) => lot.bound.vapour),
        startMs,
        dueMs,
      }),
    ).then((made) => {
      if (!stale)
        setPromised({
          offer: made.ok ? made.value : null,
          fault: made.ok ? '' : made.issues.map((one) => sayIssue(one, reads())).join(' '),
        });
    });
    return () => {
      stale = true;
    };
  }, [wished]);
  return promised;
}
