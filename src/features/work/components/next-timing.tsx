'use client';

import { Timing } from '@/features/today/components/timing';
import type { HandAction } from '@/features/today/strip';
import { useNow } from '@/ui/now';

/** The window of a batch's next action, ticking. */
export function NextTiming({
  action,
  nowMs,
  zone,
}: {
  readonly action: HandAction;
  readonly nowMs: number;
  readonly zone: string;
}) {
  return <Timing action={action} nowMs={useNow(nowMs)} zone={zone} />;
}
