'use client';

import { type HandAction, pressOf } from '@/core/hands';
import { MS_PER_MINUTE as MIN, sayMinutes } from '@/core/quantity';
import { timing as wording } from '@/messages/screens/trade';
import { clockTime } from '@/ui/when';
import { WindowBar } from '@/ui/window-bar';

/** What the clock says of an action, in few words. */
export function timingWords(action: HandAction, nowMs: number, zone: string): string {
  const at = (ms: number): string => clockTime(ms, zone, nowMs);
  const { earliestMs, latestMs, idealMs, plannedMs, slackUntilMs } = action;
  const standing = pressOf(action, nowMs);
  if (standing === 'at-risk' && latestMs !== null) return wording.atRiskPastIts(sayMinutes((nowMs - latestMs) / MIN));
  if (standing === 'too-early' && earliestMs !== null)
    return wording.inFrom(sayMinutes((earliestMs - nowMs) / MIN), at(earliestMs));
  if (latestMs !== null) return wording.untilLeft(at(latestMs), sayMinutes((latestMs - nowMs) / MIN));
  if (standing === 'later-than-planned' && slackUntilMs !== null) return wording.laterThanPlannedNo(at(slackUntilMs));
  if (plannedMs !== null && plannedMs > nowMs + MIN) return wording.planned(at(plannedMs));
  return idealMs === null ? wording.whenYouAreReady : wording.readySinceNothingSpoils(at(idealMs));
}

/** The clock's words alone; "at risk" and "later than planned" differ in shape, colour and words. */
export function TimingWords({
  action,
  nowMs,
  zone,
}: {
  readonly action: HandAction;
  readonly nowMs: number;
  readonly zone: string;
}) {
  const standing = pressOf(action, nowMs);
  return (
    <span
      className={`reading leading-5 ${standing === 'at-risk' ? 'font-bold text-late' : standing === 'later-than-planned' ? 'text-ink italic' : 'text-soft'}`}
    >
      {standing === 'at-risk' ? '▲ ' : standing === 'later-than-planned' ? '◁ ' : ''}
      {timingWords(action, nowMs, zone)}
    </span>
  );
}

/** The window bar with its words. */
export function Timing({ action, nowMs, zone }: { readonly action: HandAction; readonly nowMs: number; readonly zone: string }) {
  const { fromMs, earliestMs, idealMs, latestMs, slackUntilMs } = action;
  return (
    <div>
      {fromMs !== null && earliestMs !== null && idealMs !== null ? (
        <WindowBar
          fromMs={fromMs}
          earliestMs={earliestMs}
          idealMs={idealMs}
          latestMs={latestMs}
          slackUntilMs={slackUntilMs}
          nowMs={nowMs}
        />
      ) : (
        <div className="h-[22px]" />
      )}
      <p className="text-[0.95rem]">
        <TimingWords action={action} nowMs={nowMs} zone={zone} />
      </p>
    </div>
  );
}
