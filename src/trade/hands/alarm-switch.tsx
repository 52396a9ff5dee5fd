'use client';

import { alarmSwitch as wording } from '@/messages/screens/trade';
import { Toggle } from '@/ui/toggle';
import { useAlarmSwitch } from './use-alarms';

/** Whether this device calls out loud when something becomes due. */
export function AlarmSwitch() {
  const { on, turn } = useAlarmSwitch();
  return (
    <Toggle on={on} onTurn={() => void turn()} className="min-h-11 text-left text-sm underline underline-offset-4">
      <span className="max-bench:sr-only">{wording.calls}</span>
      {wording.aloud(on ? wording.on : wording.off)}
    </Toggle>
  );
}
