'use client';

import type { HandAction } from '@/core/hands';
import { Timing } from '@/trade/hands/timing';
import { useNow } from '@/ui/now';

type Props = {
  readonly action: HandAction;
  readonly nowMs: number;
  readonly zone: string;
};

/** The window of a batch's next action, ticking. */
export function NextTiming({ action, nowMs, zone }: Props) {
  return <Timing action={action} nowMs={useNow(nowMs)} zone={zone} />;
}
