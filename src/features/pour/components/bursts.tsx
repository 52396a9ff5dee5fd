'use client';

import { useMemo, useState } from 'react';
import { BURST_S } from '@/core/melt';
import { bursts as wording } from '@/messages/screens/pour';
import { useAlarms } from '@/trade/hands/use-alarms';
import { Button } from '@/ui/button';
import { useNow } from '@/ui/now';

const BURST_OVER = wording.theBurstIsOver;
const NO_ACTIONS: readonly never[] = [];

type BurstsProps = { readonly pourId: number; readonly nowMs: number; readonly busy: boolean; readonly onBurst: () => void };

/** One burst after the other: each ends by its own clock, and is stirred and read before the next. */
export function Bursts({ pourId, nowMs, busy, onBurst }: BurstsProps) {
  const [endsAt, setEndsAt] = useState<number | null>(null);
  const now = useNow(nowMs);
  const leftS = endsAt === null ? null : Math.ceil((endsAt - now) / 1000);
  const isOver = leftS !== null && leftS <= 0;
  const troubles = useMemo(
    () => (isOver ? [{ key: `burst ${pourId} ${endsAt}`, text: BURST_OVER }] : []),
    [isOver, pourId, endsAt],
  );
  useAlarms(NO_ACTIONS, now, troubles);
  return (
    <>
      <Button
        disabled={busy || (leftS !== null && leftS > 0)}
        onClick={() => {
          setEndsAt(now + BURST_S * 1000);
          onBurst();
        }}
      >
        {wording.anotherBurstOfS(BURST_S)}
      </Button>
      {leftS === null ? null : (
        <span role="status" className="reading font-semibold">
          {isOver ? BURST_OVER : `${leftS} s`}
        </span>
      )}
    </>
  );
}
