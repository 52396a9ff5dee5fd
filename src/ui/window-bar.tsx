import { MS_PER_MINUTE } from '@/core/quantity';

type Props = {
  readonly fromMs: number;
  readonly earliestMs: number;
  readonly idealMs: number;
  readonly latestMs: number | null;
  readonly slackUntilMs: number | null;
  readonly nowMs: number;
};

/**
 * A window in time: a thick bar is the chemistry (earliest to latest), broken where nothing spoils; the tall line is the ideal;
 * a small foot is the plan's own slack; the triangle is now.
 */
export function WindowBar({ fromMs, earliestMs, idealMs, latestMs, slackUntilMs, nowMs }: Props) {
  const openEnd = Math.max(idealMs, slackUntilMs ?? 0) + Math.max(15 * MS_PER_MINUTE, (idealMs - fromMs) * 0.4);
  const end = Math.max(latestMs ?? openEnd, earliestMs + MS_PER_MINUTE);
  const x = (ms: number): string =>
    `${Math.round(Math.min(1, Math.max(0, (ms - fromMs) / Math.max(1, end - fromMs))) * 1000) / 10}%`;
  const overdue = latestMs !== null && nowMs > latestMs;
  const colour = overdue ? 'bg-late' : 'bg-wet';
  const solidEnd = latestMs ?? idealMs;
  return (
    <div className="relative mx-1.5 h-[22px]" aria-hidden="true">
      <span className="absolute top-[13px] h-0 border-rule border-t-2 border-dashed" style={{ left: 0, width: x(earliestMs) }} />
      <span
        className={`absolute top-[10px] h-[7px] ${colour}`}
        style={{ left: x(earliestMs), right: `calc(100% - ${x(solidEnd)})` }}
      />
      {latestMs === null ? (
        <span
          className="absolute top-[10px] right-0 h-[7px]"
          style={{ left: x(idealMs), background: 'repeating-linear-gradient(90deg, var(--wet) 0 3px, transparent 3px 8px)' }}
        />
      ) : null}
      <span className="absolute top-1 h-4 w-0.5 bg-ink" style={{ left: x(idealMs) }} />
      {slackUntilMs !== null && slackUntilMs > earliestMs ? (
        <span
          className="absolute top-[17px] h-1.5 w-2 -translate-x-full border-soft border-r-2 border-b-2"
          style={{ left: x(slackUntilMs) }}
        />
      ) : null}
      <span
        className="absolute top-0 -translate-x-1/2 border-x-[6px] border-x-transparent border-t-[9px]"
        style={{ left: x(nowMs), borderTopColor: overdue ? 'var(--late)' : 'var(--ink)' }}
      />
    </div>
  );
}
