'use client';

import { useAlarmSwitch } from './use-alarms';

/** Whether this device calls out loud when something becomes due. */
export function AlarmSwitch() {
  const { on, turn } = useAlarmSwitch();
  return (
    <button
      type="button"
      aria-pressed={on}
      className="min-h-11 text-left text-sm underline underline-offset-4"
      onClick={() => void turn()}
    >
      {on ? 'Calls aloud: on' : 'Calls aloud: off'}
    </button>
  );
}
