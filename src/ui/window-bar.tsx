type Props = {
  readonly fromMs: number;
  readonly earliestMs: number;
  readonly idealMs: number;
  readonly latestMs: number | null;
  readonly slackUntilMs: number | null;
  readonly nowMs: number;
};

const clampShare = (share: number): number => Math.min(1, Math.max(0, share));

/**
 * A window in time: a thick bar is the chemistry (earliest to latest), fading out where nothing spoils; a thin mark is the ideal;
 * a hollow bracket is the plan's own slack; the triangle is now.
 */
export function WindowBar({ fromMs, earliestMs, idealMs, latestMs, slackUntilMs, nowMs }: Props) {
  const openEnd = Math.max(idealMs, slackUntilMs ?? 0) + Math.max(15 * 60_000, (idealMs - fromMs) * 0.4);
  const end = Math.max(latestMs ?? openEnd, earliestMs + 60_000);
  const span = Math.max(1, end - fromMs);
  const x = (ms: number): number => Math.round(clampShare((ms - fromMs) / span) * 196 * 10) / 10 + 2;
  const overdue = latestMs !== null && nowMs > latestMs;
  return (
    <svg viewBox="0 0 200 22" className="h-[22px] w-full" preserveAspectRatio="none" aria-hidden="true">
      <line x1={2} x2={x(earliestMs)} y1={13} y2={13} stroke="var(--rule)" strokeWidth={2} strokeDasharray="3 3" />
      <line x1={x(earliestMs)} x2={x(latestMs ?? idealMs)} y1={13} y2={13} stroke={overdue ? 'var(--late)' : 'var(--wet)'} strokeWidth={7} />
      {latestMs === null ? <line x1={x(idealMs)} x2={198} y1={13} y2={13} stroke="var(--wet)" strokeWidth={7} strokeDasharray="2 5" /> : null}
      <line x1={x(idealMs)} x2={x(idealMs)} y1={6} y2={20} stroke="var(--ink)" strokeWidth={2} />
      {slackUntilMs !== null && slackUntilMs > earliestMs ? <path d={`M${x(slackUntilMs) - 4} 20H${x(slackUntilMs)}V15`} fill="none" stroke="var(--soft)" strokeWidth={1.6} /> : null}
      <path d={`M${x(nowMs) - 5} 0h10l-5 8z`} fill={overdue ? 'var(--late)' : 'var(--ink)'} />
    </svg>
  );
}
